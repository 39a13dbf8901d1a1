using JollyBarn.Electrics;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>Hot held to ground at the farthest receptacle opens the breaker.</summary>
/// <remarks>NEC 250.4(A)(5) asks for a path that makes the breaker act; no number. Its magnet pulls in somewhere between 5 and 20 times its rating, UL 489, from memory; below 5 only heat opens it, which takes seconds.</remarks>
public sealed class LeastFault() : CircuitRule("fault-current", "Least fault current", "Until the breaker opens, all the metal of the circuit is live.")
{
    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        const string article = "250.4(A)(5)";
        if (look.Amperes is not { } rating || look.Ways.Where(w => w.FaultAmperes is not null).MinBy(w => w.FaultAmperes) is not { } far)
        {
            yield break;
        }

        var measured = look.Wiring.Open(far).Count == 0;
        var way = measured ? far : look.Wiring.Ways(least: true).MinBy(w => w.FaultAmperes ?? double.PositiveInfinity) ?? far;
        var amperes = way.FaultAmperes ?? double.PositiveInfinity;
        var surely = Trips.Magnetic(amperes, (double)rating);
        var sum = $"{amperes:0} A = {amperes / (double)rating:0.0} × {rating:0} A; at once from {Trips.PicksUpFrom:0} to {Trips.PicksUpSurely:0} times";
        var seconds = Trips.Breaker(amperes, (double)rating);
        yield return (surely == Surely.No ? Better(way.Of, $"Hot on ground at {look.Named(way)} draws {(measured ? "" : "at most ")}{amperes:0} A: the breaker opens by heat only, which may take {seconds:0} s.", article) with { Sum = sum, Mend = "A thicker ground and hot, a shorter way, or a ground-fault breaker, which opens on far less." }
            : !measured ? AskOf(far.Of, $"Whether hot on ground at {look.Named(far)} opens the breaker at once cannot be told: {Unmeasured.Says(look, far)}", article, [])
            : surely == Surely.Yes ? Fine(far.Of, $"Hot on ground at {look.Named(far)} draws {amperes:0} A: the breaker opens at once.", article) with { Sum = sum }
            : Fine(far.Of, $"Hot on ground at {look.Named(far)} draws {amperes:0} A: the breaker opens perhaps at once, in {seconds:0.0} s at the latest.", article) with { Sum = sum }) with
        { Box = far.Box };
    }
}
