using JollyBarn.Edits;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <content>Changes of wiring that several cases start from.</content>
internal static partial class RuleCases
{
    private static MoveLead OnTheScrew() => new("b", "r1.a2", new(LandingAt.BondingScrew));

    /// <summary>The grounds on the receptacle's screw, and the bond from there.</summary>
    private static Edit[] ByTheDevice() =>
        [
            new RemoveCable("b", "r1"),
            new RemovePigtail("b", "t2"),
            new RemovePigtail("b", "bond"),
            new MoveLead("b", "r0.a2", GfciBox.At("ground/screw", "r")),
            new AddPigtail("b", "bond", GfciBox.At("ground/screw", "r"), new(LandingAt.BondingScrew)),
        ];

    /// <summary>Receptacle <c>r</c> with its tab broken and a half on each of two breakers in these slots, followed to the panel.</summary>
    private static Edit[] TwoBreakers(int other) =>
        [
            .. TwoCircuits(),
            new PutPanel(
                "panel",
                new Panel("Panel", SupplySystem.SplitPhase, 20)
                {
                    Breakers = [new(1, 1, 20, BreakerKind.Standard, "c1"), new(other, 1, 20, BreakerKind.Standard, "c2")],
                }
            ),
            new EndAtPanel("r8", RunSide.B, "panel"),
            new EndAtPanel("r9", RunSide.B, "panel"),
            new SetDevice("b", "r", null, BrokenTabs: ["hot"]),
        ];

    /// <summary>The same with cables marked as feeding in, and nobody followed them.</summary>
    private static Edit[] ByMark(int other) =>
        [
            .. TwoBreakers(other).Where(e => e is not EndAtPanel),
            new NameCable("b", "r8", RunSide.A, "from the panel", Feeds.FeedsIn),
            new NameCable("b", "r9", RunSide.A, "from the panel", Feeds.FeedsIn),
        ];

    private static Edit[] TwoCircuits() =>
        [
            new PutCircuit("c1", new Circuit("One")),
            new PutCircuit("c2", new Circuit("Two")),
            new AddCable("b", "r8", "k8", Jobs.Nm(12, 2)),
            new AddCable("b", "r9", "k9", Jobs.Nm(12, 2)),
            new SetRun("r8", Circuit: "c1"),
            new SetRun("r9", Circuit: "c2"),
            new MoveLead("b", "r0.a0", Landing.Loose),
            new MoveLead("b", "r8.a0", GfciBox.At("hot-upper/screw", "r")),
            new MoveLead("b", "r9.a0", GfciBox.At("hot-lower/screw", "r")),
        ];
}
