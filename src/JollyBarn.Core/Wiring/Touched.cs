namespace JollyBarn.Wiring;

/// <summary>Which boxes may read otherwise after a change.</summary>
public static class Touched
{
    /// <summary>True when something changed that every box reads: profile, practice, rooms, walls, panels, circuits or rulings.</summary>
    public static bool Everything(Job before, Job after) =>
        !ReferenceEquals(before.Profile, after.Profile)
        || !ReferenceEquals(before.Practice, after.Practice)
        || !ReferenceEquals(before.Places, after.Places)
        || !ReferenceEquals(before.Walls, after.Walls)
        || !ReferenceEquals(before.Panels, after.Panels)
        || !ReferenceEquals(before.Circuits, after.Circuits)
        || !ReferenceEquals(before.Rulings, after.Rulings);

    /// <summary>Boxes that differ between two states, or whose cables do.</summary>
    public static IEnumerable<Id<Box>> Boxes(Job before, Job after)
    {
        var boxes = ReferenceEquals(before.Boxes, after.Boxes)
            ? []
            : before.Boxes.Ids.Union(after.Boxes.Ids).Where(id => !ReferenceEquals(before.Boxes.Find(id), after.Boxes.Find(id)));
        var runs = ReferenceEquals(before.Runs, after.Runs)
            ? []
            : before
                .Runs.Ids.Union(after.Runs.Ids)
                .Where(id => !ReferenceEquals(before.Runs.Find(id), after.Runs.Find(id)))
                .SelectMany(id => new[] { before.Runs.Find(id), after.Runs.Find(id) })
                .OfType<Run>()
                .SelectMany(r => new[] { r.A, r.B })
                .Select(e => e.Box)
                .OfType<Id<Box>>();
        return boxes.Concat(runs).Distinct();
    }
}
