using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using static JollyBarn.Inspection.Verdict;
using static JollyBarn.Testing.RuleBoxes;

namespace JollyBarn.Core.Tests;

/// <content>Rules of what lies on a device and in a joint.</content>
internal static partial class RuleCases
{
    private static IEnumerable<RuleCase> OfLandings() =>
        [
            new("no-ground", "two-wire", "r", Measure, "406.4(D)(2)"),
            new("no-ground", "two-wire", "r", Fix, "406.4(D)(2)", Note("box", "gfci-ahead", "no")),
            new("no-ground", "two-wire", "r", Fine, "406.4(D)(2)(c)", Note("box", "gfci-ahead", "yes"), Note("r", "labelled", "yes")),
            new(
                "no-ground",
                "two-wire",
                "r",
                Fix,
                "406.4(D)(2)(c): not marked",
                Note("box", "gfci-ahead", "yes"),
                Note("r", "labelled", "no")
            ),
            new("no-ground", "metal@panel", "r", Fine, "406.4(D)(1): a ground, protection unknown"),
            new("no-ground", "metal", "r", Measure, "406.4(D)(1): a ground nobody followed"),
            new("split-tab", "multiwire", "r", Stop, "210.7: two circuits and the tab whole", TwoCircuits()),
            new(
                "split-tab",
                "multiwire",
                "r",
                Stop,
                "210.7: the same by pigtails",
                [
                    .. TwoCircuits(),
                    new JoinLeads("b", "j8", "twist-on-small", ["r8.a0"], "one"),
                    new JoinLeads("b", "j9", "twist-on-small", ["r9.a0"], "two"),
                    new AddPigtail("b", "t8", GfciBox.In("j8"), GfciBox.At("hot-upper/screw", "r")),
                    new AddPigtail("b", "t9", GfciBox.In("j9"), GfciBox.At("hot-lower/screw", "r")),
                ]
            ),
            Yoke(Measure, "Ask", "210.7: two breakers, one below the other", TwoBreakers(3)),
            Yoke(Fine, "Tied", "210.7: a tie on them", [.. TwoBreakers(3), Note("r", "opens-together", "yes")]),
            Yoke(Fix, "Apart", "210.7: no tie on them", [.. TwoBreakers(3), Note("r", "opens-together", "no")]),
            Yoke(Fix, "CannotBeTied", "210.7: slots 1 and 8, on two sides", TwoBreakers(8)),
            Yoke(
                Fix,
                "CannotBeTied",
                "210.7: slots 1 and 8, whatever somebody answered",
                [.. TwoBreakers(8), Note("r", "opens-together", "yes")]
            ),
            Yoke(Measure, "Ask", "210.7: slots 1 and 8 by marks nobody followed", ByMark(8)),
            Yoke(Fine, "Tied", "210.7: who looked at the panel says more than a mark", [.. ByMark(8), Note("r", "opens-together", "yes")]),
            Yoke(Measure, "AskFeeds", "210.7: halves fed apart, nobody followed from where", NotFollowed()),
            new("yoke-together", "two-legs", "r", null, "210.7: one hot to each device"),
            new(
                "yoke-together",
                "two-legs",
                "w",
                Fine,
                "210.7: a breaker of two poles feeds both hots",
                new RemoveDevice("b", "r"),
                new RemoveDevice("b", "q"),
                new RemoveCable("b", "on"),
                new AddDevice("b", "w", "range-receptacle", 1),
                new AddCable("b", "own", "k2", Jobs.Nm(12, 2)),
                new EndAtPanel("own", RunSide.B, "p"),
                new SetRun("own", Circuit: "c"),
                new IdentifyLead("b", "own.a1", "white", ConductorUse.Hot, "black"),
                new MoveLead("b", "own.a0", GfciBox.At("hot-1/lug", "w")),
                new MoveLead("b", "own.a1", GfciBox.At("hot-2/lug", "w"))
            )
            {
                Case = "OneBreaker",
            },
            new("multiwire-tied", "two-legs", "on.a", Fix, "210.4(B): breakers in slots 1 and 8", ApartAt(1, 8)) { Case = "CannotBeTied" },
            new("yoke-together", "two-legs", "r", null, "210.4(B): judged at its multiwire cable", BothHalves()),
            new("multiwire-tied", "two-legs", "on.a", Fine, "210.4(B): a breaker of two poles") { Case = "OneBreaker" },
            new(
                "split-tab",
                "multiwire",
                "r",
                null,
                "210.7: the tab broken",
                [.. TwoCircuits(), new SetDevice("b", "r", null, BrokenTabs: ["hot"])]
            ),
            new("split-tab", "metal", "s2", Fix, "210.7", new RemoveDevice("b", "r"), new AddDevice("b", "s2", "receptacle-split", 1)),
            new(
                "split-tab",
                "metal",
                "s2",
                Fine,
                "210.7",
                new RemoveDevice("b", "r"),
                new AddDevice("b", "s2", "receptacle-split", 1),
                new SetDevice("b", "s2", null, BrokenTabs: ["hot"])
            ),
            new("dimmer", "dimmer", "d", Measure, "404.14(E)"),
            new("dimmer", "dimmer", "d", Fix, "404.14(E)", Note("d", "dims-receptacle", "yes")),
            new("dimmer", "dimmer", "d", Fine, "404.14(E)", Note("d", "dims-receptacle", "no")),
            new("tagged", "gfci", "safe.a", Measure, "practice"),
            new("tagged", "gfci", "safe.a", Better, "practice", Note("safe.a", "tagged", "no")),
            new("tagged", "gfci", "safe.a", Fine, "practice", Note("safe.a", "tagged", "yes")),
            new("tagged", "gfci", "feed.a", null, "practice: it feeds in"),
            new(
                "line-load",
                "gfci",
                "g",
                Fix,
                "110.3(B): feed on load",
                new NameCable("b", "feed", RunSide.A, "on to the pantry", Feeds.FeedsOn),
                new NameCable("b", "safe", RunSide.A, "from the panel", Feeds.FeedsIn)
            ),
            new("joint-connector", "metal", "hots", Fix, "110.14(B)", new SetJoint("b", "hots", "bare", "hots")),
            new(
                "joint-connector",
                "metal",
                "hots",
                Measure,
                "110.14(B): read its package",
                new SetJoint("b", "hots", "twist-on-small", "hots")
            ),
            new(
                "joint-connector",
                "metal",
                "hots",
                null,
                "110.14(B): the package was read",
                new SetJoint("b", "hots", "twist-on-small", "hots"),
                Note("hots", "joint-listed", "yes")
            ),
            new(
                "landing",
                "metal",
                "r0.a2",
                Fix,
                "110.14(A)",
                new MoveLead("b", "r0.a2", GfciBox.At("ground/screw", "r")),
                new RemovePigtail("b", "t2"),
                new MoveLead("b", "r1.a2", GfciBox.At("ground/screw", "r"))
            ),
            new("loose-end", "metal", "r0.a0", Fix, "110.14(B)", new MoveLead("b", "r0.a0", Landing.Loose)),
            new("grounds-joined", "metal", "r1.a2", Fix, "250.148", new MoveLead("b", "r1.a2", new(LandingAt.Cap))),
            new("short", "metal@panel", "hots", Stop, "110.7", new MoveLead("b", "r0.a1", GfciBox.In("hots"))),
            new(
                "polarity",
                "metal",
                "r1.a1",
                Stop,
                "200.11: a white goes on as a neutral from the hots",
                new MoveLead("b", "r1.a1", GfciBox.In("hots"))
            ),
            new(
                "polarity",
                "gfci",
                "safe.a1",
                Stop,
                "200.11: what goes on as a neutral lies on a hot",
                new MoveLead("b", "safe.a1", GfciBox.At("load-hot/plate"))
            ),
            new("neutral-ground", "gfci@panel", "feed.a1", Stop, "250.142(B)", new MoveLead("b", "feed.a1", GfciBox.In("grounds"))),
        ];

