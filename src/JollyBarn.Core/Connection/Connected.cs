using System.Runtime.CompilerServices;
using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Connection;

/// <summary>What is connected in a job, over all its runs and boxes, three-valued.</summary>
/// <remarks>Boxes that no cable joins know nothing of each other: an edit makes one island anew and leaves the rest.</remarks>
public sealed class Connected
{
    private static readonly ConditionalWeakTable<Job, Connected> Kept = [];
    private static readonly ConditionalWeakTable<ById<Id<Run>, Run>, Connected> Latest = [];
    private static readonly ConditionalWeakTable<BoxJoins, Island> KeptIslands = [];

    private readonly PanelEnds panels;
    private readonly HousePractice practice;
    private readonly ById<Id<Box>, Box> boxes;
    private readonly Dictionary<Id<Box>, int> boxAt;
    private readonly Pieces pieces;
    private readonly Dictionary<int, IslandParts> parts;
    private readonly Dictionary<int, Island> islands;
    private readonly Lock guard = new();

    private Connected(Job job)
    {
        (panels, practice, boxes, parts, islands) = (PanelEnds.Of(job), job.Practice, job.Boxes, [], []);
        boxAt = new(job.Boxes.Count);
        foreach (var (id, box) in job.Boxes)
        {
            if (!box.Binned)
            {
                boxAt[id] = boxAt.Count;
            }
        }

        pieces = new(boxAt.Count);
        foreach (var run in job.Runs.Values)
        {
            if (At(run.A) is { } one && At(run.B) is { } other)
            {
                pieces.Join(one, other);
            }
        }

        foreach (var (id, box) in job.Boxes)
        {
            if (boxAt.TryGetValue(id, out var at))
            {
                // What passes through a box unbroken goes on as another run, whatever its ends say.
                Parts(at).Boxes.Add((id, BoxJoins.Of(job, id, box)));
            }
        }

        foreach (var (id, run) in job.Runs)
        {
            if ((At(run.A) ?? At(run.B)) is { } at)
            {
                Parts(at).Runs.Add((id, run, RunJoins.Of(job, panels, id, run)));
            }
        }
    }

    /// <summary>The same runs between the same boxes, some of which hold something else: their islands anew, the rest as it is.</summary>
    private Connected(Connected last, Job job, List<Id<Box>> changed)
    {
        (panels, practice, boxes) = (last.panels, last.practice, job.Boxes);
        (boxAt, pieces) = (last.boxAt, last.pieces);
        lock (last.guard)
        {
            (parts, islands) = (new(last.parts), new(last.islands));
            foreach (var root in changed.Select(b => pieces.Root(boxAt[b])).Distinct())
            {
                parts[root] = parts[root].Of(job, panels);
                islands.Remove(root);
            }
        }
    }

    public static Connected Of(Job job) => Kept.GetValue(job, Make);

    /// <summary>Boxes that hang together with one that is not as it was: their verdicts may be others.</summary>
    public static IEnumerable<Id<Box>> Near(Job before, Job after)
    {
        var (was, now) = (Of(before), Of(after));
        return after.Boxes.Ids.Where(b =>
            now.boxAt.TryGetValue(b, out var at)
            && !(was.boxAt.TryGetValue(b, out var old) && ReferenceEquals(was.IslandOf(old), now.IslandOf(at)))
        );
    }

    /// <summary>What the points of one box reach.</summary>
    public BoxWires In(Id<Box> id) => boxAt.TryGetValue(id, out var at) ? IslandOf(at).In(id) : BoxWires.None;

    /// <summary>What comes to a box by each conductor that ends in it, with nothing in the box joined.</summary>
    public Comings Coming(Id<Box> id) => boxAt.TryGetValue(id, out var at) ? IslandOf(at).Coming(id) : Comings.None;

    private static Connected Make(Job job)
    {
        var made =
            Latest.TryGetValue(job.Runs, out var last) && last.Changed(job) is { } changed ? new(last, job, changed) : new Connected(job);
        Latest.AddOrUpdate(job.Runs, made);
        return made;
    }

    /// <summary>The boxes that hold something else in a job of the same runs; null where more than that differs.</summary>
    private List<Id<Box>>? Changed(Job job)
    {
        if (PanelEnds.Of(job) != panels || !ReferenceEquals(job.Practice, practice) || job.Boxes.Count != boxes.Count)
        {
            return null;
        }

        var changed = new List<Id<Box>>();
        foreach (var (was, now) in boxes.Zip(job.Boxes))
        {
            if (was.Key != now.Key || (!ReferenceEquals(was.Value, now.Value) && (was.Value.Binned || now.Value.Binned)))
            {
                return null;
            }

            if (!ReferenceEquals(was.Value, now.Value))
            {
                changed.Add(now.Key);
            }
        }

        return changed;
    }

    private int? At(RunEnd end) => end.Box is { } box && boxAt.TryGetValue(box, out var at) ? at : null;

    private IslandParts Parts(int box)
    {
        var root = pieces.Root(box);
        return parts.TryGetValue(root, out var found) ? found : parts[root] = new();
    }

    private Island IslandOf(int box)
    {
        lock (guard)
        {
            var root = pieces.Root(box);
            if (!islands.TryGetValue(root, out var island))
            {
                var made = parts[root];
                var first = made.Boxes[0].Joins;
                if (!KeptIslands.TryGetValue(first, out island) || !island.Parts.Same(made))
                {
                    island = new(panels, made);
                    KeptIslands.AddOrUpdate(first, island);
                }

                islands[root] = island;
            }

            return island;
        }
    }
}
