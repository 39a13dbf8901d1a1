using JollyBarn.Connection;
using JollyBarn.Inspection;
using JollyBarn.Wiring;

namespace JollyBarn.Store;

/// <summary>Rows that feed lists and search, made from the job.</summary>
internal static class Projections
{
    /// <summary>Brings the rows of what changed between two states up to date in the same transaction as the edit.</summary>
    public static void Update(JobDb db, string jobId, Job before, Job after, long version, string at, Judged judged)
    {
        var row = db.Jobs.Find(jobId) ?? throw new StoreException("The job is not in the data file any more.");
        (row.Name, row.Version, row.Changed) = (after.Name, version, at);
        foreach (
            var id in Touched.Everything(before, after)
                ? before.Boxes.Ids.Union(after.Boxes.Ids)
                : Touched.Boxes(before, after).Union(Connected.Near(before, after))
        )
        {
            var now = after.Boxes.Find(id);
            var old = db.Boxes.Find(jobId, id.Text);
            if (now is null || now.Binned)
            {
                if (old is not null)
                {
                    db.Boxes.Remove(old);
                }
            }
            else if (old is null)
            {
                db.Boxes.Add(Row(jobId, id, now, after, judged));
            }
            else
            {
                db.Entry(old).CurrentValues.SetValues(Row(jobId, id, now, after, judged));
            }
        }
    }

    /// <summary>All rows of a job, as they must be.</summary>
    public static IEnumerable<BoxRow> All(string jobId, Job job, Judged judged) =>
        job.Boxes.Where(b => !b.Value.Binned).Select(b => Row(jobId, b.Key, b.Value, job, judged));

    private static BoxRow Row(string jobId, Id<Box> id, Box box, Job job, Judged judged)
    {
        var fill = judged.Reports.FillOf(job, box);
        var verdicts = judged.Verdicts.Of(job, id, box);
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
