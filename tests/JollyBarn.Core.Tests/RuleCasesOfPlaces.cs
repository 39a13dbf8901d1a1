using JollyBarn.Edits;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using static JollyBarn.Inspection.Verdict;
using static JollyBarn.Testing.RuleBoxes;

namespace JollyBarn.Core.Tests;

/// <content>Closets, tubs, luminaires, low voltage, and joints as they are seen. Articles from memory.</content>
internal static partial class RuleCases
{
    private static IEnumerable<RuleCase> OfPlaces() =>
        [
            Box("low-voltage", "metal", null, "725.136: nobody said", In2020),
            Box("low-voltage", "metal", Fix, "725.136(A)", Note("box", "low-voltage", "beside")),
            Box("low-voltage", "metal", Fine, "725.136(B): a barrier", Note("box", "low-voltage", "behind-barrier")),
            Box("low-voltage", "metal", Fine, "725.136(D): the device's own control", Note("box", "low-voltage", "own-control")),
            .. Tub(),
            .. Closet(),
            new("supply-heat", "ceiling", "l", null, "NM-B is rated 90 °C: 334.112"),
            new("supply-heat", "ceiling", "l", Measure, "410.117", Old),
            new("supply-heat", "ceiling", "l", Measure, "410.117: nobody named it", new SetRun("r0", CableType.Unknown)),
            new("supply-heat", "ceiling", "l", Fix, "410.117", Old, Note("l", "supply-hot", "no")),
            new("supply-heat", "ceiling", "l", Fine, "410.117", Old, Note("l", "supply-hot", "yes")),
            .. Fan(),
            Box("through-luminaire", "ceiling", null, "410.21: one cable", new SetBoxKind("b", "luminaire-box")),
            Box("through-luminaire", "ceiling", Measure, "410.21", Through),
            Box("through-luminaire", "ceiling", Fix, "410.21", [.. Through, Note("box", "through-listed", "no")]),
            Box("through-luminaire", "ceiling", Fine, "410.21", [.. Through, Note("box", "through-listed", "yes")]),
            new("joint-made", "metal", "hots", null, "110.14(B): nobody said"),
            new("joint-made", "metal", "hots", Fine, "110.14(B)", Note("hots", "joint-seen", "sound")),
            new("joint-made", "metal", "hots", Fix, "110.14(B): bare copper shows", Note("hots", "joint-seen", "copper-below")),
            new("joint-made", "metal", "hots", Fix, "110.14(B): the shell insulates no more", Note("hots", "joint-seen", "shell-hurt")),
            new("joint-made", "metal", "hots", Fix, "110.3(B): its sheet shows the window", Note("hots", "joint-seen", "end-short")),
            new("licensed", "ceiling", "r0.a", Better, "394.12: nothing is added to it", new SetRun("r0", CableType.KnobTube)),
            new("tamper", "metal", "r", Fine, "406.12(3): behind an appliance", NotTamper("dedicated-space")),
            new("tamper", "metal", "r", Fine, "406.12(2): part of an appliance", NotTamper("part-of-appliance")),
        ];

    private static Edit Old => new SetRun("r0", CableType.OldTwoWire);

    private static Edit[] Through => [new SetBoxKind("b", "luminaire-box"), new AddCable("b", "r9", "k9", Jobs.Nm(14, 2))];

    private static Edit[] NotTamper(string why) => [Note("r", "tamper", "no"), Note("r", "tamper-why", why)];

