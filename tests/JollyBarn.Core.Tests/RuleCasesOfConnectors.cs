using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Wiring;
using static JollyBarn.Inspection.Verdict;
using static JollyBarn.Testing.RuleBoxes;

namespace JollyBarn.Core.Tests;

/// <content>Connectors by number and gauge.</content>
internal static partial class RuleCases
{
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
