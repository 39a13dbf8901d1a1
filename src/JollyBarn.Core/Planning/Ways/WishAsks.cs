using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>A question whose answer would change the ways.</summary>
public enum WishAsk
{
    /// <summary>Is the wall finished?</summary>
    Closed,

    /// <summary>Does one get under the floor?</summary>
    Under,

    /// <summary>How far is it from this box?</summary>
    Away,

    /// <summary>How much slack has the cable?</summary>
    Slack,
}

/// <param name="Box">The box a length is asked from.</param>
public sealed record WishQuestion(WishAsk Ask, Id<Box>? Box = null);

/// <summary>Which questions are worth asking: only those whose answer could put another way first.</summary>
public static class WishAsks
{
    /// <summary>A guessed length may be so many times as long or short as it is.</summary>
    private const decimal Off = 2;

    public static IReadOnlyList<WishQuestion> Of(Job job, Wish wish, WayAnswer answer)
    {
        ArgumentNullException.ThrowIfNull(answer);
        var first = answer.Ways.FirstOrDefault(w => w.Decided);
        var asks = new List<WishQuestion>();
        if (wish.Closed is null && answer.Ways.Any(w => w.Ops.Any(o => o.Op == WayBook.Hole || o.Op == WayBook.Replace)))
        {
            asks.Add(new(WishAsk.Closed));
        }

        if (answer.Ways.Any(w => w.Choice.Open.Contains(WayOpen.Slack)))
        {
            asks.Add(new(WishAsk.Slack));
        }

        if (answer.Ways.Any(w => w.Choice.Open.Contains(WayOpen.Under) && (first is null || w.Worth < first.Worth)))
        {
            asks.Add(new(WishAsk.Under));
        }

        // The nearest rival from another box: were its way half as long, or that of the first twice as long, it might come first.
        var rival = answer.Ways.FirstOrDefault(w => w.Choice.From is not null && w.Choice.From != first?.Choice.From);
        if (
            first is not null
            && rival is not null
            && rival.Worth - first.Worth < Per(job, first) * (Off - 1) + Per(job, rival) * (1 - (1 / Off))
        )
        {
            asks.AddRange(
                new[] { first, rival }
                    .Where(w => w.Choice is { From: not null, Along.How: Known.Assumed })
                    .Select(w => new WishQuestion(WishAsk.Away, w.Choice.From))
            );
        }

        return asks;
    }

    /// <summary>What the length of a way is worth, $.</summary>
    private static decimal Per(Job job, FoundWay way) =>
        way.Choice is { Route: { } route, Along.OrNull: { } along }
            ? along.InInches / 12 * OutletWays.Per(route).Of(job.Practice) * WayBook.Rate.Of(job.Practice) / 60
            : 0;
}
