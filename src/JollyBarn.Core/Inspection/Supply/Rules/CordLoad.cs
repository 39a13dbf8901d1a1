namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>No one thing plugged into a shared circuit takes more than 80 % of it.</summary>
/// <remarks>NEC 210.23(A)(1); 2023: 210.23(B)(1). A circuit of its own may carry its full rating.</remarks>
public sealed class CordLoad() : CircuitRule("load-cord", "One plugged-in load", "It leaves nothing for what else is plugged in.")
{
    public override IEnumerable<Finding> Judge(CircuitLook look)
    {
        var limit = look.Limits["circuit.cord"];
        var alone = look.Draws is [CircuitOutlet { Kind.Id: "receptacle-single" or "receptacle-own-enclosure" or "range-receptacle" }];
        if (look.Amperes is not { } rating || alone)
        {
            yield break;
        }

        var most = rating * limit.Value / 100;
        foreach (var outlet in look.Outlets.Where(o => o.Receptacle))
        {
            if (look.AmperesOf(outlet) is not { } amperes || outlet.How == "fixed")
            {
                continue;
            }

            yield return (amperes <= most ? Fine(outlet.Of, $"At the {outlet.Name}: {amperes:0.0} A, {most:0.0} at most.", limit.Article)
                : outlet.How is null ? AskOf(outlet.Of, $"At the {outlet.Name} {amperes:0.0} A are taken: by cord and plug?", limit.Article, [outlet.Asked("load-how")])
                : Fix(outlet.Of, $"At the {outlet.Name} {amperes:0.0} A are taken by cord; {most:0.0} A at most on a shared {rating:0} A circuit.", limit.Article) with { Sum = $"{limit.Value:0} % of {rating:0} = {most:0.0} A", Mend = $"Use no more than {most * (decimal)look.Volts:0} W there, or give it a circuit of its own." }) with
            { Box = outlet.Box.Id };
        }
    }
}
