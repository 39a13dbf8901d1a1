using System.Runtime.InteropServices;
using JollyBarn.CodeBook;
using JollyBarn.Connection;
using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection;

/// <summary>One end of a cable in the box.</summary>
/// <param name="Id">Its subject: run id and side.</param>
public sealed record CableHere(string Id, Id<Run> RunId, Run Run, RunSide Side, RunEnd End, Entry? Entry, IReadOnlyList<Id<Lead>> Leads)
{
    /// <summary>The cable's end, for a verdict to name.</summary>
    public Thing Thing => new(ThingKind.Cable, Id);
}

/// <summary>A box as rules read it: what is in it, the cables that end in it, its wall and room, and the supply.</summary>
public sealed class BoxLook : Look
{
    private readonly Func<FillAnswer>? kept;
    private FillAnswer? fill;
    private FillInput? input;
    private Dictionary<Id<Joint>, List<(Id<Lead> Id, Gauge? Gauge, ConductorUse Use)>>? inJoints;
    private Dictionary<Id<Device>, List<(Id<Lead> Id, Landing At, Gauge? Gauge, bool Stranded, ConductorUse Use)>>? onDevices;
    private IReadOnlyList<CableHere>? cables;
    private IReadOnlyList<(Id<Lead> Id, Lead Lead)>? ended;
    private IReadOnlyList<(Id<Device> Id, Device Device, DeviceKind Kind)>? devices;
    private IReadOnlyList<(Id<Device> Id, Device Device, DeviceKind Kind)>? receptacles;
    private Continuity? touching;
    private BoxWires? wires;
    private Sources? sources;
    private Comings? comings;

    public BoxLook(Job job, Id<Box> id, Box box, Func<FillAnswer>? fill = null)
        : this(new Reads(job), id, box, fill) { }

    internal BoxLook(Reads reads, Id<Box> id, Box box, Func<FillAnswer>? fill = null)
        : base(reads)
    {
        (Id, Box) = (id, box);
        kept = fill;
    }

    public Id<Box> Id { get; }

    public Box Box { get; }

    /// <summary>The box as fill reads it.</summary>
    public FillInput Input => input ??= FillOfBox.Read(Box, Profile);

    public FillAnswer Fill => fill ??= ReadFill();

    public Place? Place => Reads.Place(Box.Place);

    public Wall? Wall => Reads.Wall(Box.Wall);

    /// <summary>True when everything in the box is recorded.</summary>
    public bool Complete => Box.Contents == Contents.Complete;

    public BoxKind? Kind => BoxKinds.Find(Box.Kind);

    /// <summary>False for a listed splice, a device's own enclosure, and what lies open.</summary>
    public bool IsBox => Kind is not ({ Shape: BoxShape.SpliceEnclosure or BoxShape.OwnEnclosure } or { Id: BoxKinds.NoBox });

    public Continuity Touching => touching ??= Continuity.Trace(Box);

    public IReadOnlyList<CableHere> Cables => cables ??= ReadCables();

    /// <summary>What the points of the box reach over the whole job.</summary>
    public BoxWires Wires => wires ??= Reads.Wires(Id);

    /// <summary>What they are by that.</summary>
    public Sources Sources => sources ??= new(this);

    /// <summary>What comes to the box by each of its cables.</summary>
    public Comings Comings => comings ??= Reads.Comings(Id);

    public IReadOnlySet<Id<Lead>> Feeding => Continuity.Feeding(r => Reads.Run(r), Id, Box);

    /// <summary>Receptacles of any kind, with their ids.</summary>
    public IReadOnlyList<(Id<Device> Id, Device Device, DeviceKind Kind)> Receptacles =>
        receptacles ??= [.. Devices.Where(d => d.Kind.Receptacle)];

    public IReadOnlyList<(Id<Device> Id, Device Device, DeviceKind Kind)> Devices =>
        devices ??= [.. Box.Devices.Select(d => (d.Key, d.Value, Kind: DeviceKinds.Find(d.Value.Kind)!)).Where(d => d.Kind is not null)];

