using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Wiring;
using static JollyBarn.Inspection.Verdict;
using static JollyBarn.Testing.RuleBoxes;

namespace JollyBarn.Core.Tests;

/// <content>Metals and gauges on their breakers, cords, places, legs. Articles from memory of the National Electrical Code.</content>
internal static partial class RuleCases
{
    private static IEnumerable<RuleCase> OfWires() =>
        [
            new(
                "wire-breaker",
                "metal",
                "r9.a",
                Fix,
                "240.4(D)(4): 12 AWG copper-clad on 20 A",
                Brought(CableType.NmB, 12, Metal.CopperClad)
            ),
            new(
                "wire-breaker",
                "outlet",
                "r9.a",
                Fine,
                "240.4(D)(4): 12 AWG copper-clad on 15 A",
                Brought(CableType.NmB, 12, Metal.CopperClad)
            ),
            new(
                "wire-breaker",
                "outlet",
                "r9.a",
                Fix,
                "240.4(D)(3), 2023: 14 AWG copper-clad on 15 A, 10 at most",
                Brought(CableType.NmB, 14, Metal.CopperClad)
            )
            {
                Case = "TooThin",
            },
            new(
                "wire-breaker",
                "outlet",
                "r9.a",
                Fix,
                "310.3(A), 2020: no copper-clad under 12 AWG",
                [In2020, .. Brought(CableType.NmB, 14, Metal.CopperClad)]
            )
            {
                Case = "UnderLeast",
            },
            new(
                "wire-breaker",
                "metal",
                "r9.a",
                Measure,
                "240.4(D): 12 AWG of unknown metal on 20 A",
                Brought(CableType.NmB, 12, Metal.Unknown)
            )
            {
                Case = "AskMetal",
            },
            new(
                "wire-breaker",
                "outlet",
                "r9.a",
                Fine,
                "240.4(D): 12 AWG on 15 A, whatever the metal",
                Brought(CableType.NmB, 12, Metal.Unknown)
            ),
            new("wire-breaker", "outlet", "r9.a", Fix, "310.3(A): 16 AWG in building wiring", Brought(CableType.NmB, 16, Metal.Copper))
            {
                Case = "UnderLeast",
            },
            new("wire-breaker", "metal", "r9.a", Measure, "110.14(C): 8 AWG MC on 50 A, terminals unknown", On50(null))
            {
                Case = "AskTerminals",
            },
            new("wire-breaker", "metal", "r9.a", Fine, "110.14(C): 8 AWG MC on 50 A, 75 °C at both ends", On50("yes")),
            new("wire-breaker", "metal", "r9.a", Fix, "110.14(C): 8 AWG MC on 50 A at 60 °C", On50("no")),
            new("cord", "metal", "r9.a", Measure, "400.12: a cord that goes nobody knows where", Brought(CableType.Cord, 16, Metal.Copper))
            {
                Case = "AskWhere",
            },
            new(
                "cord",
                "metal",
                "r9.a",
                Fine,
                "400.10: a cord to what it feeds",
                [.. Brought(CableType.Cord, 16, Metal.Copper), new EndAtLoad("r9", RunSide.B, "press motor")]
            )
            {
                Case = "ToItsLoad",
            },
            new(
                "cord",
                "metal",
                "r9.a",
                Fix,
                "400.12: a cord as fixed wiring",
                [.. Brought(CableType.Cord, 12, Metal.Copper), new EndAtPanel("r9", RunSide.B, "panel"), .. Room("bedroom")]
            )
            {
                Case = "BoxToBox",
            },
            new("multiwire-legs", "two-legs", "on.a", Fine, "210.4: on two legs, by the panel") { Case = "Different" },
            new("multiwire-legs", "two-legs", "on.a", Stop, "210.4: both hots on one leg, by the panel", OneLeg()) { Case = "Same" },
            new("multiwire-legs", "two-legs", "on.a", null, "210.4: both hots of one breaker are no multiwire circuit", OneBreaker()),
            Box("stub", "outdoor", Fix, "314.23(F): one rigid raceway", Note("box", "stub", "metal")) with
            {
                Case = "One",
            },
            Box("stub", "outdoor", Fix, "314.23(F): two plastic", Note("box", "stub", "two-plastic")) with
            {
                Case = "OnePlastic",
            },
            Box("stub", "outdoor", Fine, "314.23(F): two threaded metal", Note("box", "stub", "two-metal")) with
            {
                Case = "Carried",
            },
            Box("stub", "outdoor", Measure, "314.23(F): two, of what?", Note("box", "stub", "two")) with
            {
                Case = "AskWhat",
            },
            new("cable-wet", "metal", "r0.a", Fix, "334.12(B)(4): NM in a damp crawl space", Room("crawl", Wetness.Damp)) { Case = "Damp" },
            new(
                "weather",
                "metal",
                "r",
                Fix,
                "406.9(A): a damp basement, not weather-resistant",
                [.. Room("basement", Wetness.Damp), Note("r", "weather", "no")]
            )
            {
                Case = "NotResistant",
            },
            new("tamper", "metal", "r", Fix, "406.12, 2017: a garage too", [.. Room("garage"), In2017, .. Plain()]),
            new("rating", "single", "r", Fix, "210.21(B)(1): a single 15 on its own 20 A circuit", FromPanel(), Note("r", "rating", "15")),
            new("rating", "single", "r", Fine, "210.21(B)(1): a single 20 on its own 20 A circuit", Note("r", "rating", "20")),
            new("fastener", "armour", "r0.a", Fix, "320.30(B): AC, 13 in", Held(), Note("r0.a", "fastener", "13")),
            new("fastener", "armour", "r0.a", Fine, "320.30(B): AC, 12 in", Held(), Note("r0.a", "fastener", "12")),
        ];

    private static SetEntry Held() => new("b", "k0", Holding: Holding.OutsideConnector);

    private static Edit[] Plain() =>
        [Note("r", "tamper", "no"), Note("r", "tamper-why", "none"), Note("box", "height", "16"), Note("box", "as-built", "no")];

    /// <summary>One more cable in the box, on its circuit.</summary>
    private static Edit[] Brought(CableType type, int gauge, Metal metal) =>
        [
            new AddCable("b", "r9", "k9", new CableSpec(type, 2, GroundKind.Bare, Gauge.Awg(gauge), Metal: metal)),
            new SetRun("r9", Circuit: "c"),
        ];

    private static Edit[] On50(string? terminals) =>
        [
            .. Brought(CableType.Mc, 8, Metal.Copper),
            new PutPanel(
                "panel",
                new Panel("Panel", SupplySystem.SplitPhase, 20) { Breakers = [new Breaker(1, 1, 50, BreakerKind.Standard, "c", "it")] }
            ),
            .. terminals is { } marked ? [Note("r9.a", "terminals-75", marked)] : Array.Empty<Edit>(),
        ];

    private static PutPanel OneLeg() =>
        OnSlots(new Breaker(1, 1, 20, BreakerKind.Standard, "c", "r", true), new Breaker(5, 1, 20, BreakerKind.Standard, "c", "q", true));

    private static PutPanel OneBreaker() => OnSlots(new Breaker(1, 1, 20, BreakerKind.Standard, "c", "fan and light", true));

    private static PutPanel OnSlots(params Breaker[] breakers) =>
        new("p", new Panel("Panel", SupplySystem.SplitPhase, 20, 100, "s") { Breakers = breakers });
}
