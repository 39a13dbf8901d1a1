using JollyBarn.CodeBook;
using JollyBarn.Connection;
using JollyBarn.Electrics;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection;

/// <summary>The job as one judgement reads it. What was read is noted, so that a verdict is kept until one of those records changes;
/// nothing of the job is reached around it.</summary>
public sealed class Reads(Job job)
{
    private enum Kind
    {
        Profile,
        Practice,
        Rulings,
        Panels,
        Circuits,
        Circuit,
        Source,
        Sources,
        Place,
        Wall,
        OnWall,
        Run,
        Box,
        RunsOf,
        Wiring,
        Wires,
        Comings,
    }

    private readonly Lock guard = new();
    private readonly Dictionary<(Kind What, string? Id), object?> noted = [];
    private Job? at = job;

    public CodeProfile Profile => Noted<CodeProfile>(Kind.Profile)!;

    public HousePractice Practice => Noted<HousePractice>(Kind.Practice)!;

    public ById<string, Ruling> Rulings => Noted<ById<string, Ruling>>(Kind.Rulings)!;

    public ById<string, Panel> Panels => Noted<ById<string, Panel>>(Kind.Panels)!;

    public ById<Id<Circuit>, Circuit> Circuits => Noted<ById<Id<Circuit>, Circuit>>(Kind.Circuits)!;

    public Circuit? Circuit(Id<Circuit>? id) => Noted<Circuit>(Kind.Circuit, id);

    public Source? Source(string? id) => Noted<Source>(Kind.Source, id);

    public ById<string, Source> Sources => Noted<ById<string, Source>>(Kind.Sources)!;

    public Place? Place(string? id) => Noted<Place>(Kind.Place, id);

    public Wall? Wall(string? id) => Noted<Wall>(Kind.Wall, id);

    /// <summary>A wall laid out with the boxes in it; null where there is none.</summary>
    public WallPlan? Plan(string? id) =>
        id is not null && Wall(id) is { } wall ? WallPlan.Of(wall, Noted<List<KeyValuePair<Id<Box>, Box>>>(Kind.OnWall, id)!) : null;

    public Run? Run(Id<Run>? id) => Noted<Run>(Kind.Run, id);

    public Box? Box(Id<Box>? id) => Noted<Box>(Kind.Box, id);

    /// <summary>Runs that a circuit is recorded on, with their ids in order.</summary>
    public IReadOnlyList<KeyValuePair<Id<Run>, Run>> RunsOf(Id<Circuit> circuit) =>
        Noted<List<KeyValuePair<Id<Run>, Run>>>(Kind.RunsOf, circuit)!;

    /// <summary>The part of the job a circuit reaches.</summary>
    public CircuitWiring Wiring(Id<Circuit> circuit) => Noted<CircuitWiring>(Kind.Wiring, circuit)!;

    /// <summary>What the points of a box reach over the whole job.</summary>
    public BoxWires Wires(Id<Box> box) => Noted<BoxWires>(Kind.Wires, box)!;

    /// <summary>What comes to a box by each of its cables.</summary>
    public Comings Comings(Id<Box> box) => Noted<Comings>(Kind.Comings, box)!;

    /// <summary>True when all that was read stands in this job as it was read; what is read from now on is read from it.</summary>
    public bool Hold(Job now)
    {
        lock (guard)
        {
            foreach (var ((what, id), was) in noted)
            {
                if (!Same(was, Read(now, what, id)))
                {
                    return false;
                }
            }

            at = at is null ? null : now;
            return true;
        }
    }

    /// <summary>Lets go of the job: nothing more is read.</summary>
    public void Close() => at = null;

    private T? Noted<T>(Kind what, string? id = null)
        where T : class
    {
        lock (guard)
        {
            if (!noted.TryGetValue((what, id), out var found))
            {
                var from = at ?? throw new InvalidOperationException("A judgement that is done reads nothing more.");
                noted[(what, id)] = found = Read(from, what, id);
            }

            return (T?)found;
        }
    }

    /// <summary>The id again, of what was noted under its text.</summary>
    private static Id<T>? Of<T>(string? id)
        where T : class => id;

    private static object? Read(Job job, Kind what, string? id) =>
        what switch
        {
            Kind.Profile => job.Profile,
            Kind.Practice => job.Practice,
            Kind.Rulings => job.Rulings,
            Kind.Panels => job.Panels,
            Kind.Circuits => job.Circuits,
            Kind.Circuit => job.Circuits.Find(Of<Circuit>(id)),
            Kind.Source => job.Sources.Find(id),
            Kind.Sources => job.Sources,
            Kind.Place => job.Places.Find(id),
            Kind.Wall => job.Walls.Find(id),
            Kind.OnWall => WallPlan.On(job, id!).ToList(),
            Kind.Run => job.Runs.Find(Of<Run>(id)),
            Kind.Box => job.Boxes.Find(Of<Box>(id)),
            Kind.RunsOf => job.Runs.Where(r => r.Value.Circuit == id).ToList(),
            Kind.Wires => Connected.Of(job).In(id!),
            Kind.Comings => Connected.Of(job).Coming(id!),
            _ => CircuitWiring.Find(job, id!),
        };

    private static bool Same(object? was, object? now) =>
        (was, now) switch
        {
            (CircuitWiring a, CircuitWiring b) => a.Records.SequenceEqual(b.Records, ReferenceEqualityComparer.Instance),
            (List<KeyValuePair<Id<Run>, Run>> a, List<KeyValuePair<Id<Run>, Run>> b) => SameRecords(a, b),
            (List<KeyValuePair<Id<Box>, Box>> a, List<KeyValuePair<Id<Box>, Box>> b) => SameRecords(a, b),
            (BoxWires a, BoxWires b) => a.Equals(b),
            (Comings a, Comings b) => a.Equals(b),
            _ => ReferenceEquals(was, now),
        };

    private static bool SameRecords<T>(List<KeyValuePair<Id<T>, T>> a, List<KeyValuePair<Id<T>, T>> b)
        where T : class =>
        a.Count == b.Count && a.Zip(b).All(x => x.First.Key == x.Second.Key && ReferenceEquals(x.First.Value, x.Second.Value));
}
