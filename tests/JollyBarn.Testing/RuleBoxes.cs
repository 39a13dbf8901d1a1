using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Testing;

/// <summary>Boxes that rules are tried on, each made up as the trade does it, with a breaker and a room.</summary>
public static partial class RuleBoxes
{
    /// <summary>The job with box <c>b</c> of this name; <c>metal@panel</c> is the same with its feed followed to the panel.</summary>
    public static Job Make(string name) => name.Split('@') is [var of, "panel"] ? AtPanel(Plain(of)) : Plain(name);

    /// <summary>Cables that feed in end at the panel.</summary>
    private static Job AtPanel(Job job) =>
        job.Do([
            .. job
                .Runs.Where(r => r.Value is { A.Feeds: Feeds.FeedsIn, B.At: EndAt.Unknown })
                .Select(r => new EndAtPanel(r.Key, RunSide.B, "panel")),
        ]);

    private static Job Plain(string name) =>
        name switch
        {
            "gfci" => Supplied(GfciBox.Make(), 20, "feed", "on", "safe"),
            "metal" => Supplied(Metal(), 20, "r0", "r1"),
            "switch" => Supplied(Switch(), 15, "r0", "r1"),
            "ceiling" => Supplied(Ceiling("luminaire"), 15, "r0"),
            "fan" => Supplied(Ceiling("fan"), 15, "r0"),
            "outdoor" => Supplied(Outdoor(), 20, "r0"),
            "joints" => Supplied(Joints(), 20, "r0", "r1", "r2"),
            "multiwire" => Multiwire(),
            "dimmer" => Supplied(Jobs.WithBox("nm-1g-22.5").Cables(1, 14, 2).Do(new AddDevice("b", "d", "dimmer", 1)), 15, "r0"),
            "two-wire" => Supplied(TwoWire(), 15, "r0"),
            "armour" => Jobs.WithBox("nm-1g-22.5")
                .Do(new AddCable("b", "r0", "k0", new CableSpec(CableType.Ac, 2, GroundKind.Bare, Gauge.Awg(12)))),
            "old-work" => Jobs.WithBox("ow-1g-18").Cables(1, 14, 2),
            "splice" => Jobs.WithBox("splice-kit").Cables(2, 14, 2),
            "open" => Jobs.WithBox("no-box").Cables(2, 14, 2).Do(new JoinLeads("b", "hots", "twist-on-medium", ["r0.a0", "r1.a0"], "hots")),
            "buried" => Supplied(
                Jobs.WithBox("fd-1").Do(new AddCable("b", "r0", "k0", new CableSpec(CableType.UfB, 2, GroundKind.Bare, Gauge.Awg(12)))),
                20,
                "r0"
            ),
            "single" => Supplied(
                Jobs.WithBox("nm-1g-22.5")
                    .Cables(1, 12, 2)
                    .Do(new AddDevice("b", "r", "receptacle-single", 1), new MoveLead("b", "r0.a0", GfciBox.At("hot/screw", "r"))),
                20,
                "r0"
            ),
            "outlet" => Supplied(Outlet(), 15, "r0"),
            "two-legs" => SmallHouse.Multiwire().Do(new EndAtPanel("on", RunSide.B, "p")),
            "behind" => SmallHouse.Followed(SmallHouse.Receptacle()),
            "lamp" => Supplied(Lamp(), 15, "r0"),
            "extended" => Supplied(Extended(), 15, "r0", "r1"),
            "beyond" => SmallHouse.Followed(SmallHouse.Receptacle()).Do(SmallHouse.OldFeed()),
            "loop" => Supplied(Loop(), 15, "r0"),
            "three-way" => Supplied(ThreeWay(), 15, "r0", "r1"),
            "three-ways" => AtPanel(ThreeWays()),
            "garage" => Supplied(Garage(), 20, "feed", "on", "safe"),
            "fire" => Jobs.WithBox("device-3x2x3-1/2")
                .Do(new PutWall("w", new Wall("Stair wall") { FireRating = 1 }), new SetBoxWall("b", "w"))
                .Cables(1, 12, 2),
            "partial" => Jobs.WithBox("nm-1g-22.5").Cables(1, 12, 2).Do(new SetContents("b", Contents.Partial)),
            "aluminum" => Jobs.WithBox("nm-1g-22.5")
                .Do(
                    new AddCable(
                        "b",
                        "r0",
                        "k0",
                        new CableSpec(CableType.NmB, 2, GroundKind.Bare, Gauge.Awg(12), Metal: Wiring.Metal.Aluminum)
                    ),
                    new AddDevice("b", "r", "receptacle", 1),
                    new MoveLead("b", "r0.a0", GfciBox.At("hot-upper/screw", "r"))
                ),
            "thick" => Jobs.WithBox("square-4-11/16x2-1/8").Cables(6, 10, 2),
            "range" => Jobs.WithBox("square-4-11/16x2-1/8").Cables(1, 6, 3),
            "thin" => Jobs.WithBox("square-4x1-1/2").Cables(2, 14, 2),
            "blank" => Jobs.WithBox("square-4x1-1/2").Cables(1, 12, 2),
            _ => throw new ArgumentException($"There is no box {name}.", nameof(name)),
        };

