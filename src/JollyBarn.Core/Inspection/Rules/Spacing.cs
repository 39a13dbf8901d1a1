using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A cable is fastened every 4 1/2 ft.</summary>
/// <remarks>NEC 334.30. Bored holes count; a fished cable needs none.</remarks>
public sealed class Spacing() : BoxRule("spacing", "Fasteners along the run", "A sagging cable is hung on.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => c.Run.Type is CableType.NmB or CableType.UfB))
        {
            if (look.Tape(cable.Id, "spacing") is { } way)
            {
                yield return way > look.Limits.Inches("cable.spacing") && look.Fished(cable.Id) is not false
                    ? look.Fished(cable.Id) == true ? Fine(cable.Id, "Fished between access points.", "334.30(B)(1)", [.. cable.Leads]) : AskOf(cable.Id, $"{way} without a fastener: was {BoxLook.CableName(cable)} fished?", "334.30", [new(cable.Id, "fastener")], [.. cable.Leads])
                    : AtMost(look, cable.Id, way, "cable.spacing", $"Between fasteners, {BoxLook.CableName(cable)}") with { Ids = cable.Leads };
            }
        }
    }
}
