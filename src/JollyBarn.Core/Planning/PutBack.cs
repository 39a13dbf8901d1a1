using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Planning;

/// <summary>Whether a box was put back as it was found, and the edits that put it back.</summary>
public static class PutBack
{
    /// <summary>Leads that do not lie where they lay.</summary>
    public static IReadOnlyList<Difference> Missing(Job found, Job now, Id<Box> box) =>
        [.. BoxDifference.Between(found, now, box).Where(d => d.NotBack)];

    /// <summary>Moves every lead back whose old place is still there; null when there is none to move.</summary>
    public static Batch? Edit(Job found, Job now, Id<Box> boxId)
    {
        if (found.Boxes.Find(boxId) is not { } was || now.Boxes.Find(boxId) is not { } box)
        {
            return null;
        }

        var moves = Missing(found, now, boxId)
            .SelectMany(d => d.Ids)
            .Where(id => was.Leads.Has(id) && box.Leads.Has(id))
            .Select(id => new MoveLead(boxId, id, was.Leads[id].Lands))
            .Where(m => m.Check(now) is null)
            .ToList<Edits.Edit>();
        return moves.Count == 0 ? null : new(moves, For: BatchFor.PutBack);
    }
}
