using JollyBarn.CodeBook;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Electrics.Seen;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>A slip of making up, and what a test shows then.</summary>
public sealed record SlipSeen(FaultOffer Slip, Shown Shows);

/// <summary>A reading that is asked of a finished box, and what it is by the wiring as planned.</summary>
/// <param name="From">What one probe is laid on.</param>
/// <param name="To">What the other is laid on.</param>
/// <param name="Points">The same as points of the network, and the lever.</param>
/// <param name="Switch">The switch that is thrown for it; null where none is.</param>
/// <param name="On">How the switch lies.</param>
/// <param name="Slips">What it would show had one of the likeliest slips been made; those it shows otherwise than expected.</param>
public sealed record ExpectedReading(
    Thing From,
    Thing To,
    (string From, string To, string? Lever) Points,
    Thing? Switch,
    bool On,
    Shown Shows,
    IReadOnlyList<SlipSeen> Slips
)
{
    /// <summary>What a reading names that answers it.</summary>
    public AskedReading Asked(string change) => new(change, Points.From, Points.To, Points.Lever, On);
}

/// <summary>The readings a finished box is proved by: slot by slot, terminal by terminal with its switch on and off, joint against joint
/// where nothing stands in it. Every value is of the solved network, breakers on; none is written down anywhere.</summary>
/// <param name="Unseen">Slips that none of the readings shows.</param>
public sealed record ExpectedTests(IReadOnlyList<ExpectedReading> Readings, IReadOnlyList<FaultOffer> Unseen)
{
    /// <summary>It loads what it reads, so that no ghost is read. <em>Practice</em>.</summary>
    public const string Instrument = "two-pole";

    /// <summary>Volts that tell two readings apart, as a share of a leg.</summary>
    private const double Apart = 0.2;

    private static readonly HashSet<OfferCase> Likely =
    [
        OfferCase.ComesOff,
        OfferCase.Exchanged,
        OfferCase.TouchesBox,
        OfferCase.TouchesGround,
        OfferCase.Jumper,
        OfferCase.NotBonded,
        OfferCase.TabWhole,
        OfferCase.TabBroken,
        OfferCase.LineAndLoad,
        OfferCase.LineAndLoadLocked,
        OfferCase.TrippedOrNeverReset,
        OfferCase.CommonAndTraveler,
    ];

    /// <param name="planned">The job as it is to be.</param>
    /// <param name="slips">False where only what is expected is asked for.</param>
    public static ExpectedTests Of(Job planned, Id<Box> id, bool slips = true)
    {
        ArgumentNullException.ThrowIfNull(planned);
        var box = planned.Boxes[id];
        var breakers = Signature.AllOn(planned);
        var solved = new Dictionary<string, (Live Start, Live End, List<(FaultOffer Slip, Live End)> Slips)>(StringComparer.Ordinal);
        (Live Start, Live End, List<(FaultOffer Slip, Live End)> Slips) With(string? lever, bool on)
        {
            var key = lever is null ? "" : $"{lever}={on}";
            if (!solved.TryGetValue(key, out var known))
            {
                var switches = lever is null ? new Dictionary<string, bool>() : new Dictionary<string, bool> { [lever] = on };
                var start = Live.Solve(planned, new Situation { Breakers = breakers, Switches = switches });
                var likely = slips ? FaultOffers.At(start, id, box).Where(o => Likely.Contains(o.Case)) : [];
                solved[key] = known = (start, Story.Unfold(start).End, [.. likely.Select(s => (s, Story.Unfold(start.With(s.Fault)).End))]);
            }

            return known;
        }

        var seen = new HashSet<(OfferCase, Details)>();
        var readings = new List<ExpectedReading>();
        foreach (var (from, to, lever, thing, on) in Pairs(id, box))
        {
            var (start, end, made) = With(lever, on);
            if (
                !start.Has(from.Point)
                || !start.Has(to.Point)
                || Instruments.Between(end, Instrument, from.Point, to.Point) is not { } shows
            )
            {
                continue;
            }

            var leg = start.Set(ElectricsBook.LegVolts);
            var shown = made.Select(s => new SlipSeen(s.Slip, Instruments.Between(s.End, Instrument, from.Point, to.Point)!))
                .Where(s => Math.Abs((s.Shows.Volts ?? 0) - (shows.Volts ?? 0)) > Apart * leg)
                .ToList();
            seen.UnionWith(shown.Select(s => (s.Slip.Case, s.Slip.About)));
            readings.Add(new(from.Thing, to.Thing, (from.Point, to.Point, lever), thing, on, shows, shown));
        }

        return new(readings, [.. With(null, true).Slips.Select(s => s.Slip).Where(s => !seen.Contains((s.Case, s.About)))]);
    }

