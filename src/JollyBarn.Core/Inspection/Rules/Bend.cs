using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A cable is not bent tighter than it bears.</summary>
/// <remarks>NEC 334.24, 340.24, 320.24: 5 × diameter of NM, UF, AC; 330.24: 7 × of MC. The diameter is a usual one (practice).</remarks>
public sealed class Bend() : BoxRule("bend", "Bend", "A kink breaks the insulation inside, where nobody sees it.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => c.Run.Gauge is not null))
        {
            if (look.Tape(cable.Id, "bend") is not { } radius)
            {
                continue;
            }

            var limit = look.Limits[cable.Run.Type switch { CableType.Mc => "cable.bend.mc", CableType.Ac => "cable.bend.ac", _ => "cable.bend.nm" }];
            var across = Length.FromInches(Bulk.InsulatedDiameter(cable.Run.Gauge!.Value) * 2 + 0.06m);
            var least = Length.FromUnits((long)(across.Units * limit.Value));
            yield return radius >= least
                ? Fine(cable.Id, $"Bent to {radius}: {BoxLook.CableName(cable)}.", limit.Article, [.. cable.Leads])
                : Fix(cable.Id, $"{BoxLook.CableName(cable)[..1].ToUpperInvariant()}{BoxLook.CableName(cable)[1..]} is bent to a radius of {radius}; {limit.Value:0} times its thickness needed.", limit.Article, [.. cable.Leads]) with { Sum = $"{limit.Value:0} × {across.InInches:0.00} in = {least.InInches:0.00} in; {radius} there" };
        }
    }
}
