using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using static JollyBarn.Inspection.Verdict;
using static JollyBarn.Testing.RuleBoxes;

namespace JollyBarn.Core.Tests;

/// <content>Rules of cables, and of how devices are fixed.</content>
internal static partial class RuleCases
{
    private static IEnumerable<RuleCase> OfCables() =>
        [
            new("cable-held", "metal", "r0.a", Fine, "314.17(B)"),
            new("cable-held", "metal", "r0.a", Fix, "314.17(B)", new SetEntry("b", "k0", Holding: Holding.Nothing)),
            new("cable-held", "metal", "r0.a", Measure, "314.17(B)", new SetEntry("b", "k0", Holding: Holding.Unknown)),
            new("cable-held", "gfci", "feed.a", Measure, "314.17(C) exception: no clamp, fastener unknown"),
            new(
                "cable-held",
                "gfci",
                "feed.a",
                Fine,
                "314.17(C) exception: 8 in along the sheath, sheath unknown",
                Note("feed.a", "fastener", "8")
            ),
            new("cable-held", "gfci", "feed.a", Fix, "314.17(C) exception: 8 1/16 in", Note("feed.a", "fastener", "8 1/16")),
            new("cable-held", "gfci", "feed.a", Fix, "314.17(C) exception: fished, cannot use it", Skip("feed.a", "fastener")),
            new("sheath", "metal", "r0.a", Measure, "314.17"),
            new("sheath", "metal", "r0.a", Fine, "314.17: 1/4 in", Note("r0.a", "sheath", "1/4")),
            new("sheath", "metal", "r0.a", Fix, "314.17: 15/64 in", Note("r0.a", "sheath", "15/64")),
            new("sheath-long", "metal", "r0.a", Fine, "practice: 1 in", Note("r0.a", "sheath", "1")),
            new("sheath-long", "metal", "r0.a", Better, "practice: 1 1/8 in", Note("r0.a", "sheath", "1 1/8")),
            new(
                "sheath-long",
                "metal",
                "r0.a",
                null,
                "practice: the house does not mind",
                Note("r0.a", "sheath", "3"),
                new SetPractice(PracticeBook.Sheath.Key, "any")
            ),
            new("fastener", "metal", "r0.a", Measure, "334.30"),
            new("fastener", "metal", "r0.a", Fine, "334.30: 12 in", Note("r0.a", "fastener", "12")),
            new("fastener", "metal", "r0.a", Fix, "334.30: 12 1/4 in", Note("r0.a", "fastener", "12 1/4")),
            new("fastener", "metal", "r0.a", Fine, "334.30(B)(1): fished", Skip("r0.a", "fastener")),
            new(
                "fastener",
                "metal",
                "r0.a",
                Better,
                "practice, stricter: 11 in at metal",
                Note("r0.a", "fastener", "11"),
                new SetPractice(PracticeBook.Fastener.Key, "stricter")
            ),
            new(
                "fastener",
                "metal",
                "r0.a",
                Fine,
                "practice, stricter: 10 in at metal",
                Note("r0.a", "fastener", "10"),
                new SetPractice(PracticeBook.Fastener.Key, "stricter")
            ),
            new("slack", "metal", "r0.a", Fine, "334.30, 2023: 18 in", Note("r0.a", "slack", "18"), Note("r0.a", "fastener", "8")),
            new("slack", "metal", "r0.a", Fix, "334.30, 2023: 19 in", Note("r0.a", "slack", "19"), Note("r0.a", "fastener", "8")),
            new("slack", "metal", "r0.a", Measure, "334.30, 2023: 19 in, perhaps fished", Note("r0.a", "slack", "19")),
            new("slack", "metal", "r0.a", null, "334.30, 2017 asks nothing", Note("r0.a", "slack", "19"), In2017),
            new("spacing", "metal", "r0.a", Fine, "334.30: 4 1/2 ft", Note("r0.a", "spacing", "54"), Note("r0.a", "fastener", "8")),
            new("spacing", "metal", "r0.a", Fix, "334.30: 55 in", Note("r0.a", "spacing", "55"), Note("r0.a", "fastener", "8")),
            new("spacing", "metal", "r0.a", Measure, "334.30: 55 in, perhaps fished", Note("r0.a", "spacing", "55")),
            new("spacing", "metal", "r0.a", Fine, "334.30(B)(1)", Note("r0.a", "spacing", "90"), Skip("r0.a", "fastener")),
            new("fastener-sound", "metal", "r0.a", Measure, "334.30", Note("r0.a", "fastener", "8")),
            new("fastener-sound", "metal", "r0.a", Fix, "334.30", Note("r0.a", "fastener", "8"), Note("r0.a", "fastener-sound", "no")),
            new("fastener-sound", "metal", "r0.a", Fine, "334.30", Note("r0.a", "fastener", "8"), Note("r0.a", "fastener-sound", "yes")),
            new("stacked", "metal", "r0.a", Better, "practice", Note("r0.a", "stacked", "yes")),
            new("stacked", "metal", "r0.a", Fine, "practice", Note("r0.a", "stacked", "no")),
            new("edge", "metal", "r0.a", Fine, "300.4(A): 1 1/4 in, plate unknown", Note("r0.a", "edge", "1 1/4")),
            new("edge", "metal", "r0.a", Measure, "300.4(A): 1 in, plate unknown", Note("r0.a", "edge", "1")),
            new("edge", "metal", "r0.a", Fix, "300.4(A): 1 in, no plate", Note("r0.a", "edge", "1"), Note("r0.a", "plated", "no")),
            new("edge", "metal", "r0.a", Fine, "300.4(D): 1 in, plated", Note("r0.a", "edge", "1"), Note("r0.a", "plated", "yes")),
            new("grommet", "metal", "r0.a", Measure, "300.4(B)", Note("r0.a", "metal-stud", "yes")),
            new("grommet", "metal", "r0.a", Fix, "300.4(B)", Note("r0.a", "metal-stud", "yes"), Note("r0.a", "grommet", "no")),
            new("grommet", "metal", "r0.a", Fine, "300.4(B)", Note("r0.a", "metal-stud", "yes"), Note("r0.a", "grommet", "yes")),
            // 12 AWG THHN is 0.130 in over its insulation (Chapter 9 Table 5): two and the sheath make about 0.32 in, five times that 1.6
            // in.
            new("bend", "metal", "r0.a", Fine, "334.24: 5 diameters", Note("r0.a", "bend", "1 5/8")),
            new("bend", "metal", "r0.a", Fix, "334.24", Note("r0.a", "bend", "1 1/2")),
            new("bushing", "armour", "r0.a", Measure, "320.40"),
            new("bushing", "armour", "r0.a", Fix, "320.40", Note("r0.a", "bushing", "no")),
            new("bushing", "armour", "r0.a", Fine, "320.40", Note("r0.a", "bushing", "yes")),
            new("entry-listed", "metal", "k0", Measure, "300.15", new AddCable("b", "r9", "k0", Jobs.Nm(12, 2))),
            new(
                "entry-listed",
                "metal",
                "k0",
                Fix,
                "300.15",
                new AddCable("b", "r9", "k0", Jobs.Nm(12, 2)),
                Note("k0", "two-listed", "no")
            ),
            new(
                "entry-listed",
                "metal",
                "k0",
                Fine,
                "300.15",
                new AddCable("b", "r9", "k0", Jobs.Nm(12, 2)),
                Note("k0", "two-listed", "yes")
            ),
            new("cable-damage", "metal", "r0.a", Measure, "110.12(B)"),
            new("cable-damage", "metal", "r0.a", Stop, "110.12(B)", Note("r0.a", "cable-damage", "conductor")),
            new("cable-damage", "metal", "r0.a", Stop, "110.12(B)", new HurtRun("r0", "x", new RunHurt(HurtKind.Cut))),
            new("cable-damage", "metal", "r0.a", Stop, "110.12(B)", new HurtRun("r0", "x", new RunHurt(HurtKind.Exposed))),
            new("cable-damage", "metal", "r0.a", Fix, "110.12(B)", new HurtRun("r0", "x", new RunHurt(HurtKind.Crushed))),
            new("cable-damage", "metal", "r0.a", Fix, "334.30", Note("r0.a", "cable-damage", "sheath")),
            new("cable-damage", "metal", "r0.a", Fine, "110.12(B)", Note("r0.a", "cable-damage", "none")),
            // 334.80, 310.15(C)(1): 12 AWG, 30 A at 90 °C. Three cables, six conductors, 80 %: 24 A. Five, ten conductors, 50 %: 15 A.
            new("bundled", "metal", "r0.a", Fine, "334.80: 24 A on 20", Note("r0.a", "bundled", "3")),
            new("bundled", "metal", "r0.a", Fix, "334.80: 15 A on 20", Note("r0.a", "bundled", "5")),
            new("bundled", "metal", "r0.a", Measure, "334.80: no breaker", new SetRun("r0", Circuit: ""), Note("r0.a", "bundled", "5")),
            new("bundled", "metal", "r0.a", null, "334.80: two need no adjustment", Note("r0.a", "bundled", "2")),
            new("bundled", "armour", "r0.a", null, "334.80 is of NM", Note("r0.a", "bundled", "5")),
            new("buried", "buried", "r0.a", Fine, "Table 300.5: 24 in, cover unknown", Note("r0.a", "buried", "24")),
            new("buried", "buried", "r0.a", Measure, "Table 300.5: 12 in, cover unknown", Note("r0.a", "buried", "12")),
            new(
                "buried",
                "buried",
                "r0.a",
                Fine,
                "Table 300.5 column 4: 12 in, GFCI ahead",
                Note("r0.a", "buried", "12"),
                Note("r0.a", "cover", "soil"),
                Note("box", "gfci-ahead", "yes")
            ),
            new(
                "buried",
                "buried",
                "r0.a",
                Fix,
                "Table 300.5: 12 in, none ahead",
                Note("r0.a", "buried", "12"),
                Note("r0.a", "cover", "soil"),
                Note("box", "gfci-ahead", "no")
            ),
            new(
                "buried",
                "buried",
                "r0.a",
                Measure,
                "Table 300.5: 12 in, ahead unknown",
                Note("r0.a", "buried", "12"),
                Note("r0.a", "cover", "soil")
            ),
            new(
                "buried",
                "buried",
                "r0.a",
                Fix,
                "Table 300.5: 11 in, whatever is ahead",
                Note("r0.a", "buried", "11"),
                Note("r0.a", "cover", "soil")
            ),
            new(
                "buried",
                "buried",
                "r0.a",
                Fine,
                "Table 300.5: 18 in under concrete",
                Note("r0.a", "buried", "18"),
                Note("r0.a", "cover", "concrete")
            ),
            // Table 300.5, columns 1 to 4 by rows; 12 and 6 in are of column 4, one pole of 20 A at most with GFCI ahead.
            .. Depths("24 in plain", "soil", null, ("24", Fine), ("23", Fix)),
            .. Depths("column 1 under concrete", "concrete", null, ("18", Fine), ("17", Fix)),
            .. Depths("column 4 under concrete", "concrete", null, ("6", Fine), ("5", Fix)).Select(Guarded),
            .. Depths("column 4 under a drive", "drive", null, ("12", Fine), ("11", Fix)).Select(Guarded),
            .. Depths("no less under a road", "road", null, ("24", Fine), ("23", Fix)).Select(Guarded),
            .. Depths("column 3", "soil", "plastic", ("18", Fine), ("17", Fix)),
            .. Depths("column 3, tubing", "soil", "tubing", ("18", Fine), ("17", Fix)),
            .. Depths("column 2", "soil", "rigid-metal", ("6", Fine), ("5", Fix)),
            .. Depths("column 3 under concrete", "concrete", "plastic", ("12", Fine), ("11", Fix)),
            .. Depths("column 2 under concrete", "concrete", "rigid-metal", ("6", Fine), ("5", Fix)),
            .. Depths("column 4, raceway", "soil", "plastic", ("12", Fine), ("11", Fix)).Select(Guarded),
            new("buried", "buried", "r0.a", Measure, "Table 300.5: which raceway", [Raceway(), .. Lies("10", "soil", null)]),
            new(
                "buried",
                "buried",
                "r0.a",
                Measure,
                "Table 300.5: no breaker known",
                [new SetRun("r0", Circuit: ""), .. Lies("12", "soil", null)]
            ),
            new(
                "buried",
                "buried",
                "r0.a",
                Fix,
                "Table 300.5 column 4: 120 V only, not two poles",
                [
                    .. Lies("12", "soil", null),
                    Note("box", "gfci-ahead", "yes"),
                    new PutPanel(
                        "panel",
                        new Panel("Panel", SupplySystem.SplitPhase, 20) { Breakers = [new Breaker(1, 2, 20, Circuit: "c")] }
                    ),
                ]
            ),
            new(
                "buried",
                "buried",
                "r0.a",
                Fix,
                "Table 300.5 column 4: marked as protected, and followed to a plain breaker",
                [
                    .. Lies("12", "soil", null),
                    new NameCable("b", "r0", RunSide.A, null, Feeds.Protected),
                    new EndAtPanel("r0", RunSide.B, "panel"),
                    Note("box", "gfci-ahead", "yes"),
                ]
            )
            {
                Case = "SaidGuarded",
            },
            new(
                "slack",
                "metal",
                "r0.a",
                Better,
                "practice: no loop",
                Note("r0.a", "slack", "3"),
                Note("r0.a", "fastener", "8"),
                new SetPractice(PracticeBook.Slack.Key, "yes")
            ),
            new("riser", "buried", "r0.a", Measure, "300.5(D)(1)", Note("r0.a", "buried", "24")),
            new("riser", "buried", "r0.a", Fix, "300.5(D)(1)", Note("r0.a", "buried", "24"), Note("r0.a", "riser", "no")),
            new("riser", "buried", "r0.a", Fine, "300.5(D)(1)", Note("r0.a", "buried", "24"), Note("r0.a", "riser", "yes")),
        ];

