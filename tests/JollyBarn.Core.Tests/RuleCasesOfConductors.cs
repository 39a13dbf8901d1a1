using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using static JollyBarn.Inspection.Verdict;
using static JollyBarn.Testing.RuleBoxes;

namespace JollyBarn.Core.Tests;

/// <content>Rules of conductors and joints.</content>
internal static partial class RuleCases
{
    private static IEnumerable<RuleCase> OfConductors() =>
        [
            new("wire-breaker", "metal", "r0.a", Fine, "240.4(D)(5): 12 on 20"),
            new("wire-breaker", "switch", "r0.a", Fine, "240.4(D)(3): 14 on 15"),
            new(
                "wire-breaker",
                "switch",
                "r0.a",
                Fix,
                "240.4(D)(3): 14 on 20",
                new PutPanel(
                    "panel",
                    new Panel("Panel", SupplySystem.SplitPhase, 20) { Breakers = [new Breaker(1, 1, 20, BreakerKind.Standard, "c")] }
                )
            ),
            Box("wire-breaker", "blank", Measure, "240.4(D): breaker unknown"),
            new("pigtail-gauge", "metal", "t0", Fine, "240.4(D)(5)"),
            new(
                "pigtail-gauge",
                "metal",
                "t0",
                Fix,
                "240.4(D)(3): a 14 pigtail on 20",
                new SetPigtail("b", "t0", "black", new(Known.Measured, Length.Inches(8)), Gauge.Awg(14), ConductorUse.Hot)
            ),
            new("ground-gauge", "metal", "r0.a2", Fine, "Table 250.122: 12 on 20"),
            new("ground-gauge", "metal", "r0.a2", Fix, "Table 250.122: 14 on 20", new SetLeadWire("b", "r0.a2", Gauge.Awg(14))),
            new("free-length", "gfci", "safe.a0", Fine, "300.14: 6 in", Long("safe.a0", "6")),
            new("free-length", "gfci", "safe.a0", Fix, "300.14: 5 63/64 in", Long("safe.a0", "5 63/64")),
            Box("free-length", "gfci", Measure, "300.14: not measured"),
            new(
                "free-length",
                "gfci",
                "feed.a0",
                Fine,
                "300.14, 2023: the path through the joint counts",
                Long("feed.a0", "4"),
                Note("feed.a0", "path", "12")
            ),
            new(
                "free-length",
                "gfci",
                "feed.a0",
                Better,
                "300.14, 2020: ask the office",
                Long("feed.a0", "4"),
                Note("feed.a0", "path", "12"),
                In2020
            ),
            new(
                "free-length",
                "gfci",
                "feed.a0",
                Fix,
                "300.14: too short through the joint too",
                Long("feed.a0", "2"),
                Piece(Fact<Length>.Unknown),
                Note("feed.a0", "path", "5"),
                In2020
            ),
            new("free-length", "gfci", "feed.a0", Measure, "300.14: path not measured", Long("feed.a0", "4"), Piece(Fact<Length>.Unknown)),
            Pieced(Fine, "300.14, 2023: 4 in and a piece of 3 less 1 that the twist-on takes, 6", Long("feed.a0", "4"), Piece(Inch(3))),
            Pieced(Fix, "300.14, 2023: 4 + 2 − 1 = 5", Long("feed.a0", "4"), Piece(Inch(2))),
            Pieced(
                Fine,
                "300.14, 2023: 4 + 2, an inline connector takes nothing",
                Long("feed.a0", "4"),
                Piece(Inch(2)),
                new SetJoint("b", "hots", "inline", "hots")
            ),
            new(
                "reach",
                "gfci",
                "feed.a0",
                Fix,
                "300.14: 2 in, nothing joined on",
                Long("feed.a0", "2"),
                new RemovePigtail("b", "tail-hot")
            )
            {
                Case = "TooShortAnyway",
            },
            new(
                "reach",
                "gfci",
                "feed.a0",
                Fine,
                "300.14: 2 + 8 − 1 − 3 1/2 deep, 5 1/2 past the opening",
                Long("feed.a0", "2"),
                Piece(Inch(8))
            ),
            // rules.md 4: 6 governs until the lead comes out more than 3 in behind the opening. The 22.5 box is 3 1/2 deep.
            new("reach", "gfci", "safe.a0", Fine, "300.14: 3 in", Note("safe.a0", "past-opening", "3")),
            new("reach", "gfci", "safe.a0", Fix, "300.14: 2 7/8 in", Note("safe.a0", "past-opening", "2 7/8")),
            new(
                "reach",
                "gfci",
                "safe.a0",
                Fine,
                "300.14: 6 1/2 in in a box 3 1/2 deep reaches 3 wherever it comes out",
                Long("safe.a0", "6 1/2")
            ),
            new("reach", "gfci", "safe.a0", Measure, "300.14: 6 in may not reach", Long("safe.a0", "6")),
            new("reach", "gfci", "safe.a0", Fix, "300.14: 2 in cannot reach 3", Long("safe.a0", "2")),
            new("pigtail-length", "gfci", "tail-hot", Fine, "practice: 8 in"),
            new("pigtail-length", "gfci", "tail-hot", Better, "practice: 7 in", Note("tail-hot", "tail-length", "7")),
            new(
                "pigtail-length",
                "gfci",
                "tail-hot",
                Fine,
                "practice: 7 in in a house that wants 6",
                Note("tail-hot", "tail-length", "7"),
                new SetPractice(PracticeBook.PigtailLength.Key, "6")
            ),
            new("white-hot", "switch", "r0.a1", Fix, "200.7(C)(1)", new IdentifyLead("b", "r0.a1", "white", ConductorUse.Hot)),
            new("white-hot", "switch", "r0.a1", Fine, "200.7(C)(1)", new IdentifyLead("b", "r0.a1", "white", ConductorUse.Hot, "black")),
            new(
                "white-hot",
                "switch",
                "r0.a1",
                Fix,
                "200.7(C)(2): never the return, marked or not",
                new IdentifyLead("b", "r0.a1", "white", ConductorUse.Switched, "black")
            ),
            new("green", "metal", "r0.a2", Fine, "250.119"),
            new("green", "metal", "r0.a2", Stop, "250.119", new IdentifyLead("b", "r0.a2", "bare", ConductorUse.Hot)),
            new(
                "green",
                "metal",
                "r0.a2",
                Stop,
                "250.119, 250.142(B): a bare conductor that carries the current back",
                new IdentifyLead("b", "r0.a2", "bare", ConductorUse.Neutral)
            ),
            new("neutrals-apart", "metal", "neutrals", Fine, "200.4(A)"),
            new(
                "neutrals-apart",
                "metal",
                "neutrals",
                Stop,
                "200.4(A)",
                new PutCircuit("d", new Circuit("Lights")),
                new SetRun("r1", Circuit: "d")
            ),
            new("multiwire-neutral", "multiwire", "r0.a2", Fine, "300.13(B)"),
            new(
                "multiwire-neutral",
                "multiwire",
                "r0.a2",
                Fix,
                "300.13(B)",
                new AddCable("b", "r9", "k9", Jobs.Nm(12, 2)),
                new MoveLead("b", "r9.a1", GfciBox.At("neutral-lower/screw", "r"))
            ),
            new("multiwire-neutral", "multiwire", "r0.a2", Measure, "300.13(B)", new MoveLead("b", "r0.a2", Landing.Unknown)),
            new("multiwire-tied", "multiwire", "r0.a", Measure, "210.4(B)"),
            new("multiwire-tied", "multiwire", "r0.a", Fix, "210.4(B)", Note("r0.a", "tied", "no")),
            new("multiwire-tied", "multiwire", "r0.a", Fine, "210.4(B)", Note("r0.a", "tied", "yes")),
            new("multiwire-legs", "multiwire", "r0.a", Measure, "210.4"),
            new("multiwire-legs", "multiwire", "r0.a", Stop, "210.4", Note("r0.a", "legs", "same")),
            new("multiwire-legs", "multiwire", "r0.a", Fine, "210.4", Note("r0.a", "legs", "different")),
            new("joint-tight", "metal", "hots", Measure, "110.14(B)"),
            new("joint-tight", "metal", "hots", Stop, "110.14(B)", Note("hots", "tight", "no")),
            new("joint-tight", "metal", "hots", Fine, "110.14(B)", Note("hots", "tight", "yes")),
            new("joint-listed", "metal", "hots", Fix, "110.14(B)", Note("hots", "joint-listed", "no")),
            new("joint-listed", "metal", "hots", Fine, "110.14(B)", Note("hots", "joint-listed", "yes")),
            new("joint-near", "gfci", "grounds", Better, "practice: four 12 AWG under a medium"),
            new(
                "joint-near",
                "gfci",
                "grounds",
                null,
                "practice: the house allows it",
                new SetPractice(PracticeBook.NearLimit.Key, "allow")
            ),
            new("joint-near", "gfci", "hots", null, "practice: three 12 AWG under a medium"),
            new("joint-near", "thick", "j", Better, "practice: three 10 AWG under a large", Tens(3)),
            new("joint-wet", "joints", "hots", Fix, "110.14(B)", Room("outdoors", Wetness.Wet)),
            new(
                "joint-wet",
                "joints",
                "hots",
                Fine,
                "110.14(B)",
                [.. Room("outdoors", Wetness.Wet), new SetJoint("b", "hots", "sealed", "hots")]
            ),
            new("joint-wet", "joints", "hots", Fine, "110.14(B): dry", Room("living")),
            new("joint-reused", "metal", "hots", Better, "practice", Note("hots", "reused", "yes")),
            new("joint-reused", "metal", "hots", Fine, "practice", Note("hots", "reused", "no")),
            new("aluminum", "aluminum", "r0.a0", Measure, "404.14(C)"),
            new("aluminum", "aluminum", "r0.a0", Stop, "404.14(C)", Note("r", "al-marked", "no")),
            new("aluminum", "aluminum", "r0.a0", Fine, "406.3(C)", Note("r", "al-marked", "yes")),
            Box("licensed", "aluminum", Better, "practice"),
            new("licensed", "metal", "r0.a0", Better, "practice: burnt", Note("r0.a0", "damage", "burnt")),
            new("licensed", "metal", "r0.a0", null, "practice: a nick is no burn", Note("r0.a0", "damage", "nick")),
            new("lead-damage", "metal", "r0.a0", Stop, "110.12(B): it crumbles", Note("r0.a0", "damage", "burnt")),
            new("lead-damage", "metal", "r0.a0", Fix, "110.12(B)", Note("r0.a0", "damage", "nick")),
            new("lead-damage", "metal", "r0.a0", Fine, "110.12(B)", Note("r0.a0", "damage", "none")),
            new("lead-damage", "metal", "t0", Fix, "110.12(B): a pigtail too", Note("t0", "damage", "nick")),
            new("hook", "metal", "t0", Better, "practice: a pigtail too", Note("t0", "hook", "other")),
            new("bare-past", "metal", "t0", Better, "practice: a pigtail too", Note("t0", "bare", "1/8")),
            new("hook", "switch", "r0.a0", Better, "practice", Note("r0.a0", "hook", "other")),
            new("hook", "switch", "r0.a0", Fine, "practice", Note("r0.a0", "hook", "clockwise")),
            new("bare-past", "switch", "r0.a0", Better, "practice", Note("r0.a0", "bare", "1/8")),
            new("bare-past", "switch", "r0.a0", Fine, "practice: 1/16 in", Note("r0.a0", "bare", "1/16")),
            new("gauge-mixed", "metal", "hots", Better, "practice", new SetLeadWire("b", "r1.a0", Gauge.Awg(14))),
            new(
                "gauge-mixed",
                "metal",
                "hots",
                null,
                "practice: the house says nothing",
                new SetLeadWire("b", "r1.a0", Gauge.Awg(14)),
                new SetPractice(PracticeBook.MixedGauges.Key, "legal")
            ),
            Box("followed", "blank", Measure, "practice"),
            Box("followed", "metal", Fine, "practice"),
            Box("recorded", "partial", Measure, "practice"),
            Box("recorded", "metal", Fine, "practice"),
        ];

    private static Fact<Length> Inch(int inches) => new(Known.Measured, Length.Inches(inches));

    /// <summary>The piece joined on to the blacks of the gfci box.</summary>
    private static SetPigtail Piece(Fact<Length> length) => new("b", "tail-hot", "black", length, Gauge.Awg(12), ConductorUse.Hot);

    private static RuleCase Pieced(Verdict verdict, string source, params Edit[] edits) =>
        new("free-length", "gfci", "feed.a0", verdict, source, edits);
}
