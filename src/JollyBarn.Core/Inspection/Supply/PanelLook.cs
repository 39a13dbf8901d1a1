using JollyBarn.Electrics;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply;

/// <summary>A panel as rules read it.</summary>
/// <param name="circuits">Circuits that are looked at already.</param>
public sealed class PanelLook(Job job, string id, Panel panel, IReadOnlyDictionary<string, CircuitLook>? circuits = null) : Look(job)
{
    public string Id => id;

    public Panel Panel => panel;

    /// <summary>The panel, for a verdict to name.</summary>
    public Thing Thing => new(ThingKind.Panel, id);

    /// <summary>The circuits its breakers feed.</summary>
    public IReadOnlyList<CircuitLook> Circuits { get; } =
    [
        .. panel
            .Breakers.Select(b => b.Circuit)
            .OfType<string>()
            .Distinct()
            .Where(job.Circuits.Has)
            .Select(c => circuits?.GetValueOrDefault(c) ?? new CircuitLook(job, c, job.Circuits[c])),
    ];

    /// <summary>True where a service comes in at the panel itself, so that no feeder lies before it.</summary>
    public bool AtService => Job.Sources.Find(panel.Source)?.Kind == SourceKind.Service;

    protected override string Self => Subjects.Panel;

    /// <summary>A breaker of it, for a verdict to name.</summary>
    public Thing Named(Breaker breaker) => Thing.Breaker(id, breaker.Key);

    /// <summary>Legs the breaker's poles are on, from 0; none of a breaker that is not this panel's.</summary>
    public IEnumerable<int> LegsOf(Breaker breaker) => SupplyLegs.Of(panel, breaker);

    protected override Observation? Found(string of, FactKey fact) => panel.Noted.Find(of)?.Facts.Find(fact.Id);
}
