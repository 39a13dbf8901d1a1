using JollyBarn.CodeBook;
using JollyBarn.Terms;

namespace JollyBarn.Inspection.Rules;

/// <summary>The rating of a receptacle suits its circuit.</summary>
/// <remarks>NEC 210.21(B): two or more on 15 A are 15; on 20 A 15 or 20; on 30 A 30; a single one on its own circuit is not under it. A
/// duplex counts as two.</remarks>
public sealed class ReceptacleRating() : BoxRule("rating")
{
    public enum Case
    {
        Suits,
        DoesNotSuit,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, _, kind) in look.Receptacles)
        {
            var breakers = look.On(id)
                .SelectMany(e => look.CircuitsOf(e.Id))
                .Distinct()
                .Select(c => look.BreakerOf(c)?.Amperes)
                .OfType<decimal>()
                .Distinct()
                .ToList();
            if (look.Read(DeviceFacts.Rating, id) is { } rating && breakers is [var breaker])
            {
                (string, object?)[] details = [("rating", rating), ("breaker", breaker)];
                yield return Suits(kind, rating, breaker) ? Fine(id, Case.Suits, details) : Fix(id, Case.DoesNotSuit, details);
            }
        }
    }

    private static bool Suits(DeviceKind kind, decimal rating, decimal breaker)
    {
        return kind.OneOutlet
            ? rating >= breaker || (breaker == 20 && rating == 15)
            : breaker switch
            {
                15 => rating == 15,
                20 => rating is 15 or 20,
                30 => rating == 30,
                _ => rating >= breaker,
            };
    }
}