    /// <summary>The receptacle of the metal box fed and feeding on by its screws.</summary>
    private static Edit[] FedThrough =>
        [
            new MoveLead("b", "r0.a0", GfciBox.At("hot-upper/screw", "r")),
            new MoveLead("b", "r1.a0", GfciBox.At("hot-lower/screw", "r")),
            new RemovePigtail("b", "t0"),
        ];

    private static IEnumerable<RuleCase> Depths(string says, string over, string? raceway, params (string Depth, Verdict Verdict)[] rows) =>
        rows.Select(r => new RuleCase(
            "buried",
            "buried",
            "r0.a",
            r.Verdict,
            $"Table 300.5: {says}, {r.Depth} in",
            [.. raceway is null ? Array.Empty<Edit>() : [Raceway()], .. Lies(r.Depth, over, raceway), Note("box", "gfci-ahead", "no")]
        ));

    private static RuleCase Guarded(RuleCase row) => row with { Edits = [.. row.Edits.SkipLast(1), Note("box", "gfci-ahead", "yes")] };

    private static SetRun Raceway() => new("r0", CableType.Raceway);

    private static IEnumerable<Edit> Lies(string depth, string over, string? raceway) =>
        [
            Note("r0.a", "buried", depth),
            Note("r0.a", "cover", over),
            .. raceway is null ? Array.Empty<Edit>() : [Note("r0.a", "raceway", raceway)],
        ];

