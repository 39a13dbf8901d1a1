using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>What is fastened in place takes at most half of a circuit that feeds lights or receptacles too.</summary>
/// <remarks>NEC 210.23(A)(2); 2023: 210.23(B)(2). Luminaires are not counted: they are what it is shared with.</remarks>
public sealed class FixedLoad() : CircuitRule("load-fixed")
{
    public enum Case
    {
        Over,
        AskMore,
        Within,
    }

    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        const string limit = "circuit.fixed";
        var fastened = look.Draws.Where(d => d.Fastened == true && d.Watts is not null).ToList();
        if (look.Amperes is not { } rating || fastened.Count == 0 || look.Draws.All(d => d.Fastened == true))
        {
            yield break;
        }

        var share = look.Limits.Number(limit);
        var (sum, most) = (fastened.Sum(o => look.AmperesOf(o)!.Value), rating * share / 100);
        var unsaid = look.Draws.Where(d => d.Fastened is null || (d.Fastened == true && d.Watts is null));
        var open = unsaid.Select(d => d.Fastened is null ? d.Asked(DeviceFacts.Hangs) : d.Asked(d.TakesWatts)).ToList();

        // What nobody said is fastened may be all there is beside it: then the circuit is shared with nothing.
        var shared = look.Draws.Any(d => d.Fastened == false);
        (string, object?)[] details = [("circuit", look.Thing), ("amperes", sum), ("most", most), ("rating", rating), ("share", share)];
        yield return (
            Subjects.Circuit switch
            {
                var of when sum > most && shared => Fix(of, Case.Over, [.. details, ("watts", (sum - most) * (decimal)look.Volts)]),
                var of when open.Count > 0 => AskOf(of, Case.AskMore, open, details),
                var of => Fine(of, Case.Within, details),
            }
        ).By(limit);
    }
}
