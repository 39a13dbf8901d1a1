namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>No breaker was seen to hold on a short.</summary>
/// <remarks>Common practice: one that did not open once is not trusted again. NEC 110.3(B), 240.4.</remarks>
public sealed class DidNotTrip() : PanelRule("did-not-trip", "Opens on a short", "What it should stop goes on until something burns.")
{
    public override IEnumerable<Finding> Judge(PanelLook look)
    {
        foreach (var breaker in look.Panel.Breakers)
        {
            var of = breaker.Key;
            if (look.YesNo(of, "did-not-trip") is { } held)
            {
                yield return held
                    ? Stop(of, $"Of {look.Panel.Name}, {PanelLook.Named(breaker)} was seen not to trip on a short.", "110.3(B), practice",
                        ["Use nothing on its circuit; pull the plugs and switch off what can be switched off.", "Switch that breaker off; if it does not let go, switch off the main.", "Have a licensed electrician replace it and look for what it did not stop.", "Feel for heat and smell along the circuit before anything is switched on."])
                    : Fine(of, $"{PanelLook.Named(breaker)} was seen to open on a short.", "practice");
            }
        }
    }
}
