using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using static JollyBarn.Inspection.Verdict;
using static JollyBarn.Testing.RuleBoxes;

namespace JollyBarn.Core.Tests;

/// <content>What a rule can say beside the cases of the other lists, so that every case of every rule is said in some row.</content>
internal static partial class RuleCases
{
    private static IEnumerable<RuleCase> OfRest() =>
        [.. RestOfBox(), .. RestOfSurround(), .. RestOfWires(), .. RestOfDevices(), .. Skipped()];

    /// <summary>Questions that somebody said do not apply here.</summary>
    private static IEnumerable<RuleCase> Skipped() =>
        [
            Not("box-held", "blank", "box", "314.23: it hangs on its raceway", "held"),
            Not("ears", "old-work", "box", "314.23(C): it has none", "ears-backed"),
            Not("clean", "metal", "box", "practice: a blank cover hides it", "clean"),
            Not("plate", "metal", "box", "406.6: surface box with its own cover", "plate-seats"),
            Not("bonded-through", "armour", "box", "314.3: every part is bonded apart", "bonded-through"),
            Not("fire-seal", "fire", "box", "300.21: the wall is open on this side", "sealed"),
            Not("bath-zone", "metal", "box", "406.9(C): a room with no tub", "bath-zone", Room("bathroom")),
            Not("fastener-sound", "metal", "r0.a", "334.30: none there", "fastener-sound", Note("r0.a", "fastener", "8")),
            Not("grommet", "metal", "r0.a", "334.17: nothing metal on the way", "grommet", Note("r0.a", "metal-stud", "yes")),
            Not("bushing", "armour", "r0.a", "320.40: a cut end with a listed fitting", "bushing"),
            Not("riser", "buried", "r0.a", "300.5(D)(1): it comes up under the panel", "riser", Note("r0.a", "buried", "24")),
            Not("multiwire-tied", "multiwire", "r0.a", "210.4(B): one cable makes the grouping plain", "tied"),
            Not("joint-tight", "metal", "hots", "110.14(B): a closed splice", "tight"),
            Not("rigid", "metal", "r", "406.5: no plate to press against", "rigid"),
            Not("dimmer", "dimmer", "d", "404.14(E): it feeds a luminaire", "dims-receptacle"),
            new("buried-end", "buried", "r0.a", Fix, "110.14(B): tape is no seal", Note("r0.a", "buried-end", "tape")),
            new("buried-end", "buried", "r0.a", Fix, "110.14(B), free ends", Note("r0.a", "buried-end", "open")),
            new("buried-end", "buried", "r0.a", Fine, "110.14(B)", Note("r0.a", "buried-end", "listed")),
            new("stacked", "metal", "r0.a", null, "practice: nothing to say of one cable", Skip("r0.a", "stacked")),
            new("joint-listed", "metal", "hots", null, "110.14(B): few enough for any", Skip("hots", "joint-listed")),
            new("joint-reused", "metal", "hots", null, "practice: nobody saw it opened", Skip("hots", "reused")),
            new("taped", "metal", "r", null, "practice: a device without side screws", Skip("r", "taped")),
            Not("entry-listed", "metal", "k0", "300.15", "two-listed", new AddCable("b", "r9", "k0", Jobs.Nm(12, 2))),
        ];

    private static RuleCase Not(string rule, string box, string of, string source, string key, params Edit[] first) =>
        new(rule, box, of, Fine, source, [.. first, Skip(of, key)]) { Case = "DoesNotApply" };

