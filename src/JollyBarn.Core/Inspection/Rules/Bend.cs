using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A cable is not bent tighter than it bears.</summary>
/// <remarks>NEC 334.24, 340.24, 320.24: 5 × diameter of NM, UF, AC; 330.24: 7 × of MC. The diameter is a usual one (practice).</remarks>
public sealed class Bend() : BoxRule("bend")
{
    public enum Case
    {
        Wide,
        Tight,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables)
        {
            if (cable.Run.Gauge is not { } gauge || look.Read(CableFacts.Bend, cable.Id) is not { } radius)
            {
                continue;
            }

            var limit = cable.Run.Type switch
            {
                CableType.Mc => "cable.bend.mc",
                CableType.Ac => "cable.bend.ac",
                _ => "cable.bend.nm",
            };
            var times = look.Limits.Number(limit);
            var across = Length.FromInches(Across(cable.Run, gauge));
            var least = Length.FromUnits((long)(across.Units * times));
            yield return (
                radius >= least
                    ? Fine(cable.Id, Case.Wide, ("radius", radius), ("cable", cable.Thing))
                    : Fix(
                        cable.Id,
                        Case.Tight,
                        ("radius", radius),
                        ("cable", cable.Thing),
                        ("times", times),
                        ("across", across.InInches),
                        ("least", least.InInches)
                    )
            )
                .By(limit)
                .Pointing(cable.Leads);
        }
    }

    /// <summary>Usual thickness, in: two insulated conductors side by side in a sheath; in armour the bundle of all, and the armour round
    /// it.</summary>
    private static decimal Across(Run run, Gauge gauge)
    {
        if (run.Type is not (CableType.Ac or CableType.Mc))
        {
            return (Bulk.InsulatedDiameter(gauge) * 2) + 0.06m;
        }

        // Of 2, 3, 4 and 5 round conductors in one circle.
        var round = (run.Conductors.Count + (run.Ground is GroundKind.Bare or GroundKind.Insulated ? 1 : 0)) switch
        {
            <= 2 => 2.0m,
            3 => 2.155m,
            4 => 2.414m,
            _ => 2.701m,
        };
        return (Bulk.InsulatedDiameter(gauge) * round) + 0.18m;
    }
}
