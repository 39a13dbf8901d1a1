namespace JollyBarn.Electrics.Faults;

/// <summary>What one fault would do.</summary>
/// <param name="Openings">What would open by itself, in order of time.</param>
/// <param name="Live">Points that are live after it and are not as the job is recorded, by their nodes in the network.</param>
/// <param name="NoLonger">How many points that are live as the job is recorded no longer would be.</param>
public sealed record Outcome(Fault Fault, IReadOnlyList<Opening> Openings, IReadOnlyList<int> Live, int NoLonger);

/// <summary>Every single fault that can be planted in a job, each solved as a change of the job as it is recorded.</summary>
public static class EveryFault
{
    /// <summary>The faults on offer at every box.</summary>
    public static IReadOnlyList<Fault> List(Live recorded) =>
        [.. recorded.Job.Boxes.Where(b => !b.Value.Binned).SelectMany(b => FaultOffers.At(recorded, b.Key, b.Value)).Select(o => o.Fault)];

    /// <summary>What one of them would do.</summary>
    public static Outcome Try(Live recorded, Fault fault)
    {
        var story = Story.Unfold(recorded.With(fault));
        var (live, gone) = story.End.Against(recorded.Solved);
        return new(fault, story.Openings, live, gone);
    }
}