    private static RuleCase Yoke(Verdict verdict, string one, string source, Edit[] edits) =>
        new("yoke-together", "multiwire", "r", verdict, source, edits) { Case = one };

    private static PutPanel ApartAt(params int[] slots) =>
        new(
            "p",
            new Panel("Panel", SupplySystem.SplitPhase, 20, 100, "s")
            {
                Breakers = [.. slots.Select(s => new Breaker(s, 1, 20, BreakerKind.Standard, "c"))],
            }
        );

    private static Edit[] NotFollowed() =>
        [
            new AddCable("b", "r8", "k8", Jobs.Nm(12, 2)),
            new AddCable("b", "r9", "k9", Jobs.Nm(12, 2)),
            new MoveLead("b", "r0.a0", Landing.Loose),
            new MoveLead("b", "r8.a0", GfciBox.At("hot-upper/screw", "r")),
            new MoveLead("b", "r9.a0", GfciBox.At("hot-lower/screw", "r")),
            new SetDevice("b", "r", null, BrokenTabs: ["hot"]),
        ];

    /// <summary>Both hots of the multiwire cable on one receptacle with its tab broken.</summary>
    private static Edit[] BothHalves() =>
        [new MoveLead("b", "on.a1", GfciBox.At("hot-lower/screw", "r")), new SetDevice("b", "r", null, BrokenTabs: ["hot"])];
}
