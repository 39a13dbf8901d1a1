using JollyBarn.Terms;

namespace JollyBarn.Inspection.Judging;

/// <summary>A fact that would decide something.</summary>
/// <param name="Of">The thing it is about.</param>
/// <param name="Decides">Ids of the rules it would decide.</param>
/// <param name="First">True for what is asked first: the few facts that tell most, each of the first thing it is open for.</param>
public sealed record Question(string Of, FactKey Fact, IReadOnlyList<string> Decides, bool First = false);

/// <summary>The questions of a box in the order a hand with a tape takes them.</summary>
public static class Questions
{
    /// <summary>More than these nobody answers with a box open in front of them.</summary>
    public const int MostFirst = 6;

    /// <summary>The rules in the order of what they say of danger.</summary>
    private static readonly Dictionary<string, int> Order = Inspector
        .Rules.Select((r, i) => (r.Id, i))
        .ToDictionary(r => r.Id, r => r.i, StringComparer.Ordinal);

    private static readonly HashSet<string> Hurts = [.. RuleList.Hurts.Select(r => r.Id)];

    /// <summary>Every fact some verdict waits for, once each.</summary>
    public static IReadOnlyList<Question> Ask(IEnumerable<Finding> findings)
    {
        var all = findings
            .SelectMany(f => f.Asks.Select(a => (a.Of, a.Fact, f.Rule)))
            .GroupBy(a => (a.Of, a.Fact))
            .Select(g => new Question(g.Key.Of, g.Key.Fact, [.. g.Select(a => a.Rule).Distinct()]))
            .OrderBy(q => q.Fact.Order)
            .ThenBy(q => q.Of, StringComparer.Ordinal)
            .ToList();
        var first = all.GroupBy(q => q.Fact)
            .OrderByDescending(g => g.Any(q => q.Decides.Any(Hurts.Contains)))
            .ThenByDescending(g => g.Sum(q => q.Decides.Count))
            .ThenBy(g => g.Min(q => q.Decides.Min(r => Order.GetValueOrDefault(r, int.MaxValue))))
            .Take(MostFirst)
            .Select(g => g.First())
            .ToHashSet(ReferenceEqualityComparer.Instance);
        return [.. all.Select(q => first.Contains(q) ? q with { First = true } : q)];
    }
}
