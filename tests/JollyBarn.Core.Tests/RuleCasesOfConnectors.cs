using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using static JollyBarn.Inspection.Verdict;
using static JollyBarn.Testing.RuleBoxes;

namespace JollyBarn.Core.Tests;

/// <content>Connectors by number and gauge; taps, grounds and cables as they were read once more.</content>
internal static partial class RuleCases
{
    /// <summary>A 14 AWG tail to a lampholder in the box of 20 A.</summary>
    private static RuleCase Tap(Verdict verdict, string one, string source, int? inches) =>
        new(
            "pigtail-gauge",
            "metal",
            "t0",
            verdict,
            source,
            new RemoveDevice("b", "r"),
            new AddDevice("b", "h", "lampholder", 0),
            new RemovePigtail("b", "t0"),
            new AddPigtail(
                "b",
                "t0",
                GfciBox.In("hots"),
                GfciBox.At("hot/screw", "h"),
                Gauge.Awg(14),
                Length: inches is { } long_ ? Inch(long_) : Fact<Length>.Unknown
            )
        )
        {
            Case = one,
        };

    private static PutPanel On(int amperes) =>
        new(
            "panel",
            new Panel("Panel", SupplySystem.SplitPhase, 20) { Breakers = [new Breaker(1, 1, amperes, BreakerKind.Standard, "c", "it")] }
        );

    private static EndAtPanel FromPanel() => new("r0", RunSide.B, "panel");

    /// <summary>Blacks of so many 10-2 cables under a large twist-on.</summary>
    private static JoinLeads Tens(int count) =>
        new("b", "j", "twist-on-large", [.. Enumerable.Range(0, count).Select(i => (Id<Lead>)$"r{i}.a0")], "hots");

    /// <summary>A raceway 1 in from the face of the stud.</summary>
    private static RuleCase Edge(Verdict? verdict, string? one, string source, params Edit[] notes) =>
        new("edge", "armour", "r0.a", verdict, source, [new SetRun("r0", CableType.Raceway), Note("r0.a", "edge", "1"), .. notes])
        {
            Case = one,
        };

    private static SetEntry Connector(string size) => new("b", "k0", Holding: Holding.OutsideConnector, Size: size);

    private static RuleCase Thick(Verdict? verdict, string? one, string source, Edit entry) =>
        new("entry-size", "range", "r0.a", verdict, source, entry) { Case = one };

    /// <summary>Blacks of so many cables of the box in joint <c>j</c>.</summary>
    private static RuleCase Joint(
        string box,
        int count,
        string connector,
        Verdict? verdict,
        string? one,
        string source,
        params Edit[] after
    ) =>
        new(
            "joint-connector",
            box,
            "j",
            verdict,
            source,
            [new JoinLeads("b", "j", connector, [.. Enumerable.Range(0, count).Select(i => (Id<Lead>)$"r{i}.a0")], "hots"), .. after]
        )
        {
            Case = one,
        };

    private static IEnumerable<RuleCase> OfConnectors() =>
        [
            Tap(Fine, "Tap", "210.19, exception: 14 AWG to a lampholder, 18 in, on 20 A", 18),
            Tap(Fix, "TooThin", "210.19, exception: 19 in", 19),
            Tap(Measure, "AskTap", "210.19, exception: nobody measured", null),
            new("ground-gauge", "switch", "r0.a2", Fine, "250.122(A): 14 with 14 AWG hots, on 20 A", On(20)) { Case = "AsItsHots" },
            new(
                "ground-gauge",
                "metal",
                "r0.a2",
                Fine,
                "Table 250.122: 14 with 12 AWG hots, on 15 A",
                new SetLeadWire("b", "r0.a2", Gauge.Awg(14)),
                On(15)
            )
            {
                Case = "Carries",
            },
            new("ground-gauge", "switch", "r0.a2", Fix, "Table 250.122: 16 with 14", new SetLeadWire("b", "r0.a2", Gauge.Awg(16))),
            new("rating", "single", "r", Measure, "210.21(B)(1): nobody followed it", Note("r", "rating", "15")) { Case = "AskAlone" },
            new("spacing", "armour", "r0.a", Fix, "320.30(C): 55 in", Note("r0.a", "spacing", "55"), Note("r0.a", "fastener", "8")),
            new(
                "spacing",
                "armour",
                "r0.a",
                Fine,
                "330.30(C): 72 in of MC",
                new SetRun("r0", CableType.Mc),
                Note("r0.a", "spacing", "72"),
                Note("r0.a", "fastener", "8")
            ),
            new("cable-wet", "armour", "r0.a", Fix, "320.12(2): AC in a damp place", Room("bathroom", Wetness.Damp)) { Case = "Armoured" },
            Edge(null, null, "300.4(A), exception: tubing", Note("r0.a", "raceway", "tubing")),
            Edge(Fix, null, "300.4(A): flexible conduit, 1 in", Note("r0.a", "raceway", "flexible"), Note("r0.a", "plated", "no")),
            Edge(Measure, "AskRaceway", "300.4(A): a raceway nobody named"),
            new("entry-size", "thick", "r0.a", null, "practice: 10-2 in a 1/2 in connector", Connector("1/2")),
            Thick(Fix, "TooSmall", "110.3(B): 6-3 in a 1/2 in connector", Connector("1/2")),
            Thick(null, null, "110.3(B): 6-3 in a 3/4 in connector", Connector("3/4")),
            Thick(Measure, "Ask", "110.3(B): nobody saw the size", new SetEntry("b", "k0", Holding: Holding.OutsideConnector)),
            Joint("thick", 6, "twist-on-large", Measure, "AskPackage", "practice: six 10 AWG are more than a large one usually takes"),
            Joint("thick", 5, "twist-on-extra-large", null, null, "practice: five 10 AWG, as much copper as two 6 AWG"),
            Joint("thick", 3, "twist-on-large", null, null, "practice: three 10 AWG under a large one"),
            Joint("thick", 2, "lever-2", Measure, "AskThickness", "practice: 10 AWG in a port for 12"),
            Joint("thick", 2, "lever-2", null, null, "110.14(B): its package lists 10 AWG", Note("j", "joint-listed", "yes")),
            Joint("thick", 6, "twist-on-large", null, null, "110.14(B): its package was read", Note("j", "joint-listed", "yes")),
            Joint("thin", 2, "twist-on-small", null, null, "practice: two 14 AWG under a small one"),
            Joint("thin", 2, "twist-on-medium", null, null, "practice: two 14 AWG under a medium one"),
            Joint("thin", 2, "twist-on-large", Better, "Roomy", "practice: two 14 AWG are loose under a large one"),
            Joint("thin", 2, "twist-on-extra-large", Fix, "TooThin", "110.14(B), practice: no listing of the size starts under two 12 AWG"),
        ];
}
