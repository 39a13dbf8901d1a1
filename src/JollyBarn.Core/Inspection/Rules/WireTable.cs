using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Which row of the book a conductor is judged by.</summary>
internal static class WireTable
{
    /// <summary>Key of the row for a conductor; metal not known reads as copper, which is what allows most.</summary>
    public static string Key(Gauge gauge, Metal metal) => $"wire.{Row(metal)}.{gauge}";

    /// <summary>The row by which the metal that allows least would be judged, where nobody knows which it is.</summary>
    public static string Least(Gauge gauge) => $"wire.al.{gauge}";

    /// <summary>Thinnest conductor of building wiring: 14 AWG copper, 12 of aluminum, 14 of copper-clad where the book has it. NEC Table
    /// 310.106(A); from 2020 on 310.3(A).</summary>
    public static Gauge Thinnest(Look look, Metal metal) =>
        metal == Metal.Aluminum || (metal == Metal.CopperClad && !look.Limits.Has("wire.cca.14")) ? Gauge.Awg(12) : Gauge.Awg(14);

    private static string Row(Metal metal) =>
        metal switch
        {
            Metal.Aluminum => "al",
            Metal.CopperClad => "cca",
            _ => "cu",
        };
}
