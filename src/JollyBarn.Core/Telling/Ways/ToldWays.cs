using JollyBarn.Edits;
using JollyBarn.Planning.Ways;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Ways;

/// <param name="Part">Its id, as stock lists write it.</param>
/// <param name="Feet">True where it is counted in feet.</param>
/// <param name="Van">How many lie in the van.</param>
/// <param name="Buy">How many have to be bought.</param>
/// <param name="Price">Of all of them, $.</param>
/// <param name="Reused">How many more come off in the work and go on again.</param>
public sealed record ToldPart(
    string Part,
    string Name,
    decimal Count,
    bool Feet,
    decimal Van,
    decimal Buy,
    decimal Price,
    decimal Reused = 0
);

/// <param name="Says">What it is.</param>
/// <param name="Length">How long it is cut.</param>
/// <param name="Made">What the length is made of.</param>
/// <param name="Measured">False where the way is a guess.</param>
public sealed record ToldCut(string Says, string Length, string Made, bool Measured);

/// <summary>An operation and its minutes.</summary>
/// <param name="Each">Minutes of one, in words with what they rest on.</param>
/// <param name="Timed">How often it was timed here.</param>
public sealed record ToldOp(string Key, string Name, decimal Count, decimal Minutes, string Each, int Timed);

/// <param name="Says">The amount in words.</param>
/// <param name="Of">What it is made of, line by line.</param>
public sealed record ToldScore(WayPoint Point, decimal Amount, decimal Worth, string Says, IReadOnlyList<string> Of);

/// <summary>A way in words.</summary>
/// <param name="Title">The whole way in a line.</param>
/// <param name="Head">What it begins with: where power comes from, or what is done.</param>
/// <param name="How">The rest of it, piece by piece.</param>
/// <param name="Decided">True where nothing that decides is unknown.</param>
/// <param name="First">Licence, permit, a call before digging.</param>
/// <param name="Look">What to look at first.</param>
/// <param name="Measure">Verdicts that wait for a fact.</param>
/// <param name="Stays">What was wrong in the boxes it is done in, and stays.</param>
/// <param name="Edit">All of it as one edit, to be planned.</param>
/// <param name="Message">What is sent to whoever wrote the line of a list, before the work; null where no line is asked about.</param>
public sealed record ToldWay(
    string Key,
    string Title,
    string Head,
    IReadOnlyList<string> How,
    bool Decided,
    IReadOnlyList<string> First,
    decimal Worth,
    IReadOnlyList<ToldScore> Score,
    IReadOnlyList<string> Look,
    IReadOnlyList<ToldFinding> Measure,
    IReadOnlyList<ToldFinding> Gone,
    IReadOnlyList<ToldFinding> Stays,
    IReadOnlyList<ToldPart> Parts,
    IReadOnlyList<ToldCut> Cuts,
    IReadOnlyList<ToldOp> Ops,
    IReadOnlyList<string> Off,
    Edit Edit,
    string? Message
);

/// <summary>A way that does not work; several of one reason are one.</summary>
public sealed record ToldRejected(string Title, WayMiss Case, string Why, int Count);

/// <param name="Box">The box a length is asked from, and its name.</param>
public sealed record ToldWish(WishAsk Ask, Id<Box>? Box, string? Name);

