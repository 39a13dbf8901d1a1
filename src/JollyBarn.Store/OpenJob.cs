using System.Globalization;
using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Store;

/// <summary>A job in memory with its log. One writes at a time, and only writing takes the lock: readers see immutable states, and nothing
/// is
/// judged before it is kept.</summary>
public sealed partial class OpenJob
{
    private readonly DataFile file;
    private readonly TimeProvider clock;
    private readonly Lock writing = new();
    private readonly JobLog log = new();
    private readonly KeptStates states = new();
    private Standing standing;
    private string lastSum = "";
    private bool closed;
    private long used;

    private OpenJob(string id, DataFile file, TimeProvider clock, Standing standing)
    {
        (Id, this.file, this.clock, this.standing) = (id, file, clock, standing);
        Use();
    }

    /// <summary>Raised after an edit is in the log, outside the lock.</summary>
    public event Action<Accepted>? Changed;

    public string Id { get; }

    /// <summary>Newest state and its version, read together.</summary>
    public (long Version, Job Job) Now => Volatile.Read(ref standing) is var at ? (at.Version, at.Job) : default;

    /// <summary>Fill and verdicts of its boxes.</summary>
    public Judged Judged { get; } = new();

    public BoxReports Reports => Judged.Reports;

    private static Refused Gone { get; } = new(new(Why.JobMoved));

    /// <summary>Does an edit: refused, in conflict, or in the log when this returns.</summary>
    /// <param name="stop">Ends the looking back over what others did since; what is being written is written.</param>
    public PostResult Post(EditPost post, CancellationToken stop = default)
    {
        if (Envelope(post.Id, post.By) is { } bad)
        {
            return new Refused(bad);
        }

        if (post.Edit.NotFrom(post.By) is { } foreign)
        {
            return new Refused(foreign with { Field = $"edit.{foreign.Field}" });
        }

        return Do(post, LogRows.Asked(post.By, post.Edit), stop);
    }

    /// <summary>Does an edit that the program makes for somebody: the bin, and files.</summary>
    /// <summary>Lets go of somebody's hold of a breaker, for two who both said so.</summary>
    public PostResult LetGo(string id, string by, LetGoTogether edit) => DoFor(id, by, edit);

    internal PostResult DoFor(string id, string by, Edit edit) =>
        Envelope(id, by) is { } bad ? new Refused(bad) : Do(new(id, by, edit), LogRows.Asked(by, edit), default);

    /// <summary>Undoes this person's latest standing edit, or redoes the one they undid last.</summary>
    /// <param name="id">Id of the undo itself; sending it twice does it once.</param>
    public PostResult Step(string id, string by, bool again, CancellationToken stop = default)
    {
        if (Envelope(id, by) is { } bad)
        {
            return new Refused(bad);
        }

        var asked = Sums.Of(by, again ? "redo" : "undo");
        while (true)
        {
            if (Earlier(id, asked) is { } earlier)
            {
                return earlier;
            }

            var seen = Volatile.Read(ref standing);
            var steps = log.Steps(by);
            if ((again ? steps.Redo : steps.Undo) is not { } target)
            {
                return new Refused(new(again ? Why.NothingToRedo : Why.NothingToUndo));
            }

            var line = log.Line(target);
            var restore = new Restore(line.Id, CellsOf(target), again, line.Says);
            if (restore.Blocking(seen.Job) is not null)
            {
                var theirs = Touching(restore.Cells, target, seen, stop);
                return new Conflict(
                    [.. theirs.Select(t => t.Line)],
                    $"{(again ? "Redo" : "Undo")}: {line.Says}",
                    [.. theirs.SelectMany(t => t.Places).Distinct()],
                    seen.Version
                );
            }

            if (Restored(id, by, restore, target, asked) is { } done)
            {
                return done;
            }
        }
    }

    /// <summary>Lets go of the job when nobody used it since: nothing is written through this one afterwards.</summary>
    /// <returns>False when somebody did.</returns>
    internal bool Close(long since)
    {
        lock (writing)
        {
            return closed = closed || Volatile.Read(ref used) <= since;
        }
    }

    /// <summary>Notes that it is used.</summary>
    internal OpenJob Use()
    {
        Volatile.Write(ref used, clock.GetTimestamp());
        return this;
    }

