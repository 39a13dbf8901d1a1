using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Walls;

/// <summary>The way of a cable along a wall, from a box to another place on it.</summary>
/// <param name="Way">Along the cable, from entry to entry.</param>
/// <param name="Level">How high over the floor it crosses; null where it crosses nothing.</param>
/// <param name="Studs">Studs it goes through that are recorded, from the left.</param>
/// <param name="Guessed">Studs it goes through that the spacing says are there.</param>
/// <param name="Stopped">What it cannot go through: a door, a window, a duct.</param>
/// <param name="Sure">False where a place on the way is guessed.</param>
public sealed record WallWay(Length Way, Length? Level, IReadOnlyList<string> Studs, int Guessed, IReadOnlyList<string> Stopped, bool Sure)
{
    private static readonly Length Over = Length.Inches(8),
        OverOpening = Length.Inches(12);

    /// <summary>In one bay straight from one to the other; else up 8 in over the higher, or 12 in over an opening that stands
    /// between, across through the studs, and down.
    /// <em>Practice</em>.</summary>
    /// <returns>Null where one of the two has no place.</returns>
    public static WallWay? Between(WallPlan plan, Extent from, Extent to)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(from);
        ArgumentNullException.ThrowIfNull(to);
        if (from is not { Across: { } a, Up: { } h } || to is not { Across: { } b, Up: { } k })
        {
            return null;
        }

        var (left, right) = a.Middle < b.Middle ? (a.Middle, b.Middle) : (b.Middle, a.Middle);
        var between = new Stretch(left, right, true);
        var level = Above(plan, between, (h.High > k.High ? h.High : k.High) + Over);
        var studs = plan
            .Things.Where(t => plan.Wall.Things[t.Key].Kind == WallThingKind.Stud && Inside(t.Value.Across, between))
            .OrderBy(t => t.Value.Across!.Low)
            .Select(t => t.Key)
            .ToList();
        var guessed = plan.Guessed.Count(g => Inside(g.Across, between));
        var stopped = plan
            .Things.Where(t =>
                plan.Wall.Things[t.Key].Kind is WallThingKind.Door or WallThingKind.Window or WallThingKind.Duct
                && In(t.Value, between, level)
            )
            .Select(t => t.Key)
            .ToList();
        var crosses = studs.Count + guessed > 0;
        var across = right - left;
        var rise = crosses ? (level - h.High) + (level - k.High) : Gap(h.Middle, k.Middle);
        return new(across + rise, crosses ? level : null, studs, guessed, stopped, a.Sure && h.Sure && b.Sure && k.Sure && guessed == 0);
    }

    /// <summary>Over the doors and windows that stand in the way, and their headers.</summary>
    internal static Length Above(WallPlan plan, Stretch between, Length level)
    {
        var openings = plan
            .Things.Where(t => plan.Wall.Things[t.Key].Kind is WallThingKind.Door or WallThingKind.Window && In(t.Value, between, level))
            .Select(t => t.Value.Up!.High + OverOpening)
            .ToList();
        return openings.Count > 0 ? openings.Max() : level;
    }

    private static bool In(Extent at, Stretch between, Length level) =>
        at is { Across: { } x, Up: { } y } && x.Meets(between) && y.Low < level && y.High > level;

    private static bool Inside(Stretch? stud, Stretch between) =>
        stud is not null && stud.Middle > between.Low && stud.Middle < between.High;

    private static Length Gap(Length one, Length other) => one > other ? one - other : other - one;
}
