using JollyBarn.CodeBook;
using JollyBarn.Electrics;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Supply;

/// <summary>A circuit as rules read it: its breakers, its cables, the boxes they end in and the outlets on it.</summary>
public sealed class CircuitLook(Reads reads, Id<Circuit> id, Circuit circuit) : Look(reads)
{
    private IReadOnlyList<BoxLook>? boxes;
    private IReadOnlyList<CircuitOutlet>? outlets;
    private IReadOnlyList<CircuitDraw>? draws;
    private Lazy<FarthestDrop?>? farthest;
    private IReadOnlyList<OutletWay>? ways;

    public CircuitLook(Job job, Id<Circuit> id)
        : this(new Reads(job), id, job.Circuits[id]) { }

    public Id<Circuit> Id => id;

    public Circuit Circuit => circuit;

    /// <summary>The circuit, for a verdict to name.</summary>
    public Thing Thing => Thing.Circuit(id);

    /// <summary>The breakers that feed it, with the panel each is in.</summary>
    public IReadOnlyList<(string Panel, Panel In, Breaker Breaker)> Breakers { get; } =
    [.. reads.Panels.SelectMany(p => p.Value.Breakers.Where(b => b.Circuit == id).Select(b => (p.Key, p.Value, b)))];

    /// <summary>Its breakers, for a verdict to name.</summary>
    public IReadOnlyList<Thing> BreakerThings => [.. Breakers.Select(b => Thing.Breaker(b.Panel, b.Breaker.Key))];

    /// <summary>Rating, A: the least of its breakers; null when one of them is not known.</summary>
    public decimal? Amperes =>
        Breakers.Count > 0 && Breakers.All(b => b.Breaker.Amperes is not null) ? Breakers.Min(b => b.Breaker.Amperes) : null;

    public IReadOnlyList<(Id<Run> Id, Run Run)> Runs { get; } = [.. reads.RunsOf(id).Select(r => (r.Key, r.Value))];

    public IReadOnlyList<BoxLook> Boxes =>
        boxes ??= [
            .. Runs.SelectMany(r => r.Run.Boxes)
                .Distinct()
                .Order()
                .Select(b => (Id: b, Box: Reads.Box(b)))
                .Where(b => b.Box is { Binned: false })
                .Select(b => new BoxLook(Reads, b.Id, b.Box!)),
        ];

    /// <summary>What hangs on the circuit and takes current.</summary>
    public IReadOnlyList<CircuitOutlet> Outlets =>
        outlets ??= [
            .. Boxes.SelectMany(b => b.Devices.Where(d => d.Kind.Outlet && OnIt(b, d.Id)).Select(d => new CircuitOutlet(b, d.Id, d.Kind))),
        ];

    /// <summary>Everything that takes current from it: outlets, what is fixed at the end of a cable, what is fed straight from the panel
    /// when somebody said so.</summary>
    public IReadOnlyList<CircuitDraw> Draws =>
        draws ??= [.. Outlets, .. AtEnds(), .. new LoadAtPanel(this) is { Watts: not null } direct ? [direct] : Array.Empty<CircuitDraw>()];

    public CircuitWiring Wiring => Reads.Wiring(id);

    /// <summary>Ways to its receptacles, lengths nobody measured as the house assumes them.</summary>
    public IReadOnlyList<OutletWay> Ways => ways ??= Wiring.Ways();

    /// <summary>What it loses at most; null where that cannot be worked out.</summary>
    public FarthestDrop? Farthest => (farthest ??= new(() => FarthestDrop.Find(this))).Value;

    /// <summary>V of a leg; never nothing, so that shares of it are numbers.</summary>
    public double LegVolts => Math.Max(1, (double)ElectricsBook.LegVolts.Of(Practice));

    /// <summary>V between what its loads hang on: both legs where it has no neutral.</summary>
    public double Volts
    {
        get
        {
            var leg = LegVolts;
            var neutral = Runs.Any(r =>
                Enumerable.Range(0, r.Run.Conductors.Count).Any(i => Uses.Seen(Wiring.Part, r.Id, r.Run, i) == ConductorUse.Neutral)
            );
            return Breakers is [{ Breaker.Poles: 2, In.System: var system }] && !neutral ? leg * SupplyLegs.BetweenHots(system) : leg;
        }
    }

    /// <summary>Loads somebody recorded, A.</summary>
    public decimal KnownLoad => Draws.Sum(o => AmperesOf(o) ?? 0);

    protected override string Self => Subjects.Circuit;

    /// <summary>Amperes one thing draws at the circuit's volts; null when nobody said what it takes.</summary>
    public decimal? AmperesOf(CircuitDraw draw) => draw.Watts / (decimal)VoltsOf(draw);

    /// <summary>V between what one thing hangs on: both legs for what lies between two hots.</summary>
    public double VoltsOf(CircuitDraw draw) =>
        draw is CircuitOutlet { Kind.TwoHots: true } && Breakers is [{ In.System: var system }, ..]
            ? LegVolts * SupplyLegs.BetweenHots(system)
            : Volts;

    protected override Observation? Found(string of, FactKey fact) => of == Subjects.Circuit ? circuit.Facts.Find(fact.Id) : null;

    private IEnumerable<CircuitDraw> AtEnds() =>
        from box in Boxes
        from cable in box.Cables
        let far = cable.Run.End(cable.Side == RunSide.A ? RunSide.B : RunSide.A)
        where cable.Run.Circuit == id && far.At == EndAt.Load
        select new LoadAtEnd(box, cable.Id);

    /// <summary>True when something of the device is joined to a cable of this circuit.</summary>
    private bool OnIt(BoxLook box, Id<Device> device) =>
        box.On(device)
            .Select(e => e.Id)
            .Concat(box.Box.Leads.Where(l => l.Value.Device == device).Select(l => l.Key))
            .Distinct()
            .Any(c => box.CircuitsOf(c).Contains(id));
}
