using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A cable held at the box is fastened within 12 in of it.</summary>
/// <remarks>NEC 334.30; 340.10 for UF; 320.30 for AC, 330.30 for MC. Small plastic boxes without clamps have a limit of their own. Not for
/// fished cable, 334.30(B)(1).</remarks>
public sealed class FirstFastener() : BoxRule("fastener")
{
    public enum Case
    {
        Fished,
        Ask,
    }

    public override bool OfBoxes => true;

    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from cable in look.Cables
        where
            cable.Run.Type is CableType.NmB or CableType.UfB or CableType.Ac or CableType.Mc or CableType.Unknown
            && (
                cable.Entry?.Holding is Holding.InternalClamp or Holding.OutsideConnector
                || (cable.Entry?.Holding is Holding.Flap && !CableHeld.Excepted(look))
            )
        select Judge(look, cable).Pointing(cable.Leads);

    private Finding Judge(BoxLook look, CableHere cable)
    {
        var limit = cable.Run.Type switch
        {
            CableType.Ac => "cable.fastener.ac",
            CableType.Mc => "cable.fastener.mc",
            _ => "cable.fastener",
        };
        var strict = look.Box.Material == BoxMaterial.Metal ? "cable.fastener.house.metal" : "cable.fastener.house.plastic";
        var stricter = look.Practice.Says(PracticeBook.Fastener, "stricter");
        return look.Read(CableFacts.Fastener, cable.Id) switch
        {
            _ when look.Fished(cable.Id) == true => Fine(cable.Id, Case.Fished, ("cable", cable.Thing)),
            null => Ask(cable.Id, Case.Ask, [CableFacts.Fastener], ("cable", cable.Thing)).By(limit),
            { } at when stricter && at > look.Limits.Inches(strict) && at <= look.Limits.Inches(limit) => AtMost(
                    look,
                    cable.Id,
                    at,
                    strict,
                    Verdict.Better,
                    ("cable", cable.Thing)
                )
                .By(PracticeBook.Fastener),
            { } at => AtMost(look, cable.Id, at, limit, details: [("cable", cable.Thing)]),
        };
    }
}
