using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A cable in or along a stud is 1 1/4 in from its face, or plated.</summary>
/// <remarks>NEC 300.4(A), (D): a 1/16 in plate; notches always plated. Conduit and
/// tubing stand the nail themselves, exceptions; flexible conduit does not.</remarks>
public sealed class StudEdge() : BoxRule("edge")
{
    public enum Case
    {
        FarEnough,
        Plated,
        AskPlate,
        AskRaceway,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        const string limit = "cable.edge";
        foreach (var cable in look.Cables)
        {
            if (look.Read(CableFacts.Edge, cable.Id) is not { } edge)
            {
                continue;
            }

            var raceway = look.Read(CableFacts.Raceway, cable.Id);
            if (cable.Run.Type == CableType.Raceway && raceway is not (null or RacewayKind.Flexible))
            {
                continue;
            }

            yield return (
                look.Read(CableFacts.Plated, cable.Id) switch
                {
                    _ when edge >= look.Limits.Inches(limit) => Fine(cable.Id, Case.FarEnough, ("at", edge), ("cable", cable.Thing)),
                    not true when cable.Run.Type == CableType.Raceway && raceway is null => Ask(
                        cable.Id,
                        Case.AskRaceway,
                        [CableFacts.Raceway],
                        ("at", edge),
                        ("cable", cable.Thing)
                    ),
                    true => Fine(cable.Id, Case.Plated, ("at", edge), ("cable", cable.Thing)),
                    null => Ask(cable.Id, Case.AskPlate, [CableFacts.Plated], ("at", edge), ("cable", cable.Thing)),
                    false => AtLeast(look, cable.Id, edge, limit, details: [("cable", cable.Thing)]),
                }
            )
                .By(limit)
                .Pointing(cable.Leads);
        }
    }
}
