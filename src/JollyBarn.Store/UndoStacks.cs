namespace JollyBarn.Store;

/// <summary>What each person may undo and redo, made from the log in order.</summary>
internal sealed class UndoStacks
{
    private readonly Dictionary<string, (List<long> Undo, List<long> Redo)> people = new(StringComparer.Ordinal);

    /// <summary>Takes a line of the log into account.</summary>
    /// <param name="restores">Id of the edit it undoes or redoes; null of any other.</param>
    /// <param name="again">True when it redoes that.</param>
    /// <param name="versionOf">Version of an edit by its id.</param>
    public void Take(string by, long version, string? restores, bool again, Func<string, long> versionOf)
    {
        var (undo, redo) = Of(by);
        if (restores is null)
        {
            undo.Add(version);
            redo.Clear();
            return;
        }

        var (from, to) = again ? (redo, undo) : (undo, redo);
        from.Remove(versionOf(restores));
        to.Add(versionOf(restores));
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
