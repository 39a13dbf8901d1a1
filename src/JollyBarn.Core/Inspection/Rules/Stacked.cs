using JollyBarn.Terms;

namespace JollyBarn.Inspection.Rules;

/// <summary>One fastener is not driven over the cable of another, nor cables stacked deep.</summary>
/// <remarks>Practice.</remarks>
public sealed class Stacked() : BoxRule("stacked")
{
    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from cable in look.Cables
        where look.Read(CableFacts.Stacked, cable.Id) is not null
        select YesNo(look, cable.Id, CableFacts.Stacked, false, Verdict.Better, ("cable", cable.Thing)).Pointing(cable.Leads);
}
