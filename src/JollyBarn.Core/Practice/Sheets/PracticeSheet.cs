using JollyBarn.CodeBook;
using JollyBarn.Practice.Asked;

namespace JollyBarn.Practice.Sheets;

/// <summary>What stands on a sheet.</summary>
public enum SheetKind
{
    /// <summary>A box to be counted.</summary>
    Count,
    Sizes,
    Heard,
    Tester,
}

/// <summary>A sheet a teacher asks for.</summary>
/// <param name="Kinds">What stands on it, taking turns.</param>
/// <param name="Items">How many.</param>
/// <param name="Seed">With the rest it makes the same sheets again.</param>
public sealed record SheetAsk(IReadOnlyList<SheetKind> Kinds, int Level, int Items, int Seed, Edition Edition);

/// <summary>An item of a sheet: a box to count, or a question with answers.</summary>
public sealed record SheetItem(SheetKind Kind, FillDrill? Count, AskedItem? Asked);

/// <summary>Sheets for a class: each learner has numbers of one's own, of the same kinds in the same order and of the same
/// difficulty.</summary>
public static class PracticeSheet
{
    public const int MostItems = 40;
    public const int MostLearners = 60;

    /// <summary>Items drawn for one place until one is not yet on the sheet.</summary>
    private const int Tries = 20;

    /// <param name="learner">Number of the learner, from 1; 0 for the sheet on the wall, which is nobody's own.</param>
    public static IReadOnlyList<SheetItem> Of(SheetAsk ask, int learner)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var items = new List<SheetItem>();
        for (var place = 0; place < ask.Items; place++)
        {
            var kind = ask.Kinds[place % ask.Kinds.Count];
            var drawn = Enumerable.Range(0, Tries).Select(n => Draw(ask, kind, Seeds.Mixed(ask.Seed, learner, (place * Tries) + n)));
            items.Add(drawn.Select((item, n) => (item, n)).First(d => d.n == Tries - 1 || !items.Exists(i => Same(i, d.item))).item);
        }

        return items;
    }

    private static SheetItem Draw(SheetAsk ask, SheetKind kind, int seed) =>
        kind switch
        {
            SheetKind.Count => new(kind, FillDrills.Make(seed, ask.Level, ask.Edition), null),
            SheetKind.Sizes => new(kind, null, AskedItems.Size(seed, ask.Level, ask.Edition)),
            SheetKind.Heard => new(kind, null, AskedItems.Heard(seed, ask.Level, ask.Edition)),
            _ => new(kind, null, TesterItems.Make(seed, ask.Level, ask.Edition)),
        };

    /// <summary>Whether two items ask the same.</summary>
    private static bool Same(SheetItem one, SheetItem other) =>
        one.Asked is { } a
        && other.Asked is { } b
        && (a.Kind, a.Of, a.Amperes, a.Deep, a.Inside?.Seed, a.Tested?.Look.Key, a.Tested?.Truth.Key)
            == (b.Kind, b.Of, b.Amperes, b.Deep, b.Inside?.Seed, b.Tested?.Look.Key, b.Tested?.Truth.Key)
        && a.Leads.SequenceEqual(b.Leads);
}
