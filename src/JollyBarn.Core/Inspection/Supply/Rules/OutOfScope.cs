using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>A circuit of a pool, spa or fountain is for a licensed electrician.</summary>
/// <remarks>NEC 680 is not judged here.</remarks>
public sealed class OutOfScope() : CircuitRule("out-of-scope")
{
    public enum Case
    {
        Pool,
    }

    public override IEnumerable<Finding> Judge(CircuitLook look) =>
        look.Read(SupplyFacts.Purpose) == Purpose.Pool ? [Better(Subjects.Circuit, Case.Pool, ("circuit", look.Thing))] : [];
}
