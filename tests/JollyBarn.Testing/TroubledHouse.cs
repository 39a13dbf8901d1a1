using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Testing;

/// <summary>The houses of the trade cases: a yard post behind a protective receptacle, an old two-wire row, a room with a half that is dead
/// behind a push-in hole.</summary>
public static class TroubledHouse
{
    /// <summary>A panel; a protective receptacle <c>b/g</c>; on its load side a junction box <c>k</c> in the cellar; from it buried cable
    /// <c>buried</c> to a post <c>post</c> with a receptacle, and a second cable <c>shed</c> to a receptacle in box <c>s</c>.</summary>
    public static Job YardPost() =>
        Job.Blank("yard")
            .Do([
                new PutPlace("yard", new Place("Yard", Wetness.Wet)),
                new PutSource("src", new Source("Service", SourceKind.Service)),
                new PutCircuit("c", new Circuit("Outside")),
                new PutPanel(
                    "p",
                    new Panel("Panel", SupplySystem.SplitPhase, 20, 100, "src")
                    {
                        Breakers = [new Breaker(1, 1, 20, BreakerKind.Standard, "c", "outside", true)],
                    }
                ),
                new AddBox("b", "Hall", "nm-1g-22.5", null, null, Contents.Complete),
                new AddCable("b", "feed", "k1", Jobs.Nm(12, 2), EntrySide.Top, null, "from the panel", Feeds.FeedsIn),
                new AddCable("b", "safe", "k2", Jobs.Nm(12, 2), EntrySide.Bottom, null, "on to the cellar", Feeds.Protected),
                new AddDevice("b", "g", "protective", 1),
                new MoveLead("b", "feed.a0", GfciBox.At("line-hot/plate")),
                new MoveLead("b", "feed.a1", GfciBox.At("line-neutral/plate")),
                new MoveLead("b", "safe.a0", GfciBox.At("load-hot/plate")),
                new MoveLead("b", "safe.a1", GfciBox.At("load-neutral/plate")),
                new JoinLeads("b", "grounds", "twist-on-medium", ["feed.a2", "safe.a2"], "grounds"),
                new AddPigtail("b", "t", GfciBox.In("grounds"), GfciBox.At("ground/screw")),
                new EndAtPanel("feed", RunSide.B, "p"),
                .. Junction(),
                .. Ends("post", "Post", "buried", "yard"),
                .. Ends("s", "Shed", "shed", null),
                .. new[] { ("feed", 20), ("safe", 30), ("buried", 60), ("shed", 25) }.Select(r =>
                    (Edit)new SetRun(r.Item1, Circuit: "c", Length: SmallHouse.Feet(r.Item2))
                ),
            ]);

    private static IEnumerable<Edit> Junction() =>
        [
            new AddBox("k", "Cellar", "nm-2g-32", null, null, Contents.Complete),
            new ConnectRun("k", "safe", RunSide.B, "k1", EntrySide.Top, "from the hall", Feeds.FeedsIn),
            new AddCable(
                "k",
                "buried",
                "k2",
                new CableSpec(CableType.UfB, 2, GroundKind.Bare, Measures.Gauge.Awg(12)),
                EntrySide.Bottom,
                null,
                "to the post",
                Feeds.FeedsOn
            ),
            new AddCable("k", "shed", "k3", Jobs.Nm(12, 2), EntrySide.Bottom, null, "to the shed", Feeds.FeedsOn),
            new JoinLeads("k", "hots", "twist-on-medium", ["safe.b0", "buried.a0", "shed.a0"], "hots"),
            new JoinLeads("k", "neutrals", "twist-on-medium", ["safe.b1", "buried.a1", "shed.a1"], "neutrals"),
            new JoinLeads("k", "grounds", "twist-on-medium", ["safe.b2", "buried.a2", "shed.a2"], "grounds"),
        ];

    private static IEnumerable<Edit> Ends(string box, string name, string run, string? place) =>
        [
            new AddBox(box, name, "nm-1g-22.5", place, null, Contents.Complete),
            new ConnectRun(box, run, RunSide.B, "k", EntrySide.Bottom, "from the cellar", Feeds.FeedsIn),
            new AddDevice(box, "r", "receptacle", 1),
            new MoveLead(box, $"{run}.b0", GfciBox.At("hot-upper/screw", "r")),
            new MoveLead(box, $"{run}.b1", GfciBox.At("neutral-upper/screw", "r")),
            new MoveLead(box, $"{run}.b2", GfciBox.At("ground/screw", "r")),
        ];

    /// <summary>The row of <see cref="SmallHouse.Rows"/> with the devices of its boxes feeding on through push-in holes: the hot and
    /// neutral of the cable on lie in the lower holes of each receptacle.</summary>
    public static Job PushedThrough(int boxes)
    {
        var job = SmallHouse.Rows(1, boxes);
        for (var b = 0; b + 1 < boxes; b++)
        {
            var (box, on) = ($"b0.{b}", $"r0.{b + 1}");
            var side = b == 0 ? "a" : "b";
            job = job.Do(
                new RemovePigtail(box, "t0"),
                new RemovePigtail(box, "t1"),
                new MoveLead(box, $"r0.{b}.{side}0", GfciBox.At("hot-upper/screw", "d")),
                new MoveLead(box, $"r0.{b}.{side}1", GfciBox.At("neutral-upper/screw", "d")),
                new MoveLead(box, $"{on}.a0", GfciBox.At("hot-lower/push", "d")),
                new MoveLead(box, $"{on}.a1", GfciBox.At("neutral-lower/push", "d"))
            );
        }

        return job;
    }

    /// <summary>An old two-wire feed to a junction box of metal and a receptacle in a metal box behind it, without a ground anywhere past
    /// the panel.</summary>
    public static Job TwoWire() => SmallHouse.Receptacle("receptacle", false).Do(SmallHouse.OldFeed());
}
