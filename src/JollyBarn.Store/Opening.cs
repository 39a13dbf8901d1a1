using JollyBarn.Edits;
using JollyBarn.Wiring;
using Microsoft.EntityFrameworkCore;

namespace JollyBarn.Store;

/// <summary>Brings a data file to what this program reads: checked, copied before anything in it changes, and each step one that a kill can
/// come between.</summary>
internal sealed class Opening(DataFile file, TimeProvider clock, Action<string> says)
{
    private const int AtOnce = 500;

    /// <exception cref="StoreException">The file cannot be used; the message says why and what to do.</exception>
    public void Run()
    {
        if (Copies.EndPutBack(file.Path))
        {
            says($"The copy that was being put in the place of {file.Path} is there now.");
        }

        var there = File.Exists(file.Path) && new FileInfo(file.Path).Length > 0;
        if (there && Copies.Check(file.Path) is { } wrong)
        {
            throw Damage.File(file.Path, wrong);
        }

        if (File.Exists(file.Path))
        {
            // Also one that a killed start left with nothing in it.
            Copies.KeepLog(file.Path);
        }

        using var db = file.Db();
        var known = db.Database.GetMigrations().ToHashSet(StringComparer.Ordinal);
        if (there && db.Database.GetAppliedMigrations().FirstOrDefault(m => !known.Contains(m)) is not null)
        {
            throw new StoreException(
                $"The data file {file.Path} was made by a newer Jolly Barn. Use that one, or choose another file with --data. "
                    + "Nothing was changed."
            );
        }

        if (db.Database.GetPendingMigrations().Any())
        {
            if (there && db.Database.GetAppliedMigrations().Any())
            {
                says($"Bringing {file.Path} up to this program. A copy is made first: {Copies.Make(file.Path, clock.GetUtcNow())}");
            }

            // Only this program has the file: a lock row in it is left over from one that was killed.
            Forget(db);
            db.Database.Migrate();
        }

        if (!OperatingSystem.IsWindows())
        {
            File.SetUnixFileMode(file.Path, FileClaim.Private);
        }

        Fill(db);
    }

    private static void Forget(JobDb db)
    {
        var left = db
            .Database.SqlQueryRaw<int>("SELECT count(*) AS Value FROM sqlite_master WHERE name = '__EFMigrationsLock'")
            .AsEnumerable()
            .First();
        if (left > 0)
        {
            db.Database.ExecuteSqlRaw("DELETE FROM __EFMigrationsLock");
        }
    }

    /// <summary>Fills in what an older program did not keep of its edits, some at a time.</summary>
    private void Fill(JobDb db)
    {
        var old = db.Edits.AsNoTracking().Where(e => e.Sum == "").Select(e => e.JobId).Distinct().ToList();
        foreach (var (id, at) in old.Select((id, i) => (id, i + 1)))
        {
            says($"Bringing job {at} of {old.Count} up to this program.");
            Fill(id);
        }

        // Rows of lists have no sum yet: they are made anew.
        file.Write(w => w.Boxes.Where(b => b.Sum == "").ExecuteDelete());
        var unsummed = db.Jobs.AsNoTracking().Where(j => j.Sum == "").Select(j => j.Id).ToList();
        foreach (var id in unsummed)
        {
            // Saving sums it.
            file.Write(w => w.Entry(w.Jobs.Find(id)!).State = EntityState.Modified);
        }
    }

    private void Fill(string id)
    {
        using var read = file.Db();
        var last = "";
        Job? job = null;
        var from = 0L;
        while (true)
        {
            var some = read
                .Edits.AsNoTracking()
                .Where(e => e.JobId == id && e.Version > from)
                .OrderBy(e => e.Version)
                .Take(AtOnce)
                .ToList();
            if (some.Count == 0)
            {
                return;
            }

            foreach (var row in some)
            {
                var edit = LogRows.Read(row);
                job ??= Snapshots.Nearest(read, id, 0).Job;
                var next = edit.Apply(job);
                if (row.Sum.Length == 0)
                {
                    LogRows.Fill(row, edit, Cells.Between(job, next), last);
                }

                (job, last, from) = (next, row.Sum, row.Version);
            }

            file.Write(db => db.UpdateRange(some));
            says($"  {from} steps");
        }
    }
}
