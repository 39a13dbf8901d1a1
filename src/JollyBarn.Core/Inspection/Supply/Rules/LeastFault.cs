using JollyBarn.Electrics;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>Hot held to ground at the farthest receptacle opens the breaker.</summary>
/// <remarks>NEC 250.4(A)(5) asks for a path that makes the breaker act; no number. Its magnet pulls in somewhere between 5 and 20 times its
/// rating, UL 489, from memory; below 5 only heat opens it, which takes seconds.</remarks>
public sealed class LeastFault() : CircuitRule("fault-current")
{
    public enum Case
    {
        ByHeatOnly,
        ByHeatOnlyAtMost,
        AskWay,
        AtOnce,
        Perhaps,
    }

    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        if (look.Amperes is not { } rating || look.Ways.Where(w => w.FaultAmperes is not null).MinBy(w => w.FaultAmperes) is not { } far)
        {
            yield break;
        }

        var open = look.Wiring.Open(far);
        var measured = open.Count == 0;
        var way = measured ? far : look.Wiring.Ways(least: true).MinBy(w => w.FaultAmperes ?? double.PositiveInfinity) ?? far;
        var amperes = way.FaultAmperes ?? double.PositiveInfinity;
        var surely = Trips.Magnetic(amperes, (double)rating);
        (string, object?)[] details =
        [
            ("outlet", way.Thing),
            ("amperes", amperes),
            ("times", amperes / (double)rating),
            ("rating", rating),
            ("from", Trips.PicksUpFrom),
            ("surely", Trips.PicksUpSurely),
            ("seconds", Trips.Breaker(amperes, (double)rating)),
        ];
        yield return way.Of switch
        {
            var of when surely == Surely.No => Better(of, measured ? Case.ByHeatOnly : Case.ByHeatOnlyAtMost, details) with
            {
                Box = way.Box,
            },
            _ when !measured => AskOf(far.Of, Case.AskWay, [], ("outlet", far.Thing), Unmeasured.Detail(look, open)) with { Box = far.Box },
            _ => Fine(far.Of, surely == Surely.Yes ? Case.AtOnce : Case.Perhaps, details) with { Box = far.Box },
        };
    }
}
