using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Testing;

/// <summary>Small houses to look at as electricity: a panel, and boxes in a row fed one from the other.</summary>
public static class SmallHouse
{
    /// <summary>A panel, a junction box <c>j</c>, and a receptacle <c>r</c> in box <c>b</c> behind it: 30 ft and 20 ft of 14-2 on a 15 A
    /// breaker, slot 1.</summary>
    /// <param name="ground">False for old cable without one from the junction box on.</param>
    public static Job Receptacle(
        string kind = "receptacle",
        bool ground = true,
        string box = "device-3x2x3-1/2",
        SupplySystem system = SupplySystem.SplitPhase,
        BreakerKind breaker = BreakerKind.Standard
    ) =>
        Job.Blank("test")
            .Do([
                .. Supply(system, breaker),
                new AddBox("j", "Junction", "square-4x1-1/2", null, null, Contents.Complete),
                new AddCable("j", "feed", "k", Jobs.Nm(14, 2), EntrySide.Top, null, "from the panel", Feeds.FeedsIn),
                new AddCable("j", "on", "k2", Jobs.Nm(14, 2, ground), EntrySide.Top, null, "on to the bench", Feeds.FeedsOn),
                new SetRun("feed", Circuit: "c", Length: Feet(30)),
                new SetRun("on", Circuit: "c", Length: Feet(20)),
                new JoinLeads("j", "hots", "twist-on-medium", ["feed.a0", "on.a0"], "hots"),
                new JoinLeads("j", "neutrals", "twist-on-medium", ["feed.a1", "on.a1"], "neutrals"),
                new JoinLeads("j", "grounds", "twist-on-medium", ground ? ["feed.a2", "on.a2"] : ["feed.a2"], "grounds"),
                new AddPigtail("j", "bond", GfciBox.In("grounds"), new Landing(LandingAt.BondingScrew)),
                new AddBox("b", "Bench", box, null, null, Contents.Complete),
                new ConnectRun("b", "on", RunSide.B, "k", EntrySide.Top, "from the junction", Feeds.FeedsIn),
                new AddDevice("b", "r", kind, 1),
                .. Landed(kind, ground),
            ]);

    /// <summary>The house with its feed followed to the panel.</summary>
    public static Job Followed(Job house) => house.Do(new EndAtPanel("feed", RunSide.B, "p"));

    /// <summary>Makes the feed of the junction box old two-wire cable, without a ground.</summary>
    public static Edit[] OldFeed() =>
        [
            new RemoveCable("j", "feed"),
            new AddCable(
                "j",
                "old",
                "k3",
                new CableSpec(CableType.OldTwoWire, 2, GroundKind.None, Gauge.Awg(14)),
                EntrySide.Top,
                null,
                "from the panel",
                Feeds.FeedsIn
            ),
            new SetRun("old", Circuit: "c", Length: Feet(30)),
            new EndAtPanel("old", RunSide.B, "p"),
            new MoveLead("j", "old.a0", GfciBox.In("hots")),
            new MoveLead("j", "old.a1", GfciBox.In("neutrals")),
        ];

    /// <summary>The same receptacle in a vehicle with a generator <c>g</c> whose neutral is joined to nothing.</summary>
    public static Job Floating() =>
        Receptacle(system: SupplySystem.SingleLeg)
            .Do(new PutSource("g", new Source("Generator", SourceKind.Generator, SupplySystem.SingleLeg))) with
        {
            Kind = JobKind.Vehicle,
        };

    /// <summary>Two receptacles <c>r</c> and <c>q</c> on two legs with one neutral between them, on a two-pole breaker.</summary>
    public static Job Multiwire(SupplySystem system = SupplySystem.SplitPhase) =>
        Job.Blank("test")
            .Do(
                new PutSource("s", new Source("Service", SourceKind.Service, system)),
                new PutCircuit("c", new Circuit("Bench circuit")),
                new PutPanel(
                    "p",
                    new Panel("Panel", system, 20, 100, "s")
                    {
                        Breakers = [new Breaker(1, 2, 20, BreakerKind.Standard, "c", "bench", true)],
                    }
                ),
                new AddBox("b", "Bench", "nm-2g-32", null, null, Contents.Complete),
                new AddCable("b", "on", "k", Jobs.Nm(12, 3), EntrySide.Top, null, "from the panel", Feeds.FeedsIn),
                new SetRun("on", Circuit: "c", Length: Feet(40)),
                new AddDevice("b", "r", "receptacle", 1),
                new AddDevice("b", "q", "receptacle", 2),
                new MoveLead("b", "on.a0", GfciBox.At("hot-upper/screw", "r")),
                new MoveLead("b", "on.a1", GfciBox.At("hot-upper/screw", "q")),
                new AddJoint("b", "neutrals", "twist-on-medium"),
                new MoveLead("b", "on.a2", GfciBox.In("neutrals")),
                new AddPigtail("b", "t1", GfciBox.In("neutrals"), GfciBox.At("neutral-upper/screw", "r")),
                new AddPigtail("b", "t2", GfciBox.In("neutrals"), GfciBox.At("neutral-upper/screw", "q")),
                new MoveLead("b", "on.a3", GfciBox.At("ground/screw", "r"))
            );

