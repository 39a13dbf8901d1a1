using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>The plate covers the opening and seats on the wall.</summary>
/// <remarks>NEC 406.6 for receptacles, 404.9(A) for switches.</remarks>
public sealed class PlateSeats() : BoxRule("plate", "Plate", "What can be reached past a plate can be touched live.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Devices.Any(d => d.Kind.Yoke))
        {
            var article = look.Receptacles.Count > 0 ? "406.6" : "404.9(A)";
            yield return YesNo(look, Subjects.Box, "plate-seats", true, "The plate does not cover the opening or does not seat on the wall.", article);
        }
    }
}
