using JollyBarn.Wiring;

namespace JollyBarn.Connection;

/// <summary>What an island is built of: two with the same parts are the same.</summary>
internal sealed class IslandParts
{
    public List<(Id<Box> Id, BoxJoins Joins)> Boxes { get; } = [];

    public List<(Id<Run> Id, Run Run, RunJoins Joins)> Runs { get; } = [];

    /// <summary>The same boxes and runs as they are in another state of the job.</summary>
    public IslandParts Of(Job job, PanelEnds panels)
    {
        var of = new IslandParts();
        of.Boxes.AddRange(Boxes.Select(b => (b.Id, BoxJoins.Of(job, b.Id, job.Boxes[b.Id]))));
        of.Runs.AddRange(Runs.Select(r => (r.Id, r.Run, RunJoins.Of(job, panels, r.Id, r.Run))));
        return of;
    }

    public bool Same(IslandParts other)
    {
        if (Boxes.Count != other.Boxes.Count || Runs.Count != other.Runs.Count)
        {
            return false;
        }

        for (var i = 0; i < Boxes.Count; i++)
        {
            if (!ReferenceEquals(Boxes[i].Joins, other.Boxes[i].Joins))
            {
                return false;
            }
        }

        for (var i = 0; i < Runs.Count; i++)
        {
            if (!ReferenceEquals(Runs[i].Joins, other.Runs[i].Joins))
            {
                return false;
            }
        }

        return true;
    }
}
