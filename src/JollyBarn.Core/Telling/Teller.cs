using JollyBarn.CodeBook;
using JollyBarn.Inspection;
using JollyBarn.Telling.Facts;
using JollyBarn.Telling.Phrases;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>Turns the findings of one box, circuit or panel into sentences.</summary>
/// <param name="home">Id of the box, circuit or panel that was judged.</param>
public sealed class Teller(Job job, string home)
{
    private readonly Names names = new(job, home);
    private readonly LimitTable limits = LimitTable.For(job.Profile);
    private readonly ArticleBook articles = ArticleBook.For(job.Profile.Edition);

    public static string RuleName(string rule) => RuleBook.Find(rule)?.Name ?? rule;

    /// <summary>Cases of a rule that have words.</summary>
    public static IEnumerable<string> Cases(string rule) => RuleBook.Find(rule)?.Select(w => w.Key) ?? [];

    public static string RuleWhy(string rule) => RuleBook.Find(rule)?.Why ?? "";

    public IReadOnlyList<ToldFinding> Tell(IEnumerable<Finding> findings) => [.. findings.Select(Tell)];

    public ToldFinding Tell(Finding finding)
    {
        // A verdict of another box is told as that box would tell it.
        if (finding.Box is { } other && other != home && job.Boxes.Has((Id<Box>)home))
        {
            var there = new Teller(job, other).Tell(finding with { Box = null });
            return there with { Box = other, Says = $"{names.Of(new Thing(ThingKind.Box, other))}: {there.Says}" };
        }

        var fill = new Filling(finding.Details, names);
        var words = RuleBook.Find(finding.Rule)?[finding.Case];
        return new(
            finding.Rule,
            finding.Of,
            finding.Verdict,
            finding.Case,
            finding.Details.ToString(),
            Says(finding, words, fill),
            Article(finding),
            finding.Ids
        )
        {
            Box = finding.Box,
            Sum = words?.Sum?.Make(fill) is { Length: > 0 } sum ? sum : null,
            Mend = words?.Mend?.Make(fill) is { Length: > 0 } mend ? mend : null,
            Asks = [.. finding.Asks.Select(a => new ToldAsk(a.Of, a.Fact.Id, a.Box))],
            Now = words?.Now ?? [],
            Practice = finding.Practice,
            Ruling = finding.Ruling,
        };
    }

    /// <summary>The article of a finding in the edition and with the amendments that hold.</summary>
    public string Article(Finding finding) =>
        (finding.Article is { } own ? articles.Of(own) : null)
        ?? articles.Of($"{finding.Rule}.{finding.Case}")
        ?? (finding.Limit is { } limit ? limits[limit].Article : null)
        ?? articles.Of(finding.Rule)
        ?? "practice";

    /// <summary>True when a finding reads, or once read, like this.</summary>
    internal bool Reads(Finding finding, string sentence)
    {
        var fill = new Filling(finding.Details, names);
        return Tell(finding).Says == sentence
            || (RuleBook.Find(finding.Rule)?[finding.Case]?.Formerly.Any(l => l.Make(fill) == sentence) ?? false);
    }

    /// <summary>Verdicts that come and go between two judgements of one thing. A verdict whose article changes comes and goes
    /// too.</summary>
    public static (IReadOnlyList<ToldFinding> Added, IReadOnlyList<ToldFinding> Gone) Between(
        Teller before,
        Teller after,
        IReadOnlyList<Finding> was,
        IReadOnlyList<Finding> now
    )
    {
        var (old, made) = (Counted(before, was), Counted(after, now));
        return (
            after.Tell(made.Where(f => !old.ContainsKey(f.Key)).Select(f => f.Value)),
            before.Tell(old.Where(f => !made.ContainsKey(f.Key)).Select(f => f.Value))
        );
    }

    private static Dictionary<string, Finding> Counted(Teller teller, IReadOnlyList<Finding> all)
    {
        var counted = new Dictionary<string, Finding>(StringComparer.Ordinal);
        foreach (var finding in all.Where(f => f.Verdict is Verdict.Stop or Verdict.Fix or Verdict.Better))
        {
            counted.TryAdd($"{finding.Key}|{teller.Article(finding)}", finding);
        }

        return counted;
    }

    private string Says(Finding finding, Words? words, Filling fill)
    {
        var says = words?.Says.Make(fill)
            ?? (
                finding.Is(finding.Rule, Usual.NotJudged)
                    ? $"{RuleName(finding.Rule)}: could not be judged, the program failed at it."
                    : null
            )
            ?? (finding.Asks is [var asked, ..] ? FactWords.Of(asked.Fact).Asks : $"{RuleName(finding.Rule)}: {finding.Case}");
        return finding.Ruling is { } id && job.Rulings.Find(id) is { } ruling
            ? $"{says} Accepted by {ruling.AcceptedBy}, {ruling.When}."
            : says;
    }
}
