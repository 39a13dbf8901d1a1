using JollyBarn.Connection.Sheet;
using JollyBarn.Wiring;

namespace JollyBarn.Tracing;

/// <summary>A box of a walk with what it is taken to hang on so far.</summary>
/// <param name="Feeding">The likeliest breakers; none for another source.</param>
public sealed record WalkedBox(Id<Box> Box, IReadOnlyList<string> Feeding, double Sure, int Looks);

/// <summary>A walk through the whole house: which breakers to switch off next, and which outlets to look at.</summary>
/// <param name="Round">Which round this is, from 1; 0 when nothing is left to do.</param>
/// <param name="Rounds">About how many there are.</param>
/// <param name="Again">It only looks at the few that are still doubtful.</param>
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
    public const double Enough = 0.9995;

    /// <summary>A look as the breakers lie that would tell more than this is asked for at once, nats; the most one can tell is
    /// 0.6.</summary>
    private const double Check = 0.2;

    /// <summary>A box that was looked at so often is left as it is.</summary>
    private const int MostLooks = 20;

    /// <param name="by">Who walks: what somebody else holds off stays off.</param>
    /// <param name="skip">Boxes that cannot be looked at now.</param>
    public static BreakerWalk Of(Job job, string by, IReadOnlySet<Id<Box>>? skip = null)
    {
        var lying = new Lying(job, by);
        var asked = Boxes(job)
            .Where(b => skip?.Contains(b) != true)
            .Select(b => (Odds: Odds(job, b), Box: b))
            .Select(a => (Walked: Walked(job, a.Box, a.Odds), a.Odds))
            .ToList();
        var known = asked.ConvertAll(a => a.Walked);
        var open = asked.Where(a => a.Walked.Sure < Enough && a.Walked.Looks < MostLooks).ToList();
        var walked = job.Sightings.Values.Where(s => s.Opened is null).Select(s => Sorted(s.Off)).ToHashSet();
        // What contradicts what is known of an outlet is looked at again as the breakers lie, before anybody walks.
        var lie = lying.All.Where(k => lying.MayThrow(k) && lying.Off.Contains(k)).ToHashSet();
        var check = open.Where(a => a.Walked.Looks > 0 && WalkSplit.Tells(lying, lie, a.Odds) > Check).Select(a => a.Walked.Box).ToList();
        if (check.Count > 0)
        {
            return Step(walked.Contains(Sorted(lying.Off)) ? walked.Count : walked.Count + 1, true, lie, check);
        }

        var set = open.Count == 0 ? [] : WalkSplit.Best(lying, open.ConvertAll(a => a.Odds));
        // At the end whatever the walk switched off goes on again.
        return set.Count == 0
            ? Step(0, false, [], [])
            : Step(
                walked.Count + 1,
                open.TrueForAll(a => a.Walked.Looks > 0) && 4 * open.Count <= known.Count,
                set,
                [.. open.Select(a => a.Walked.Box)]
            );

        BreakerWalk Step(int now, bool again, HashSet<string> should, IReadOnlyList<Id<Box>> look)
        {
            var (off, thrown) = lying.With(should);
            return new(now, About(lying.All.Count), again, off, thrown, look, known, lying.Alone);
        }
    }

    private static string Sorted(IEnumerable<string> keys) => string.Join(',', keys.Order(StringComparer.Ordinal));

    /// <summary>About how many rounds so many breakers take: one halves what is left, wrong looks and what two breakers feed want some
    /// more.</summary>
    private static int About(int breakers) => breakers == 0 ? 0 : (int)Math.Ceiling(Math.Log2(breakers) / 0.86) + 3;

    /// <summary>How likely each breaker feeds a box, by its rank and what was seen.</summary>
    private static BreakerOdds Odds(Job job, Id<Box> box) =>
        BreakerOdds.Of(
            BreakerRank.Of(job, box),
            job.Sightings.Values.Where(s => s.Opened is null && s.Box == box),
            BreakerOdds.WrongOfMany,
            BreakerOdds.SharedOfMany
        );

    /// <summary>What looks tell of a box; a box nobody looked at as it is ranked.</summary>
    public static WalkedBox Walked(Job job, Id<Box> box) => Looks(job, box) is 0 ? new(box, [], 0, 0) : Walked(job, box, Odds(job, box));

    private static WalkedBox Walked(Job job, Id<Box> box, BreakerOdds odds) =>
        Looks(job, box) is > 0 and var looks && job.Panels.Values.Any(p => p.Breakers.Count > 0)
            ? new(box, odds.Feeding, odds.Sure, looks)
            : new(box, [], 0, 0);

    private static int Looks(Job job, Id<Box> box) => job.Sightings.Values.Count(s => s.Opened is null && s.Box == box);

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
}
