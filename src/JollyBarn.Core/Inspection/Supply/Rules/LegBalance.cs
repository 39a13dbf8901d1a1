using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>The loads of a panel are shared between its legs.</summary>
/// <remarks>Common practice: the heavier leg warms the panel, and what the two differ by flows in the neutral.</remarks>
public sealed class LegBalance() : PanelRule("leg-balance", "Balance of the legs", "What the legs differ by flows back in the neutral.")
{
    public override IEnumerable<Finding> Judge(PanelLook look)
    {
        var legs = Electrics.SupplyLegs.Count(look.Panel.System);
        var draws = look.Circuits.SelectMany(c => c.Draws).ToList();
        if (legs < 2 || draws.All(o => o.Watts is null))
        {
            yield break;
        }

        var on = new decimal[legs];
        foreach (var circuit in look.Circuits)
        {
            var mine = circuit.Breakers.Where(b => b.Panel == look.Id).SelectMany(b => look.LegsOf(b.Breaker)).ToList();
            foreach (var leg in mine)
            {
                // What shares a neutral is taken to be shared between its legs.
                on[leg] += circuit.KnownLoad / (circuit.Volts > circuit.LegVolts * 1.5 ? 1 : mine.Count);
            }
        }

        var (most, least) = (on.Max(), on.Min());
        var limit = look.Limits["panel.balance"];
        var sum = string.Join(", ", on.Select((a, i) => $"leg {(char)('A' + i)} {a:0.0} A"));
        yield return draws.Exists(o => o.Watts is null) ? AskOf(Subjects.Panel, $"Known loads of {look.Panel.Name}: {sum}. The rest is not recorded.", limit.Article, []) with { Sum = sum }
            : most > 0 && (most - least) * 100 > limit.Value * most ? Better(Subjects.Panel, $"The legs of {look.Panel.Name} are {most - least:0.0} A apart.", limit.Article) with { Sum = sum, Mend = $"A licensed electrician moves {(most - least) / 2:0.0} A of load to the lighter leg." }
            : Fine(Subjects.Panel, $"The legs of {look.Panel.Name} are within {limit.Value:0} %.", limit.Article) with { Sum = sum };
    }
}
