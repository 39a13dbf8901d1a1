using JollyBarn.Fill;
using JollyBarn.Terms;

namespace JollyBarn.Practice;

/// <summary>A line as a learner counted it.</summary>
public sealed record RowTry(FillRow Row, LineCount Counted);

/// <summary>A learner's whole count.</summary>
/// <param name="Needed">The sum, in³; <paramref name="Available"/> what the box has.</param>
/// <param name="Fit">Whether it fits: fits, exactly full, or over.</param>
public sealed record FillTry(IReadOnlyList<RowTry> Rows, decimal Needed, decimal Available, Fit Fit)
{
    public const int MostRows = 40;
    private const int Most = 10_000;

    /// <summary>Why nobody can have counted that; null where one can.</summary>
    public Refusal? Check() =>
        Rows.Count > MostRows ? new(Why.AtMostEach, "try.rows", ("most", MostRows))
        : Rows.Any(r => Far(r.Counted.Count) || Far(r.Counted.Each)) ? new(Why.CountRange, "try.rows", ("most", Most))
        : Far(Needed) || Far(Available) ? new(Why.CountRange, "try.needed", ("most", Most))
        : null;

    private static bool Far(decimal number) => number is < 0 or > Most;
}

/// <summary>Where in a count something is.</summary>
public enum FillStep
{
    Line,
    Sum,
    Available,
    Verdict,
}

/// <summary>A count that was marked.</summary>
/// <param name="Wrong">Where it first went wrong; null where all of it is right.</param>
/// <param name="Row">The line, where it is one.</param>
/// <param name="Behind">What may have been done; none where nobody can tell.</param>
/// <param name="Steps">How many steps were right before that.</param>
public sealed record FillMarked(FillStep? Wrong, FillRow? Row, IReadOnlyList<Misstep> Behind, int Steps)
{
    /// <summary>Marks a count step by step, in the order of the text, as far as it is right: what comes after the first mistake
    /// follows from it and is not marked.</summary>
    public static FillMarked Of(FillDrill drill, FillTry tried)
    {
        ArgumentNullException.ThrowIfNull(drill);
        ArgumentNullException.ThrowIfNull(tried);
        for (var i = 0; i < drill.Rows.Count; i++)
        {
            var row = drill.Rows[i];
            var counted = tried.Rows.FirstOrDefault(r => r.Row == row)?.Counted ?? default;
            if (!counted.Same(drill.Right(row)))
            {
                return new(FillStep.Line, row, Missteps.Behind(drill, row, counted), i);
            }
        }

        var steps = drill.Rows.Count;
        return tried.Needed != drill.Needed ? new(FillStep.Sum, null, [Misstep.SumWrong], steps)
            : tried.Available != drill.Available ? new(FillStep.Available, null, [.. Room(drill, tried.Available)], steps + 1)
            : tried.Fit != drill.Answer.Fit
                ? new(FillStep.Verdict, null, [drill.Answer.Fit == Fit.ExactlyFull ? Misstep.FullForOver : Misstep.OverForFits], steps + 2)
            : new(null, null, [], drill.Steps);
    }

    private static IEnumerable<Misstep> Room(FillDrill drill, decimal tried)
    {
        var mark = drill.Box.Mark!.Value.CubicInches;
        var ring = drill.Available - mark;
        if (drill.TableVolume is { } table && table != mark && (tried == table || tried == table + ring))
        {
            yield return Misstep.TableForMark;
        }

        if (ring > 0 && tried == mark)
        {
            yield return Misstep.RingForgotten;
        }
    }
}
