using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A hook goes clockwise round its screw.</summary>
/// <remarks>Practice, and most instructions: 110.3(B).</remarks>
public sealed class Hook() : BoxRule("hook")
{
    public enum Case
    {
        Clockwise,
        Other,
    }

    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from end in look.InBox
        where end.Ends.Any(l => l.At == LandingAt.Terminal)
        let hook = look.Read(LeadFacts.Hook, end.Id)
        where hook is not null
        select hook == HookTurn.Clockwise ? Fine(end.Id, Case.Clockwise) : Better(end.Id, Case.Other, ("lead", Thing.Lead(end.Id)));
}
