using JollyBarn.Fill;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Judging;

/// <summary>Runs the rules over a box.</summary>
public static class Inspector
{
    /// <summary>Every rule, in the order in which equally bad verdicts are told.</summary>
    public static IReadOnlyList<BoxRule> Rules { get; } =
    [.. RuleList.Hurts, .. RuleList.Box, .. RuleList.Cables, .. RuleList.Conductors, .. RuleList.Devices];

    /// <summary>Rules of boxes, circuits and panels.</summary>
    public static IEnumerable<Rule> All => [.. Rules, .. SupplyRules.Circuits, .. SupplyRules.Panels];

    public static Rule? Find(string id) => All.FirstOrDefault(r => r.Id == id);

    /// <summary>Every verdict, worst first, what holds last; in the order of the rules where equally bad. Nothing is said of a box nobody
    /// has opened.</summary>
    public static IReadOnlyList<Finding> JudgeAll(Job job, Id<Box> id, Box box) => JudgeAll(new Reads(job), id, box, null);

    /// <summary>The same, with what was read of the job noted.</summary>
    internal static IReadOnlyList<Finding> JudgeAll(Reads reads, Id<Box> id, Box box, Func<FillAnswer>? fill) =>
        box.Contents == Contents.NotOpened && box.Leads.Count == 0 ? [] : JudgeLook(new BoxLook(reads, id, box, fill));

    /// <summary>The same of a box that is being looked at already.</summary>
    public static IReadOnlyList<Finding> JudgeLook(BoxLook look) => JudgeLook(look, Rules);

    /// <summary>The same by these rules.</summary>
    public static IReadOnlyList<Finding> JudgeLook(BoxLook look, IEnumerable<BoxRule> rules)
    {
        var found = new List<Finding>[Enum.GetValues<Verdict>().Length];
        foreach (var rule in rules.Where(r => look.Articles.Asks(r.Id) && (look.IsBox || !r.OfBoxes)))
        {
            foreach (var finding in Tried.Judge(rule, look.Id, Subjects.Box, r => r.Judge(look)))
            {
                var settled = Settled(look, look.Id, finding);
                (found[(int)settled.Verdict] ??= []).Add(settled);
            }
        }

        return [.. found.Where(f => f is not null).SelectMany(f => f)];
    }

    /// <summary>What is wrong, open or could be better: every verdict that is not <see cref="Verdict.Fine"/>.</summary>
    public static IReadOnlyList<Finding> Judge(Job job, Id<Box> id, Box box) =>
        [.. JudgeAll(job, id, box).Where(f => f.Verdict != Verdict.Fine)];

    /// <summary>A verdict the office has accepted, as long as it is the case it was asked about, with the same details. What can hurt
    /// somebody now is never settled by a ruling.</summary>
    internal static Finding Settled(Look look, string id, Finding found)
    {
        if (found.Verdict is Verdict.Stop or Verdict.Fine || look.Rulings.Count == 0)
        {
            return found;
        }

        var ruling = look
            .Rulings.FirstOrDefault(r => r.Value.Box == id && r.Value.Settles(found.Rule, found.Of, found.Case, found.Details.ToString()))
            .Key;
        return ruling is null ? found : found with { Verdict = Verdict.Fine, Ruling = ruling, Asks = [] };
    }
}
