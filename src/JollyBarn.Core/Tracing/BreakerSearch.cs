using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Tracing;

/// <summary>Where the search for the breaker of a box stands.</summary>
public enum SearchState
{
    /// <summary>No breaker is recorded: say how many slots the panel has.</summary>
    NoBreakers,

    /// <summary>Switch some, and look.</summary>
    Switch,

    /// <summary>Likely enough: switch it off alone, and prove the box dead.</summary>
    Found,

    /// <summary>Live with everything off: something else feeds it. A stop.</summary>
    OtherSource,

    /// <summary>Only breakers are left that must not lose power without warning, or that somebody else holds.</summary>
    OnlyKept,
}

/// <summary>What to do next to find the breaker of one box.</summary>
/// <param name="Off">Breakers that should be off for the next look, or for the proof, as <c>panel/7</c>; what others hold off is among
/// them.</param>
/// <param name="Throw">What is to be thrown for it from how they lie now: true for off.</param>
/// <param name="Kept">Breakers left alone: must not lose power, or held by others.</param>
public sealed record BreakerSearch(
    SearchState State,
    BreakerOdds? Odds,
    IReadOnlyList<string> Off,
    IReadOnlyDictionary<string, bool> Throw,
    IReadOnlyList<string> Kept
)
{
    /// <summary>So sure the search ends: what follows is the proof of dead with that breaker off, which is a look of its own.</summary>
    public const double Enough = 0.9;

    /// <summary>What is less likely than this is left out of the next step; later looks may bring it back.</summary>
    private const double Least = 0.004;

    /// <summary>So likely what others hold off feeds it, it is looked at as it lies first.</summary>
    private const double HeldFirst = 0.2;

    /// <param name="by">Who searches: what somebody else holds off stays off.</param>
    /// <param name="helped">Somebody stands at the panel, or what hangs at the box is heard there.</param>
    public static BreakerSearch Of(Job job, Id<Box> box, string by, bool helped)
    {
        var breakers = job
            .Panels.SelectMany(p => p.Value.Breakers.Select(b => (Key: $"{p.Key}/{b.Key}", Breaker: b, Panel: p.Value)))
            .ToList();
        if (breakers.Count == 0)
        {
            return new(SearchState.NoBreakers, null, [], new Dictionary<string, bool>(), []);
        }

        var costs = WalkCosts.Of(job.Practice);
        var odds = BreakerOdds.Of(BreakerRank.Of(job, box), job.Sightings.Values.Where(s => s.Box == box));
        var off = breakers.Where(b => b.Breaker.On == false).Select(b => b.Key).ToHashSet();
        var held = breakers.Where(b => b.Breaker.HeldBy.Any(h => h != by)).Select(b => b.Key).ToHashSet();
        var kept = breakers
            .Where(b => b.Panel.Noted.Find(b.Breaker.Key)?.Facts.Find(SupplyFacts.KeepOn.Id)?.Value == "yes")
            .Select(b => b.Key)
            .Except(off)
            .ToHashSet();
        var looked = job.Sightings.Values.Any(s => s.Box == box);
        if (looked && odds.Sure >= Enough)
        {
            HashSet<string> all = [.. breakers.Select(b => b.Key).Where(k => !kept.Contains(k))];
            var nothing = job.Sightings.Values.Any(s => s.Box == box && s.Shows == SightingShows.Live && all.All(s.Off.Contains));
            // That nothing here feeds it is said only once somebody saw it live with everything off.
            return odds.Feeding.Count == 0
                ? Step(nothing ? SearchState.OtherSource : SearchState.Switch, all)
                : Step(SearchState.Found, [.. odds.Feeding, .. held]);
        }

        // What others hold off may be it already: a look as it lies tells, and nothing is thrown for it.
        if (odds.Breakers.Where(b => held.Contains(b.Key) && off.Contains(b.Key)).Sum(b => b.Odds) >= HeldFirst)
        {
            return Step(SearchState.Switch, [.. off]);
        }

        var left = odds.Breakers.Where(b => b.Odds >= Least && !held.Contains(b.Key) && !kept.Contains(b.Key)).ToList();
        if (left.Count == 0)
        {
            return Step(SearchState.OnlyKept, [.. off]);
        }

        var next = NextOff(odds, left, off, helped ? costs.Helped : costs);
        // What the search has no more to do with is put back on as it goes.
        return Step(SearchState.Switch, [.. next, .. held]);

        BreakerSearch Step(SearchState state, HashSet<string> should)
        {
            var thrown = breakers
                .Where(b => !held.Contains(b.Key) && should.Contains(b.Key) != off.Contains(b.Key))
                .Where(b => should.Contains(b.Key) || b.Breaker.HeldBy.Contains(by))
                .ToDictionary(b => b.Key, b => should.Contains(b.Key));
            return new(state, odds, [.. should.Order(StringComparer.Ordinal)], thrown, [.. kept.Union(held).Order(StringComparer.Ordinal)]);
        }
    }

    private static IEnumerable<string> NextOff(BreakerOdds odds, List<BreakerOdd> left, HashSet<string> off, WalkCosts costs)
    {
        if (left.Count == 1)
        {
            return [left[0].Key];
        }

        if (odds.Both > 0.5)
        {
            return Telling(odds, left, off);
        }

        var lying = left.Select((b, i) => (b.Key, i)).Where(b => off.Contains(b.Key)).Select(b => b.i).ToHashSet();
        return SwitchPlan.Next([.. left.Select(b => b.Odds)], lying, costs).Select(i => left[i].Key);
    }

    /// <summary>Of two that feed it: what tells most of the likeliest ones, each alone and one after the other, with the first or
    /// without.</summary>
    private static HashSet<string> Telling(BreakerOdds odds, List<BreakerOdd> left, HashSet<string> off)
    {
        string[] keys = [.. left.Select(b => b.Key)];
        IEnumerable<HashSet<string>> ways = Enumerable
            .Range(1, keys.Length)
            .SelectMany(k => new HashSet<string>[] { [.. keys.Take(k)], [.. keys.Skip(1).Take(k)], [keys[k - 1]] });
        return ways.Where(w => w.Count > 0)
            .OrderByDescending(w => Math.Round(odds.Tells(w), 6))
            .ThenBy(w => keys.Count(k => w.Contains(k) != off.Contains(k)))
            .First();
    }
}
