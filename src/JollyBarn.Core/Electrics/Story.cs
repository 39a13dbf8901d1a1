using System.Numerics;

namespace JollyBarn.Electrics;

/// <summary>What makes protection open.</summary>
public enum OpensBy
{
    Overcurrent,

    /// <summary>Current that does not come back.</summary>
    Missing,

    /// <summary>Neutral and ground joined behind it.</summary>
    Loop,
    ArcInJoint,
    ArcAcross,
}

/// <summary>One thing that opened, and when.</summary>
/// <param name="Seconds">At the latest, from the start.</param>
/// <param name="By">What makes it open.</param>
/// <param name="Amperes">A: over its rating, gone astray, or of the arc.</param>
/// <param name="Rating">A; null for what does not act on overcurrent.</param>
/// <param name="Sure">Perhaps, when a magnet may or may not pull: then <paramref name="Seconds"/> is by heat.</param>
public sealed record Opening(double Seconds, GuardKey Guard, OpensBy By, double Amperes, double? Rating, Surely Sure);

/// <summary>What acts, in order of time, and how things stand afterwards.</summary>
public sealed class Story
{
    /// <summary>More things than this do not open one after the other.</summary>
    private const int Most = 24;

    /// <summary>A neutral–ground loop behind a ground-fault device is answered within this, s. <em>Practice</em>.</summary>
    private const double LoopSeconds = 1;

    private Story(Live start, Live end, IReadOnlyList<Opening> openings, IReadOnlyList<Opening> perhaps) =>
        (Start, End, Openings, Perhaps) = (start, end, openings, perhaps);

    /// <summary>The moment the situation begins.</summary>
    public Live Start { get; }

    /// <summary>After everything that opens has opened.</summary>
    public Live End { get; }

    public IReadOnlyList<Opening> Openings { get; }

    /// <summary>Devices of class A that see as things stand in the end what may open them and need not: 4 mA to under 6. UL 943.</summary>
    public IReadOnlyList<Opening> Perhaps { get; }

    public static Story Unfold(Live start)
    {
        var (now, clock, openings) = (start, 0.0, new List<Opening>());
        while (openings.Count < Most && Next(now) is { } next)
        {
            clock += next.Seconds;
            openings.Add(next.Opening with { Seconds = clock });
            now = now.Opened(next.Guard.Links);
        }

        return new(start, now, openings, [.. MayOpen(now)]);
    }

    /// <summary>The protective device that would act first as things stand; null when none would.</summary>
    private static (double Seconds, Guard Guard, Opening Opening)? Next(Live now)
    {
        (double Seconds, Guard Guard, Opening Opening)? first = null;
        foreach (var guard in now.Plan.Guards.Where(g => !g.Stuck && !now.Plan.Opened(g)))
        {
            if (Act(now, guard) is { } act && (first is null || act.Seconds < first.Value.Seconds))
            {
                first = (act.Seconds, guard, act);
            }
        }

        return first;
    }

    private static IEnumerable<Opening> MayOpen(Live now) =>
        from guard in now.Plan.Guards
        where guard.ClassA && !guard.Stuck && !now.Plan.Opened(guard) && Powered(now, guard)
        let missing = Residual(now, guard)
        where missing is >= Trips.GfciHolds and < Trips.GfciTrips
        select new Opening(Trips.GfciLaw(missing), guard.Key, OpensBy.Missing, missing, null, Surely.Perhaps);

    private static Opening? Act(Live now, Guard guard)
    {
        Opening? found = null;
        if (guard.Amperes is { } rating)
        {
            var amperes = guard.Links.Max(l => now.Amperes(l).Magnitude);
            var seconds = Trips.Breaker(amperes, rating);
            if (double.IsFinite(seconds))
            {
                found = new(seconds, guard.Key, OpensBy.Overcurrent, amperes, rating, Trips.Magnetic(amperes, rating));
            }
        }

        if (guard.Watched.Count > 0 && Powered(now, guard))
        {
            var missing = Residual(now, guard);
            var seconds = guard.From is { } from ? Trips.Equipment(missing, from) : Trips.Gfci(missing);
            if (LoopOhms(now, guard) < now.Set(CodeBook.ElectricsBook.GroundedNeutral))
            {
                seconds = Math.Min(seconds, LoopSeconds);
            }

            if (double.IsFinite(seconds) && (found is null || seconds < found.Seconds))
            {
                found = new(
                    seconds,
                    guard.Key,
                    missing >= (guard.From ?? Trips.GfciTrips) ? OpensBy.Missing : OpensBy.Loop,
                    missing,
                    null,
                    Surely.Yes
                );
            }
        }

        return guard.Arcs && Arc(now, guard) is { } arc && (found is null || arc.Seconds < found.Seconds) ? arc : found;
    }

    /// <summary>An arc behind arc-fault protection, when it is strong enough to be told from a brush or a switch.</summary>
    private static Opening? Arc(Live now, Guard guard)
    {
        if (now.Plan.Arcs.Count == 0)
        {
            return null;
        }

        var behind = now.Plan.Reach(guard.Links.Select(now.Plan.Now).OfType<Link>().Where(l => !l.Open).Select(l => l.To), l =>
            l.Conducts && l.Kind is not LinkKind.Bond && !guard.Has(l)
        );
        return now
            .Plan.Arcs.Where(a => behind.Contains(a.Link.From) || behind.Contains(a.Link.To))
            .Select(a => (Amperes: now.Amperes(a.Link).Magnitude, a.Series))
            .Select(a =>
                (
                    a.Amperes,
                    Seconds: a.Series ? Trips.Arc(a.Amperes)
                    : a.Amperes >= Trips.ParallelArc ? Trips.ParallelArcSeconds
                    : double.PositiveInfinity,
                    a.Series
                )
            )
            .Where(a => double.IsFinite(a.Seconds))
            .OrderBy(a => a.Seconds)
            .Select(a => new Opening(a.Seconds, guard.Key, a.Series ? OpensBy.ArcInJoint : OpensBy.ArcAcross, a.Amperes, null, Surely.Yes))
            .FirstOrDefault();
    }

    /// <summary>What goes out and does not come back through the device, A.</summary>
    /// <param name="more">V that each node has more by something laid between others; null for nothing.</param>
    internal static double Residual(Live now, Guard guard, Func<int, Complex>? more = null)
    {
        var sum = Complex.Zero;
        foreach (var link in guard.Watched)
        {
            sum += now.Amperes(link);
            if (more is not null && now.Plan.Now(link) is { Open: false } laid && laid.From != laid.To)
            {
                sum += (more(now.At(laid.From)) - more(now.At(laid.To))) / laid.Ohms;
            }
        }

        return sum.Magnitude;
    }

    internal static bool Powered(Live now, Guard guard) =>
        guard.Supply is not { } supply || now.Between(supply.Hot, supply.Neutral) >= Trips.GfciSupply;

    /// <summary>Resistance of the way round from the load side of a device's neutral to its line side, not through the device, Ω; null for
    /// a device that does not look.</summary>
    internal static double? LoopOhms(Live now, Guard guard)
    {
        if (guard.Loop is not var (line, load) || guard.Watched is not [.., var last] || now.Plan.Now(last) is not { Open: false } neutral)
        {
            return null;
        }

        var around = (1 / now.Impedance(line, load)) - (1 / neutral.Ohms);
        return around.Magnitude < 1e-6 ? double.PositiveInfinity : (1 / around).Magnitude;
    }
}
