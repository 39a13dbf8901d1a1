using JollyBarn.CodeBook;
using JollyBarn.Practice.Made;
using JollyBarn.Practice.Sheets;
using JollyBarn.Practice.Spot;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Practised;

/// <summary>A box that is drawn beside a question or its answer: which exercise made it.</summary>
/// <param name="Made">The box as it may be made up, and not as it lies apart.</param>
public sealed record ToldBoxPicture(ExerciseKind Kind, int Seed, int Level, Edition Edition, bool Made = false);

/// <summary>Tells work on the Bench as it stands on paper and on the wall: the box is drawn, and what is found in it is written
/// down.</summary>
public static class PaperTeller
{
    private const int Options = 4;

    /// <summary>An item with its box drawn; as on the screen where no paper can ask it.</summary>
    /// <param name="wall">On the wall one answer of some is chosen by show of hands.</param>
    public static ToldSheetItem Item(SheetItem item, SheetAsk ask, bool wall)
    {
        ArgumentNullException.ThrowIfNull(item);
        ArgumentNullException.ThrowIfNull(ask);
        switch (item.Exercise)
        {
            case ExerciseKind.Spot:
                var spot = SpotDrill.Make(item.Seed!.Value, ask.Level, ask.Edition);
                var seen = Seen(spot);
                return wall
                    ? new("What is wrong in this box?", seen, [.. Choices(spot).Select(Teller.RuleName)], [])
                    {
                        Picture = Picture(item, ask),
                    }
                    : new(Asks(spot.Planted.Count), seen, [], []) { Picture = Picture(item, ask), Lines = spot.Planted.Count };
            case ExerciseKind.Make:
                var make = MakeDrill.Make(item.Seed!.Value, ask.Level, ask.Edition);
                var wishes = MakeTeller.Tell(make);
                return new("Draw the leads to where they belong.", [.. wishes.Wishes, wishes.Order], [], [])
                {
                    Picture = Picture(item, ask),
                };
            default:
                return SheetTeller.Item(item);
        }
    }

    public static ToldSheetAnswer Answer(SheetItem item, SheetAsk ask, bool wall)
    {
        ArgumentNullException.ThrowIfNull(item);
        ArgumentNullException.ThrowIfNull(ask);
        switch (item.Exercise)
        {
            case ExerciseKind.Spot:
                var spot = SpotDrill.Make(item.Seed!.Value, ask.Level, ask.Edition);
                var teller = new Teller(spot.Job, spot.Box);
                var worst = spot.Planted.Select(p => p.Findings.First(f => f.Verdict == p.Worst)).ToList();
                return new(
                    wall ? Choices(spot).ToList().IndexOf(worst[0].Rule) : null,
                    [.. worst.Select(f => $"{teller.Tell(f).Says} ({teller.Article(f)})")],
                    "",
                    ""
                );
            case ExerciseKind.Make:
                return new(null, [], "One way of several; what is connected counts.", "")
                {
                    Picture = Picture(item, ask) with { Made = true },
                };
            default:
                return SheetTeller.Answer(item);
        }
    }

    private static ToldBoxPicture Picture(SheetItem item, SheetAsk ask) =>
        new(item.Exercise!.Value, item.Seed!.Value, ask.Level, ask.Edition);

    /// <summary>What is known and seen: close up only where a mistake may show close up alone, what is printed on a cable always.</summary>
    private static List<string> Seen(SpotDrill drill)
    {
        var told = SpotTeller.Tell(drill);
        var parts = told.Parts.Where(p => p.Seen.Count > 0 && (drill.IsCloseUp || p.Is == PartIs.Cable));
        return [.. told.Says, .. parts.Select(p => $"{p.Name}: {(drill.IsCloseUp ? string.Join("; ", p.Seen) : p.Seen[0])}")];
    }

    private static string Asks(int things) =>
        things == 1 ? "One thing is wrong in this box. Which?" : $"{things} things are wrong in this box. Which?";

    /// <summary>The rule the first mistake breaks, among others that no mistake here breaks and that could be said of the same
    /// part.</summary>
    private static IEnumerable<string> Choices(SpotDrill drill)
    {
        var first = drill.Planted[0].Findings.First(f => f.Verdict == drill.Planted[0].Worst);
        var broken = drill.Planted.SelectMany(p => p.Findings).Select(f => f.Rule).ToHashSet(StringComparer.Ordinal);
        var box = drill.Job.Boxes[drill.Box];
        var kind = SpotParts.About(box, first).Select(p => SpotParts.Of(box, p)).OfType<PartIs>().First();
        var others = SpotChoices.For(drill)[kind].Where(r => !broken.Contains(r)).ToArray();
        new Random(drill.Seed).Shuffle(others);
        return others.Take(Options - 1).Append(first.Rule).Order(StringComparer.Ordinal);
    }
}
