using JollyBarn.Electrics;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply;

/// <summary>A panel as rules read it.</summary>
/// <param name="circuits">Circuits that are looked at already.</param>
public sealed class PanelLook(Reads reads, string id, IReadOnlyDictionary<Id<Circuit>, CircuitLook>? circuits = null) : Look(reads)
{
    public PanelLook(Job job, string id)
        : this(new Reads(job), id) { }

    public string Id => id;

    public Panel Panel => Reads.Panels[id];

    /// <summary>The panel, for a verdict to name.</summary>
    public Thing Thing => new(ThingKind.Panel, id);

    /// <summary>The circuits its breakers feed.</summary>
    public IReadOnlyList<CircuitLook> Circuits { get; } =
    [
        .. reads
            .Panels[id]
            .Breakers.Select(b => b.Circuit)
            .OfType<Id<Circuit>>()
            .Distinct()
            .Where(c => reads.Circuits.Has(c))
            .Select(c => circuits?.GetValueOrDefault(c) ?? new CircuitLook(reads, c, reads.Circuits[c])),
    ];

    /// <summary>True where a service comes in at the panel itself, so that no feeder lies before it.</summary>
    public bool AtService => Reads.Source(Panel.Source)?.Kind == SourceKind.Service;

    protected override string Self => Subjects.Panel;

    /// <summary>True when all that was read of the panel and of its circuits stands in this job.</summary>
    internal bool Holds(Job now) => Reads.Hold(now) && Circuits.All(c => c.Reads.Hold(now));

    /// <summary>A breaker of it, for a verdict to name.</summary>
    public Thing Named(Breaker breaker) => Thing.Breaker(id, breaker.Key);

    /// <summary>Legs the breaker's poles are on, from 0; none of a breaker that is not this panel's.</summary>
    public IEnumerable<int> LegsOf(Breaker breaker) => SupplyLegs.Of(Panel, breaker);

    protected override Observation? Found(string of, FactKey fact) => Panel.Noted.Find(of)?.Facts.Find(fact.Id);
}
