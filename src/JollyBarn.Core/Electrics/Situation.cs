using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>Which faults that are there only at times are there.</summary>
/// <param name="Now">Those that come and go.</param>
/// <param name="Wet">Those that need water.</param>
/// <param name="PluggedIn">Those of what is plugged in.</param>
public readonly record struct Passing(bool Now, bool Wet, bool PluggedIn)
{
    public static Passing AllThere { get; } = new(true, true, true);
}

/// <summary>How things are set for a look at the job as electricity. What is not said here is as recorded, or as assumed. A what-if:
/// nothing of it is recorded.</summary>
public sealed record Situation
{
    public static Situation AsRecorded { get; } = new();

    /// <summary>Breakers on or off, by <c>panel/slot</c>.</summary>
    public IReadOnlyDictionary<string, bool> Breakers
    {
        get;
        init => field = value ?? Empty<bool>();
    } = Empty<bool>();

    /// <summary>Switch positions by <c>box/device</c>: on, or the second way of a three-way.</summary>
    public IReadOnlyDictionary<string, bool> Switches
    {
        get;
        init => field = value ?? Empty<bool>();
    } = Empty<bool>();

    /// <summary>Watts plugged into a receptacle, by <c>box/device</c>.</summary>
    public IReadOnlyDictionary<string, double> Plugged
    {
        get;
        init => field = value ?? Empty<double>();
    } = Empty<double>();

    public IReadOnlyList<Fault> Faults
    {
        get;
        init => field = value ?? [];
    } = [];

    /// <summary>Sources on or off, by id; as recorded, one is on when a panel is fed from it.</summary>
    public IReadOnlyDictionary<string, bool> Sources
    {
        get;
        init => field = value ?? Empty<bool>();
    } = Empty<bool>();

    /// <summary>Faults that come and go are there just now.</summary>
    public bool There { get; init; } = true;

    /// <summary>Nothing is wet, and faults that need water are not there.</summary>
    public bool Dry { get; init; }

    /// <summary>Everything that can be is unplugged, with what is wrong with it.</summary>
    public bool Unplugged { get; init; }

    internal Passing Passing => new(There, !Dry, !Unplugged);

    /// <summary>Conductors couple to each other along their length.</summary>
    public bool Stray { get; init; } = true;

    /// <summary>What takes current is joined; without it only the wiring is seen.</summary>
    public bool Loads { get; init; } = true;

    /// <summary>Temperature of the conductors, °C: hot for drops and least fault currents, cold for greatest.</summary>
    public double Celsius { get; init; } = Copper.HotCelsius;

    /// <summary>Panels and boxes that it sets otherwise than they are recorded.</summary>
    internal IEnumerable<Owner> Alters(Job job) =>
        [
            .. Sources.Count > 0 ? job.Panels.Ids.Select(p => new Owner(OwnerKind.Panel, p)) : [],
            .. Breakers.Keys.Select(k => new Owner(OwnerKind.Panel, Before(k))).Where(o => job.Panels.Has(o.Id)),
            .. Switches.Keys.Concat(Plugged.Keys).Select(k => new Owner(OwnerKind.Box, Before(k))).Where(o => job.Boxes.Has(o.Id)),
        ];

    /// <summary>The panel of <c>panel/slot</c>, the box of <c>box/device</c>.</summary>
    private static string Before(string key) => key.IndexOf('/', StringComparison.Ordinal) is > 0 and var at ? key[..at] : key;

    /// <summary>What of it cannot be, or null.</summary>
    public Refusal? Check() =>
        Faults.Count > MostFaults ? new(Why.ManyFaults, "faults", ("most", MostFaults))
        : Faults.Any(f => f is null) ? new(Why.EmptyFault, "faults")
        : Faults.Select(f => f.Check()).FirstOrDefault(r => r is not null) is { } bad ? bad
        : Plugged.Values.Any(w => w is not (>= 0 and <= MostWatts)) ? new(Why.PluggedTooMuch, "plugged", ("most", MostWatts))
        : Celsius is not (>= -50 and <= 150) ? new(Why.Celsius, "celsius")
        : null;

    private const int MostFaults = 40;
    private const double MostWatts = 20000;

    private static Dictionary<string, T> Empty<T>() => new(StringComparer.Ordinal);
}
