using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>The sheath reaches into the box, past any clamp.</summary>
/// <remarks>NEC 314.17(B)(2), (C).</remarks>
public sealed class SheathInside() : BoxRule("sheath")
{
    public enum Case
    {
        Ask,
    }

    public override bool OfBoxes => true;

    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from cable in look.Cables
        where cable.Run.Type is CableType.NmB or CableType.UfB or CableType.OldTwoWire or CableType.Unknown
        select (
            look.Read(CableFacts.Sheath, cable.Id) is { } sheath
                ? AtLeast(look, cable.Id, sheath, "cable.sheath", details: [("cable", cable.Thing)])
                : Ask(cable.Id, Case.Ask, [CableFacts.Sheath], ("cable", cable.Thing)).By("cable.sheath")
        ).Pointing(cable.Leads);
}