    private static IEnumerable<RuleCase> Tub() =>
        [
            new("tub-space", "switch", "s", null, "404.4(C): not in a bathroom", Room("bedroom")),
            new("tub-space", "switch", "s", Measure, "404.4(C)", Room("bathroom")),
            new("tub-space", "switch", "s", Fix, "404.4(C)", [.. Room("bathroom"), Note("box", "tub-space", "yes")]),
            new("tub-space", "switch", "s", Fine, "404.4(C)", [.. Room("bathroom"), Note("box", "tub-space", "no")]),
            new("tub-space", "fan", "l", Fix, "410.10(D)(2): a paddle fan", [.. Room("bathroom"), Note("box", "bath-zone", "yes")]),
            new("tub-space", "ceiling", "l", Measure, "410.10(D): where", Room("bathroom")),
            new("tub-space", "ceiling", "l", Measure, "410.10(D): how made", [.. Room("bathroom"), Note("box", "bath-zone", "yes")]),
            new(
                "tub-space",
                "ceiling",
                "l",
                Fix,
                "410.10(D)(1): on a chain",
                [.. Room("bathroom"), Note("box", "bath-zone", "yes"), Note("l", "luminaire", "hanging")]
            ),
            new(
                "tub-space",
                "ceiling",
                "l",
                Fine,
                "410.10(D)(1): a recessed one may",
                [.. Room("bathroom"), Note("box", "bath-zone", "yes"), Note("l", "luminaire", "recessed")]
            ),
        ];

    private static IEnumerable<RuleCase> Closet() =>
        [
            new("closet", "ceiling", "l", null, "410.16: no closet", Room("bedroom")),
            new("closet", "ceiling", "l", Measure, "410.16(A)", Room("closet")),
            new("closet", "ceiling", "l", Fix, "410.16(B): a bare lamp", [.. Room("closet"), Note("l", "luminaire", "open-lamp")]),
            new("closet", "ceiling", "l", Fix, "410.16(B): a pendant", [.. Room("closet"), Note("l", "luminaire", "hanging")]),
            new("closet", "ceiling", "l", Measure, "410.16(C)", [.. Room("closet"), Note("l", "luminaire", "surface-fluorescent")]),
            .. Apart("surface-closed", "12", Fine),
            .. Apart("surface-closed", "11 7/8", Fix),
            .. Apart("surface-fluorescent", "6", Fine),
            .. Apart("surface-fluorescent", "5 7/8", Fix),
            .. Apart("recessed", "6", Fine),
        ];

    private static IEnumerable<RuleCase> Apart(string made, string away, Inspection.Verdict verdict) =>
        [
            new(
                "closet",
                "ceiling",
                "l",
                verdict,
                $"410.16(C): {made} at {away} in",
                [.. Room("closet"), Note("l", "luminaire", made), Note("l", "to-storage", away)]
            ),
        ];

    private static IEnumerable<RuleCase> Fan() =>
        [
            Box("fan-ready", "ceiling", null, "314.27(C): from 2020 on", [.. Room("bedroom"), In2017]),
            Box("fan-ready", "ceiling", null, "314.27(C): a room people live in", Room("garage")),
            Box("fan-ready", "ceiling", Measure, "314.27(C)", Room("bedroom")),
            Box("fan-ready", "ceiling", Fine, "314.27(C)", [.. Room("bedroom"), Note("box", "fan-place", "framing")]),
            Box("fan-ready", "ceiling", Fine, "314.27(C): no ceiling", [.. Room("bedroom"), Note("box", "fan-place", "not-overhead")]),
            Box("fan-ready", "ceiling", Fine, "314.27(C): a fan box", [.. Room("bedroom"), new SetBoxKind("b", "fan-4x2-1/8")]),
            Box("fan-ready", "ceiling", Measure, "314.27(C): its mark", [.. Room("bedroom"), Note("box", "fan-place", "no-framing")]),
            Box("fan-ready", "ceiling", Measure, "314.27(C): how old", NoFan()),
            Box("fan-ready", "ceiling", Fix, "314.27(C)", [.. NoFan(), Note("box", "as-built", "no")]),
            Box("fan-ready", "ceiling", Better, "90.4: lawful when it was built", [.. NoFan(), Note("box", "as-built", "yes")]),
        ];

    private static Edit[] NoFan() => [.. Room("bedroom"), Note("box", "fan-place", "no-framing"), Note("box", "fan-listed", "no")];
}
