using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Measures;
using JollyBarn.Practice.Spot;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Classes;

/// <summary>What is looked at in a box that was made with real wire.</summary>
/// <param name="Id">Id of the rule, or key of the question of house practice.</param>
/// <param name="Most">Whether its limit may not be passed; else it must be reached.</param>
/// <param name="Answer">How the house does it, of a question of practice; null of a rule.</param>
/// <param name="Limit">What a length is held against, in inches; null where there is nothing to measure.</param>
public sealed record BenchPoint(string Id, bool Most, string? Answer = null, decimal? Limit = null)
{
    /// <summary>Whether a measured length is good.</summary>
    /// <param name="inches">What the tape says.</param>
    public bool Holds(decimal inches) => Limit is not { } limit || (Most ? inches <= limit : inches >= limit);
}

/// <summary>Makes the list by which a box of real wire is looked over: what the rules judge in the box as it is drawn, and how the
/// house has chosen to make boxes up.</summary>
public static class BenchList
{
    /// <summary>Rules of the record, of the room and of the circuit behind: a box on a bench board shows nothing of them.</summary>
    private static readonly HashSet<string> NotAtABench =
    [
        "recorded",
        "followed",
        "licensed",
        "accessible",
        "ready-access",
        "afci",
        "gfci",
        "weather",
        "tamper",
        "box-wet",
        "cable-wet",
        "joint-wet",
        "fire-opposite",
        "fire-seal",
        "height",
        "bath-zone",
        "tub-space",
        "spacing",
        "supply-heat",
        "wire-breaker",
        "neutrals-apart",
    ];

    /// <summary>Lengths no box has, in inches: what is good at one and not at the other has a limit between.</summary>
    private const string Tiny = "1/16",
        Huge = "96";

    public static IReadOnlyList<BenchPoint> Of(Job job, Id<Box> id)
    {
        ArgumentNullException.ThrowIfNull(job);
        var bare = Unmeasured(job, id);
        var sound = SoundBox.Answered(bare, id);
        var judged = Inspector.JudgeAll(bare, id, bare.Boxes[id]);
        var points = judged
            .GroupBy(f => f.Rule)
            .Where(g => !NotAtABench.Contains(g.Key) && g.Any(IsSeen))
            .OrderBy(g => Place(g.Key))
            .Select(g => Point(sound, id, g.Key, g));
        return [.. points, .. Watched(bare.Boxes[id]).Select(q => new BenchPoint(q.Key, false, bare.Practice.Answer(q)))];
    }

    /// <summary>Choices of the house that can be seen in a box, or were watched when it was made.</summary>
    private static IEnumerable<PracticeQuestion> Watched(Box box) =>
        PracticeBook.Questions.Where(q =>
            q.Used == PracticeUse.MakeUp
            && (q != PracticeBook.GfciOrder || box.Devices.Values.Any(d => DeviceKinds.Find(d.Kind)?.Protects == true))
            && (q != PracticeBook.MetalGround || box.Material == BoxMaterial.Metal)
            && (q != PracticeBook.BareEnds || box.Devices.Count == 0)
        );

    /// <summary>What the rules say against the box as it is drawn: who makes it like that makes it wrong.</summary>
    public static IReadOnlyList<Finding> Against(Job job, Id<Box> id)
    {
        ArgumentNullException.ThrowIfNull(job);
        return [.. Inspector.Judge(job, id, job.Boxes[id]).Where(f => f.Verdict is Verdict.Stop or Verdict.Fix)];
    }

    private static int Place(string rule) => Inspector.Rules.Select((r, i) => (r.Id, i)).First(r => r.Id == rule).i;

    /// <summary>Whether somebody at the bench can look at it: it holds as it is drawn, or a fact of the thing itself decides.</summary>
    private static bool IsSeen(Finding finding) =>
        finding.Verdict == Verdict.Fine ? !finding.Is(finding.Rule, Usual.DoesNotApply) : finding.Asks.Count > 0;

    /// <summary>The box as it is drawn, with nothing measured or looked at yet.</summary>
    private static Job Unmeasured(Job job, Id<Box> id)
    {
        var box = job.Boxes[id];
        return job with
        {
            Boxes = job.Boxes.With(
                id,
                box with
                {
                    Noted = ById<string, Noted>.Empty,
                    Leads = box.Leads.Aggregate(box.Leads, (all, l) => all.With(l.Key, l.Value with { Length = Fact<Length>.Unknown })),
                    Pigtails = box.Pigtails.Aggregate(box.Pigtails, (all, p) =>
                        all.With(p.Key, p.Value with { Length = Fact<Length>.Unknown })
                    ),
                }
            ),
        };
    }

    /// <summary>The point of a rule; with the limit a length is held against, where a length alone decides once all else is well.</summary>
    private static BenchPoint Point(Job sound, Id<Box> id, string rule, IEnumerable<Finding> findings)
    {
        foreach (var ask in findings.SelectMany(f => f.Asks).Where(a => a.Box is null && a.Fact.Type == FactType.Length))
        {
            var (small, large) = (At(sound, id, rule, ask, Tiny), At(sound, id, rule, ask, Huge));
            var (least, most) = (small is { IsWrong: true }, large is { IsWrong: true });
            if (least != most && (least ? small : large)!.Value.Limit is { } limit)
            {
                return new(rule, most, null, LimitTable.For(sound.Profile).Number(limit));
            }
        }

        return new(rule, false);
    }

    /// <summary>Whether a rule has something against a box once one of its lengths is this, and by which number of the book.</summary>
    private static (bool IsWrong, string? Limit)? At(Job job, Id<Box> id, string rule, FactAsked ask, string length)
    {
        var measured = new NoteFact(id, ask.Of, ask.Fact.Id, new(Known.Measured, length));
        if (measured.Check(job) is not null)
        {
            return null;
        }

        var after = measured.Apply(job);
        var found = Inspector.JudgeAll(after, id, after.Boxes[id]).Where(f => f.Rule == rule && f.Verdict is Verdict.Stop or Verdict.Fix);
        return found.FirstOrDefault() is { } wrong ? (true, wrong.Limit) : (false, null);
    }
}
