using JollyBarn.CodeBook;
using JollyBarn.Electrics.Faults;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics.Seen;

/// <summary>A point of a box with what is expected of it.</summary>
/// <param name="Thing">What it is a point of.</param>
/// <param name="Volts">Against the earth, V RMS, to a tenth.</param>
public sealed record PointLive(string Point, Thing Thing, double Volts, Expected Expected);

/// <summary>A breaker or switch that can be thrown as a what-if.</summary>
/// <param name="Circuit">The circuit of a breaker.</param>
/// <param name="Lever">Which of two switches on a yoke; null where there is one.</param>
public sealed record Throw(string Key, Thing Thing, bool On, Id<Circuit>? Circuit = null, string? Lever = null);

/// <summary>A box as electricity: what is expected of each lead, joint and the metal, its outlets, what opens by itself, and what was taken
/// for given.</summary>
/// <param name="Strands">By the ids of leads and pigtails.</param>
/// <param name="Openings">What of the whole job opens by itself, in order of time; nothing opens when it is empty.</param>
/// <param name="MayOpen">Ground-fault devices that see 4 to under 6 mA in the end: they may open and need not, UL 943.</param>
/// <param name="Metal">The metal of the box, when it has any.</param>
public sealed record BoxLive(
    IReadOnlyDictionary<Id<Lead>, PointLive> Strands,
    IReadOnlyDictionary<Id<Joint>, PointLive> Joints,
    PointLive? Metal,
    Touch? Touch,
    IReadOnlyList<Outlet> Outlets,
    IReadOnlyList<Opening> Openings,
    IReadOnlyList<Opening> MayOpen,
    IReadOnlyList<PointLive> Points,
    IReadOnlyList<Throw> Sources,
    IReadOnlyList<Throw> Breakers,
    IReadOnlyList<Throw> Switches,
    IReadOnlyList<FaultOffer> Offers,
    IReadOnlyList<Assumed> Assumed
)
{
    /// <summary>The box after everything that opens by itself has opened.</summary>
    public static BoxLive Read(Job job, Id<Box> id, Box box, Situation now) => Read(Live.Solve(job, now), id, box);

    /// <summary>The same of a job that is solved.</summary>
    public static BoxLive Read(Live begins, Id<Box> id, Box box)
    {
        var story = Story.Unfold(begins);
        var (live, job, now) = (story.End, begins.Job, begins.Now);
        PointLive At(string point, Thing thing) => new(point, thing, Math.Round(live.Volts(point).Magnitude, 1), live.Expect(point));
        var strands = box.Leads.ToDictionary(l => l.Key, l => At(Electrics.Points.Lead(id, l.Key, l.Value), Thing.Lead(l.Key)));
        foreach (var tail in box.Pigtails.Ids)
        {
            strands[tail] = At(Electrics.Points.Pigtail(id, tail), Thing.Lead(tail));
        }

        var joints = box.Joints.ToDictionary(j => j.Key, j => At(Electrics.Points.Joint(id, j.Key), Thing.Joint(j.Key)));
        var metal = box.Material == BoxMaterial.Nonmetallic ? null : At(Electrics.Points.Metal(id), new Thing(ThingKind.Metal, id));
        return new(
            strands,
            joints,
            metal,
            metal is { Expected: Expected.Live } ? Touch.Feel(story.Start, metal.Point) : null,
            [.. Electrics.Outlets.In(live, id, box)],
            story.Openings,
            story.Perhaps,
            [.. ProbePoints.Of(job, id, box).Where(p => live.Has(p.Point)).Select(p => At(p.Point, p.Thing))],
            [.. SupplyPlan.Sources(job, now).Select(s => new Throw(s.Id, new Thing(ThingKind.Source, s.Id), s.On))],
            BreakersOf(live),
            [.. SwitchesOf(id, box, now)],
            [.. FaultOffers.At(live, id, box)],
            live.Plan.Assumed
        );
    }

    private static List<Throw> BreakersOf(Live live) =>
        [
            .. live
                .Job.Panels.SelectMany(p => p.Value.Breakers.Select(b => (Key: BreakerKey.Of(p.Key, b), Panel: p.Key, b)))
                .Select(x => new Throw(
                    x.Key,
                    Thing.Breaker(x.Panel, x.b.Key),
                    live.Now.Breakers.TryGetValue(x.Key, out var on) ? on : x.b.On ?? true,
                    x.b.Circuit
                )),
        ];

    private static IEnumerable<Throw> SwitchesOf(Id<Box> id, Box box, Situation now) =>
        Lever
            .In(id, box)
            .Select(l => new Throw(
                l.Key,
                Thing.Device(l.Device),
                now.Switches.TryGetValue(l.Key, out var on) ? on : l.AsLies(box),
                Lever: DeviceKinds.Find(box.Devices[l.Device].Kind)!.Levers.Count < 2 ? null
                    : l.Name.Length == 0 ? "upper"
                    : l.Name
            ));
}
