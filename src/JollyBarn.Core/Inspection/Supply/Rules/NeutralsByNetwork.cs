using JollyBarn.Inspection.Rules;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>No neutral is joined to the neutral of another circuit, through however many boxes.</summary>
/// <remarks>NEC 200.4(A), 300.3(B). Where they meet in one joint the box's own rule says so.</remarks>
public sealed class NeutralsByNetwork() : CircuitRule("neutrals-joined", "Borrowed neutral", "With one breaker off, the borrowed neutral still carries the other circuit.")
{
    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        foreach (var other in look.Wiring.JoinedTo(ConductorUse.Neutral).Where(o => string.CompareOrdinal(look.Id, o) < 0 && !Told(look, o)))
        {
            yield return Stop(Subjects.Circuit, $"Neutrals of {look.Circuit.Name} and {look.CircuitName(other)} are joined outside the panel: one may be live with the breaker of the other off.", "200.4(A), 300.3(B)",
                ["Switch off both circuits and tag both breakers.", "Prove dead to an independent ground, every neutral too.", "Part the neutrals so that each goes back with its own hot."], other);
        }
    }

    private static bool Told(CircuitLook look, string other) => look.Boxes.Any(b => b.Box.Joints.Ids.Any(j => NeutralsApart.CircuitsIn(b, j).Contains(other)));
}
