using JollyBarn.Making;
using JollyBarn.Measures;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Making;

/// <summary>What the lines of a step say.</summary>
internal static class ItemWords
{
    private static readonly Dictionary<ItemCase, Line> Words = new()
    {
        [ItemCase.Lead] = "{lead} to {at}",
        [ItemCase.TailToCut] = new(f => $"cut a pigtail, {Wire(f)}"),
        [ItemCase.Level] = "level them at the shortest",
        [ItemCase.MeasureLead] = "nobody measured them: level them at the shortest",
        [ItemCase.Strip] = "strip",
        [ItemCase.Twist] = "twist clockwise, bare ends even",
        [ItemCase.OwnWords] = "its own package decides: strip, count, twist",
        [ItemCase.TrimTwist] = "trim the twist",
        [ItemCase.Connector] = "{connector}, {count} in it",
        [ItemCase.Turns] = "turns seen in the insulated wires",
        [ItemCase.Tug] = "tug each one",
        [ItemCase.Hook] = "hook clockwise under the screw, as you see that side",
        [ItemCase.UnderPlate] = "straight under the plate, no insulation under it",
        [ItemCase.IntoHole] = "straight in to the stop",
        [ItemCase.Torque] = "tighten to the mark on it, where it has one",
        [ItemCase.Breaker] = "{breaker} of {panel}",
        [ItemCase.NoBreaker] = "nobody knows which breaker: find it first",
        [ItemCase.HeldBy] = "{breaker}: held by {by}",
        [ItemCase.OpenBox] = "{box}: ends hang free there. Nobody's hands in it, and each under a cap",
        [ItemCase.MarkPlace] = "{lead}: from {at}",
        [ItemCase.SheathMark] = "mark the sheath from its end",
        [ItemCase.SheathFlat] = "flat cable: open it along the ground, blade flat",
        [ItemCase.SheathRound] = "round three-wire: hooked blade, away from you",
        [ItemCase.SheathBuried] = "buried cable: slit it over the bare, peel the rest",
        [ItemCase.SheathArmour] = "armour: cut one turn, no deeper; bushing in",
        [ItemCase.SheathCord] = "cord: score round, bend, pull",
        [ItemCase.SheathRaceway] = "single wires: none to open; ends taped until they are in",
        [ItemCase.SheathOld] = "old sheath: it crumbles; as little as can be, sleeve what is bare",
        [ItemCase.SheathUnknown] = "which kind is it? Look before you cut",
        [ItemCase.LeadLength] = "cut leads at",
        [ItemCase.Clamp] = new(f =>
            f.Get<Holding>("holding") switch
            {
                Holding.InternalClamp => "under the clamp, sheath just past it",
                Holding.OutsideConnector => "connector tight on the sheath, lock nut tight",
                Holding.Flap => "past the flap, sheath inside",
                Holding.Nothing => "no clamp here: sheath inside, fastened close",
                _ => "held by what the box has; sheath just past it",
            }
        ),
        [ItemCase.FastenAt] = "first fastener within",
        [ItemCase.Waits] = "bare ends that wait for their device: a cap on each",
        [ItemCase.Knockout] = "take out the knockout",
        [ItemCase.Plug] = "a plug that fits, tight",
        [ItemCase.Gasket] = "gasket under it, flat",
        [ItemCase.Flush] = "flush with the wall, ears tight",
        [ItemCase.Square] = "square, by a level",
        [ItemCase.Weather] = "hinge up, closes over the plug",
        [ItemCase.Size] = "{kind}",
    };

    public static string Says(StepItem item, Filling fill) => Line.Start(Words[item.Case].Make(fill));

    private static string Wire(Filling fill) => fill.Get<Gauge?>("gauge") is { } gauge ? $"{fill["lead"]}, {gauge} AWG" : fill["lead"];
}