    private static IEnumerable<(
        (string Point, Thing Thing) From,
        (string Point, Thing Thing) To,
        string? Lever,
        Thing? Switch,
        bool On
    )> Pairs(Id<Box> id, Box box)
    {
        var levers = Lever.In(id, box).ToList();
        foreach (var (device, kind) in box.Devices.Select(d => (d.Key, DeviceKinds.Find(d.Value.Kind))))
        {
            (string, Thing) Slot(string slot) => (Points.Face(id, device, slot), new Thing(ThingKind.Slot, slot, device));
            foreach (var slots in kind?.Inside.OfType<Slots>() ?? [])
            {
                var (hot, neutral, ground) = (Slot(slots.Half + "hot"), Slot(slots.Half + "neutral"), Slot(slots.Half + "ground"));
                foreach (var (a, b) in new[] { (hot, neutral), (hot, ground), (neutral, ground) })
                {
                    yield return (a, b, null, null, true);
                }
            }

            foreach (var draws in kind?.Inside.OfType<Draws>() ?? [])
            {
                (string, Thing) Own(string name) =>
                    kind!.Leads.Any(l => l.Id == name)
                        ? (Points.Own(id, $"{device}.{name}"), Thing.Lead($"{device}.{name}"))
                        : (Points.Terminal(id, device, name), new Thing(ThingKind.Terminal, name, device));
                yield return (Own(draws.Hot), Own(draws.Neutral), null, null, true);
            }

            foreach (var lever in levers.Where(l => l.Device == device))
            {
                foreach (var terminal in kind!.Terminals.Where(t => t.Role is TerminalRole.Switched or TerminalRole.Common))
                {
                    foreach (var on in new[] { true, false })
                    {
                        yield return (
                            (Points.Terminal(id, device, terminal.Id), new Thing(ThingKind.Terminal, terminal.Id, device)),
                            (Points.Yoke(id, device), new Thing(ThingKind.Terminal, "ground", device)),
                            lever.Key,
                            Thing.Device(device),
                            on
                        );
                    }
                }
            }
        }

        foreach (var pair in OfJoints(id, box))
        {
            yield return (pair.From, pair.To, null, null, true);
        }
    }

    /// <summary>Where no slots are: each joint of hots against the neutrals and against the grounds.</summary>
    private static IEnumerable<((string Point, Thing Thing) From, (string Point, Thing Thing) To)> OfJoints(Id<Box> id, Box box)
    {
        if (box.Devices.Values.Any(d => DeviceKinds.Find(d.Kind)?.Receptacle == true))
        {
            yield break;
        }

        var uses = box.Joints.Ids.ToDictionary(
            j => j,
            j => TakingApart.Members(box, j).Select(m => box.Leads.Find(m.Lead)?.Use ?? ConductorUse.Unknown).ToList()
        );
        (string, Thing) At(Id<Joint> joint) => (Points.Joint(id, joint), Thing.Joint(joint));
        var back = uses.Where(u => u.Value.Exists(x => x is ConductorUse.Neutral or ConductorUse.Ground)).Select(u => u.Key).ToList();
        foreach (var hot in uses.Keys.Where(j => !back.Contains(j)))
        {
            foreach (var to in back)
            {
                yield return (At(hot), At(to));
            }
        }
    }
}
