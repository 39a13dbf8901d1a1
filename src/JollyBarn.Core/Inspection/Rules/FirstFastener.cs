using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A cable held at the box is fastened within 12 in of it.</summary>
/// <remarks>NEC 334.30; 340.10 for UF. Not for fished cable, 334.30(B)(1).</remarks>
public sealed class FirstFastener() : BoxRule("fastener", "First fastener", "The first thing a tug reaches should be a fastener, not a joint.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => c.Run.Type is CableType.NmB or CableType.UfB or CableType.Unknown && c.Entry?.Holding is Holding.InternalClamp or Holding.OutsideConnector))
        {
            var name = BoxLook.CableName(cable);
            if (look.Fished(cable.Id) == true)
            {
                yield return Fine(cable.Id, $"Fished between access points: {name}.", "334.30(B)(1)", [.. cable.Leads]);
                continue;
            }

            if (look.Tape(cable.Id, "fastener") is not { } at)
            {
                yield return AskOf(cable.Id, $"How far along is the first fastener of {name}?", look.Limits["cable.fastener"].Article, [new(cable.Id, "fastener")], [.. cable.Leads]);
                continue;
            }

            var strict = look.Box.Material == BoxMaterial.Metal ? "cable.fastener.house.metal" : "cable.fastener.house.plastic";
            yield return look.Practice.Says(PracticeBook.Fastener, "stricter") && at > look.Limits.Inches(strict) && at <= look.Limits.Inches("cable.fastener")
                ? AtMost(look, cable.Id, at, strict, $"First fastener, {name}", Verdict.Better) with { Ids = cable.Leads, Practice = PracticeBook.Fastener.Key }
                : AtMost(look, cable.Id, at, "cable.fastener", $"First fastener, {name}") with { Ids = cable.Leads };
        }
    }
}
