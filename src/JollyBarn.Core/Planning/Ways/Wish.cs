using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>What somebody wants done: the jobs a way can be looked for.</summary>
public enum WishKind
{
    /// <summary>An outlet more: in the room, through a wall, far off, outside.</summary>
    MoreOutlets,

    /// <summary>Another device beside what a box holds.</summary>
    AddDevice,

    /// <summary>A cable that is cut, nicked or laid bare.</summary>
    MendCable,

    /// <summary>A box too full or too shallow.</summary>
    Bigger,

    /// <summary>Leads too short.</summary>
    LongerLeads,

    /// <summary>A luminaire or a splice with no box.</summary>
    BoxForSplice,

    /// <summary>A metal box that nothing bonds.</summary>
    BondBox,

    /// <summary>A receptacle without protection or ground.</summary>
    Protect,

    /// <summary>A neutral joined to ground where it must not be.</summary>
    UndoJumper,

    /// <summary>Another device in the place of one.</summary>
    ReplaceDevice,

    /// <summary>A box whose cables are in and lie free.</summary>
    MakeUpBox,

    /// <summary>A circuit more in a panel.</summary>
    NewBreaker,

    /// <summary>One verdict, whatever it is.</summary>
    MendVerdict,
}

/// <summary>How a cable gets from one box to another.</summary>
public enum WayRoute
{
    /// <summary>Fished inside the finished wall.</summary>
    Inside,

    /// <summary>Along the face of the wall, in a raceway.</summary>
    Surface,

    /// <summary>Down, along under the floor and up.</summary>
    UnderFloor,

    /// <summary>Outdoors, in a cable made for the wet.</summary>
    Outside,
}

/// <summary>A line of somebody's list.</summary>
public sealed record WishLine(string Report, string Line);

/// <summary>What is wanted, and what somebody said who was asked. What nobody said stays open.</summary>
/// <param name="Box">The box it begins at or is about.</param>
/// <param name="Run">The cable it is about.</param>
/// <param name="Hurt">Id of the place along it.</param>
/// <param name="Rule">Rule of a verdict to mend, with <paramref name="Of"/>.</param>
/// <param name="Of">Subject of that verdict; the device to replace.</param>
/// <param name="Place">Room the new outlet is in; that of the box when null.</param>
/// <param name="Device">Kind of the new device.</param>
/// <param name="Away">How far from a box to the new one along the way, as measured.</param>
/// <param name="Weights">What things are worth for this look alone, by the keys of <see cref="CodeBook.WayBook.Weights"/>; by the house
/// where not said.</param>
public sealed record Wish(
    WishKind Kind,
    Id<Box>? Box = null,
    Id<Run>? Run = null,
    string? Hurt = null,
    string? Rule = null,
    string? Of = null,
    string? Place = null,
    string? Device = null,
    IReadOnlyDictionary<string, Length>? Away = null,
    IReadOnlyDictionary<string, decimal>? Weights = null
)
{
    /// <summary>Whether the wall is finished; null when nobody said.</summary>
    public bool? Closed { get; init; }

    /// <summary>Whether a stud stands beside the new hole; null when nobody looked.</summary>
    public bool? Stud { get; init; }

    /// <summary>Whether the way between is reached from under the floor; null when nobody looked.</summary>
    public bool? Under { get; init; }

    /// <summary>The panel a new breaker is for; any when null.</summary>
    public string? Panel { get; init; }

    /// <summary>Rating of a new breaker, A; 20 when null.</summary>
    public decimal? Amperes { get; init; }

    /// <summary>The line of somebody's list it is to answer.</summary>
    public WishLine? Line { get; init; }

    /// <summary>The wall the new outlet is on, and where on it.</summary>
    public string? Wall { get; init; }

    public WallSpot? Spot { get; init; }

    /// <summary>Name of the new box or circuit.</summary>
    public string? Name { get; init; }
}
