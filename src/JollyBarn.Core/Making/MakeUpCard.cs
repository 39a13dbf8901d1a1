using JollyBarn.Edits;
using JollyBarn.Planning;
using JollyBarn.Planning.Ways;
using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>Whether conductors of a box may be touched.</summary>
public enum CardGate
{
    /// <summary>Nothing that comes to the box can be live: no cable of it is connected to anything at its other end.</summary>
    NotNeeded,

    /// <summary>A proof of dead of this person stands.</summary>
    Stands,
    Missing,
}

/// <summary>The steps that make up a box as a Change plans it, from how it is left so far.</summary>
/// <param name="Steps">Steps to do, in order; without a proof of dead only those before the first that touches a conductor.</param>
/// <param name="Hidden">How many more there are behind the proof.</param>
/// <param name="Done">Steps that were marked, in order.</param>
/// <param name="Proof">Where the proof stands at the box as left.</param>
/// <param name="Left">The job as the Change left it so far.</param>
/// <param name="Planned">As the Change plans it.</param>
public sealed record MakeUpCard(
    Id<Box> Box,
    IReadOnlyList<CardStep> Steps,
    int Hidden,
    IReadOnlyList<Tick> Done,
    CardGate Gate,
    ProofState Proof,
    Job Left,
    Job Planned
)
{
    /// <param name="by">Who works: proofs and holds are of a person.</param>
    /// <param name="now">ISO 8601.</param>
    /// <exception cref="KeyNotFoundException">There is no such Change, or no such box in it.</exception>
    public static MakeUpCard Of(Job job, string change, Id<Box> box, string by, string now)
    {
        ArgumentNullException.ThrowIfNull(job);
        var doing = Doing.Of(job, change);
        var (left, planned) = (doing.Left, doing.Planned);
        var done = doing.Ticks.Where(t => t.Box == box).ToList();
        var steps = All(doing, box, by, now);
        var maybeLive = MaybeLive(job, change, left, box);
        var proof = Proofs.Judge(maybeLive ?? left, box, by, now);
        var gate =
            maybeLive is null ? CardGate.NotNeeded
            : proof.Standing == ProofStanding.Proved ? CardGate.Stands
            : CardGate.Missing;
        var first = gate == CardGate.Missing ? steps.FindIndex(s => s.Touches) : -1;
        IReadOnlyList<CardStep> shown =
            first < 0 ? steps : [.. steps.Take(first), CardMaker.Step(StepStage.Dead, StepCase.Prove, "", [], [])];
        return new(box, shown, first < 0 ? 0 : steps.Count - first, done, gate, proof, left, planned)
        {
            Bench = BenchFirst.Of(left, planned, box, steps),
            Tests = TestsTaken.Due(doing, change, box, steps),
        };
    }

    /// <summary>The readings it is proved by, once nothing else comes first; null before.</summary>
    public TestsTaken? Tests { get; init; }

    /// <summary>What can be made up below first, and what is carried up.</summary>
    public BenchFirst Bench { get; init; } = new([], []);

    /// <summary>The job with everything of the box that a step may name: what is there still and what is planned.</summary>
    public Job Seen { get; } = Both(Left, Planned, Box);

    private static Job Both(Job left, Job planned, Id<Box> id)
    {
        static ById<TId, T> And<TId, T>(ById<TId, T> one, ById<TId, T> other)
            where TId : IParsable<TId>, IComparable<TId>
            where T : class => other.Where(o => !one.Has(o.Key)).Aggregate(one, (all, o) => all.With(o.Key, o.Value));
        var goal = BoxDifference.Aligned(left, planned, id)!;
        var box = left.Boxes.Find(id) is { } was
            ? goal with
            {
                Leads = And(goal.Leads, was.Leads),
                Pigtails = And(goal.Pigtails, was.Pigtails),
                Joints = And(goal.Joints, was.Joints),
                Devices = And(goal.Devices, was.Devices),
                Parts = And(goal.Parts, was.Parts),
                Entries = And(goal.Entries, was.Entries),
            }
            : goal;
        return planned with { Boxes = planned.Boxes.With(id, box), Runs = And(planned.Runs, left.Runs) };
    }

    /// <summary>Every step, whatever is proved: what a card is made of, for its parts and its order.</summary>
    public static List<CardStep> All(Doing doing, Id<Box> box, string by, string now)
    {
        var card = new CardMaker(doing, box);
        var breakers = Finishing.Breakers(card);
        TakingApart.Steps(card);
        BringingIn.Steps(card);
        Joining.Steps(card);
        Trimming.Steps(card);
        BoxNotes.Steps(card);
        var work = card.Steps.Count > 0;
        Finishing.Beyond(card);
        Finishing.After(card, breakers, by, now);
        var before = new CardMaker(doing, box);
        if (work && card.Steps.Any(s => s.Touches))
        {
            Finishing.Before(before, breakers, by, now);
        }

        return [.. before.Steps, .. card.Steps];
    }

    /// <summary>The job a proof of dead is judged on: the box as left, without cables that cannot be live.</summary>
    /// <exception cref="KeyNotFoundException">There is no such Change.</exception>
    public static Job ProvedOn(Job job, string change, Id<Box> box)
    {
        var left = ChangeWork.AsLeft(job, change);
        return MaybeLive(job, change, left, box) ?? left;
    }

    /// <summary>The job as left with those leads of the box alone that may be live, everything of it recorded where the Change sets it;
    /// null where none may. A cable of the Change is dead while its other end lies on nothing.</summary>
    private static Job? MaybeLive(Job job, string change, Job left, Id<Box> id)
    {
        if (left.Boxes.Find(id) is not { } box)
        {
            return null;
        }

        var brought = job.Changes[change]
            .Done.SelectMany(d => PutIn.Flat(ChangeWork.Read(d.Edit)))
            .OfType<AddCable>()
            .Select(c => c.Run)
            .ToHashSet();
        var dead = box
            .Leads.Values.Where(l => l.Run is { } run && brought.Contains(run) && Dead(left, run, l.Side))
            .Select(l => l.Run!.Value)
            .ToHashSet();
        var kept = box.Leads.Each((_, l) => l.Run is { } run && dead.Contains(run) ? null : l);
        var fresh = !job.Boxes.Has(id);
        if (fresh && !kept.Values.Any(l => l.Run is not null))
        {
            return null;
        }

        var seen = box with { Leads = kept, Contents = fresh ? Contents.Complete : box.Contents };
        return left with { Boxes = left.Boxes.With(id, seen) };
    }

    /// <summary>True for a new cable that nothing is connected to at its other end.</summary>
    private static bool Dead(Job left, Id<Run> run, RunSide side)
    {
        var other = side == RunSide.A ? RunSide.B : RunSide.A;
        var far = left.Runs.Find(run)?.End(other);
        return far is { At: EndAt.Unknown }
            || (
                left.Boxes.Find(far?.Box) is { } box
                && box.Leads.Values.Where(l => l.Run == run && l.Side == other)
                    .All(l => l is { Form: LeadForm.Ended, Lands.At: LandingAt.Loose or LandingAt.Cap or LandingAt.Unknown })
            );
    }
}
