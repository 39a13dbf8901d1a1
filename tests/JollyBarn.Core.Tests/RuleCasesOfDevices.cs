using JollyBarn.Edits;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using static JollyBarn.Inspection.Verdict;
using static JollyBarn.Testing.RuleBoxes;

namespace JollyBarn.Core.Tests;

/// <content>Rules of devices.</content>
internal static partial class RuleCases
{
    private static IEnumerable<RuleCase> OfDevices() =>
        [
            new("torque", "metal", "r", Measure, "110.14(D)", Note("r", "torque-marked", "yes")),
            new("torque", "metal", "r", Fix, "110.14(D)", Note("r", "torque-marked", "yes"), Note("r", "torqued", "feel")),
            new(
                "torque",
                "metal",
                "r",
                Fine,
                "110.14(D), 2023: approved means",
                Note("r", "torque-marked", "yes"),
                Note("r", "torqued", "means")
            ),
            new(
                "torque",
                "metal",
                "r",
                Fix,
                "110.14(D), 2017: a calibrated tool",
                Note("r", "torque-marked", "yes"),
                Note("r", "torqued", "means"),
                In2017
            ),
            new("torque", "metal", "r", null, "110.14(D): none marked, how unknown", Note("r", "torque-marked", "no")),
            new("taped", "metal", "r", Better, "practice", Note("r", "taped", "no")),
            new("taped", "metal", "r", Fine, "practice", Note("r", "taped", "yes")),
            new("taped", "gfci", "g", null, "practice: plastic box", Note("g", "taped", "no")),
            new("switch-neutral-cut", "switch", "s", Fine, "404.2(B)"),
            new(
                "switch-neutral-cut",
                "switch",
                "s",
                Stop,
                "404.2(B)",
                new MoveLead("b", "r0.a1", GfciBox.At("hot/screw", "s")),
                new MoveLead("b", "r0.a0", Landing.Loose)
            ),
            Box("neutral-at-switch", "switch", Fine, "404.2(C)"),
            Box("neutral-at-switch", "switch", Measure, "404.2(C)", NoNeutral()),
            Box(
                "neutral-at-switch",
                "switch",
                Fix,
                "404.2(C)",
                [.. NoNeutral(), Note("box", "switch-neutral", "none"), Note("box", "as-built", "no")]
            ),
            Box(
                "neutral-at-switch",
                "switch",
                Better,
                "404.2(C): stands as built",
                [.. NoNeutral(), Note("box", "switch-neutral", "none"), Note("box", "as-built", "yes")]
            ),
            Box(
                "neutral-at-switch",
                "switch",
                Fine,
                "404.2(C) exception: raceway, age known",
                [.. NoNeutral(), Note("box", "switch-neutral", "raceway"), Note("box", "as-built", "no")]
            ),
            new("rating", "metal", "r", Fine, "210.21(B)(3): 15 on 20", Note("r", "rating", "15")),
            new("rating", "metal", "r", Fix, "210.21(B)(3): 30 on 20", Note("r", "rating", "30")),
            new("rating", "two-wire", "r", Fix, "210.21(B)(3): 20 on 15", Note("r", "rating", "20")),
            new("gfci", "metal", "r", Measure, "210.8(A)"),
            new("gfci", "metal", "r", Fix, "210.8(A)(1)", [.. Room("bathroom"), Note("box", "gfci-ahead", "no")]),
            new(
                "gfci",
                "metal",
                "r",
                Fine,
                "210.8(A)(1): protected ahead, nearness unknown",
                [.. Room("bathroom"), Note("box", "gfci-ahead", "yes")]
            ),
            new("gfci", "metal", "r", Measure, "210.8(A)(1): protection unknown", Room("bathroom")),
            new(
                "gfci",
                "metal",
                "r",
                Fine,
                "210.8(A): a dry bedroom away from water, protection unknown",
                [.. Room("bedroom"), Note("box", "near-water", "no")]
            ),
            new(
                "gfci",
                "metal",
                "r",
                Measure,
                "210.8(A)(6), 2020: countertop unknown",
                [.. Room("kitchen"), In2020, Note("box", "gfci-ahead", "no"), Note("box", "near-water", "no")]
            ),
            new(
                "gfci",
                "metal",
                "r",
                Fine,
                "210.8(A)(6), 2020: not a countertop",
                [
                    .. Room("kitchen"),
                    In2020,
                    Note("box", "gfci-ahead", "no"),
                    Note("box", "near-water", "no"),
                    Note("box", "countertop", "no"),
                ]
            ),
            new(
                "gfci",
                "metal",
                "r",
                Fix,
                "210.8(A)(6), 2023: all of a kitchen",
                [.. Room("kitchen"), Note("box", "gfci-ahead", "no"), Note("box", "near-water", "no"), Note("box", "countertop", "no")]
            ),
            new(
                "gfci",
                "metal",
                "r",
                Fine,
                "210.8(A)(5), 2017: a finished basement",
                [
                    .. Room("basement"),
                    In2017,
                    Note("box", "gfci-ahead", "no"),
                    Note("box", "near-water", "no"),
                    Note("box", "finished", "yes"),
                ]
            ),
            new(
                "gfci",
                "metal",
                "r",
                Fix,
                "210.8(A)(5), 2020: any basement",
                [.. Room("basement"), In2020, Note("box", "gfci-ahead", "no"), Note("box", "finished", "yes")]
            ),
            new(
                "gfci",
                "metal",
                "r",
                Fix,
                "210.8(A)(11), 2020: damp indoors",
                [.. Room("storage", Wetness.Damp), In2020, Note("box", "gfci-ahead", "no")]
            ),
            new(
                "gfci",
                "metal",
                "r",
                Fine,
                "210.8(A), 2017 says nothing of damp",
                [.. Room("storage", Wetness.Damp), In2017, Note("box", "gfci-ahead", "no"), Note("box", "near-water", "no")]
            ),
            new("gfci", "gfci", "g", Fine, "210.8(A): it protects itself, room unknown"),
            Box("afci", "metal", Measure, "210.12(A)"),
            Box("afci", "metal", Fix, "210.12(A)", [.. Room("bedroom"), Note("box", "afci-ahead", "no"), Note("box", "as-built", "no")]),
            Box(
                "afci",
                "metal",
                Better,
                "210.12(D): stands as built",
                [.. Room("bedroom"), Note("box", "afci-ahead", "no"), Note("box", "as-built", "yes")]
            ),
            Box("afci", "metal", Fine, "210.12(A): a store, protection unknown", Room("storage")),
            Box("afci", "metal", Fine, "210.12(A)", [.. Room("bedroom"), Note("box", "afci-ahead", "yes")]),
            new("tamper", "metal", "r", Measure, "406.12"),
            new("tamper", "metal", "r", Fine, "406.12: height unknown", Note("r", "tamper", "yes")),
            new(
                "tamper",
                "metal",
                "r",
                Fix,
                "406.12",
                [
                    .. Room("bedroom"),
                    Note("r", "tamper", "no"),
                    Note("r", "tamper-why", "none"),
                    Note("box", "height", "16"),
                    Note("box", "as-built", "no"),
                ]
            ),
            new("tamper", "metal", "r", Fine, "406.12: over 5 1/2 ft", Note("box", "height", "67")),
            new(
                "tamper",
                "metal",
                "r",
                Fix,
                "406.12: at 5 1/2 ft",
                [
                    .. Room("bedroom"),
                    Note("r", "tamper", "no"),
                    Note("r", "tamper-why", "none"),
                    Note("box", "height", "66"),
                    Note("box", "as-built", "no"),
                ]
            ),
            new(
                "tamper",
                "metal",
                "r",
                Measure,
                "406.12, 2017: a garage too, height unknown",
                [.. Room("garage"), In2017, Note("r", "tamper", "no"), Note("r", "tamper-why", "none")]
            ),
            new("weather", "outdoor", "g", Measure, "406.9(B)"),
            new("weather", "outdoor", "g", Fix, "406.9(B)(1)", Note("g", "weather", "no")),
            new(
                "weather",
                "outdoor",
                "g",
                Fix,
                "406.9(B)(1): a cover tight only when closed",
                Note("g", "weather", "yes"),
                Note("g", "wet-cover", "flap")
            ),
            new("weather", "outdoor", "g", Fine, "406.9(B)(1)", Note("g", "weather", "yes"), Note("g", "wet-cover", "in-use")),
            new("weather", "metal", "r", Fine, "406.9: dry, kind unknown", Room("bedroom")),
            Box("bath-zone", "metal", Measure, "406.9(C), 2023", Room("bathroom")),
            Box("bath-zone", "metal", Fix, "406.9(C), 2023", [.. Room("bathroom"), Note("box", "bath-zone", "yes")]),
            Box("bath-zone", "metal", Fine, "406.9(C), 2023", [.. Room("bathroom"), Note("box", "bath-zone", "no")]),
            Box("bath-zone", "metal", Measure, "406.9(C), 2017: within or over the tub", [.. Room("bathroom"), In2017]),
            Box("bath-zone", "metal", Fix, "406.9(C), 2017: over it", [.. Room("bathroom"), In2017, Note("box", "over-tub", "yes")]),
            Box("bath-zone", "metal", Fix, "406.9(C), 2017: within it", [.. Room("bathroom"), In2017, Note("box", "tub-space", "yes")]),
            Box("bath-zone", "metal", Fine, "406.9(C), 2017: beside it", [.. Room("bathroom"), In2017, Note("box", "over-tub", "no")]),
            Box(
                "bath-zone",
                "metal",
                Measure,
                "406.9(C), 2017: no zone yet",
                [.. Room("bathroom"), In2017, Note("box", "bath-zone", "yes")]
            ),
            new("device-test", "gfci", "g", Measure, "110.3(B), practice: at each visit"),
            new("device-test", "gfci", "g", Fix, "110.3(B)", Note("g", "test-opens", "no")),
            new("device-test", "gfci", "g", Fine, "110.3(B)", Note("g", "test-opens", "yes")),
            new("device-test", "metal", "r", null, "110.3(B): it has none"),
            new("ready-access", "gfci", "g", Measure, "210.8(A)"),
            new("ready-access", "gfci", "g", Fix, "210.8(A)", Note("g", "ready-access", "no")),
            new("ready-access", "gfci", "g", Fine, "210.8(A)", Note("g", "ready-access", "yes")),
        ];
}
