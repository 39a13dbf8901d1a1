using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Testing.Oracle;

public enum SpoilKind
{
    Moved,
    Exchanged,
    TakenAway,
    Tab,
    Leg,
    WithoutGround,
    Jumper,
}

/// <summary>A house with one thing of its record changed.</summary>
/// <param name="Box">The box it was changed in; null for the panel or a cable.</param>
/// <param name="Named">Ids of what the change names.</param>
public sealed record Spoil(SpoilKind Kind, Job After, Id<Box>? Box, IReadOnlyList<string> Named, string Says)
{
    /// <summary>A change of this kind; null where the house has nothing for it.</summary>
    public static Spoil? Of(Job job, SpoilKind kind, Random random) =>
        kind switch
        {
            SpoilKind.Moved => Moved(job, random),
            SpoilKind.Exchanged => Exchanged(job, random),
            SpoilKind.TakenAway => TakenAway(job, random),
            SpoilKind.Tab => Tab(job, random),
            SpoilKind.Leg => Leg(job, random),
            SpoilKind.WithoutGround => WithoutGround(job, random),
            _ => Jumper(job, random),
        };

    private static T Some<T>(IReadOnlyList<T> of, Random random) => of[random.Next(of.Count)];

    private static Spoil? Moved(Job job, Random random)
    {
        var (id, box) = Some([.. job.Boxes], random);
        var end = Some(Ends(box), random);
        var to = Some([.. Places(box).Where(p => p != end.At)], random);
        return new(SpoilKind.Moved, job.Do(end.Move(id, to)), id, [end.Id], $"{id} {end.Id} to {to}");
    }

    private static Spoil? Exchanged(Job job, Random random)
    {
        var (id, box) = Some([.. job.Boxes], random);
        var one = Some(Ends(box), random);
        var others = Ends(box).Where(e => e.Id != one.Id && e.At != one.At).ToList();
        if (others.Count == 0)
        {
            return null;
        }

        var other = Some(others, random);
        return new(
            SpoilKind.Exchanged,
            job.Do(one.Move(id, other.At), other.Move(id, one.At)),
            id,
            [one.Id, other.Id],
            $"{id} {one.Id} with {other.Id}"
        );
    }

    private static Spoil? TakenAway(Job job, Random random)
    {
        var (id, box) = Some([.. job.Boxes], random);
        var end = Some(Ends(box), random);
        return new(SpoilKind.TakenAway, job.Do(end.Move(id, new(LandingAt.Cap))), id, [end.Id], $"{id} {end.Id}");
    }

    private static Spoil? Tab(Job job, Random random)
    {
        var all = job
            .Boxes.SelectMany(b => b.Value.Devices.Select(d => (Box: b.Key, Id: d.Key, Device: d.Value)))
            .Where(d => DeviceKinds.Find(d.Device.Kind)!.Inside.OfType<Tab>().Any())
            .ToList();
        if (all.Count == 0)
        {
            return null;
        }

        var (box, id, device) = Some(all, random);
        var side = random.Next(2) == 0 ? "hot" : "neutral";
        IReadOnlyList<string> tabs = device.BrokenTabs.Contains(side)
            ? [.. device.BrokenTabs.Where(t => t != side)]
            : [.. device.BrokenTabs, side];
        return new(SpoilKind.Tab, job.Do(new SetDevice(box, id, BrokenTabs: tabs)), box, [id], $"{box} {id} tabs {string.Join(",", tabs)}");
    }

    /// <summary>The second breaker of a multiwire circuit put on the leg of the first.</summary>
    private static Spoil? Leg(Job job, Random random)
    {
        var panel = job.Panels["p"];
        var pairs = panel.Breakers.GroupBy(b => b.Circuit).Where(g => g.Count() > 1).ToList();
        if (pairs.Count == 0)
        {
            return null;
        }

        var pair = Some(pairs, random).ToList();
        var moved = panel with
        {
            Breakers = [.. panel.Breakers.Select(b => ReferenceEquals(b, pair[1]) ? b with { Slot = pair[0].Slot + 24 } : b)],
        };
        return new(SpoilKind.Leg, job.Do(new PutPanel("p", moved)), null, [pair[0].Circuit!], $"{pair[1].Key} on the leg of {pair[0].Key}");
    }

    private static Spoil? WithoutGround(Job job, Random random)
    {
        var (id, run) = Some([.. job.Runs], random);
        var ground = run.Conductors.Count;
        var after = job with
        {
            Runs = job.Runs.With(id, run with { Ground = GroundKind.None }),
            Boxes = job.Boxes.Each(
                (_, box) => box with { Leads = box.Leads.Each((_, lead) => lead.Run == id && lead.Index == ground ? null : lead) }
            ),
        };
        return new(SpoilKind.WithoutGround, after, null, [id], $"{id}");
    }

    private static Spoil? Jumper(Job job, Random random)
    {
        var (id, box) = Some([.. job.Boxes], random);
        var one = Some(Places(box), random);
        var other = Some([.. Places(box).Where(p => p != one)], random);
        return new(
            SpoilKind.Jumper,
            job.Do(new AddPigtail(id, "jumper", one, other, Measures.Gauge.Awg(12), "black")),
            id,
            ["jumper"],
            $"{id} {one} to {other}"
        );
    }

    /// <summary>Where a conductor may lie: joints, one place of each terminal, the bonding screw of a metal box.</summary>
    private static List<Landing> Places(Box box) =>
        [
            .. box.Joints.Ids.Select(j => new Landing(LandingAt.Joint, j)),
            .. box.Devices.SelectMany(d =>
                DeviceKinds.Find(d.Value.Kind)!.Terminals.Select(t => new Landing(LandingAt.Terminal, null, d.Key, t.Landings[0].Id))
            ),
            .. box.Material == BoxMaterial.Metal ? [new Landing(LandingAt.BondingScrew)] : Array.Empty<Landing>(),
        ];

    private static List<End> Ends(Box box) =>
        [
            .. box.Leads.Select(l => new End(l.Key, l.Value.Lands, null)),
            .. box.Pigtails.SelectMany(t => new[] { new End(t.Key, t.Value.From, false), new End(t.Key, t.Value.To, true) }),
        ];

    private sealed record End(Id<Lead> Id, Landing At, bool? Far)
    {
        public Edit Move(Id<Box> box, Landing to) => Far is { } far ? new LandPigtail(box, Id, far, to) : new MoveLead(box, Id, to);
    }
}
