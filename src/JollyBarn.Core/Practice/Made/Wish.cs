using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Made;

/// <summary>What became of a wish.</summary>
public enum WishOutcome
{
    Kept,

    /// <summary>It works in no position of any switch, or without a good neutral.</summary>
    NeverWorks,

    /// <summary>It works whatever is switched.</summary>
    NeverOff,

    /// <summary>It works where it should not, or not where it should.</summary>
    OtherSwitch,
}

/// <summary>An outlet that has to work: always, or as switches say.</summary>
/// <param name="Outlet">Point of its hot.</param>
/// <param name="Levers">Switches that turn it on and off; none where it is always on.</param>
/// <param name="Pattern">Where it works, for each position of the switches of the house; see <see cref="Positions"/>.</param>
public sealed record Wish(string Outlet, IReadOnlyList<string> Levers, IReadOnlyList<bool> Pattern)
{
    /// <summary>More switches than these are not put in every position.</summary>
    private const int MostLevers = 4;

    /// <summary>What works in the one and in no position of the other.</summary>
    public static IReadOnlyList<Wish> Of(Job sound, Job apart)
    {
        var (works, without) = (Works(sound), Works(apart));
        return
        [
            .. works
                .Where(w => w.Value.Any(on => on) && without.GetValueOrDefault(w.Key)?.Any(on => on) != true)
                .Select(w => new Wish(w.Key, [.. LeversOf(sound).Where((_, i) => Matters(w.Value, i))], w.Value))
                .OrderBy(w => w.Outlet, StringComparer.Ordinal),
        ];
    }

    /// <summary>What becomes of the wish in a job made up.</summary>
    /// <param name="works">Where each outlet works there.</param>
    public WishOutcome In(IReadOnlyDictionary<string, IReadOnlyList<bool>> works)
    {
        ArgumentNullException.ThrowIfNull(works);
        var now = works.GetValueOrDefault(Outlet) ?? [];
        return now.SequenceEqual(Pattern) ? WishOutcome.Kept
            // Of two that work together it is one which way each lies.
            : Levers.Count > 1 && now.Count == Pattern.Count && now.Zip(Pattern).All(p => p.First != p.Second) ? WishOutcome.Kept
            : !now.Any(on => on) ? WishOutcome.NeverWorks
            : Levers.Count > 0 && now.All(on => on) ? WishOutcome.NeverOff
            : WishOutcome.OtherSwitch;
    }

    /// <summary>Whether each outlet works, by the point of its hot, for each position of the switches, every breaker on.</summary>
    public static IReadOnlyDictionary<string, IReadOnlyList<bool>> Works(Job job)
    {
        var positions = Positions(job)
            .Select(p => Signature.Of(Live.Fresh(job, new Situation { Breakers = Signature.AllOn(job), Switches = p })).Outlets)
            .ToList();
        return positions
            .SelectMany(p => p.Keys)
            .Distinct()
            .ToDictionary(
                o => o,
                IReadOnlyList<bool> (o) => [.. positions.Select(p => p.TryGetValue(o, out var sign) && sign.Works)],
                StringComparer.Ordinal
            );
    }

    private static List<string> LeversOf(Job job) =>
        [.. job.Boxes.SelectMany(b => Lever.In(b.Key, b.Value)).Select(l => l.Key).Order(StringComparer.Ordinal).Take(MostLevers)];

    private static IEnumerable<Dictionary<string, bool>> Positions(Job job)
    {
        var levers = LeversOf(job);
        return Enumerable
            .Range(0, 1 << levers.Count)
            .Select(p => levers.Select((l, i) => (l, On: (p >> i & 1) == 1)).ToDictionary(x => x.l, x => x.On, StringComparer.Ordinal));
    }

    /// <summary>Whether throwing one switch changes it in some position of the others.</summary>
    private static bool Matters(IReadOnlyList<bool> works, int lever) =>
        Enumerable.Range(0, works.Count).Any(p => works[p] != works[p ^ (1 << lever)]);
}
