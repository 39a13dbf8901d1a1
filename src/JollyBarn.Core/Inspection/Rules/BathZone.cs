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
        if (look.Use is RoomUse.Bathroom && look.Receptacles.Count > 0)
        {
            yield return YesNo(look, Subjects.Box, Decides(look), false);
        }
    }

    /// <summary>What is asked of the place: the zone; where there is none yet, what lies in the tub or over it.</summary>
    internal static FactKey<bool> Decides(BoxLook look) =>
        ProtectionBook.BathZone(look.Edition) ? WallFacts.BathZone
        : look.Read(WallFacts.InTubSpace) == true ? WallFacts.InTubSpace
        : WallFacts.OverTub;
}
