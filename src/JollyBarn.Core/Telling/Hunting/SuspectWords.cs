using JollyBarn.Electrics.Faults;
using JollyBarn.Telling.Live;
using JollyBarn.Telling.Phrases;
using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Hunting;

/// <summary>Suspects in words, and what mends each.</summary>
public static class SuspectWords
{
    private const string Joint = "Dead and proved: make it again, and tug it.",
        Apart = "Dead and proved: move it clear, look at its insulation, tape or replace what is hurt.",
        Swap = "Dead and proved: put a new one in, line to line and load to load.",
        Cable = "Replace the run, or cut it out between two boxes that stay reachable.",
        Wet = "Dead and proved: dry it, make it again with connectors listed for wet places, and close the way the water came.";

    private static readonly Dictionary<OfferCase, string> Mends = new()
    {
        [OfferCase.ComesOff] = Joint,
        [OfferCase.PoorJoint] = Joint,
        [OfferCase.OffNowAndThen] = Joint,
        [OfferCase.ArcsInJoint] = Joint,
        [OfferCase.Exchanged] = "Dead and proved: put hot and neutral where they belong, here or upstream.",
        [OfferCase.TouchesBox] = Apart,
        [OfferCase.LeaksToBox] = Wet,
        [OfferCase.LeaksALittle] = Wet,
        [OfferCase.TouchesGround] = Apart,
        [OfferCase.BrokenAlong] = Cable,
        [OfferCase.TouchesFarMetal] = "Off and tagged: unhook what is fixed there, and mend or replace it.",
        [OfferCase.NailThrough] = Cable,
        [OfferCase.Jumper] = "Dead and proved: take the jumper out; what it hid then shows.",
        [OfferCase.LessonCrossed] = "Dead and proved: put hot and neutral right upstream, and take the jumper out.",
        [OfferCase.DeadInside] = Swap,
        [OfferCase.NeverCloses] = Swap,
        [OfferCase.NeverOpens] = Swap,
        [OfferCase.NotBonded] = "Dead and proved: a bonding lead from the grounds to the box's own screw.",
        [OfferCase.StuckBreaker] = "Panel work: bring a licensed electrician. A breaker that does not open is replaced.",
        [OfferCase.OneLeg] = "Panel work: bring a licensed electrician. The neutral carries both.",
        [OfferCase.BorrowedNeutral] = "Both circuits dead and proved: back to the neutral of its own circuit.",
        [OfferCase.TabWhole] = "Dead and proved: break the tab.",
        [OfferCase.TabBroken] = "Dead and proved: a tab that is broken stays so: a new receptacle, or a pigtail to each half.",
        [OfferCase.LineAndLoad] = Swap,
        [OfferCase.LineAndLoadLocked] = "Dead and proved: line and load where they belong; then it resets.",
        [OfferCase.LineAndLoadOld] = Swap,
        [OfferCase.TrippedOrNeverReset] = "Reset it, and look what made it trip.",
        [OfferCase.CommonAndTraveler] = "Dead and proved: the common where it belongs.",
        [OfferCase.WetSplice] = Wet,
        [OfferCase.WetSpliceInRain] = Wet,
        [OfferCase.LeaksInGround] = Cable,
        [OfferCase.LeaksInGroundInRain] = Cable,
        [OfferCase.SkinnedAlong] = Cable,
        [OfferCase.LeaksInFar] = "Off and tagged: open what is fixed there, dry it, replace what is worn, close it.",
        [OfferCase.LeaksInFarInRain] = "Off and tagged: open what is fixed there, dry it, and close the way the water came.",
        [OfferCase.LeakyAppliance] = "Leave it unplugged until somebody has mended it.",
        [OfferCase.LeaksAddUp] = "Spread them over two protective devices; have each looked at.",
    };

    public static string Mend(OfferCase fault) => Mends[fault];

    public static string Of(Job job, Suspect suspect) =>
        suspect.Kind switch
        {
            SuspectKind.None => "None of what this program knows",
            SuspectKind.NotRecorded => "Something nobody has recorded hangs here",
            _ => string.Join(", and ", suspect.Faults.Select(f => Of(job, f))),
        };

    public static string Of(Job job, Planted planted) => $"{job.Boxes.Find(planted.Box)?.Name}: {What(job, planted)}";

    private static string What(Job job, Planted planted) =>
        planted.Offer.Case == OfferCase.LessonCrossed
            ? "the feed crossed, and a jumper from neutral to ground"
            : OfferWords.Of(planted.Offer).Make(new Filling(planted.Offer.About, new Names(job, planted.Box)));
}
