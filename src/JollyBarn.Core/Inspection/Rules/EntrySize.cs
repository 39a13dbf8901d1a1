using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A connector is large enough for its cable.</summary>
/// <remarks>NEC 300.15, 110.3(B). What a connector of a nominal size takes is on its package; no 1/2 in one takes a cable of two conductors
/// or more thicker than 10 AWG: <em>practice</em>, from memory of what packages list.</remarks>
public sealed class EntrySize() : BoxRule("entry-size")
{
    public enum Case
    {
        Ask,
        TooSmall,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => c.Entry?.Holding == Holding.OutsideConnector && c.Run.Type is not CableType.Raceway))
        {
            if (Thick(look, cable.Run) is not { } gauge)
            {
                continue;
            }

            var least = Least(look);
            (string, object?)[] details = [("cable", cable.Thing), ("gauge", gauge), ("least", least)];
            if (cable.Entry!.Size is not { } size || !Length.TryParse(size, out var there))
            {
                yield return AskOf(cable.Id, Case.Ask, [], details).Pointing(cable.Leads);
            }
            else if (there < least)
            {
                yield return Fix(cable.Id, Case.TooSmall, [.. details, ("size", there)]).By("entry.size").Pointing(cable.Leads);
            }
        }
    }

    /// <summary>Nominal size of connector that the thick cables start at.</summary>
    internal static Length Least(BoxLook look) => look.Limits.Inches("entry.size");

    private static Gauge? Thick(BoxLook look, Run run)
    {
        var thickest = run.Conductors.Select(c => c.Gauge ?? run.Gauge).Max();
        return run.Conductors.Count > 1 && thickest?.ThickerThan(Gauge.Awg((int)look.Limits.Number("entry.size.gauge"))) == true
            ? thickest
            : null;
    }
}
