using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>The test button of a protective breaker opens it.</summary>
/// <remarks>NEC 110.3(B): its instructions ask for the test each month.</remarks>
public sealed class TestButton() : PanelRule("test-button")
{
    public override IEnumerable<Finding> Judge(PanelLook look) =>
        from breaker in look.Panel.Breakers
        where breaker.Kind is BreakerKind.Gfci or BreakerKind.Afci or BreakerKind.DualFunction
        select YesNo(look, breaker.Key, SupplyFacts.ButtonOpens, true, details: [("breaker", look.Named(breaker))]);
}