    /// <summary>A room for box <c>b</c>.</summary>
    public static Edit[] Room(string use, Wetness wetness = Wetness.Dry) =>
        [new PutPlace("p", new Place("Room", wetness, use)), new PlaceBox("b", "p")];

    public static NoteFact Note(string of, string key, string value) => new("b", of, key, new Observation(Known.Measured, value));

    public static NoteFact Skip(string of, string key) => new("b", of, key, new Observation(Known.NotApplicable));

    private static Job Supplied(Job job, int amperes, params string[] runs) =>
        job.Do([
            new PutCircuit("c", new Circuit("Circuit")),
            new PutPanel(
                "panel",
                new Panel("Panel", SupplySystem.SplitPhase, 20) { Breakers = [new Breaker(1, 1, amperes, BreakerKind.Standard, "c", "it")] }
            ),
            .. runs.Select(r => new SetRun(r, Circuit: "c")),
        ]);

    private static Job Metal() =>
        Jobs.WithBox("device-3x2x3-1/2")
            .Cables(2, 12, 2)
            .Do(
                new NameCable("b", "r0", RunSide.A, "from the pantry", Feeds.FeedsIn),
                new NameCable("b", "r1", RunSide.A, "on to the porch", Feeds.FeedsOn),
                new AddDevice("b", "r", "receptacle", 1),
                new JoinLeads("b", "hots", "twist-on-medium", ["r0.a0", "r1.a0"], "hots"),
                new JoinLeads("b", "neutrals", "twist-on-medium", ["r0.a1", "r1.a1"], "neutrals"),
                new JoinLeads("b", "grounds", "twist-on-large", ["r0.a2", "r1.a2"], "grounds"),
                Tail("t0", "hots", "hot-upper/screw"),
                Tail("t1", "neutrals", "neutral-upper/screw"),
                Tail("t2", "grounds", "ground/screw"),
                new AddPigtail(
                    "b",
                    "bond",
                    GfciBox.In("grounds"),
                    new Landing(LandingAt.BondingScrew),
                    Length: new(Known.Measured, Length.Inches(8))
                )
            );

    private static Job Switch() =>
        Jobs.WithBox("nm-1g-22.5")
            .Cables(2, 14, 2)
            .Do(
                new NameCable("b", "r0", RunSide.A, "from the pantry", Feeds.FeedsIn),
                new AddDevice("b", "s", "switch", 1),
                new JoinLeads("b", "neutrals", "twist-on-medium", ["r0.a1", "r1.a1"], "neutrals"),
                new JoinLeads("b", "grounds", "twist-on-medium", ["r0.a2", "r1.a2"], "grounds"),
                new AddPigtail(
                    "b",
                    "t",
                    GfciBox.In("grounds"),
                    GfciBox.At("ground/screw", "s"),
                    Length: new(Known.Measured, Length.Inches(8))
                ),
                new MoveLead("b", "r0.a0", GfciBox.At("hot/screw", "s")),
                new MoveLead("b", "r1.a0", GfciBox.At("switched/screw", "s")),
                new IdentifyLead("b", "r1.a0", "black", ConductorUse.Switched)
            );

    private static Job Ceiling(string kind) =>
        Jobs.WithBox("round-4x2-1/8")
            .Cables(1, 14, 2)
            .Do(
                new AddDevice("b", "l", kind, 0),
                new JoinLeads("b", "hots", "twist-on-small", ["r0.a0", "l.hot"], "hots"),
                new JoinLeads("b", "neutrals", "twist-on-small", ["r0.a1", "l.neutral"], "neutrals")
            );

    private static Job Outdoor() =>
        Jobs.WithBox("fd-1")
            .Do([
                .. Room("outdoors", Wetness.Wet),
                new AddCable(
                    "b",
                    "r0",
                    "k0",
                    new CableSpec(CableType.UfB, 2, GroundKind.Bare, Gauge.Awg(12)),
                    Says: "from inside",
                    Feeds: Feeds.FeedsIn
                ),
                new AddDevice("b", "g", "protective", 1),
                new MoveLead("b", "r0.a0", GfciBox.At("line-hot/plate")),
                new MoveLead("b", "r0.a1", GfciBox.At("line-neutral/plate")),
                new MoveLead("b", "r0.a2", GfciBox.At("ground/screw")),
            ]);

