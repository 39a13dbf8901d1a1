using JollyBarn.Edits;
using JollyBarn.Inspection.Rules;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>A conductor too thin for its breaker: a thicker pigtail, or a smaller breaker.</summary>
public sealed class ThickerOrSmaller : IRemedies
{
    public enum Case
    {
        Receptacle,
        Pigtail,
        Breaker,
    }

    private static readonly decimal[] Sizes = [10, 15, 20, 25, 30, 40, 60];

    public IReadOnlyList<string> Rules { get; } = ["wire-breaker", "pigtail-gauge", "ground-gauge", "rating"];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        var circuits = ask
            .Look.Cables.Where(c => c.Id == ask.Of || c.Leads.Contains(ask.Of))
            .Select(c => c.Run.Circuit)
            .OfType<Id<Circuit>>()
            .Concat(
                ask.Box.Leads.Has(ask.Of) || ask.Box.Pigtails.Has(ask.Of)
                    ? ask.Look.CircuitsOf(ask.Of)
                    : ask.Look.On(ask.Of).SelectMany(e => ask.Look.CircuitsOf(e.Id))
            )
            .Distinct()
            .ToList();
        var breaker = circuits.Select(c => ask.Look.BreakerOf(c)).Where(b => b?.Amperes is not null).MaxBy(b => b!.Amperes);
        if (ask.Finding.Rule == "rating")
        {
            if (breaker?.Amperes is { } of)
            {
                yield return Remedy.Of(Case.Receptacle, ask.Again(ask.Of, DeviceFacts.Rating), ("rating", of is 20 ? 20 : of));
            }

            yield break;
        }

        if (ask.Box.Pigtails.TryFind(ask.Of, out var tail) && breaker?.Amperes is { } amperes && ask.Thinnest(amperes) is { } gauge)
        {
            yield return Remedy.Of(
                Case.Pigtail,
                new SetPigtail(ask.BoxId, ask.Of, tail.Colour, ask.TailLength, gauge, tail.Use, tail.Stranded),
                ("gauge", gauge),
                ("tail", ask.Tail)
            );
        }

        if (
            breaker is not null
            && Most(ask) is { } most
            && Sizes.Where(s => s <= most).Select(s => (decimal?)s).Max() is { } smaller
            && ask.Job.Panels.FirstOrDefault(p => p.Value.Breakers.Contains(breaker)) is { Key: { } panelId, Value: { } panel }
        )
        {
            var edit = new PutPanel(
                panelId,
                panel with
                {
                    Breakers = [.. panel.Breakers.Select(b => b == breaker ? b with { Amperes = smaller } : b)],
                }
            );
            yield return Remedy.Of(Case.Breaker, edit, ("amperes", smaller), ("breaker", Thing.Breaker(panelId, breaker.Key)));
        }
    }

    /// <summary>What the thinnest conductor here may carry, by its metal.</summary>
    private static decimal? Most(RemedyAsk ask)
    {
        var (gauge, metal) = ask.Box.Pigtails.Find(ask.Of) is { } tail ? (tail.Gauge, tail.Metal) : Thinnest(ask);
        return gauge is { } thin && WireTable.Key(thin, metal) is var key && ask.Look.Limits.Has(key) ? ask.Look.Limits.Number(key) : null;
    }

    private static (Gauge? Gauge, Metal Metal) Thinnest(RemedyAsk ask)
    {
        var cable = ask.Look.Cables.FirstOrDefault(c => c.Id == ask.Of || c.Leads.Contains(ask.Of));
        var gauges = cable?.Leads.Select(l => ask.Box.Leads[l].Gauge).OfType<Gauge>().ToList() ?? [];
        return (gauges.Count > 0 ? gauges.Min() : null, cable?.Run.Metal ?? Metal.Copper);
    }
}
