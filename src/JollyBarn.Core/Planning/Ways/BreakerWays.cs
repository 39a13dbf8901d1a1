using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Inspection.Supply;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>Ways to a new breaker: a free slot on each leg, or half of a tandem where there is none × the kind of breaker.</summary>
/// <remarks>Work in a panel: a licensed electrician. Whether the panel names the breaker and takes tandems stands on its label, NEC
/// 110.3(B), 408.54.</remarks>
internal sealed class BreakerWays(Job job, Wish wish, Stock stock)
{
    private const decimal Usual = 20;

    private static readonly BreakerKind[] Kinds = [BreakerKind.Standard, BreakerKind.Gfci, BreakerKind.Afci, BreakerKind.DualFunction];

    private readonly FreshIds ids = new(job);

    private decimal Amperes => wish.Amperes ?? Usual;

    private string Name => wish.Name ?? "New circuit";

    public (IReadOnlyList<WayDraft> Drafts, IReadOnlyList<Rejected> Rejected) All()
    {
        var (drafts, rejected) = (new List<WayDraft>(), new List<Rejected>());
        foreach (var (id, panel) in job.Panels.Where(p => wish.Panel is null || p.Key == wish.Panel))
        {
            var choice = new WayChoice { Panel = id };
            var free = panel.FreeSlots.GroupBy(s => SupplyLegs.Of(panel.System, s, 0)).Select(g => g.First()).ToList();
            if (free.Count == 0)
            {
                rejected.Add(Rejected.Of(choice, WayMiss.NoSlot, ("panel", Thing.Panel(id))));
                drafts.AddRange(Halves(panel).Select(b => Draft(choice with { Breaker = b, Slot = b.Slot })));
            }

            drafts.AddRange(
                from slot in free
                from kind in Kinds
                select Draft(choice with { Breaker = new(slot, 1, Amperes, kind), Slot = slot })
            );
        }

        return (drafts, rejected);
    }

    /// <summary>A single breaker whose slot would hold it and the new one: one of each leg, the least loaded by its rating.</summary>
    private IEnumerable<Breaker> Halves(Panel panel) =>
        panel
            .Breakers.Where(b => b is { Poles: 1, Kind: BreakerKind.Standard, Amperes: not null })
            .Where(b => panel.Breakers.Count(o => o.Slot == b.Slot) == 1)
            .OrderBy(b => b.Amperes)
            .ThenBy(b => b.Slot)
            .GroupBy(b => SupplyLegs.Of(panel.System, b.Slot, 0))
            .Select(g => new Breaker(g.First().Slot, 1, Amperes, BreakerKind.Tandem) { Lower = true });

    private WayDraft Draft(WayChoice choice)
    {
        var breaker = choice.Breaker!;
        var open = choice with { Open = Listed(choice.Panel!, breaker) ? [] : [WayOpen.PanelLabel] };
        return new(open, stock.Price(new(PartsOf.Breaker(breaker), 1)), _ => Built(open));
    }

    /// <summary>True where somebody read that the panel takes it.</summary>
    private bool Listed(string panel, Breaker breaker)
    {
        var look = new PanelLook(job, panel);
        return look.Read(SupplyFacts.BreakersListed) == true
            && (breaker.Kind != BreakerKind.Tandem || look.Read(SupplyFacts.TakesTandem) == true);
    }

    private BuiltWay Built(WayChoice choice)
    {
        var part = PartsOf.Breaker(choice.Breaker!);
        if (!stock.Has(part))
        {
            return BuiltWay.No(Rejected.Of(choice, WayMiss.NoPart, ("part", part)));
        }

        var (panel, circuit) = (job.Panels[choice.Panel!], ids.Circuit("new-circuit"));
        var breaker = choice.Breaker! with { Circuit = circuit, Says = Name };
        // The half that was there becomes one of the tandem too.
        var others = panel.Breakers.Select(b => b.Slot == breaker.Slot ? b with { Kind = BreakerKind.Tandem } : b);
        var building = new Building(job);
        return building.Do(
            new PutCircuit(circuit, new(Name, choice.Panel!)),
            new PutPanel(choice.Panel!, panel with { Breakers = [.. others, breaker] })
        )
            ? new(choice, building.Done(), null)
            : BuiltWay.No(Rejected.Of(choice, WayMiss.Refused));
    }
}
