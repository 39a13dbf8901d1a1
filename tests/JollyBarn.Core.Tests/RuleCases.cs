using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using static JollyBarn.Inspection.Verdict;
using static JollyBarn.Testing.RuleBoxes;

namespace JollyBarn.Core.Tests;

/// <summary>One case of one rule: a box, what is noted or done, and the verdict on one thing of it. Null where the rule says
/// nothing.</summary>
/// <param name="Source">Where the expectation comes from: an article of the NEC by edition, from memory, or common practice.</param>
public sealed record RuleCase(string Rule, string Box, string Of, Verdict? Verdict, string Source, params Edit[] Edits)
{
    public override string ToString() =>
        $"{Rule} {Verdict?.ToString() ?? "nothing"}: {Source}, "
        + $"{string.Join(", ", Edits.Select(e => e is NoteFact n ? $"{n.Of} {n.Key} {n.Fact?.Value}" : e.GetType().Name))}";
}

/// <summary>For each rule a case that fails, the very limit that passes, an unknown that asks, and an unknown that does not matter; a case
/// by edition where a number changed.</summary>
internal static class RuleCases
{
    private static readonly Edit In2017 = new SetProfile(CodeProfile.Default with { Edition = Edition.Nec2017 });
    private static readonly Edit In2020 = new SetProfile(CodeProfile.Default with { Edition = Edition.Nec2020 });

    public static IReadOnlyList<RuleCase> All { get; } = [.. OfBox(), .. OfCables(), .. OfConductors(), .. OfDevices()];

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
            Box("plate-bonded", "metal", Fine, "406.6(B): the receptacle is bonded"),
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
            Box("bond-screw", "metal", Fix, "250.148(C): a cover screw does not count", Note("box", "bond-screw", "cover")),
            Box("bond-screw", "metal", Fine, "250.8(A): a listed clip", Note("box", "bond-screw", "clip")),
            new("device-bonded", "metal", "r", Fine, "250.146"),
            new("device-bonded", "metal", "r", Measure, "250.146(B): yoke unknown", new RemovePigtail("b", "t2")),
            new(
                "device-bonded",
                "metal",
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
            Box("stub", "outdoor", Fine, "314.23(E)", Note("box", "stub", "two")),
            Box("height", "outdoor", Fine, "210.52(E): 6 1/2 ft", Note("box", "height", "6' 6\"")),
            Box("height", "outdoor", Better, "210.52(E): over 6 1/2 ft", Note("box", "height", "79")),
            Box("height", "outdoor", null, "210.52(E): not measured"),
            Box("box-bonded", "metal", Fine, "250.148(C)"),
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
            new("cable-damage", "metal", "r0.a", Fix, "334.30", Note("r0.a", "cable-damage", "sheath")),
            new("cable-damage", "metal", "r0.a", Fine, "110.12(B)", Note("r0.a", "cable-damage", "none")),
            // 334.80, 310.15(C)(1): 12 AWG, 30 A at 90 °C. Three cables, six conductors, 80 %: 24 A. Five, ten conductors, 50 %: 15 A.
            new("bundled", "metal", "r0.a", Fine, "334.80: 24 A on 20", Note("r0.a", "bundled", "3")),
            new("bundled", "metal", "r0.a", Fix, "334.80: 15 A on 20", Note("r0.a", "bundled", "5")),
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
            new("riser", "buried", "r0.a", Measure, "300.5(D)(1)", Note("r0.a", "buried", "24")),
            new("riser", "buried", "r0.a", Fix, "300.5(D)(1)", Note("r0.a", "buried", "24"), Note("r0.a", "riser", "no")),
            new("riser", "buried", "r0.a", Fine, "300.5(D)(1)", Note("r0.a", "buried", "24"), Note("r0.a", "riser", "yes")),
        ];

