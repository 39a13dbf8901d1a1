using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A clamp holds as many cables as it is listed for.</summary>
/// <remarks>NEC 300.15, 110.3(B).</remarks>
public sealed class EntryListed() : BoxRule("entry-listed", "Cables in one clamp", "Two under a clamp for one: neither is held.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var entry in look.Cables.Where(c => c.End.Entry is not null && c.Entry?.Holding is Holding.InternalClamp or Holding.OutsideConnector).GroupBy(c => c.End.Entry!).Where(g => g.Count() > 1))
        {
            yield return YesNo(look, entry.Key, "two-listed", true, $"{entry.Count()} cables in a clamp that is not listed for them.", "300.15") with { Ids = [.. entry.SelectMany(c => c.Leads)] };
        }
    }
}
