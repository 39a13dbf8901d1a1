using JollyBarn.CodeBook;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>The voltage at the farthest receptacle stays within the share that is recommended.</summary>
/// <remarks>NEC 210.19(A), an informational note: 3 % of a branch circuit. Worked out hot, at the house's share of the breaker's rating, out and back from the panel.</remarks>
public sealed class VoltageDrop() : CircuitRule("drop", "Voltage drop", "Motors run hot and lamps dim at the far end of a long thin circuit.")
{
    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        if (look.Amperes is not { } rating || look.Ways.Where(w => w.Ohms is not null).MaxBy(w => w.Ohms) is not { } far)
        {
            yield break;
        }

        var limit = look.Limits["circuit.drop"];
        var amperes = (double)(rating * ElectricsBook.DropLoad.Of(look.Practice) / 100);
        var leg = look.LegVolts;
        var measured = look.Wiring.Open(far).Count == 0;
        var way = measured ? far : look.Wiring.Ways(least: true).MaxBy(w => w.Ohms) ?? far;
        var ohms = way.Ohms ?? 0;
        var share = 100 * amperes * ohms / leg;
        var sum = $"{amperes:0.#} A × {ohms:0.000} Ω = {amperes * ohms:0.0} V of {leg:0} V = {share:0.0} %";
        yield return (share > (double)limit.Value ? Better(way.Of, $"At {amperes:0.#} A, {look.Named(way)} loses {(measured ? "" : "at least ")}{share:0.0} %; {limit.Value:0.#} % is what one keeps to.", limit.Article) with { Sum = sum, Mend = look.Wiring.Thicker(way) is { } better ? $"One gauge thicker all the way it would lose {100 * amperes * better / leg:0.0} %." : null }
            : measured ? Fine(far.Of, $"At {amperes:0.#} A, {look.Named(far)} loses {share:0.0} %.", limit.Article) with { Sum = sum }
            : AskOf(far.Of, $"How much is lost as far as {look.Named(far)} cannot be told: {Unmeasured.Says(look, far)}", limit.Article, [])) with
        { Box = far.Box };
    }
}
