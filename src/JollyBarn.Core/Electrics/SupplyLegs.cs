using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>Which leg of a panel a breaker is on.</summary>
public static class SupplyLegs
{
    /// <summary>Legs of its poles, from 0: two slots side by side are on one leg, the next two on the next. Common practice of panels; a
    /// panel that differs says so on its label.</summary>
    public static IEnumerable<int> Of(Panel panel, Breaker breaker) =>
        Enumerable.Range(0, breaker.Poles).Select(pole => Of(panel.System, breaker.Slot, pole));

    internal static int Of(SupplySystem system, int slot, int pole) => (((slot - 1) / 2) + pole) % Count(system);

    /// <summary>Volts between two hots by the volts of a leg: twice where legs are opposite, √3 times where they are a third of a turn
    /// apart.</summary>
    public static double BetweenHots(SupplySystem system) =>
        system switch
        {
            SupplySystem.SplitPhase => 2,
            SupplySystem.Wye => Math.Sqrt(3),
            _ => 1,
        };

    /// <summary>How many legs the system has.</summary>
    public static int Count(SupplySystem system) =>
        system switch
        {
            SupplySystem.SplitPhase => 2,
            SupplySystem.Wye => 3,
            _ => 1,
        };
}
