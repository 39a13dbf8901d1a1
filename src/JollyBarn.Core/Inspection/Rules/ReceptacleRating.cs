using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

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
                yield return Suits(kind, rating, breaker, Alone(look, id))
                    ? Fine(id, Case.Suits, details)
                    : Fix(id, Case.DoesNotSuit, details);
            }
        }
    }

    /// <summary>A single receptacle on its own circuit is not under it; of others two or more share it.</summary>
    private static bool Suits(DeviceKind kind, decimal rating, decimal breaker, bool alone) =>
        kind.OneOutlet && alone
            ? rating >= breaker
            : breaker switch
            {
                15 => rating == 15,
                20 => rating is 15 or 20,
                30 => rating == 30,
                _ => rating >= breaker,
            };

    /// <summary>True where nothing else hangs on the circuit: its cables end in this box and nowhere else that anybody recorded.</summary>
    private static bool Alone(BoxLook look, Id<Device> id) =>
        look.Devices.Count(d => d.Kind.Outlet) == 1
        && look.On(id).SelectMany(e => look.CircuitsOf(e.Id)).Distinct().ToList() is [var circuit]
        && look.Reads.RunsOf(circuit)
            .All(r => new[] { r.Value.A, r.Value.B }.All(e => e.At == EndAt.Panel || e.IsIn(look.Id) || e.At == EndAt.Unknown))
        && look.Cables.Count(c => c.Run.Circuit == circuit) == 1;
}
