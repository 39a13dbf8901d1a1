using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Wiring;
using static JollyBarn.Inspection.Verdict;
using static JollyBarn.Testing.RuleBoxes;

namespace JollyBarn.Core.Tests;

/// <summary>One case of one rule: a box, what is noted or done, and the verdict on one thing of it. Null where the rule says
/// nothing.</summary>
/// <param name="Source">Where the expectation comes from: an article of the NEC by edition, from memory, or common practice.</param>
public sealed record RuleCase(string Rule, string Box, string Of, Verdict? Verdict, string Source, params Edit[] Edits)
{
    /// <summary>Which of the rule's cases it is; null where the verdict says enough.</summary>
    public string? Case { get; init; }

    public override string ToString() =>
        $"{Rule} {Verdict?.ToString() ?? "nothing"}: {Source}, "
        + $"{string.Join(", ", Edits.Select(e => e is NoteFact n ? $"{n.Of} {n.Key} {n.Fact?.Value}" : e.GetType().Name))}";
}

/// <summary>For each rule a case that fails, the very limit that passes, an unknown that asks, and an unknown that does not matter; a case
/// by edition where a number changed.</summary>
internal static partial class RuleCases
{
    private static readonly Edit In2017 = new SetProfile(CodeProfile.Default with { Edition = Edition.Nec2017 });
    private static readonly Edit In2020 = new SetProfile(CodeProfile.Default with { Edition = Edition.Nec2020 });

    public static IReadOnlyList<RuleCase> All { get; } =
    [
        .. OfBox(),
        .. OfCables(),
        .. OfConductors(),
        .. OfFixing(),
        .. OfDevices(),
        .. OfLandings(),
        .. OfRest(),
        .. OfConnectors(),
        .. OfConnection(),
        .. OfWires(),
        .. OfPlaces(),
    ];

    private static RuleCase Box(string rule, string box, Verdict? verdict, string source, params Edit[] edits) =>
        new(rule, box, "box", verdict, source, edits);

    private static NoteFact Long(string lead, string text) => Note(lead, "length", text);

