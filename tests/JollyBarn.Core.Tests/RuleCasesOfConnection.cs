using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using static JollyBarn.Inspection.Verdict;
using static JollyBarn.Testing.RuleBoxes;

namespace JollyBarn.Core.Tests;

/// <content>Boxes in which everything is there and not connected as it should be: ground, polarity, protection by the recorded wiring.
/// Articles from memory of the National Electrical Code.</content>
internal static partial class RuleCases
{
    private static IEnumerable<RuleCase> OfConnection() => [.. OfPolarity(), .. OfColours(), .. OfGrounds(), .. OfProtection()];

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

    private static IEnumerable<RuleCase> OfGrounds() =>
        [
            new("ground-path", "outlet@panel", "r0.a2", Fine, "250.4(A)(5): followed to the panel") { Case = "Reaches" },
            new("ground-path", "outlet", "r0.a2", Measure, "250.4(A)(5): nobody followed it") { Case = "AskFollow" },
            new("ground-path", "outlet", "r0.a2", Fine, "250.4(A)(5): tested", Note("r0.a", "ground-tested", "yes")) { Case = "Tested" },
            new("ground-path", "outlet", "r0.a2", Fix, "250.4(A)(5): tested, and none", Note("r0.a", "ground-tested", "no"))
            {
                Case = "TestedNone",
            },
            new("ground-path", "extended@panel", "r1.a2", Fix, "250.130(C): extended without bringing a ground") { Case = "Extended" },
            Box("box-bonded", "extended@panel", Fix, "314.4, 250.148(C): the new cable's ground is on nothing") with
            {
                Case = "DeadGround",
            },
            new("no-ground", "extended@panel", "r", Fix, "406.4(D)(2)(b): the outgoing ground hangs on the receptacle") { Case = "RunsOn" },
            new("device-bonded", "extended@panel", "r", Fix, "250.146: on a ground that reaches no panel") { Case = "DeadGround" },
            new("device-bonded", "beyond", "r", Fix, "250.146: the next box on the same circuit") { Case = "DeadGround" },
            Box("box-bonded", "metal@panel", Fine, "250.148(C): tested or followed") with
            {
                Case = "Bonded",
            },
            Box("box-bonded", "metal", Fine, "250.148(C): tested, not followed", Note("r0.a", "ground-tested", "yes")) with
            {
                Case = "Tested",
            },
            new("device-bonded", "behind", "r", Fine, "250.146: through the box before it") { Case = "Bonded" },
            new("device-bonded", "behind", "r", Fix, "250.146: its ground capped one box before", CappedBefore()) { Case = "DeadGround" },
            new("ground-path", "behind", "on.b2", Fix, "250.4(A)(5): it goes to the junction and no further", CappedBefore())
            {
                Case = "EndsAt",
            },
            new("device-bonded", "lamp@panel", "l", Fine, "410.42") { Case = "Bonded" },
            new("device-bonded", "lamp@panel", "l", Fix, "410.42: its own ground lead loose", Move("l.ground", Landing.Loose))
            {
                Case = "LeadLoose",
            },
            new(
                "device-bonded",
                "dimmer@panel",
                "d",
                Fix,
                "404.9(B): a dimmer's ground lead capped",
                Move("d.ground", new(LandingAt.Cap)),
                new JoinLeads("b", "grounds", "twist-on-small", ["r0.a2"], "grounds")
            )
            {
                Case = "NotBonded",
            },
            new(
                "device-bonded",
                "metal@panel",
                "s",
                Fine,
                "404.9(B)(1): a switch held by metal screws to a bonded metal box",
                MetalSwitch("machine")
            )
            {
                Case = "ByBox",
            },
            new("device-bonded", "metal@panel", "s", Measure, "404.9(B)(1): by what screws?", MetalSwitch(null)) { Case = "AskScrews" },
            new("device-bonded", "lamp@panel", "l", Measure, "410.42: no ground comes, metal unknown", [.. WithoutGround()])
            {
                Case = "AskMetal",
            },
            new("device-bonded", "lamp@panel", "l", Fix, "410.42: no ground comes, metal canopy", [.. WithoutGround(), Touched("yes")])
            {
                Case = "NoGround",
            },
            new("device-bonded", "lamp@panel", "l", Fine, "410.44: no ground comes, nothing to touch", [.. WithoutGround(), Touched("no")])
            {
                Case = "NoExposedMetal",
            },
            new("no-ground", "outlet", "r", Fine, "406.4(D)(1): tested, not followed", Note("r0.a", "ground-tested", "yes"))
            {
                Case = "GroundTested",
            },
            Box("plate-bonded", "dimmer", Fine, "404.9(B): a metal plate on a dimmer bonded by its lead", [.. Dimmer(), MetalPlate()]) with
            {
                Case = "ByYoke",
            },
        ];

