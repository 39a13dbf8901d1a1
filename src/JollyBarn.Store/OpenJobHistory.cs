using System.Runtime.InteropServices;
using JollyBarn.Edits;
using JollyBarn.OpenFile;
using JollyBarn.Wiring;
using Microsoft.EntityFrameworkCore;

namespace JollyBarn.Store;

/// <content>The history as it is read.</content>
public sealed partial class OpenJob
{
    /// <summary>What this person's next undo and redo would be, as sentences.</summary>
    public (string? Undo, string? Redo) Steps(string by)
    {
        lock (writing)
        {
            return (
                stacks.NextUndo(by) is { } undo ? log[(int)undo - 1].Says : null,
                stacks.NextRedo(by) is { } redo ? log[(int)redo - 1].Says : null
            );
        }
    }

    /// <summary>Lines of the log, newest first.</summary>
    public IReadOnlyList<LogLine> Log(long? before, int take)
    {
        lock (writing)
        {
            return [.. Enumerable.Reverse(log).Where(l => before is null || l.Version < before).Take(take)];
        }
    }

    /// <summary>Lines of the log that are of one box, newest first.</summary>
    public IReadOnlyList<LogLine> LogOf(Id<Box> box, int take)
    {
        lock (writing)
        {
            return touching.TryGetValue(box, out var versionsOf)
                ? [.. Enumerable.Reverse(versionsOf).Take(take).Select(v => log[(int)v - 1])]
                : [];
        }
    }

    /// <summary>The job as it was at a version, or null when there is none such.</summary>
    public Job? JobAt(long version)
    {
        lock (writing)
        {
            return version < 0 || version > states.Keys[^1] ? null : At(version);
        }
    }

    /// <summary>The whole job in the open format.</summary>
    public JobFile Export()
    {
        lock (writing)
        {
            using var db = open();
            var history = db
                .Edits.AsNoTracking()
                .Where(e => e.JobId == Id)
                .OrderBy(e => e.Version)
                .AsEnumerable()
                .Select(e => new HistoryLine(e.EditId, e.By, e.At, Read(e.Json)))
                .ToList();
            return new JobFile(JobFile.FormatName, JobFile.CurrentVersion, Id, states.Values[^1], At(0), history);
        }
    }

    /// <summary>A state kept in memory, or made again from the nearest snapshot before it.</summary>
    private Job At(long version)
    {
        if (states.TryGetValue(version, out var kept))
        {
            return kept;
        }

        using var db = open();
        var snapshot = db
            .Snapshots.AsNoTracking()
            .Where(s => s.JobId == Id && s.Version <= version)
            .OrderByDescending(s => s.Version)
            .First();
        return db
            .Edits.AsNoTracking()
            .Where(e => e.JobId == Id && e.Version > snapshot.Version && e.Version <= version)
            .OrderBy(e => e.Version)
            .AsEnumerable()
            .Aggregate(Packing.Unpack(snapshot.Bytes), (job, row) => Read(row.Json).Apply(job));
    }

    private void Remember(long version, string id, string by, string at, string says, Edit edit)
    {
        log.Add(new LogLine(version, id, by, at, says));
        versions[id] = version;
        foreach (var box in edit.OfBoxes.Distinct())
        {
            (CollectionsMarshal.GetValueRefOrAddDefault(touching, box, out _) ??= []).Add(version);
        }

        stacks.Take(by, version, edit, of => versions.TryGetValue(of, out var found) ? found : 0);
    }
}
