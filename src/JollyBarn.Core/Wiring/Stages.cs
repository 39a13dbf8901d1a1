namespace JollyBarn.Wiring;

/// <summary>Stages of a Change in the order people work in. <em>Practice</em>.</summary>
public enum ChangeStage
{
    Rough,
    Inspection,
    WallCloses,
    Trim,
    Test,
}

/// <summary>Whether a Change works in a wall that is open, and what has become of it.</summary>
public enum WallIs
{
    Unknown,

    /// <summary>It was finished from the start: nothing is closed after rough.</summary>
    Finished,
    Open,

    /// <summary>Board and paint are on since.</summary>
    ClosedSince,
}

/// <summary>Whether work needs a permit. Local rules decide; the office is asked.</summary>
public enum PermitIs
{
    Unknown,
    NotNeeded,
    AppliedFor,
    Granted,
}

/// <summary>What somebody waits for.</summary>
public enum HoldFor
{
    Trade,
    Drying,
    Office,
    Part,
    Person,
}

/// <summary>Something a stage of a Change waits for.</summary>
/// <param name="Stage">The stage that cannot go on without it.</param>
/// <param name="Until">When it is expected, ISO 8601; null where nobody said.</param>
/// <param name="Ended">When it came, ISO 8601; null while it is waited for.</param>
public sealed record Hold(HoldFor For, string Says, ChangeStage Stage, string By, string At, string? Until = null, string? Ended = null);

/// <summary>What an inspector said.</summary>
/// <param name="Inspector">Who looked: an office, a role.</param>
/// <param name="Lines">What has to be mended; none where it passed.</param>
public sealed record Inspected(ChangeStage Stage, bool Passed, string Inspector, string By, string At, IReadOnlyList<string> Lines);