    /// <summary>How devices are fixed, and wires in them.</summary>
    private static IEnumerable<RuleCase> OfFixing() =>
        [
            new("rigid", "metal", "r", Measure, "406.5"),
            new("rigid", "metal", "r", Fix, "406.5", Note("r", "rigid", "no")),
            new("rigid", "metal", "r", Fine, "406.5", Note("r", "rigid", "yes")),
            new("device-screws", "metal", "r", Fix, "406.5(F)", Note("r", "screws", "other")),
            new("device-screws", "metal", "r", Fine, "406.5(F)", Note("r", "screws", "machine")),
            new("fed-through", "metal", "r", Better, "practice: what feeds on hangs on the device", FedThrough),
            new(
                "fed-through",
                "metal",
                "r",
                Fine,
                "practice: the house goes through the device",
                [.. FedThrough, new SetPractice(PracticeBook.AtDevice.Key, "through")]
            ),
            new("push-in", "switch", "r0.a0", Better, "practice", new MoveLead("b", "r0.a0", GfciBox.At("hot/push", "s"))),
            new(
                "push-in",
                "switch",
                "r0.a0",
                null,
                "practice: the house allows it",
                new MoveLead("b", "r0.a0", GfciBox.At("hot/push", "s")),
                new SetPractice(PracticeBook.PushIn.Key, "allow")
            ),
        ];
}
