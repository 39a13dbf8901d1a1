using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A receptacle box outdoors that raceways alone carry stands on two or more threaded metal ones: never on plastic, never on
/// one.</summary>
/// <remarks>NEC 314.23(F). A post or body listed for it is another thing.</remarks>
public sealed class OnStub() : BoxRule("stub")
{
    public enum Case
    {
        Ask,
        AskWhat,
        OnePlastic,
        One,
        Carried,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Use is RoomUse.Outdoors && look.Receptacles.Count > 0)
        {
            yield return look.Read(BoxFacts.CarriedBy) switch
            {
                null => Ask(Subjects.Box, Case.Ask, [BoxFacts.CarriedBy]),
                Stub.OnePlastic or Stub.TwoPlastic => Fix(Subjects.Box, Case.OnePlastic),
                Stub.Metal => Fix(Subjects.Box, Case.One),
                Stub.Two => Ask(Subjects.Box, Case.AskWhat, [BoxFacts.CarriedBy]),
                _ => Fine(Subjects.Box, Case.Carried),
            };
        }
    }
}
