using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>It is known which breaker feeds the circuit, and its rating.</summary>
/// <remarks>NEC 408.4(A) asks for the directory; nothing of a circuit can be judged without it.</remarks>
public sealed class KnownBreaker() : CircuitRule("circuit-breaker", "Its breaker", "Whoever works on it must know which one to switch off.")
{
    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        yield return look.Breakers.Count == 0 ? AskOf(Subjects.Circuit, $"Which breaker feeds {look.Circuit.Name}?", "408.4(A)", [])
            : look.Amperes is null ? AskOf(Subjects.Circuit, $"What does the handle of breaker {string.Join(" and ", look.Breakers.Where(b => b.Breaker.Amperes is null).Select(b => b.Breaker.Where))} say, in amperes?", "240.83", [])
            : Fine(Subjects.Circuit, $"Fed by breaker {string.Join(" and ", look.Breakers.Select(b => b.Breaker.Where))}, {look.Amperes:0} A.", "408.4(A)");
    }
}
