using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>It is known which breaker feeds the circuit, and its rating.</summary>
/// <remarks>NEC 408.4(A) asks for the directory; nothing of a circuit can be judged without it.</remarks>
public sealed class KnownBreaker() : CircuitRule("circuit-breaker")
{
    public enum Case
    {
        AskWhich,
        AskHandle,
        Known,
    }

    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        var unread = look.Breakers.Where(b => b.Breaker.Amperes is null).Select(b => Thing.Breaker(b.Panel, b.Breaker.Key)).ToArray();
        yield return Subjects.Circuit switch
        {
            var of when look.Breakers.Count == 0 => AskOf(of, Case.AskWhich, [], ("circuit", look.Thing)),
            var of when look.Amperes is null => AskOf(of, Case.AskHandle, [], ("breakers", unread)),
            var of => Fine(of, Case.Known, ("breakers", look.BreakerThings), ("rating", look.Amperes)),
        };
    }
}
