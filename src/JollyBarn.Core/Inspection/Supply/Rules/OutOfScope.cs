using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>A circuit of a pool, spa or fountain is for a licensed electrician.</summary>
/// <remarks>NEC 680 is not judged here.</remarks>
public sealed class OutOfScope() : CircuitRule("out-of-scope", "Pools, spas, fountains", "Water and bonding there have rules of their own, which nothing here knows.")
{
    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        if (look.PurposeOf(look.Id) == PurposeBook.Pool)
        {
            yield return Better(Subjects.Circuit, $"{look.Circuit.Name} is for a pool, spa or fountain: nothing here judges it. Bring a licensed electrician.", "680");
        }
    }
}
