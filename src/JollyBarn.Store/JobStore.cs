using System.Collections.Concurrent;
using System.Globalization;
using JollyBarn.Edits;
using JollyBarn.Wiring;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace JollyBarn.Store;

/// <summary>All jobs of one data file, which this store has alone until it is disposed of.</summary>
public sealed partial class JobStore : IAsyncDisposable
{
    /// <summary>Who the program's own edits are by.</summary>
    private const string Program = "Jolly Barn";

    private readonly DataFile file;
    private readonly FileClaim claim;
    private readonly Projector projector;
    private readonly TimeProvider clock;
    private readonly Action<string> says;
    private readonly bool copies;
    private readonly ConcurrentDictionary<string, OpenJob> jobs = new(StringComparer.Ordinal);
    private readonly ConcurrentDictionary<string, Lock> opening = new(StringComparer.Ordinal);
    private readonly Func<Job, IReadOnlyList<Edit>> catchUp;

    /// <summary>Opens or makes the file and brings it to this program's version; a file of an older one is copied first.</summary>
    /// <param name="catchUp">Edits that bring a job of an earlier program up to this one; they go into its log when it is opened.</param>
    /// <param name="copies">Whether copies of the file are kept beside it.</param>
    /// <param name="says">Hears of work that takes long, of waiting, and of trouble with a job, as sentences.</param>
    /// <exception cref="StoreException">The file cannot be used; the message says why and what to do.</exception>
    public JobStore(
        string path,
        TimeProvider? clock = null,
        Func<Job, IReadOnlyList<Edit>>? catchUp = null,
        Action<string>? says = null,
        bool copies = false
    )
    {
        this.catchUp = catchUp ?? (_ => []);
        this.says = says ?? (_ => { });
        this.copies = copies;
        Path = System.IO.Path.GetFullPath(path);
        this.clock = clock ?? TimeProvider.System;
        file = new(Path);
        Classes = new(file, this.clock);
        Crew = new(file, this.clock);
        FileClaim? held = null;
        try
        {
            Directory.CreateDirectory(System.IO.Path.GetDirectoryName(Path)!);
            claim = held = FileClaim.Take(Path, this.says);
            new Opening(file, this.clock, this.says).Run();
        }
        catch (Exception failure) when (failure is SqliteException or IOException or UnauthorizedAccessException or StoreException)
        {
            held?.Dispose();
            throw StoreException.From(failure)
                ?? new StoreException($"The data file {Path} cannot be opened. Choose another with --data.", failure);
        }

        projector = new(Held, (id, problem) => this.says($"The lists of job {id} could not be made: {problem.Message}"));
        foreach (var id in Behind())
        {
            projector.Behind(id);
        }
    }

    /// <summary>Raised when any job changed.</summary>
    public event Action<string, Accepted>? Changed;

    public string Path { get; }

    /// <summary>Classes, kept in the same file.</summary>
    public ClassStore Classes { get; }

    /// <summary>The people who sign in, kept in the same file.</summary>
    public CrewStore Crew { get; }

    /// <summary>True when the file holds no job, not even in the bin.</summary>
    public bool IsEmpty
    {
        get
        {
            using var db = Db();
            return !db.Jobs.Any();
        }
    }

    /// <summary>True where the file answers.</summary>
    public bool Reads()
    {
        using var db = Db();
        return db.Database.CanConnect();
    }

    /// <summary>A new context on the file, for reading.</summary>
    public JobDb Db() => file.Db();

    public IReadOnlyList<JobRow> List(bool binned)
    {
        using var db = Db();
        return Sound([.. db.Jobs.AsNoTracking().Where(j => (j.Binned != null) == binned && !j.Exercise).OrderByDescending(j => j.Changed)]);
    }

    /// <summary>The job as it stands in lists, also in the bin; null when there is none.</summary>
    public JobRow? Listed(string id)
    {
        using var db = Db();
        return Sound([.. db.Jobs.AsNoTracking().Where(j => j.Id == id)]).FirstOrDefault();
    }

    public IReadOnlyList<BoxRow> Boxes(string jobId)
    {
        using var db = Db();
        var rows = db.Boxes.AsNoTracking().Where(b => b.JobId == jobId).OrderBy(b => b.Place).ThenBy(b => b.Name).ToList();
        return rows.TrueForAll(b => b.Sum == b.Summed) ? rows : throw Damage.List($"list of boxes of job {jobId}");
    }

