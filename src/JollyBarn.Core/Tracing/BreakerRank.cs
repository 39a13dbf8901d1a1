using JollyBarn.Connection.Sheet;
using JollyBarn.Wiring;

namespace JollyBarn.Tracing;

/// <summary>Why a breaker is likelier, or less likely, before anybody looked.</summary>
public enum RankReason
{
    /// <summary>What is written for it names the room.</summary>
    SaysRoom,

    /// <summary>What is written for it names the box.</summary>
    SaysBox,

    /// <summary>It feeds other boxes of the room.</summary>
    FeedsRoom,

    /// <summary>The recorded wiring leads there, or its cable is marked so.</summary>
    Recorded,

    /// <summary>The wire at the box is thinner than it allows.</summary>
    WireTooThin,

    /// <summary>It has two poles: a range, a heater, seldom a room.</summary>
    TwoPole,

    /// <summary>Something of its own is written for it.</summary>
    OwnThing,
}

/// <summary>A breaker with how likely it is, before any look.</summary>
/// <param name="Key">As <c>panel/7</c>.</param>
public sealed record RankedBreaker(string Key, double Weight, IReadOnlyList<RankReason> Reasons);

/// <summary>How likely each breaker feeds a box, by what is written and what hangs near.</summary>
/// <remarks>The factors are <em>practice</em>: half of all cards are wrong or blank, so no word decides by itself.</remarks>
public static class BreakerRank
{
    private const double Room = 4;
    private const double Name = 8;
    private const double Neighbour = 3;
    private const int MostNeighbours = 3;
    private const double ByRecord = 40;
    private const double Thin = 0.15;
    private const double Poles = 0.15;
    private const double Own = 0.3;

    private static readonly string[] OwnThings =
    [
        "water heater",
        "range",
        "oven",
        "dryer",
        "furnace",
        "pump",
        "air condition",
        "dishwasher",
    ];

    /// <summary>Every breaker that could feed it, the likeliest first.</summary>
    public static IReadOnlyList<RankedBreaker> Of(Job job, Id<Box> id)
    {
        var box = job.Boxes[id];
        var sheet = RunSheet.Of(job);
        return
        [
            .. job
                .Panels.SelectMany(p => p.Value.Breakers.Select(b => Ranked(job, sheet, id, box, BreakerKey.Of(p.Key, b), b)))
                .OrderByDescending(r => r.Weight)
                .ThenBy(r => r.Key, StringComparer.Ordinal),
        ];
    }

    private static RankedBreaker Ranked(Job job, RunSheet sheet, Id<Box> id, Box box, string key, Breaker breaker)
    {
        var (weight, reasons) = (1.0, new List<RankReason>());
        void By(double factor, RankReason reason)
        {
            weight *= factor;
            reasons.Add(reason);
        }

        var says = Words($"{breaker.Says} {job.Circuits.Find(breaker.Circuit)?.Name}");
        var room = job.Places.Find(box.Place ?? "")?.Name;
        var name = Words(box.Name);
        if (room is not null && Words(room).Any(says.Contains))
        {
            By(Room, RankReason.SaysRoom);
        }

        if (name.Except(Words(room ?? "")).Any(says.Contains))
        {
            By(Name, RankReason.SaysBox);
        }

        var stops = sheet.Rails.Where(r => r.Breakers.Contains(key)).SelectMany(r => r.Stops).Where(s => s.At == StopAt.Box).ToList();
        if (stops.Exists(s => s.Id == id.Text))
        {
            By(ByRecord, RankReason.Recorded);
        }

        var near = stops.Count(s => s.Id != id.Text && box.Place is { } place && job.Boxes.Find((Id<Box>?)s.Id)?.Place == place);
        if (near > 0)
        {
            By(Math.Pow(Neighbour, Math.Min(near, MostNeighbours)), RankReason.FeedsRoom);
        }

        if (
            breaker.Amperes is { } amperes
            && Thickest(box) is { } gauge
            && amperes
                > (
                    gauge >= 14 ? 15
                    : gauge >= 12 ? 20
                    : 30
                )
        )
        {
            By(Thin, RankReason.WireTooThin);
        }

        if (breaker.Poles > 1)
        {
            By(Poles, RankReason.TwoPole);
        }

        var written = $"{breaker.Says} {job.Circuits.Find(breaker.Circuit)?.Name}";
        if (
            OwnThings.Any(t =>
                written.Contains(t, StringComparison.OrdinalIgnoreCase) && !box.Name.Contains(t, StringComparison.OrdinalIgnoreCase)
            )
        )
        {
            By(Own, RankReason.OwnThing);
        }

        return new(key, weight, reasons);
    }

    /// <summary>The gauge number of the thickest conductor that comes to it, the smaller the thicker; null where none is known.</summary>
    private static int? Thickest(Box box) => box.Leads.Values.Where(l => l is { Run: not null, Gauge: not null }).Min(l => l.Gauge?.Number);

    private static HashSet<string> Words(string text) =>
        [
            .. text.ToLowerInvariant()
                .Split([' ', ',', '.', '-', '/', ';', ':', '&', '+', '(', ')'], StringSplitOptions.RemoveEmptyEntries)
                .Where(w => w.Length > 2 && w is not ("the" or "and" or "for" or "box" or "room" or "left" or "right" or "old" or "new"))
                .Select(w => w.TrimEnd('s')),
        ];
}
