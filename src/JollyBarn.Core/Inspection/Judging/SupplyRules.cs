using JollyBarn.Inspection.Supply;
using JollyBarn.Inspection.Supply.Rules;

namespace JollyBarn.Inspection.Judging;

/// <summary>The rules of circuits and panels, in the order in which equally bad verdicts are told.</summary>
public static class SupplyRules
{
    public static IReadOnlyList<CircuitRule> Circuits { get; } =
    [
        new HotsApart(),
        new NeutralsByNetwork(),
        new LegsByPanel(),
        new KnownBreaker(),
        new WirePieces(),
        new TogetherInCable(),
        new CircuitLoad(),
        new CordLoad(),
        new FixedLoad(),
        new PurposeKept(),
        new PurposeRating(),
        new OutOfScope(),
        new VoltageDrop(),
        new LeastFault(),
    ];

    public static IReadOnlyList<PanelRule> Panels { get; } =
    [
        new Transfer(),
        new DidNotTrip(),
        new TestButton(),
        new Tandem(),
        new BreakerListed(),
        new NeutralScrews(),
        new SlotsClosed(),
        new WrittenFor(),
        new LegBalance(),
        new DropInAll(),
    ];
}
