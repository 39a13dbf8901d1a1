using JollyBarn.Wiring;

namespace JollyBarn.Tracing.Hunting;

/// <summary>What one does for a test.</summary>
public enum TrialCase
{
    /// <summary>Plug a lamp in, or look at the lamp that hangs there.</summary>
    TryOutlet,
    PlugInTester,
    TesterButton,
    OwnButton,
    Read,

    /// <summary>Read to an independent ground, by a cord from a receptacle known to be good.</summary>
    ReadToKnownGround,
    SwitchOn,
    Unplug,

    /// <summary>Take a pair off and cap it, then switch on.</summary>
    LiftPair,

    /// <summary>Throw a switch, and look at what hangs on it.</summary>
    ThrowSwitch,
    FeelWarmth,
    LookInside,

    /// <summary>Pull at each conductor of an open box.</summary>
    Tug,

    /// <summary>Continuity of one conductor of a cable from end to end, both ends free.</summary>
    RingOut,
    DeadLoop,
    Insulation,
    SwapDevice,
}

/// <summary>What somebody has to test with.</summary>
/// <param name="Instruments">Kinds of instruments; <see cref="Megohm"/> for an insulation tester.</param>
/// <param name="Opens">Whether boxes may be opened by who looks: by licence, or by whose house it is.</param>
public sealed record Means(IReadOnlyList<string> Instruments, bool Opens = true)
{
    public const string Megohm = "megohm";

    /// <summary>What nearly every electrician carries. <em>Practice</em>.</summary>
    public static Means Usual { get; } = new(["two-pole", "meter", "plug-in", "continuity", "pen"]);

    public bool Has(string instrument) => Instruments.Contains(instrument);
}

/// <summary>A test somebody can make.</summary>
/// <param name="Minutes">What it takes.</param>
/// <param name="Opens">Boxes that are opened for it; conductors in them are touched, dead.</param>
/// <param name="Live">True where it is made on what is live.</param>
public sealed record Trial(TrialCase Case, AskedLook Asked, double Minutes, IReadOnlyList<Id<Box>> Opens, bool Live)
{
    /// <summary>The same text for the same test.</summary>
    public string Key => Asked.Key;

    /// <summary>What a minute near live parts and a box that is opened weigh beside a minute, min. <em>Practice</em>: dead before live,
    /// looking before opening.</summary>
    private const double LiveMinute = 1,
        Opening = 12;

    /// <summary>What it costs, in minutes of work.</summary>
    public double Cost => After(new HashSet<Id<Box>>());

    /// <summary>The same where some boxes lie open already: they need no opening again.</summary>
    public double After(IReadOnlySet<Id<Box>> open) => Minutes + (Live ? LiveMinute : 0) + (Opening * Opens.Count(b => !open.Contains(b)));
}
