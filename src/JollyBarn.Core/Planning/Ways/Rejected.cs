using JollyBarn.Inspection;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>Why a way does not work.</summary>
public enum WayMiss
{
    /// <summary>The box cannot give power.</summary>
    Tap,

    /// <summary>Nobody has opened the box.</summary>
    NotOpened,

    /// <summary>A box is short of room.</summary>
    Over,

    /// <summary>The hole of the new box would be cut into something.</summary>
    CutStops,

    /// <summary>It brings a verdict that was not there.</summary>
    Brings,

    /// <summary>Something that worked would work worse, by the solved network.</summary>
    Network,

    /// <summary>The panel has no room.</summary>
    NoSlot,

    /// <summary>Neither van nor shop has the part.</summary>
    NoPart,

    /// <summary>A cable is short of slack.</summary>
    Slack,

    /// <summary>Something that lies on the old device has no place on the new one.</summary>
    NoPlace,

    /// <summary>What takes the place of a device is not what is required there now.</summary>
    Required,

    /// <summary>The box holds no device.</summary>
    NoDevice,

    /// <summary>The leads of the box have their places, or no usual make fits what is in it.</summary>
    NoMake,

    /// <summary>Whether anything is to be mended waits for a fact.</summary>
    Waits,

    /// <summary>Nothing of the kind is wrong, as things are known.</summary>
    NothingWrong,

    /// <summary>The verdict would stand as it does.</summary>
    NotSettled,

    /// <summary>The book does not let it here.</summary>
    NotAllowed,

    /// <summary>Something in it cannot be.</summary>
    Refused,
}

/// <summary>A way that was looked at and does not work, with what rejects it.</summary>
/// <param name="Details">Its amounts: <c>tap</c>, <c>left</c>, <c>box</c>, <c>part</c>, <c>short</c>, <c>refusal</c>.</param>
/// <param name="By">The verdict it would bring.</param>
public sealed record Rejected(WayChoice Choice, WayMiss Why, Details Details, Finding? By = null)
{
    /// <summary>The job with it done, where it was built: what its verdict speaks of.</summary>
    public Job? After { get; init; }

    public static Rejected Of(WayChoice choice, WayMiss why, params ReadOnlySpan<(string, object?)> details) =>
        new(choice, why, Details.Of(details));
}
