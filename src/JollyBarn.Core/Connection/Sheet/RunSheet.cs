using System.Runtime.CompilerServices;
using JollyBarn.Electrics;
using JollyBarn.Wiring;

namespace JollyBarn.Connection.Sheet;

/// <summary>What a cable brings to a stop.</summary>
public enum Brings
{
    /// <summary>A hot that no switch stands in.</summary>
    Feed,

    /// <summary>A hot that a switch stands in.</summary>
    Switched,

    /// <summary>What goes between three- and four-way switches.</summary>
    Travelers,

    /// <summary>The cable goes there; that a hot goes with it nobody saw.</summary>
    Unknown,
}

/// <summary>What a stop of a rail is.</summary>
public enum StopAt
{
    Box,

    /// <summary>Something fixed at the end of a cable.</summary>
    Load,

    /// <summary>An end that nobody followed.</summary>
    Somewhere,

    /// <summary>Another panel.</summary>
    Panel,
}

/// <summary>A stop of a rail.</summary>
/// <param name="Key">Its name on the rail: <c>b:box</c>, or <c>e:run.b</c> for the end of a cable.</param>
/// <param name="Id">The box or the panel; null for the end of a cable.</param>
/// <param name="From">The stop before it; null where the cable comes from the panel, or from where nobody looked.</param>
/// <param name="By">The cable it comes by; null for the first stop of what nobody followed to a panel.</param>
/// <param name="Side">The end of that cable that is here.</param>
/// <param name="Seen">True when the recorded wiring leads here from the breaker; false where only a mark or a cable says so.</param>
/// <param name="Behind">Ground-fault protection of class A ahead of it, that cuts it off when it opens.</param>
/// <param name="Protects">It holds a protective device that something behind it hangs on.</param>
/// <param name="Breakers">Keys of the breakers of the rail whose hots come here, as <c>panel/7</c>.</param>
/// <param name="Point">A point of the network where its hot comes in; null where none is known.</param>
public sealed record SheetStop(
    string Key,
    StopAt At,
    string? Id,
    string? From,
    Id<Run>? By,
    RunSide Side,
    Brings Brings,
    bool Seen,
    IReadOnlyList<GuardKey> Behind,
    bool Protects,
    IReadOnlyList<string> Breakers,
    string? Point
);

/// <summary>A further cable between two stops.</summary>
public sealed record SheetTie(Id<Run> Run, string From, string To, Brings Brings);

/// <summary>What comes out of one breaker, or out of several that share a cable and its neutral.</summary>
/// <param name="Key">Its first breaker, <c>panel/7</c>; <c>?box</c> where nobody followed it to a panel.</param>
/// <param name="Breakers">Keys of its breakers, <c>panel/7</c>; none where it was not followed.</param>
/// <param name="Stops">In feed order: each after the one it comes from.</param>
public sealed record Rail(string Key, IReadOnlyList<string> Breakers, IReadOnlyList<SheetStop> Stops, IReadOnlyList<SheetTie> Ties);

/// <summary>The whole job as electricity sees it: a rail a circuit out of its panel, stops in feed order, forks where it forks.</summary>
/// <param name="Apart">Boxes no recorded cable comes to.</param>
/// <param name="Across">Cables between boxes of different rails.</param>
/// <remarks>Read from the links the solved network is built of, so that sheet and solver cannot disagree. Order hangs on the record alone:
/// the same job gives the same sheet, and a stop that is added moves none of the others.</remarks>
public sealed record RunSheet(IReadOnlyList<Rail> Rails, IReadOnlyList<Id<Box>> Apart, IReadOnlyList<SheetTie> Across)
{
    private static readonly ConditionalWeakTable<Job, RunSheet> Kept = [];

    public static RunSheet Of(Job job) => Kept.GetValue(job, j => new SheetMaker(j).Make());
}