    /// <summary>A junction box whose cable goes on to a water heater: two hots, no neutral, on a two-pole breaker; the white is seen used
    /// as a hot.</summary>
    public static Job Heater(decimal amperes = 30, SupplySystem system = SupplySystem.SplitPhase, int? watts = 4500) =>
        Job.Blank("test")
            .Do([
                new PutSource("s", new Source("Service", SourceKind.Service, system)),
                new PutCircuit("c", new Circuit("Water heater")),
                new PutPanel(
                    "p",
                    new Panel("Panel", system, 20, 100, "s")
                    {
                        Breakers = [new Breaker(2, 2, amperes, BreakerKind.Standard, "c", "water heater", true)],
                    }
                ),
                new AddBox("j", "Cellar junction", "square-4x2-1/8", null, null, Contents.Complete),
                new AddCable("j", "feed", "k", Jobs.Nm(10, 2), EntrySide.Top, null, "from the panel", Feeds.FeedsIn),
                new EndAtPanel("feed", RunSide.B, "p"),
                new AddCable("j", "on", "k2", Jobs.Nm(10, 2), EntrySide.Top, null, "to the heater", Feeds.FeedsOn),
                new EndAtLoad("on", RunSide.B, "water heater"),
                new SetRun("feed", Circuit: "c", Length: Feet(40)),
                new SetRun("on", Circuit: "c", Length: Feet(10)),
                new IdentifyLead("j", "feed.a1", "white", ConductorUse.Hot, "black"),
                new IdentifyLead("j", "on.a1", "white", ConductorUse.Hot, "black"),
                new JoinLeads("j", "one", "twist-on-large", ["feed.a0", "on.a0"], "one hot"),
                new JoinLeads("j", "other", "twist-on-large", ["feed.a1", "on.a1"], "other hot"),
                new JoinLeads("j", "grounds", "twist-on-large", ["feed.a2", "on.a2"], "grounds"),
                .. watts is { } w ? [new NoteFact("j", "on.a", "far-load", new Observation(Known.Measured, $"{w}"))] : Array.Empty<Edit>(),
            ]);

    /// <summary>So many circuits of so many receptacles in a row, each fed through the one before: as large as one likes.</summary>
    public static Job Rows(int circuits, int boxes)
    {
        var job = Job.Blank("rows")
            .Do([
                .. Enumerable.Range(0, circuits).Select(c => new PutCircuit($"c{c}", new Circuit($"Circuit {c}"))),
                new PutSource("s", new Source("Service", SourceKind.Service)),
                new PutPanel(
                    "p",
                    new Panel("Panel", SupplySystem.SplitPhase, Math.Max(20, circuits), 100, "s")
                    {
                        Breakers =
                        [
                            .. Enumerable
                                .Range(0, circuits)
                                .Select(c => new Breaker(c + 1, 1, 15, BreakerKind.Standard, $"c{c}", $"row {c}", true)),
                        ],
                    }
                ),
            ]);
        for (var c = 0; c < circuits; c++)
        {
            for (var b = 0; b < boxes; b++)
            {
                var (box, run, next) = ($"b{c}.{b}", $"r{c}.{b}", $"r{c}.{b + 1}");
                job = job.Do(
                    new AddBox(box, $"Box {c} {b}", "nm-1g-22.5", null, null, Contents.Complete),
                    b == 0
                        ? new AddCable(box, run, "k", Jobs.Nm(14, 2), EntrySide.Top, null, "from the panel", Feeds.FeedsIn)
                        : new ConnectRun(box, run, RunSide.B, "k", EntrySide.Top, "from before", Feeds.FeedsIn),
                    new SetRun(run, Circuit: $"c{c}", Length: Feet(15)),
                    new AddDevice(box, "d", "receptacle", 1)
                );
                var side = b == 0 ? "a" : "b";
                string[] uses = ["hots", "neutrals", "grounds"];
                string[] places = ["hot-upper/screw", "neutral-upper/screw", "ground/screw"];
                job =
                    b + 1 < boxes
                        ? job.Do(
                            new AddCable(box, next, "k2", Jobs.Nm(14, 2), EntrySide.Bottom, null, "on", Feeds.FeedsOn),
                            new SetRun(next, Circuit: $"c{c}", Length: Feet(15))
                        )
                        : job;
                for (var i = 0; i < 3; i++)
                {
                    job =
                        b + 1 < boxes
                            ? job.Do(
                                new JoinLeads(box, uses[i], "twist-on-medium", [$"{run}.{side}{i}", $"{next}.a{i}"], uses[i]),
                                new AddPigtail(box, $"t{i}", GfciBox.In(uses[i]), GfciBox.At(places[i], "d"))
                            )
                            : job.Do(new MoveLead(box, $"{run}.{side}{i}", GfciBox.At(places[i], "d")));
                }
            }
        }

        return job;
    }

    public static Fact<Length> Feet(int feet) => new(Known.Measured, Length.Inches(12 * feet));

    private static Edit[] Supply(SupplySystem system, BreakerKind breaker) =>
        [
            new PutSource("s", new Source("Service", SourceKind.Service, system)),
            new PutCircuit("c", new Circuit("Bench circuit")),
            new PutPanel("p", new Panel("Panel", system, 20, 100, "s") { Breakers = [new Breaker(1, 1, 15, breaker, "c", "bench", true)] }),
        ];

    private static IEnumerable<Edit> Landed(string kind, bool ground)
    {
        var (hot, neutral) = kind == "protective" ? ("line-hot/plate", "line-neutral/plate") : ("hot-upper/screw", "neutral-upper/screw");
        yield return new MoveLead("b", "on.b0", GfciBox.At(hot, "r"));
        yield return new MoveLead("b", "on.b1", GfciBox.At(neutral, "r"));
        if (ground)
        {
            yield return new MoveLead("b", "on.b2", GfciBox.At("ground/screw", "r"));
        }
    }
}
