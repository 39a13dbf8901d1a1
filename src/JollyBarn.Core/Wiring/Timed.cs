using System.Text.Json.Serialization;

namespace JollyBarn.Wiring;

/// <summary>How long so many of an operation took.</summary>
/// <param name="Op">Key of the operation, as <c>op.joint</c>.</param>
/// <param name="At">When, ISO 8601.</param>
public sealed record Timed(string Op, decimal Count, decimal Minutes, string By, string At);

/// <summary>What is left energised without being finished.</summary>
public enum InterimKind
{
    Other,
    TemporaryLights,
    LiveSplice,

    /// <summary>A protective device bypassed, or taken out for the time being.</summary>
    Bypassed,
}

/// <summary>A state that is not finished work and is energised all the same, until a time: it stays on top until it is ended.</summary>
/// <param name="Says">What was left so, and why.</param>
/// <param name="Until">When it ends, ISO 8601; past it, it is overdue.</param>
/// <param name="Box">The box it is in.</param>
/// <param name="Run">The cable it is of.</param>
/// <param name="Why">Why it cannot wait until it is finished.</param>
public sealed record Interim(
    string Says,
    string Until,
    string By,
    string At,
    Id<Box>? Box = null,
    Id<Run>? Run = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)] InterimKind Kind = InterimKind.Other,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] string? Why = null
);
