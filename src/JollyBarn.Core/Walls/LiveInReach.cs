using JollyBarn.Inspection;
using JollyBarn.Wiring;

namespace JollyBarn.Walls;

/// <summary>A cable the saw may come to, and what is known of it being dead.</summary>
/// <param name="Run">The run it is of; null for one somebody saw and nobody followed.</param>
/// <param name="Thing">That one, on the wall.</param>
/// <param name="Breakers">What feeds it as recorded; empty where the record does not reach.</param>
/// <param name="ProvedAt">A box it goes to that is proved dead by this person now; null where none is.</param>
public sealed record LiveInReach(Id<Run>? Run, string? Thing, IReadOnlyList<Breaker> Breakers, Id<Box>? ProvedAt)
{
    /// <summary>Every cable a cut comes near, and those of the boxes it comes near.</summary>
    /// <remarks>A proof holds for a cable that is whole: of one that is cut through, the other piece may be live.</remarks>
    /// <param name="by">Whose proofs count.</param>
    /// <param name="now">ISO 8601.</param>
    public static IReadOnlyList<LiveInReach> Of(CutLook cut, Job job, string by, string now)
    {
        ArgumentNullException.ThrowIfNull(cut);
        ArgumentNullException.ThrowIfNull(job);
        var near = cut.Notes.Select(n => n.Run).OfType<Id<Run>>();
        var boxes = cut.Notes.Select(n => n.Box).OfType<Id<Box>>().Append(cut.Box.Id).ToHashSet();
        var theirs = job.Runs.Where(r => r.Value.Boxes.Any(boxes.Contains)).Select(r => r.Key);
        return
        [
            .. near.Concat(theirs)
                .Distinct()
                .Where(job.Runs.Has)
                .Select(id => new LiveInReach(id, null, Feeding(job, id), ProvedOf(job, job.Runs[id], by, now))),
            .. cut
                .Notes.Where(n => n is { Case: CutCase.Cable or CutCase.Lost, Run: null, Thing: { } thing } && IsCable(job, cut, thing))
                .Select(n => new LiveInReach(null, n.Thing, [], null)),
        ];
    }

    private static bool IsCable(Job job, CutLook cut, string thing) =>
        job.Walls.Find(cut.Box.Box.Wall)?.Things.Find(thing)?.Kind == WallThingKind.Cable;

    private static Id<Box>? ProvedOf(Job job, Run run, string by, string now) =>
        run.IsCut ? null : run.Boxes.FirstOrNull(b => Proofs.Judge(job, b, by, now).Standing == ProofStanding.Proved);

    private static IReadOnlyList<Breaker> Feeding(Job job, Id<Run> id) =>
        [
            .. job.Runs[id]
                .Boxes.Where(job.Boxes.Has)
                .Select(b => new BoxLook(job, b, job.Boxes[b]))
                .SelectMany(look =>
                    look.BreakersOf(look.Box.Leads.Where(l => l.Value.Run == id).Select(l => look.Wires.Lead(look.Box, l.Key)))
                )
                .Distinct(),
        ];
}
