using JollyBarn.CodeBook;

namespace JollyBarn.Inspection.Rules;

/// <summary>A landing place takes so many conductors, of these gauges, solid or stranded.</summary>
/// <remarks>NEC 110.14(A); push-in holes take 14 AWG solid copper only, by their listing.</remarks>
public sealed class LandingPlaceTakes() : BoxRule("landing", "Landing place", "A screw made for one holds neither of two.")
{
    private const string Article = "110.14(A)";

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, device) in look.Box.Devices)
        {
            foreach (var group in look.On(id).GroupBy(e => e.At.Place ?? ""))
            {
                if (DeviceKinds.Spot(device.Kind, group.Key) is not var (terminal, place))
                {
                    continue;
                }

                var where = $"{terminal.Name} of the {look.DeviceName(id)}, {place.Name}";
                if (group.Count() > place.Holds)
                {
                    yield return Fix(group.First().Id, $"{group.Count()} conductors on {where}; it is identified for {place.Holds}. Join them and land a pigtail.", Article, [id, .. group.Select(g => g.Id)]) with { Sum = $"{group.Count()} there, {place.Holds} at most" };
                }

                foreach (var end in group)
                {
                    if (end.Gauge is { } gauge && (gauge.ThickerThan(place.Thickest) || place.Thinnest.ThickerThan(gauge)))
                    {
                        var takes = place.Thinnest == place.Thickest ? $"{place.Thinnest} AWG" : $"{place.Thinnest} to {place.Thickest} AWG";
                        yield return Fix(end.Id, $"{Sentence.Start(look.Called(end.Id))} is {gauge} AWG; {where}, takes {takes}.", Article, end.Id, id);
                    }

                    if (end.Stranded && place.SolidOnly)
                    {
                        yield return Fix(end.Id, $"{Sentence.Start(look.Called(end.Id))} is stranded; {where}, takes solid only.", Article, end.Id, id);
                    }
                }
            }
        }
    }
}
