using JollyBarn.Connection.Sheet;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>A stop of a rail, before and after.</summary>
/// <param name="Depth">How many forks it stands behind, off the line that goes on.</param>
/// <param name="Was">True where it hung there before.</param>
/// <param name="Is">True where it hangs there then.</param>
/// <param name="WasGuarded">True where ground-fault protection stood ahead of it.</param>
/// <param name="IsGuarded">True where it stands ahead of it then.</param>
/// <param name="Begins">True where its cable comes from the breaker itself, or from where nobody looked.</param>
public sealed record RailStopOutcome(string Key, string Name, int Depth, bool Begins, bool Was, bool Is, bool WasGuarded, bool IsGuarded);

/// <summary>A rail on which something hangs otherwise than before, with all its stops in feed order.</summary>
public sealed record RailOutcome(string Key, string Name, IReadOnlyList<RailStopOutcome> Stops)
{
    public static IReadOnlyList<RailOutcome> Between(Job before, Job after)
    {
        var (was, now) = (Rails(before), Rails(after));
        return
        [
            .. now
                .Keys.Union(was.Keys)
                .Order(StringComparer.Ordinal)
                .Select(key => Between(before, after, was.GetValueOrDefault(key), now.GetValueOrDefault(key)))
                .Where(r => r.Stops.Any(s => s.Was != s.Is || s.WasGuarded != s.IsGuarded)),
        ];
    }

    private static Dictionary<string, Rail> Rails(Job job) => RunSheet.Of(job).Rails.ToDictionary(r => r.Key, StringComparer.Ordinal);

    private static RailOutcome Between(Job before, Job after, Rail? was, Rail? now)
    {
        var old = (was?.Stops ?? []).ToDictionary(s => s.Key, StringComparer.Ordinal);
        var stays = Tree(now?.Stops ?? [], old)
            .Select(t =>
            {
                var there = old.GetValueOrDefault(t.Stop.Key);
                return new RailStopOutcome(
                    t.Stop.Key,
                    StopNames.Of(after, t.Stop),
                    t.Depth,
                    t.Stop.From is null,
                    there is not null,
                    true,
                    there?.Behind.Count > 0,
                    t.Stop.Behind.Count > 0
                );
            });
        var here = (now?.Stops ?? []).Select(s => s.Key).ToHashSet(StringComparer.Ordinal);
        var gone = old
            .Values.Where(s => !here.Contains(s.Key))
            .Select(s => new RailStopOutcome(s.Key, StopNames.Of(before, s), 0, true, true, false, s.Behind.Count > 0, false));
        var (job, rail) = now is null ? (before, was!) : (after, now);
        return new(rail.Key, Called(job, rail), [.. stays, .. gone]);
    }

    private static string Called(Job job, Rail rail) =>
        rail.Breakers.Count == 0
            ? "not followed to a panel"
            : string.Join(
                " and ",
                rail.Breakers.Select(key =>
                {
                    var breaker = BreakerNames.Find(job, key);
                    return BreakerNames.Of(job, breaker) is { } name ? $"{breaker.Where}, {name}" : breaker.Where;
                })
            );

    /// <summary>The stops as a line down from the breaker: what forks off a stop is set in under it, and the line goes on with what was
    /// there and is longest.</summary>
    private static List<(SheetStop Stop, int Depth)> Tree(IReadOnlyList<SheetStop> stops, Dictionary<string, SheetStop> old)
    {
        var known = stops.Select(s => s.Key).ToHashSet(StringComparer.Ordinal);
        var behind = stops.ToLookup(s => s.From is { } from && known.Contains(from) ? from : "", StringComparer.Ordinal);
        var (told, put) = (new List<(SheetStop, int)>(), new HashSet<string>(StringComparer.Ordinal));
        int Behind(string key) => behind[key].Where(s => s.Key != key).Sum(s => 1 + Behind(s.Key));
        void Put(SheetStop stop, int depth)
        {
            if (!put.Add(stop.Key))
            {
                return;
            }

            told.Add((stop, depth));
            var on = behind[stop.Key].OrderBy(s => old.ContainsKey(s.Key)).ThenBy(s => Behind(s.Key)).ToList();
            foreach (var (next, i) in on.Select((s, i) => (s, i)))
            {
                Put(next, i == on.Count - 1 ? depth : depth + 1);
            }
        }

        foreach (var first in behind[""])
        {
            Put(first, 0);
        }

        return told;
    }
}
