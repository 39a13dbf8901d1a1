using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using static JollyBarn.Inspection.Verdict;

namespace JollyBarn.Core.Tests;

/// <content>Boxes in which everything is there and not connected as it should be: ground, polarity, protection by the recorded wiring.
/// Articles from memory of the National Electrical Code.</content>
internal static partial class RuleCases
{
    /// <summary>What a mark says beside what the wiring shows: the cable of a receptacle followed to the panel, and one that ends in a box
    /// where nothing is joined to it.</summary>
    private static IEnumerable<RuleCase> OfMarks() =>
        [
            new("feed-mark", "outlet@panel", "r0.a", Fine, "practice: it comes from the panel", Marked("r0", Feeds.FeedsIn)),
            new("feed-mark", "outlet@panel", "r0.a", Fix, "practice: marked as going on", Marked("r0", Feeds.FeedsOn)),
            new("feed-mark", "outlet@panel", "r9.a", Fine, "practice: it goes on to nothing", [.. DeadEnd(), Marked("r9", Feeds.FeedsOn)]),
            new("feed-mark", "outlet@panel", "r9.a", Fix, "practice: marked as feeding in", [.. DeadEnd(), Marked("r9", Feeds.FeedsIn)]),
            new("feed-mark", "outlet@panel", "r0.a", Fix, "210.8: marked as protected, and nothing is", Marked("r0", Feeds.Protected)),
            new("feed-mark", "outlet", "r0.a", null, "210.8: marked as protected, and nobody followed it", Marked("r0", Feeds.Protected)),
            new("feed-mark", "outlet", "r0.a", null, "practice: nobody followed it", Marked("r0", Feeds.FeedsIn)),
        ];

    private static NameCable Marked(string run, Feeds feeds) => new("b", run, RunSide.A, null, feeds);

    private static Edit[] DeadEnd() =>
        [
            new AddCable("b", "r9", "k9", Jobs.Nm(14, 2)),
            new AddBox("end", "End", "nm-1g-18", null, null, Contents.Complete),
            new ConnectRun("end", "r9", RunSide.B, "k"),
            .. Enumerable.Range(0, 3).SelectMany(i => new[] { Free("b", $"r9.a{i}"), Free("end", $"r9.b{i}") }),
        ];

    private static MoveLead Free(string box, string lead) => new(box, lead, Landing.Loose);

    private static IEnumerable<RuleCase> OfConnection() =>
        [.. OfMarks(), .. OfPolarity(), .. OfColours(), .. OfGrounds(), .. OfProtection()];

