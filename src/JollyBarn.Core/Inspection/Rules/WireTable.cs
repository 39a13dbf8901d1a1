using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A gauge against a breaker, as several rules ask it.</summary>
internal static class WireTable
{
    /// <summary>Key of the row for a conductor; metal not known reads as copper, which is what allows most.</summary>
    public static string? Key(Gauge gauge, Metal metal) => $"wire.{(metal == Metal.Aluminum ? "al" : "cu")}.{gauge}";

    /// <summary>The verdict on one conductor of one circuit.</summary>
    public static Finding Judge(Rule rule, Look look, string of, string what, string key, decimal breaker)
    {
        var limit = look.Limits[key];
        return breaker <= limit.Value
            ? new Finding(rule.Id, of, Verdict.Fine, $"{what}: {limit.Value:0} A at most, the breaker is {breaker:0} A.", limit.Article, [of])
            : new Finding(rule.Id, of, Verdict.Fix, $"{what} on a {breaker:0} A breaker; {limit.Value:0} A at most.", limit.Article, [of]) { Sum = $"{breaker:0} − {limit.Value:0} = {breaker - limit.Value:0} A too much" };
    }
}
