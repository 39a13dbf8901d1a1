using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A receptacle box outdoors does not stand on one plastic stub.</summary>
/// <remarks>NEC 314.23(F).</remarks>
public sealed class OnStub() : BoxRule("stub")
{
    public enum Case
    {
        Ask,
        OnePlastic,
        Carried,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Use is RoomUse.Outdoors && look.Receptacles.Count > 0)
        {
            yield return look.Read(BoxFacts.CarriedBy) switch
            {
                null => Ask(Subjects.Box, Case.Ask, [BoxFacts.CarriedBy]),
                Stub.OnePlastic => Fix(Subjects.Box, Case.OnePlastic),
                _ => Fine(Subjects.Box, Case.Carried),
            };
        }
    }
}
