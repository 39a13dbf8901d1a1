using JollyBarn.Inspection.Judging;
using JollyBarn.Planning.Remedies;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>What the work of a way makes due in a box it touches: a hole that a cable left is plugged, metal put in is bonded.</summary>
internal static class Due
{
    private static readonly HashSet<string> Rules = new(["entry-open", "box-bonded"], StringComparer.Ordinal);

    /// <summary>Does it; what cannot be done is left for the judge to reject.</summary>
    public static void Mend(Building building, Job before, IEnumerable<Id<Box>> boxes)
    {
        foreach (var id in boxes.Where(b => before.Boxes.Has(b) && building.Now.Boxes.Has(b)))
        {
            var was = Inspector.Judge(before, id, before.Boxes[id]);
            foreach (
                var due in Brought.By(was, Inspector.Judge(building.Now, id, building.Now.Boxes[id])).Where(f => Rules.Contains(f.Rule))
            )
            {
                if (RemedyList.Of(building.Now, id, due).FirstOrDefault(r => !RemedyList.ByHand(r.Edit)) is { } remedy)
                {
                    building.Do(remedy.Edit);
                }
            }
        }
    }
}