    /// <summary>Leads of cables that end here, grounds too.</summary>
    public IReadOnlyList<(Id<Lead> Id, Lead Lead)> Ended =>
        ended ??= [.. Box.Leads.Where(l => l.Value is { Run: not null, Form: LeadForm.Ended }).Select(l => (l.Key, l.Value))];

    /// <summary>Every wire that ends in the box with where its ends lie: leads of cables, and pigtails.</summary>
    public IEnumerable<(Id<Lead> Id, bool Bare, IReadOnlyList<Landing> Ends)> InBox =>
        Ended
            .Select(l => (l.Id, l.Lead.IsBare, (IReadOnlyList<Landing>)[l.Lead.Lands]))
            .Concat(
                Box.Pigtails.Select(t =>
                    (
                        t.Key,
                        t.Value.Colour == "bare",
                        (IReadOnlyList<Landing>)(t.Value.Of is null ? [t.Value.From, t.Value.To] : [t.Value.To])
                    )
                )
            );

    /// <summary>Conductors of cables and pigtails with their colours; a device's own leads are its maker's.</summary>
    public IEnumerable<(Id<Lead> Id, string Colour)> Conductors() =>
        Box
            .Leads.Where(l => l.Value.Run is not null)
            .Select(l => (l.Key, l.Value.Colour))
            .Concat(Box.Pigtails.Select(t => (t.Key, t.Value.Colour)));

    /// <summary>True when the cable lead's end was followed.</summary>
    public bool AllFollowed => Complete && Ended.All(l => l.Lead.Lands.At != LandingAt.Unknown);

    /// <summary>What the room is used as: an answer given at the box, or the room's own record.</summary>
    public RoomUse? Use =>
        Read(WallFacts.Use) ?? (Place?.Use is { } use ? Choice.Parse<RoomUse>(use == "attic" ? "loft" : use) ?? RoomUse.Other : null);

    /// <summary>How wet it is here; null when nobody said.</summary>
    public Damp? Wetness =>
        Read(WallFacts.Wetness)
        ?? Place?.Wetness switch
        {
            Wiring.Wetness.Dry => Damp.Dry,
            Wiring.Wetness.Damp => Damp.Damp,
            Wiring.Wetness.Wet => Damp.Wet,
            _ => null,
        };

    /// <summary>What another box in this place has to be.</summary>
    public RightKind Right
    {
        get
        {
            var of = RightKind.Of(Box);
            var wet = of.Wet || Wetness == Damp.Wet;
            return of with
            {
                Wet = wet,
                // Weatherproof boxes here stand on the surface: in the wet that comes before the flush face.
                Mounted = wet ? Mounted.Either : of.Mounted,
                Closed = of.Closed || Finished,
            };
        }
    }

    /// <summary>True where something recorded says that the wall is finished.</summary>
    private bool Finished =>
        Read(WallFacts.Finish) is not null
        || Read(WallFacts.Setback) is not null
        || Read(WallFacts.Gap) is not null
        || Read(WallFacts.PlateSeats) is not null;

    /// <summary>True where the surface of the wall burns; null when nobody said.</summary>
    public bool? Burns =>
        Read(WallFacts.Finish) is { } finish ? finish == Finish.Burns
        : Wall?.Layers is [var first, ..] ? first.Combustible
        : null;

    protected override string Self => Subjects.Box;

    /// <summary>True for a cable fished between access points, so that no fastener applies; false when one was measured; null when nobody
    /// looked.</summary>
    public bool? Fished(string cable) =>
        DoesNotApply(CableFacts.Fastener, cable) ? true
        : Read(CableFacts.Fastener, cable) is not null ? false
        : null;

    /// <summary>Everything with an end in a joint: leads and pigtails, each with its gauge.</summary>
    public IReadOnlyList<(Id<Lead> Id, Gauge? Gauge, ConductorUse Use)> In(Id<Joint> joint)
    {
        Sort();
        return inJoints!.TryGetValue(joint, out var found) ? found : [];
    }

    /// <summary>Everything that lands on a device: its id, where, and what it is.</summary>
    public IReadOnlyList<(Id<Lead> Id, Landing At, Gauge? Gauge, bool Stranded, ConductorUse Use)> On(Id<Device> device)
    {
        Sort();
        return onDevices!.TryGetValue(device, out var found) ? found : [];
    }

