using JollyBarn.Connection;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection;

/// <summary>What a verdict on a conductor rests on.</summary>
public enum Basis
{
    /// <summary>The recorded wiring, followed to the panel.</summary>
    Wiring,

    /// <summary>A mark on a cable nobody followed.</summary>
    Mark,

    /// <summary>What the conductor was recorded as used for, or its colour.</summary>
    Said,
}

/// <summary>What a point carries: one kind, or several where what must not be joined is.</summary>
[Flags]
public enum Carries
{
    None = 0,
    Hot = 1,
    Neutral = 2,
    Ground = 4,
}

/// <summary>What a conductor or terminal is, by what it reaches; by what was said of it where the record does not reach.</summary>
/// <param name="Switched">True for a hot that only comes through a switch.</param>
public readonly record struct Sourced(Carries Kinds, Basis Basis, bool Switched = false)
{
    /// <summary>The one kind it is, as a use; unknown where it is none or several.</summary>
    public ConductorUse Use =>
        Kinds switch
        {
            Carries.Hot => Switched ? ConductorUse.Switched : ConductorUse.Hot,
            Carries.Neutral => ConductorUse.Neutral,
            Carries.Ground => ConductorUse.Ground,
            _ => ConductorUse.Unknown,
        };

    public bool Is(Carries kind) => (Kinds & kind) != 0;

    /// <summary>By a wire, and by what was said of it where neither record nor mark reaches.</summary>
    public static Sourced Of(Wire wire, ConductorUse said = ConductorUse.Unknown)
    {
        if (Lands(wire.Always) is var always and not Carries.None)
        {
            return new(always, Basis.Wiring);
        }

        if (Lands(wire.Switched) is var switched and not Carries.None)
        {
            return new(switched, Basis.Wiring, true);
        }

        if (Marked(wire.Always) is var marked and not Carries.None)
        {
            return new(marked, Basis.Mark);
        }

        return Marked(wire.Switched) is var further and not Carries.None ? new(further, Basis.Mark, true) : new(Said(said), Basis.Said);
    }

    /// <summary>By what comes by a cable; what was said counts only where the record stops.</summary>
    public static Sourced Coming(Reaching by, ConductorUse said) =>
        Lands(by) is var lands and not Carries.None ? new(lands, Basis.Wiring)
        : Marked(by) is var marked and not Carries.None ? new(marked, Basis.Mark)
        : new(by.Closed ? Carries.None : Said(said), Basis.Said);

    public static Carries Said(ConductorUse use) =>
        use switch
        {
            ConductorUse.Hot or ConductorUse.Switched or ConductorUse.Traveler => Carries.Hot,
            ConductorUse.Neutral => Carries.Neutral,
            ConductorUse.Ground or ConductorUse.IsolatedGround => Carries.Ground,
            _ => Carries.None,
        };

    private static Carries Lands(Reaching by) =>
        (by.Hot ? Carries.Hot : 0) | (by.Neutral ? Carries.Neutral : 0) | (by.Ground ? Carries.Ground : 0);

    private static Carries Marked(Reaching by)
    {
        var kinds = Carries.None;
        foreach (var end in by.Open)
        {
            kinds |=
                end.Taken is { } taken ? Given(taken.What)
                : end is { Kind: OpenKind.FarEnd, Mark: Feeds.FeedsIn or Feeds.Protected } ? Said(end.Use)
                : Carries.None;
        }

        return kinds;
    }

    private static Carries Given(Gives what) =>
        what switch
        {
            Gives.Hot => Carries.Hot,
            Gives.Neutral => Carries.Neutral,
            _ => Carries.Ground,
        };
}
