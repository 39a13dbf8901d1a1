using JollyBarn.CodeBook;
using JollyBarn.Practice.Asked;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Sheets;

/// <summary>What stands on a sheet.</summary>
public enum SheetKind
{
    /// <summary>A box to be counted.</summary>
    Count,

    /// <summary>Numbers of the code book.</summary>
    Numbers,

    /// <summary>Wire and ground for a breaker.</summary>
    Wire,
    Connectors,
    Boxes,

    /// <summary>How it is done where a house has not chosen otherwise.</summary>
    House,
    Heard,

    /// <summary>What a tester shows.</summary>
    Shows,

    /// <summary>What is behind what it shows.</summary>
    Behind,

    /// <summary>Which test tells most.</summary>
    Next,

    /// <summary>Strips, colours and order of making up.</summary>
    Making,

    /// <summary>On the Bench, as the next two: on a screen only.</summary>
    Spot,
    Hunt,
    Make,
}

/// <summary>A sheet a teacher asks for.</summary>
/// <param name="Kinds">What stands on it, taking turns.</param>
/// <param name="Items">How many.</param>
/// <param name="Seed">With the rest it makes the same sheets again.</param>
public sealed record SheetAsk(IReadOnlyList<SheetKind> Kinds, int Level, int Items, int Seed, Edition Edition)
{
    /// <summary>Whether two make the same sheets.</summary>
    public bool Same(SheetAsk other)
    {
        ArgumentNullException.ThrowIfNull(other);
        return (Level, Items, Seed, Edition) == (other.Level, other.Items, other.Seed, other.Edition) && Kinds.SequenceEqual(other.Kinds);
    }

    /// <summary>Why there is no such sheet; null where there is.</summary>
    public Refusal? Check() =>
        Kinds.Count is 0 || Kinds.Count > Enum.GetValues<SheetKind>().Length || !Kinds.All(Enum.IsDefined) ? new(Why.NotAChoice, "kinds")
        : Level is < 1 or > FillDrills.Levels ? new(Why.CountRange, "level", ("most", FillDrills.Levels))
        : !Enum.IsDefined(Edition) ? new(Why.NotAChoice, "edition")
        : Items is < 1 or > PracticeSheet.MostItems ? new(Why.CountRange, "items", ("most", PracticeSheet.MostItems))
        : null;
}

/// <summary>An item of a sheet: a box to count, or a question with answers, or work on the Bench.</summary>
/// <param name="Seed">What the work on the Bench is made by, in the item's kind.</param>
public sealed record SheetItem(SheetKind Kind, FillDrill? Count, AskedItem? Asked, int? Seed = null)
{
    /// <summary>The exercise of its kind; null of what can be answered on paper.</summary>
    public ExerciseKind? Exercise => PracticeSheet.Exercise(Kind);
}

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
            var kind = KindAt(ask, place);
            var drawn = Enumerable.Range(0, Tries).Select(n => Draw(ask, kind, Seeds.Mixed(ask.Seed, learner, (place * Tries) + n)));
            items.Add(drawn.Select((item, n) => (item, n)).First(d => d.n == Tries - 1 || !items.Exists(i => Same(i, d.item))).item);
        }

        return items;
    }

    /// <summary>The kind at a place, from 0: kinds take turns.</summary>
    public static SheetKind KindAt(SheetAsk ask, int place)
    {
        ArgumentNullException.ThrowIfNull(ask);
        return ask.Kinds[place % ask.Kinds.Count];
    }

    /// <summary>The exercise a kind is; null of what can be answered on paper.</summary>
    public static ExerciseKind? Exercise(SheetKind kind) =>
        kind switch
        {
            SheetKind.Spot => ExerciseKind.Spot,
            SheetKind.Hunt => ExerciseKind.Hunt,
            SheetKind.Make => ExerciseKind.Make,
            _ => null,
        };

    private static SheetItem Draw(SheetAsk ask, SheetKind kind, int seed)
    {
        return kind switch
        {
            SheetKind.Count => new(kind, FillDrills.Make(seed, ask.Level, ask.Edition), null),
            SheetKind.Numbers => Size(Skill.KnowNumbers),
            SheetKind.Wire => Size(Skill.KnowWire),
            SheetKind.Connectors => Size(Skill.KnowConnectors),
            SheetKind.Boxes => Size(Skill.KnowBoxes),
            SheetKind.House => Size(Skill.KnowHouse),
            SheetKind.Making => Size(Skill.KnowMaking),
            SheetKind.Heard => new(kind, null, AskedItems.Heard(seed, ask.Level, ask.Edition)),
            SheetKind.Shows => new(kind, null, TesterItems.Make(seed, ask.Level, ask.Edition, AskedKind.TesterShows)),
            SheetKind.Behind => new(kind, null, TesterItems.Make(seed, ask.Level, ask.Edition, AskedKind.TesterBehind)),
            SheetKind.Next => new(kind, null, TesterItems.Make(seed, ask.Level, ask.Edition, AskedKind.TesterNext)),
            _ => new(kind, null, null, seed),
        };

        SheetItem Size(Skill only) => new(kind, null, AskedItems.Size(seed, ask.Level, ask.Edition, only));
    }

    /// <summary>Whether two items ask the same.</summary>
    private static bool Same(SheetItem one, SheetItem other) =>
        one.Asked is { } a
        && other.Asked is { } b
        && (a.Kind, a.Of, a.Amperes, a.Deep, a.Inside?.Seed, a.Tested?.Look.Key, a.Tested?.Truth.Key)
            == (b.Kind, b.Of, b.Amperes, b.Deep, b.Inside?.Seed, b.Tested?.Look.Key, b.Tested?.Truth.Key)
        && (a.Kind is not (AskedKind.Colour or AskedKind.FirstStep) || a.Options.SequenceEqual(b.Options))
        && a.Leads.SequenceEqual(b.Leads);
}