    private static IEnumerable<RuleCase> RestOfBox() =>
        [
            Box("fill", "gfci", Fine, "314.16: 8 at 2.25 and 1 ground in exactly 20.25", new SetBoxMark("b", Marked(20.25m))) with
            {
                Case = "ExactlyFull",
            },
            Box(
                "fill",
                "partial",
                Measure,
                "314.16(B)(4): 6.75, and for a device with nothing on it 4.00 by 14 AWG or 4.50 by 12, in 11.00",
                new SetContents("b", Contents.Complete),
                new AddDevice("b", "r", "receptacle", 1),
                new SetBoxMark("b", Marked(11m))
            ) with
            {
                Case = "AskMore",
            },
            new("depth", "metal", "r", Fine, "314.24(B)(2): 1 7/8 in device and 1/4 in behind it in 3 1/2", Deep("1 15/16"))
            {
                Case = "DeepDevice",
            },
            new("depth", "metal", "r", Fine, "314.24(B)(2): 3 1/4 in and 1/4 in are 3 1/2", Deep("3 1/4")) { Case = "DeepDevice" },
            new("depth", "metal", "r", Fix, "314.24(B)(2): 3 5/16 in and 1/4 in are more than 3 1/2", Deep("3 5/16"))
            {
                Case = "DeepDeviceTooDeep",
            },
            new("depth", "metal", "r", Fine, "314.24(B)(5): at least 15/16 in whatever is landed", Bare()) { Case = "GaugeUnknown" },
            new("depth", "metal", "r", Fix, "314.24(B)(5): under 15/16 in", [.. Bare(), Deepness("7/8")])
            {
                Case = "TooShallowGaugeUnknown",
            },
            Box("bond-screw", "metal", Fix, "250.8(B): no sheet metal or wood screw", Note("box", "bond-screw", "wood")) with
            {
                Case = "Wood",
            },
            Box(
                "splice-box",
                "open",
                Fix,
                "300.15: two splices with no box",
                new JoinLeads("b", "neutrals", "twist-on-medium", ["r0.a1", "r1.a1"], "neutrals")
            ) with
            {
                Case = "SeveralOpen",
            },
            Box("concealed-splice", "splice", Measure, "334.40(B): nobody knows whether it can be reached") with
            {
                Case = "AskBoth",
            },
            new("neutral-ground", "metal", "r0.a1", Stop, "250.142(B): on the device's ground", Onto("r0.a1", "ground/screw"))
            {
                Case = "OnDeviceGround",
            },
            new("neutral-ground", "metal", "r0.a1", Stop, "250.142(B): on the box", Moved("r0.a1", new Landing(LandingAt.BondingScrew)))
            {
                Case = "OnGround",
            },
            new(
                "neutral-ground",
                "blank",
                "r0.a1",
                Stop,
                "250.142(B): on a box that nothing else is joined to",
                new MoveLead("b", "r0.a1", new Landing(LandingAt.BondingScrew))
            )
            {
                Case = "OnBox",
            },
        ];

    private static IEnumerable<RuleCase> RestOfSurround() =>
        [
            Box("box-wet", "metal", Measure, "314.15: damp, and marked for it?", Room("bathroom", Wetness.Damp)) with
            {
                Case = "AskMark",
            },
            Box(
                "box-wet",
                "metal",
                Fine,
                "314.15: marked for it",
                [.. Room("bathroom", Wetness.Damp), Note("box", "box-wet-listed", "yes")]
            ) with
            {
                Case = "Marked",
            },
            Box("fire-opposite", "fire", Fine, "300.21: listed protection in it", Note("box", "fire-protected", "yes")) with
            {
                Case = "Protected",
            },
            Box("fire-opposite", "fire", Fine, "300.21: none on the other side", Skip("box", "opposite")) with
            {
                Case = "NoneThere",
            },
            Box("wall-spacing", "metal", Measure, "210.52(A)(1): 6 ft to the door, and to the next?", Note("box", "wall-edge", "72")) with
            {
                Case = "AskNext",
            },
            Box("counter-spacing", "metal", Measure, "210.52(C)(1): 48 in, and to its end?", Note("box", "counter-next", "48")) with
            {
                Case = "AskEdge",
            },
            Box("counter-spacing", "metal", Fix, "210.52(C)(1): 49 in between two", Note("box", "counter-next", "49")) with
            {
                Case = "NextTooFar",
            },
            Box(
                "counter-spacing",
                "metal",
                Fine,
                "210.52(C)(1): its end is the nearer to the limit",
                Note("box", "counter-next", "30"),
                Note("box", "counter-edge", "24")
            ) with
            {
                Case = "EdgeWithin",
            },
            new("cable-wet", "metal", "r0.a", Fix, "334.10(A)(1): not damp outdoors", Room("outdoors", Wetness.Damp)) { Case = "Damp" },
            new("cable-held", "metal", "r0.a", Fine, "314.17(C): a flap that holds", Held("r0.a", Holding.Flap)) { Case = "ByFlap" },
        ];

