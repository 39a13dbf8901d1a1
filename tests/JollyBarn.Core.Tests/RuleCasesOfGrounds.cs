using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using static JollyBarn.Inspection.Verdict;
using static JollyBarn.Testing.RuleBoxes;

namespace JollyBarn.Core.Tests;

/// <content>Grounds and protection that are there and, by the recorded wiring, do or do not do their work. Articles from memory of the
/// National Electrical Code.</content>
internal static partial class RuleCases
{
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

    private static NoteFact Ahead() => Note("box", "afci-ahead", "yes");

    private static NoteFact MetalPlate() => Note("box", "plate-metal", "yes");

    private static MoveLead CappedBefore() => new("j", "on.a2", new(LandingAt.Cap));

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

    private static Edit[] Dimmer() =>
        [
            new EndAtPanel("r0", RunSide.B, "panel"),
            new JoinLeads("b", "hots", "twist-on-small", ["r0.a0", "d.hot"], "hots"),
            new JoinLeads("b", "neutrals", "twist-on-small", ["r0.a1"], "neutrals"),
            new JoinLeads("b", "grounds", "twist-on-small", ["r0.a2", "d.ground"], "grounds"),
        ];
}
