using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Planning;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>A place a picked end may go, with everything that would follow, in words.</summary>
/// <param name="Key">Stable name of the place: <c>joint:hots</c>, <c>at:d1:line-hot/plate</c>, <c>new</c>, <c>screw</c>, <c>cap</c>,
/// <c>loose</c>.</param>
/// <param name="Says">What the place is called.</param>
/// <param name="Edit">The edit that does it; null when it is refused.</param>
/// <param name="Follows">What changes for cables: cut off from the feed or joined to it, protected or no longer. Nothing is called dead:
/// only a proof says that.</param>
public sealed record ToldMove(
    string Key,
    string Says,
    bool Here,
    ToldRefusal? Refusal,
    Edit? Edit,
    Fit Fit,
    VolumeSpan Needed,
    VolumeSpan Left,
    IReadOnlyList<string> Follows,
    IReadOnlyList<ToldFinding> New,
    IReadOnlyList<ToldFinding> Settled
);

/// <summary>Turns the places a picked end may go into words.</summary>
public static class MoveTeller
{
    public static IReadOnlyList<ToldMove> Tell(Job job, Id<Box> boxId, IReadOnlyList<Move> moves)
    {
        if (!job.Boxes.TryFind(boxId, out var box))
        {
            return [];
        }

        var (names, before) = (new Names(job, boxId), new Teller(job, boxId));
        if (job.Exercise is { Shown: false })
        {
            // Nothing is judged before it is graded: where it may go is told, and not whether that is right.
            moves = [.. moves.Select(m => m with { Follows = [], New = [], Settled = [] })];
        }

        return [.. moves.Select(m => Tell(m, names, box, before, m.Edit is null ? before : new Teller(m.Edit.Apply(job), boxId)))];
    }

    private static ToldMove Tell(Move move, Names names, Box box, Teller before, Teller after) =>
        new(
            move.Key,
            move.To is null ? "a new joint" : Names.Spot(box, move.To),
            move.Here,
            move.Refusal?.Tell(),
            move.Edit,
            move.Fit,
            move.Needed,
            move.Left,
            [.. move.Follows.Select(f => Says(names.Of(f.Thing), f.What))],
            after.Tell(move.New),
            before.Tell(move.Settled)
        );

    private static string Says(string thing, Following what) =>
        what switch
        {
            Following.CutOff => $"{thing} is cut off from the feed",
            Following.CutOffHotLive => $"{thing} is cut off from the feed; its hot stays live",
            Following.JoinedToFeed => $"{thing} is joined to the feed",
            Following.Protected => $"{thing} is protected",
            _ => $"{thing} is no longer protected",
        };
}
