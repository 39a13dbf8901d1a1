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
/// <param name="Off">Breakers that should be off for the next look, or for the proof, as <c>panel/7</c>; what is off and stays so is
/// among them.</param>
/// <param name="Throw">What is to be thrown for it from how they lie now: true for off.</param>
/// <param name="Kept">Breakers left alone: off already and not the searcher's to put on, or must not lose power.</param>
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

    /// <summary>So likely what is off already and stays so feeds it, it is looked at as it lies first.</summary>
    private const double StaysFirst = 0.2;

    /// <param name="by">Who searches: what somebody else holds off stays off.</param>
    /// <param name="helped">Somebody stands at the panel, or what hangs at the box is heard there.</param>
    public static BreakerSearch Of(Job job, Id<Box> box, string by, bool helped)
    {
        var lying = new Lying(job, by);
        if (lying.All.Count == 0)
        {
            return new(SearchState.NoBreakers, null, [], new Dictionary<string, bool>(), []);
        }

        var seen = job.Sightings.Values.Where(s => s.Opened is null && s.Box == box).ToList();
        var odds = BreakerOdds.Of(BreakerRank.Of(job, box), seen);
        if (seen.Count > 0 && odds.Sure >= Enough)
        {
            if (odds.Feeding.Count > 0)
            {
                return Step(odds.Feeding.Any(lying.Kept.Contains) ? SearchState.OnlyKept : SearchState.Found, odds.Feeding);
            }

            // That nothing here feeds it is said only once somebody saw it live with everything off.
            var nothing = seen.Exists(s => s.Shows == SightingShows.Live && lying.All.All(s.Off.Contains));
            return Step(
                nothing ? SearchState.OtherSource
                    : lying.Kept.Count > 0 && lying.With(lying.All.ToHashSet()).Throw.Count == 0 ? SearchState.OnlyKept
                    : SearchState.Switch,
                lying.All
            );
        }

        // What is off already may be it: a look as it lies tells, and nothing is thrown for it.
        if (odds.Breakers.Where(b => lying.Stays.Contains(b.Key)).Sum(b => b.Odds) >= StaysFirst && !SeenAsItLies())
        {
            return Step(SearchState.Switch, lying.Off);
        }

        var left = odds.Breakers.Where(b => b.Odds >= Least && lying.MayThrow(b.Key)).ToList();
        if (left.Count == 0)
        {
            return Step(SearchState.OnlyKept, lying.Off);
        }

        var costs = WalkCosts.Of(job.Practice);
        // What the search has no more to do with is put back on as it goes.
        return Step(SearchState.Switch, NextOff(odds, left, lying.Off, helped ? costs.Helped : costs));

        bool SeenAsItLies() => seen.Exists(s => lying.Off.SetEquals(s.Off));

        BreakerSearch Step(SearchState state, IEnumerable<string> should)
        {
            var (off, thrown) = lying.With(should.ToHashSet());
            return new(state, odds, off, thrown, lying.Alone);
        }
    }

    private static IEnumerable<string> NextOff(BreakerOdds odds, List<BreakerOdd> left, IReadOnlySet<string> off, WalkCosts costs)
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
    private static HashSet<string> Telling(BreakerOdds odds, List<BreakerOdd> left, IReadOnlySet<string> off)
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
