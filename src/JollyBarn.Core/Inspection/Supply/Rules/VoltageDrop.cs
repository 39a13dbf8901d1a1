namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>The voltage at the farthest receptacle stays within the share that is recommended.</summary>
/// <remarks>NEC 210.19(A), an informational note: 3 % of a branch circuit. Worked out hot, at the house's share of the breaker's rating,
/// out and back from the panel.</remarks>
public sealed class VoltageDrop() : CircuitRule("drop")
{
    public enum Case
    {
        Over,
        AtLeastOver,
        Within,
        AskWay,
    }

    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        const string limit = "circuit.drop";
        if (look.Farthest is not { } far)
        {
            yield break;
        }

        var most = look.Limits.Number(limit);
        var leg = look.LegVolts;
        var thicker = look.Wiring.Thicker(far.Way) is { } ohms ? 100 * far.Amperes * ohms / leg : (double?)null;
        (string, object?)[] details =
        [
            ("outlet", far.Way.Thing),
            ("amperes", far.Amperes),
            ("ohms", far.Ohms),
            ("volts", far.Amperes * far.Ohms),
            ("leg", leg),
            ("share", far.Share),
            ("limit", most),
        ];
        yield return (
            far.Way.Of switch
            {
                var of when far.Share > (double)most => Better(
                    of,
                    far.Measured ? Case.Over : Case.AtLeastOver,
                    [.. details, ("thicker", thicker)]
                ),
                var of when far.Measured => Fine(of, Case.Within, details),
                _ => AskOf(far.Assumed.Of, Case.AskWay, [], ("outlet", far.Assumed.Thing), Unmeasured.Detail(look, far.Open)),
            }
        ).By(limit) with
        {
            Box = far.Measured || far.Share > (double)most ? far.Way.Box : far.Assumed.Box,
        };
    }
}
