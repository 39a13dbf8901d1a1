using JollyBarn.Fill;
using JollyBarn.Wiring;

namespace JollyBarn.Store;

/// <summary>Rows that feed lists and search, made from the job.</summary>
internal static class Projections
{
    /// <summary>Brings the rows of what changed between two states up to date in the same transaction as the edit.</summary>
    public static void Update(JobDb db, string jobId, Job before, Job after, long version, string at, BoxReports reports)
    {
        var row = db.Jobs.Find(jobId) ?? throw new StoreException("The job is not in the data file any more.");
        (row.Name, row.Version, row.Changed) = (after.Name, version, at);
        var all = !ReferenceEquals(before.Profile, after.Profile) || !ReferenceEquals(before.Practice, after.Practice) || !ReferenceEquals(before.Places, after.Places);
        foreach (var id in before.Boxes.Ids.Union(after.Boxes.Ids))
        {
            var (was, now) = (before.Boxes.Find(id), after.Boxes.Find(id));
            if (!all && ReferenceEquals(was, now))
            {
                continue;
            }

            var old = db.Boxes.Find(jobId, id);
            if (now is null || now.Binned)
            {
                if (old is not null)
                {
                    db.Boxes.Remove(old);
                }
            }
            else if (old is null)
            {
                db.Boxes.Add(Row(jobId, id, now, after, reports));
            }
            else
            {
                db.Entry(old).CurrentValues.SetValues(Row(jobId, id, now, after, reports));
            }
        }
    }

    /// <summary>All rows of a job, as they must be.</summary>
    public static IEnumerable<BoxRow> All(string jobId, Job job, BoxReports reports) =>
        job.Boxes.Where(b => !b.Value.Binned).Select(b => Row(jobId, b.Key, b.Value, job, reports));

    private static BoxRow Row(string jobId, string id, Box box, Job job, BoxReports reports)
    {
        var fill = reports.FillOf(job, box);
        return new BoxRow
        {
            JobId = jobId,
            BoxId = id,
            Name = box.Name,
            Place = job.Places.Find(box.Place)?.Name,
            Fit = fill.Fit.ToString(),
            Needed = fill.Needed.Low.CubicInches,
            Available = fill.Available.Low.CubicInches,
        };
    }
}
