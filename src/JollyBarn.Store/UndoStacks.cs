using JollyBarn.Edits;

namespace JollyBarn.Store;

/// <summary>What each person may undo and redo, made from the log in order.</summary>
internal sealed class UndoStacks
{
    private readonly Dictionary<string, (List<long> Undo, List<long> Redo)> people = new(StringComparer.Ordinal);

    /// <summary>Takes a line of the log into account.</summary>
    /// <param name="versionOf">Version of an edit by its id.</param>
    public void Take(string by, long version, Edit edit, Func<string, long> versionOf)
    {
        var (undo, redo) = Of(by);
        switch (edit)
        {
            case Restore { Again: false } restore:
                undo.Remove(versionOf(restore.Of));
                redo.Add(versionOf(restore.Of));
                break;
            case Restore restore:
                redo.Remove(versionOf(restore.Of));
                undo.Add(versionOf(restore.Of));
                break;
            default:
                undo.Add(version);
                redo.Clear();
                break;
        }
    }

    public long? NextUndo(string by) => Of(by).Undo is [.., var version] ? version : null;

    public long? NextRedo(string by) => Of(by).Redo is [.., var version] ? version : null;

    private (List<long> Undo, List<long> Redo) Of(string by)
    {
        if (!people.TryGetValue(by, out var stacks))
        {
            people[by] = stacks = ([], []);
        }

        return stacks;
    }
}
