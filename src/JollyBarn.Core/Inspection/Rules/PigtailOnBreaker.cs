using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Pigtails are as thick as the breaker asks.</summary>
/// <remarks>NEC 240.4(D), 210.19. A tap to a single luminaire up to 18 in may be thinner, but never to a receptacle.</remarks>
public sealed class PigtailOnBreaker() : BoxRule("pigtail-gauge", "Pigtail gauge", "The thin piece is the fuse.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Cables.All(c => c.Run.Circuit is null))
        {
            yield break;
        }

        foreach (var (id, tail) in look.Box.Pigtails.Where(t => !(t.Value.Use is ConductorUse.Ground or ConductorUse.IsolatedGround) && t.Value.Gauge is not null))
        {
            var ends = new[] { tail.From, tail.To }.Where(e => e.At == LandingAt.Joint).ToList();
            var members = ends.SelectMany(e => look.In(e.Joint!)).Select(m => m.Id).Where(m => m != id).ToList();
            var breakers = members.SelectMany(look.CircuitsOf).Distinct().Select(c => look.BreakerOf(c)?.Amperes).OfType<decimal>().ToList();
            if (breakers.Count > 0 && WireTable.Key(tail.Gauge!.Value, tail.Metal) is { } key && look.Limits.Has(key))
            {
                yield return WireTable.Judge(this, look, id, $"{tail.Gauge} AWG, {tail.Colour} pigtail", key, breakers.Max());
            }
        }
    }
}
