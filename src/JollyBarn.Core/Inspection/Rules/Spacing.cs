using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A cable is fastened every 4 1/2 ft, MC every 6 ft.</summary>
/// <remarks>NEC 334.30, 320.30(C), 330.30(C). Bored holes count; a fished cable needs none.</remarks>
public sealed class Spacing() : BoxRule("spacing")
{
    public enum Case
    {
        Fished,
        AskFished,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => c.Run.Type is CableType.NmB or CableType.UfB or CableType.Ac or CableType.Mc))
        {
            var limit = cable.Run.Type switch
            {
                CableType.Ac => "cable.spacing.ac",
                CableType.Mc => "cable.spacing.mc",
                _ => "cable.spacing",
            };
            if (look.Read(CableFacts.Spacing, cable.Id) is not { } way)
            {
                continue;
            }

            yield return (
                look.Fished(cable.Id) switch
                {
                    _ when way <= look.Limits.Inches(limit) => AtMost(look, cable.Id, way, limit, details: [("cable", cable.Thing)]),
                    true => Fine(cable.Id, Case.Fished),
                    false => AtMost(look, cable.Id, way, limit, details: [("cable", cable.Thing)]),
                    null => Ask(cable.Id, Case.AskFished, [CableFacts.Fastener], ("at", way), ("cable", cable.Thing)),
                }
            ).Pointing(cable.Leads);
        }
    }
}
