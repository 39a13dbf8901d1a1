using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Which row of the book a conductor is judged by.</summary>
internal static class WireTable
{
    /// <summary>Key of the row for a conductor; metal not known reads as copper, which is what allows most.</summary>
    public static string Key(Gauge gauge, Metal metal) => $"wire.{(metal == Metal.Aluminum ? "al" : "cu")}.{gauge}";
}
