using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Wiring;

namespace JollyBarn.Store;

/// <summary>Rows that feed lists and search, made from the job.</summary>
internal static class Projections
{
    /// <summary>Which way of making them this is: another number has every job's rows made anew.</summary>
    public const int Way = 1;

    /// <summary>All rows of a job, as they must be.</summary>
    public static IEnumerable<BoxRow> All(string jobId, Job job, Judged judged) =>
        job.Boxes.Where(b => !b.Value.Binned).Select(b => Row(jobId, b.Key, b.Value, job, judged));

    /// <summary>A box with its verdicts, by the wiring and by the solved network.</summary>
    public static BoxRow Row(string jobId, Id<Box> id, Box box, Job job, Judged judged)
    {
        var fill = judged.Reports.FillOf(job, box);
        var solved = judged.Expected.Of(job, Timeout.Infinite);
        var verdicts = ExpectedLive.With(judged.Verdicts.Of(job, id, box), solved?[id] ?? []);
        int Count(Verdict verdict) => verdicts.Count(f => f.Verdict == verdict);
        return new BoxRow
        {
            JobId = jobId,
            BoxId = id,
            Name = box.Name,
            Place = job.Places.Find(box.Place)?.Name,
            Fit = fill.Fit.ToString(),
            Needed = fill.Needed.Low.CubicInches,
            Available = fill.Available.Low.CubicInches,
            Stop = Count(Verdict.Stop),
            Fix = Count(Verdict.Fix),
            Measure = Count(Verdict.Measure),
            Better = Count(Verdict.Better),
        };
    }
}