    private static IEnumerable<RuleCase> OfConductors() =>
        [
            new("wire-breaker", "metal", "r0.a", Fine, "240.4(D)(5): 12 on 20"),
            new("wire-breaker", "switch", "r0.a", Fine, "240.4(D)(3): 14 on 15"),
            new(
                "wire-breaker",
                "switch",
                "r0.a",
                Fix,
                "240.4(D)(3): 14 on 20",
                new PutPanel(
                    "panel",
                    new Panel("Panel", SupplySystem.SplitPhase, 20) { Breakers = [new Breaker(1, 1, 20, BreakerKind.Standard, "c")] }
                )
            ),
            Box("wire-breaker", "blank", Measure, "240.4(D): breaker unknown"),
            new("pigtail-gauge", "metal", "t0", Fine, "240.4(D)(5)"),
            new(
                "pigtail-gauge",
                "metal",
                "t0",
                Fix,
                "240.4(D)(3): a 14 pigtail on 20",
                new SetPigtail("b", "t0", "black", new(Known.Measured, Length.Inches(8)), Gauge.Awg(14), ConductorUse.Hot)
            ),
            new("ground-gauge", "metal", "r0.a2", Fine, "Table 250.122: 12 on 20"),
            new("ground-gauge", "metal", "r0.a2", Fix, "Table 250.122: 14 on 20", new SetLeadWire("b", "r0.a2", Gauge.Awg(14))),
            new("free-length", "gfci", "safe.a0", Fine, "300.14: 6 in", Long("safe.a0", "6")),
            new("free-length", "gfci", "safe.a0", Fix, "300.14: 5 63/64 in", Long("safe.a0", "5 63/64")),
            Box("free-length", "gfci", Measure, "300.14: not measured"),
            new(
                "free-length",
                "gfci",
                "feed.a0",
                Fine,
                "300.14, 2023: the path through the joint counts",
                Long("feed.a0", "4"),
                Note("feed.a0", "path", "12")
            ),
            new(
                "free-length",
                "gfci",
                "feed.a0",
                Better,
                "300.14, 2020: ask the office",
                Long("feed.a0", "4"),
                Note("feed.a0", "path", "12"),
                In2020
            ),
            new(
                "free-length",
                "gfci",
                "feed.a0",
                Fix,
                "300.14: too short through the joint too",
                Long("feed.a0", "2"),
                Note("feed.a0", "path", "5"),
                In2020
            ),
            new("free-length", "gfci", "feed.a0", Measure, "300.14: path not measured", Long("feed.a0", "4")),
            // rules.md 4: 6 governs until the lead comes out more than 3 in behind the opening. The 22.5 box is 3 1/2 deep.
            new("reach", "gfci", "safe.a0", Fine, "300.14: 3 in", Note("safe.a0", "past-opening", "3")),
            new("reach", "gfci", "safe.a0", Fix, "300.14: 2 7/8 in", Note("safe.a0", "past-opening", "2 7/8")),
            new(
                "reach",
                "gfci",
                "safe.a0",
                Fine,
                "300.14: 6 1/2 in in a box 3 1/2 deep reaches 3 wherever it comes out",
                Long("safe.a0", "6 1/2")
            ),
            new("reach", "gfci", "safe.a0", Measure, "300.14: 6 in may not reach", Long("safe.a0", "6")),
            new("reach", "gfci", "safe.a0", Fix, "300.14: 2 in cannot reach 3", Long("safe.a0", "2")),
            new("pigtail-length", "gfci", "tail-hot", Fine, "practice: 8 in"),
            new("pigtail-length", "gfci", "tail-hot", Better, "practice: 7 in", Note("tail-hot", "tail-length", "7")),
            new(
                "pigtail-length",
                "gfci",
                "tail-hot",
                Fine,
                "practice: 7 in in a house that wants 6",
                Note("tail-hot", "tail-length", "7"),
                new SetPractice(PracticeBook.PigtailLength.Key, "6")
            ),
            new("white-hot", "switch", "r0.a1", Fix, "200.7(C)(1)", new IdentifyLead("b", "r0.a1", "white", ConductorUse.Hot)),
            new("white-hot", "switch", "r0.a1", Fine, "200.7(C)(1)", new IdentifyLead("b", "r0.a1", "white", ConductorUse.Hot, "black")),
            new(
                "white-hot",
                "switch",
                "r0.a1",
                Fix,
                "200.7(C)(2): never the return, marked or not",
                new IdentifyLead("b", "r0.a1", "white", ConductorUse.Switched, "black")
            ),
            new("green", "metal", "r0.a2", Fine, "250.119"),
            new("green", "metal", "r0.a2", Stop, "250.119", new IdentifyLead("b", "r0.a2", "bare", ConductorUse.Hot)),
            new("green", "metal", "r0.a2", Fix, "250.142(B)", new IdentifyLead("b", "r0.a2", "bare", ConductorUse.Neutral)),
            new("neutrals-apart", "metal", "neutrals", Fine, "200.4(A)"),
            new(
                "neutrals-apart",
                "metal",
                "neutrals",
                Stop,
                "200.4(A)",
                new PutCircuit("d", new Circuit("Lights")),
                new SetRun("r1", Circuit: "d")
            ),
            new("multiwire-neutral", "multiwire", "r0.a2", Fine, "300.13(B)"),
            new(
                "multiwire-neutral",
                "multiwire",
                "r0.a2",
                Fix,
                "300.13(B)",
                new AddCable("b", "r9", "k9", Jobs.Nm(12, 2)),
                new MoveLead("b", "r9.a1", GfciBox.At("neutral-lower/screw", "r"))
            ),
            new("multiwire-neutral", "multiwire", "r0.a2", Measure, "300.13(B)", new MoveLead("b", "r0.a2", Landing.Unknown)),
            new("multiwire-tied", "multiwire", "r0.a", Measure, "210.4(B)"),
            new("multiwire-tied", "multiwire", "r0.a", Fix, "210.4(B)", Note("r0.a", "tied", "no")),
            new("multiwire-tied", "multiwire", "r0.a", Fine, "210.4(B)", Note("r0.a", "tied", "yes")),
            new("multiwire-legs", "multiwire", "r0.a", Measure, "210.4"),
            new("multiwire-legs", "multiwire", "r0.a", Stop, "210.4", Note("r0.a", "legs", "same")),
            new("multiwire-legs", "multiwire", "r0.a", Fine, "210.4", Note("r0.a", "legs", "different")),
            new("joint-tight", "metal", "hots", Measure, "110.14(B)"),
            new("joint-tight", "metal", "hots", Stop, "110.14(B)", Note("hots", "tight", "no")),
            new("joint-tight", "metal", "hots", Fine, "110.14(B)", Note("hots", "tight", "yes")),
            new("joint-listed", "metal", "hots", Fix, "110.14(B)", Note("hots", "joint-listed", "no")),
            new("joint-listed", "metal", "hots", Fine, "110.14(B)", Note("hots", "joint-listed", "yes")),
            new("joint-near", "gfci", "grounds", Better, "practice: four under a medium"),
            new(
                "joint-near",
                "gfci",
                "grounds",
                null,
                "practice: the house allows it",
                new SetPractice(PracticeBook.NearLimit.Key, "allow")
            ),
            new("joint-near", "gfci", "hots", null, "practice: three under a medium"),
            new("joint-wet", "joints", "hots", Fix, "110.14(B)", Room("outdoors", Wetness.Wet)),
            new(
                "joint-wet",
                "joints",
                "hots",
                Fine,
                "110.14(B)",
                [.. Room("outdoors", Wetness.Wet), new SetJoint("b", "hots", "sealed", "hots")]
            ),
            new("joint-wet", "joints", "hots", Fine, "110.14(B): dry", Room("living")),
            new("joint-reused", "metal", "hots", Better, "practice", Note("hots", "reused", "yes")),
            new("joint-reused", "metal", "hots", Fine, "practice", Note("hots", "reused", "no")),
            new("aluminum", "aluminum", "r0.a0", Measure, "404.14(C)"),
            new("aluminum", "aluminum", "r0.a0", Stop, "404.14(C)", Note("r", "al-marked", "no")),
            new("aluminum", "aluminum", "r0.a0", Fine, "406.3(C)", Note("r", "al-marked", "yes")),
            Box("licensed", "aluminum", Better, "practice"),
            new("licensed", "metal", "r0.a0", Better, "practice: burnt", Note("r0.a0", "damage", "burnt")),
            new("licensed", "metal", "r0.a0", null, "practice: a nick is no burn", Note("r0.a0", "damage", "nick")),
            new("lead-damage", "metal", "r0.a0", Fix, "110.12(B): it crumbles", Note("r0.a0", "damage", "burnt")),
            new("lead-damage", "metal", "r0.a0", Fix, "110.12(B)", Note("r0.a0", "damage", "nick")),
            new("lead-damage", "metal", "r0.a0", Fine, "110.12(B)", Note("r0.a0", "damage", "none")),
            new("hook", "switch", "r0.a0", Better, "practice", Note("r0.a0", "hook", "other")),
            new("hook", "switch", "r0.a0", Fine, "practice", Note("r0.a0", "hook", "clockwise")),
            new("bare-past", "switch", "r0.a0", Better, "practice", Note("r0.a0", "bare", "1/8")),
            new("bare-past", "switch", "r0.a0", Fine, "practice: 1/16 in", Note("r0.a0", "bare", "1/16")),
            new("gauge-mixed", "metal", "hots", Better, "practice", new SetLeadWire("b", "r1.a0", Gauge.Awg(14))),
            new(
                "gauge-mixed",
                "metal",
                "hots",
                null,
                "practice: the house says nothing",
                new SetLeadWire("b", "r1.a0", Gauge.Awg(14)),
                new SetPractice(PracticeBook.MixedGauges.Key, "legal")
            ),
            Box("followed", "blank", Measure, "practice"),
            Box("followed", "metal", Fine, "practice"),
            Box("recorded", "partial", Measure, "practice"),
            Box("recorded", "metal", Fine, "practice"),
        ];

