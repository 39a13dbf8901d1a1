namespace JollyBarn.CodeBook;

/// <summary>Something inside a device that lies between its terminals, or its leads where it has those. Terminals are named by their
/// ids.</summary>
/// <remarks>The network, the ways through a box and the rules all read a device from these; nothing else knows a kind by name.</remarks>
public abstract record DevicePart;

/// <summary>A contact that a hand moves.</summary>
/// <param name="WhenOn">True when it is closed in the position called on; false when it is closed in the other.</param>
/// <param name="Lever">The lever that moves it: <see cref="Lower"/> for the second of two on a yoke; empty for the only or the upper
/// one.</param>
public sealed record Way(string From, string To, bool WhenOn = true, string Lever = "") : DevicePart
{
    public const string Lower = "lower";
}

/// <summary>The tab that joins the upper and lower terminal of a side, and can be broken off.</summary>
/// <param name="Side">What their ids begin with: <c>hot</c> for <c>hot-upper</c> and <c>hot-lower</c>.</param>
public sealed record Tab(string Side) : DevicePart
{
    public string Upper => Side + "-upper";

    public string Lower => Side + "-lower";
}

/// <summary>Slots a plug meets.</summary>
/// <param name="Half"><c>upper</c> or <c>lower</c>; empty where a device has one pair that is fed alone.</param>
public sealed record Slots(string Hot, string Neutral, string Half = "") : DevicePart;

/// <summary>A load of its own.</summary>
/// <param name="Watts">What it takes where nobody said.</param>
public sealed record Draws(string Hot, string Neutral, Assumption Watts) : DevicePart;

/// <summary>Contacts from line to load, and to the slots, that open together when it sees current go astray.</summary>
/// <remarks>As in those made today: tripped, or fed at the wrong end and so never reset, its slots are dead. The slots of an old one hang
/// on its load terminals; that is a fault to plant.</remarks>
public sealed record Watches : DevicePart
{
    public const string FaceHot = "face-hot";

    public const string FaceNeutral = "face-neutral";

    /// <summary>Line, load and slot of each side.</summary>
    public static IReadOnlyList<(string Line, string Load, string Face, string Side)> Sides { get; } =
    [("line-hot", "load-hot", FaceHot, "hot"), ("line-neutral", "load-neutral", FaceNeutral, "neutral")];
}
