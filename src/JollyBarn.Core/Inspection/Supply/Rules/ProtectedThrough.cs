using JollyBarn.Inspection.Rules;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>What a receptacle's own box cannot tell, the wiring can: whether a ground-fault device upstream protects it.</summary>
/// <remarks>NEC 210.8(A), in any of whose ways protection upstream counts.</remarks>
public sealed class ProtectedThrough() : CircuitRule("gfci-through")
{
    public enum Case
    {
        Behind,
        Unprotected,
    }

    public override IEnumerable<Finding> Judge(CircuitLook look) => look.Outlets.Where(Open).Select(o => Judge(look, o)).OfType<Finding>();

    /// <summary>True for a receptacle whose place asks protection and whose own box cannot tell whether there is any.</summary>
    private static bool Open(CircuitOutlet outlet) =>
        outlet.Receptacle && GfciByPlace.Needed(outlet.Box).Needed == true && GfciByPlace.Met(outlet.Box, outlet.Id, outlet.Kind) is null;

    private Finding? Judge(CircuitLook look, CircuitOutlet outlet)
    {
        var followed = look.Wiring.Followed && look.Breakers.All(b => b.Breaker.Kind != BreakerKind.Unknown);
        var found = look.Ways.FirstOrDefault(w => w.Box == outlet.Box.Id && w.Device == outlet.Device) switch
        {
            null => null,
            { Guards.Count: > 0 } => Fine(outlet.Of, Case.Behind, ("outlet", outlet.Thing)),
            _ => followed ? Fix(outlet.Of, Case.Unprotected, ("outlet", outlet.Thing), ("breakers", look.BreakerThings)) : null,
        };
        return found is null ? null : found with { Box = outlet.Box.Id };
    }
}
