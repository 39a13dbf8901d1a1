using JollyBarn.Inspection;
using JollyBarn.Wiring;

namespace JollyBarn.Walls;

/// <summary>A cable the saw may come to, and what is known of it being dead.</summary>
/// <param name="Breakers">What feeds it as recorded; empty where the record does not reach.</param>
/// <param name="ProvedAt">A box it goes to that is proved dead by this person now; null where none is.</param>
public sealed record LiveInReach(Id<Run> Run, IReadOnlyList<Breaker> Breakers, Id<Box>? ProvedAt)
{
    /// <summary>Every cable a cut comes near, and those of the boxes it comes near.</summary>
    /// <param name="by">Whose proofs count.</param>
    /// <param name="now">ISO 8601.</param>
    public static IReadOnlyList<LiveInReach> Of(CutLook cut, Job job, string by, string now)
    {
        ArgumentNullException.ThrowIfNull(cut);
        ArgumentNullException.ThrowIfNull(job);
        var near = cut.Notes.Select(n => n.Run).OfType<Id<Run>>();
        var boxes = cut.Notes.Select(n => n.Box).OfType<Id<Box>>().Append(cut.Box.Id).ToHashSet();
        var theirs = job.Runs.Where(r => Ends(r.Value).Any(boxes.Contains)).Select(r => r.Key);
        return
        [
            .. near.Concat(theirs)
                .Distinct()
                .Where(job.Runs.Has)
                .Select(id => new LiveInReach(id, Feeding(job, id), Ends(job.Runs[id]).FirstOrNull(b => Proved(job, b, by, now)))),
        ];
    }

    private static IEnumerable<Id<Box>> Ends(Run run) => new[] { run.A.Box, run.B.Box }.OfType<Id<Box>>();

    private static bool Proved(Job job, Id<Box> box, string by, string now) =>
        Proofs.Judge(job, box, by, now).Standing == ProofStanding.Proved;

    private static IReadOnlyList<Breaker> Feeding(Job job, Id<Run> id) =>
        [
            .. Ends(job.Runs[id])
                .Where(job.Boxes.Has)
                .Select(b => new BoxLook(job, b, job.Boxes[b]))
                .SelectMany(look =>
                    look.BreakersOf(look.Box.Leads.Where(l => l.Value.Run == id).Select(l => look.Wires.Lead(look.Box, l.Key)))
                )
                .Distinct(),
        ];
}
