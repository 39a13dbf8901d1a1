using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>Edits done one after another, each on what the ones before it left.</summary>
internal sealed class Building(Job job)
{
    private readonly List<Edit> edits = [];

    /// <summary>The job with what was done so far.</summary>
    public Job Now { get; private set; } = job;

    /// <summary>All of it as one batch.</summary>
    public Batch Done() => new([.. edits], For: BatchFor.Way);

    /// <summary>Does these; false where one cannot be done, and what was done before it stays done.</summary>
    public bool Do(params IReadOnlyList<Edit> more)
    {
        // One batch holds no other.
        foreach (var edit in more.SelectMany(e => e is Batch batch ? batch.Edits : [e]))
        {
            if (edit.Check(Now) is not null)
            {
                return false;
            }

            edits.Add(edit);
            Now = edit.Apply(Now);
        }

        return true;
    }

    /// <summary>Where it stands, to go back to.</summary>
    public (int Count, Job Now) Mark => (edits.Count, Now);

    public void Back((int Count, Job Now) mark)
    {
        edits.RemoveRange(mark.Count, edits.Count - mark.Count);
        Now = mark.Now;
    }
}
