using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>What is fastened in place takes at most half of a circuit that feeds lights or receptacles too.</summary>
/// <remarks>NEC 210.23(A)(2); 2023: 210.23(B)(2). Luminaires are not counted: they are what it is shared with.</remarks>
public sealed class FixedLoad() : CircuitRule("load-fixed", "Loads fastened in place", "It leaves too little for the lights and receptacles beside it.")
{
    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        var limit = look.Limits["circuit.fixed"];
        var fastened = look.Draws.Where(d => d.Fastened == true && d.Watts is not null).ToList();
        if (look.Amperes is not { } rating || fastened.Count == 0 || look.Draws.All(d => d.Fastened == true))
        {
            yield break;
        }

        var (sum, most) = (fastened.Sum(o => look.AmperesOf(o)!.Value), rating * limit.Value / 100);
        var open = look.Draws.Where(d => d.Fastened is null || (d.Fastened == true && d.Watts is null)).Select(d => d.Fastened is null ? d.Asked("load-how") : d.AsksWatts).ToList();
        // What nobody said is fastened may be all there is beside it: then the circuit is shared with nothing.
        var shared = look.Draws.Any(d => d.Fastened == false);
        yield return sum > most && shared ? Fix(Subjects.Circuit, $"What is fastened in place takes {sum:0.0##} A of {look.Circuit.Name}; {most:0.0##} A at most beside lights or receptacles.", limit.Article) with { Sum = $"{limit.Value:0} % of {rating:0} = {most:0.0} A", Mend = $"Move {(sum - most) * (decimal)look.Volts:0} W or more of it to a circuit of its own." }
            : open.Count > 0 ? AskOf(Subjects.Circuit, $"What is known to be fastened in place takes {sum:0.0} A of {most:0.0}: is anything else?", limit.Article, open)
            : Fine(Subjects.Circuit, $"What is fastened in place takes {sum:0.0} A of {most:0.0}.", limit.Article);
    }
}
