using JollyBarn.Telling.Phrases;
using JollyBarn.Tracing;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>A breaker with how likely it feeds the box, in words.</summary>
/// <param name="Where">Its slot as people call it.</param>
/// <param name="Name">What is written for it, or its circuit.</param>
/// <param name="Why">What speaks for and against it.</param>
public sealed record ToldBreaker(string Key, string Where, string? Name, double Odds, IReadOnlyList<string> Why);

/// <summary>A breaker to throw.</summary>
/// <param name="Off">True to switch it off, false to put it back on.</param>
public sealed record ToldHandle(string Key, string Where, string? Name, bool Off);

/// <summary>A look that was taken.</summary>
public sealed record ToldSighting(string Id, string Says);

/// <summary>The search for the breaker of a box, in words.</summary>
/// <param name="Says">Where it stands, and what to do.</param>
/// <param name="Off">Breakers that should be off, by their keys.</param>
/// <param name="Found">The breakers that feed it, where they are found.</param>
public sealed record ToldSearch(
    SearchState State,
    string Says,
    double Sure,
    IReadOnlyList<ToldHandle> Throw,
    IReadOnlyList<string> Off,
    IReadOnlyList<ToldBreaker> Found,
    IReadOnlyList<ToldBreaker> Likely,
    IReadOnlyList<string> Kept,
    IReadOnlyList<ToldSighting> Looks
)
{
    private const int Most = 8;

    private static readonly Dictionary<RankReason, string> Reasons = new()
    {
        [RankReason.SaysRoom] = "the card names the room",
        [RankReason.SaysBox] = "the card names it",
        [RankReason.FeedsRoom] = "it feeds others of the room",
        [RankReason.Recorded] = "the record leads there",
        [RankReason.WireTooThin] = "the wire is too thin for it",
        [RankReason.TwoPole] = "two poles",
        [RankReason.OwnThing] = "something of its own hangs on it",
    };

    public static ToldSearch Tell(Job job, Id<Box> box, BreakerSearch search)
    {
        var odds = search.Odds?.Breakers ?? [];
        var found = search.State == SearchState.Found ? search.Odds!.Feeding : [];
        return new(
            search.State,
            Next(search, found.Count),
            search.Odds?.Sure ?? 0,
            [
                .. search
                    .Throw.OrderBy(t => !t.Value)
                    .ThenBy(t => BreakerNames.Find(job, t.Key).Slot)
                    .Select(t => Handle(job, t.Key, t.Value)),
            ],
            search.Off,
            [.. odds.Where(o => found.Contains(o.Key)).Select(o => Told(job, o))],
            [.. odds.Take(Most).Select(o => Told(job, o))],
            [.. search.Kept.Select(k => BreakerNames.Find(job, k).Where)],
            [
                .. job
                    .Sightings.Where(s => s.Value.Opened is null && s.Value.Box == box)
                    .OrderBy(s => DateTimeOffset.Parse(s.Value.At, System.Globalization.CultureInfo.InvariantCulture))
                    .Select(s => new ToldSighting(s.Key, BreakerNames.Look(job, s.Value))),
            ]
        );
    }

    private static string Next(BreakerSearch search, int found) =>
        search.State switch
        {
            SearchState.NoBreakers => "No breaker is recorded. Say how many slots the panel has, and type what its card says.",
            SearchState.Switch => search.Throw.Count > 0
                ? "Throw these, then look at the box."
                : "They lie as they should: look at the box.",
            SearchState.Found => found > 1
                ? "Two breakers feed it. With both off, prove it dead."
                : "Most likely this one. With it off alone, prove it dead.",
            SearchState.OtherSource =>
                "Still live with every breaker off: something else feeds it. Touch nothing, keep people away, and find "
                    + "the other source: another panel, a generator, an inverter. Bring a licensed electrician.",
            SearchState.OnlyKept =>
                "What is left must not lose power without warning, or is off already and not yours to put on. Ask first.",
            _ => throw new ArgumentOutOfRangeException(nameof(search)),
        };

    private static ToldBreaker Told(Job job, BreakerOdd odd)
    {
        var breaker = BreakerNames.Find(job, odd.Key);
        return new(odd.Key, breaker.Where, BreakerNames.Of(job, breaker), odd.Odds, [.. odd.Reasons.Select(r => Reasons[r])]);
    }

    internal static ToldHandle Handle(Job job, string key, bool off)
    {
        var breaker = BreakerNames.Find(job, key);
        return new(key, breaker.Where, BreakerNames.Of(job, breaker), off);
    }
}
