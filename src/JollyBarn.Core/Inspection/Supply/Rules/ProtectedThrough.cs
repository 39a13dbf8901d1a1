using JollyBarn.Inspection.Rules;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>What a receptacle's own box cannot tell, the wiring can: whether a ground-fault device upstream protects it.</summary>
/// <remarks>NEC 210.8(A), in any of whose ways protection upstream counts.</remarks>
public sealed class ProtectedThrough() : CircuitRule("gfci-through", "GFCI upstream", "Wet hands and earth make a person the shortest way.")
{
    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        const string article = "210.8(A)";
        foreach (var outlet in look.Outlets.Where(o => o.Receptacle && GfciByPlace.Needed(o.Box).Needed == true && GfciByPlace.Met(o.Box, o.Id, o.Kind) is null))
        {
            var way = look.Ways.FirstOrDefault(w => w.Box == outlet.Box.Id && w.Device == outlet.Device);
            if (way is null)
            {
                continue;
            }

            if (way.Guards.Count > 0)
            {
                yield return Fine(outlet.Of, $"The {outlet.Name} hangs behind ground-fault protection.", article) with { Box = outlet.Box.Id };
            }
            else if (look.Wiring.Followed && look.Breakers.All(b => b.Breaker.Kind != Wiring.BreakerKind.Unknown))
            {
                yield return Fix(outlet.Of, $"The {outlet.Name} is followed back to its breaker, and nothing on the way protects it from ground faults; the place asks it.", article) with { Box = outlet.Box.Id, Mend = $"A ground-fault breaker in slot {string.Join(" and ", look.Breakers.Select(b => b.Breaker.Where))}, or a protective receptacle here or at a box before it, feeding this from its load side." };
            }
        }
    }
}
