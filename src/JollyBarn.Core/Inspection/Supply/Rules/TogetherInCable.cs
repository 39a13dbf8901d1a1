using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>Hot and neutral of the circuit go the same way.</summary>
/// <remarks>NEC 300.3(B), 200.4: what goes out in a cable comes back in it. Found by loading every outlet and summing the currents of each
/// cable.</remarks>
public sealed class TogetherInCable() : CircuitRule("together")
{
    public enum Case
    {
        Apart,
    }

    public override IEnumerable<Finding> Judge(CircuitLook look) =>
        look
            .Wiring.OneSided()
            .Select(r => Fix(r.Key, Case.Apart, ("circuit", look.Thing), ("run", Thing.Run(r.Key)), ("amperes", r.Value)));
}
