using System.Text.Json.Nodes;
using JollyBarn.Edits;
using JollyBarn.Telling.History;
using JollyBarn.Wiring;
using Microsoft.EntityFrameworkCore;

namespace JollyBarn.Store;

/// <content>The history as it is read.</content>
public sealed partial class OpenJob
{
    private const int AtOnce = 500;

    /// <summary>What this person's next undo and redo would be, as sentences.</summary>
    public (string? Undo, string? Redo) Steps(string by)
    {
        var (undo, redo) = log.Steps(by);
        return (undo is { } u ? log.Line(u).Says : null, redo is { } r ? log.Line(r).Says : null);
    }

    /// <summary>Lines of the log, newest first.</summary>
    public IReadOnlyList<LogLine> Log(long? before, int take) => log.Newest(before, take);

    /// <summary>True when an edit of this id is in the log.</summary>
    public bool Has(string id) => log.VersionOf(id) > 0;

    /// <summary>Lines of the log that are of one box, newest first.</summary>
    public IReadOnlyList<LogLine> LogOf(Id<Box> box, int take) => log.Of(box, take);

    /// <summary>The job as it was at a version, or null when there is none such.</summary>
    public Job? JobAt(long version) => version < 0 || version > Now.Version ? null : At(version);

    /// <summary>The whole job in the open format.</summary>
    public JobFile Export()
    {
        var (version, now) = Now;
        using var db = file.Db();
        var history = db
            .Edits.AsNoTracking()
            .Where(e => e.JobId == Id && e.Version <= version)
            .OrderBy(e => e.Version)
            .AsEnumerable()
            .Select(e => new HistoryLine(e.EditId, e.By, e.At, LogRows.Read(e)))
            .ToList();
        return new JobFile(JobFile.FormatName, JobFile.CurrentVersion, Id, now, At(0), history);
    }

    /// <summary>A state kept in memory, or made again from the nearest snapshot before it.</summary>
    private Job At(long version)
    {
        if (states.Find(version) is { } kept)
        {
            return kept;
        }

        using var db = file.Db();
        var (from, job) = Snapshots.Nearest(db, Id, version);
        job = db
            .Edits.AsNoTracking()
            .Where(e => e.JobId == Id && e.Version > from && e.Version <= version)
            .OrderBy(e => e.Version)
            .AsEnumerable()
            .Aggregate(job, (j, row) => LogRows.Read(row).Apply(j));
        states.KeepOlder(version, job);
        return job;
    }

    private EditRow Row(long version)
    {
        using var db = file.Db();
        return db.Edits.AsNoTracking().FirstOrDefault(e => e.JobId == Id && e.Version == version) ?? throw Damage.Gap(Id, version);
    }

    private IReadOnlyList<Cell> CellsOf(long version) => LogRows.Cells(Id, version, Row(version).Cells);

    /// <summary>Null when the edit can be done as it was meant on the version it was made on; also when it can be done on
    /// neither.</summary>
    private Conflict? ConflictOf(Edit edit, long since, Standing on, CancellationToken stop)
    {
        var refused = edit.Check(on.Job) is not null;
        var from = refused ? At(since) : on.Job;
        if (refused && edit.Check(from) is not null)
        {
            return null;
        }

        var theirs = Touching(Cells.Between(from, edit.Apply(from)), since, on, stop);
        return theirs.Count == 0 && !refused
            ? null
            : new Conflict(
                [
                    .. theirs.Count > 0
                        ? theirs.Select(t => t.Line)
                        : log.Newest(on.Version + 1, (int)Math.Min(on.Version - since, AtOnce)).Reverse(),
                ],
                edit.Tell(from),
                [.. theirs.SelectMany(t => t.Places).Distinct()],
                on.Version
            );
    }

    /// <summary>Lines of the log after a version that changed what still differs from then, where these cells lie; of very many the
    /// newest.</summary>
    private List<(LogLine Line, IReadOnlyList<string> Places)> Touching(
        IReadOnlyList<Cell> cells,
        long after,
        Standing upTo,
        CancellationToken stop
    )
    {
        var versions = log.Touching(cells, after, upTo.Version);
        if (versions.Count == 0)
        {
            return [];
        }

        // What was changed and put back again is nobody's.
        var before = At(after);
        var differs = new Dictionary<string, bool>(StringComparer.Ordinal);
        bool Differs(string path) =>
            differs.TryGetValue(path, out var known)
                ? known
                : differs[path] = !JsonNode.DeepEquals(Cells.At(before, path), Cells.At(upTo.Job, path));
        var still = cells.Where(c => Differs(c.Path)).ToList();
        var theirs = new List<(LogLine Line, IReadOnlyList<string> Places)>();
        using var db = file.Db();
        foreach (var some in still.Count == 0 ? [] : versions.Reverse().Chunk(AtOnce).TakeWhile(_ => theirs.Count < AtOnce))
        {
            stop.ThrowIfCancellationRequested();
            foreach (
                var row in db
                    .Edits.AsNoTracking()
                    .Where(e => e.JobId == Id && some.Contains(e.Version))
                    .OrderByDescending(e => e.Version)
                    .Select(e => new { e.Version, e.Cells })
            )
            {
                List<string> places =
                [
                    .. LogRows
                        .Cells(Id, row.Version, row.Cells)
                        .Where(c => still.Exists(c.Overlaps) && Differs(c.Path))
                        .Select(c => c.Path)
                        .Distinct(StringComparer.Ordinal),
                ];
                if (places.Count > 0)
                {
                    theirs.Add((log.Line(row.Version), places));
                }
            }
        }

        theirs.Reverse();
        return theirs;
    }
}
