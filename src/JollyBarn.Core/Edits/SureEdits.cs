using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Edits that whoever makes them knows to be possible.</summary>
public static class SureEdits
{
    /// <exception cref="InvalidOperationException">One is refused: its maker is wrong.</exception>
    public static Job Do(this Job job, params ReadOnlySpan<Edit> edits)
    {
        foreach (var edit in edits)
        {
            job = edit.Check(job) is { } refusal ? throw new InvalidOperationException($"{edit}: {refusal}") : edit.Apply(job);
        }

        return job;
    }
}
