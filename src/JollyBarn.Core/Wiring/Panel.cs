using System.Text.Json.Serialization;

namespace JollyBarn.Wiring;

public enum BreakerKind
{
    Unknown,
    Standard,
    Gfci,
    Afci,
    DualFunction,
    Tandem,
}

/// <summary>A breaker in a slot of a panel.</summary>
public sealed record Breaker(
    int Slot,
    int Poles,
    decimal? Amperes = null,
    BreakerKind Kind = BreakerKind.Unknown,
    Id<Circuit>? Circuit = null,
    string? Says = null,
    bool? On = null
)
{
    /// <summary>True for the second half of a tandem: two breakers in one slot, each with a handle and a screw of its own.</summary>
    public bool Lower { get; init; }

    /// <summary>Its name within the panel: <c>10</c>, or <c>10b</c> for the lower half of a tandem.</summary>
    [JsonIgnore]
    public string Key => Lower ? $"{Slot}b" : Slot.ToString(System.Globalization.CultureInfo.InvariantCulture);

    /// <summary>What people call it.</summary>
    [JsonIgnore]
    public string Where => Lower ? $"{Slot} lower" : Key;

    /// <summary>The slots it takes: its poles stand one below the other, on one side of the panel.</summary>
    [JsonIgnore]
    public IEnumerable<string> Slots =>
        Poles == 1
            ? [Where]
            : Enumerable.Range(0, Poles).Select(pole => (Slot + (2 * pole)).ToString(System.Globalization.CultureInfo.InvariantCulture));

    /// <summary>Who holds it off: it goes on again when everyone has let go.</summary>
    public IReadOnlyList<string> HeldBy
    {
        get;
        init => field = value ?? [];
    } = [];
}

/// <summary>A panel with its legs, slots and breakers.</summary>
public sealed record Panel(
    string Name,
    SupplySystem System,
    int Slots,
    decimal? MainAmperes = null,
    string? Source = null,
    string? Place = null
)
{
    /// <summary>Breakers by slot.</summary>
    public IReadOnlyList<Breaker> Breakers { get; init; } = [];

    /// <summary>Answers about the panel itself and its breakers by slot.</summary>
    [JsonConverter(typeof(ByIdJson<string, Noted>))]
    public ById<string, Noted> Noted
    {
        get;
        init => field = value ?? ById<string, Noted>.Empty;
    } = ById<string, Noted>.Empty;

    /// <summary>Slots no breaker takes, from the first.</summary>
    [JsonIgnore]
    public IReadOnlyList<int> FreeSlots
    {
        get
        {
            var taken = Breakers.SelectMany(b => Enumerable.Range(0, Math.Max(1, b.Poles)).Select(p => b.Slot + (2 * p))).ToHashSet();
            return [.. Enumerable.Range(1, Slots).Where(s => !taken.Contains(s))];
        }
    }

    /// <summary>Free slots that take the upper pole of a breaker of two poles.</summary>
    [JsonIgnore]
    public IReadOnlyList<int> FreePairs => [.. FreeSlots.Intersect(FreeSlots.Select(s => s - 2))];
}

/// <summary>The names breakers go by outside their panels: <c>panel/7</c>.</summary>
public static class BreakerKey
{
    public static string Of(string panel, Breaker breaker) => $"{panel}/{breaker.Key}";

    /// <summary>The panel and the slot it names; null where it names none.</summary>
    public static (string Panel, string Slot)? Read(string? key) => key?.Split('/') is [var panel, var slot] ? (panel, slot) : null;

    /// <summary>The breaker it names with the id of its panel; null where there is none.</summary>
    public static (string Panel, Breaker Breaker)? Find(Job job, string? key) =>
        Read(key) is var (panel, slot) && job.Panels.Find(panel)?.Breakers.FirstOrDefault(b => b.Key == slot) is { } breaker
            ? (panel, breaker)
            : null;
}
