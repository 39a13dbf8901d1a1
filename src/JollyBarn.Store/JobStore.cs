using System.Collections.Concurrent;
using System.Globalization;
using System.Text.Json;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.OpenFile;
using JollyBarn.Wiring;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace JollyBarn.Store;

/// <summary>All jobs of one data file.</summary>
public sealed class JobStore
{
    /// <summary>Who the program's own edits are by.</summary>
    private const string Program = "Jolly Barn";

    private readonly DbContextOptions<JobDb> options;
    private readonly TimeProvider clock;
    private readonly ConcurrentDictionary<string, Lazy<OpenJob?>> jobs = new(StringComparer.Ordinal);
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

        var found = jobs.GetOrAdd(id, key => new Lazy<OpenJob?>(() => Load(key))).Value;
        if (found is null)
        {
            jobs.TryRemove(id, out _);
        }

        return found;
    }

    /// <summary>Makes a job. Making one that exists with the same id and name again is the same as once.</summary>
    public Refusal? Create(string id, string name) =>
        new RenameJob(name).Check(Job.Blank(""))
        ?? Insert(id, Job.Blank(name.Trim()), Job.Blank(name.Trim()), [], false, existing => existing.Name == name.Trim());

    /// <summary>Copies a job as it is now, without its history.</summary>
    public Refusal? Copy(string id, string newId, string name)
    {
        if (Find(id) is not { } job)
        {
            return new("There is no such job.", "id");
        }

        var copy = job.Now.Job with { Name = name.Trim() };
        var photos = copy
            .Photos.Values.Select(p => p.Sha)
            .Distinct()
            .Select(sha => (Sha: sha, Bytes: Photo(id, sha)))
            .Where(p => p.Bytes is not null)
            .ToDictionary(p => p.Sha, p => p.Bytes!);
        return new RenameJob(name).Check(copy) ?? Insert(newId, copy, copy, [], false, existing => existing.Name == name.Trim(), photos);
    }

    /// <summary>Takes a file in.</summary>
    /// <param name="replace">True to put it in the place of a job with this id.</param>
    /// <param name="photos">Bytes of its pictures by hash.</param>
    public Refusal? Import(string id, JobFile file, bool replace, IReadOnlyDictionary<string, byte[]>? photos = null) =>
        Insert(id, file.Start, file.Present, file.History, replace, _ => false, photos);

    /// <summary>Puts a job in the bin or brings it back.</summary>
    /// <returns>False when there is no such job.</returns>
    public bool Bin(string id, bool binned)
    {
        using var db = Db();
        if (db.Jobs.Find(id) is not { } row)
        {
            return false;
        }

        row.Binned = binned ? Now() : null;
        db.SaveChanges();
        jobs.TryRemove(id, out _);
        return true;
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

    private Refusal? Insert(
        string id,
        Job start,
        Job present,
        IReadOnlyList<HistoryLine> history,
        bool replace,
        Func<JobRow, bool> same,
        IReadOnlyDictionary<string, byte[]>? photos = null
    )
    {
        if (!Ids.IsGood(id))
        {
            return new($"\"{Ids.Shown(id)}\" is not an id. {Ids.Rule}", "id");
        }

        lock (creating)
        {
            using var db = Db();
            using var transaction = db.Database.BeginTransaction();
            if (db.Jobs.Find(id) is { } existing)
            {
                if (!replace)
                {
                    return same(existing)
                        ? null
                        : new("There is a job with this id already, perhaps in the bin. Replace it, or copy under a new id.", "id");
                }

                db.Edits.Where(e => e.JobId == id).ExecuteDelete();
                db.Snapshots.Where(s => s.JobId == id).ExecuteDelete();
                db.Boxes.Where(b => b.JobId == id).ExecuteDelete();
                db.Photos.Where(p => p.JobId == id).ExecuteDelete();
                db.Jobs.Remove(existing);
                db.SaveChanges();
            }

            db.Jobs.Add(
                new JobRow
                {
                    Id = id,
                    Name = present.Name,
                    Version = history.Count,
                    Created = Now(),
                    Changed = history.Count > 0 ? history[^1].At : Now(),
                }
            );
            db.Snapshots.Add(
                new SnapshotRow
                {
                    JobId = id,
                    Version = 0,
                    Bytes = Packing.Pack(start),
                }
            );
            if (history.Count > 0)
            {
                db.Snapshots.Add(
                    new SnapshotRow
                    {
                        JobId = id,
                        Version = history.Count,
                        Bytes = Packing.Pack(present),
                    }
                );
            }

            var job = start;
            foreach (var (line, index) in history.Select((line, index) => (line, index)))
            {
                db.Edits.Add(
                    new EditRow
                    {
                        JobId = id,
                        Version = index + 1,
                        EditId = line.Id,
                        By = line.By,
                        At = line.At,
                        Says = line.Edit.Tell(job),
                        Json = JsonSerializer.Serialize(line.Edit, JobJson.Default.Edit),
                    }
                );
                job = line.Edit.Apply(job);
            }

            db.Photos.AddRange(
                (photos ?? new Dictionary<string, byte[]>()).Select(p => new PhotoRow
                {
                    JobId = id,
                    Sha = p.Key,
                    Bytes = p.Value,
                })
            );
            db.Boxes.AddRange(Projections.All(id, present, new Judged()));
            db.SaveChanges();
            transaction.Commit();
            jobs.TryRemove(id, out _);
            return null;
        }
    }

    private string Now() => clock.GetUtcNow().ToString("yyyy-MM-ddTHH:mm:ss.fffZ", CultureInfo.InvariantCulture);

    private void CopyBeforeMigration(JobDb db)
    {
        db.Database.ExecuteSqlRaw("PRAGMA wal_checkpoint(TRUNCATE)");
        File.Copy(Path, $"{Path}.before-{clock.GetUtcNow():yyyyMMddHHmmss}", false);
    }
}
