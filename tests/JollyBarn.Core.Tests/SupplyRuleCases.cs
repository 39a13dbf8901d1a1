using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using static JollyBarn.Inspection.Verdict;

namespace JollyBarn.Core.Tests;

/// <content>A case a line: what is done to a sound circuit, and what the article says of it.</content>
public partial class SupplyRuleTests
{
    private static readonly Job Multiwire = SmallHouse.Multiwire();

    /// <summary>The house with nobody having recorded the circuit of its second cable.</summary>
    private static readonly Job Unrecorded = SmallHouse.Receptacle() is var job
        ? job with
        {
            Runs = job.Runs.With("on", job.Runs["on"] with { Circuit = null }),
        }
        : job;

    private static readonly IReadOnlyList<Case> Cases =
    [
        .. Rest(),
        new("circuit-breaker", "circuit", Fine, "408.4(A)"),
        new("circuit-breaker", "circuit", Measure, "408.4(A): no breaker known", Breakers()),
        new("circuit-breaker", "circuit", Measure, "240.83: rating not read", Breakers(new Breaker(1, 1, null, BreakerKind.Standard, "c"))),
        new("legs", "circuit", null, "210.4: one breaker, one pole"),
        new("legs", "circuit", Fine, "210.4: a two-pole breaker is on both legs") { House = Multiwire },
        new(
            "legs",
            "circuit",
            Stop,
            "practice: slots 1 and 2 are on one leg",
            Breakers(new Breaker(1, 1, 20, BreakerKind.Standard, "c"), new Breaker(2, 1, 20, BreakerKind.Standard, "c"))
        )
        {
            House = Multiwire,
        },
        new(
            "legs",
            "circuit",
            Fine,
            "practice: slots 1 and 3 are on two legs",
            Breakers(new Breaker(1, 1, 20, BreakerKind.Standard, "c"), new Breaker(3, 1, 20, BreakerKind.Standard, "c"))
        )
        {
            House = Multiwire,
        },
        new(
            "legs",
            "circuit",
            Stop,
            "practice: both halves of a tandem are on one leg",
            Breakers(new Breaker(1, 1, 20, BreakerKind.Tandem, "c"), new Breaker(1, 1, 20, BreakerKind.Tandem, "c") { Lower = true })
        )
        {
            House = Multiwire,
        },
        new(
            "legs",
            "circuit",
            Fine,
            "practice: a wye panel has three legs, slots 1 and 5 on two of them",
            Breakers(SupplySystem.Wye, new Breaker(1, 1, 20, BreakerKind.Standard, "c"), new Breaker(5, 1, 20, BreakerKind.Standard, "c"))
        )
        {
            House = Multiwire,
        },
        new(
            "legs",
            "circuit",
            Stop,
            "practice: slots 1 and 5 of a split-phase panel are on one leg",
            Breakers(new Breaker(1, 1, 20, BreakerKind.Standard, "c"), new Breaker(5, 1, 20, BreakerKind.Standard, "c"))
        )
        {
            House = Multiwire,
        },
        new(
            "legs",
            "circuit",
            Fix,
            "240.8: two breakers on one hot",
            Breakers(new Breaker(1, 1, 15, BreakerKind.Standard, "c"), new Breaker(3, 1, 15, BreakerKind.Standard, "c"))
        ),
        new("wire-pieces", "on", null, "240.4(D): judged in its box"),
        new(
            "wire-pieces",
            "on",
            Fix,
            "240.4(D)(3): 14 AWG on 20 A, its circuit not recorded but its hot joined to it",
            Breakers(new Breaker(1, 1, 20, BreakerKind.Standard, "c"))
        )
        {
            House = Unrecorded,
        },
        new("wire-pieces", "on", Fine, "240.4(D)(3): 14 AWG on 15 A, its circuit not recorded") { House = Unrecorded },
        new("together", "feed", null, "300.3(B)"),
        new("load", "circuit", null, "210.20(A): nothing said"),
        new("load", "circuit", Fine, "210.20(A): 15 A on 15 A", Load("r", 1800), Said("r", "load-long", "no")),
        new("load", "circuit", Fix, "210.23: 1801 W at 120 V", Load("r", 1801), Said("r", "load-long", "no")),
        new("load", "circuit", Fine, "210.20(A): 12 A for hours, × 1.25 = 15", Load("r", 1440), Said("r", "load-long", "yes")),
        new("load", "circuit", Fix, "210.20(A): over 12 A for hours on 15", Load("r", 1441), Said("r", "load-long", "yes")),
        new("load", "circuit", Measure, "210.20(A): over 12 A, for how long?", Load("r", 1441)),
        new("load", "circuit", Fine, "210.20(A): 10 A, however long", Load("r", 1200)),
        new("load", "circuit", Fix, "210.23: over 15 A, however long", Load("r", 1900)),
        new("load-cord", "b/r", Fine, "210.23(A)(1): 12 A of 15", Load("r", 1440), Said("r", "load-how", "cord")),
        new("load-cord", "b/r", Fix, "210.23(A)(1): over 80 %", Load("r", 1441), Said("r", "load-how", "cord")),
        new("load-cord", "b/r", Measure, "210.23(A)(1): over 80 %, by cord?", Load("r", 1441)),
        new("load-cord", "b/r", null, "210.23(A)(1): fastened in place", Load("r", 1441), Said("r", "load-how", "fixed")),
        new(
            "load-fixed",
            "circuit",
            Fine,
            "210.23(A)(2): 10 A of 20 beside another receptacle",
            [.. Fixed(1200), Said("q", "load-how", "cord")]
        )
        {
            House = Multiwire,
        },
        new("load-fixed", "circuit", Fix, "210.23(A)(2): over half of 20 A", [.. Fixed(1201), Said("q", "load-how", "cord")])
        {
            House = Multiwire,
        },
        new("load-fixed", "circuit", Measure, "210.23(A)(2): over half, if the other is not fastened too", Fixed(1201))
        {
            House = Multiwire,
        },
        new("load-fixed", "circuit", Measure, "210.23(A)(2): is the other fastened too?", Fixed(1200)) { House = Multiwire },
        new("load-fixed", "circuit", null, "210.23(A)(2): nothing beside it", Load("r", 1700), Said("r", "load-how", "fixed")),
        new("purpose", "circuit", null, "210.11(C): no such room"),
        new("purpose", "circuit", Measure, "210.11(C)(3): feeds a bathroom", Bathroom),
        new("purpose", "circuit", Fine, "210.11(C): of no purpose", [.. Bathroom, For("general")]),
        new("purpose", "b/r", Fine, "210.11(C)(3)", [.. Bathroom, For("bathroom")]),
        new("purpose", "b/r", Fix, "210.11(C)(2): a bathroom on the laundry's", [.. Bathroom, For("laundry")]),
        new("purpose", "b/r", Measure, "210.11(C)(2): what room?", For("laundry")),
        new("purpose-rating", "circuit", Fix, "210.11(C)(2): 15 A", For("laundry")),
        new(
            "purpose-rating",
            "circuit",
            Fine,
            "210.11(C)(2): 20 A",
            [For("laundry"), .. Breakers(new Breaker(1, 1, 20, BreakerKind.Standard, "c"))]
        ),
        new("purpose-rating", "circuit", null, "210.11(C): general", For("general")),
        new("out-of-scope", "circuit", Better, "680: a pool", For("pool")),
        new("out-of-scope", "circuit", null, "680: not said", For("general")),
        new(
            "wire-pieces",
            "on",
            null,
            "240.4(G): a motor's wire goes by its nameplate",
            [.. Breakers(new Breaker(1, 1, 20, BreakerKind.Standard, "c")), For("motor")]
        )
        {
            House = Unrecorded,
        },
        new("drop", "b/r", Better, "210.19(A) note, Table 8: 50 ft of 14 at 12 A, 2 × 50 × 3.07 / 1000 × 12 = 3.7 V, 3.1 %", AtPanel),
        new(
            "drop",
            "b/r",
            Fine,
            "210.19(A) note, Table 8: 45 ft is 2.8 %",
            [.. AtPanel, new SetRun("on", Circuit: "c", Length: SmallHouse.Feet(15))]
        ),
        new("drop", "b/r", Better, "210.19(A) note: 50 ft at least, wherever it comes from"),
        new("drop", "b/r", Measure, "210.19(A) note: 20 ft at least", new SetRun("feed", Circuit: "c", Length: Fact<Length>.Unknown)),
        new("drop", "b/r", Fine, "210.19(A) note: at half of the breaker", [.. AtPanel, new SetPractice("electrics.dropLoad", "50")]),
        new("fault-current", "b/r", Fine, "UL 489: 50 ft of 14, over 20 times 15 A", AtPanel),
        new(
            "fault-current",
            "b/r",
            Better,
            "UL 489: 300 ft of 14 is 1.84 Ω, 65 A, under 5 times",
            [.. AtPanel, new SetRun("on", Circuit: "c", Length: SmallHouse.Feet(270))]
        ),
        new(
            "fault-current",
            "b/r",
            Better,
            "UL 489: the same, wherever it comes from",
            new SetRun("on", Circuit: "c", Length: SmallHouse.Feet(270))
        ),
        new(
            "fault-current",
            "b/r",
            Measure,
            "UL 489: length unknown",
            [.. AtPanel, new SetRun("on", Circuit: "c", Length: Fact<Length>.Unknown)]
        ),
        new("fault-current", "b/r", null, "250.4(A)(5): no ground goes there") { House = SmallHouse.Receptacle(ground: false) },
        new("did-not-trip", "1", null, "practice: nobody said"),
        new("did-not-trip", "1", Stop, "practice", Panel("1", "did-not-trip", "yes")),
        new("did-not-trip", "1", Fine, "practice", Panel("1", "did-not-trip", "no")),
        new("test-button", "1", null, "110.3(B): it has none"),
        new("test-button", "1", Measure, "110.3(B)") { House = SmallHouse.Receptacle(breaker: BreakerKind.Gfci) },
        new("test-button", "1", Fix, "110.3(B)", Panel("1", "button-opens", "no"))
        {
            House = SmallHouse.Receptacle(breaker: BreakerKind.Gfci),
        },
        new("tandem", "1", null, "408.54: no tandem"),
        // 50 ft of 14 AWG out and back at 12 A: 3.07 × 100 / 1000 × 12 = 3.7 V, 3.1 % of 120 V (Chapter 9 Table 8).
        new("drop-all", "panel", null, "210.19(A), note: the service comes in here"),
        new("drop-all", "panel", Measure, "210.19(A), note: what does the feeder lose?", [.. AtPanel, Second]),
        new("drop-all", "panel", Fine, "210.19(A), note: 1.5 + 3.1 %", [.. AtPanel, Second, Panel("panel", "feeder-drop", "1.5")]),
        new("drop-all", "panel", Better, "210.19(A), note: 2.1 + 3.1 %", [.. AtPanel, Second, Panel("panel", "feeder-drop", "2.1")]),
        new("drop-all", "panel", Measure, "210.19(A), note: a cable nobody followed", Second, Panel("panel", "feeder-drop", "1")),
        new("drop-all", "panel", Better, "210.19(A), note: the feeder alone is over", Second, Panel("panel", "feeder-drop", "6")),
        new("tandem", "1", Measure, "408.54") { House = SmallHouse.Receptacle(breaker: BreakerKind.Tandem) },
        new("tandem", "1", Fix, "408.54: the panel takes none", Panel("panel", "takes-tandem", "no"))
        {
            House = SmallHouse.Receptacle(breaker: BreakerKind.Tandem),
        },
        new("tandem", "1", Fine, "408.54", Panel("panel", "takes-tandem", "yes"))
        {
            House = SmallHouse.Receptacle(breaker: BreakerKind.Tandem),
        },
        new("transfer", "panel", null, "702.5: one source alone"),
        new("transfer", "panel", Measure, "702.5", Standby),
        new("transfer", "panel", Stop, "702.5: it feeds back into the line", Standby, Panel("panel", "one-source", "no")),
        new("transfer", "panel", Fine, "702.5", Standby, Panel("panel", "one-source", "yes")),
        new("breaker-listed", "panel", Measure, "110.3(B)"),
        new("breaker-listed", "panel", Fix, "110.3(B)", Panel("panel", "breakers-listed", "no")),
        new("neutral-screws", "panel", Measure, "408.41"),
        new("neutral-screws", "panel", Fix, "408.41", Panel("panel", "neutral-screws", "no")),
        new("slots-closed", "panel", Measure, "408.7"),
        new("slots-closed", "panel", Fix, "408.7", Panel("panel", "slots-closed", "no")),
        new("directory", "1", Fine, "408.4(A): it reads bench"),
        new("directory", "1", Fix, "408.4(A)", Panel("1", "written", "nothing")),
        new("directory", "1", Measure, "408.4(A)", Breakers(new Breaker(1, 1, 15, BreakerKind.Standard, "c"))),
        new(
            "directory",
            "3",
            Fix,
            "408.4(A): two that read the same",
            Breakers(
                new Breaker(1, 1, 15, BreakerKind.Standard, "c", "lights"),
                new Breaker(3, 1, 15, BreakerKind.Standard, null, "Lights")
            )
        ),
        new("leg-balance", "panel", null, "practice: no load known"),
        new("leg-balance", "panel", Better, "practice: all on one leg", Load("r", 1200)),
        new("leg-balance", "panel", Measure, "practice: half of it known", Load("r", 1200)) { House = Multiwire },
        new("leg-balance", "panel", Fine, "practice: shared by a two-pole breaker", Load("r", 1200), Load("q", 1200)) { House = Multiwire },
    ];
}
