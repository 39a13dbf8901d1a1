using JollyBarn.Inspection.Rules;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>No neutral is joined to the neutral of another circuit, through however many boxes.</summary>
/// <remarks>NEC 200.4(A), 300.3(B). Where they meet in one joint the box's own rule says so.</remarks>
public sealed class NeutralsByNetwork() : CircuitRule("neutrals-joined")
{
    public enum Case
    {
        Joined,
    }

    public override IEnumerable<Finding> Judge(CircuitLook look) =>
        from other in look.Wiring.JoinedTo(ConductorUse.Neutral)
        where look.Id.CompareTo(other) < 0 && !Told(look, other)
        select Stop(Subjects.Circuit, Case.Joined, ("circuit", look.Thing), ("other", Thing.Circuit(other))).Pointing(other);

    private static bool Told(CircuitLook look, Id<Circuit> other) =>
        look.Boxes.Any(b => b.Box.Joints.Ids.Any(j => NeutralsApart.CircuitsIn(b, j).Contains(other)));
}
