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
        AskAlone,
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
                var (alone, shared) = (Suits(kind, rating, breaker, true), Suits(kind, rating, breaker, false));
                yield return (Alone(look, id) ?? (alone == shared ? true : null)) switch
                {
                    null => AskOf(id, Case.AskAlone, [], [.. details, ("device", Thing.Device(id))]),
                    true when alone => Fine(id, Case.Suits, details),
                    false when shared => Fine(id, Case.Suits, details),
                    _ => Fix(id, Case.DoesNotSuit, details),
                };
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

    /// <summary>True where nothing else hangs on the circuit: one cable, from the panel to this box; null where nobody followed it to the
    /// panel.</summary>
    private static bool? Alone(BoxLook look, Id<Device> id)
    {
        var circuits = look.On(id).SelectMany(e => look.CircuitsOf(e.Id)).Distinct().ToList();
        if (
            look.Devices.Count(d => d.Kind.Outlet) != 1
            || circuits is not [var circuit]
            || look.Cables.Count(c => c.Run.Circuit == circuit) != 1
        )
        {
            return false;
        }

        var ends = look.Reads.RunsOf(circuit).SelectMany(r => new[] { r.Value.A, r.Value.B }).Where(e => !e.IsIn(look.Id)).ToList();
        return ends.Exists(e => e.At is not (EndAt.Panel or EndAt.Unknown)) ? false
            : ends.TrueForAll(e => e.At == EndAt.Panel) ? true
            : null;
    }
}