    /// <summary>Circuits of all cables that a conductor is joined to here; none when no such cable has a circuit recorded.</summary>
    public IEnumerable<Id<Circuit>> CircuitsOf(Id<Lead> conductor) =>
        Cables
            .Where(c => c.Run.Circuit is not null && c.Leads.Any(l => l == conductor || Touching.Joined(l, conductor)))
            .Select(c => c.Run.Circuit!.Value)
            .Distinct();

    /// <summary>Poles that hots of these points come from, by the wiring, and by marks where the record stops.</summary>
    public static IEnumerable<PanelEnd> PolesOf(IEnumerable<Wire> points) =>
        points
            .SelectMany(w =>
                w.Switched.Hot ? w.Switched.Hots
                : w.Switched.Taken is { What: Gives.Hot } taken ? [taken]
                : []
            )
            .Distinct();

    /// <summary>Breakers that hots of these points come from, by the wiring, and by marks where the record stops.</summary>
    public IReadOnlyList<Breaker> BreakersOf(IEnumerable<Wire> points) =>
        [.. PolesOf(points).Select(h => Reads.Panels.Find(h.Panel)?.Breakers.FirstOrDefault(b => b.Key == h.Breaker)).OfType<Breaker>()];

    /// <summary>True where some point comes by a cable nobody followed to its breaker.</summary>
    public static bool OpenHots(IEnumerable<Wire> points) => points.Any(w => w.Switched is { Hot: false, Closed: false });

    protected override Observation? Found(string of, FactKey fact) => Box.Fact(of, fact.Id);

    /// <summary>Ends by what they lie on, once for all rules.</summary>
    private void Sort()
    {
        if (inJoints is not null)
        {
            return;
        }

        (inJoints, onDevices) = ([], []);
        foreach (var (id, lead) in Box.Leads)
        {
            Put(id, lead.Lands, lead.Gauge, lead.Stranded, lead.Use);
        }

        foreach (var (id, tail) in Box.Pigtails)
        {
            // The wire a part goes on from lies there already.
            if (tail.Of is null)
            {
                Put(id, tail.From, tail.Gauge, tail.Stranded, tail.Use);
            }

            Put(id, tail.To, tail.Gauge, tail.Stranded, tail.Use);
        }
    }

    private void Put(Id<Lead> id, Landing at, Gauge? gauge, bool stranded, ConductorUse use)
    {
        if (at is { At: LandingAt.Joint, Joint: { } joint })
        {
            (CollectionsMarshal.GetValueRefOrAddDefault(inJoints!, joint, out _) ??= []).Add((id, gauge, use));
        }
        else if (at is { At: LandingAt.Terminal, Device: { } device })
        {
            (CollectionsMarshal.GetValueRefOrAddDefault(onDevices!, device, out _) ??= []).Add((id, at, gauge, stranded, use));
        }
    }

    private FillAnswer ReadFill()
    {
        // Kept by whoever counts boxes, or counted here: by the book and the practice of the house.
        var (profile, practice) = (Profile, Practice);
        return kept?.Invoke() ?? BoxFill.Evaluate(Input, profile, practice);
    }

    private List<CableHere> ReadCables()
    {
        var found = new List<CableHere>();
        foreach (var runId in Box.Leads.Values.SelectMany(l => new[] { l.Run, l.LeavesBy }).OfType<Id<Run>>().Distinct())
        {
            if (Reads.Run(runId) is not { } run)
            {
                continue;
            }

            found.AddRange(
                run.SidesIn(Id)
                    .Select(side => new CableHere(
                        Subjects.CableEnd(runId, side),
                        runId,
                        run,
                        side,
                        run.End(side),
                        Box.Entries.Find(run.End(side).Entry),
                        [
                            .. Box
                                .Leads.Where(l => l.Value.Run == runId && l.Value.Side == side)
                                .OrderBy(l => l.Value.Index)
                                .Select(l => l.Key),
                        ]
                    ))
            );
        }

        return found;
    }
}
