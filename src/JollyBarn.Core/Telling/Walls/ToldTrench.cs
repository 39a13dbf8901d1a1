using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Walls;

namespace JollyBarn.Telling.Walls;

/// <summary>A trench as it is dug, laid and cut.</summary>
/// <param name="Dig">What to dig.</param>
/// <param name="Cuts">What to cut.</param>
/// <param name="Before">What comes first, and what is never done.</param>
public sealed record ToldTrench(
    Length Cover,
    string Article,
    IReadOnlyList<string> Dig,
    IReadOnlyList<string> Cuts,
    IReadOnlyList<string> Before
)
{
    public static ToldTrench Tell(TrenchAsk ask, CodeProfile profile, HousePractice house)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var trench = Trench.Of(ask, profile, house);
        var limit = LimitTable.For(profile)[trench.Limit];
        return new(
            trench.Cover,
            limit.Article,
            [
                $"{trench.Cover} of cover, from the top of it to the surface: {limit.Name} ({limit.Article}).",
                $"Dig {trench.Dig}: 2 in of sand under it.",
                $"Warning tape {trench.Warning} down.",
                ask.Frost is null
                    ? $"A post stands {trench.Post} deep, half of what is over the ground; ask the office how deep the ground freezes."
                    : $"A post stands {trench.Post} deep.",
                house.Says(PracticeBook.Post, "gravel")
                    ? "The post stands in gravel, tamped in layers; its raceway goes in first."
                    : "The post stands in concrete below frost; its raceway goes in before the concrete.",
            ],
            [
                ask.Raceway is null
                    ? $"Cable: {Feet(trench.Wire)}, riser to riser, with what it takes at both ends."
                    : $"Each conductor: {Feet(trench.Wire)}, riser to riser, with what it takes at both ends.",
                .. trench.Pieces > 0
                    ? new[] { $"Raceway along the bottom: {trench.Pieces} {(trench.Pieces == 1 ? "piece" : "pieces")} of 10 ft." }
                    : [],
                $"Raceway over each riser: {trench.Sleeve}, with a bushing where the cable leaves it (300.5(D)(1)).",
                $"Post: {trench.PostLong}.",
            ],
            [
                "Call before you dig: what lies there is marked first. Dig by hand beside a mark.",
                "Raceway with wire in it is scored round and snapped, never sawn through.",
                "An end that waits in the ground is sealed by listed means. Tape is no seal.",
                "It is seen by the office before it is covered.",
                .. ask.Guarded
                    ? new[]
                    {
                        "The smaller cover holds only with GFCI protection ahead of all that is buried, one pole, 120 V, 20 A at most.",
                    }
                    : [],
            ]
        );
    }

    private static string Feet(Length length) => $"{Math.Ceiling(length.InInches / 12):0} ft";
}
