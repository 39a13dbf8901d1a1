using JollyBarn.Electrics;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply;

/// <summary>What is known to hang on a leg of a panel.</summary>
/// <param name="Leg">0 for A, 1 for B, 2 for C.</param>
/// <param name="Amperes">Loads somebody recorded, A.</param>
/// <param name="Unsaid">Things on its circuits that nobody said the watts of.</param>
public sealed record LegLoad(int Leg, decimal Amperes, int Unsaid)
{
    /// <summary>Every leg of the panel. What shares a neutral is taken to be shared between its legs.</summary>
    public static IReadOnlyList<LegLoad> Of(PanelLook look)
    {
        var on = new LegLoad[SupplyLegs.Count(look.Panel.System)];
        for (var leg = 0; leg < on.Length; leg++)
        {
            on[leg] = new(leg, 0, 0);
        }

        foreach (var circuit in look.Circuits)
        {
            var mine = circuit.Breakers.Where(b => b.Panel == look.Id).SelectMany(b => look.LegsOf(b.Breaker)).ToList();
            var each = circuit.KnownLoad / (circuit.Volts > circuit.LegVolts * 1.5 ? 1 : Math.Max(1, mine.Count));
            foreach (var leg in mine)
            {
                on[leg] = on[leg] with { Amperes = on[leg].Amperes + each };
            }

            foreach (var leg in mine.Distinct())
            {
                on[leg] = on[leg] with { Unsaid = on[leg].Unsaid + circuit.Draws.Count(d => d.Watts is null) };
            }
        }

        return on;
    }
}

/// <summary>What may go into a slot.</summary>
public enum SlotTakes
{
    /// <summary>A breaker of one pole.</summary>
    OnePole,

    /// <summary>A breaker of two poles, from this slot down to the next but one.</summary>
    TwoPoles,

    /// <summary>A tandem in place of the breaker of one pole that is there: two circuits of one leg.</summary>
    Tandem,
}

/// <summary>A slot a new circuit may take.</summary>
/// <param name="Legs">Legs of its poles.</param>
/// <param name="Listed">For a tandem: whether the panel is said to take one there; null when nobody looked. True for all else.</param>
public sealed record SlotOffer(SlotTakes Takes, int Slot, IReadOnlyList<int> Legs, bool? Listed);

/// <summary>What hangs on each leg of a panel, and what room is left in it.</summary>
/// <param name="Offers">By what they take; of one kind, those on the leg with the least known load first (common practice).</param>
/// <remarks>NEC 408.54: no more overcurrent devices than the panel is listed for; 110.3(B): a tandem only where the panel is marked for
/// one. Both halves of a tandem hang on one leg, so a shared neutral must not land there.</remarks>
public sealed record PanelRoom(IReadOnlyList<LegLoad> Legs, IReadOnlyList<SlotOffer> Offers)
{
    public static PanelRoom Of(PanelLook look)
    {
        var panel = look.Panel;
        var legs = LegLoad.Of(look);
        var listed = look.Read(SupplyFacts.TakesTandem);
        IEnumerable<int> tandem =
            listed == false
                ? []
                : panel
                    .Breakers.Where(b => b is { Poles: 1, Lower: false, Kind: BreakerKind.Standard or BreakerKind.Unknown })
                    .Select(b => b.Slot)
                    .Where(s => !panel.Breakers.Any(b => b.Slot == s && b.Lower));
        return new(
            legs,
            [
                .. Offers(SlotTakes.OnePole, panel.FreeSlots, 1, true),
                .. Offers(SlotTakes.TwoPoles, panel.FreePairs, 2, true),
                .. Offers(SlotTakes.Tandem, tandem, 1, listed),
            ]
        );

        IEnumerable<SlotOffer> Offers(SlotTakes takes, IEnumerable<int> slots, int poles, bool? sure) =>
            slots
                .Select(s => new SlotOffer(takes, s, [.. SupplyLegs.Of(panel, new Breaker(s, poles))], sure))
                .OrderBy(o => o.Legs.Sum(l => legs[l].Amperes))
                .ThenBy(o => o.Slot);
    }
}