    private static IEnumerable<RuleCase> OfDevices() =>
        [
            new("rigid", "metal", "r", Measure, "406.5"),
            new("rigid", "metal", "r", Fix, "406.5", Note("r", "rigid", "no")),
            new("rigid", "metal", "r", Fine, "406.5", Note("r", "rigid", "yes")),
            new("device-screws", "metal", "r", Fix, "406.5(F)", Note("r", "screws", "other")),
            new("device-screws", "metal", "r", Fine, "406.5(F)", Note("r", "screws", "machine")),
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
                [.. Room("bedroom"), Note("r", "tamper", "no"), Note("box", "height", "16"), Note("box", "as-built", "no")]
            ),
            new("tamper", "metal", "r", Fine, "406.12: over 5 1/2 ft", Note("box", "height", "67")),
            new(
                "tamper",
                "metal",
                "r",
                Fix,
                "406.12: at 5 1/2 ft",
                [.. Room("bedroom"), Note("r", "tamper", "no"), Note("box", "height", "66"), Note("box", "as-built", "no")]
            ),
            new("tamper", "metal", "r", Fine, "406.12, 2017: garages not yet", [.. Room("garage"), In2017, Note("r", "tamper", "no")]),
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
            Box("bath-zone", "metal", null, "406.9(C), 2017: only within or over the tub", [.. Room("bathroom"), In2017]),
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
            new("no-ground", "metal", "r", Fine, "406.4(D)(1): a ground, protection unknown"),
            new("split-tab", "multiwire", "r", Stop, "210.7: two circuits and the tab whole", TwoCircuits()),
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
                "safe.a0",
                Fix,
                "110.3(B): feed on load",
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
            new("short", "metal", "hots", Stop, "110.7", new MoveLead("b", "r1.a1", GfciBox.In("hots"))),
            new("polarity", "gfci", "safe.a1", Stop, "200.11", new MoveLead("b", "safe.a1", GfciBox.At("load-hot/plate"))),
            new("neutral-ground", "gfci", "on.a1", Stop, "250.142(B)", new MoveLead("b", "on.a1", GfciBox.In("grounds"))),
        ];

    private static Edit[] NoNeutral() => [new RemoveCable("b", "r1"), new IdentifyLead("b", "r0.a1", "white", ConductorUse.Switched)];

    private static Edit[] TwoCircuits() =>
        [
            new PutCircuit("c1", new Circuit("One")),
            new PutCircuit("c2", new Circuit("Two")),
            new AddCable("b", "r8", "k8", Jobs.Nm(12, 2)),
            new AddCable("b", "r9", "k9", Jobs.Nm(12, 2)),
            new SetRun("r8", Circuit: "c1"),
            new SetRun("r9", Circuit: "c2"),
            new MoveLead("b", "r0.a0", Landing.Loose),
            new MoveLead("b", "r8.a0", GfciBox.At("hot-upper/screw", "r")),
            new MoveLead("b", "r9.a0", GfciBox.At("hot-lower/screw", "r")),
        ];
}
