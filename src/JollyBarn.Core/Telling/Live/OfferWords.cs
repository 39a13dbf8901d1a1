using JollyBarn.Electrics.Faults;
using JollyBarn.Telling.Phrases;

namespace JollyBarn.Telling.Live;

/// <summary>What faults on offer are called.</summary>
public static class OfferWords
{
    private static readonly Dictionary<OfferCase, Line> Words = new()
    {
        [OfferCase.ComesOff] = "{lead} comes off",
        [OfferCase.PoorJoint] = "{lead} makes a poor joint",
        [OfferCase.OffNowAndThen] = "{lead} comes off now and then",
        [OfferCase.ArcsInJoint] = "{lead} arcs in its joint",
        [OfferCase.Exchanged] = "{lead} and {other} exchanged",
        [OfferCase.TouchesBox] = "{lead} touches the box",
        [OfferCase.LeaksToBox] = "{lead} leaks to the box, wet",
        [OfferCase.LeaksALittle] = "{lead} leaks to the box, damp",
        [OfferCase.TouchesGround] = "{lead} touches the ground beside it",
        [OfferCase.BrokenAlong] = "{lead} is broken somewhere along the cable",
        [OfferCase.TouchesFarMetal] = "a hot touches the metal of {load}",
        [OfferCase.NailThrough] = "a nail through {cable}",
        [OfferCase.Jumper] = "a jumper from neutral to ground on the {device}",
        [OfferCase.LessonCrossed] = "a lesson: the feed crossed, and a jumper from neutral to ground",
        [OfferCase.DeadInside] = "the {device} is dead inside",
        [OfferCase.NeverCloses] = "the {device} makes no contact inside ({terminal}): worn out, or another switch than it is taken for",
        [OfferCase.NeverOpens] = "the {device} never opens inside ({terminal}): stuck, or another switch than it is taken for",
        [OfferCase.NotBonded] = "the metal box is not bonded",
        [OfferCase.StuckBreaker] = "breaker {breaker:slot} is stuck and never opens",
        [OfferCase.OneLeg] = "both legs of breaker {breaker:slot} are on one leg",
        [OfferCase.BorrowedNeutral] = "{lead} goes back with another circuit's",
        [OfferCase.TabWhole] = "the {tab} tab of the {device} is whole",
        [OfferCase.TabBroken] = "the {tab} tab of the {device} is broken",
        [OfferCase.LineAndLoad] = "line and load of the {device} are exchanged",
        [OfferCase.LineAndLoadLocked] = "line and load of the {device} are exchanged, and it locks out as those made today do",
        [OfferCase.LineAndLoadOld] =
            "line and load of the {device} are exchanged, and it is an old one that has tripped: its face hangs on the load side",
        [OfferCase.TrippedOrNeverReset] = "the {device} has tripped, or was never reset",
        [OfferCase.CommonAndTraveler] = "common and a traveler of the {device} are exchanged",
        [OfferCase.WetSplice] = "{lead} leaks to the ground in its joint, wet",
        [OfferCase.WetSpliceInRain] = "{lead} leaks to the ground in its joint when it is wet",
        [OfferCase.LeaksInGround] = "{cable} leaks into the earth along its way",
        [OfferCase.LeaksInGroundInRain] = "{cable} leaks into the earth along its way when it is wet",
        [OfferCase.SkinnedAlong] = "neutral and ground touch along {cable}",
        [OfferCase.LeaksInFar] = "water or worn insulation in {load}",
        [OfferCase.LeaksInFarInRain] = "water in {load} when it is wet",
        [OfferCase.LeakyAppliance] = new(f =>
            f.Has("half")
                ? $"what is plugged in at the {f["half"]} half of the {f["device"]} leaks"
                : $"what is plugged in at the {f["device"]} leaks"
        ),
        [OfferCase.LeaksAddUp] = "things plugged in behind the {device} leak a little each, and together too much",
    };

    internal static Line Of(FaultOffer offer) => Words[offer.Case];
}
