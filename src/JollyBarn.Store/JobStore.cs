using System.Collections.Concurrent;
using System.Globalization;
using JollyBarn.Edits;
using JollyBarn.Wiring;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace JollyBarn.Store;

/// <summary>All jobs of one data file.</summary>
public sealed partial class JobStore
{
    /// <summary>Who the program's own edits are by.</summary>
    private const string Program = "Jolly Barn";

    private readonly DbContextOptions<JobDb> options;
    private readonly TimeProvider clock;
    private readonly ConcurrentDictionary<string, OpenJob> jobs = new(StringComparer.Ordinal);
    private readonly Lock creating = new();
    private readonly Func<Job, IReadOnlyList<Edit>> catchUp;

    /// <summary>Opens or makes the file and brings it to this program's version; a file of an older one is copied first.</summary>
    /// <param name="catchUp">Edits that bring a job of an earlier program up to this one; they go into its log when it is opened.</param>
    /// <exception cref="StoreException">The file cannot be used; the message says why and what to do.</exception>
    public JobStore(string path, TimeProvider? clock = null, Func<Job, IReadOnlyList<Edit>>? catchUp = null)
    {
        this.catchUp = catchUp ?? (_ => []);
        Path = System.IO.Path.GetFullPath(path);
        this.clock = clock ?? TimeProvider.System;
        options = Durable.Options(Path);
        try
        {
            Directory.CreateDirectory(System.IO.Path.GetDirectoryName(Path)!);
            using var db = Db();
            if (db.Database.GetPendingMigrations().Any())
            {
                var older = db.Database.GetAppliedMigrations().Any();
                if (older)
                {
                    CopyBeforeMigration(db);
                }

                db.Database.Migrate();
                if (older)
                {
                    RebuildProjections();
                }
            }
        }
        catch (Exception failure) when (failure is SqliteException or IOException or UnauthorizedAccessException or StoreException)
        {
            throw StoreException.From(failure)
                ?? new StoreException($"The data file {Path} cannot be opened. Choose another with --data.", failure);
        }
    }

    /// <summary>Raised when any open job changed.</summary>
    public event Action<string, Accepted>? Changed;

    public string Path { get; }

    /// <summary>A new context on the file.</summary>
    public JobDb Db() => new(options);

    /// <summary>True when the file holds no job, not even in the bin.</summary>
    public bool IsEmpty
    {
        get
        {
            using var db = Db();
            return !db.Jobs.Any();
        }
    }

    public IReadOnlyList<JobRow> List(bool binned)
    {
        using var db = Db();
        return [.. db.Jobs.AsNoTracking().Where(j => (j.Binned != null) == binned).OrderByDescending(j => j.Changed)];
    }

    public IReadOnlyList<BoxRow> Boxes(string jobId)
    {
        using var db = Db();
        return [.. db.Boxes.AsNoTracking().Where(b => b.JobId == jobId).OrderBy(b => b.Place).ThenBy(b => b.Name)];
    }

    /// <summary>The job, read from its log when it is not open yet; null when there is none or it is in the bin.</summary>
    public OpenJob? Find(string id)
    {
        if (!Ids.IsGood(id))
        {
            return null;
        }

        if (jobs.TryGetValue(id, out var found))
        {
            return found;
        }

        lock (creating)
        {
            if (!jobs.TryGetValue(id, out found) && Load(id) is { } loaded)
            {
                jobs[id] = found = loaded;
            }

            return found;
        }
    }

    /// <summary>Puts a job in the bin or brings it back.</summary>
    /// <returns>False when there is no such job.</returns>
    public bool Bin(string id, bool binned)
    {
        return Apart(id, () =>
        {
            using var db = Db();
            if (db.Jobs.Find(id) is not { } row)
            {
                return false;
            }

            row.Binned = binned ? Now() : null;
            db.SaveChanges();
            return true;
        });
    }

