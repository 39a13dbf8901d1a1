using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>No bare copper shows past a screw.</summary>
/// <remarks>Practice.</remarks>
public sealed class BarePast() : BoxRule("bare-past")
{
    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from end in look.InBox
        where !end.Bare
        let bare = look.Read(LeadFacts.Bare, end.Id)
        where bare is not null
        select AtMost(look, end.Id, bare.Value, "lead.bare", Verdict.Better, ("lead", Thing.Lead(end.Id)));
}
