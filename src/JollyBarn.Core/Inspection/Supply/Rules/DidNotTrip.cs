using JollyBarn.Terms;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>No breaker was seen to hold on a short.</summary>
/// <remarks>Common practice: one that did not open once is not trusted again. NEC 110.3(B), 240.4.</remarks>
public sealed class DidNotTrip() : PanelRule("did-not-trip")
{
    public enum Case
    {
        Held,
        Opened,
    }

    public override IEnumerable<Finding> Judge(PanelLook look) =>
        from breaker in look.Panel.Breakers
        let held = look.Read(SupplyFacts.DidNotTrip, breaker.Key)
        where held is not null
        select held.Value
            ? Stop(breaker.Key, Case.Held, ("panel", look.Thing), ("breaker", look.Named(breaker)))
            : Fine(breaker.Key, Case.Opened, ("breaker", look.Named(breaker)));
}
