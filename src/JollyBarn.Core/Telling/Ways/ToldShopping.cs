using System.Globalization;
using JollyBarn.Planning.Ways;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Ways;

/// <summary>What is cut from one coil.</summary>
/// <param name="From">The coil or offcut; new cable where none holds it.</param>
/// <param name="Left">What is left of it; null for new cable.</param>
public sealed record ToldCoil(string From, IReadOnlyList<ToldCut> Pieces, string? Left);

/// <param name="Bought">Feet of new cable.</param>
public sealed record ToldCutting(string Part, string Name, IReadOnlyList<ToldCoil> Coils, decimal Bought);

/// <summary>One list over all open Changes, in words.</summary>
/// <param name="Off">Each breaker once, and how long it is off for all of them.</param>
/// <param name="Time">Work of all of them.</param>
public sealed record ToldShopping(
    IReadOnlyList<string> Changes,
    IReadOnlyList<ToldPart> Parts,
    IReadOnlyList<ToldCutting> Cutting,
    decimal Price,
    IReadOnlyList<string> Off,
    string Time
)
{
    public static ToldShopping Tell(Job job, IShop shop)
    {
        var (list, stock) = (Shopping.Of(job, shop), new Stock(job, shop));
        List<ToldPart> parts = [.. list.Parts.Select(p => ToldWays.Part(stock, p))];
        return new(
            [.. list.Changes.Select(c => job.Changes[c].Name)],
            parts,
            [
                .. list.Cuts.Select(c => new ToldCutting(
                    c.Part.ToString(),
                    PartWords.Of(c.Part),
                    [.. c.Plan.Cuts.OrderBy(x => x.Coil < 0).Select(x => Coil(list.After, c, x))],
                    Math.Round(c.Plan.Bought, 1)
                )),
            ],
            Math.Round(parts.Sum(p => p.Price), 2),
            [.. list.Off.Select(o => ToldWays.Off(job, o))],
            WayWords.Minutes(list.Minutes)
        );
    }

    private static ToldCoil Coil(Job after, CutFrom of, CoilCut cut) =>
        new(
            cut.Coil < 0 ? "new" : $"the piece of {Feet(of.Coils[cut.Coil])}",
            [.. cut.Pieces.Select(p => ToldWays.Cut(after, of.Pieces[p]))],
            cut.Coil < 0 ? null : Feet(cut.Left)
        );

    private static string Feet(decimal feet) => $"{feet.ToString("0.#", CultureInfo.InvariantCulture)} ft";
}
