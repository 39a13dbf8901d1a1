using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>An opening that is not used is closed.</summary>
/// <remarks>NEC 110.12(A), 314.17(A).</remarks>
public sealed class OpenEntries() : BoxRule("entry-open", "Open hole", "Mice, sparks and fingers go through a hole.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, entry) in look.Box.Entries)
        {
            yield return entry.State == EntryState.Open ? Fix(id, "A hole in the box is open.", "110.12(A), 314.17(A)") : Fine(id, "This opening is closed or in use.", "110.12(A), 314.17(A)");
        }
    }
}
