using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics.Faults;

/// <summary>A fault one can plant here to see what it does.</summary>
public sealed record FaultOffer(string Name, Fault Fault);

/// <summary>Faults that can be planted at a box, ready made and named in its words.</summary>
public static class FaultOffers
{
    private const double WetOhms = 15000;
    private const double Burnt = 5;

    /// <summary>One fault somewhere in the job, chosen by a number: the same job and number give the same fault. None in a job where
    /// nothing is recorded.</summary>
    public static IReadOnlyList<Fault> Hidden(Job job, int number)
    {
        var live = Live.Of(job, Situation.AsRecorded);
        var all = job.Boxes.Where(b => !b.Value.Binned).SelectMany(b => Of(live, b.Key, b.Value)).ToList();
        return all.Count == 0 ? [] : [all[new Random(number).Next(all.Count)].Fault];
    }

    public static IEnumerable<FaultOffer> Of(Live live, string id, Box box)
    {
        string Name(string lead) => BoxNames.Lead(live.Job, box, box.Leads[lead]);
        Exchanged? crossed = null;
        foreach (var cable in box.Leads.Where(l => l.Value is { Run: not null, LeavesBy: null }).GroupBy(l => (l.Value.Run, l.Value.Side)))
        {
            var hot = cable.FirstOrDefault(l => l.Value.Use is ConductorUse.Hot).Key;
            var neutral = cable.FirstOrDefault(l => l.Value.Use is ConductorUse.Neutral).Key;
            foreach (var (leadId, lead) in cable)
            {
                if (live.Plan.Find($"land:{id}/{leadId}") is not null)
                {
                    yield return new($"{Name(leadId)} comes off", new OpenLink($"land:{id}/{leadId}"));
                    if (!lead.IsGround)
                    {
                        yield return new($"{Name(leadId)} makes a poor joint", new PoorLink($"land:{id}/{leadId}", Burnt));
                        yield return new($"{Name(leadId)} comes off now and then", new ComesAndGoes(new OpenLink($"land:{id}/{leadId}")));
                        yield return new($"{Name(leadId)} arcs in its joint", new SeriesArc($"land:{id}/{leadId}"));
                    }
                }
            }

            if (
                hot is not null
                && neutral is not null
                && live.Plan.Find($"land:{id}/{hot}") is not null
                && live.Plan.Find($"land:{id}/{neutral}") is not null
            )
            {
                var exchanged = new Exchanged($"land:{id}/{hot}", $"land:{id}/{neutral}");
                crossed =
                    live.Job.Runs.Find(cable.Key.Run)?.End(cable.Key.Side).Feeds == Feeds.FeedsIn || crossed is null ? exchanged : crossed;
                yield return new($"{Name(hot)} and {box.Leads[neutral].Colour} exchanged", exchanged);
            }

            if (hot is not null && box.Material != BoxMaterial.Nonmetallic)
            {
                var point = Points.Lead(id, hot, box.Leads[hot]);
                yield return new($"{Name(hot)} touches the box", new Bridged(point, Points.Metal(id)));
                yield return new($"{Name(hot)} leaks to the box, wet", new Bridged(point, Points.Metal(id), WetOhms));
            }

            var ground = cable.FirstOrDefault(l => l.Value.IsGround).Key;
            foreach (var touching in new[] { hot, neutral }.OfType<string>().Where(_ => ground is not null))
            {
                yield return new(
                    $"{Name(touching)} touches the ground beside it",
                    new Bridged(Points.Lead(id, touching, box.Leads[touching]), Points.Lead(id, ground!, box.Leads[ground!]))
                );
            }

            var (run, side) = cable.Key;
            foreach (var (leadId, lead) in cable)
            {
                yield return new($"{Name(leadId)} is broken somewhere along the cable", new OpenLink(RunPlan.Wire(run!, lead.Index)));
            }

            foreach (var (_, far, there) in FarLoads.Of(live.Job, box).Where(f => f.Run == run && hot is not null))
            {
                yield return new(
                    $"a hot touches the metal of {there.Says}",
                    new Bridged(Points.End(run!, far, box.Leads[hot!].Index), Points.Frame(run!, far))
                );
            }

            if (live.Job.Runs.Find(run) is { Ground: GroundKind.Bare or GroundKind.Insulated } through)
            {
                yield return new(
                    $"a nail through the cable {through.End(side).Says ?? run}",
                    new Nail(run!, [0, through.Conductors.Count])
                );
            }
        }

        foreach (var offer in Borrowed(live, id, box))
        {
            yield return offer;
        }

        foreach (var (deviceId, device) in box.Devices)
        {
            foreach (var offer in OfDevice(live, id, box, deviceId, device))
            {
                yield return offer;
            }

            var kind = DeviceKinds.Find(device.Kind);
            if (
                kind?.Terminals.FirstOrDefault(t => t.Role is TerminalRole.Neutral or TerminalRole.LineNeutral) is { } neutral
                && kind.Terminals.Any(t => t.Id == "ground")
            )
            {
                var jumper = new Bridged(Points.Terminal(id, deviceId, neutral.Id), Points.Yoke(id, deviceId));
                yield return new($"a jumper from neutral to ground on the {BoxNames.Device(device)}", jumper);
                if (crossed is not null)
                {
                    yield return new("a lesson: the feed crossed, and a jumper from neutral to ground", new Several([crossed, jumper]));
                }
            }

            if (kind?.Family == DeviceFamily.ProtectiveReceptacle)
            {
                yield return new($"the {BoxNames.Device(device)} is dead inside", new NoTrip($"gfci:{id}/{deviceId}"));
            }
        }

        if (box.Material != BoxMaterial.Nonmetallic && live.Plan.Touching(Points.Metal(id)).Any(l => l.Kind == LinkKind.Contact))
        {
            yield return new("the metal box is not bonded", new Unbonded(id));
        }

        var circuits = box.Leads.Values.Select(l => live.Job.Runs.Find(l.Run)?.Circuit).OfType<string>().ToHashSet(StringComparer.Ordinal);
        foreach (var (panelId, panel) in live.Job.Panels)
        {
            foreach (var breaker in panel.Breakers.Where(b => b.Circuit is not null && circuits.Contains(b.Circuit)))
            {
                yield return new($"breaker {breaker.Where} is stuck and never opens", new Stuck($"breaker:{panelId}/{breaker.Key}"));
                if (
                    live.Plan.Find($"breaker:{panelId}/{breaker.Key}/1") is { } second
                    && live.Plan.Find($"breaker:{panelId}/{breaker.Key}/0") is { } first
                )
                {
                    yield return new($"both legs of breaker {breaker.Where} are on one leg", new Moved(second.Key, first.From, true));
                }
            }
        }
    }

