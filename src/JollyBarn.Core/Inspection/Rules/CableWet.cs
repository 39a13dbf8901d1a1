using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>NM cable is never in a damp or wet place.</summary>
/// <remarks>NEC 334.12(B)(4), 300.9; not in raceway outdoors either.</remarks>
public sealed class CableWet() : BoxRule("cable-wet", "Cable in the wet", "The paper in it draws water to the box.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => c.Run.Type is CableType.NmB))
        {
            yield return look.Wetness switch
            {
                null => AskOf(cable.Id, $"Is the place of {BoxLook.CableName(cable)} dry?", "334.12(B)(4)", [new(Subjects.Box, "wetness")], [.. cable.Leads]),
                "wet" => Fix(cable.Id, $"NM cable in a wet place: {BoxLook.CableName(cable)}.", "334.12(B)(4), 300.9", [.. cable.Leads]),
                "damp" when look.Use is "outdoors" => Fix(cable.Id, $"NM cable in a damp place outdoors: {BoxLook.CableName(cable)}.", "334.12(B)(4)", [.. cable.Leads]),
                _ => Fine(cable.Id, "The cable suits the place.", "334.12(B)(4)"),
            };
        }
    }
}