    private static Refusal? Envelope(string id, string by) =>
        !Ids.IsGood(id) ? new(Why.NotAnId, "id", ("id", Ids.Shown(id)))
        : string.IsNullOrWhiteSpace(by) || by.Length > 80 ? new(Why.WhoMakesIt, "by")
        : by.Trim().Equals("me", StringComparison.OrdinalIgnoreCase) ? new(Why.NobodyYet, "by")
        : null;

    private PostResult Do(EditPost post, string asked, CancellationToken stop)
    {
        if (Earlier(post.Id, asked) is { } earlier)
        {
            return earlier;
        }

        var edit = post.Edit.Arrived(Time());
        var seen = Volatile.Read(ref standing);
        if (post.Base is < 0 || post.Base > seen.Version)
        {
            return new Refused(new(Why.NoSuchVersion, "base", ("version", seen.Version), ("seen", post.Base)));
        }

        if (post.Base is null && edit.PutsOver(seen.Job))
        {
            return new Refused(new(Why.NoVersionSaid, "base", ("version", seen.Version)));
        }

        // What was done since long ago is looked through here, outside the lock; inside only what came in the meantime.
        if (post.Base is { } based && based < seen.Version && ConflictOf(edit, based, seen, stop) is { } conflict)
        {
            return conflict;
        }

        Accepted accepted;
        lock (writing)
        {
            if (closed)
            {
                return Gone;
            }

            if (Earlier(post.Id, asked) is { } meanwhile)
            {
                return meanwhile;
            }

            var on = standing;
            if (on.Job.Binned && edit is not BringBackJob and not ReplaceJob)
            {
                return Gone;
            }

            if (post.Base is not null && on.Version > seen.Version && ConflictOf(edit, seen.Version, on, stop) is { } late)
            {
                return late;
            }

            if (edit.Check(on.Job) is { } refusal)
            {
                return new Refused(refusal);
            }

            accepted = Append(post.Id, post.By, edit, asked, on);
        }

        Changed?.Invoke(accepted);
        return accepted;
    }

    /// <summary>Writes an undo or redo; null when the person did something else meanwhile.</summary>
    private PostResult? Restored(string id, string by, Restore restore, long target, string asked)
    {
        Accepted accepted;
        lock (writing)
        {
            if (closed)
            {
                return Gone;
            }

            if (Earlier(id, asked) is { } earlier)
            {
                return earlier;
            }

            var steps = log.Steps(by);
            if ((restore.Again ? steps.Redo : steps.Undo) != target || restore.Blocking(standing.Job) is not null)
            {
                return null;
            }

            accepted = Append(id, by, restore, asked, standing);
        }

        Changed?.Invoke(accepted);
        return accepted;
    }

    /// <summary>The first answer to what was sent before under this id; a conflict when it was something else.</summary>
    private PostResult? Earlier(string id, string asked)
    {
        if (log.VersionOf(id) is not (> 0 and var version))
        {
            return null;
        }

        var row = Row(version);
        return row.Asked.Length == 0 || row.Asked == asked
            ? new Accepted(version, id, true, At(version - 1), At(version))
            : new Conflict([log.Line(version)], row.Says, ["id"], Now.Version);
    }

    private Accepted Append(string id, string by, Edit edit, string asked, Standing on)
    {
        var next = edit.Apply(on.Job);
        var row = LogRows.Make(Id, on.Version + 1, (id, by, Time()), edit, on.Job, next, asked, lastSum, out var cells);
        file.Write(db =>
        {
            db.Edits.Add(row);
            var head = db.Jobs.Find(Id) ?? throw new StoreException("The job is not in the data file any more.");
            (head.Name, head.Version, head.Changed) = (next.Name, row.Version, row.At);
            head.Binned = next.Binned ? head.Binned ?? row.At : null;
        });
        log.Add(row, cells);
        lastSum = row.Sum;
        states.Keep(row.Version, next);
        Volatile.Write(ref standing, new(row.Version, next));
        return new Accepted(row.Version, id, false, on.Job, next);
    }

    private string Time() => clock.GetUtcNow().ToString("yyyy-MM-ddTHH:mm:ss.fffZ", CultureInfo.InvariantCulture);

    /// <summary>A version and the job as it is there.</summary>
    private sealed record Standing(long Version, Job Job);
}
