using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Planning.Remedies;
using JollyBarn.Walls;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>Where ground-fault protection of a new outlet stands.</summary>
public enum Shield
{
    None,

    /// <summary>The new outlet is a protective receptacle.</summary>
    Here,

    /// <summary>Behind the protective receptacle that is in the box power is taken from.</summary>
    LoadSide,

    /// <summary>A protective receptacle takes the place of the plain one in the box power is taken from.</summary>
    AtSource,
}

/// <summary>What makes room in a box that power is taken from.</summary>
public enum MakeRoom
{
    /// <summary>It holds it as it is.</summary>
    AsIs,

    /// <summary>A ring, an extension, other clamps or another box.</summary>
    Another,

    /// <summary>Its cables are joined in a junction box beside it.</summary>
    JointsAside,
}

/// <summary>How a hurt cable is mended.</summary>
public enum Repair
{
    OneBox,

    /// <summary>One box in which short leads are made longer with tails.</summary>
    OneBoxWithTails,
    TwoBoxes,
    ListedSplice,
    NewRun,
}

/// <summary>How an old-work box is held.</summary>
public enum HeldBy
{
    /// <summary>Nothing there to choose.</summary>
    Itself,
    Ears,
    Stud,
    Surface,
}

/// <summary>What has to be looked at before a way is known to work.</summary>
public enum WayOpen
{
    /// <summary>Whether one gets under the floor between the two.</summary>
    Under,

    /// <summary>What the label of the panel names.</summary>
    PanelLabel,

    /// <summary>How much slack the cable has.</summary>
    Slack,

    /// <summary>Where the power of the box it is taken from comes from: nobody followed it.</summary>
    Feed,

    /// <summary>How far it is.</summary>
    Length,

    /// <summary>What stands in the wall where the hole is cut.</summary>
    Wall,
}

/// <summary>The decisions a way is made of.</summary>
public sealed record WayChoice
{
    /// <summary>The box power is taken from, or that is worked in.</summary>
    public Id<Box>? From { get; init; }

    /// <summary>The panel a new breaker goes into, and its slot.</summary>
    public string? Panel { get; init; }

    public int? Slot { get; init; }

    /// <summary>The new breaker, where it is all that is wanted.</summary>
    public Breaker? Breaker { get; init; }

    public Shield Shield { get; init; }

    public WayRoute? Route { get; init; }

    /// <summary>Kind of the new box, or of the one that takes the old one's place.</summary>
    public string? Kind { get; init; }

    public HeldBy Held { get; init; }

    public MakeRoom Room { get; init; }

    /// <summary>What takes the place of the box power is taken from, or goes on it.</summary>
    public InsteadOption? Instead { get; init; }

    public Repair? Repair { get; init; }

    /// <summary>Kind of the device that is put in.</summary>
    public string? Device { get; init; }

    /// <summary>The device whose place it takes.</summary>
    public Id<Device>? Old { get; init; }

    /// <summary>How a box whose leads lie free is made up.</summary>
    public AssumedMake? Make { get; init; }

    public Remedy? Remedy { get; init; }

    /// <summary>The verdicts it is to settle; the remedy is of the first of them.</summary>
    public IReadOnlyList<Finding> Targets { get; init; } = [];

    /// <summary>Length of the way, as measured or guessed; null where no cable is run.</summary>
    public Fact<Length>? Along { get; init; }

    /// <summary>Where it goes along a wall that is laid out; null where it does not.</summary>
    public WallWay? AlongWall { get; init; }

    /// <summary>What nobody has looked at that decides whether it works.</summary>
    public IReadOnlyList<WayOpen> Open { get; init; } = [];

    /// <summary>The new box.</summary>
    public Id<Box>? New { get; init; }

    /// <summary>The new run.</summary>
    public Id<Run>? Run { get; init; }
}

/// <summary>A way with the edits that are it, not judged yet.</summary>
/// <param name="Guess">What it likely costs, $: which are built first goes by it.</param>
public sealed record WayDraft(WayChoice Choice, decimal Guess, Func<Job, BuiltWay> Build);

