using JollyBarn.Telling.Phrases;
using JollyBarn.Tracing;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>A box by its name and its room.</summary>
public sealed record NamedBox(Id<Box> Box, string Name, string? Place);

/// <summary>A stop in its order.</summary>
/// <param name="After">The box that feeds it, as far as is known; null where only the breaker is.</param>
/// <param name="Depth">How many boxes are known to be ahead of it.</param>
/// <param name="Likely">What readings or lengths of cable make likely, and how; null where nothing does.</param>
public sealed record ToldOrdered(Id<Box> Box, string Name, string? Place, string? After, int Depth, bool Settled, string? Likely);

/// <summary>Which outlet of a breaker feeds which, in words.</summary>
/// <param name="Breaker">The breaker, with what is written for it.</param>
/// <param name="Open">The box to open next; null when nothing is left to learn.</param>
/// <param name="Look">What to look at then.</param>
/// <param name="Again">It only looks again at what contradicts something else.</param>
public sealed record ToldOrder(
    string Key,
    string Breaker,
    IReadOnlyList<ToldOrdered> Stops,
    NamedBox? Open,
    IReadOnlyList<NamedBox> Look,
    bool Again
)
{
    /// <summary>Of every breaker with two such boxes or more.</summary>
    public static IReadOnlyList<ToldOrder> All(Job job) =>
        [
            .. StopOrder
                .Found(job)
                .Where(f => f.Count() > 1)
                .OrderBy(f => BreakerNames.Find(job, f.Key).Slot)
                .Select(f => Tell(job, f.Key, StopOrder.Of(job, [.. f.Select(b => b.Box)]))),
        ];

    private static ToldOrder Tell(Job job, string key, StopOrder order)
    {
        var breaker = BreakerNames.Find(job, key);
        var depth = new Dictionary<Id<Box>, int>();
        foreach (var stop in order.Stops)
        {
            depth[stop.Box] = stop.After is { } after ? depth.GetValueOrDefault(after) + 1 : 0;
        }

        return new(
            key,
            BreakerNames.Of(job, breaker) is { } name ? $"{breaker.Where}, {name}" : breaker.Where,
            [.. order.Stops.Select(s => Ordered(job, s, depth[s.Box]))],
            order.Open is { } open ? Named(job, open) : null,
            [.. order.Look.Select(b => Named(job, b))],
            order.Again
        );
    }

    private static ToldOrdered Ordered(Job job, OrderedStop stop, int depth)
    {
        var (box, name, place) = Named(job, stop.Box);
        return new(
            box,
            name,
            place,
            stop.After is { } after ? job.Boxes[after].Name : null,
            depth,
            stop.Settled,
            stop.Likely is { } hint ? Likely(job, hint) : null
        );
    }

    private static string Likely(Job job, OrderHint hint)
    {
        var (unit, form) = hint.By == HintBy.Volts ? ("V", "0.0") : ("ft", "0.#");
        var (there, here) = (Figure(hint.There), Figure(hint.Here));
        return hint.By == HintBy.Volts ? $"likely after {job.Boxes[hint.After].Name}: {there} {unit} there, {here} {unit} here"
            : hint.Directed ? $"likely after {job.Boxes[hint.After].Name}: a loose cable of {there} {unit} there, one of {here} {unit} here"
            : $"likely joined to {job.Boxes[hint.After].Name}: a loose cable of {there} {unit} there, one of {here} {unit} here";

        string Figure(decimal value) => value.ToString(form, System.Globalization.CultureInfo.InvariantCulture);
    }

    private static NamedBox Named(Job job, Id<Box> id) => new(id, job.Boxes[id].Name, job.Places.Find(job.Boxes[id].Place ?? "")?.Name);
}
