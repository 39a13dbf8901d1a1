namespace JollyBarn.Wiring;

public static class PartOfJob
{
    /// <summary>The job with these boxes alone and the runs that come to them: as electricity the same there, where nothing but panels
    /// joins them to the rest.</summary>
    public static Job Only(this Job job, IReadOnlySet<Id<Box>> boxes) =>
        job with
        {
            Boxes = job.Boxes.Each((id, b) => boxes.Contains(id) ? b : null),
            Runs = job.Runs.Each((_, r) => r.Boxes.Any(boxes.Contains) ? r : null),
        };
}