    /// <summary>The neutral of one cable goes back with another circuit's.</summary>
    private static IEnumerable<FaultOffer> Borrowed(Live live, string id, Box box)
    {
        var neutrals = box
            .Leads.Where(l => l.Value is { Run: not null, Use: ConductorUse.Neutral } && live.Plan.Find($"land:{id}/{l.Key}") is not null)
            .Select(l => (l.Key, l.Value, Circuit: live.Job.Runs.Find(l.Value.Run)?.Circuit))
            .Where(l => l.Circuit is not null)
            .ToList();
        foreach (var (own, lead, circuit) in neutrals)
        {
            if (neutrals.Find(n => n.Circuit != circuit) is { Key: { } other })
            {
                yield return new(
                    $"{BoxNames.Lead(live.Job, box, lead)} goes back with another circuit's",
                    new Moved($"land:{id}/{own}", live.Plan.Find($"land:{id}/{other}")!.To)
                );
            }
        }
    }

    /// <summary>What goes wrong in a device: its tab, its line and load, the wiring of a switch.</summary>
    private static IEnumerable<FaultOffer> OfDevice(Live live, string id, Box box, string deviceId, Device device)
    {
        var name = BoxNames.Device(device);
        foreach (var tab in new[] { "hot", "neutral" })
        {
            if (live.Plan.Find($"tab:{id}/{deviceId}/{tab}") is { } link)
            {
                yield return link.Open
                    ? new($"the {tab} tab of the {name} is whole", new Whole(link.Key))
                    : new($"the {tab} tab of the {name} is broken", new OpenLink(link.Key));
            }
        }

        string On(string terminal) => Points.Terminal(id, deviceId, terminal);
        Moved[] To(string from, string to) =>
            [
                .. live
                    .Plan.Touching(On(from))
                    .Where(l => l.To == On(from) && l.Key.StartsWith($"land:{id}/", StringComparison.Ordinal))
                    .Select(l => new Moved(l.Key, On(to))),
            ];
        var exchanged = new[]
        {
            ("line-hot", "load-hot"),
            ("load-hot", "line-hot"),
            ("line-neutral", "load-neutral"),
            ("load-neutral", "line-neutral"),
        }
            .SelectMany(p => To(p.Item1, p.Item2))
            .ToList();
        if (exchanged.Count is > 0 and <= 6)
        {
            var tripped = new Tripped($"gfci:{id}/{deviceId}");
            var old = new[] { "hot", "neutral" }.Select(s => new Bridged(On("load-" + s), On("face-" + s)));
            yield return new($"line and load of the {name} are exchanged", new Several([.. exchanged]));
            yield return new(
                $"line and load of the {name} are exchanged, and it locks out as those made today do",
                new Several([.. exchanged, tripped])
            );
            yield return new(
                $"line and load of the {name} are exchanged, and it is an old one that has tripped: its face hangs on the load side",
                new Several([.. exchanged, .. old, tripped])
            );
            yield return new($"the {name} has tripped, or was never reset", tripped);
        }

        if (To("common", "traveler-1") is [var common, ..] && To("traveler-1", "common") is [var traveler, ..])
        {
            yield return new($"common and a traveler of the {name} are exchanged", new Several([common, traveler]));
        }
    }
}
