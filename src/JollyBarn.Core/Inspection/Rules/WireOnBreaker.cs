using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>No conductor is thinner than its breaker allows.</summary>
/// <remarks>NEC 240.4(D): copper 14 on 15 A, 12 on 20, 10 on 30; 8 and 6 at 60 °C by 334.80. Motors and air conditioning have rules of
/// their own, 240.4(G).</remarks>
public sealed class WireOnBreaker() : BoxRule("wire-breaker")
{
    public enum Case
    {
        Motor,
        AskOne,
        AskMany,
        AskMetal,
        AskTerminals,
        UnderLeast,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var unknown = new List<CableHere>();
        foreach (var cable in look.Cables)
        {
            var gauges = cable
                .Leads.Select(l => look.Box.Leads[l])
                .Where(l => !l.IsGround && l.Gauge is not null)
                .Select(l => l.Gauge!.Value)
                .ToList();
            if (gauges.Count == 0)
            {
                continue;
            }

            var (thin, metal) = (gauges.Min(), cable.Run.Metal);
            if (cable.Run.Type is not (CableType.Cord or CableType.Unknown) && WireTable.Thinnest(look, metal).ThickerThan(thin))
            {
                yield return Fix(cable.Id, Case.UnderLeast, ("gauge", thin), ("cable", cable.Thing)).Pointing(cable.Leads);
                continue;
            }

            var key = WireTable.Key(thin, metal);
            if (!look.Limits.Has(key))
            {
                continue;
            }

            if (look.BreakerOf(cable.Run.Circuit)?.Amperes is not { } breaker)
            {
                unknown.Add(cable);
                continue;
            }

            (string, object?)[] details = [("gauge", gauges.Min()), ("cable", cable.Thing)];
            yield return (
                look.PurposeOf(cable.Run.Circuit) == Purpose.Motor ? AskOf(cable.Id, Case.Motor, [], details)
                : MetalMatters(look, thin, metal, breaker) ? AskOf(cable.Id, Case.AskMetal, [], details)
                : Hotter(look, cable, thin, breaker, key) ?? OnBreaker(look, cable.Id, key, breaker, details)
            ).Pointing(cable.Leads);
        }

        if (unknown.Count > 0)
        {
            yield return AskOf(
                    Subjects.Box,
                    unknown.Count == 1 ? Case.AskOne : Case.AskMany,
                    [],
                    ("cable", unknown[0].Thing),
                    ("count", unknown.Count)
                )
                .Pointing(unknown.SelectMany(c => c.Leads));
        }
    }

    /// <summary>True where nobody knows the metal and it decides.</summary>
    private static bool MetalMatters(BoxLook look, Gauge gauge, Metal metal, decimal breaker) =>
        metal == Metal.Unknown
        && breaker <= look.Limits.Number(WireTable.Key(gauge, metal))
        && !(look.Limits.Has(WireTable.Least(gauge)) && breaker <= look.Limits.Number(WireTable.Least(gauge)));

    /// <summary>A cable whose insulation takes 75 °C: what its terminals take at both ends decides. NEC 110.14(C).</summary>
    private Finding? Hotter(BoxLook look, CableHere cable, Gauge gauge, decimal breaker, string key)
    {
        var hot = $"wire75.cu.{gauge}";
        if (
            cable.Run.Type is not (CableType.Mc or CableType.Raceway)
            || cable.Run.Metal != Metal.Copper
            || !look.Limits.Has(hot)
            || breaker <= look.Limits.Number(key)
            || breaker > look.Limits.Number(hot)
        )
        {
            return null;
        }

        (string, object?)[] details = [("gauge", gauge), ("cable", cable.Thing)];
        return look.Read(CableFacts.Terminals75, cable.Id) switch
        {
            null => Ask(cable.Id, Case.AskTerminals, [CableFacts.Terminals75], details),
            true => OnBreaker(look, cable.Id, hot, breaker, details),
            false => null,
        };
    }
}