    private static IEnumerable<RuleCase> RestOfWires() =>
        [
            Box("wire-breaker", "metal", Measure, "240.4(D): no breaker known", new RemovePanel("panel")) with
            {
                Case = "AskMany",
            },
            new("ground-gauge", "metal", "r0.a2", Fix, "250.122: no table goes under 14 AWG", Gauged("r0.a2", 16)) { Case = "UnderLeast" },
            Box("free-length", "metal", Measure, "300.14: one lead not measured", AllLong("r0.a0")) with
            {
                Case = "AskOne",
            },
            new("lead-damage", "metal", "r0.a0", Fix, "110.12(B): the insulation", Note("r0.a0", "damage", "insulation"))
            {
                Case = "Insulation",
            },
            Box("followed", "metal", Measure, "practice: one end left", new MoveLead("b", "r0.a0", Landing.Unknown)) with
            {
                Case = "AskOne",
            },
            new(
                "joint-connector",
                "metal",
                "hots",
                Fix,
                "110.14(B): four in three ports",
                new JoinLeads("b", "hots2", "lever-3", ["r0.a0", "r1.a0", "r0.a1", "r1.a1"], "all")
            )
            {
                Of = "hots2",
                Case = "TooManyForPorts",
            },
            new("joint-connector", "blank", "j", Better, "practice: nothing to join", One("j")) { Case = "One" },
            new(
                "grounds-joined",
                "metal",
                "r",
                Fix,
                "250.148(B): taking the device out opens the ground of the other cable",
                new MoveLead("b", "r1.a2", GfciBox.At("ground/screw", "r")),
                new MoveLead("b", "r0.a2", new Landing(LandingAt.BondingScrew)),
                new RemovePigtail("b", "t2"),
                new AddPigtail("b", "t3", new Landing(LandingAt.BondingScrew), GfciBox.At("ground/screw", "r"))
            )
            {
                Case = "ThroughDevice",
            },
        ];

    private static Fact<Volume> Marked(decimal inches) => Fact<Volume>.Marked(Volume.Of(inches));

    private static SetDevice Deep(string inches) => new("b", "r", Depth: new(Known.Measured, Length.Parse(inches)));

    private static SetBoxSize Deepness(string inches) => new("b", Depth: new(Known.Measured, Length.Parse(inches)));

    /// <summary>Nothing on the receptacle.</summary>
    private static Edit[] Bare() => [new RemovePigtail("b", "t0"), new RemovePigtail("b", "t1"), new RemovePigtail("b", "t2")];

    private static Edit[] Hung(string pounds) => [new AddDevice("b", "l", "luminaire", 0), Note("l", "weight", pounds)];

    private static Edit[] Moved(string lead, Landing to) => [new MoveLead("b", lead, to)];

    private static Edit[] Onto(string lead, string place) =>
        [
            new RemovePigtail("b", "t2"),
            new RemovePigtail("b", "t1"),
            new MoveLead("b", "r0.a2", Landing.Loose),
            new MoveLead("b", "r1.a2", Landing.Loose),
            new MoveLead("b", lead, GfciBox.At(place, "r")),
        ];

    private static SetEntry Held(string cable, Holding by) => new("b", $"k{cable[1]}", Holding: by);

    private static SetLeadWire Gauged(string lead, int awg) => new("b", lead, Gauge.Awg(awg));

    private static Edit[] AllLong(string except) =>
        [
            .. Enumerable
                .Range(0, 6)
                .Select(i => $"r{i / 3}.a{i % 3}")
                .Where(l => l != except)
                .Select(l => new SetLeadLength("b", l, new(Known.Measured, Length.Inches(8)))),
        ];

    private static JoinLeads One(string joint) => new("b", joint, "twist-on-small", ["r0.a0"], "one");

    private static Edit[] OffLoad() =>
        [
            new MoveLead("b", "safe.a0", GfciBox.In("hots")),
            new MoveLead("b", "safe.a1", GfciBox.In("neutrals")),
            new NameCable("b", "safe", RunSide.A, "on to the window bench", Feeds.Protected),
        ];

    private static Edit[] Pushed(string lead, int awg, bool stranded) =>
        [new SetLeadWire("b", lead, Gauge.Awg(awg), stranded), new MoveLead("b", lead, GfciBox.At("hot-lower/push", "r"))];

    private static Edit[] Screwed(string lead, int awg) =>
        [new SetLeadWire("b", lead, Gauge.Awg(awg)), new MoveLead("b", lead, GfciBox.At("hot-lower/screw", "r"))];
}
