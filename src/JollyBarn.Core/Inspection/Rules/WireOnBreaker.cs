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
            if (gauges.Count == 0 || WireTable.Key(gauges.Min(), cable.Run.Metal) is var key && !look.Limits.Has(key))
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
                look.PurposeOf(cable.Run.Circuit) == Purpose.Motor
                    ? AskOf(cable.Id, Case.Motor, [], details)
                    : OnBreaker(look, cable.Id, key, breaker, details)
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
}
