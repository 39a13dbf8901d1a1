using System.Globalization;
using System.Text.Json;
using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Telling.History;
using JollyBarn.Terms;
using JollyBarn.Wiring;
using Microsoft.EntityFrameworkCore;

namespace JollyBarn.Store;

/// <summary>A job in memory with its log: one writer, readers of immutable states.</summary>
public sealed partial class OpenJob
{
    private const int SnapshotEvery = 200;
    private const int KeptStates = 300;

    private readonly Func<JobDb> open;
    private readonly TimeProvider clock;
    private readonly Lock writing = new();
    private readonly List<LogLine> log = [];
    private readonly Dictionary<string, long> versions = new(StringComparer.Ordinal);
    private readonly Dictionary<Id<Box>, List<long>> touching = [];
    private readonly UndoStacks stacks = new();
    private readonly SortedList<long, Job> states = [];
    private bool closed;

    private OpenJob(string id, Func<JobDb> open, TimeProvider clock)
    {
        Id = id;
        this.open = open;
        this.clock = clock;
    }

    /// <summary>Raised after an edit is committed, outside the lock.</summary>
    public event Action<Accepted>? Changed;

    public string Id { get; }

    /// <summary>Newest state and its version, read together.</summary>
    public (long Version, Job Job) Now
    {
        get
        {
            lock (writing)
            {
                return (states.Keys[^1], states.Values[^1]);
            }
        }
    }

    /// <summary>Fill and verdicts of its boxes.</summary>
    public Judged Judged { get; } = new();

    public BoxReports Reports => Judged.Reports;

    private static Refused Gone { get; } = new(new(Why.JobMoved));

    /// <summary>Does something to the job's rows while nobody writes to it. Nothing is written through this one afterwards.</summary>
    internal T Close<T>(Func<T> work)
    {
        lock (writing)
        {
            closed = true;
            return work();
        }
    }

    /// <summary>Reads a job's log. Null when there is no such job.</summary>
    internal static OpenJob? Load(string id, Func<JobDb> open, TimeProvider clock)
    {
        using var db = open();
        var snapshot = db.Snapshots.AsNoTracking().Where(s => s.JobId == id).OrderByDescending(s => s.Version).FirstOrDefault();
        if (snapshot is null)
        {
            return null;
        }

        var loaded = new OpenJob(id, open, clock);
        var job = Packing.Unpack(snapshot.Bytes);
        loaded.states.Add(snapshot.Version, job);
        foreach (var row in db.Edits.AsNoTracking().Where(e => e.JobId == id).OrderBy(e => e.Version))
        {
            var edit = Read(row.Json);
            loaded.Remember(row.Version, row.EditId, row.By, row.At, row.Says, edit);
            if (row.Version > snapshot.Version)
            {
                job = edit.Apply(job);
                loaded.Keep(row.Version, job);
            }
        }

        return loaded;
    }

    /// <summary>Does an edit: refused, in conflict, or in the log when this returns.</summary>
    public PostResult Post(EditPost post)
    {
        Accepted accepted;
        lock (writing)
        {
            if (closed)
            {
                return Gone;
            }

            if (versions.TryGetValue(post.Id, out var earlier))
            {
                return new Accepted(earlier, post.Id, true, At(earlier - 1), At(earlier));
            }

            if (post.Edit is Restore)
            {
                return new Refused(new(Why.MadeByUndo, "edit"));
            }

            if (Envelope(post) is { } bad)
            {
                return new Refused(bad);
            }

            var (version, now) = (states.Keys[^1], states.Values[^1]);
            if (post.Base is { } seen && seen != version)
            {
                if (seen < 0 || seen > version)
                {
                    return new Refused(new(Why.NoSuchVersion, "base", ("version", version), ("seen", seen)));
                }

                if (ConflictOf(post, seen, now, version) is { } conflict)
                {
                    return conflict;
                }
            }

            if (post.Edit.Check(now) is { } refusal)
            {
                return new Refused(refusal);
            }

            accepted = Append(post.Id, post.By, post.Edit, version, now);
        }

        Changed?.Invoke(accepted);
        return accepted;
    }

