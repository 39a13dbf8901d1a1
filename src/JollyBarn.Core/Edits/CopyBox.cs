using System.Text.Json.Serialization;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Copies a box under a new id. Cables come along as cables whose other ends nobody has followed yet.</summary>
public sealed record CopyBox(Id<Box> Box, Id<Box> Id, string Name) : Edit
{
    [JsonIgnore]
    public override IEnumerable<Id<Box>> OfBoxes => [Id];

    public override Refusal? Check(Job job)
    {
        if (!job.Boxes.TryFind(Box, out var box))
        {
            return Refuse.Missing(What.Box, Box, "box");
        }

        var clash = RunsIn(job, box).Select(r => NewRun(r)).FirstOrNull(id => job.Runs.Has(id) || !Ids.IsGood(id));
        return Refuse.NewId(Id, job.Boxes.Has(Id), "id")
            ?? Refuse.BadText(Name, "name")
            ?? (clash is { } taken ? new Refusal(Why.CopiedCableTaken, "id", ("id", Ids.Shown(taken))) : null);
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
            Spot = null,
            Leads = ById<Id<Lead>, Lead>.From(
                box.Leads.Select(p => new KeyValuePair<Id<Lead>, Lead>(
                    NewLead(box, p.Key),
                    p.Value with
                    {
                        Run = NewRun(p.Value.Run),
                        LeavesBy = NewRun(p.Value.LeavesBy),
                    }
                ))
            ),
            Pigtails = box.Pigtails.Each((_, t) => t.Of is { } of ? t with { Of = NewLead(box, of) } : t),
            Make = null,
            Noted = ById<string, Noted>.Empty,
            Said = ById<string, Said>.Empty,
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

    private Id<Run>? NewRun(Id<Run>? run) => run is { } of ? NewRun(of) : default(Id<Run>?);

    /// <summary>The lead of the copy; what is no lead of a cable keeps its id.</summary>
    private Id<Lead> NewLead(Box box, Id<Lead> lead) =>
        box.Leads.Find(lead)?.Run is { } of ? lead.Text.Replace(of, NewRun(of), StringComparison.Ordinal) : lead;

    private Id<Run> NewRun(Id<Run> run) => $"{Id}.{run}";

    private static IEnumerable<Id<Run>> RunsIn(Job job, Box box) =>
        box.Leads.Values.SelectMany(l => new[] { l.Run, l.LeavesBy }).OfType<Id<Run>>().Where(r => job.Runs.Has(r)).Distinct();
}