    private static IEnumerable<RuleCase> OfPolarity() =>
        [
            new("polarity", "outlet@panel", "r", Fine, "200.11: followed to the panel") { Case = "Followed" },
            new("live-metal", "outlet@panel", "r", Stop, "250.4(A)(5): hot on the ground screw, bare on the hot screw", HotOnGround())
            {
                Case = "Device",
            },
            new("polarity", "outlet@panel", "r0.a2", Stop, "250.142(B): bare on the hot screw", HotOnGround()) { Case = "GroundAsHot" },
            new(
                "polarity",
                "outlet@panel",
                "r0.a2",
                Stop,
                "250.142(B): bare on a neutral terminal, used as neutral",
                Move("r0.a1", Landing.Loose),
                To("r0.a2", "neutral-upper/screw")
            )
            {
                Case = "GroundAsNeutral",
            },
            new(
                "polarity",
                "outlet@panel",
                "r0.a0",
                Stop,
                "200.11: black on the neutral screw",
                To("r0.a0", "neutral-upper/screw"),
                To("r0.a1", "hot-upper/screw")
            )
            {
                Case = "Crossed",
            },
            new("green", "switch@panel", "r1.a2", Stop, "250.119: bare as a switch's switched wire", BareSwitched()) { Case = "Live" },
            new("short", "metal@panel", "r0.a0", Stop, "110.7: hot on the box's bonding screw", Move("r0.a0", new(LandingAt.BondingScrew)))
            {
                Case = "Elsewhere",
            },
            new(
                "live-metal",
                "two-wire@panel",
                "r",
                Stop,
                "250.4(A)(5): hot on the bonding screw of a box without a ground",
                Move("r0.a0", new(LandingAt.BondingScrew))
            )
            {
                Case = "Device",
            },
            new(
                "live-metal",
                "blank",
                "box",
                Stop,
                "250.4(A)(5): the same of a box with nothing in it, by the mark of its cable",
                new NameCable("b", "r0", RunSide.A, "from the pantry", Feeds.FeedsIn),
                new MoveLead("b", "r0.a0", new(LandingAt.BondingScrew))
            )
            {
                Case = "Box",
            },
            new("short", "three-way@panel", "s", Stop, "110.7: a traveler joined to the grounds, at one position of the switch", Grounded())
            {
                Case = "WhenSwitched",
            },
            new("short", "outlet@panel", "r", Stop, "110.7: hot and neutral on the two ends of one tab", To("r0.a1", "hot-lower/screw"))
            {
                Case = "OnDevice",
            },
            new(
                "short",
                "two-legs",
                "r",
                Stop,
                "210.7, 110.7: a whole tab between two legs",
                new MoveLead("b", "on.a1", GfciBox.At("hot-lower/screw", "r"))
            )
            {
                Case = "TwoLegs",
            },
            new(
                "live-metal",
                "switch@panel",
                "s",
                Stop,
                "250.4(A)(5): the switched wire on the ground screw, no ground there",
                SwitchedOnGround()
            )
            {
                Case = "DeviceWhenOn",
            },
            new("live-metal", "behind", "box", Stop, "250.4(A)(5): a switched hot on the bonding screw, its ground capped", SwitchedOnBox())
            {
                Case = "BoxWhenOn",
            },
            new("switch-neutral-cut", "loop", "s", Measure, "404.2(B): a switch loop whose white may be the feed") { Case = "AskWhich" },
            new(
                "switch-neutral-cut",
                "switch@panel",
                "s",
                Stop,
                "404.2(B): the neutral on the switch, by the wiring",
                Move("r0.a0", Landing.Loose),
                new MoveLead("b", "r0.a1", GfciBox.At("hot/screw", "s"))
            )
            {
                Case = "InNeutral",
            },
            new("switch-works", "switch@panel", "s", Fine, "practice: it switches what goes on") { Case = "Works" },
            new("switch-works", "switch@panel", "s", Fix, "practice: bridged", Bridge("hot/screw", "switched/screw")) { Case = "Nothing" },
            new("switch-works", "three-ways", "s", Fine, "practice: two three-ways") { Case = "Works" },
            new("switch-works", "three-ways", "s", Fix, "practice: the common and a traveler exchanged", Crossed()) { Case = "NotAlways" },
            new("neutral-ground", "two-wire@panel", "r0.a1", Stop, "250.142(B): a jumper from neutral to ground, no ground there", Jumper())
            {
                Case = "OnDeviceGround",
            },
            new("neutral-ground", "behind", "on.b1", Stop, "250.142(B): a jumper at the receptacle, its ground sound", Jumper())
            {
                Case = "OnGround",
            },
            new("fed", "outlet@panel", "r", Fix, "practice: its neutral is open", Move("r0.a1", new(LandingAt.Cap))) { Case = "NoNeutral" },
            new("fed", "outlet@panel", "r", Fix, "practice: its hot is capped", Move("r0.a0", new(LandingAt.Cap))) { Case = "NoHot" },
            new("fed", "behind", "r", Fix, "practice: both joints before it are open", Apart("hots"), Apart("neutrals"))
            {
                Case = "Nothing",
            },
        ];

