using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Testing;

/// <content>Boxes with switches that work alone or in pairs.</content>
public static partial class RuleBoxes
{
    /// <summary>A switch at the end of one cable: its white feeds the switch and is marked, its black goes back.</summary>
    private static Job Loop() =>
        Jobs.WithBox("nm-1g-22.5")
            .Cables(1, 14, 2)
            .Do(
                new AddDevice("b", "s", "switch", 1),
                new MoveLead("b", "r0.a1", GfciBox.At("hot/screw", "s")),
                new MoveLead("b", "r0.a0", GfciBox.At("switched/screw", "s")),
                new MoveLead("b", "r0.a2", GfciBox.At("ground/screw", "s"))
            );

    /// <summary>A three-way switch fed by one cable, its travelers in the next.</summary>
    private static Job ThreeWay() =>
        Jobs.WithBox("nm-1g-22.5")
            .Cables(1, 14, 2)
            .Cables(1, 14, 3)
            .Do(
                new NameCable("b", "r0", RunSide.A, "from the pantry", Feeds.FeedsIn),
                new NameCable("b", "r1", RunSide.A, "on to the other switch", Feeds.FeedsOn),
                new AddDevice("b", "s", "switch-3way", 1),
                new MoveLead("b", "r0.a0", GfciBox.At("common/screw", "s")),
                new MoveLead("b", "r1.a0", GfciBox.At("traveler-1/screw", "s")),
                new MoveLead("b", "r1.a1", GfciBox.At("traveler-2/screw", "s")),
                new JoinLeads("b", "neutrals", "twist-on-small", ["r0.a1", "r1.a2"], "neutrals"),
                new JoinLeads("b", "grounds", "twist-on-small", ["r0.a2", "r1.a3"], "grounds"),
                new AddPigtail("b", "t", GfciBox.In("grounds"), GfciBox.At("ground/screw", "s"))
            );

    /// <summary>The same with the other switch, and a lamp behind it.</summary>
    private static Job ThreeWays() =>
        Supplied(ThreeWay(), 15, "r0", "r1")
            .Do(
                new AddBox("far", "By the door", "nm-1g-22.5", null, null, Contents.Complete),
                new ConnectRun("far", "r1", RunSide.B, "k", EntrySide.Top, "from the other switch"),
                new AddCable("far", "r2", "k2", Jobs.Nm(14, 2), EntrySide.Top, null, "on to the lamp", Feeds.FeedsOn),
                new AddDevice("far", "s", "switch-3way", 1),
                new MoveLead("far", "r1.b0", GfciBox.At("traveler-1/screw", "s")),
                new MoveLead("far", "r1.b1", GfciBox.At("traveler-2/screw", "s")),
                new MoveLead("far", "r2.a0", GfciBox.At("common/screw", "s")),
                new JoinLeads("far", "neutrals", "twist-on-small", ["r1.b2", "r2.a1"], "neutrals"),
                new JoinLeads("far", "grounds", "twist-on-small", ["r1.b3", "r2.a2"], "grounds")
            );
}