/// <summary>The ways to a wish in words, best first.</summary>
/// <param name="Between">What separates the first from the second.</param>
/// <param name="Looked">How many were built and judged.</param>
public sealed record ToldWays(
    IReadOnlyList<ToldWay> Ways,
    IReadOnlyList<ToldRejected> Rejected,
    IReadOnlyList<ToldWish> Asks,
    string? Between,
    int Looked,
    bool Stopped
)
{
    public static ToldWays Tell(Job job, Wish wish, WayAnswer answer, IShop shop)
    {
        var (words, stock) = (new WayWords(job), new Stock(job, shop));
        return new(
            [.. answer.Ways.Select(w => Way(job, wish, words, stock, w))],
            [
                .. answer
                    .Rejected.Select(r => (r, Why: words.Why(r)))
                    .GroupBy(r => (r.Why, r.r.Why))
                    .Select(g => new ToldRejected(words.Title(g.First().r.Choice), g.Key.Item2, g.Key.Item1, g.Count())),
            ],
            [.. WishAsks.Of(job, wish, answer).Select(a => new ToldWish(a.Ask, a.Box, job.Boxes.Find(a.Box)?.Name))],
            WayWords.Between(answer.Ways.ElementAtOrDefault(0), answer.Ways.ElementAtOrDefault(1)),
            answer.Looked,
            answer.Stopped
        );
    }

    /// <summary>One way, as it is found.</summary>
    public static ToldWay Way(Job job, Wish wish, FoundWay way, IShop shop) => Way(job, wish, new(job), new(job, shop), way);

    private static ToldWay Way(Job job, Wish wish, WayWords words, Stock stock, FoundWay way) =>
        new(
            way.Key,
            words.Title(way.Choice),
            words.Head(way.Choice),
            words.How(way.Choice),
            way.Decided,
            [.. way.First.Select(WayAsides.Notice)],
            way.Worth,
            [
                .. way.Score.Select(s => new ToldScore(
                    s.Point,
                    s.Amount,
                    s.Worth,
                    WayWords.Point(s.Point, s.Amount),
                    Of(job, stock, way, s.Point)
                )),
            ],
            [.. way.Choice.Open.Select(WayAsides.Open)],
            [.. way.Measure.Select(m => new Teller(way.After, m.Box).Tell(m.Finding) with { Box = m.Box })],
            [.. way.Gone.Select(f => new Teller(job, f.Box?.Text ?? way.Choice.From?.Text ?? "").Tell(f))],
            [.. way.Stays.Select(f => new Teller(way.After, f.Box!.Value).Tell(f))],
            [.. way.Parts.Select(p => Part(stock, p))],
            [.. Cuts.Between(job, way.After).Select(c => Cut(way.After, c))],
            [.. way.Ops.Select(o => Op(job, o))],
            [.. way.Off.Select(o => Off(job, o))],
            way.Edit,
            WayMessage.Of(job, wish, words.Title(way.Choice), way)
        );

    /// <summary>What a figure is made of.</summary>
    private static IReadOnlyList<string> Of(Job job, Stock stock, FoundWay way, WayPoint point) =>
        point switch
        {
            WayPoint.Damage => [.. way.Damage.Select(d => WayAsides.Damage(job, d))],
            WayPoint.Time => [.. way.Ops.Select(o => $"{o.Count:0.#} × {o.Op.Name}: {WayWords.Minutes(o.Minutes)}")],
            WayPoint.Money =>
            [
                .. way.Parts.Where(p => p.Count > 0).Select(p => Part(stock, p)).Select(p => $"{p.Count:0.#} {p.Name}: ${p.Price:0.00}"),
            ],
            WayPoint.Outage => [.. way.Off.Select(o => Off(job, o))],
            WayPoint.Trips => [.. way.Parts.Select(p => Part(stock, p)).Where(p => p.Buy > 0).Select(p => $"{p.Buy:0.#} {p.Name}")],
            _ => [.. way.Choice.Open.Select(WayAsides.Open), .. way.Measure.Select(m => new Teller(way.After, m.Box).Tell(m.Finding).Says)],
        };

    private static ToldOp Op(Job job, WayOp op)
    {
        var learned = LearnedMinutes.Of(job, op.Op);
        var each = $"{learned.Minutes:0.#} min each";
        return new(
            op.Op.Key,
            op.Op.Name,
            op.Count,
            op.Minutes,
            learned.Timed >= LearnedMinutes.Enough
                ? $"{each}, the middle of {learned.Timed} timed"
                : $"{each}, the house's number; timed {learned.Timed} times",
            learned.Timed
        );
    }

    internal static ToldPart Part(Stock stock, PartNeed need) =>
        new(
            need.Part.ToString(),
            PartWords.Of(need.Part),
            Math.Round(need.Count, 1),
            PartWords.InFeet(need.Part),
            stock.Find(need.Part)?.AtHand ?? 0,
            Math.Round(stock.ToBuy(need), 1),
            Math.Round(stock.Price(need), 2),
            need.Reused
        );

    internal static ToldCut Cut(Job job, Cut cut)
    {
        var name = PartWords.Of(cut.Part);
        var says = cut.Tail is { } tail ? $"{name}, in {job.Boxes[tail.Box].Name}" : $"{name}: {Ends(job, job.Runs[cut.Run!.Value])}";
        var rise = cut.Rise > Measures.Length.Zero ? $" + {LengthWords.Of(cut.Rise)} up or down" : "";
        var ends = cut.Ends > Measures.Length.Zero ? $" + ends {cut.Ends} + waste" : "";
        var added = cut.Added > Measures.Length.Zero ? $" + {LengthWords.Of(cut.Added)} because it is guessed" : "";
        return new(
            says,
            LengthWords.Of(cut.Length),
            cut.Tail is null ? $"way {LengthWords.Of(cut.Way)}{rise}{ends}{added}" : Strips(cut.Strips),
            cut.Measured || cut.Tail is not null
        );
    }

    private static string Strips(IReadOnlyList<Measures.Length> strips) =>
        strips.Distinct().ToList() is [var same] ? $"strip {same} at both ends" : $"strip {string.Join(" and ", strips)}";

    private static string Ends(Job job, Run run) => $"{End(job, run.A)} to {End(job, run.B)}";

    private static string End(Job job, RunEnd end) =>
        end.Box is { } box ? job.Boxes.Find(box)?.Name ?? "a box"
        : end.At == EndAt.Panel ? job.Panels.Find(end.Id ?? "")?.Name ?? "the panel"
        : end.Says ?? "its end";

    internal static string Off(Job job, WayOff off)
    {
        if (job.Panels.Find(off.Breaker) is { } panel)
        {
            return $"the main of {panel.Name}, and with it everything: {WayWords.Minutes(off.Minutes)}";
        }

        var breaker = Phrases.BreakerNames.Find(job, off.Breaker);
        var name = Phrases.BreakerNames.Of(job, breaker) is { } written ? $", {written}" : "";
        return $"breaker {breaker.Where}{name}: {WayWords.Minutes(off.Minutes)}";
    }
}
