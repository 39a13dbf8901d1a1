namespace JollyBarn.Inspection.Rules;

/// <summary>One fastener is not driven over the cable of another, nor cables stacked deep.</summary>
/// <remarks>Practice.</remarks>
public sealed class Stacked() : BoxRule("stacked", "Fasteners stacked", "The staple on top presses through the one below.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => look.YesNo(c.Id, "stacked") is not null))
        {
            yield return YesNo(look, cable.Id, "stacked", false, $"Fasteners are stacked over {BoxLook.CableName(cable)}.", "practice", Verdict.Better) with { Ids = cable.Leads };
        }
    }
}
