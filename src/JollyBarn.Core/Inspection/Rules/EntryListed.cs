using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A clamp holds as many cables as it is listed for.</summary>
/// <remarks>NEC 300.15, 110.3(B).</remarks>
public sealed class EntryListed() : BoxRule("entry-listed")
{
    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from cable in look.Cables
        where cable.End.Entry is not null && cable.Entry?.Holding is Holding.InternalClamp or Holding.OutsideConnector
        group cable by cable.End.Entry! into entry
        where entry.Count() > 1
        select YesNo(look, entry.Key, BoxFacts.TwoListed, true, details: [("count", entry.Count())])
            .Pointing(entry.SelectMany(c => c.Leads));
}
