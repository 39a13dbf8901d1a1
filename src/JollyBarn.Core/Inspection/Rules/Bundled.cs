using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Cables that share a sealed hole or lie together in insulation carry less.</summary>
/// <remarks>NEC 334.80, 310.15(C)(1): the 90 °C column is adjusted; only a result under the breaker is wrong.</remarks>
public sealed class Bundled() : BoxRule("bundled")
{
    public enum Case
    {
        AskBreaker,
        TooHot,
        Carries,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in look.Cables.Where(c => c.Run.Type is CableType.NmB && c.Run.Gauge is not null))
        {
            var key = $"ampacity90.{cable.Run.Gauge}";
            if (
                look.Read(CableFacts.Bundled, cable.Id) is not { } count
                || count <= look.Limits.Number("cable.bundle")
                || !look.Limits.Has(key)
            )
            {
                continue;
            }

            // Each two-wire cable brings two conductors that carry current; a neutral of one circuit in a three-wire cable carries none of
            // its own.
            var carrying = (int)count * 2;
            var factor = carrying switch
            {
                <= 6 => "cable.bundle.4",
                <= 9 => "cable.bundle.7",
                <= 20 => "cable.bundle.10",
                _ => "cable.bundle.21",
            };
            var (table, share) = (look.Limits.Number(key), look.Limits.Number(factor));
            var left = table * share / 100;
            (string, object?)[] details =
            [
                ("cable", cable.Thing),
                ("count", count),
                ("table", table),
                ("share", share),
                ("left", left),
                ("carrying", carrying),
            ];
            yield return (
                look.BreakerOf(cable.Run.Circuit)?.Amperes switch
                {
                    null => AskOf(cable.Id, Case.AskBreaker, [], details),
                    { } breaker when left < breaker => Fix(cable.Id, Case.TooHot, [.. details, ("breaker", breaker)]),
                    { } breaker => Fine(cable.Id, Case.Carries, [.. details, ("breaker", breaker)]),
                }
            )
                .By(factor)
                .Pointing(cable.Leads);
        }
    }
}
