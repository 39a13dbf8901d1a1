using JollyBarn.Terms;

namespace JollyBarn.Electrics.Faults;

/// <summary>What a fault on offer is.</summary>
public enum OfferCase
{
    ComesOff,
    PoorJoint,
    OffNowAndThen,
    ArcsInJoint,
    Exchanged,
    TouchesBox,
    LeaksToBox,
    TouchesGround,
    BrokenAlong,
    TouchesFarMetal,
    NailThrough,
    Jumper,
    LessonCrossed,
    DeadInside,
    NotBonded,
    StuckBreaker,
    OneLeg,
    BorrowedNeutral,
    TabWhole,
    TabBroken,
    LineAndLoad,
    LineAndLoadLocked,
    LineAndLoadOld,
    TrippedOrNeverReset,
    CommonAndTraveler,
}

/// <summary>A fault one can plant here to see what it does.</summary>
/// <param name="About">What it is of.</param>
public sealed record FaultOffer(OfferCase Case, Details About, Fault Fault)
{
    internal static FaultOffer Of(OfferCase offered, Fault fault, params ReadOnlySpan<(string, object?)> about) =>
        new(offered, Details.Of(about), fault);
}
