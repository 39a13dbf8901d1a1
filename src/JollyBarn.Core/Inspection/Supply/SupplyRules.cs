using JollyBarn.Inspection.Supply.Rules;

namespace JollyBarn.Inspection.Supply;

/// <summary>One check of a circuit. A new rule is a file and a name in <see cref="SupplyRules"/>.</summary>
public abstract class CircuitRule(string id, string name, string why) : Rule(id, name, why)
{
    /// <summary>As <see cref="BoxRule.Judge"/>, of a circuit.</summary>
    public abstract IEnumerable<Finding> Judge(CircuitLook look);
}

/// <summary>One check of a panel. A new rule is a file and a name in <see cref="SupplyRules"/>.</summary>
public abstract class PanelRule(string id, string name, string why) : Rule(id, name, why)
{
    /// <summary>As <see cref="BoxRule.Judge"/>, of a panel.</summary>
    public abstract IEnumerable<Finding> Judge(PanelLook look);
}

/// <summary>The rules of circuits and panels, in the order in which equally bad verdicts are told.</summary>
public static class SupplyRules
{
    public static IReadOnlyList<CircuitRule> Circuits { get; } =
    [
        new HotsApart(), new NeutralsByNetwork(), new LegsByPanel(), new KnownBreaker(), new WirePieces(), new TogetherInCable(), new ProtectedThrough(), new CircuitLoad(), new CordLoad(), new FixedLoad(), new Purpose(), new PurposeRating(), new OutOfScope(), new VoltageDrop(), new LeastFault(),
    ];

    public static IReadOnlyList<PanelRule> Panels { get; } = [new DidNotTrip(), new TestButton(), new Tandem(), new BreakerListed(), new NeutralScrews(), new SlotsClosed(), new WrittenFor(), new LegBalance(), new DropInAll()];
}