    private static IEnumerable<RuleCase> OfProtection() =>
        [
            new("gfci", "garage@panel", "r", Fix, "210.8(A)(2): on the line joint beside a protective receptacle") { Case = "Unprotected" },
            new("gfci", "garage@panel", "g", Fine, "210.8(A)(2): its own face") { Case = "Protected" },
            new("gfci", "garage@panel", "r", Fix, "210.8(A)(2): said to be protected, and is not", Note("box", "gfci-ahead", "yes"))
            {
                Case = "SaidProtected",
            },
            new(
                "gfci",
                "garage@panel",
                "r",
                Fix,
                "210.8(A)(2): its hot moved to the load side alone",
                new LandPigtail("b", "p0", false, GfciBox.At("load-hot/plate"))
            )
            {
                Case = "Bypassed",
            },
            new(
                "gfci",
                "garage@panel",
                "r",
                Fine,
                "210.8(A)(2): both moved to the load side",
                new LandPigtail("b", "p0", false, GfciBox.At("load-hot/plate")),
                new LandPigtail("b", "p1", false, GfciBox.At("load-neutral/plate"))
            )
            {
                Case = "Protected",
            },
            new("gfci", "metal", "r", Fine, "210.8(A)(1): as somebody said", [.. Room("bathroom"), Note("box", "gfci-ahead", "yes")])
            {
                Case = "ProtectedByAnswer",
            },
            new(
                "gfci",
                "metal",
                "r",
                Fine,
                "210.8(A)(1): by the mark of a cable nobody followed",
                [.. Room("bathroom"), new NameCable("b", "r0", RunSide.A, "from the pantry", Feeds.Protected)]
            )
            {
                Case = "ProtectedByMark",
            },
            new("gfci", "metal@panel", "r", Fix, "210.8(A)(2): an outbuilding at grade, not lived in", Room("outbuilding"))
            {
                Case = "Unprotected",
            },
            new(
                "line-load",
                "garage@panel",
                "g",
                Fix,
                "110.3(B): black on load, neutral on line",
                new LandPigtail("b", "tail-hot", true, GfciBox.At("load-hot/plate")),
                new MoveLead("b", "safe.a0", GfciBox.At("line-hot/plate"))
            )
            {
                Case = "FeedOnLoad",
            },
            new(
                "line-load",
                "garage@panel",
                "g",
                Fix,
                "110.3(B): the neutral of the feed on load",
                new LandPigtail("b", "tail-neutral", true, GfciBox.At("load-neutral/plate")),
                new MoveLead("b", "safe.a1", GfciBox.At("line-neutral/plate"))
            )
            {
                Case = "NeutralOnLoad",
            },
            new(
                "line-load",
                "garage@panel",
                "g",
                Fix,
                "110.3(B): the outgoing white with the line neutrals",
                new MoveLead("b", "safe.a1", GfciBox.In("neutrals"))
            )
            {
                Case = "HalfOnLoad",
            },
            new("line-load", "garage@panel", "g", Fine, "110.3(B)") { Case = "OnLine" },
            Box("afci", "metal@panel", Fix, "210.12(A): said to be there, and its breaker is none", [.. Room("bedroom"), Ahead()]) with
            {
                Case = "SaidProtected",
            },
        ];

    private static MoveLead Move(string lead, Landing to) => new("b", lead, to);

    private static MoveLead To(string lead, string place) => new("b", lead, GfciBox.At(place, "r"));

    private static NoteFact Ahead() => Note("box", "afci-ahead", "yes");

    private static NoteFact MetalPlate() => Note("box", "plate-metal", "yes");

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

    private static MoveLead CappedBefore() => new("j", "on.a2", new(LandingAt.Cap));

    private static RemoveJoint Apart(string joint) => new("j", joint);

    private static Edit[] MetalSwitch(string? screws) =>
        [
            new SetBoxKind("b", "device-2g"),
            new AddDevice("b", "s", "switch", 2),
            .. screws is { } by ? [Note("s", "screws", by)] : Array.Empty<Edit>(),
        ];

    private static NoteFact Touched(string answer) => Note("l", "exposed-metal", answer);

    /// <summary>The lamp at the end of old two-wire cable.</summary>
    private static Edit[] WithoutGround() =>
        [
            new RemoveCable("b", "r0"),
            new SetBoxKind("b", "nm-round-22.5"),
            new AddCable(
                "b",
                "old",
                "k9",
                new CableSpec(CableType.OldTwoWire, 2, GroundKind.None, Gauge.Awg(14)),
                EntrySide.Top,
                null,
                "from the switch",
                Feeds.FeedsIn
            ),
            new SetRun("old", Circuit: "c"),
            new MoveLead("b", "old.a0", GfciBox.In("hots")),
            new MoveLead("b", "old.a1", GfciBox.In("neutrals")),
        ];

    private static Edit[] WhiteInRaceway() =>
        [
            new AddCable("b", "w", "kw", new CableSpec(CableType.Raceway, 2, GroundKind.Insulated, Gauge.Awg(12))),
            new IdentifyLead("b", "w.a1", "white", ConductorUse.Hot, "black"),
            new MoveLead("b", "w.a1", GfciBox.In("hots")),
        ];

    private static Edit[] Dimmer() =>
        [
            new EndAtPanel("r0", RunSide.B, "panel"),
            new JoinLeads("b", "hots", "twist-on-small", ["r0.a0", "d.hot"], "hots"),
            new JoinLeads("b", "neutrals", "twist-on-small", ["r0.a1"], "neutrals"),
            new JoinLeads("b", "grounds", "twist-on-small", ["r0.a2", "d.ground"], "grounds"),
        ];
}
