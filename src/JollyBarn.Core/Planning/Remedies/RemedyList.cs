using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Inspection.Rules;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>Works out remedies and weighs what each would bring: by every rule in every box it touches, and by the solved
/// network.</summary>
public static class RemedyList
{
    /// <summary>More ways than these are not told.</summary>
    private const int Most = 6;

    private static readonly IReadOnlyList<IRemedies> All =
    [
        new NotedRight(),
        new AnotherBox(),
        new JointsAside(),
        new BondTheBox(),
        new BondTheDevice(),
        new JoinTheGrounds(),
        new BringAGround(),
        new ConnectorFor(),
        new CapIt(),
        new CloseTheHole(),
        new HoldTheCable(),
        new PullOrTrim(),
        new Fastened(),
        new LongerLead(),
        new ThickerOrSmaller(),
        new JoinTheNeutrals(),
        new FeedIt(),
        new Reconnect(),
        new PartCircuits(),
        new TurnLineAndLoad(),
        new OneToAPlace(),
        new PigtailThese(),
        new SayWhatItDoes(),
        new MarkTheWhite(),
        new ProtectIt(),
        new TieThem(),
        new BoxForTheSplice(),
        new OtherCable(),
        new OtherTab(),
    ];

    /// <summary>The remedies of a verdict.</summary>
    public static RemedyAnswer Weigh(Job job, Id<Box> boxId, Finding finding)
    {
        if (!job.Boxes.TryFind(boxId, out var box) || finding.Verdict is Verdict.Measure or Verdict.Fine)
        {
            return new(finding, [], false);
        }

        var ask = new RemedyAsk(job, boxId, new BoxLook(job, boxId, box), finding);
        var before = new Before(job);
        var weighed = All.Where(r => r.Rules.Contains(finding.Rule))
            .SelectMany(r => r.For(ask))
            .Where(r => r.Edit.Check(job) is null)
            .Select(r => Weigh(before, boxId, finding, r))
            .Where(r => r.Settles || r.LookAgain)
            .OrderBy(r => r.New.Count)
            .ThenBy(r => r.LookAgain)
            .ToList();

        // Of all the moves that were tried, those that bring something new are told only where none does not.
        var clean = weighed.Exists(r => r.New.Count == 0);
        return new(finding, [.. weighed.Where(r => !clean || r.New.Count == 0 || r.Remedy.Kind != nameof(Reconnect)).Take(Most)], true);
    }

    private static WeighedRemedy Weigh(Before before, Id<Box> boxId, Finding finding, Remedy remedy)
    {
        var next = remedy.Edit.Apply(before.Job);
        if (!next.Boxes.TryFind(boxId, out var box))
        {
            return new(remedy, false, false, []);
        }

        var here = Inspector.Judge(next, boxId, box);
        if (LiveMetal.IsExpected(finding) && ExpectedLive.Judge(next)[boxId].Any(f => f.Of == finding.Of))
        {
            return new(remedy, false, false, []);
        }

        var still = here.Where(f => f.Rule == finding.Rule && f.Of == finding.Of).Select(f => f.Verdict).DefaultIfEmpty(Verdict.Fine).Min();
        if (ByHand(remedy.Edit))
        {
            return new(remedy, false, still > finding.Verdict, []);
        }

        if (still <= finding.Verdict || before.Worse(next).Any())
        {
            return new(remedy, false, false, []);
        }

        // What can hurt somebody where nothing could is no way to settle anything, under whatever name it comes.
        var brought = New(before, boxId, next, here);
        var (stops, open) = (brought.Any(f => f.Verdict == Verdict.Stop), still == Verdict.Measure);
        return new(remedy, !open && !stops, open && !stops, brought);
    }

    /// <summary>True for an edit that takes back what was recorded and changes nothing else.</summary>
    private static bool ByHand(Edit edit) =>
        edit switch
        {
            Batch batch => batch.Edits.Count > 0 && batch.Edits.All(ByHand),
            NoteFact note => note.Fact is null,
            SetLeadLength length => length.Length.OrNull is null,
            _ => false,
        };

    /// <summary>Verdicts to stop or fix that were not there, of the box and of every other that hangs together with it.</summary>
    private static IReadOnlyList<Finding> New(Before before, Id<Box> boxId, Job next, IReadOnlyList<Finding> here) =>
        [.. here.Where(f => Bad(f) && !before.Has(boxId, f)), .. Elsewhere.New(before.Job, next, boxId, Bad)];

    private static bool Bad(Finding finding) => finding.Verdict is Verdict.Stop or Verdict.Fix;

    /// <summary>The job as it is, with what remedies are held against, worked out where it is asked.</summary>
    private sealed class Before(Job job)
    {
        private readonly Dictionary<Id<Box>, HashSet<string>> bad = [];
        private readonly List<(IReadOnlySet<Id<Box>> Near, GoneOver Over)> found = [];
        private readonly Lazy<LeakTrips> leaks = new(() => new(job, Live.Solve(job, On(job))));

        public Job Job => job;

        public bool Has(Id<Box> id, Finding finding)
        {
            if (!bad.TryGetValue(id, out var keys))
            {
                var found = job.Boxes.TryFind(id, out var box) ? Inspector.Judge(job, id, box).Where(Bad) : [];
                bad[id] = keys = found.Select(f => f.Key).ToHashSet(StringComparer.Ordinal);
            }

            return keys.Contains(finding.Key);
        }

        /// <summary>What instruments find worse, of all that hangs together with something changed.</summary>
        public IEnumerable<string> Worse(Job next)
        {
            var near = TouchedBoxes.Between(job, next);
            return Found(near).WorseIn(GoneOver.Of(next, s => Live.After(job, next, s), near)).Concat(Unguarded(next, near));
        }

        /// <summary>These boxes as they are: most remedies of a verdict look at the same.</summary>
        private GoneOver Found(IReadOnlySet<Id<Box>> near)
        {
            var kept = found.FindIndex(f => f.Near.SetEquals(near));
            if (kept < 0)
            {
                (kept, var over) = (found.Count, GoneOver.Of(job, s => Live.Solve(job, s), near));
                found.Add((near, over));
            }

            return found[kept].Over;
        }

        /// <summary>Slots that something opened for on a leak, and nothing does.</summary>
        private IEnumerable<string> Unguarded(Job next, IReadOnlySet<Id<Box>> near)
        {
            var after = new Lazy<LeakTrips>(() => new(next, Live.After(job, next, On(next))));
            return leaks.Value.Slots(near).Where(s => leaks.Value.Opens(s) && after.Value.Slots(near).Contains(s) && !after.Value.Opens(s));
        }

        private static Situation On(Job of) => new() { Breakers = Signature.AllOn(of) };
    }
}