    private static Job Joints() =>
        Jobs.WithBox("square-4x2-1/8")
            .Cables(3, 12, 2)
            .Do(
                new JoinLeads("b", "hots", "twist-on-medium", ["r0.a0", "r1.a0", "r2.a0"], "hots"),
                new JoinLeads("b", "neutrals", "twist-on-medium", ["r0.a1", "r1.a1", "r2.a1"], "neutrals"),
                new JoinLeads("b", "grounds", "twist-on-medium", ["r0.a2", "r1.a2", "r2.a2"], "grounds"),
                new AddPart("b", "cover", "cover-flat-square")
            );

    private static Job Multiwire() =>
        Jobs.WithBox("nm-2g-32")
            .Cables(1, 12, 3)
            .Do(
                new AddDevice("b", "r", "receptacle", 1),
                new AddDevice("b", "q", "receptacle", 2),
                new MoveLead("b", "r0.a0", GfciBox.At("hot-upper/screw", "r")),
                new MoveLead("b", "r0.a1", GfciBox.At("hot-upper/screw", "q")),
                new MoveLead("b", "r0.a2", GfciBox.At("neutral-upper/screw", "r"))
            );

    /// <summary>One receptacle at the end of a cable, in a plastic box.</summary>
    private static Job Outlet() =>
        Jobs.WithBox("nm-1g-22.5")
            .Cables(1, 14, 2)
            .Do(
                new NameCable("b", "r0", RunSide.A, "from the pantry", Feeds.FeedsIn),
                new AddDevice("b", "r", "receptacle", 1),
                new MoveLead("b", "r0.a0", GfciBox.At("hot-upper/screw", "r")),
                new MoveLead("b", "r0.a1", GfciBox.At("neutral-upper/screw", "r")),
                new MoveLead("b", "r0.a2", GfciBox.At("ground/screw", "r"))
            );

    /// <summary>A luminaire on a metal box, its ground joined with the cable's.</summary>
    private static Job Lamp() =>
        Ceiling("luminaire")
            .Do(
                new NameCable("b", "r0", RunSide.A, "from the switch", Feeds.FeedsIn),
                new JoinLeads("b", "grounds", "twist-on-small", ["r0.a2", "l.ground"], "grounds"),
                new AddPigtail("b", "bond", GfciBox.In("grounds"), new Landing(LandingAt.BondingScrew))
            );

    /// <summary>Old two-wire cable in, a new cable with a ground on: 250.130(C) asks how the ground was brought.</summary>
    private static Job Extended() =>
        TwoWire()
            .Do(
                new AddCable("b", "r1", "k1", Jobs.Nm(14, 2), EntrySide.Top, null, "on to the new outlet", Feeds.FeedsOn),
                new JoinLeads("b", "hots", "twist-on-small", ["r0.a0", "r1.a0"], "hots"),
                new JoinLeads("b", "neutrals", "twist-on-small", ["r0.a1", "r1.a1"], "neutrals"),
                new JoinLeads("b", "grounds", "twist-on-small", ["r1.a2"], "grounds"),
                Tail("t0", "hots", "hot-upper/screw"),
                Tail("t1", "neutrals", "neutral-upper/screw"),
                Tail("t2", "grounds", "ground/screw"),
                new AddPigtail("b", "bond", GfciBox.In("grounds"), new Landing(LandingAt.BondingScrew))
            );

    /// <summary>A garage: a protective receptacle and, beside it in the same box, a plain one on the line joint; a cable on its load
    /// side.</summary>
    private static Job Garage() =>
        Job.Blank("test")
            .Do([
                .. GfciBox.Edits(),
                new SetBoxKind("b", "nm-2g-32"),
                .. Room("garage"),
                new AddDevice("b", "r", "receptacle", 2),
                Tail("p0", "hots", "hot-upper/screw"),
                Tail("p1", "neutrals", "neutral-upper/screw"),
                Tail("p2", "grounds", "ground/screw"),
            ]);

    private static Job TwoWire() =>
        Jobs.WithBox("device-3x2x3-1/2")
            .Do(
                new AddCable(
                    "b",
                    "r0",
                    "k0",
                    new CableSpec(CableType.OldTwoWire, 2, GroundKind.None, Gauge.Awg(14)),
                    Says: "from below",
                    Feeds: Feeds.FeedsIn
                ),
                new AddDevice("b", "r", "receptacle", 1),
                new MoveLead("b", "r0.a0", GfciBox.At("hot-upper/screw", "r")),
                new MoveLead("b", "r0.a1", GfciBox.At("neutral-upper/screw", "r"))
            );

    private static AddPigtail Tail(string id, string joint, string place) =>
        new("b", id, GfciBox.In(joint), GfciBox.At(place, "r"), Length: new(Known.Measured, Length.Inches(8)));
}
