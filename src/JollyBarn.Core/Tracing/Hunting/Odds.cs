using JollyBarn.CodeBook;
using JollyBarn.Electrics.Faults;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Tracing.Hunting;

/// <summary>How likely faults are before anything is observed, and how observers err. All <em>practice</em>: the order is what tradespeople
/// look for first, the weights are this program's.</summary>
public static class Odds
{
    /// <summary>How often an instrument is read or laid wrongly.</summary>
    public const double ReadingErrs = 0.10;

    /// <summary>How often somebody's own word is wrong, and one that was passed on.</summary>
    public const double WordErrs = 0.05,
        ToldErrs = 0.15;

    /// <summary>Weight of what is in no list, and of wiring nobody recorded, of all faults together.</summary>
    public const double None = 0.002,
        NotRecorded = 0.01;

    /// <summary>Two faults at once, of one.</summary>
    public const double Second = 0.02;

    /// <summary>How often an eye that looks into a box spots what is in sight.</summary>
    public const double Spotted = 0.7;

    /// <summary>How often what is loose comes off in the hand of who tugs at it.</summary>
    public const double Tugged = 0.9;

    private const double Worked = 8,
        PushIn = 3,
        Mouse = 6,
        Old = 2,
        Wet = 4,
        Hurt = 10;

    private static readonly Dictionary<OfferCase, double> Weights = new()
    {
        [OfferCase.ComesOff] = 4,
        [OfferCase.PoorJoint] = 3,
        [OfferCase.OffNowAndThen] = 2,
        [OfferCase.ArcsInJoint] = 0.5,
        [OfferCase.Exchanged] = 1.5,
        [OfferCase.TouchesBox] = 1,
        [OfferCase.LeaksToBox] = 0.5,
        [OfferCase.LeaksALittle] = 0.5,
        [OfferCase.TouchesGround] = 1,
        [OfferCase.BrokenAlong] = 0.3,
        [OfferCase.TouchesFarMetal] = 0.5,
        [OfferCase.NailThrough] = 0.3,
        [OfferCase.Jumper] = 0.5,
        [OfferCase.LessonCrossed] = 0.05,
        [OfferCase.DeadInside] = 0.7,
        [OfferCase.NeverCloses] = 0.5,
        [OfferCase.NeverOpens] = 0.2,
        [OfferCase.NotBonded] = 1,
        [OfferCase.StuckBreaker] = 0.1,
        [OfferCase.OneLeg] = 0.2,
        [OfferCase.BorrowedNeutral] = 0.4,
        [OfferCase.TabWhole] = 0.4,
        [OfferCase.TabBroken] = 0.3,
        [OfferCase.LineAndLoad] = 0.5,
        [OfferCase.LineAndLoadLocked] = 0.8,
        [OfferCase.LineAndLoadOld] = 0.2,
        [OfferCase.TrippedOrNeverReset] = 6,
        [OfferCase.CommonAndTraveler] = 0.6,
        [OfferCase.WetSplice] = 1,
        [OfferCase.WetSpliceInRain] = 1.5,
        [OfferCase.LeaksInGround] = 0.5,
        [OfferCase.LeaksInGroundInRain] = 0.7,
        [OfferCase.SkinnedAlong] = 0.3,
        [OfferCase.LeaksInFar] = 0.7,
        [OfferCase.LeaksInFarInRain] = 1,
        [OfferCase.LeakyAppliance] = 1.5,
        [OfferCase.LeaksAddUp] = 0.7,
    };

    /// <summary>What whoever opens the box and looks has a chance to see.</summary>
    private static readonly HashSet<OfferCase> Sights =
    [
        OfferCase.ComesOff,
        OfferCase.Exchanged,
        OfferCase.TouchesBox,
        OfferCase.TouchesGround,
        OfferCase.Jumper,
        OfferCase.LessonCrossed,
        OfferCase.NotBonded,
        OfferCase.BorrowedNeutral,
        OfferCase.TabWhole,
        OfferCase.TabBroken,
        OfferCase.LineAndLoad,
        OfferCase.LineAndLoadLocked,
        OfferCase.LineAndLoadOld,
        OfferCase.CommonAndTraveler,
        OfferCase.WetSplice,
        OfferCase.WetSpliceInRain,
    ];

    /// <summary>What comes off, or moves, when it is tugged.</summary>
    private static readonly HashSet<OfferCase> Loose =
    [
        OfferCase.ComesOff,
        OfferCase.OffNowAndThen,
        OfferCase.PoorJoint,
        OfferCase.ArcsInJoint,
    ];

    public static bool IsLoose(OfferCase fault) => Loose.Contains(fault);

    public static bool InSight(OfferCase fault) => Sights.Contains(fault);

    /// <summary>How often an observation is wrong.</summary>
    public static double Errs(Observed seen)
    {
        ArgumentNullException.ThrowIfNull(seen);
        return seen.Told ? ToldErrs : Errs(seen.Look.Kind);
    }

    /// <summary>How often what one looks at so is written down wrongly.</summary>
    public static double Errs(LookKind kind) =>
        kind is LookKind.Instrument or LookKind.Lamps or LookKind.Insulation ? ReadingErrs : WordErrs;

    /// <summary>How many things a look is likely to show; one that errs shows any of the others. A meter that is read or laid wrongly shows
    /// nothing where there is something, or the other way.</summary>
    public static int Ways(LookKind kind) =>
        kind switch
        {
            LookKind.Outlet or LookKind.Lamps => 4,
            LookKind.Guard => 3,
            _ => 2,
        };

    /// <summary>Weight of a fault at a box before anything was observed.</summary>
    /// <param name="worked">Boxes somebody is said to have worked in lately.</param>
    public static double Of(Job job, Id<Box> at, FaultOffer offer, IReadOnlySet<Id<Box>> worked)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(offer);
        ArgumentNullException.ThrowIfNull(worked);
        var box = job.Boxes[at];
        var weight = Weights[offer.Case] * (worked.Contains(at) ? Worked : 1);
        if (offer.About["lead"] is Thing { Kind: ThingKind.Lead } thing && box.Leads.TryFind(thing.Id, out var lead))
        {
            weight *= PushedIn(box, lead) ? PushIn : 1;
            weight *= OfLead(job, box, thing.Id, lead);
        }

        if (offer.Case is OfferCase.NailThrough or OfferCase.BrokenAlong or OfferCase.SkinnedAlong or OfferCase.LeaksInGround)
        {
            weight *= job.Runs.Values.Any(r => r.Hurts.Count > 0 && (r.A.Box == at || r.B.Box == at)) ? Hurt : 1;
        }

        return offer.Case is OfferCase.LeaksToBox or OfferCase.LeaksALittle && LeakOffers.MayBeWet(job, box) ? weight * Wet : weight;
    }

    private static double OfLead(Job job, Box box, string id, Lead lead)
    {
        var run = job.Runs.Find(lead.Run);
        var cable = lead.Run is { } of ? Subjects.CableEnd(of, lead.Side) : id;
        return (run?.Type == CableType.OldTwoWire ? Old : 1)
            * (
                box.Fact(cable, CableFacts.Hurt.Id) is { Value: { } hurt } && Choice.Parse<CableHurt>(hurt) is not (null or CableHurt.None)
                    ? Mouse
                    : 1
            );
    }

    private static bool PushedIn(Box box, Lead lead) =>
        lead.Lands is { Device: { } device, Place: { } place }
        && box.Devices.TryFind(device, out var of)
        && DeviceKinds.Find(of.Kind)?.Terminals.SelectMany(t => t.Landings).Any(l => l.Id == place && l.Kind == LandingKind.PushIn) == true;
}
