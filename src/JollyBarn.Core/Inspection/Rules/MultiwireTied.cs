using JollyBarn.Terms;

namespace JollyBarn.Inspection.Rules;

/// <summary>The breakers of a multiwire circuit open together.</summary>
/// <remarks>NEC 210.4(B).</remarks>
public sealed class MultiwireTied() : BoxRule("multiwire-tied")
{
    public override IEnumerable<Finding> Judge(BoxLook look) =>
        MultiwireCables
            .In(look)
            .Select(cable => YesNo(look, cable.Id, CableFacts.Tied, true, details: [("cable", cable.Thing)]).Pointing(cable.Leads));
}
