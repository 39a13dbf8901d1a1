using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A buried cable lies deep enough.</summary>
/// <remarks>NEC Table 300.5 (300.5(A) in 2023): 24 in; 12 in for 120 V and 20 A at most with GFCI ahead of the buried part; raceway 18
/// in.</remarks>
public sealed class Buried() : BoxRule("buried")
{
    public enum Case
    {
        AskCover,
        AskGfci,
    }

    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from cable in look.Cables
        where cable.Run.Type is CableType.UfB or CableType.Raceway
        let depth = look.Read(CableFacts.Buried, cable.Id)
        where depth is not null
        select Judge(look, cable, depth.Value).Pointing(cable.Leads);

    private Finding Judge(BoxLook look, CableHere cable, Length depth)
    {
        var over = look.Read(CableFacts.Over, cable.Id);
        var plain = over switch
        {
            BuriedUnder.Concrete => "buried.concrete",
            BuriedUnder.Drive => "buried.drive",
            BuriedUnder.Road => "buried.road",
            _ => cable.Run.Type == CableType.Raceway ? "buried.raceway" : "buried.cable",
        };
        var breaker = look.BreakerOf(cable.Run.Circuit);
        var ahead =
            cable.End.Feeds == Feeds.Protected || breaker?.Kind is BreakerKind.Gfci or BreakerKind.DualFunction
                ? true
                : look.Read(WallFacts.GfciAhead);
        var mayBeLess =
            cable.Run.Type == CableType.UfB && over is null or BuriedUnder.Soil or BuriedUnder.Drive && breaker?.Amperes is null or <= 20;
        var enoughBehind = depth >= look.Limits.Inches("buried.gfci");
        return cable.Id switch
        {
            var of when over is null && depth < look.Limits.Inches("buried.cable") => Ask(
                    of,
                    Case.AskCover,
                    [CableFacts.Over],
                    ("at", depth),
                    ("cable", cable.Thing)
                )
                .By("buried.cable"),
            var of when depth >= look.Limits.Inches(plain) || !mayBeLess => AtLeast(
                look,
                of,
                depth,
                plain,
                details: [("cable", cable.Thing)]
            ),
            var of when ahead is null && enoughBehind => AskOf(of, Case.AskGfci, [new(Subjects.Box, WallFacts.GfciAhead)], ("at", depth))
                .By("buried.gfci"),
            var of => AtLeast(
                look,
                of,
                depth,
                ahead == true || (ahead is null && !enoughBehind) ? "buried.gfci" : plain,
                details: [("cable", cable.Thing)]
            ),
        };
    }
}
