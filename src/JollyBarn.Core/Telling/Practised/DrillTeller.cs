using JollyBarn.CodeBook;
using JollyBarn.Practice;
using JollyBarn.Telling.Filled;

namespace JollyBarn.Telling.Practised;

/// <summary>A line a learner fills in.</summary>
/// <param name="Hint">The rule of the line, for who takes a hint.</param>
public sealed record ToldDrillRow(FillRow Row, string Name, string Hint);

/// <summary>A box to be counted, in words.</summary>
/// <param name="Says">What is in it, a line each.</param>
public sealed record ToldDrill(int Seed, int Level, Edition Edition, IReadOnlyList<string> Says, IReadOnlyList<ToldDrillRow> Rows);

/// <summary>A count that was marked, in words.</summary>
/// <param name="Row">The line where it first went wrong, where it is one.</param>
/// <param name="Steps">Steps that were right before that, of <paramref name="Of"/>.</param>
/// <param name="Says">What is wrong there and what is right.</param>
/// <param name="Behind">What may have been done.</param>
/// <param name="Worked">The whole sum.</param>
/// <param name="Skills">How each skill went.</param>
public sealed record ToldDrillMark(
    bool Right,
    FillStep? Wrong,
    FillRow? Row,
    int Steps,
    int Of,
    string Says,
    IReadOnlyList<string> Behind,
    string? Article,
    ToldFill Worked,
    IReadOnlyList<SkillGrade> Skills
);

/// <summary>Tells drills of fill.</summary>
public static class DrillTeller
{
    public static ToldDrill Tell(FillDrill drill)
    {
        ArgumentNullException.ThrowIfNull(drill);
        return new(
            drill.Seed,
            drill.Level,
            drill.Box.Edition,
            [.. DrillWords.Whole(drill)],
            [.. drill.Rows.Select(r => new ToldDrillRow(r, DrillWords.Name(drill, r), DrillWords.Rule(drill, r.Kind)))]
        );
    }

    public static ToldDrillMark Tell(FillDrill drill, FillMarked marked, IReadOnlyCollection<FillRow> hinted)
    {
        ArgumentNullException.ThrowIfNull(drill);
        ArgumentNullException.ThrowIfNull(marked);
        return new(
            marked.Wrong is null,
            marked.Wrong,
            marked.Row,
            marked.Steps,
            drill.Steps,
            DrillWords.Marked(drill, marked),
            [.. marked.Behind.Select(DrillWords.Of)],
            marked.Row is { } row ? drill.Answer.Lines.FirstOrDefault(l => l.Kind == row.Kind)?.Article : null,
            FillTeller.Tell(drill.Answer),
            Skills.Graded(drill, marked, hinted)
        );
    }
}
