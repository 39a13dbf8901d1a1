using JollyBarn.CodeBook;
using JollyBarn.Electrics;

namespace JollyBarn.Inspection.Supply;

/// <summary>What a circuit loses as far as the receptacle where it loses most.</summary>
/// <param name="Amperes">Current it is worked out for: the house's share of the breaker's rating.</param>
/// <param name="Share">Share of a leg's volts, %; the least there can be while not everything is measured.</param>
/// <param name="Measured">True when every run on the way is measured.</param>
public sealed record FarthestDrop(OutletWay Way, double Amperes, double Ohms, double Share, bool Measured)
{
    /// <summary>Null where no rating is known, or no receptacle hangs on the circuit.</summary>
    public static FarthestDrop? Of(CircuitLook look)
    {
        if (look.Amperes is not { } rating || look.Ways.Where(w => w.Ohms is not null).MaxBy(w => w.Ohms) is not { } far)
        {
            return null;
        }

        var amperes = (double)(rating * ElectricsBook.DropLoad.Of(look.Practice) / 100);
        var measured = look.Wiring.Open(far).Count == 0;
        var way = measured ? far : look.Wiring.Ways(least: true).MaxBy(w => w.Ohms) ?? far;
        var ohms = way.Ohms ?? 0;
        return new(way, amperes, ohms, 100 * amperes * ohms / look.LegVolts, measured);
    }
}
