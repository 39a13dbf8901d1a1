using System.Globalization;
using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Practice;
using JollyBarn.Practice.Asked;
using JollyBarn.Telling.Hunting;
using JollyBarn.Telling.Phrases;

namespace JollyBarn.Telling.Practised;

/// <summary>A question in words.</summary>
/// <param name="Given">What is given for it, a line each.</param>
public sealed record ToldAsked(
    int Seed,
    int Level,
    Edition Edition,
    string Asks,
    IReadOnlyList<string> Given,
    IReadOnlyList<string> Options
);

/// <summary>An answer that was marked, in words.</summary>
/// <param name="Answer">Number of the right one, from 0.</param>
/// <param name="Why">What makes it right.</param>
/// <param name="Shows">The case that shows it, where there is one.</param>
/// <param name="Article">Article, or <c>practice</c>.</param>
/// <param name="Rule">The number, rule or question of practice it stands under, for who wants to read on.</param>
public sealed record ToldAskedMark(
    bool Right,
    int Answer,
    string Why,
    string? Shows,
    string Article,
    string? Rule,
    IReadOnlyList<SkillGrade> Skills
);

/// <summary>Tells questions and their answers.</summary>
public static class AskedTeller
{
    public static ToldAsked Tell(AskedItem item)
    {
        ArgumentNullException.ThrowIfNull(item);
        return new(item.Seed, item.Level, item.Edition, Asks(item), [.. Given(item)], [.. item.Options.Select(o => Option(item, o))]);
    }

    /// <param name="answer">Number of the one that was chosen, from 0.</param>
    public static ToldAskedMark Tell(AskedItem item, int answer)
    {
        ArgumentNullException.ThrowIfNull(item);
        var right = answer == item.Right;
        var (why, shows, article, rule) = Why(item);
        return new(right, item.Right, why, shows, article, rule, [new(item.Skill, right ? Grade.Good : Grade.Again)]);
    }

    private static IEnumerable<string> Given(AskedItem item) =>
        item switch
        {
            { Inside: { } inside } => DrillWords.Inside(inside),
            { Kind: AskedKind.TesterNext, Tested: { } tested } => tested.Suspects.Select(s => SuspectWords.Of(tested.Job, s)),
            { Order: { } order } => [$"{BoxKinds.Find(order.Job.Boxes[order.Box].Kind)!.Name}, {Devices(order.Job.Boxes[order.Box])}"],
            _ => [],
        };

    private static string Devices(Wiring.Box box) => string.Join(" and ", box.Devices.Values.Select(d => DeviceKinds.Find(d.Kind)!.Name));

    private static string Asks(AskedItem item) =>
        item.Kind switch
        {
            AskedKind.Number => $"NEC {(int)item.Edition}. {Sentence(Book(item)[item.Of].Name)}: how much?",
            AskedKind.WireFor => $"What is the thinnest copper of a cable on a {Number(item.Amperes)} A breaker?",
            AskedKind.GroundFor => $"What is the thinnest copper ground of a circuit on a {Number(item.Amperes)} A breaker?",
            AskedKind.ConnectorFor => $"What is the smallest twist-on that usually takes {Leads(item)}?",
            AskedKind.BoxFor => "What is the smallest of these boxes that holds this?",
            AskedKind.LeadFor =>
                $"A lead leaves its sheath {Inches(item.Deep)} behind an opening under {Inches(Book(item).Number("lead.opening"))} wide "
                    + "and high. How long is it at least, from there to its end?",
            AskedKind.House => $"How is it done where a house has not chosen otherwise? {House(item).Name}.",
            AskedKind.TesterShows => $"{SuspectWords.Of(item.Tested!.Job, item.Tested.Truth)}. What is shown by the "
                + $"{LookWords.Where(item.Tested.Job, item.Tested.Look.Look)}?",
            AskedKind.TesterBehind => $"{Sentence(LookWords.Where(item.Tested!.Job, item.Tested.Look.Look))}: "
                + $"{LookWords.Of(item.Tested.Shows)}. Which of these can be behind it?",
            AskedKind.TesterNext => "One of these is wrong, nobody knows which. Which test tells most of them apart?",
            AskedKind.Strip => $"How much is a lead stripped? It is {StripFor(item.Of)}.",
            AskedKind.Colour =>
                $"{Sentence(Wire(item.Coloured!))}: which of these colours may it {(item.Coloured!.May ? "have" : "not have")}?",
            AskedKind.FirstStep => "A box is to be made up. Which of these comes first?",
            _ => $"NEC {(int)item.Edition}. \"{SayingWords.Of(item.Judged!.Saying)}\"",
        };

    private static string Option(AskedItem item, string option) =>
        item.Kind switch
        {
            AskedKind.Number => Amount(decimal.Parse(option, CultureInfo.InvariantCulture), Book(item)[item.Of].Unit),
            AskedKind.WireFor or AskedKind.GroundFor => $"{option} AWG",
            AskedKind.ConnectorFor => ConnectorKinds.Find(option)!.Name,
            AskedKind.BoxFor => BoxKinds.Find(option)!.Name,
            AskedKind.LeadFor => Inches(decimal.Parse(option, CultureInfo.InvariantCulture)),
            AskedKind.House => House(item).Choices.First(c => c.Value == option).Name,
            AskedKind.TesterShows => LookWords.Of(item.Tested!.Sights[int.Parse(option, CultureInfo.InvariantCulture)]),
            AskedKind.TesterBehind => SuspectWords.Of(
                item.Tested!.Job,
                item.Tested.Suspects[int.Parse(option, CultureInfo.InvariantCulture)]
            ),
            AskedKind.TesterNext => LookWords.Where(
                item.Tested!.Job,
                item.Tested.Tests[int.Parse(option, CultureInfo.InvariantCulture)].Look.Look
            ),
            AskedKind.Strip => Inches(decimal.Parse(option, CultureInfo.InvariantCulture)),
            AskedKind.Colour => option,
            AskedKind.FirstStep => Step(item.Order!, int.Parse(option, CultureInfo.InvariantCulture)),
            _ => SayingWords.Of(Enum.Parse<Truth>(option)),
        };

