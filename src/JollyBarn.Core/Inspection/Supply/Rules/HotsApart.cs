using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>No hot is joined to the hot of another circuit.</summary>
/// <remarks>NEC 240.8 for breakers in parallel; and whoever switches one off finds the wire still live.</remarks>
public sealed class HotsApart() : CircuitRule("hots-apart", "Hots of two circuits", "With one breaker off, the other still feeds it.")
{
    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        foreach (var other in look.Wiring.JoinedTo(ConductorUse.Hot).Where(o => string.CompareOrdinal(look.Id, o) < 0))
        {
            yield return Stop(Subjects.Circuit, $"Hots of {look.Circuit.Name} and {look.CircuitName(other)} are joined somewhere: with either breaker off it is live from the other.", "240.8",
                ["Switch off both circuits and tag both breakers.", "Prove dead to an independent ground at each box of both.", "Find where they meet and part them, each with its own neutral."], other);
        }
    }
}
