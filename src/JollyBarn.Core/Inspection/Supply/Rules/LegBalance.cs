using JollyBarn.Electrics;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>The loads of a panel are shared between its legs.</summary>
/// <remarks>Common practice: the heavier leg warms the panel, and what the two differ by flows in the neutral.</remarks>
public sealed class LegBalance() : PanelRule("leg-balance")
{
    public enum Case
    {
        AskRest,
        Apart,
        Within,
    }

    public override IEnumerable<Finding> Judge(PanelLook look)
    {
        const string limit = "panel.balance";
        var legs = SupplyLegs.Count(look.Panel.System);
        var draws = look.Circuits.SelectMany(c => c.Draws).ToList();
        if (legs < 2 || draws.All(o => o.Watts is null))
        {
            yield break;
        }

        decimal[] on = [.. LegLoad.Of(look).Select(l => l.Amperes)];
        var (most, least) = (on.Max(), on.Min());
        var share = look.Limits.Number(limit);
        (string, object?)[] details =
        [
            ("panel", look.Thing),
            ("legs", new Amounts(on)),
            ("apart", most - least),
            ("half", (most - least) / 2),
            ("share", share),
        ];
        yield return (
            Subjects.Panel switch
            {
                var of when draws.Exists(o => o.Watts is null) => AskOf(of, Case.AskRest, [], details),
                var of when most - least >= look.Limits.Number("panel.balance.least") && (most - least) * 100 > share * most => Better(
                    of,
                    Case.Apart,
                    details
                ),
                var of => Fine(of, Case.Within, details),
            }
        ).By(limit);
    }
}
