using JollyBarn.CodeBook;
using JollyBarn.Electrics.Faults;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>Faults that can be planted at a box, ready made and named in its words.</summary>
public static class FaultOffers
{
    private const double WetOhms = 15000;
    private const double Burnt = 5;

    /// <summary>One fault somewhere in the job, chosen by a number: the same job and number give the same fault. None in a job where nothing is recorded.</summary>
    public static IReadOnlyList<Fault> Hidden(Job job, int number)
    {
        var live = Live.Of(job, Situation.AsRecorded);
        var all = job.Boxes.Where(b => !b.Value.Binned).SelectMany(b => Of(live, b.Key, b.Value)).ToList();
        return all.Count == 0 ? [] : [all[new Random(number).Next(all.Count)].Fault];
    }

    internal static IEnumerable<FaultOffer> Of(Live live, string id, Box box)
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
                    }
                }
            }

            if (hot is not null && neutral is not null && live.Plan.Find($"land:{id}/{hot}") is not null && live.Plan.Find($"land:{id}/{neutral}") is not null)
            {
                var exchanged = new Exchanged($"land:{id}/{hot}", $"land:{id}/{neutral}");
                crossed = live.Job.Runs.Find(cable.Key.Run)?.End(cable.Key.Side).Feeds == Feeds.FeedsIn || crossed is null ? exchanged : crossed;
                yield return new($"{Name(hot)} and {box.Leads[neutral].Colour} exchanged", exchanged);
            }

            if (hot is not null && box.Material != BoxMaterial.Nonmetallic)
            {
                var point = Points.Lead(id, hot, box.Leads[hot]);
                yield return new($"{Name(hot)} touches the box", new Bridged(point, Points.Metal(id)));
                yield return new($"{Name(hot)} leaks to the box, wet", new Bridged(point, Points.Metal(id), WetOhms));
            }

            var (run, side) = cable.Key;
            if (live.Job.Runs.Find(run) is { Ground: GroundKind.Bare or GroundKind.Insulated } through)
            {
                yield return new($"a nail through the cable {through.End(side).Says ?? run}", new Nail(run!, [0, through.Conductors.Count]));
            }
        }

        foreach (var (deviceId, device) in box.Devices)
        {
            var kind = DeviceKinds.Find(device.Kind);
            if (kind?.Terminals.FirstOrDefault(t => t.Role is TerminalRole.Neutral or TerminalRole.LineNeutral) is { } neutral && kind.Terminals.Any(t => t.Id == "ground"))
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

        if (box.Material != BoxMaterial.Nonmetallic)
        {
            yield return new("the metal box is not bonded", new Unbonded(id));
        }

        var circuits = box.Leads.Values.Select(l => live.Job.Runs.Find(l.Run)?.Circuit).OfType<string>().ToHashSet(StringComparer.Ordinal);
        foreach (var (panelId, panel) in live.Job.Panels)
        {
            foreach (var breaker in panel.Breakers.Where(b => b.Circuit is not null && circuits.Contains(b.Circuit)))
            {
                yield return new($"breaker {breaker.Slot} is stuck and never opens", new Stuck($"breaker:{panelId}/{breaker.Slot}"));
            }
        }
    }
}
