using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>No receptacle within the zone of a tub or shower.</summary>
/// <remarks>NEC 406.9(C): 3 ft and 8 ft from 2020 on; in 2017 not within or directly over it. Exceptions of 2023 are for the office.</remarks>
public sealed class BathZone() : BoxRule("bath-zone", "Tub and shower", "Wet skin carries many times what dry skin does.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Use is "bathroom" && look.Receptacles.Count > 0 && ProtectionBook.BathZone(look.Edition))
        {
            yield return YesNo(look, Subjects.Box, "bath-zone", false, "A receptacle is within the zone of the tub or shower.", "406.9(C)");
        }
    }
}
