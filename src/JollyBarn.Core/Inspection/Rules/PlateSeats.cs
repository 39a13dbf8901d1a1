using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>The plate covers the opening and seats on the wall.</summary>
/// <remarks>NEC 406.6 for receptacles, 404.9(A) for switches.</remarks>
public sealed class PlateSeats() : BoxRule("plate")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Devices.Any(d => d.Kind.Yoke))
        {
            yield return YesNo(look, Subjects.Box, WallFacts.PlateSeats, true);
        }
    }
}
