using JollyBarn.Edits;
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

    /// <summary>The remedies of a verdict as they are, not weighed.</summary>
    public static IEnumerable<Remedy> Of(Job job, Id<Box> boxId, Finding finding) =>
        job.Boxes.TryFind(boxId, out var box) ? Of(new RemedyAsk(job, boxId, new BoxLook(job, boxId, box), finding)) : [];

    private static IEnumerable<Remedy> Of(RemedyAsk ask) =>
        All.Where(r => r.Rules.Contains(ask.Finding.Rule)).SelectMany(r => r.For(ask)).Where(r => r.Edit.Check(ask.Job) is null);

    /// <summary>The remedies of a verdict.</summary>
    public static RemedyAnswer Weigh(Job job, Id<Box> boxId, Finding finding)
    {
        if (!job.Boxes.TryFind(boxId, out var box) || finding.Verdict is Verdict.Measure or Verdict.Fine)
        {
            return new(finding, [], false);
        }

        var ask = new RemedyAsk(job, boxId, new BoxLook(job, boxId, box), finding);
        var before = new Against(job);
        var weighed = Of(ask)
            .Select(r => Weigh(before, boxId, finding, r))
            .Where(r => r.Settles || r.LookAgain)
            .OrderBy(r => r.New.Count)
            .ThenBy(r => r.LookAgain)
            .ToList();

        // Of all the moves that were tried, those that bring something new are told only where none does not.
        var clean = weighed.Exists(r => r.New.Count == 0);
        return new(finding, [.. weighed.Where(r => !clean || r.New.Count == 0 || r.Remedy.Kind != nameof(Reconnect)).Take(Most)], true);
    }

    private static WeighedRemedy Weigh(Against before, Id<Box> boxId, Finding finding, Remedy remedy)
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
        var brought = before.New(boxId, next, here);
        var (stops, open) = (brought.Any(f => f.Verdict == Verdict.Stop), still == Verdict.Measure);
        return new(remedy, !open && !stops, open && !stops, brought);
    }

    /// <summary>True for an edit that takes back what was recorded and changes nothing else.</summary>
    internal static bool ByHand(Edit edit) =>
        edit switch
        {
            Batch batch => batch.Edits.Count > 0 && batch.Edits.All(ByHand),
            NoteFact note => note.Fact is null,
            SetLeadLength length => length.Length.OrNull is null,
            _ => false,
        };
}
