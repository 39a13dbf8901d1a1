using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A cable on a load side is tagged.</summary>
/// <remarks>Practice.</remarks>
public sealed class ProtectedTagged() : BoxRule("tagged", "Tagged", "Nobody can tell line from load in a year.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => Continuity.Protected(look.Box).Contains(c.RunId)))
        {
            var name = Sentence.Start(BoxLook.CableName(cable));
            yield return look.YesNo(cable.Id, "tagged") switch
            {
                true => Fine(cable.Id, $"{name} is protected here and tagged so.", "practice"),
                false => Better(cable.Id, $"{name} is protected here and not tagged.", "practice", [.. cable.Leads]),
                null => Ask(cable.Id, $"{name} is protected here: is it tagged so?", "practice", "tagged"),
            };
        }
    }
}