    /// <summary>Undoes this person's latest standing edit, or redoes the one they undid last.</summary>
    /// <param name="id">Id of the undo itself; sending it twice does it once.</param>
    public PostResult Step(string id, string by, bool again)
    {
        Accepted accepted;
        lock (writing)
        {
            if (closed)
            {
                return Gone;
            }

            if (versions.TryGetValue(id, out var earlier))
            {
                return new Accepted(earlier, id, true, At(earlier - 1), At(earlier));
            }

            if (Envelope(new EditPost(id, by, new RenameJob("x"))) is { } bad)
            {
                return new Refused(bad);
            }

            if ((again ? stacks.NextRedo(by) : stacks.NextUndo(by)) is not { } target)
            {
                return new Refused(new(again ? Why.NothingToRedo : Why.NothingToUndo));
            }

            var line = log[(int)target - 1];
            var restore = new Restore(line.Id, Cells.Between(At(target - 1), At(target)), again, line.Says);
            var (version, now) = (states.Keys[^1], states.Values[^1]);
            if (restore.Blocking(now) is not null)
            {
                var theirs = Touching(restore.Cells, target, version);
                return new Conflict(
                    [.. theirs.Select(t => t.Line)],
                    $"{(again ? "Redo" : "Undo")}: {line.Says}",
                    [.. theirs.SelectMany(t => t.Places).Distinct()],
                    version
                );
            }

            accepted = Append(id, by, restore, version, now);
        }

        Changed?.Invoke(accepted);
        return accepted;
    }

    private static Edit Read(string json) =>
        JsonSerializer.Deserialize(json, JobJson.Default.Edit) ?? throw new StoreException("A line of the log is empty.");

    private static Refusal? Envelope(EditPost post) =>
        !Ids.IsGood(post.Id) ? new(Why.NotAnId, "id", ("id", Ids.Shown(post.Id)))
        : string.IsNullOrWhiteSpace(post.By) || post.By.Length > 80 ? new(Why.WhoMakesIt, "by")
        : null;

    private Conflict? ConflictOf(EditPost post, long seen, Job now, long version)
    {
        var then = At(seen);
        var refusedThen = post.Edit.Check(then) is not null;
        var refusedNow = post.Edit.Check(now) is not null;
        if (refusedThen && refusedNow)
        {
            return null;
        }

        var touched = new List<Cell>();
        touched.AddRange(refusedThen ? [] : Cells.Between(then, post.Edit.Apply(then)));
        touched.AddRange(refusedNow ? [] : Cells.Between(now, post.Edit.Apply(now)));
        var theirs = Touching(touched, seen, version);
        return theirs.Count == 0 && !refusedNow
            ? null
            : new Conflict(
                [.. (theirs.Count > 0 ? theirs.Select(t => t.Line) : log.Where(l => l.Version > seen))],
                post.Edit.Tell(then),
                [.. theirs.SelectMany(t => t.Places).Distinct()],
                version
            );
    }

    /// <summary>Lines of the log after a version that changed what still differs from then, where these cells lie.</summary>
    private List<(LogLine Line, IReadOnlyList<string> Places)> Touching(IReadOnlyList<Cell> cells, long after, long upTo)
    {
        var net = Cells.Between(At(after), At(upTo)).Where(n => cells.Any(c => c.Overlaps(n))).ToList();
        var found = new List<(LogLine, IReadOnlyList<string>)>();
        for (var version = after + 1; net.Count > 0 && version <= upTo; version++)
        {
            var places = Cells.Between(At(version - 1), At(version)).Where(c => net.Any(n => n.Overlaps(c))).Select(c => c.Path).ToList();
            if (places.Count > 0)
            {
                found.Add((log[(int)version - 1], places));
            }
        }

        return found;
    }

    private Accepted Append(string id, string by, Edit edit, long version, Job now)
    {
        var next = edit.Apply(now);
        var row = new EditRow
        {
            JobId = Id,
            Version = version + 1,
            EditId = id,
            By = by,
            At = clock.GetUtcNow().ToString("yyyy-MM-ddTHH:mm:ss.fffZ", CultureInfo.InvariantCulture),
            Says = edit.Tell(now),
            Json = JsonSerializer.Serialize(edit, JobJson.Default.Edit),
        };
        using (var db = open())
        {
            db.Edits.Add(row);
            Projections.Update(db, Id, now, next, row.Version, row.At, Judged);
            if (row.Version % SnapshotEvery == 0)
            {
                db.Snapshots.Add(
                    new SnapshotRow
                    {
                        JobId = Id,
                        Version = row.Version,
                        Bytes = Packing.Pack(next),
                    }
                );
            }

            db.SaveChanges();
        }

        Remember(row.Version, id, by, row.At, row.Says, edit);
        Keep(row.Version, next);
        return new Accepted(row.Version, id, false, now, next);
    }

    private void Keep(long version, Job job)
    {
        states.Add(version, job);
        if (states.Count > KeptStates)
        {
            states.RemoveAt(0);
        }
    }
}
