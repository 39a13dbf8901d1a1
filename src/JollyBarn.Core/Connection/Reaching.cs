using JollyBarn.Wiring;

namespace JollyBarn.Connection;

/// <summary>What a panel gives a conductor that lands there.</summary>
public enum Gives
{
    Hot,
    Neutral,
    Ground,
}

/// <summary>Whether something holds, as far as the record goes.</summary>
public enum Certain
{
    No,

    /// <summary>An end that nobody followed, or a box not wholly recorded, would decide.</summary>
    CannotTell,
    Yes,
}

/// <summary>Where a conductor lands at a panel.</summary>
/// <param name="Breaker">Key of the breaker of a hot, and of a neutral that lands on a breaker that watches it; null otherwise.</param>
/// <param name="Leg">Leg of a hot, from 0.</param>
/// <param name="Circuit">Circuit of the breaker.</param>
public sealed record PanelEnd(Gives What, string Panel, string? Breaker = null, int Pole = 0, int Leg = 0, Id<Circuit>? Circuit = null);

public enum OpenKind
{
    /// <summary>The far end of a cable that nobody followed.</summary>
    FarEnd,

    /// <summary>A lead whose landing in a box nobody saw.</summary>
    Landing,

    /// <summary>A box that is not wholly recorded.</summary>
    Contents,
}

/// <summary>Where the record stops.</summary>
/// <param name="Run">The cable, of a far end.</param>
/// <param name="Side">The side of it that nobody followed.</param>
/// <param name="Box">The box, of a landing or of contents.</param>
/// <param name="Lead">The lead, of a landing.</param>
/// <param name="Mark">What the near end of the cable was said to do.</param>
/// <param name="Use">What the conductor is used as by its record or colour.</param>
public sealed record OpenEnd(
    OpenKind Kind,
    Id<Run>? Run = null,
    RunSide Side = RunSide.A,
    Id<Box>? Box = null,
    Id<Lead>? Lead = null,
    Feeds Mark = Feeds.CannotTell,
    ConductorUse Use = ConductorUse.Unknown
)
{
    /// <summary>What the conductor is taken to land on at its circuit's breaker, because its cable is marked as feeding in; null where
    /// nothing is taken.</summary>
    public PanelEnd? Taken { get; init; }
}

/// <summary>What a piece of metal or wire reaches along what conducts, panels and loads apart: where it lands at panels, where the record
/// stops, and the boxes it goes through. Two are equal when they reach the same.</summary>
public sealed class Reaching : IEquatable<Reaching>
{
    private readonly PanelEnd[] at;
    private readonly OpenEnd[] open;
    private readonly Id<Box>[] boxes;

    internal Reaching(IEnumerable<PanelEnd> at, IEnumerable<OpenEnd> open, IEnumerable<Id<Box>> boxes)
    {
        // A piece may land on one bar by several cables: that it lands there is what counts.
        this.at = [.. at.Distinct()];
        this.open = [.. open];
        this.boxes = this.at.Length > 0 ? [] : [.. boxes.Distinct()];
    }

    public static Reaching Nothing { get; } = new([], [], []);

    public IReadOnlyList<PanelEnd> At => at;

    public IReadOnlyList<OpenEnd> Open => open;

    /// <summary>Boxes it goes through, in the order of their ids, where it lands at no panel.</summary>
    public IReadOnlyList<Id<Box>> Boxes => boxes;

    public bool Hot => Lands(Gives.Hot);

    public bool Neutral => Lands(Gives.Neutral);

    public bool Ground => Lands(Gives.Ground);

    /// <summary>The poles it lands on.</summary>
    public IEnumerable<PanelEnd> Hots => at.Where(e => e.What == Gives.Hot);

    /// <summary>Circuits whose breakers make it live.</summary>
    public IEnumerable<Id<Circuit>> Circuits => Hots.Select(h => h.Circuit).OfType<Id<Circuit>>().Distinct();

    /// <summary>True when the record shows where it ends.</summary>
    public bool Closed => open.Length == 0;

    public Certain Has(Gives what) =>
        Lands(what) ? Certain.Yes
        : Closed ? Certain.No
        : Certain.CannotTell;

    /// <summary>What it is taken to reach by marks alone, where it reaches nothing by the record.</summary>
    public PanelEnd? Taken => at.Length > 0 ? null : Array.Find(open, o => o.Taken is not null)?.Taken;

    public bool Equals(Reaching? other) =>
        other is not null
        && (
            ReferenceEquals(this, other)
            || (at.AsSpan().SequenceEqual(other.at) && open.AsSpan().SequenceEqual(other.open) && boxes.AsSpan().SequenceEqual(other.boxes))
        );

    public override bool Equals(object? obj) => Equals(obj as Reaching);

    public override int GetHashCode() => HashCode.Combine(at.Length, open.Length, boxes.Length);

    internal bool Lands(Gives what) => Array.Exists(at, e => e.What == what);
}
