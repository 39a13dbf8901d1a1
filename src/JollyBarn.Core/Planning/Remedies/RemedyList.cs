using JollyBarn.Inspection;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>Works out remedies and weighs what each would bring.</summary>
public static class RemedyList
{
    private const string NoneYet = "Nothing that can be worked out here settles it; it wants a plan of its own.";

    private static readonly IReadOnlyList<IRemedies> All =
    [
        new NotedRight(), new AnotherBox(), new BondTheBox(), new BondTheDevice(), new JoinTheGrounds(), new ConnectorFor(), new CapIt(), new CloseTheHole(), new HoldTheCable(), new PullOrTrim(), new Fastened(),
        new LongerLead(), new ThickerOrSmaller(), new PartThem(), new PartCircuits(), new TurnLineAndLoad(), new OneToAPlace(), new MarkTheWhite(), new ProtectIt(), new BoxForTheSplice(), new OtherCable(), new OtherTab(),
    ];

    /// <summary>Rules whose verdicts nothing here can settle, with why, where the verdict does not say itself what it wants.</summary>
    private static readonly Dictionary<string, string> Why = new(StringComparer.Ordinal)
    {
        ["green"] = "A bare or green conductor cannot be made anything else: it wants a cable with conductors enough.",
        ["multiwire-legs"] = "Which leg a breaker is on is work in the panel, for a licensed electrician.",
        ["aluminum"] = "Aluminum is made up by a licensed electrician with parts listed for it.",
        ["neutral-at-switch"] = "It wants a cable that brings a neutral; plan it as a Change.",
        ["cable-damage"] = "A hurt cable is cut out: plan a box at the place, or a new run, as a Change.",
        ["depth"] = "It wants another box or a shallower device.",
        ["licensed"] = "It is for a licensed electrician.",
        ["recorded"] = "Record what is not recorded.",
    };

    /// <summary>The remedies of a verdict.</summary>
    public static RemedyAnswer Of(Job job, string boxId, Finding finding)
    {
        if (!job.Boxes.TryFind(boxId, out var box) || finding.Verdict is Verdict.Measure or Verdict.Fine)
        {
            return new([], null);
        }

        var ask = new RemedyAsk(job, boxId, new BoxLook(job, boxId, box), finding);
        var before = Inspector.Judge(job, boxId, box).Where(f => f.Verdict is Verdict.Stop or Verdict.Fix).Select(f => f.Key).ToHashSet(StringComparer.Ordinal);
        var weighed = All.Where(r => r.Rules.Contains(finding.Rule)).SelectMany(r => r.For(ask)).Where(r => r.Edit.Check(job) is null).Select(r => Weigh(job, boxId, finding, before, r)).ToList();
        return new([.. weighed.Where(r => r.Settles).OrderBy(r => r.New.Count)], weighed.Exists(r => r.Settles) ? null : finding.Mend ?? Why.GetValueOrDefault(finding.Rule, NoneYet));
    }

    private static WeighedRemedy Weigh(Job job, string boxId, Finding finding, HashSet<string> before, Remedy remedy)
    {
        var next = remedy.Edit.Apply(job);
        if (!next.Boxes.TryFind(boxId, out var box))
        {
            return new(remedy.Says, remedy.Edit, false, []);
        }

        var after = Inspector.Judge(next, boxId, box);
        var settles = !after.Any(f => f.Rule == finding.Rule && f.Of == finding.Of && f.Verdict <= finding.Verdict);
        return new(remedy.Says, remedy.Edit, settles, [.. after.Where(f => f.Verdict is Verdict.Stop or Verdict.Fix && !before.Contains(f.Key))]);
    }
}
