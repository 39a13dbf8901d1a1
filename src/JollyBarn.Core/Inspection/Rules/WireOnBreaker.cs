using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>No conductor is thinner than its breaker allows.</summary>
/// <remarks>NEC 240.4(D): copper 14 on 15 A, 12 on 20, 10 on 30; 8 and 6 at 60 °C by 334.80. Motors and air conditioning have rules of their own, 240.4(G).</remarks>
public sealed class WireOnBreaker() : BoxRule("wire-breaker", "Wire on its breaker", "The breaker lets through more than the wire can carry.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var unknown = new List<CableHere>();
        foreach (var cable in look.Cables)
        {
            var gauges = cable.Leads.Select(l => look.Box.Leads[l]).Where(l => !l.IsGround && l.Gauge is not null).Select(l => l.Gauge!.Value).ToList();
            if (gauges.Count == 0 || WireTable.Key(gauges.Min(), cable.Run.Metal) is not { } key || !look.Limits.Has(key))
            {
                continue;
            }

            if (look.BreakerOf(cable.Run.Circuit)?.Amperes is not { } breaker)
            {
                unknown.Add(cable);
                continue;
            }

            if (look.PurposeOf(cable.Run.Circuit) == PurposeBook.Motor)
            {
                yield return AskOf(cable.Id, $"{gauges.Min()} AWG in {BoxLook.CableName(cable)} feeds a motor or air conditioner: the rule differs, its nameplate says wire and breaker.", "240.4(G)", [], [.. cable.Leads]);
                continue;
            }

            yield return WireTable.Judge(this, look, cable.Id, $"{gauges.Min()} AWG in {BoxLook.CableName(cable)}", key, breaker) with { Ids = cable.Leads };
        }

        if (unknown.Count > 0)
        {
            yield return AskOf(Subjects.Box, unknown.Count == 1 ? $"Which breaker feeds {BoxLook.CableName(unknown[0])}?" : $"Which breaker feeds these {unknown.Count} cables?", "240.4(D)", [], [.. unknown.SelectMany(c => c.Leads)]);
        }
    }
}
