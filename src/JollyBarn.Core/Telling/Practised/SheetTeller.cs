using JollyBarn.Practice.Sheets;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Practised;

/// <summary>An item of a sheet, in words.</summary>
/// <param name="Given">What is known.</param>
/// <param name="Options">Answers to choose from; none where a sum is written out.</param>
/// <param name="Rows">Lines of the sum, with room for what is counted.</param>
public sealed record ToldSheetItem(string Asks, IReadOnlyList<string> Given, IReadOnlyList<string> Options, IReadOnlyList<string> Rows)
{
    /// <summary>The box it is about; null where none is drawn.</summary>
    public ToldBoxPicture? Picture { get; init; }

    /// <summary>Empty lines to write on.</summary>
    public int Lines { get; init; }
}

/// <summary>The answer of an item.</summary>
/// <param name="Option">Which of the answers, from 0; null of a sum.</param>
/// <param name="Sum">The sum written out, or what is wrong, a line each; none of a question.</param>
/// <param name="Why">What makes it right.</param>
public sealed record ToldSheetAnswer(int? Option, IReadOnlyList<string> Sum, string Why, string Article)
{
    /// <summary>The box as it may be; null where none is drawn.</summary>
    public ToldBoxPicture? Picture { get; init; }
}

/// <summary>The sheet of one learner.</summary>
/// <param name="Learner">From 1.</param>
/// <param name="Answers">For the teacher.</param>
public sealed record ToldSheet(int Learner, IReadOnlyList<ToldSheetItem> Items, IReadOnlyList<ToldSheetAnswer> Answers);

/// <summary>Tells sheets for a class.</summary>
public static class SheetTeller
{
    public static ToldSheet Tell(SheetAsk ask, int learner)
    {
        var items = PracticeSheet.Of(ask, learner);
        var told = items.Select(i => PaperTeller.Tell(i, ask, learner == 0)).ToList();
        return new(learner, [.. told.Select(t => t.Item)], [.. told.Select(t => t.Answer)]);
    }

    /// <summary>An item as it stands on a screen.</summary>
    public static ToldSheetItem Item(SheetItem item)
    {
        ArgumentNullException.ThrowIfNull(item);
        if (item.Exercise is { } exercise)
        {
            return new(OnBench(exercise), [], [], []);
        }

        if (item.Count is { } count)
        {
            var drill = DrillTeller.Tell(count);
            return new(DrillWords.Asks, drill.Says, [], [.. drill.Rows.Select(r => r.Name)]);
        }

        var asked = AskedTeller.Tell(item.Asked!);
        return new(asked.Asks, asked.Given, asked.Options, []);
    }

    /// <summary>The answer of an item.</summary>
    public static ToldSheetAnswer Answer(SheetItem item)
    {
        ArgumentNullException.ThrowIfNull(item);
        if (item.Exercise is not null)
        {
            return new(null, [], "It is marked on the screen, by the rules and by what works.", "");
        }

        if (item.Count is { } count)
        {
            return new(null, [.. DrillWords.Sum(count)], DrillWords.Verdict(count), "314.16");
        }

        var marked = AskedTeller.Tell(item.Asked!, item.Asked!.Right);
        return new(marked.Answer, [], marked.Shows is { } shows ? $"{marked.Why} {shows}" : marked.Why, marked.Article);
    }

    private static string OnBench(ExerciseKind exercise) =>
        exercise switch
        {
            ExerciseKind.Spot => "On the screen: say what is wrong in the box.",
            ExerciseKind.Hunt => "On the screen: find the hidden fault.",
            _ => "On the screen: make the box up.",
        };
}
