using JollyBarn.CodeBook;
using JollyBarn.Planning.Ways;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Ways;

/// <summary>A line of done work, for whatever the house bills with.</summary>
/// <param name="Work">True for minutes of work, false for a part.</param>
/// <param name="Key">Id of the part or operation.</param>
/// <param name="Unit"><c>ft</c>, <c>min</c>, or <c>pc</c> for pieces.</param>
/// <param name="Each">Price of one unit, $.</param>
public sealed record DoneLine(bool Work, string Key, string Name, decimal Count, string Unit, decimal Each)
{
    public decimal Amount => Math.Round(Count * Each, 2);
}

/// <summary>What a Change used and did, line by line.</summary>
public static class ToldDone
{
    public static IReadOnlyList<DoneLine> Lines(Job job, string change, IShop shop)
    {
        var (done, stock) = (DoneWork.Of(job, change), new Stock(job, shop));
        var rate = WayBook.Rate.Of(job.Practice) / 60;
        return
        [
            .. done
                .Parts.Where(p => p.Count > 0)
                .Select(p => ToldWays.Part(stock, p))
                .Select(p => new DoneLine(false, p.Part, p.Name, p.Count, p.Feet ? "ft" : "pc", p.Count > 0 ? p.Price / p.Count : 0)),
            .. done.Ops.Select(o => new DoneLine(
                true,
                o.Op.Key,
                o.Count == 1 ? o.Op.Name : $"{o.Op.Name}, {o.Count:0.#} times",
                Math.Round(o.Minutes, 1),
                "min",
                rate
            )),
        ];
    }
}
