using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A buried cable lies deep enough.</summary>
/// <remarks>NEC Table 300.5 (300.5(A) in 2023): 24 in; 12 in for 120 V and 20 A at most with GFCI ahead of the buried part; raceway 18 in.</remarks>
public sealed class Buried() : BoxRule("buried", "Burial depth", "The next spade finds it.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => c.Run.Type is CableType.UfB or CableType.Raceway))
        {
            if (look.Tape(cable.Id, "buried") is not { } depth)
            {
                continue;
            }

            var name = $"Top of {BoxLook.CableName(cable)} under ground";
            var cover = look.Answer(cable.Id, "cover");
            var plain = cover switch { "concrete" => "buried.concrete", "drive" => "buried.drive", "road" => "buried.road", _ => cable.Run.Type == CableType.Raceway ? "buried.raceway" : "buried.cable" };
            var protectedAhead = cable.End.Feeds == Feeds.Protected ? true : look.BreakerOf(cable.Run.Circuit)?.Kind is BreakerKind.Gfci or BreakerKind.DualFunction ? true : look.YesNo(Subjects.Box, "gfci-ahead");
            var mayBeLess = cable.Run.Type == CableType.UfB && cover is null or "soil" or "drive" && look.BreakerOf(cable.Run.Circuit)?.Amperes is null or <= 20;
            if (cover is null && depth < look.Limits.Inches("buried.cable"))
            {
                yield return AskOf(cable.Id, $"{depth} deep: what lies over {BoxLook.CableName(cable)}?", look.Limits["buried.cable"].Article, [new(cable.Id, "cover")], [.. cable.Leads]);
            }
            else if (depth >= look.Limits.Inches(plain) || !mayBeLess)
            {
                yield return AtLeast(look, cable.Id, depth, plain, name) with { Ids = cable.Leads };
            }
            else if (protectedAhead is null && depth >= look.Limits.Inches("buried.gfci"))
            {
                yield return AskOf(cable.Id, $"{depth} deep is enough only with a GFCI ahead of the buried part. Is there one?", look.Limits["buried.gfci"].Article, [new(Subjects.Box, "gfci-ahead")], [.. cable.Leads]);
            }
            else
            {
                yield return AtLeast(look, cable.Id, depth, protectedAhead == true || depth < look.Limits.Inches("buried.gfci") && protectedAhead is null ? "buried.gfci" : plain, name) with { Ids = cable.Leads };
            }
        }
    }
}
