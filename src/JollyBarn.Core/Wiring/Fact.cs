using System.Text.Json.Serialization;

namespace JollyBarn.Wiring;

/// <summary>How a fact is known.</summary>
public enum Known
{
    Unknown,
    NotApplicable,
    Measured,

    /// <summary>Read off a mark or a catalogue.</summary>
    Marked,
    Estimated,
    Assumed,
}

/// <summary>A value together with how it is known. Unknown is a value of its own.</summary>
/// <param name="Entered">What the person typed, kept as typed.</param>
/// <param name="Who">Who measured or read it.</param>
/// <param name="When">When, as an ISO 8601 date or time.</param>
/// <param name="By">The setting that assumed it.</param>
public sealed record Fact<T>(Known How, T? Value = null, string? Entered = null, string? Who = null, string? When = null, string? By = null)
    where T : struct
{
    public static Fact<T> Unknown { get; } = new(Known.Unknown);

    public static Fact<T> NotApplicable { get; } = new(Known.NotApplicable);

    /// <summary>True when there is a value to count with.</summary>
    [JsonIgnore]
    public bool IsKnown => Value is not null && How is not (Known.Unknown or Known.NotApplicable);

    /// <summary>The value, or null when it is unknown or does not apply.</summary>
    [JsonIgnore]
    public T? OrNull => IsKnown ? Value : null;

    public static Fact<T> Marked(T value) => new(Known.Marked, value);
}