    /// <summary>Changes a job's rows from outside it: nobody opens it or writes to it meanwhile, and who held it open finds it
    /// closed.</summary>
    private T Apart<T>(string id, Func<T> work)
    {
        lock (creating)
        {
            try
            {
                return jobs.TryGetValue(id, out var open) ? open.Close(work) : work();
            }
            finally
            {
                // Also where the file did not take it: what is closed must not stay.
                jobs.TryRemove(id, out _);
            }
        }
    }

    /// <summary>True when rows that feed lists are what the log gives.</summary>
    public bool ProjectionsHold(string id)
    {
        using var db = Db();
        if (OpenJob.Load(id, Db, clock) is not { } job || db.Jobs.Find(id) is not { } row)
        {
            return false;
        }

        var (version, now) = job.Now;
        var expected = Projections.All(id, now, new Judged()).Select(Text).Order(StringComparer.Ordinal);
        var there = db.Boxes.AsNoTracking().Where(b => b.JobId == id).AsEnumerable().Select(Text).Order(StringComparer.Ordinal);
        return row.Version == version && row.Name == now.Name && expected.SequenceEqual(there);

        // Without the zeros a column was written with.
        static decimal Plain(decimal? number) => (number ?? -1) / 1.000000000000000000m;

        static string Text(BoxRow b) =>
            string.Create(
                CultureInfo.InvariantCulture,
                $"{b.BoxId}|{b.Name}|{b.Place}|{b.Fit}|{Plain(b.Needed)}|{Plain(b.Available)}|{b.Stop}|{b.Fix}|{b.Measure}|{b.Better}"
            );
    }

    /// <summary>Keeps the bytes of a picture under their hash; the same bytes are kept once.</summary>
    public void KeepPhoto(string jobId, string sha, byte[] bytes)
    {
        using var db = Db();
        if (db.Photos.Find(jobId, sha) is null)
        {
            db.Photos.Add(
                new PhotoRow
                {
                    JobId = jobId,
                    Sha = sha,
                    Bytes = bytes,
                }
            );
            db.SaveChanges();
        }
    }

    /// <summary>The bytes of a picture, or null when there are none.</summary>
    public byte[]? Photo(string jobId, string sha)
    {
        using var db = Db();
        return db.Photos.AsNoTracking().Where(p => p.JobId == jobId && p.Sha == sha).Select(p => p.Bytes).FirstOrDefault();
    }

    /// <summary>SQLite's own check of the file: <c>ok</c>, or what is wrong.</summary>
    public string Integrity()
    {
        using var db = Db();
        return db.Database.SqlQueryRaw<string>("PRAGMA integrity_check").AsEnumerable().First();
    }

    private OpenJob? Load(string id)
    {
        using (var db = Db())
        {
            if (!db.Jobs.AsNoTracking().Any(j => j.Id == id && j.Binned == null))
            {
                return null;
            }
        }

        var job = OpenJob.Load(id, Db, clock);
        if (job is not null)
        {
            foreach (var edit in catchUp(job.Now.Job))
            {
                job.Post(new EditPost($"catch-up-{Guid.NewGuid():N}", Program, edit));
            }

            job.Changed += accepted => Changed?.Invoke(id, accepted);
        }

        return job;
    }

    /// <summary>Rows that feed lists made anew for every job: an older program kept fewer columns.</summary>
    private void RebuildProjections()
    {
        using var db = Db();
        foreach (var id in db.Jobs.AsNoTracking().Select(j => j.Id).ToList())
        {
            if (OpenJob.Load(id, Db, clock) is { } job)
            {
                db.Boxes.Where(b => b.JobId == id).ExecuteDelete();
                db.Boxes.AddRange(Projections.All(id, job.Now.Job, new Judged()));
            }
        }

        db.SaveChanges();
    }

    private string Now() => clock.GetUtcNow().ToString("yyyy-MM-ddTHH:mm:ss.fffZ", CultureInfo.InvariantCulture);

    private void CopyBeforeMigration(JobDb db)
    {
        db.Database.ExecuteSqlRaw("PRAGMA wal_checkpoint(TRUNCATE)");
        File.Copy(Path, $"{Path}.before-{clock.GetUtcNow():yyyyMMddHHmmss}", false);
    }
}
