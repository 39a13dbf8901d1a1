using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>The sheath reaches into the box, past any clamp.</summary>
/// <remarks>NEC 314.17(B)(2), (C).</remarks>
public sealed class SheathInside() : BoxRule("sheath", "Sheath inside", "A clamp on bare conductors cuts them.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => c.Run.Type is CableType.NmB or CableType.UfB or CableType.OldTwoWire or CableType.Unknown))
        {
            yield return look.Tape(cable.Id, "sheath") is { } sheath
                ? AtLeast(look, cable.Id, sheath, "cable.sheath", $"Sheath inside, {BoxLook.CableName(cable)}") with { Ids = cable.Leads }
                : AskOf(cable.Id, $"How much sheath of {BoxLook.CableName(cable)} is inside?", look.Limits["cable.sheath"].Article, [new(cable.Id, "sheath")], [.. cable.Leads]);
        }
    }
}
