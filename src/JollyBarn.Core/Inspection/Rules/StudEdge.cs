namespace JollyBarn.Inspection.Rules;

/// <summary>A cable in or along a stud is 1 1/4 in from its face, or plated.</summary>
/// <remarks>NEC 300.4(A), (D): a 1/16 in plate; notches always plated.</remarks>
public sealed class StudEdge() : BoxRule("edge", "Nails can reach it", "The next picture hook goes straight in.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables)
        {
            if (look.Tape(cable.Id, "edge") is not { } edge)
            {
                continue;
            }

            var name = BoxLook.CableName(cable);
            yield return edge >= look.Limits.Inches("cable.edge") || look.YesNo(cable.Id, "plated") == true ? Fine(cable.Id, $"{edge} from the face of the stud{(edge < look.Limits.Inches("cable.edge") ? ", plated" : "")}: {name}.", look.Limits["cable.edge"].Article, [.. cable.Leads])
                : look.YesNo(cable.Id, "plated") is null ? AskOf(cable.Id, $"{edge} from the face of the stud: is {name} plated?", look.Limits["cable.edge"].Article, [new(cable.Id, "plated")], [.. cable.Leads])
                : AtLeast(look, cable.Id, edge, "cable.edge", $"To the face of the stud and no plate, {name}") with { Ids = cable.Leads };
        }
    }
}