/// <summary>The edits of a way, or why there are none.</summary>
public sealed record BuiltWay(WayChoice Choice, Batch? Edit, Rejected? Rejected)
{
    public static BuiltWay No(Rejected rejected) => new(rejected.Choice, null, rejected);
}

/// <summary>What is settled before a way is begun.</summary>
public enum WayNotice
{
    /// <summary>It is work in a panel: a licensed electrician does it.</summary>
    Licensed,

    /// <summary>It is new wiring: most offices want a permit, and to see it before it is covered.</summary>
    Permit,

    /// <summary>Somebody digs: what lies there is marked first.</summary>
    Dig,
}

/// <summary>So many of an operation.</summary>
public sealed record WayOp(Assumption Op, decimal Count, decimal Minutes);

/// <summary>A circuit that is off while the work goes on.</summary>
/// <param name="Breaker">As <c>panel/7</c>; the panel alone where its main is off.</param>
/// <param name="Circuits">How many breakers are dead with it.</param>
public sealed record WayOff(string Breaker, decimal Minutes, int Circuits = 1);

/// <summary>One thing ways are ranked by.</summary>
public enum WayPoint
{
    Damage,
    Time,
    Money,
    Outage,
    Trips,
    Looks,
}

/// <summary>How a finished wall is spoilt.</summary>
public enum Spoilt
{
    /// <summary>A hole for a new box.</summary>
    NewHole,

    /// <summary>The wall round a box that is taken out.</summary>
    BoxOut,

    /// <summary>The wall opened beside a box that is nailed.</summary>
    Opened,

    /// <summary>A hole where a stud is crossed.</summary>
    Across,

    /// <summary>Each stud it goes through along a wall that is laid out.</summary>
    Studs,

    /// <summary>Raceway that is seen: half as much.</summary>
    Raceway,
}

/// <summary>So much of it to make good, in holes.</summary>
public sealed record WayDamage(Spoilt What, decimal Holes);

/// <summary>What one thing counts for.</summary>
/// <param name="Amount">Holes, minutes, dollars, minutes off, walks, looks.</param>
/// <param name="Worth">The same as money, by the house's weights.</param>
public sealed record WayScore(WayPoint Point, decimal Amount, decimal Worth);

/// <summary>A way that works: a Change of ordinary edits, judged by the same rules and the same network as everything else.</summary>
/// <param name="Key">Its name among the ways of this wish.</param>
/// <param name="After">The job with it done.</param>
/// <param name="Gone">Verdicts to stop or fix that it settles.</param>
/// <param name="Stays">Verdicts to stop or fix of the boxes it is done in that it leaves as they are: not of its making, and there
/// still.</param>
/// <param name="Measure">Facts that would decide a verdict of it: it is not called good before they are known.</param>
/// <param name="First">What is settled before it is begun.</param>
/// <param name="Score">What it is ranked by.</param>
public sealed record FoundWay(
    string Key,
    WayChoice Choice,
    Batch Edit,
    Job After,
    IReadOnlyList<Finding> Gone,
    IReadOnlyList<Finding> Stays,
    IReadOnlyList<(Id<Box> Box, Finding Finding)> Measure,
    IReadOnlyList<WayNotice> First,
    IReadOnlyList<PartNeed> Parts,
    IReadOnlyList<WayOp> Ops,
    IReadOnlyList<WayOff> Off,
    IReadOnlyList<WayDamage> Damage,
    IReadOnlyList<WayScore> Score
)
{
    /// <summary>True where nothing that decides is unknown.</summary>
    public bool Decided => Measure.Count == 0 && Choice.Open.All(o => o == WayOpen.Length);

    /// <summary>All it is ranked by, as money.</summary>
    public decimal Worth => Score.Sum(s => s.Worth);

    public decimal Amount(WayPoint point) => Score.First(s => s.Point == point).Amount;
}

/// <summary>The ways to a wish, best first, and those that do not work.</summary>
/// <param name="Looked">How many were built and judged.</param>
/// <param name="Stopped">True when somebody stopped the search.</param>
public sealed record WayAnswer(IReadOnlyList<FoundWay> Ways, IReadOnlyList<Rejected> Rejected, int Looked, bool Stopped);
