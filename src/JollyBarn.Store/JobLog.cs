using System.Collections.Concurrent;
using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Store;

/// <summary>The log of a job in memory, without its edits: one writes, everybody reads without waiting.</summary>
internal sealed class JobLog
{
    private readonly Growing<LogLine> lines = new();
    private readonly ConcurrentDictionary<string, long> versions = new(StringComparer.Ordinal);
    private readonly ConcurrentDictionary<string, Growing<long>> heads = new(StringComparer.Ordinal);
    private readonly ConcurrentDictionary<Id<Box>, Growing<long>> boxes = [];
    private readonly UndoStacks stacks = new();
    private readonly Lock stacking = new();

    public int Count => lines.Count;

    /// <summary>Takes a line in, the next one.</summary>
    /// <param name="cells">What it changed.</param>
    public void Add(EditRow row, IEnumerable<Cell> cells)
    {
        // First, so that whatever leads to a line finds it there.
        lines.Add(new(row.Version, row.EditId, row.By, row.At, row.Says));
        foreach (var head in cells.Select(c => Head(c.Path)).Distinct(StringComparer.Ordinal))
        {
            heads.GetOrAdd(head, _ => new()).Add(row.Version);
        }

        foreach (var box in row.Boxes.Split(' ', StringSplitOptions.RemoveEmptyEntries))
        {
            boxes.GetOrAdd(box, _ => new()).Add(row.Version);
        }

        lock (stacking)
        {
            stacks.Take(row.By, row.Version, row.Restores, row.Again, VersionOf);
        }

        versions[row.EditId] = row.Version;
    }

    /// <summary>Version of an edit by its id; 0 for none.</summary>
    public long VersionOf(string id) => versions.GetValueOrDefault(id);

    public LogLine Line(long version) => lines.Read()[(int)version - 1];

    /// <summary>Lines newest first.</summary>
    public IReadOnlyList<LogLine> Newest(long? before, int take)
    {
        var all = lines.Read();
        var end = before is { } b ? (int)Math.Clamp(b - 1, 0, all.Count) : all.Count;
        return [.. all[..end].Reverse().Take(take)];
    }

    /// <summary>Lines that are of one box, newest first.</summary>
    public IReadOnlyList<LogLine> Of(Id<Box> box, int take) =>
        boxes.TryGetValue(box, out var versionsOf) ? [.. versionsOf.Read().Reverse().Take(take).Select(Line)] : [];

    /// <summary>Versions after one, up to another, that changed something in the same things as these cells.</summary>
    public IReadOnlyList<long> Touching(IEnumerable<Cell> cells, long after, long upTo) =>
        [
            .. cells
                .Select(c => Head(c.Path))
                .Distinct(StringComparer.Ordinal)
                .SelectMany(h => heads.TryGetValue(h, out var found) ? After(found.Read(), after) : [])
                .Where(v => v <= upTo)
                .Distinct()
                .Order(),
        ];

    /// <summary>What this person's next undo and redo would be.</summary>
    public (long? Undo, long? Redo) Steps(string by)
    {
        lock (stacking)
        {
            return (stacks.NextUndo(by), stacks.NextRedo(by));
        }
    }

    /// <summary>The thing a place lies in: collection and id, or the property of the job.</summary>
    private static string Head(string path)
    {
        var first = path.IndexOf('/', StringComparison.Ordinal);
        var second = first < 0 ? -1 : path.IndexOf('/', first + 1);
        return second < 0 ? path : path[..second];
    }

    private static IEnumerable<long> After(ArraySegment<long> sorted, long after)
    {
        var at = sorted.AsSpan().BinarySearch(after + 1);
        return sorted[(at < 0 ? ~at : at)..];
    }
}
