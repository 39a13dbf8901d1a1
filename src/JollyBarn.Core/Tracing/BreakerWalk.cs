using JollyBarn.Connection.Sheet;
using JollyBarn.Terms;
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
/// <param name="Off">Breakers that are off in it, as <c>panel/7</c>; what others hold off is among them.</param>
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
        var breakers = job
            .Panels.SelectMany(p => p.Value.Breakers.Select(b => (Key: $"{p.Key}/{b.Key}", Breaker: b, Panel: p.Value)))
            .ToList();
        var off = breakers.Where(b => b.Breaker.On == false).Select(b => b.Key).ToHashSet();
        var held = breakers.Where(b => b.Breaker.HeldBy.Any(h => h != by)).Select(b => b.Key).ToHashSet();
        var kept = breakers
            .Where(b => b.Panel.Noted.Find(b.Breaker.Key)?.Facts.Find(SupplyFacts.KeepOn.Id)?.Value == "yes")
            .Select(b => b.Key)
            .ToHashSet();
        string[] thrown = [.. breakers.Select(b => b.Key).Where(k => !held.Contains(k) && !kept.Contains(k))];
        var patterns = thrown.Length == 0 ? [] : WalkCode.Patterns(thrown.Length);
        var rounds = thrown.Length == 0 ? 0 : WalkCode.Rounds(thrown.Length);
        var known = Boxes(job).Where(b => skip?.Contains(b) != true).Select(b => Walked(job, b)).ToList();
        var open = known.Where(k => k.Sure < Enough).ToList();
        for (var round = 0; round < rounds; round++)
        {
            string[] set = [.. thrown.Where((_, i) => (patterns[i] >> round & 1) == 1).Concat(held).Order(StringComparer.Ordinal)];
            var look = known.Where(k => !Seen(job, k.Box, set)).Select(k => k.Box).ToList();
            if (set.Length > held.Count && look.Count > 0)
            {
                return Step(round + 1, false, set, look);
            }
        }

        // What is still doubtful is looked at once more, with its likeliest breaker off and the next likeliest on.
        var doubtful = open.Where(k => k.Looks < rounds + MostAgain).OrderBy(k => k.Looks).ThenBy(k => k.Sure).ToList();
        var (parting, again) = Parting(doubtful);
        if (rounds > 0 && again.Count > 0)
        {
            string[] set = [.. parting.Where(thrown.Contains).Concat(held).Distinct().Order(StringComparer.Ordinal)];
            return Step(rounds + 1, true, set, again);
        }

        // At the end whatever the walk switched off goes on again.
        var back = breakers.Where(b => b.Breaker.On == false && b.Breaker.HeldBy.Contains(by) && !held.Contains(b.Key));
        return new(
            0,
            rounds,
            false,
            [],
            back.ToDictionary(b => b.Key, _ => false),
            [],
            known,
            [.. kept.Union(held).Order(StringComparer.Ordinal)]
        );

        BreakerWalk Step(int round, bool again, string[] set, IReadOnlyList<Id<Box>> look) =>
            new(
                round,
                rounds,
                again,
                set,
                breakers
                    .Where(b => !held.Contains(b.Key) && set.Contains(b.Key) != off.Contains(b.Key))
                    .ToDictionary(b => b.Key, b => set.Contains(b.Key)),
                look,
                known,
                [.. kept.Union(held).Order(StringComparer.Ordinal)]
            );
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
        var seen = job.Sightings.Values.Where(s => s.Box == box).ToList();
        var ranked = BreakerRank.Of(job, box);
        if (ranked.Count == 0 || seen.Count == 0)
        {
            return new(box, [], 0, 0);
        }

        var odds = BreakerOdds.Of(ranked, seen, BreakerOdds.WrongOfMany);
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

    private static bool Seen(Job job, Id<Box> box, string[] off) =>
        job.Sightings.Values.Any(s => s.Box == box && s.Off.Order(StringComparer.Ordinal).SequenceEqual(off));
}
