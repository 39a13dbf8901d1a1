namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>The voltage at the farthest receptacle stays within the share that is recommended.</summary>
/// <remarks>NEC 210.19(A), an informational note: 3 % of a branch circuit. Worked out hot, at the house's share of the breaker's rating, out and back from the panel.</remarks>
public sealed class VoltageDrop() : CircuitRule("drop", "Voltage drop", "Motors run hot and lamps dim at the far end of a long thin circuit.")
{
    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        if (look.Farthest is not { } far)
        {
            yield break;
        }

        var limit = look.Limits["circuit.drop"];
        var (amperes, leg, name) = (far.Amperes, look.LegVolts, look.Named(far.Way));
        var sum = $"{amperes:0.#} A × {far.Ohms:0.000} Ω = {amperes * far.Ohms:0.0} V of {leg:0} V = {far.Share:0.0} %";
        yield return (far.Share > (double)limit.Value ? Better(far.Way.Of, $"At {amperes:0.#} A, {name} loses {(far.Measured ? "" : "at least ")}{far.Share:0.0} %; {limit.Value:0.#} % is what one keeps to.", limit.Article) with { Sum = sum, Mend = look.Wiring.Thicker(far.Way) is { } better ? $"One gauge thicker all the way it would lose {100 * amperes * better / leg:0.0} %." : null }
            : far.Measured ? Fine(far.Way.Of, $"At {amperes:0.#} A, {name} loses {far.Share:0.0} %.", limit.Article) with { Sum = sum }
            : AskOf(far.Way.Of, $"How much is lost as far as {name} cannot be told: {Unmeasured.Says(look, far.Way)}", limit.Article, [])) with
        { Box = far.Way.Box };
    }
}
