using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>The test button of a protective breaker opens it.</summary>
/// <remarks>NEC 110.3(B): its instructions ask for the test each month.</remarks>
public sealed class TestButton() : PanelRule("test-button", "Test button", "Protection that does not open is none.")
{
    public override IEnumerable<Finding> Judge(PanelLook look) => look.Panel.Breakers.Where(b => b.Kind is BreakerKind.Gfci or BreakerKind.Afci or BreakerKind.DualFunction)
        .Select(b => YesNo(look, b.Key, "button-opens", true, $"The test button of {PanelLook.Named(b)} does not open it: its protection does not work.", "110.3(B)") with { Mend = "A licensed electrician replaces it." });
}