    private static IEnumerable<RuleCase> OfColours() =>
        [
            new("green", "metal@panel", "g0", Stop, "250.119: a green pigtail from the hots", Tail("g0", "hots", "green"))
            {
                Case = "Live",
            },
            new("green", "metal@panel", "g0", Fix, "250.119: a green pigtail from the neutrals", Tail("g0", "neutrals", "green"))
            {
                Case = "Neutral",
            },
            new("white-hot", "metal@panel", "w0", Fix, "200.6: a white pigtail from the grounds", Tail("w0", "grounds", "white"))
            {
                Case = "AsGround",
            },
            new("white-hot", "metal@panel", "w0", Fix, "200.7(C)(1): a white pigtail from the hots", Tail("w0", "hots", "white"))
            {
                Case = "NotMarked",
            },
            new("white-hot", "metal@panel", "w.a1", Fix, "200.7: white is re-marked in a cable, not in a raceway", WhiteInRaceway())
            {
                Case = "InRaceway",
            },
            new("colour", "metal@panel", "k0", Fix, "200.6(A): a black pigtail from the neutrals", Tail("k0", "neutrals", "black"))
            {
                Case = "AsNeutral",
            },
            new("colour", "metal@panel", "k0", Fix, "250.119: a red pigtail from the grounds", Tail("k0", "grounds", "red"))
            {
                Case = "AsGround",
            },
            new("colour", "metal@panel", "k0", null, "200.6(A): a black pigtail from the hots", Tail("k0", "hots", "black")),
        ];

    private static MoveLead Move(string lead, Landing to) => new("b", lead, to);

    private static MoveLead To(string lead, string place) => new("b", lead, GfciBox.At(place, "r"));

    private static Edit[] HotOnGround() => [Move("r0.a2", Landing.Loose), To("r0.a0", "ground/screw"), To("r0.a2", "hot-upper/screw")];

    private static Edit[] SwitchedOnGround() =>
        [
            new RemovePigtail("b", "t"),
            new MoveLead("b", "r1.a0", GfciBox.At("ground/screw", "s")),
            Bridge("switched/screw", "ground/screw"),
        ];

    private static AddPigtail Bridge(string from, string to) => new("b", "bridge", GfciBox.At(from, "s"), GfciBox.At(to, "s"));

    private static Edit[] SwitchedOnBox() =>
        [
            new RemoveDevice("b", "r"),
            new MoveLead("b", "on.b0", new(LandingAt.BondingScrew)),
            new MoveLead("b", "on.b2", new(LandingAt.Cap)),
            new AddPart("j", "ring", "ring-4-1g-1/2"),
            new AddDevice("j", "s", "switch", 1),
            new MoveLead("j", "feed.a0", GfciBox.At("hot/screw", "s")),
            new MoveLead("j", "on.a0", GfciBox.At("switched/screw", "s")),
        ];

    private static Edit[] Grounded() =>
        [Move("r1.a0", new(LandingAt.Cap)), new AddPigtail("b", "x", GfciBox.In("grounds"), GfciBox.At("traveler-1/screw", "s"))];

    private static Edit[] Crossed() =>
        [
            Move("r0.a0", new(LandingAt.Cap)),
            new MoveLead("b", "r1.a0", GfciBox.At("common/screw", "s")),
            new MoveLead("b", "r0.a0", GfciBox.At("traveler-1/screw", "s")),
        ];

    private static Edit[] BareSwitched() => [Move("r1.a0", Landing.Loose), new MoveLead("b", "r1.a2", GfciBox.At("switched/screw", "s"))];

    private static AddPigtail Jumper() => new("b", "jumper", GfciBox.At("neutral-lower/screw", "r"), GfciBox.At("ground/screw", "r"));

    private static AddPigtail Tail(string id, string joint, string colour) =>
        new("b", id, GfciBox.In(joint), new(LandingAt.Cap), Colour: colour);

    private static RemoveJoint Apart(string joint) => new("j", joint);

    private static Edit[] WhiteInRaceway() =>
        [
            new AddCable("b", "w", "kw", new CableSpec(CableType.Raceway, 2, GroundKind.Insulated, Gauge.Awg(12))),
            new IdentifyLead("b", "w.a1", "white", ConductorUse.Hot, "black"),
            new MoveLead("b", "w.a1", GfciBox.In("hots")),
        ];
}
