using JollyBarn.Edits;
using JollyBarn.Practice.Houses;
using JollyBarn.Wiring;

namespace JollyBarn.Testing.Oracle;

/// <summary>Houses of many circuits that fork, as large ones do.</summary>
public sealed class LargeHouse : WiredHouse
{
    private LargeHouse(int seed)
        : base(seed) { }

    /// <summary>So many circuits of all kinds, those of receptacles forking, with so many boxes or a few more.</summary>
    public static Job Make(int seed, int circuits, int boxes)
    {
        var house = new LargeHouse(seed);
        house.Do(new PutPanel("p", new Panel("Panel", SupplySystem.SplitPhase, 4 * ((circuits + 1) / 2), 200, "s")));
        Action[] kinds = [house.Protected, house.Light, house.Loop, house.ThreeWays, house.Multiwire, house.HalfSwitched];
        for (var c = 0; c < circuits; c++)
        {
            var left = circuits - c;
            var share = Math.Max(1, (boxes - house.Boxes) / left);
            if (share <= 3 && house.Drawn(3) > 0)
            {
                kinds[house.Drawn(kinds.Length)]();
            }
            else
            {
                house.Branching(Math.Max(2, house.Drawn((2 * share) + 1)));
            }
        }

        return house.Job;
    }

    /// <summary>The job with one more receptacle behind a box of joints that is there already.</summary>
    public static Job Grown(Job job, int seed)
    {
        var house = new LargeHouse(seed) { Job = job, Boxes = job.Boxes.Count };
        var joints = job.Boxes.Where(b => b.Value.Joints.Has("hots") && b.Value.Joints.Has("neutrals") && b.Value.Joints.Has("grounds"));
        Id<Box>[] from = [.. joints.Select(b => b.Key)];
        house.Behind(from[house.Drawn(from.Length)]);
        return house.Job;
    }

    private void Branching(int count)
    {
        var (circuit, gauge) = Circuit(20);
        var first = Row(FromPanel(circuit, gauge, 2));
        List<Id<Box>> all = [first];
        while (all.Count < count)
        {
            // More often on from the last than from one before: rows with forks.
            var before = Drawn(3) > 0 ? all[^1] : all[Drawn(all.Count)];
            all.Add(Behind(before));
        }
    }

    /// <summary>A receptacle behind a box, fed from its joints.</summary>
    private Id<Box> Behind(Id<Box> before)
    {
        var feed = Job.Runs[Job.Boxes[before].Leads.Values.Select(l => l.Run).First(r => r is not null)!.Value];
        var run = Run(feed.Circuit!.Value, feed.Gauge!.Value.Number, 2);
        var on = Enter(before, run);
        Do(
            new MoveLead(before, on[0], In("hots")),
            new MoveLead(before, on[1], In("neutrals")),
            new MoveLead(before, on[2], In("grounds"))
        );
        return Row(run);
    }

    /// <summary>A receptacle by pigtails from joints that may take more.</summary>
    private Id<Box> Row(Id<Run> run)
    {
        var box = Box("nm-1g-22.5", "dry");
        var leads = Enter(box, run);
        Do(new AddDevice(box, "r", "receptacle", 1));
        Join(box, "hots", [leads[0]]);
        Join(box, "neutrals", [leads[1]]);
        Do(
            new AddPigtail(box, "h", In("hots"), At("r", "hot-upper/screw")),
            new AddPigtail(box, "n", In("neutrals"), At("r", "neutral-upper/screw"))
        );
        Grounds(box, [leads[2]], "r");
        return box;
    }
}
