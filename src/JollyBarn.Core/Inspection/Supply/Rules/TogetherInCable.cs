namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>Hot and neutral of the circuit go the same way.</summary>
/// <remarks>NEC 300.3(B), 200.4: what goes out in a cable comes back in it. Found by loading every outlet and summing the currents of each cable.</remarks>
public sealed class TogetherInCable() : CircuitRule("together", "Hot and neutral together", "One without the other heats metal beside it, trips arc-fault protection, and leaves a neutral live.")
{
    public override IEnumerable<Finding> Judge(CircuitLook look) => look.Wiring.OneSided().Select(r =>
        Fix(r.Key, $"With everything on {look.Circuit.Name} in use, {look.RunName(r.Key)} carries more one way than back: hot and neutral go different ways.", "300.3(B), 200.4") with { Mend = "Land the neutral of each outlet with the hot it came with, in every box on the way.", Sum = $"{r.Value:0.0} A do not come back in it" });
}
