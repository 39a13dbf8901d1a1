using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>Works out remedies and weighs what each would bring.</summary>
public static class RemedyList
{
    private static readonly IReadOnlyList<IRemedies> All =
    [
        new NotedRight(),
        new AnotherBox(),
        new BondTheBox(),
        new BondTheDevice(),
        new JoinTheGrounds(),
        new ConnectorFor(),
        new CapIt(),
        new CloseTheHole(),
        new HoldTheCable(),
        new PullOrTrim(),
        new Fastened(),
        new LongerLead(),
        new ThickerOrSmaller(),
        new PartThem(),
        new PartCircuits(),
        new TurnLineAndLoad(),
        new OneToAPlace(),
        new MarkTheWhite(),
        new ProtectIt(),
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
        var before = Inspector
            .Judge(job, boxId, box)
            .Where(f => f.Verdict is Verdict.Stop or Verdict.Fix)
            .Select(f => f.Key)
            .ToHashSet(StringComparer.Ordinal);
        var weighed = All.Where(r => r.Rules.Contains(finding.Rule))
            .SelectMany(r => r.For(ask))
            .Where(r => r.Edit.Check(job) is null)
            .Select(r => Weigh(job, boxId, finding, before, r));
        return new(finding, [.. weighed.Where(r => r.Settles).OrderBy(r => r.New.Count)], true);
    }

    private static WeighedRemedy Weigh(Job job, Id<Box> boxId, Finding finding, HashSet<string> before, Remedy remedy)
    {
        var next = remedy.Edit.Apply(job);
        if (!next.Boxes.TryFind(boxId, out var box))
        {
            return new(remedy, false, []);
        }

        var after = Inspector.Judge(next, boxId, box);
        var settles = !after.Any(f => f.Rule == finding.Rule && f.Of == finding.Of && f.Verdict <= finding.Verdict);
        return new(remedy, settles, [.. after.Where(f => f.Verdict is Verdict.Stop or Verdict.Fix && !before.Contains(f.Key))]);
    }
}
