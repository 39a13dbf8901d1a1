using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>No receptacle within the zone of a tub or shower.</summary>
/// <remarks>NEC 406.9(C): 3 ft and 8 ft from 2020 on; in 2017 not within or directly over it. Exceptions of 2023 are for the
/// office.</remarks>
public sealed class BathZone() : BoxRule("bath-zone")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Use is RoomUse.Bathroom && look.Receptacles.Count > 0 && ProtectionBook.BathZone(look.Edition))
        {
            yield return YesNo(look, Subjects.Box, WallFacts.BathZone, false);
        }
    }
}
