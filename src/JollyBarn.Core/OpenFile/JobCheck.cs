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

        if (Named(job) is { } unnamed)
        {
            return unnamed;
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

            if (box.MoreGroundHoles is < 0 or >= GroundingPlaces.Most || box.GroundClips is < 0 or > GroundingPlaces.Most)
            {
                return new(Why.GroundingPlacesRange, $"boxes.{id}.moreGroundHoles");
            }

            if (box.Pigtails.FirstOrNull(t => t.Value.Of is not null && Onward.LeadOf(box, t.Value) is null)?.Key is { } part)
            {
                return new(Why.FileLanding, $"boxes.{id}.pigtails.{part}.of", ("box", box.Name));
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
                    || (landing.At == LandingAt.BondingScrew && !GroundingPlaces.Of(box).Contains(landing.Place))
                )
                {
                    return new(Why.FileLanding, $"boxes.{id}.{what}", ("box", box.Name));
                }
            }
        }

        foreach (var (id, wall) in job.Walls)
        {
            if (new PutWall(id, wall).Check(job) is { } refusal)
            {
                return refusal with { Field = $"walls.{id}.{refusal.Field}" };
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

    /// <summary>The first name or time that no edit would have taken.</summary>
    private static Refusal? Named(Job job) =>
        Refuse.BadText(job.Name, "name")
        ?? First(job.Boxes, (id, b) => Refuse.BadText(b.Name, $"boxes.{id}.name"))
        ?? First(job.Places, (id, p) => Refuse.BadText(p.Name, $"places.{id}.name"))
        ?? First(job.Walls, (id, w) => Refuse.BadText(w.Name, $"walls.{id}.name"))
        ?? First(job.Sources, (id, s) => Refuse.BadText(s.Name, $"sources.{id}.name"))
        ?? First(job.Circuits, (id, c) => Refuse.BadText(c.Name, $"circuits.{id}.name"))
        ?? First(job.Changes, (id, c) => Refuse.BadText(c.Name, $"changes.{id}.name"))
        ?? First(job.Readings, (id, r) => Refuse.BadTime(r.At, $"readings.{id}.at"))
        ?? First(job.Sightings, (id, s) => Refuse.BadTime(s.At, $"sightings.{id}.at"))
        ?? First(job.Complaints, (id, c) => Refuse.BadText(c.Says, $"complaints.{id}.says") ?? Refuse.BadTime(c.At, $"complaints.{id}.at"))
        ?? First(job.Appliances, (id, a) => Refuse.BadText(a.Name, $"appliances.{id}.name"))
        ?? First(job.Proofs, (id, p) => Refuse.BadTime(p.Begun, $"proofs.{id}.begun"));

    private static Refusal? First<TId, T>(ById<TId, T> all, Func<TId, T, Refusal?> check)
        where TId : IParsable<TId>, IComparable<TId>
        where T : class => all.Select(p => check(p.Key, p.Value)).FirstOrDefault(r => r is not null);
}
