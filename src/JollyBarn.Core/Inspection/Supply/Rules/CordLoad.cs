using JollyBarn.Terms;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>No one thing plugged into a shared circuit takes more than 80 % of it.</summary>
/// <remarks>NEC 210.23(A)(1); 2023: 210.23(B)(1). A circuit of its own may carry its full rating.</remarks>
public sealed class CordLoad() : CircuitRule("load-cord")
{
    public enum Case
    {
        Within,
        AskHow,
        Over,
    }

    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        const string limit = "circuit.cord";
        var alone = look.Draws is [CircuitOutlet { Kind.Id: "receptacle-single" or "receptacle-own-enclosure" or "range-receptacle" }];
        if (look.Amperes is not { } rating || alone)
        {
            yield break;
        }

        var share = look.Limits.Number(limit);
        var most = rating * share / 100;
        foreach (var outlet in look.Outlets.Where(o => o.Receptacle && o.How != Hangs.Fixed))
        {
            if (look.AmperesOf(outlet) is not { } amperes)
            {
                continue;
            }

            (string, object?)[] details =
            [
                ("outlet", outlet.Thing),
                ("amperes", amperes),
                ("most", most),
                ("rating", rating),
                ("share", share),
            ];
            yield return (
                outlet.Of switch
                {
                    var of when amperes <= most => Fine(of, Case.Within, details),
                    var of when outlet.How is null => AskOf(of, Case.AskHow, [outlet.Asked(DeviceFacts.Hangs)], details),
                    var of => Fix(of, Case.Over, [.. details, ("watts", most * (decimal)look.Volts)]),
                }
            ).By(limit) with
            {
                Box = outlet.Box.Id,
            };
        }
    }
}
