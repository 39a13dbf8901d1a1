using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Pigtails are as thick as the breaker asks.</summary>
/// <remarks>NEC 240.4(D), 210.19. A tap to a single luminaire up to 18 in may be thinner, but never to a receptacle.</remarks>
public sealed class PigtailOnBreaker() : BoxRule("pigtail-gauge")
{
    public enum Case
    {
        Tap,
        AskTap,
    }

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
                yield return Tapped(look, id, tail, key, breakers.Max())
                    ?? OnBreaker(look, id, key, breakers.Max(), ("gauge", gauge), ("lead", Thing.Lead(id)));
            }
        }
    }

    /// <summary>The exception for a tap to a lampholder or luminaire: 14 AWG, up to 18 in, on 20 A.</summary>
    private Finding? Tapped(BoxLook look, Id<Lead> id, Pigtail tail, string key, decimal breaker)
    {
        const string limit = "tap.luminaire";
        var most = look.Limits.Number(key);
        var luminaire = new[] { tail.From, tail.To }.Any(e =>
            DeviceKinds.Find(look.Box.Devices.Find(e.Device)?.Kind)?.Hung == HungAs.Luminaire
        );
        if (!luminaire || breaker <= most || breaker > look.Limits.Number("tap.breaker") || most < look.Limits.Number("wire.cu.14"))
        {
            return null;
        }

        (string, object?)[] details = [("lead", Thing.Lead(id)), ("limit", look.Limits.Inches(limit))];
        return (look.Read(LeadFacts.TailLength, id) ?? tail.Length.OrNull) switch
        {
            null => Ask(id, Case.AskTap, [LeadFacts.TailLength], details).By(limit),
            { } long_ when long_ > look.Limits.Inches(limit) => null,
            { } at => Fine(id, Case.Tap, [.. details, ("at", at)]).By(limit),
        };
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