    /// <summary>The job, read from its log when it is not open yet; null when there is none or it is in the bin.</summary>
    public OpenJob? Find(string id) => Held(id) is { Now.Job.Binned: false } found ? found : null;

    /// <summary>The same, also in the bin.</summary>
    public OpenJob? Held(string id)
    {
        if (!Ids.IsGood(id))
        {
            return null;
        }

        if (jobs.TryGetValue(id, out var found))
        {
            return found.Use();
        }

        using (var db = Db())
        {
            if (!db.Jobs.AsNoTracking().Any(j => j.Id == id))
            {
                return null;
            }
        }

        lock (opening.GetOrAdd(id, _ => new()))
        {
            // What fails is not remembered: the next who asks tries again.
            return jobs.TryGetValue(id, out found) ? found.Use()
                : Load(id) is { } loaded ? jobs[id] = loaded
                : null;
        }
    }

    /// <summary>Puts a job in the bin or brings it back: a step of its log like any other.</summary>
    /// <returns>Null when there is no such job.</returns>
    public PostResult? Bin(string id, StepPost step, bool binned)
    {
        ArgumentNullException.ThrowIfNull(step);
        return Held(id)?.DoFor(step.Id, step.By, binned ? new BinJob() : new BringBackJob());
    }

    /// <summary>Lets go of jobs nobody used for so long; they are read again when somebody asks.</summary>
    public void LetGo(TimeSpan idle)
    {
        var since = clock.GetTimestamp() - (long)(idle.TotalSeconds * clock.TimestampFrequency);
        foreach (var (id, job) in jobs)
        {
            if (job.Close(since))
            {
                jobs.TryRemove(new(id, job));
            }
        }
    }

    /// <summary>How many jobs are in memory.</summary>
    public int Open => jobs.Count;

    /// <summary>Done when the rows that feed lists are what the logs give.</summary>
    public Task SettledAsync() => projector.SettledAsync();

    /// <summary>Makes a copy of the file when the newest is old, where copies are kept.</summary>
    public void Copy()
    {
        if (copies)
        {
            Copies.Roll(Path, clock.GetUtcNow(), says);
        }
    }

    public async ValueTask DisposeAsync()
    {
        await projector.DisposeAsync();
        claim.Dispose();
    }

    /// <summary>True when rows that feed lists are what the log gives.</summary>
    public bool ProjectionsHold(string id)
    {
        if (OpenJob.Load(id, file, clock) is not { } job || Listed(id) is not { } row)
        {
            return false;
        }

        var (version, now) = job.Now;
        var expected = Projections.All(id, now, new Judged()).Select(b => b.Summed).Order(StringComparer.Ordinal);
        var there = Boxes(id).Select(b => b.Summed).Order(StringComparer.Ordinal);
        return row.Version == version && row.Projected == version && row.Name == now.Name && expected.SequenceEqual(there);
    }

    /// <summary>SQLite's own check of the file: <c>ok</c>, or what is wrong.</summary>
    public string Integrity()
    {
        using var db = Db();
        return db.Database.SqlQueryRaw<string>("PRAGMA integrity_check").AsEnumerable().First();
    }

    private static List<JobRow> Sound(List<JobRow> rows) =>
        rows.TrueForAll(j => j.Sum == j.Summed) ? rows : throw Damage.List("list of jobs");

    private List<string> Behind()
    {
        using var db = Db();
        return [.. db.Jobs.AsNoTracking().Where(j => j.Projected != j.Version || j.ProjectedBy != Projections.Way).Select(j => j.Id)];
    }

    private OpenJob? Load(string id)
    {
        var job = OpenJob.Load(id, file, clock);
        if (job is not null)
        {
            foreach (var edit in catchUp(job.Now.Job))
            {
                job.Post(new EditPost($"catch-up-{Guid.NewGuid():N}", Program, edit));
            }

            job.Changed += accepted =>
            {
                projector.Behind(id);
                Changed?.Invoke(id, accepted);
            };
            if (job.IsBehind)
            {
                projector.Behind(id);
            }
        }

        return job;
    }

    private string Now() => clock.GetUtcNow().ToString("yyyy-MM-ddTHH:mm:ss.fffZ", CultureInfo.InvariantCulture);
}
