using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>Tandem breakers stand only where the panel takes them.</summary>
/// <remarks>NEC 408.54, 110.3(B).</remarks>
public sealed class Tandem() : PanelRule("tandem")
{
    public enum Case
    {
        Taken,
        NotTaken,
        Ask,
    }

    public override IEnumerable<Finding> Judge(PanelLook look)
    {
        foreach (var breaker in look.Panel.Breakers.Where(b => b.Kind == BreakerKind.Tandem && !b.Lower))
        {
            (string, object?)[] details = [("panel", look.Thing), ("breaker", look.Named(breaker))];
            yield return look.Read(SupplyFacts.TakesTandem) switch
            {
                true => Fine(breaker.Key, Case.Taken, details),
                false => Fix(breaker.Key, Case.NotTaken, details),
                null => AskOf(breaker.Key, Case.Ask, [new(Subjects.Panel, SupplyFacts.TakesTandem)], details),
            };
        }
    }
}
