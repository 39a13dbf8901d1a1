using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A cable on a load side is tagged.</summary>
/// <remarks>Practice.</remarks>
public sealed class ProtectedTagged() : BoxRule("tagged", "Tagged", "Nobody can tell line from load in a year.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => Continuity.Protected(look.Box).Contains(c.RunId) && look.YesNo(c.Id, "tagged") is not true))
        {
            yield return Better(cable.Id, $"{Sentence.Start(BoxLook.CableName(cable))} is protected here and not tagged.", "practice", [.. cable.Leads]);
        }
    }
}
