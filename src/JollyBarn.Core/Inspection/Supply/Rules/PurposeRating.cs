using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>A circuit given to a room is of 20 A.</summary>
/// <remarks>NEC 210.11(C).</remarks>
public sealed class PurposeRating() : CircuitRule("purpose-rating", "Rating of a circuit with a purpose", "A kettle and a toaster together open a smaller one.")
{
    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        if (PurposeBook.Find(look.Answer(Subjects.Circuit, "purpose")) is { Own: true } purpose && look.Amperes is { } rating)
        {
            var asked = look.Limits.Number("circuit.purpose");
            yield return rating >= asked ? Fine(Subjects.Circuit, $"{rating:0} A for {purpose.Name}.", purpose.Article!) : Fix(Subjects.Circuit, $"{look.Circuit.Name} is for {purpose.Name} and has {rating:0} A; {asked:0} A are asked.", purpose.Article!) with { Mend = Thicker(look) };
        }
    }

    /// <summary>A larger breaker is right only where every conductor carries it, 240.4(D).</summary>
    private static string Thicker(CircuitLook look)
    {
        var thin = look.Runs.Where(r => r.Run.Conductors.Select(c => c.Gauge ?? r.Run.Gauge).Any(g => g is null or { Number: > 12 })).Select(r => look.RunName(r.Id)).ToList();
        return thin.Count == 0 ? "Every cable recorded is 12 AWG or thicker: a licensed electrician may put in a 20 A breaker." : $"A 20 A breaker wants 12 AWG all the way: {string.Join(", ", thin.Take(3))}{(thin.Count > 3 ? $" and {thin.Count - 3} more are" : thin.Count > 1 ? " are" : " is")} thinner or not known. Else a new circuit.";
    }
}
