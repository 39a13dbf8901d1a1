using JollyBarn.Edits;
using JollyBarn.Planning.Ways;
using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>Which planned edits of a Change are brought about by what was recorded as done, whatever steps it was done in.</summary>
public static class Carried
{
    /// <summary>Ids of planned edits that nothing is left to do of.</summary>
    public static IReadOnlyList<string> Of(Job job, string change)
    {
        ArgumentNullException.ThrowIfNull(job);
        if (job.Changes.Find(change) is not { Closed: null, Done.Count: > 0 })
        {
            return [];
        }

        var doing = Doing.Of(job, change);
        var same = new Dictionary<string, bool>(StringComparer.Ordinal);
        bool Same(string thing) => same.TryGetValue(thing, out var known) ? known : same[thing] = Alike(doing, thing);
        return
        [
            .. ChangeWork.Steps(job, change).Where(s => !s.Through && Things(s) is { Count: > 0 } all && all.All(Same)).Select(s => s.Id),
        ];
    }

    /// <summary>What of the job an edit changes, by collection and id.</summary>
    private static HashSet<string> Things(PlannedStep step) =>
        step.Refusal is not null
            ? [.. PutIn.Flat(step.Edit).SelectMany(e => e.OfBoxes).Select(b => $"boxes/{b}")]
            : [.. Cells.Between(step.Before, step.Edit.Apply(step.Before)).Select(c => string.Join('/', c.Path.Split('/').Take(2)))];

    private static bool Alike(Doing doing, string thing) =>
        thing.Split('/') is ["boxes", var box]
            ? doing.LeftOf(doing.Left, box).Count == 0 && Noted(doing, box)
            : System.Text.Json.Nodes.JsonNode.DeepEquals(Cells.At(doing.Left, thing), Cells.At(doing.Planned, thing));

    /// <summary>True where every answer that is planned is given.</summary>
    private static bool Noted(Doing doing, Id<Box> id) =>
        doing.Left.Boxes.Find(id) is { } box
        && Goal.Of(doing, id)!.Noted.All(of => of.Value.Facts.All(f => box.Fact(of.Key, f.Key) == f.Value));
}
