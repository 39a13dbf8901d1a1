using JollyBarn.Wiring;

namespace JollyBarn.Store;

/// <summary>The latest states of a job, and a few older ones that were asked for.</summary>
internal sealed class KeptStates
{
    private const int Latest = 300;
    private const int Older = 8;

    private readonly SortedList<long, Job> latest = [];
    private readonly LinkedList<(long Version, Job Job)> older = new();
    private readonly Lock guard = new();

    public void Keep(long version, Job job)
    {
        lock (guard)
        {
            latest.Add(version, job);
            if (latest.Count > Latest)
            {
                latest.RemoveAt(0);
            }
        }
    }

    /// <summary>Keeps one that was made again, as long as few others are.</summary>
    public void KeepOlder(long version, Job job)
    {
        lock (guard)
        {
            older.AddFirst((version, job));
            if (older.Count > Older)
            {
                older.RemoveLast();
            }
        }
    }

    public Job? Find(long version)
    {
        lock (guard)
        {
            return latest.TryGetValue(version, out var kept) ? kept : older.FirstOrDefault(o => o.Version == version).Job;
        }
    }
}
