using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>A circuit given to a room is of 20 A.</summary>
/// <remarks>NEC 210.11(C).</remarks>
public sealed class PurposeRating() : CircuitRule("purpose-rating")
{
    public enum Case
    {
        Enough,
        ThickEnough,
        ThinPieces,
    }

    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        if (look.Read(SupplyFacts.Purpose) is not { } purpose || !PurposeBook.Find(purpose).Own || look.Amperes is not { } rating)
        {
            yield break;
        }

        // A larger breaker is right only where every conductor carries it, 240.4(D).
        var asked = look.Limits.Number("circuit.purpose");
        var thin = look
            .Runs.Where(r => r.Run.Conductors.Select(c => c.Gauge ?? r.Run.Gauge).Any(g => g is null or { Number: > 12 }))
            .Select(r => Thing.Run(r.Id))
            .ToArray();
        (string, object?)[] details = [("circuit", look.Thing), ("purpose", purpose), ("rating", rating), ("asked", asked), ("thin", thin)];
        yield return (
            rating >= asked
                ? Fine(Subjects.Circuit, Case.Enough, details)
                : Fix(Subjects.Circuit, thin.Length == 0 ? Case.ThickEnough : Case.ThinPieces, details)
        ).Under(ArticleBook.OfPurpose(purpose));
    }
}
