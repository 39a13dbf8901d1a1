using System.Runtime.CompilerServices;
using JollyBarn.Electrics;
using JollyBarn.Wiring;

namespace JollyBarn.Connection;

/// <summary>Where the conductors of one run land at panels, and which of their ends nobody followed; read from the links the network is
/// built of.</summary>
internal sealed class RunJoins
{
    private static readonly ConditionalWeakTable<Run, RunJoins> Kept = [];

    private readonly Id<Run> id;
    private readonly object?[] from;

    private RunJoins(Job job, PanelEnds panels, Id<Run> id, Run run)
    {
        (this.id, from) = (id, From(job, run));
        Count = RunPlan.Count(run);
        var part = JobPlan.Read(job, PanelEnds.Wires, new Owner(OwnerKind.Run, id));
        var names = new Dictionary<string, (RunSide Side, int Index)>(StringComparer.Ordinal);
        foreach (var side in new[] { RunSide.A, RunSide.B })
        {
            for (var i = 0; i < Count; i++)
            {
                names[Points.End(id, side, i)] = (side, i);
            }
        }

        var (lands, open) = (new List<(RunSide, int, PanelEnd)>(), new List<(RunSide, int, OpenEnd)>());
        foreach (var link in part.Links)
        {
            if (names.TryGetValue(link.From, out var end) && panels.Find(link.To) is { } at)
            {
                if (part.Taken.Contains(link.From))
                {
                    open.Add((end.Side, end.Index, Far(job, id, run, end.Side, end.Index) with { Taken = at }));
                }
                else
                {
                    lands.Add((end.Side, end.Index, at));
                }
            }
        }

        foreach (var point in part.Unknown.Distinct(StringComparer.Ordinal))
        {
            var (side, index) = names[point];
            open.Add((side, index, Far(job, id, run, side, index)));
        }

        (Lands, Open) = ([.. lands], [.. open]);
    }

    /// <summary>Conductors, the ground among them.</summary>
    public int Count { get; }

    public (RunSide Side, int Index, PanelEnd At)[] Lands { get; }

    public (RunSide Side, int Index, OpenEnd End)[] Open { get; }

    public static RunJoins Of(Job job, PanelEnds panels, Id<Run> id, Run run)
    {
        if (Kept.TryGetValue(run, out var kept) && kept.id == id && kept.Holds(job, run))
        {
            return kept;
        }

        var made = new RunJoins(job, panels, id, run);
        Kept.AddOrUpdate(run, made);
        return made;
    }

    private static OpenEnd Far(Job job, Id<Run> id, Run run, RunSide side, int index)
    {
        var near = run.End(side == RunSide.A ? RunSide.B : RunSide.A);
        return new(OpenKind.FarEnd, id, side, Mark: near.Feeds, Use: Uses.Seen(job, id, run, index));
    }

    private bool Holds(Job job, Run run) =>
        ReferenceEquals(from[0], job.Panels)
        && ReferenceEquals(from[1], job.Practice)
        && ReferenceEquals(from[2], job.Boxes.Find(run.A.Box))
        && ReferenceEquals(from[3], job.Boxes.Find(run.B.Box));

    /// <summary>All that it is read from besides the run.</summary>
    private static object?[] From(Job job, Run run) => [job.Panels, job.Practice, job.Boxes.Find(run.A.Box), job.Boxes.Find(run.B.Box)];
}
