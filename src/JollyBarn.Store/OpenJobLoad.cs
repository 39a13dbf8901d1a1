using Microsoft.EntityFrameworkCore;

namespace JollyBarn.Store;

/// <content>The job read from the file.</content>
public sealed partial class OpenJob
{
    /// <summary>Reads a job's log, and checks that it is whole. Null when there is no such job.</summary>
    /// <exception cref="StoreException">It is not whole; the message names what is damaged.</exception>
    internal static OpenJob? Load(string id, DataFile file, TimeProvider clock)
    {
        using var db = file.Db();
        if (db.Jobs.AsNoTracking().FirstOrDefault(j => j.Id == id) is not { } head)
        {
            return null;
        }

        var (from, job) = Snapshots.Nearest(db, id, long.MaxValue);
        var loaded = new OpenJob(id, file, clock, new(from, job));
        loaded.states.Keep(from, job);
        var version = 0L;
        foreach (var row in db.Edits.AsNoTracking().Where(e => e.JobId == id).OrderBy(e => e.Version))
        {
            if (row.Version != ++version)
            {
                throw Damage.Gap(id, version);
            }

            if (row.Sum.Length > 0 && row.Sum != LogRows.SumOf(row, loaded.lastSum))
            {
                throw Damage.Line(id, version);
            }

            loaded.lastSum = row.Sum;
            loaded.log.Add(row, LogRows.Cells(id, version, row.Cells));
            if (version > from)
            {
                job = LogRows.Read(row).Apply(job);
                loaded.states.Keep(version, job);
            }
        }

        if (version < from || version != head.Version)
        {
            throw Damage.Gap(id, version + 1);
        }

        loaded.standing = new(version, job);
        loaded.projected = head.Projected == version && head.ProjectedBy == Projections.Way ? loaded.standing : null;
        return loaded;
    }
}
