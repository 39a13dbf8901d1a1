using JollyBarn.Terms;

namespace JollyBarn.Inspection;

/// <summary>A fact that would decide something.</summary>
/// <param name="Of">The thing it is about.</param>
/// <param name="Decides">Ids of the rules it would decide.</param>
public sealed record Question(string Of, FactKey Fact, IReadOnlyList<string> Decides);

/// <summary>The questions of a box in the order a hand with a tape takes them.</summary>
public static class Questions
{
    /// <summary>Every fact some verdict waits for, once each.</summary>
    public static IReadOnlyList<Question> Ask(IEnumerable<Finding> findings) =>
        [
            .. findings
                .SelectMany(f => f.Asks.Select(a => (a.Of, a.Fact, f.Rule)))
                .GroupBy(a => (a.Of, a.Fact))
                .Select(g => new Question(g.Key.Of, g.Key.Fact, [.. g.Select(a => a.Rule).Distinct()]))
                .OrderBy(q => q.Fact.Order)
                .ThenBy(q => q.Of, StringComparer.Ordinal),
        ];
}
