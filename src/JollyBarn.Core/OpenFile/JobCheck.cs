using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Fill;
using JollyBarn.Inspection.Judging;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.OpenFile;

/// <summary>Whether a job that came from outside holds together: what points at something points at something that is there, and every box
/// can be counted and judged.</summary>
public static class JobCheck
{
    private const int MostConductors = 30;

    /// <summary>The first thing that does not hold together, or null.</summary>
    public static Refusal? Check(Job job)
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
                return new(Why.FilePlace, $"boxes.{id}.place", ("box", box.Name));
            }

            if (box.Leads.FirstOrNull(l => l.Value.Run is { } run && !job.Runs.Has(run))?.Key is { } lead)
            {
                return new(Why.FileCable, $"boxes.{id}.leads.{lead}.run", ("box", box.Name));
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
                    return new(Why.FileLanding, $"boxes.{id}.{what}", ("box", box.Name));
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
                return new(Why.ManyConductors, $"runs.{id}.conductors", ("most", MostConductors));
            }

            foreach (var end in new[] { run.A, run.B })
            {
                if ((end.IsBox && !job.Boxes.Has(end.Box)) || (end.At == EndAt.Panel && !job.Panels.Has(end.Id)))
                {
                    return new(Why.FileEnd, $"runs.{id}");
                }
            }
        }

        _ = Live.Solve(job, Situation.AsRecorded);
        var supply = new SupplyVerdicts();
        _ = (supply.Circuits(job), supply.Panels(job));
        return null;
    }
}
