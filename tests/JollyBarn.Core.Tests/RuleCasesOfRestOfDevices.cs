using JollyBarn.Edits;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using static JollyBarn.Inspection.Verdict;
using static JollyBarn.Testing.RuleBoxes;

namespace JollyBarn.Core.Tests;

/// <content>What a rule of devices can say beside the cases of the other lists.</content>
internal static partial class RuleCases
{
    private static IEnumerable<RuleCase> RestOfDevices() =>
        [
            new(
                "polarity",
                "two-wire",
                "r0.a0",
                Stop,
                "200.11: hot on the neutral's screw and the neutral on the hot's",
                new MoveLead("b", "r0.a1", Landing.Loose),
                new MoveLead("b", "r0.a0", GfciBox.At("neutral-upper/screw", "r")),
                new MoveLead("b", "r0.a1", GfciBox.At("hot-upper/screw", "r"))
            ),
            new(
                "landing",
                "metal",
                "r0.a0",
                Fix,
                "110.14(A): a pigtail and a lead under one screw",
                Moved("r0.a0", GfciBox.At("hot-upper/screw", "r"))
            )
            {
                Case = "TooMany",
            },
            new("weight", "metal", "l", Fix, "314.27(A)(1), exception: 7 lb on a device box, 6 at most", Hung("7")),
            new("weight", "metal", "l", Fine, "314.27(A)(1), exception: 6 lb on a device box", Hung("6")),
            new(
                "line-load",
                "gfci",
                "g",
                Measure,
                "practice: said to be protected, and nobody saw where it goes",
                new MoveLead("b", "safe.a0", Landing.Unknown),
                new MoveLead("b", "safe.a1", Landing.Unknown)
            )
            {
                Case = "AskLoad",
            },
            new("line-load", "gfci", "g", Fix, "practice: said to be protected, and joined ahead of it", OffLoad()) { Case = "NotOnLoad" },
            new("landing", "metal", "r0.a0", Fix, "110.14(A): 10 AWG in a push-in hole made for 14", Pushed("r0.a0", 10, false))
            {
                Case = "OnlyOneGauge",
            },
            new("landing", "metal", "r0.a0", Fix, "110.14(A): stranded in a push-in hole", Pushed("r0.a0", 14, true))
            {
                Case = "SolidOnly",
            },
            new("landing", "metal", "r0.a0", Fix, "110.14(A): 6 AWG under a screw made for 14 to 10", Screwed("r0.a0", 6))
            {
                Case = "WrongGauge",
            },
            new(
                "device-bonded",
                "metal",
                "r",
                Measure,
                "250.146: a ground whose end nobody followed",
                new RemovePigtail("b", "t2"),
                new MoveLead("b", "r0.a2", Landing.Unknown)
            )
            {
                Case = "AskWhere",
            },
            new("no-ground", "two-wire", "r", Measure, "406.4(D)(2)(b): protected, and marked?", Note("box", "gfci-ahead", "yes"))
            {
                Case = "AskMarked",
            },
            new("weather", "metal", "r", Measure, "406.9: wet or dry?") { Case = "AskPlace" },
            new(
                "weather",
                "metal",
                "r",
                Fix,
                "406.9(A): an indoor plate where it is damp",
                [.. Room("outdoors", Wetness.Damp), Note("r", "wet-cover", "indoor")]
            )
            {
                Case = "DampCover",
            },
            new("tamper", "metal", "r", Measure, "406.12: not tamper-resistant, and is it asked here?", Note("r", "tamper", "no"))
            {
                Case = "AskExempt",
            },
            new(
                "tamper",
                "metal",
                "r",
                Better,
                "406.12: it stands as it was built",
                [
                    .. Room("bedroom"),
                    Note("r", "tamper", "no"),
                    Note("r", "tamper-why", "none"),
                    Note("box", "height", "16"),
                    Note("box", "as-built", "yes"),
                ]
            )
            {
                Case = "StandsAsBuilt",
            },
            Box("afci", "metal", Measure, "210.12: a bedroom, and protected?", Room("bedroom")) with
            {
                Case = "AskProtection",
            },
            Box("afci", "metal", Measure, "210.12: not protected, and old?", [.. Room("bedroom"), Note("box", "afci-ahead", "no")]) with
            {
                Case = "AskBuilt",
            },
            new(
                "torque",
                "metal",
                "r",
                Fine,
                "110.14(D): a calibrated tool",
                Note("r", "torque-marked", "yes"),
                Note("r", "torqued", "tool")
            )
            {
                Case = "ByTool",
            },
            Box("neutral-at-switch", "switch", Measure, "404.2(C)", [.. NoNeutral(), new SetContents("b", Contents.Partial)]) with
            {
                Case = "AskPresent",
            },
            Box(
                "neutral-at-switch",
                "switch",
                Measure,
                "404.2(C): none, and old?",
                [.. NoNeutral(), Note("box", "switch-neutral", "none")]
            ) with
            {
                Case = "AskBuilt",
            },
        ];
}
