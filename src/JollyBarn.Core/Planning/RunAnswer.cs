using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning;

/// <summary>Something is to run at an outlet.</summary>
/// <param name="Box">The box of the outlet.</param>
/// <param name="Watts">What it takes, W.</param>
/// <param name="Hours">How long on end, h; null when nobody said.</param>
/// <param name="Idle">Draws of the circuit that are off meanwhile, by their subject, as <c>box/device</c>.</param>
/// <param name="RestIdle">Nothing runs at the outlets nobody said anything of.</param>
/// <param name="Instead">Id of a thing of the list that it is: what that is said to take now is not counted twice.</param>
public sealed record RunAsk(
    Id<Box> Box,
    Id<Device> Device,
    decimal Watts,
    decimal? Hours = null,
    Hangs How = Hangs.Cord,
    bool Motor = false,
    IReadOnlyList<string>? Idle = null,
    bool RestIdle = false,
    string? Instead = null
);

public enum May
{
    Yes,
    CannotTell,
    No,
}

/// <summary>What speaks against running it, what nobody knows, and what to know besides.</summary>
public enum RunCase
{
    /// <summary>Something at the box or on the circuit can hurt somebody now.</summary>
    Stopped,

    /// <summary>By the recorded wiring nothing lies between its slots with the breakers on.</summary>
    NoVolts,

    /// <summary>More than the breaker is for.</summary>
    Over,

    /// <summary>Counted at 125 %, what runs three hours or more is too much, NEC 210.20(A).</summary>
    OverLong,

    /// <summary>One thing on a cord takes more than its share of the circuit, NEC 210.23(A)(1).</summary>
    Cord,

    /// <summary>What is fastened in place takes more than its share of the circuit, NEC 210.23(A)(2).</summary>
    Fixed,

    /// <summary>Nobody followed the outlet to a breaker.</summary>
    NotFollowed,

    /// <summary>A mark alone says which breaker feeds it.</summary>
    ByMark,

    /// <summary>What the breaker is for is not known.</summary>
    NoRating,

    /// <summary>It decides whether this runs three hours or more, and nobody said.</summary>
    HowLong,

    /// <summary>Nobody said what runs at other outlets of the circuit.</summary>
    Unsaid,

    /// <summary>The breaker is off.</summary>
    Off,

    /// <summary>It may open when the motor starts.</summary>
    Starts,

    /// <summary>Little voltage is left there.</summary>
    Low,

    /// <summary>Lengths nobody measured are as the house assumes them.</summary>
    Assumed,

    /// <summary>It rests on nothing else running.</summary>
    RestIdle,
}

/// <summary>A reason, with its figures.</summary>
/// <param name="Says">May it, as far as this goes: yes for what is only to be known.</param>
public sealed record RunReason(RunCase Case, May Says, Details About);

/// <summary>A draw of the circuit that may run meanwhile.</summary>
/// <param name="Of">Its subject, as <c>box/device</c>.</param>
/// <param name="Runs">False where it was said to be off meanwhile.</param>
public sealed record RunBeside(string Of, Thing Thing, decimal? Watts, bool Runs);

/// <summary>The answer for one circuit of the outlet.</summary>
/// <param name="Circuit">Null where nobody knows which.</param>
/// <param name="Now">What runs there already, A.</param>
/// <param name="Then">With what is asked about, A.</param>
/// <param name="Volts">Between hot and neutral there, V, by the solved network; null where no way is known.</param>
/// <param name="MostWatts">What may still run there, W, of its kind; null where no rating is known.</param>
public sealed record RunAnswer(
    Id<Circuit>? Circuit,
    decimal? Amperes,
    decimal Now,
    decimal Then,
    double? Volts,
    decimal? MostWatts,
    IReadOnlyList<RunReason> Reasons,
    IReadOnlyList<RunBeside> Beside
)
{
    public May May => Reasons.Select(r => r.Says).DefaultIfEmpty(May.Yes).Max();
}
