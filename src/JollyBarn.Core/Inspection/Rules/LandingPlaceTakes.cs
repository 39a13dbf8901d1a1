using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A landing place takes so many conductors, of these gauges, solid or stranded.</summary>
/// <remarks>NEC 110.14(A); push-in holes take 14 AWG solid copper only, by their listing.</remarks>
public sealed class LandingPlaceTakes() : BoxRule("landing")
{
    public enum Case
    {
        TooMany,
        WrongGauge,
        OnlyOneGauge,
        SolidOnly,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, device) in look.Box.Devices)
        {
            foreach (var group in look.On(id).GroupBy(e => e.At.Place ?? ""))
            {
                if (DeviceKinds.Spot(device.Kind, group.Key) is not var (_, place))
                {
                    continue;
                }

                var where = new Thing(ThingKind.Place, group.Key, id);
                // A device with its own enclosure is listed for one cable in and one on at each of its terminals.
                var most = look.Kind?.Shape == BoxShape.OwnEnclosure ? Math.Max(2, place.Holds) : place.Holds;
                if (group.Count() > most)
                {
                    yield return Fix(group.First().Id, Case.TooMany, ("count", group.Count()), ("where", where), ("most", most))
                        .Pointing([id, .. group.Select(g => g.Id)]);
                }

                foreach (var end in group)
                {
                    if (end.Gauge is { } gauge && (gauge.ThickerThan(place.Thickest) || place.Thinnest.ThickerThan(gauge)))
                    {
                        yield return Fix(
                                end.Id,
                                place.Thinnest == place.Thickest ? Case.OnlyOneGauge : Case.WrongGauge,
                                ("lead", Thing.Lead(end.Id)),
                                ("gauge", gauge),
                                ("where", where),
                                ("thinnest", place.Thinnest),
                                ("thickest", place.Thickest)
                            )
                            .Pointing(end.Id, id);
                    }

                    if (end.Stranded && place.SolidOnly)
                    {
                        yield return Fix(end.Id, Case.SolidOnly, ("lead", Thing.Lead(end.Id)), ("where", where)).Pointing(end.Id, id);
                    }
                }
            }
        }
    }
}
