using JollyBarn.Connection.Sheet;
using JollyBarn.Electrics;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Inspection.Supply;
using JollyBarn.Wiring;

namespace JollyBarn.Planning;

/// <summary>A circuit in figures.</summary>
/// <param name="Outlets">What hangs on it and takes current, or gives it to what is plugged in.</param>
/// <param name="Protected">Of these, how many receptacles a ground-fault device watches.</param>
/// <param name="Unsaid">Of these, how many nobody said the watts of: what is known of the load is the least it can be.</param>
/// <param name="KnownLoad">Loads somebody recorded, A.</param>
/// <param name="Amperes">Rating of its breaker; null where it is not known.</param>
/// <param name="Drop">Share of a leg's volts lost on the way to the farthest outlet at the house's load, %; null where nothing can be
/// worked out.</param>
/// <param name="FaultAmperes">Least current of a hot on ground at one of its outlets, A; null where none has a way to ground.</param>
/// <param name="Measured">True when every cable of it has its length.</param>
public sealed record CircuitFigures(
    int Outlets,
    int Protected,
    int Unsaid,
    decimal KnownLoad,
    decimal? Amperes,
    double? Drop,
    double? FaultAmperes,
    Surely? AtOnce,
    bool Measured
)
{
    public static CircuitFigures Of(CircuitLook look)
    {
        var fault = look.Ways.Min(w => w.FaultAmperes);
        return new(
            look.Outlets.Count,
            look.Ways.Where(w => w.Guards.Count > 0).Select(w => w.Of).Distinct().Count(),
            look.Draws.Count(d => d.Watts is null),
            Math.Round(look.KnownLoad, 1),
            look.Amperes,
            look.Farthest is { } far ? Math.Round(far.Share, 1) : null,
            fault is { } a ? Math.Round(a) : null,
            fault is { } current && look.Amperes is { } rating ? Trips.Magnetic(current, (double)rating) : null,
            look.Ways.All(w => look.Wiring.Open(w).Count == 0)
        );
    }
}

/// <summary>A circuit before and after something is done: its load, protection, drop and fault current.</summary>
/// <param name="Before">Null for a circuit that was not there.</param>
/// <param name="After">Null for one that is there no more.</param>
/// <param name="Brings">Stops and fixes of the circuit that were not there before.</param>
public sealed record CircuitChange(Id<Circuit> Circuit, CircuitFigures? Before, CircuitFigures? After, IReadOnlyList<Finding> Brings)
{
    /// <summary>Circuits whose figures or verdicts differ.</summary>
    public static IReadOnlyList<CircuitChange> Between(Job before, Job after) =>
        [
            .. before
                .Circuits.Ids.Union(after.Circuits.Ids)
                .Order()
                .Select(id => Of(id, Look(before, id), Look(after, id)))
                .Where(c => c.Before != c.After || c.Brings.Count > 0),
        ];

    private static CircuitLook? Look(Job job, Id<Circuit> id) => job.Circuits.Has(id) ? new(job, id) : null;

    private static CircuitChange Of(Id<Circuit> id, CircuitLook? before, CircuitLook? after) =>
        new(
            id,
            before is null ? null : CircuitFigures.Of(before),
            after is null ? null : CircuitFigures.Of(after),
            after is null ? [] : Brought.By(before is null ? [] : SupplyVerdicts.Judge(before), SupplyVerdicts.Judge(after))
        );
}

/// <summary>A stop of the run sheet that hangs otherwise than before.</summary>
/// <param name="Box">The box.</param>
/// <param name="Before">Keys of the breakers it hung on, as <c>panel/7</c>.</param>
/// <param name="After">Keys of the breakers it hangs on then.</param>
/// <param name="WasBehind">What protected it.</param>
/// <param name="IsBehind">What protects it then.</param>
public sealed record StopChange(
    Id<Box> Box,
    IReadOnlyList<string> Before,
    IReadOnlyList<string> After,
    IReadOnlyList<GuardKey> WasBehind,
    IReadOnlyList<GuardKey> IsBehind
)
{
    /// <summary>Boxes that hang on other breakers, or that other devices protect; boxes that are new are among them.</summary>
    public static IReadOnlyList<StopChange> Between(Job before, Job after)
    {
        var (was, now) = (Hangs(before), Hangs(after));
        return
        [
            .. was.Select(s => s.Key)
                .Union(now.Select(s => s.Key))
                .Order()
                .Select(id => new StopChange(id, Breakers(was[id]), Breakers(now[id]), Guards(was[id]), Guards(now[id])))
                .Where(c => !c.Before.SequenceEqual(c.After) || !c.WasBehind.SequenceEqual(c.IsBehind)),
        ];
    }

    private static ILookup<Id<Box>, (Rail Rail, SheetStop Stop)> Hangs(Job job) =>
        RunSheet
            .Of(job)
            .Rails.SelectMany(r => r.Stops.Where(s => s is { At: StopAt.Box, Id: not null }).Select(s => (Rail: r, Stop: s)))
            .ToLookup(s => (Id<Box>)s.Stop.Id!);

    private static string[] Breakers(IEnumerable<(Rail Rail, SheetStop Stop)> stops) =>
        [.. stops.SelectMany(s => s.Stop.Breakers.Count > 0 ? s.Stop.Breakers : s.Rail.Breakers).Distinct().Order(StringComparer.Ordinal)];

    private static GuardKey[] Guards(IEnumerable<(Rail Rail, SheetStop Stop)> stops) =>
        [.. stops.SelectMany(s => s.Stop.Behind).Distinct().OrderBy(g => g.ToString(), StringComparer.Ordinal)];
}
