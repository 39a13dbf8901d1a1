using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>No hot is joined to the hot of another circuit.</summary>
/// <remarks>NEC 240.8 for breakers in parallel; and whoever switches one off finds the wire still live.</remarks>
public sealed class HotsApart() : CircuitRule("hots-apart")
{
    public enum Case
    {
        Joined,
    }

    public override IEnumerable<Finding> Judge(CircuitLook look) =>
        from other in look.Wiring.JoinedTo(ConductorUse.Hot)
        where look.Id.CompareTo(other) < 0
        select Stop(Subjects.Circuit, Case.Joined, ("circuit", look.Thing), ("other", Thing.Circuit(other))).Pointing(other);
}
