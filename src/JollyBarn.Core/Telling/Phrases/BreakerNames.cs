using JollyBarn.Wiring;

namespace JollyBarn.Telling.Phrases;

/// <summary>Breakers by the keys sightings name them by, and what was seen with some of them off.</summary>
public static class BreakerNames
{
    /// <summary>The breaker of a key such as <c>panel/7</c>; one that was taken out since by its slot alone.</summary>
    public static Breaker Find(Job job, string key)
    {
        var slot = BreakerKey.Read(key)?.Slot ?? key;
        return BreakerKey.Find(job, key)?.Breaker ?? new Breaker(int.TryParse(slot.TrimEnd('b'), out var number) ? number : 0, 1);
    }

    /// <summary>What is written for it, or else its circuit.</summary>
    public static string? Of(Job job, Breaker breaker) => breaker.Says ?? job.Circuits.Find(breaker.Circuit)?.Name;

    /// <summary>What was seen, with what off: <c>still live with 3, 5 off</c>; or with what parted.</summary>
    public static string Look(Job job, Sighting seen)
    {
        var shows =
            seen.Shows == SightingShows.Dead ? "went dead"
            : seen.Shows == SightingShows.Live ? "still live"
            : "part of it went dead";
        if (seen.Opened is { } opened)
        {
            return $"{shows} with what leads on parted at {job.Boxes.Find(opened)?.Name}";
        }

        var off = seen.Off.Select(k => Find(job, k).Where).ToList();
        return $"{shows} with {(off.Count == 0 ? "nothing" : string.Join(", ", off))} off";
    }
}
