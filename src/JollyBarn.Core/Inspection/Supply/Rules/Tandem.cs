using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>Tandem breakers stand only where the panel takes them.</summary>
/// <remarks>NEC 408.54, 110.3(B).</remarks>
public sealed class Tandem() : PanelRule("tandem", "Tandem breakers", "A panel carries as many circuits as it was made for.")
{
    public override IEnumerable<Finding> Judge(PanelLook look) => look.Panel.Breakers.Where(b => b.Kind == BreakerKind.Tandem).Where(b => !b.Lower).Select(b => b.Key).Select(slot => look.YesNo(Subjects.Panel, "takes-tandem") switch
    {
        true => Fine(slot, $"{look.Panel.Name} takes the tandem breaker in slot {slot}.", "408.54"),
        false => Fix(slot, $"Slot {slot} of {look.Panel.Name} holds a tandem breaker, and its label takes none.", "408.54, 110.3(B)") with { Mend = "A licensed electrician gives its circuits slots of their own, or a second panel." },
        null => AskOf(slot, $"Slot {slot} holds a tandem breaker: does the panel take one there?", "408.54", [new(Subjects.Panel, "takes-tandem")]),
    });
}
