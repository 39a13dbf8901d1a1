using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A cable is fastened every 4 1/2 ft.</summary>
/// <remarks>NEC 334.30. Bored holes count; a fished cable needs none.</remarks>
public sealed class Spacing() : BoxRule("spacing")
{
    public enum Case
    {
        Fished,
        AskFished,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        const string limit = "cable.spacing";
        foreach (var cable in look.Cables.Where(c => c.Run.Type is CableType.NmB or CableType.UfB))
        {
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
