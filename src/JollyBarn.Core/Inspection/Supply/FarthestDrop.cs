using JollyBarn.CodeBook;
using JollyBarn.Electrics;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply;

/// <summary>What a circuit loses as far as the receptacle where it loses most.</summary>
/// <param name="Amperes">Current it is worked out for: the house's share of the breaker's rating.</param>
/// <param name="Share">Share of a leg's volts, %; the least there can be while not everything is measured.</param>
/// <param name="Assumed">The way on which it loses most with what nobody measured taken as the house assumes it; it may be another.</param>
/// <param name="Open">Runs of that other way that would have to be measured.</param>
public sealed record FarthestDrop(OutletWay Way, double Amperes, double Ohms, double Share, OutletWay Assumed, IReadOnlyList<Id<Run>> Open)
{
    /// <summary>True when every run on the way is measured.</summary>
    public bool Measured => Open.Count == 0;

    /// <summary>Null where no rating is known, or no receptacle hangs on the circuit.</summary>
    public static FarthestDrop? Find(CircuitLook look)
    {
        if (look.Amperes is not { } rating || look.Ways.Where(w => w.Ohms is not null).MaxBy(w => w.Ohms) is not { } far)
        {
            return null;
        }

        var amperes = (double)(rating * ElectricsBook.DropLoad.Of(look.Practice) / 100);
        var open = look.Wiring.Open(far);
        var way = open.Count == 0 ? far : look.Wiring.Ways(least: true).MaxBy(w => w.Ohms) ?? far;
        var ohms = way.Ohms ?? 0;
        return new(way, amperes, ohms, 100 * amperes * ohms / look.LegVolts, far, open);
    }
}
