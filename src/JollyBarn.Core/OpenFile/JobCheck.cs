using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Fill;
using JollyBarn.Inspection.Judging;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.OpenFile;

/// <summary>Whether a job that came from outside holds together: what points at something points at something that is there, and every box
/// can be counted and judged.</summary>
public static class JobCheck
{
    private const int MostConductors = 30;

    /// <summary>The first thing that does not hold together, or null.</summary>
    public static Refusal? Of(Job job)
    {
        if (BookChecks.Profile(job.Profile) is { } bad)
        {
            return bad with { Field = "profile" };
        }

        foreach (var (id, box) in job.Boxes)
        {
            _ = BoxReports.Make(job, box);
            _ = Inspector.JudgeAll(job, id, box);
            if (box.Place is not null && !job.Places.Has(box.Place))
            {
                return new($"{box.Name} is in a place that is not in the file.", $"boxes.{id}.place");
            }

            if (box.Leads.FirstOrDefault(l => l.Value.Run is not null && !job.Runs.Has(l.Value.Run)).Key is { } lead)
            {
                return new($"A lead of {box.Name} belongs to a cable that is not in the file.", $"boxes.{id}.leads.{lead}.run");
            }

            foreach (
                var (what, landing) in box
                    .Leads.Select(l => ($"leads.{l.Key}", l.Value.Lands))
                    .Concat(box.Pigtails.SelectMany(p => new[] { ($"pigtails.{p.Key}", p.Value.From), ($"pigtails.{p.Key}", p.Value.To) }))
            )
            {
                if (
                    (landing.At == LandingAt.Joint && !box.Joints.Has(landing.Joint))
                    || (landing.At == LandingAt.Terminal && !box.Devices.Has(landing.Device))
                )
                {
                    return new($"In {box.Name} something lands where nothing is.", $"boxes.{id}.{what}");
                }
            }
        }

        foreach (var (id, panel) in job.Panels)
        {
            if (new PutPanel(id, panel).Check(job) is { } refusal)
            {
                return refusal with { Field = $"panels.{id}" };
            }
        }

        foreach (var (id, run) in job.Runs)
        {
            if (run.Conductors.Count > MostConductors)
            {
                return new($"A cable has at most {MostConductors} conductors.", $"runs.{id}.conductors");
            }

            foreach (var end in new[] { run.A, run.B })
            {
                if ((end.At == EndAt.Box && !job.Boxes.Has(end.Id)) || (end.At == EndAt.Panel && !job.Panels.Has(end.Id)))
                {
                    return new("A cable ends in a box or panel that is not in the file.", $"runs.{id}");
                }
            }
        }

        _ = Live.Of(job, Situation.AsRecorded);
        var supply = new SupplyVerdicts();
        _ = (supply.Circuits(job), supply.Panels(job));
        return null;
    }
}