    private static IEnumerable<RuleCase> OfBox() =>
        [
            Box("fill", "gfci", Fine, "314.16: 8 at 2.25 and 1 ground in 22.5"),
            Box("fill", "gfci", Fix, "314.16: the same in 14", new SetBoxKind("b", "nm-1g-14")),
            Box("fill", "gfci", Measure, "314.16: nobody knows what box it is", new SetBoxKind("b", "unlisted")),
            Box(
                "fill",
                "gfci",
                Fine,
                "314.16: clamps unknown, and room for either",
                new SetBoxMark("b", Fact<Volume>.Marked(Volume.Of(40m))),
                new SetClamps("b", Fact<ClampStyle>.Unknown)
            ),
            new("depth", "metal", "r", Fine, "314.24: 3 1/2 deep"),
            new(
                "depth",
                "metal",
                "r",
                Fix,
                "314.24(B)(4), verify: 1 in deep under 12 AWG",
                new SetBoxSize("b", Depth: new(Known.Measured, Length.Inches(1)))
            ),
            new("depth", "metal", "r", null, "314.24: depth unknown", new SetBoxSize("b", Depth: Fact<Length>.Unknown)),
            Box("setback", "metal", Fine, "314.20: 1/4 in in plaster", Note("box", "setback", "1/4"), Note("box", "finish", "does-not")),
            Box("setback", "metal", Fix, "314.20: 5/16 in in plaster", Note("box", "setback", "5/16"), Note("box", "finish", "does-not")),
            Box("setback", "metal", Fix, "314.20: 1/64 in in wood", Note("box", "setback", "1/64"), Note("box", "finish", "burns")),
            Box("setback", "metal", Fine, "314.20: flush in wood", Note("box", "setback", "0"), Note("box", "finish", "burns")),
            Box("setback", "metal", Measure, "314.20: 1/8 in, finish unknown", Note("box", "setback", "1/8")),
            Box("setback", "metal", Fine, "314.20: flush, whatever the finish", Note("box", "setback", "0")),
            Box("setback", "metal", Fix, "314.20: 1/2 in, whatever the finish", Note("box", "setback", "1/2")),
            Box("setback", "metal", Measure, "314.20: not measured", Note("box", "finish", "burns")),
            Box("proud", "metal", Fine, "practice: 1/8 in", Note("box", "proud", "1/8")),
            Box("proud", "metal", Better, "practice: 9/64 in", Note("box", "proud", "9/64")),
            Box("proud", "metal", null, "practice: not measured"),
            Box("plate", "metal", Measure, "406.6"),
            Box("plate", "metal", Fix, "406.6", Note("box", "plate-seats", "no")),
            Box("plate", "metal", Fine, "406.6: gap unknown", Note("box", "plate-seats", "yes")),
            Box("gap", "metal", Measure, "314.21"),
            Box("gap", "metal", Fine, "314.21: 1/8 in", Note("box", "gap", "1/8")),
            Box("gap", "metal", Fix, "314.21: 5/32 in", Note("box", "gap", "5/32")),
            new("wire-breaker", "metal", "r0.a", Fine, "240.4(D)(5): 12 AWG on 20 A"),
            new(
                "wire-breaker",
                "metal",
                "r0.a",
                Measure,
                "240.4(G): the same for a motor",
                new NoteCircuit("c", "purpose", new Observation(Known.Measured, "motor"))
            ),
            Box("plate-bonded", "metal@panel", Fine, "406.6(B): the receptacle is bonded"),
            Box("plate-bonded", "metal", Measure, "406.6(B): nobody followed its ground"),
            Box("plate-bonded", "two-wire", Measure, "406.6(B): no ground there"),
            Box("plate-bonded", "two-wire", Fix, "406.6(B): a metal plate", Note("box", "plate-metal", "yes")),
            Box("plate-bonded", "two-wire", Fine, "406.6(B): a plastic plate", Note("box", "plate-metal", "no")),
            Box("wall-spacing", "metal", null, "210.52(A): not measured"),
            Box(
                "wall-spacing",
                "metal",
                Fine,
                "210.52(A)(1): 12 ft between two, no end of the wall",
                Note("box", "wall-next", "144"),
                Skip("box", "wall-edge")
            ),
            Box("wall-spacing", "metal", Measure, "210.52(A)(1): 12 ft between two, and to the door?", Note("box", "wall-next", "144")),
            Box("wall-spacing", "metal", Fix, "210.52(A)(1): over 12 ft", Note("box", "wall-next", "144 1/8")),
            Box(
                "wall-spacing",
                "metal",
                Fine,
                "210.52(A)(1): 6 ft to the door",
                Note("box", "wall-next", "100"),
                Note("box", "wall-edge", "72")
            ),
            Box(
                "wall-spacing",
                "metal",
                Fix,
                "210.52(A)(1): over 6 ft to the door",
                Note("box", "wall-next", "100"),
                Note("box", "wall-edge", "73")
            ),
            Box(
                "counter-spacing",
                "metal",
                Fine,
                "210.52(C)(1): 48 in between two, 24 to its end",
                Note("box", "counter-next", "48"),
                Note("box", "counter-edge", "24")
            ),
            Box("counter-spacing", "metal", Measure, "210.52(C)(1): 24 in to its end, and to the next?", Note("box", "counter-edge", "24")),
            Box("counter-spacing", "metal", Fix, "210.52(C)(1): 25 in to its end", Note("box", "counter-edge", "25")),
            new("entry-open", "blank", "k", Fix, "110.12(A)", new AddEntry("b", "k", EntrySide.Left, EntryState.Open)),
            new("entry-open", "blank", "k", Fine, "110.12(A): closed, size unknown", new AddEntry("b", "k", EntrySide.Left)),
            Box("covered", "blank", Measure, "314.25"),
            Box("covered", "blank", Fix, "314.25", Note("box", "covered", "no")),
            Box("covered", "blank", Fine, "314.25: a cover is recorded", new AddPart("b", "c", "cover-flat-square")),
            Box("accessible", "blank", Measure, "314.29"),
            Box("accessible", "blank", Fix, "314.29", Note("box", "access", "buried")),
            Box("accessible", "blank", Fine, "314.29: above a lift-out ceiling", Note("box", "access", "tile")),
            Box("splice-box", "open", Fix, "300.15"),
            Box("splice-box", "joints", Fine, "300.15"),
            Box("concealed-splice", "splice", Fine, "334.40(B): repair", Note("box", "access", "buried"), Note("box", "repair", "yes")),
            Box("concealed-splice", "splice", Fix, "334.40(B): no repair", Note("box", "access", "buried"), Note("box", "repair", "no")),
            Box("concealed-splice", "splice", Measure, "334.40(B)", Note("box", "access", "buried")),
            Box("concealed-splice", "splice", null, "334.40(B): exposed, repair unknown", Note("box", "access", "open")),
            Box("concealed-splice", "splice", Fine, "334.40(B): a repair, access unknown", Note("box", "repair", "yes")),
            Box("bond-screw", "metal", Measure, "250.8(A)"),
            Box("bond-count", "metal", null, "110.14(A): one under the screw"),
            Box("bond-count", "metal", Measure, "110.14(A): two, under one screw or two", OnTheScrew()),
            Box("bond-count", "metal", Fix, "110.14(A): two under one", [OnTheScrew(), Note("box", "bond-each", "no")]),
            Box("bond-count", "metal", Fine, "110.14(A): each under its own", [OnTheScrew(), Note("box", "bond-each", "yes")]),
            Box("box-bonded", "metal", Fix, "250.148(B): the box loses its bond with the receptacle", ByTheDevice()) with
            {
                Case = "ThroughDevice",
            },
            Box("bond-screw", "metal", Fix, "250.148(C): a cover screw does not count", Note("box", "bond-screw", "cover")),
            Box("bond-screw", "metal", Fine, "250.8(A): a listed clip", Note("box", "bond-screw", "clip")),
            new("device-bonded", "metal@panel", "r", Fine, "250.146"),
            new("device-bonded", "metal", "r", Measure, "250.146: nobody followed its ground"),
            new("device-bonded", "metal", "r", Fine, "250.146: not followed, tested", Note("r0.a", "ground-tested", "yes")),
            new("device-bonded", "metal", "r", Measure, "250.146(B): yoke unknown", new RemovePigtail("b", "t2")),
            new(
                "device-bonded",
                "metal@panel",
                "r",
                Fine,
                "250.146(B): self-grounding yoke",
                new RemovePigtail("b", "t2"),
                Note("r", "self-ground", "yes")
            ),
            new("device-bonded", "metal", "r", Fix, "250.146", new RemovePigtail("b", "t2"), Note("r", "self-ground", "no")),
            new(
                "device-bonded",
                "gfci",
                "g",
                Fix,
                "250.146: nothing to touch in plastic, yoke unknown",
                new RemovePigtail("b", "tail-ground")
            ),
            Box("box-held", "blank", Measure, "314.23"),
            Box("box-held", "blank", Fix, "314.23", Note("box", "held", "no")),
            Box("box-held", "blank", Fine, "314.23", Note("box", "held", "yes")),
            Box("ears", "old-work", Measure, "314.23(C)"),
            Box("ears", "old-work", Fix, "314.23(C)", Note("box", "ears-backed", "no")),
            Box("ears", "old-work", Fine, "314.23(C)", Note("box", "ears-backed", "yes")),
            Box("nails", "metal", Measure, "314.23(B)(1)"),
            Box("nails", "metal", Fix, "314.23(B)(1)", Note("box", "nails", "middle")),
            Box("nails", "metal", Fine, "314.23(B)(1): within 1/4 in", Note("box", "nails", "edge")),
            new("weight", "ceiling", "l", Measure, "314.27(A)(2)"),
            new("weight", "ceiling", "l", Fine, "314.27(A)(2): 50 lb", Note("l", "weight", "50")),
            new("weight", "ceiling", "l", Fix, "314.27(A)(2): 51 lb", Note("l", "weight", "51")),
            new("weight", "fan", "l", Fix, "314.27(C): no mark, weight unknown", Note("box", "fan-listed", "no")),
            new("weight", "fan", "l", Fine, "314.27(C): 35 lb", Note("box", "fan-listed", "yes"), Note("l", "weight", "35")),
            new(
                "weight",
                "fan",
                "l",
                Better,
                "314.27(C): over 35 lb by its mark",
                Note("box", "fan-listed", "yes"),
                Note("l", "weight", "36")
            ),
            new("weight", "fan", "l", Fix, "314.27(C): over 70 lb", Note("l", "weight", "71")),
            new("weight", "fan", "l", Measure, "314.27(C): mark unknown", Note("l", "weight", "20")),
            Box("bonded-through", "armour", Measure, "314.3"),
            Box("bonded-through", "armour", Fix, "314.3", Note("box", "bonded-through", "no")),
            Box("bonded-through", "armour", Fine, "314.3", Note("box", "bonded-through", "yes")),
            Box("box-wet", "blank", Measure, "314.15"),
            Box("box-wet", "blank", Fix, "314.15", [.. Room("outdoors", Wetness.Wet), Note("box", "box-wet-listed", "no")]),
            Box("box-wet", "blank", Fine, "314.15: dry, listing unknown", Room("living")),
            Box("box-wet", "outdoor", Fine, "314.15: a box for the wet"),
            new("cable-wet", "metal", "r0.a", Measure, "334.12(B)(4)"),
            new("cable-wet", "metal", "r0.a", Fix, "334.12(B)(4)", Room("outdoors", Wetness.Wet)),
            new("cable-wet", "metal", "r0.a", Fine, "334.12(B)(4)", Room("living")),
            Box("fire-seal", "fire", Measure, "300.21"),
            Box("fire-seal", "fire", Fix, "300.21", Note("box", "sealed", "no")),
            Box("fire-seal", "fire", Fine, "300.21", Note("box", "sealed", "yes")),
            Box("fire-opposite", "fire", Measure, "building code, 24 in"),
            Box("fire-opposite", "fire", Fine, "building code, 24 in: at 24, protection unknown", Note("box", "opposite", "24")),
            Box(
                "fire-opposite",
                "fire",
                Fix,
                "building code: 23 in unprotected",
                Note("box", "opposite", "23"),
                Note("box", "fire-protected", "no")
            ),
            Box("fire-opposite", "fire", Measure, "building code: 23 in, protection unknown", Note("box", "opposite", "23")),
            Box("clean", "blank", Measure, "110.12(B)"),
            Box("clean", "blank", Fix, "110.12(B)", Note("box", "clean", "no")),
            Box("clean", "blank", Fine, "110.12(B)", Note("box", "clean", "yes")),
            Box("stub", "outdoor", Measure, "314.23(F)"),
            Box("stub", "outdoor", Fix, "314.23(F)", Note("box", "stub", "one-plastic")),
            Box("stub", "outdoor", Fine, "314.23(E)", Note("box", "stub", "two-metal")),
            Box("height", "outdoor", Fine, "210.52(E): 6 1/2 ft", Note("box", "height", "6' 6\"")),
            Box("height", "outdoor", Better, "210.52(E): over 6 1/2 ft", Note("box", "height", "79")),
            Box("height", "outdoor", null, "210.52(E): not measured"),
            Box("box-bonded", "metal@panel", Fine, "250.148(C)"),
            Box("box-bonded", "metal", Measure, "250.148(C): nobody followed its ground"),
            Box("box-bonded", "metal", Fix, "250.148(C)", new RemovePigtail("b", "bond")),
            Box(
                "box-bonded",
                "metal",
                Measure,
                "250.148(C): not all recorded",
                new RemovePigtail("b", "bond"),
                new SetContents("b", Contents.Partial)
            ),
            Box("box-bonded", "gfci", null, "314.4: plastic, nothing to bond"),
        ];

    private static Edit[] NoNeutral() => [new RemoveCable("b", "r1"), new IdentifyLead("b", "r0.a1", "white", ConductorUse.Switched)];
}
