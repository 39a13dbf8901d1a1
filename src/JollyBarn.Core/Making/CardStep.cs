using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>Where in the work a step belongs, in the order people work in. <em>Practice</em>.</summary>
public enum StepStage
{
    /// <summary>Sources off and held, proof of dead.</summary>
    Dead,

    /// <summary>What comes off and out.</summary>
    Apart,

    /// <summary>Box, rings, openings, cables in.</summary>
    BringIn,

    /// <summary>Joints and caps, folded behind the reach of the board cutter.</summary>
    Rough,

    /// <summary>Devices and plates.</summary>
    Trim,

    /// <summary>Power on, readings, label.</summary>
    Test,
}

/// <summary>What a step of a make-up card is.</summary>
public enum StepCase
{
    Off,
    Prove,
    PlateOff,
    PullOut,
    Mark,
    TakeOff,
    OpenJoint,
    TailOut,
    CableOut,
    PartOff,
    SetBox,
    BoxChange,
    PartOn,
    Entry,
    CutLoop,
    StaplesOut,
    Sheath,
    Nicks,
    CutLength,
    BringIn,
    Fasten,
    PassThrough,
    Identify,
    TrimLead,
    Joint,
    Screw,
    Cap,
    FoldBack,
    BreakTab,
    Device,
    Terminal,
    Unused,
    Tape,
    Fix,
    PlateOn,

    /// <summary>What the plan leaves on nothing, before power comes on.</summary>
    LooseEnds,
    PowerOn,
    Reset,
    Readings,
    Button,
    Label,
    CleanUp,

    /// <summary>What else the plan records of the box: answers, marks, names.</summary>
    Note,

    /// <summary>What of the plan no step of this card brings about: it is told, and stays to be done.</summary>
    Beyond,
}

/// <summary>What a line of a step says.</summary>
public enum ItemCase
{
    /// <summary>A lead or pigtail that is in the hand.</summary>
    Lead,

    /// <summary>A pigtail to cut.</summary>
    TailToCut,

    /// <summary>Level them to the shortest.</summary>
    Level,

    /// <summary>None of their lengths is known.</summary>
    MeasureLead,
    Strip,
    Twist,
    OwnWords,
    TrimTwist,
    Connector,
    Turns,
    Tug,
    Hook,
    UnderPlate,
    IntoHole,
    Torque,
    Breaker,
    NoBreaker,
    HeldBy,

    /// <summary>Another box of the Change where leads still hang free.</summary>
    OpenBox,
    MarkPlace,
    SheathMark,
    SheathFlat,
    SheathRound,
    SheathBuried,
    SheathArmour,
    SheathCord,
    SheathRaceway,
    SheathOld,
    SheathUnknown,
    LeadLength,
    Clamp,
    FastenAt,
    Waits,
    Knockout,
    Plug,
    Gasket,
    Flush,
    Square,
    Weather,
    Size,
}

/// <summary>One line of a step: what to do with what, and how much.</summary>
/// <param name="Length">How long, where it is a length.</param>
/// <param name="Count">How many, where it is a count.</param>
/// <param name="Ask">The record does not know it: somebody has to look or measure.</param>
public sealed record StepItem(ItemCase Case, Details About, Length? Length = null, int? Count = null, bool Ask = false)
{
    internal static StepItem Of(ItemCase item, params ReadOnlySpan<(string, object?)> about) => new(item, Details.Of(about));
}

/// <summary>One step of a make-up card.</summary>
/// <param name="Key">Its name among the steps of the box, the same while the plan is.</param>
/// <param name="About">What it is about.</param>
/// <param name="Leads">Leads and pigtails that are in the hand for it; no others are shown.</param>
/// <param name="Edit">What is recorded as done with it; null where it changes nothing of the record.</param>
/// <param name="Touches">A conductor is touched: shown only while a proof of dead stands.</param>
/// <param name="Final">It cannot be taken back: it says so first.</param>
public sealed record CardStep(
    string Key,
    StepStage Stage,
    StepCase Case,
    Details About,
    IReadOnlyList<Id<Lead>> Leads,
    IReadOnlyList<StepItem> Items,
    Batch? Edit = null,
    bool Touches = false,
    bool Final = false
)
{
    /// <summary>Edits of the present that go with it, such as a breaker switched off: sent as they are, never as work of the
    /// Change.</summary>
    public IReadOnlyList<Edit> Now { get; init; } = [];
}
