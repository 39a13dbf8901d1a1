using System.Text.Json.Serialization;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Copies a box under a new id. Cables come along as cables whose other ends nobody has followed yet.</summary>
public sealed record CopyBox(string Box, string Id, string Name) : Edit
{
    [JsonIgnore]
    public override IEnumerable<string> OfBoxes => [Id];

    public override Refusal? Check(Job job)
    {
        if (!job.Boxes.TryFind(Box, out var box))
        {
            return Refuse.Missing(What.Box, Box, "box");
        }

        var clash = RunsIn(job, box).Select(r => NewRun(r)).FirstOrDefault(id => job.Runs.Has(id) || !Ids.IsGood(id));
        return Refuse.NewId(Id, job.Boxes.Has(Id), "id")
            ?? Refuse.BadText(Name, "name")
            ?? (clash is null ? null : new Refusal(Why.CopiedCableTaken, "id", ("id", Ids.Shown(clash))));
    }

    public override Job Apply(Job job)
    {
        if (!job.Boxes.TryFind(Box, out var box))
        {
            return job;
        }

        var copy = box with
        {
            Name = Name.Trim(),
            Binned = false,
            Leads = ById<Lead>.From(
                box.Leads.Select(p => new KeyValuePair<string, Lead>(
                    p.Value.Run is null ? p.Key : p.Key.Replace(p.Value.Run, NewRun(p.Value.Run), StringComparison.Ordinal),
                    p.Value with
                    {
                        Run = p.Value.Run is null ? null : NewRun(p.Value.Run),
                        LeavesBy = p.Value.LeavesBy is null ? null : NewRun(p.Value.LeavesBy),
                    }
                ))
            ),
            Noted = ById<Noted>.Empty,
            Said = ById<Said>.Empty,
        };
        var runs = job.Runs;
        foreach (var id in RunsIn(job, box))
        {
            var run = runs[id];
            runs = runs.With(NewRun(id), run with { A = End(run.A), B = End(run.B), Length = Fact<Length>.Unknown, Circuit = null });
        }

        return job with
        {
            Boxes = job.Boxes.With(Id, copy),
            Runs = runs,
        };
    }

    private RunEnd End(RunEnd end) => end.IsIn(Box) ? end with { Id = Id } : RunEnd.Unknown with { Says = end.Says };

    private string NewRun(string run) => $"{Id}.{run}";

    private static IEnumerable<string> RunsIn(Job job, Box box) =>
        box.Leads.Values.SelectMany(l => new[] { l.Run, l.LeavesBy }).OfType<string>().Where(job.Runs.Has).Distinct();
}
