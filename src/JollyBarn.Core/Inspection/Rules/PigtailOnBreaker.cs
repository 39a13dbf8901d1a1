using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Pigtails are as thick as the breaker asks.</summary>
/// <remarks>NEC 240.4(D), 210.19. A tap to a single luminaire up to 18 in may be thinner, but never to a receptacle.</remarks>
public sealed class PigtailOnBreaker() : BoxRule("pigtail-gauge")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Cables.All(c => c.Run.Circuit is null))
        {
            yield break;
        }

        foreach (var (id, tail) in look.Box.Pigtails.Where(t => t.Value.Use is not (ConductorUse.Ground or ConductorUse.IsolatedGround)))
        {
            if (
                tail.Gauge is { } gauge
                && Breakers(look, id, tail) is { Count: > 0 } breakers
                && WireTable.Key(gauge, tail.Metal) is var key
                && look.Limits.Has(key)
            )
            {
                yield return OnBreaker(look, id, key, breakers.Max(), ("gauge", gauge), ("lead", Thing.Lead(id)));
            }
        }
    }

    /// <summary>Ratings of the breakers whose circuits meet it in a joint, A.</summary>
    private static List<decimal> Breakers(BoxLook look, Id<Lead> id, Pigtail tail)
    {
        var members = new[] { tail.From, tail.To }
            .Where(e => e.At == LandingAt.Joint)
            .SelectMany(e => look.In(e.Joint!.Value))
            .Select(m => m.Id)
            .Where(m => m != id);
        return [.. members.SelectMany(look.CircuitsOf).Distinct().Select(c => look.BreakerOf(c)?.Amperes).OfType<decimal>()];
    }
}
