using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Tracing.Hunting;

/// <summary>A fault at a box that may be behind a complaint.</summary>
public sealed record Planted(Id<Box> Box, FaultOffer Offer)
{
    /// <summary>Boxes one would look in: of a fault along a cable both its ends.</summary>
    public IEnumerable<Id<Box>> Boxes(Job job) =>
        Offer.Case
            is OfferCase.BrokenAlong
                or OfferCase.NailThrough
                or OfferCase.SkinnedAlong
                or OfferCase.LeaksInGround
                or OfferCase.LeaksInGroundInRain
        && Run(job) is { } run
            ? run.Boxes.Append(Box).Distinct()
            : [Box];

    private Run? Run(Job job) =>
        Offer.About["cable"] is Thing cable && Subjects.CableEnd(cable.Id) is var (id, _) ? job.Runs.Find(id)
        : Offer.About["lead"] is Thing lead ? job.Runs.Find(job.Boxes.Find(Box)?.Leads.Find(lead.Id)?.Run)
        : null;

    /// <summary>Names it in a record: the same fault of the same job has the same name.</summary>
    public string Key { get; } = $"{Box}|{Offer.Case}|{Offer.About}";
}

/// <summary>What kind of explanation it is.</summary>
public enum SuspectKind
{
    /// <summary>One fault, or two together.</summary>
    Fault,

    /// <summary>Something that nobody has recorded hangs here.</summary>
    NotRecorded,

    /// <summary>None of what the program knows.</summary>
    None,
}

/// <summary>What may be behind a complaint.</summary>
/// <param name="Faults">One fault or two; none of what is no fault the program knows.</param>
/// <param name="Prior">How likely it is before anything was observed, as a weight.</param>
public sealed record Suspect(SuspectKind Kind, IReadOnlyList<Planted> Faults, double Prior)
{
    /// <summary>No fault at all: the wiring as it is recorded.</summary>
    public static Suspect Sound { get; } = new(SuspectKind.Fault, [], 0);

    /// <summary>What is altered of the wiring.</summary>
    internal IReadOnlyList<Fault> Alters { get; } = [.. Faults.Select(f => f.Offer.Fault)];

    /// <summary>The same text for the same suspect.</summary>
    public string Key { get; } = Kind == SuspectKind.Fault ? string.Join(" + ", Faults.Select(f => f.Key)) : Kind.ToString();
}

/// <summary>What a look would show, and how surely.</summary>
/// <param name="Value">V or Ω of a figure.</param>
public readonly record struct Sight(SeenCase Case, double Value = 0)
{
    /// <summary>Two figures that nobody would tell apart are one, V or Ω and share. <em>Practice</em>: what comes in wanders by so
    /// much.</summary>
    private const double Near = 3,
        NearShare = 0.06;

    /// <summary>As somebody writes it down who looked.</summary>
    public Observed Observed(AskedLook asked, string by, string at)
    {
        ArgumentNullException.ThrowIfNull(asked);
        return new(asked.Look, Case, by, at, asked.Setup, Case == SeenCase.Figure ? (decimal)Math.Round(Value, 1) : null);
    }

    public bool Same(Sight other) =>
        Case == other.Case
        && (Case != SeenCase.Figure || Math.Abs(Value - other.Value) <= Math.Max(Near, NearShare * Math.Max(Value, other.Value)));
}

/// <summary>What a look would show: one thing, or one of several where a fault comes and goes.</summary>
public readonly record struct Prediction(IReadOnlyList<(Sight Sight, double Weight)> All)
{
    public static Prediction Sure(Sight sight) => new([(sight, 1)]);

    /// <summary>What is likeliest.</summary>
    public Sight Likeliest => All.Count == 0 ? default : All.MaxBy(a => a.Weight).Sight;

    /// <summary>What one look shows: where a fault comes and goes, now this and now that.</summary>
    public Sight Drawn(Random random)
    {
        ArgumentNullException.ThrowIfNull(random);
        var at = random.NextDouble();
        foreach (var (sight, weight) in All)
        {
            if ((at -= weight) <= 0)
            {
                return sight;
            }
        }

        return All[^1].Sight;
    }

    /// <summary>True where no look of a row tells two suspects apart.</summary>
    public static bool Same(IReadOnlyList<Prediction> one, IReadOnlyList<Prediction> other)
    {
        ArgumentNullException.ThrowIfNull(one);
        ArgumentNullException.ThrowIfNull(other);
        return one.Count == other.Count && one.Zip(other).All(p => p.First.Same(p.Second));
    }

    /// <summary>True where two predictions would look alike.</summary>
    public bool Same(Prediction other)
    {
        var those = other.All;
        return All.Count == those.Count && All.All(a => those.Any(b => b.Sight.Same(a.Sight) && Math.Abs(a.Weight - b.Weight) < 0.01));
    }
}
