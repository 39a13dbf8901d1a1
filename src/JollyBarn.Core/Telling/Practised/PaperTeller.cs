using JollyBarn.CodeBook;
using JollyBarn.Inspection;
using JollyBarn.Measures;
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

    /// <summary>An item with its box drawn, and its answer; as on the screen where no paper can ask it.</summary>
    /// <param name="wall">On the wall one answer of some is chosen by show of hands.</param>
    public static (ToldSheetItem Item, ToldSheetAnswer Answer) Tell(SheetItem item, SheetAsk ask, bool wall)
    {
        ArgumentNullException.ThrowIfNull(item);
        ArgumentNullException.ThrowIfNull(ask);
        return item.Exercise switch
        {
            ExerciseKind.Spot => Spot(SpotDrill.Make(item.Seed!.Value, ask.Level, ask.Edition), Picture(item, ask), wall),
            ExerciseKind.Make => Make(MakeDrill.Make(item.Seed!.Value, ask.Level, ask.Edition), Picture(item, ask)),
            _ => (SheetTeller.Item(item), SheetTeller.Answer(item)),
        };
    }

    private static (ToldSheetItem Item, ToldSheetAnswer Answer) Spot(SpotDrill drill, ToldBoxPicture picture, bool wall)
    {
        var teller = new Teller(drill.Job, drill.Box);
        var worst = drill.Planted.Select(p => p.Findings.First(f => f.Verdict == p.Worst)).ToList();
        var choices = wall ? Choices(drill, worst[0]).ToList() : [];
        return (
            new(wall ? "What is wrong in this box?" : Asks(worst.Count), Seen(drill), [.. choices.Select(Teller.RuleName)], [])
            {
                Picture = picture,
                Lines = wall ? 0 : worst.Count,
            },
            new(
                wall ? choices.IndexOf(worst[0].Rule) : null,
                [.. worst.Select(f => $"{teller.Tell(f).Says} ({teller.Article(f)})")],
                "",
                ""
            )
        );
    }

    private static (ToldSheetItem Item, ToldSheetAnswer Answer) Make(MakeDrill drill, ToldBoxPicture picture)
    {
        var told = MakeTeller.Tell(drill);
        return (
            new("Draw the leads to where they belong.", [.. told.Wishes, told.Order], [], []) { Picture = picture },
            new(null, [], "One way of several; what is connected counts.", "") { Picture = picture with { Made = true } }
        );
    }

    private static ToldBoxPicture Picture(SheetItem item, SheetAsk ask) =>
        new(item.Exercise!.Value, item.Seed!.Value, ask.Level, ask.Edition);

    /// <summary>What is known and seen: close up only where a mistake may show close up alone. Gauges of wires where they are not all
    /// alike.</summary>
    private static List<string> Seen(SpotDrill drill)
    {
        var (told, box) = (SpotTeller.Tell(drill), drill.Job.Boxes[drill.Box]);
        var gauges = box.Leads.Values.Select(l => l.Gauge).Concat(box.Pigtails.Values.Select(t => t.Gauge)).OfType<Gauge>().Distinct();
        var alike = gauges.Count() < 2;
        return
        [
            .. told.Says,
            .. told
                .Parts.Where(p => p.Is != PartIs.Wire || !alike || drill.IsCloseUp)
                .Select(p => (p.Name, Seen: drill.IsCloseUp ? p.Seen : [.. SpotTeller.Itself(drill.Job, box, p.Part)]))
                .Where(p => p.Seen.Count > 0)
                .Select(p => $"{p.Name}: {string.Join("; ", p.Seen)}"),
        ];
    }

    private static string Asks(int things) =>
        things == 1 ? "One thing is wrong in this box. Which?" : $"{things} things are wrong in this box. Which?";

    /// <summary>The rule the first mistake breaks, among others that no mistake here breaks and that could be said of the same
    /// part.</summary>
    private static IEnumerable<string> Choices(SpotDrill drill, Finding first)
    {
        var broken = drill.Planted.SelectMany(p => p.Findings).Select(f => f.Rule).ToHashSet(StringComparer.Ordinal);
        var box = drill.Job.Boxes[drill.Box];
        var kind = SpotParts.About(box, first).Select(p => SpotParts.Of(box, p)).OfType<PartIs>().First();
        var others = SpotChoices.For(drill)[kind].Where(r => !broken.Contains(r)).ToArray();
        new Random(drill.Seed).Shuffle(others);
        return others.Take(Options - 1).Append(first.Rule).Order(StringComparer.Ordinal);
    }
}
