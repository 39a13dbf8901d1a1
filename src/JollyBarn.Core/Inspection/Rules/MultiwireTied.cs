using JollyBarn.Terms;

namespace JollyBarn.Inspection.Rules;

/// <summary>The breakers of a multiwire circuit open together.</summary>
/// <remarks>NEC 210.4(B). By the wiring first, see <see cref="YokeTogether"/>.</remarks>
public sealed class MultiwireTied() : BoxRule("multiwire-tied")
{
    public enum Case
    {
        OneBreaker,
        CannotBeTied,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in MultiwireCables.In(look))
        {
            var hots = MultiwireCables.Hots(look, cable).ToList();
            var poles = MultiwireCables.Poles(look, hots);
            var followed = hots.TrueForAll(h => look.Wires.Lead(look.Box, h).Switched.Hot);
            yield return (
                (poles.Count == 2 ? Together.Handles(look.Reads, poles) : Handles.Neighbours) switch
                {
                    Handles.One => Fine(cable.Id, Case.OneBreaker, ("cable", cable.Thing), ("basis", followed ? Basis.Wiring : Basis.Mark)),
                    Handles.Apart when followed => Fix(
                        cable.Id,
                        Case.CannotBeTied,
                        ("cable", cable.Thing),
                        ("breakers", (Thing[])[.. poles.Select(p => Thing.Breaker(p.Panel, p.Breaker!))])
                    ),
                    _ => YesNo(look, cable.Id, CableFacts.Tied, true, details: [("cable", cable.Thing)]),
                }
            ).Pointing(cable.Leads);
        }
    }
}