    private static string StripFor(string of) =>
        ConnectorKinds.Find(of) is { } kind ? $"for this: {kind.Name}"
        : of == WayBook.StripHook.Key ? "hooked round a screw"
        : "put into a hole, or straight under a plate";

    private static string Wire(AskedColour of)
    {
        var box = of.Job.Boxes[of.Box];
        var device = DeviceKinds.Find(box.Devices[box.Pigtails[of.Lead].To.Device!.Value].Kind)!;
        return $"a pigtail from the {ChoiceWords.Use(of.Use)} joint to a {device.Name}";
    }

    private static string Step(AskedOrder order, int step) =>
        StepWords.Title(order.Steps[step], new(order.Steps[step].About, new Names(order.Job, order.Box)));

    private static (string Why, string? Shows, string Article, string? Rule) Why(AskedItem item)
    {
        var book = Book(item);
        var right = item.Options[item.Right];
        switch (item.Kind)
        {
            case AskedKind.Number:
                return ($"{Sentence(book[item.Of].Name)}: {Option(item, right)}.", null, book[item.Of].Article, item.Of);
            case AskedKind.WireFor or AskedKind.GroundFor:
                var row = book[$"{item.Of}.{right}"];
                return ($"{row.Name}: {Number(row.Value)} A at most.", null, row.Article, row.Key);
            case AskedKind.ConnectorFor:
                return (
                    $"{Sentence(ConnectorKinds.Find(right)!.Name)}; the package in the hand decides.",
                    null,
                    "practice, 110.14(B)",
                    "joint-connector"
                );
            case AskedKind.BoxFor:
                return (
                    $"{Number(item.Inside!.Needed)} in³ are needed; it has {Number(BoxKinds.Find(right)!.Volume!.Value.CubicInches)}.",
                    null,
                    "314.16",
                    "fill"
                );
            case AskedKind.LeadFor:
                return (
                    $"{Inches(book.Number("lead.free"))} at least, and {Inches(book.Number("lead.reach"))} past the opening: "
                        + $"{Inches(item.Deep)} + {Inches(book.Number("lead.reach"))}.",
                    null,
                    book["lead.free"].Article,
                    "free-length"
                );
            case AskedKind.House:
                return (House(item).Choices.First(c => c.Value == right).Reason, null, "practice", null);
            case AskedKind.TesterShows or AskedKind.TesterBehind:
                var tested = item.Tested!;
                return (
                    $"With that, it shows: {LookWords.Of(tested.Shows)}.",
                    tested.Blind ? "It shows the same where nothing is wrong: this tester does not see it." : null,
                    "practice",
                    null
                );
            case AskedKind.TesterNext:
                var tests = item.Tested!.Tests;
                return (
                    $"It shows {tests.Max(t => t.Apart)} different things for them; the next best of these shows "
                        + $"{tests.Select(t => t.Apart).Order().ElementAt(tests.Count - 2)}.",
                    null,
                    "practice",
                    null
                );
            case AskedKind.Strip:
                return ($"{Option(item, right)}; its own package or gauge decides.", null, "practice", null);
            case AskedKind.Colour:
                var coloured = item.Coloured!;
                var says = new Teller(coloured.Job, coloured.Box);
                return (says.Tell(coloured.Shown).Says, null, says.Article(coloured.Shown), coloured.Shown.Rule);
            case AskedKind.FirstStep:
                return (string.Join(", then: ", item.Order!.Steps.Select((_, n) => Step(item.Order, n))), null, "practice", null);
            default:
                var judged = item.Judged!;
                var teller = new Teller(judged.House, judged.Box);
                return (
                    judged.Truth == Truth.ByEdition
                        ? $"{SayingWords.Of(judged.Truth)}: in this one, {SayingWords.Of(judged.Here).ToLowerInvariant()}."
                        : SayingWords.Of(judged.Truth) + ".",
                    teller.Tell(judged.Shown).Says,
                    teller.Article(judged.Shown),
                    judged.Shown.Rule
                );
        }
    }

    private static LimitTable Book(AskedItem item) => LimitTable.For(CodeProfile.Default with { Edition = item.Edition });

    private static PracticeQuestion House(AskedItem item) => PracticeBook.Questions.First(q => q.Key == item.Of);

    private static string Leads(AskedItem item) =>
        string.Join(" and ", item.Leads.GroupBy(g => g.Number).Select(g => $"{g.Count()} × {g.Key} AWG"));

    private static string Sentence(string name) => char.ToUpperInvariant(name[0]) + name[1..];

    private static string Amount(decimal number, string unit) => unit == "in" ? Inches(number) : $"{Number(number)} {unit}";

    private static string Inches(decimal number) => Length.FromInches(number).ToString();

    private static string Number(decimal number) => number.ToString("0.####", CultureInfo.InvariantCulture);
}
