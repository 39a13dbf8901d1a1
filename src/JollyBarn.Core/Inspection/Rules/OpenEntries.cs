using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>An opening that is not used is closed.</summary>
/// <remarks>NEC 110.12(A), 314.17(A).</remarks>
public sealed class OpenEntries() : BoxRule("entry-open")
{
    public enum Case
    {
        Open,
        Closed,
    }

    public override IEnumerable<Finding> Judge(BoxLook look) =>
        look.Box.Entries.Select(e => e.Value.State == EntryState.Open ? Fix(e.Key, Case.Open) : Fine(e.Key, Case.Closed));
}
