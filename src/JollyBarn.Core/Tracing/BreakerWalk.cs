using JollyBarn.Connection.Sheet;
using JollyBarn.Wiring;

namespace JollyBarn.Tracing;

/// <summary>A box of a walk with what it is taken to hang on so far.</summary>
/// <param name="Feeding">The likeliest breakers; none for another source.</param>
/// <param name="Else">The likeliest breaker besides.</param>
public sealed record WalkedBox(Id<Box> Box, IReadOnlyList<string> Feeding, double Sure, int Looks, string? Else = null);

/// <summary>A walk through the whole house: which breakers to switch off next, and which outlets to look at.</summary>
/// <param name="Round">Which round this is, from 1; 0 when nothing is left to do.</param>
/// <param name="Rounds">How many there are without those that only look again.</param>
/// <param name="Again">It only looks again at what is doubtful.</param>
/// <param name="Off">Breakers that are off in it, as <c>panel/7</c>; what is off and stays so is among them.</param>
/// <param name="Throw">What is thrown for it from how they lie now: true for off.</param>
/// <param name="Look">Boxes to look at, by room and name.</param>
/// <param name="Known">Every box of the walk with what is known of it.</param>
/// <param name="Kept">Breakers left alone.</param>
public sealed record BreakerWalk(
    int Round,
    int Rounds,
    bool Again,
    IReadOnlyList<string> Off,
    IReadOnlyDictionary<string, bool> Throw,
    IReadOnlyList<Id<Box>> Look,
    IReadOnlyList<WalkedBox> Known,
    IReadOnlyList<string> Kept
)
{
    /// <summary>So sure a box needs no further look.</summary>
    public const double Enough = 0.998;

    /// <summary>A box nobody looked at in so many further rounds is left as it is.</summary>
    private const int MostAgain = 6;

    /// <param name="by">Who walks: what somebody else holds off stays off.</param>
    /// <param name="skip">Boxes that cannot be looked at now.</param>
    public static BreakerWalk Of(Job job, string by, IReadOnlySet<Id<Box>>? skip = null)
    {
        var lying = new Lying(job, by);
        var rounds = lying.All.Count == 0 ? 0 : WalkCode.Rounds(lying.All.Count);
        var patterns = lying.All.Count == 0 ? [] : WalkCode.Patterns(lying.All.Count);
        var known = Boxes(job).Where(b => skip?.Contains(b) != true).Select(b => Walked(job, b)).ToList();
        for (var round = 0; round < rounds; round++)
        {
            HashSet<string> set = [.. lying.All.Where((k, i) => lying.MayThrow(k) && (patterns[i] >> round & 1) == 1)];
            var look = known.Where(k => !Seen(job, k.Box, set, lying)).Select(k => k.Box).ToList();
            if (set.Count > 0 && look.Count > 0)
            {
                return Step(round + 1, false, set, look);
            }
        }

        // What is still doubtful is looked at once more, with its likeliest breaker off and the next likeliest on.
        var doubtful = known
            .Where(k => k.Sure < Enough && k.Looks < rounds + MostAgain && k.Feeding.All(lying.MayThrow))
            .OrderBy(k => k.Looks)
            .ThenBy(k => k.Sure);
        var (parting, again) = Parting(doubtful);
        // At the end whatever the walk switched off goes on again.
        return rounds > 0 && again.Count > 0 ? Step(rounds + 1, true, parting, again) : Step(0, false, [], []);

        BreakerWalk Step(int round, bool again, HashSet<string> set, IReadOnlyList<Id<Box>> look)
        {
            var (off, thrown) = lying.With(set);
            return new(round, rounds, again, off, thrown, look, known, lying.Alone);
        }
    }

    /// <summary>Breakers to have off so that for as many boxes as can be the likeliest is off and the next likeliest is not.</summary>
    private static (HashSet<string> Off, List<Id<Box>> Look) Parting(IEnumerable<WalkedBox> doubtful)
    {
        var (off, on, look) = (new HashSet<string>(), new HashSet<string>(), new List<Id<Box>>());
        foreach (var box in doubtful)
        {
            if (!box.Feeding.Any(on.Contains) && !(box.Else is { } other && off.Contains(other)))
            {
                off.UnionWith(box.Feeding);
                on.UnionWith(box.Else is { } not ? [not] : []);
                look.Add(box.Box);
            }
        }

        return (off, look);
    }

    /// <summary>What looks tell of a box; a box nobody looked at as it is ranked.</summary>
    public static WalkedBox Walked(Job job, Id<Box> box)
    {
        var seen = job.Sightings.Values.Where(s => s.Opened is null && s.Box == box).ToList();
        if (seen.Count == 0 || job.Panels.Values.All(p => p.Breakers.Count == 0))
        {
            return new(box, [], 0, 0);
        }

        var odds = BreakerOdds.Of(BreakerRank.Of(job, box), seen, BreakerOdds.WrongOfMany);
        return new(box, odds.Feeding, odds.Sure, seen.Count, odds.Breakers.FirstOrDefault(b => !odds.Feeding.Contains(b.Key))?.Key);
    }

    /// <summary>Boxes the recorded wiring does not lead to from a breaker, by room and name.</summary>
    private static IEnumerable<Id<Box>> Boxes(Job job)
    {
        var followed = RunSheet
            .Of(job)
            .Rails.SelectMany(r => r.Stops)
            .Where(s => s is { Seen: true, At: StopAt.Box })
            .Select(s => s.Id)
            .ToHashSet();
        return job
            .Boxes.Where(b => !b.Value.Binned && !followed.Contains(b.Key.Text))
            .OrderBy(b => job.Places.Find(b.Value.Place ?? "")?.Name, StringComparer.OrdinalIgnoreCase)
            .ThenBy(b => b.Value.Name, StringComparer.OrdinalIgnoreCase)
            .Select(b => b.Key);
    }

    /// <summary>Whether somebody looked at a box with these of the breakers that may be thrown off, and no others of them.</summary>
    private static bool Seen(Job job, Id<Box> box, HashSet<string> set, Lying lying) =>
        job.Sightings.Values.Any(s => s.Opened is null && s.Box == box && set.SetEquals(s.Off.Where(lying.MayThrow)));
}
