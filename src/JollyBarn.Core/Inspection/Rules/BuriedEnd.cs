using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>An end of a cable that waits in the ground is sealed by means listed for it.</summary>
/// <remarks>NEC 110.14(B), free ends, with 300.5(B): what lies in the ground is in a wet location. Tape is no seal. Judged where somebody
/// said that an end waits there.</remarks>
public sealed class BuriedEnd() : BoxRule("buried-end")
{
    public enum Case
    {
        Sealed,
        Taped,
        Open,
    }

    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from cable in look.Cables
        where cable.Run.Type is CableType.UfB or CableType.Raceway
        let end = look.Read(CableFacts.EndWaits, cable.Id)
        where end is not null
        select Judge(cable, end.Value).Pointing(cable.Leads);

    private Finding Judge(CableHere cable, EndInGround end) =>
        end switch
        {
            EndInGround.Listed => Fine(cable.Id, Case.Sealed, ("cable", cable.Thing)),
            EndInGround.Tape => Fix(cable.Id, Case.Taped, ("cable", cable.Thing)),
            _ => Fix(cable.Id, Case.Open, ("cable", cable.Thing)),
        };
}
