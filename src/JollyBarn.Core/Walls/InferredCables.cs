using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Walls;

/// <summary>A corner of a cable's way: from the left corner, and from the floor.</summary>
public readonly record struct WallPoint(Length X, Length Y);

/// <summary>A cable nobody saw, along the way such a cable usually goes.</summary>
public sealed record InferredCable(Id<Run> Run, IReadOnlyList<WallPoint> Corners)
{
    private static readonly Length Over = Length.Inches(8);

    /// <summary>Cables of the boxes of a wall, from what is recorded of their ends.</summary>
    /// <remarks>Common practice: between two boxes it rises by 8 in, or over a door or window, goes across and comes
    /// down; one that leaves goes straight up or down by the side it enters its box, and up where that is not known. A cable somebody
    /// saw is not inferred again.</remarks>
    public static IReadOnlyList<InferredCable> Of(WallPlan plan, Job job)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(job);
        var seen = plan.Things.Where(t => t.Value.IsPlaced).Select(t => plan.Wall.Things[t.Key].Run).OfType<Id<Run>>().ToHashSet();
        var there = plan.Boxes.Where(b => b.At.IsPlaced).ToDictionary(b => b.Id);
        return [.. job.Runs.Where(r => !seen.Contains(r.Key)).Select(r => Way(plan, r.Key, r.Value, there)).OfType<InferredCable>()];
    }

    /// <summary>How near it comes to a cut, by the way it is drawn; below zero, it goes through.</summary>
    public Length Apart(Stretch across, Stretch up) =>
        Corners
            .Zip(Corners.Skip(1))
            .Select(p => (Across: Between(p.First.X, p.Second.X), Up: Between(p.First.Y, p.Second.Y)))
            .Select(p => Beside.Apart(across, up, p.Across, p.Up))
            .Min();

    private static InferredCable? Way(WallPlan plan, Id<Run> id, Run run, Dictionary<Id<Box>, BoxOnWall> there)
    {
        var ends = new[] { run.A, run.B }
            .Where(e => e.Box is { } b && there.ContainsKey(b))
            .Select(e => (Box: there[e.Box!.Value], Side: there[e.Box.Value].Box.Entries.Find(e.Entry ?? "")?.Side))
            .ToList();
        return ends switch
        {
            // Over a ceiling a cable leaves by any side.
            [var one] when plan.Wall.Kind == FaceKind.Wall => new(id, [Out(one), .. Leaves(plan, one)]),
            [var one, var other] => new(id, Across(plan, one, other)),
            _ => null,
        };
    }

    private static IReadOnlyList<WallPoint> Across(
        WallPlan plan,
        (BoxOnWall Box, EntrySide? Side) one,
        (BoxOnWall Box, EntrySide? Side) other
    )
    {
        var down = one.Side == EntrySide.Bottom && other.Side == EntrySide.Bottom;
        var (a, b) = (Out(one), Out(other));
        var level = down ? (a.Y < b.Y ? a.Y : b.Y) - Over : WallWay.Above(plan, Between(a.X, b.X), (a.Y > b.Y ? a.Y : b.Y) + Over);
        return [a, a with { Y = level }, b with { Y = level }, b];
    }

    private static WallPoint Out((BoxOnWall Box, EntrySide? Side) end)
    {
        var (across, up) = (end.Box.At.Across!, end.Box.At.Up!);
        return end.Side switch
        {
            EntrySide.Bottom => new(across.Middle, up.Low),
            EntrySide.Left => new(across.Low, up.Middle),
            EntrySide.Right => new(across.High, up.Middle),
            _ => new(across.Middle, up.High),
        };
    }

    private static IReadOnlyList<WallPoint> Leaves(WallPlan plan, (BoxOnWall Box, EntrySide? Side) end)
    {
        var begins = Out(end);
        var rises = plan.High ?? begins.Y + Length.Inches(48);
        return [begins with { Y = end.Side == EntrySide.Bottom ? Length.Zero : rises }];
    }

    private static Stretch Between(Length a, Length b) => a < b ? new(a, b, false) : new(b, a, false);
}

/// <summary>How near two things of a wall come to each other.</summary>
internal static class Beside
{
    /// <summary>Apart by the larger of the two axes; below zero, they lap.</summary>
    public static Length Apart(Stretch across, Stretch up, Stretch otherAcross, Stretch otherUp)
    {
        var (x, y) = (across.Apart(otherAcross), up.Apart(otherUp));
        return x > y ? x : y;
    }
}
