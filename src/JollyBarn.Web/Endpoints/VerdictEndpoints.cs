using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Planning.Remedies;
using JollyBarn.Store;
using JollyBarn.Telling;
using JollyBarn.Terms;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>A verdict with what it is about.</summary>
/// <param name="Box">The box; null of a circuit or panel.</param>
/// <param name="Supply">The circuit or panel; null of a box.</param>
/// <param name="Name">What that is called.</param>
/// <param name="Place">The room of the box.</param>
public sealed record JobFinding(Id<Box>? Box, string? Supply, string Name, string? Place, ToldFinding Finding);

/// <summary>What can hurt somebody now.</summary>
/// <param name="Working">What the solved network says is still being worked out: these are the stops known so far.</param>
/// <param name="Overdue">What was left energised, unfinished, until a time that is past: a stop like any other.</param>
public sealed record JobStops(IReadOnlyList<JobFinding> Stops, bool Working, IReadOnlyList<InterimView> Overdue);

/// <summary>What judging the job anew after an edit would change in one box, circuit or panel.</summary>
/// <param name="Box">The box; null of a circuit or panel.</param>
/// <param name="Supply">The circuit or panel; null of a box.</param>
public sealed record Rejudged(Id<Box>? Box, string? Supply, string Name, IReadOnlyList<ToldFinding> New, IReadOnlyList<ToldFinding> Gone);

/// <param name="Refusal">Why the edit cannot be done, or null.</param>
/// <param name="Changed">Boxes, circuits and panels whose verdicts change, worst first.</param>
public sealed record RejudgeAnswer(ToldRefusal? Refusal, IReadOnlyList<Rejudged> Changed);

/// <summary>Verdicts over the whole job, their remedies, and what a change of the book would do.</summary>
internal static class VerdictEndpoints
{
    public static void MapVerdicts(this IEndpointRouteBuilder api)
    {
        api.MapGet("/jobs/{job}/stops", Results<Ok<JobStops>, NotFound> (JobStore store, string job) =>
                store.Find(job) is { } open ? TypedResults.Ok(Stops(open, open.Now.Job)) : TypedResults.NotFound()
            )
            .WithName("stops")
            .WithSummary("What can hurt somebody now, with what to do.");

        api.MapGet("/jobs/{job}/verdicts", Results<Ok<IEnumerable<JobFinding>>, NotFound> (JobStore store, string job) =>
                store.Find(job) is { } open ? TypedResults.Ok(PunchList(open)) : TypedResults.NotFound()
            )
            .WithName("verdicts")
            .WithSummary("The punch list: stop, fix and better of every box, worst first.");

        api.MapGet("/jobs/{job}/verdicts.csv", (JobStore store, string job) =>
                store.Find(job) is { } open
                    ? Lists.Csv(Lists.FileName(open.Now.Job.Name + " punch list", "csv"), Rows(open))
                    : Problems.Missing(What.Job)
            )
            .WithName("verdictsCsv")
            .WithSummary("The punch list as CSV.");

        api.MapGet(
                "/jobs/{job}/boxes/{box}/held",
                Results<Ok<IReadOnlyList<ToldFinding>>, NotFound> (
                    JobStore store,
                    string job,
                    Id<Box> box,
                    long? version,
                    string? change,
                    BoxState? state
                ) =>
                    store.Find(job) is { } open && States.Read(open, version, change, state) is { } now && now.Boxes.Find(box) is { } found
                        ? TypedResults.Ok(
                            new Teller(now, box).Tell(open.Judged.Verdicts.Of(now, box, found).Where(f => f.Verdict == Verdict.Fine))
                        )
                        : TypedResults.NotFound()
            )
            .WithName("held")
            .WithSummary("What was judged and holds.");

        api.MapGet(
                "/jobs/{job}/boxes/{box}/remedies",
                Results<Ok<ToldRemedies>, NotFound> (
                    JobStore store,
                    string job,
                    Id<Box> box,
                    string rule,
                    string of,
                    long? version,
                    string? change,
                    BoxState? state
                ) =>
                    store.Find(job) is { } open
                    && States.Read(open, version, change, state) is { } now
                    && now.Boxes.Find(box) is { } found
                    && Views
                        .Verdicts(open.Judged, now, box, found, open.Judged.Expected.Of(now, Timeout.Infinite))
                        .FirstOrDefault(f => f.Rule == rule && f.Of == of)
                        is { } finding
                        ? TypedResults.Ok(RemedyTeller.Tell(now, box, RemedyList.Weigh(now, box, finding)))
                        : TypedResults.NotFound()
            )
            .WithName("remedies")
            .WithSummary("Ways to settle a verdict, each an edit with what it would bring; or why there is none.");

        api.MapPost("/jobs/{job}/rejudge", (JobStore store, string job, PreviewPost asked) =>
            {
                if (store.Find(job) is not { } open)
                {
                    return Problems.Missing(What.Job);
                }

                if (asked.Edits is not [{ ByProgram: false } edit])
                {
                    return Problems.From(new(Why.OneEditAtATime, "edits"));
                }

                var now = open.Now.Job;
                return Results.Ok(
                    edit.Check(now) is { } refusal ? new RejudgeAnswer(refusal.Tell(), []) : new(null, Compared(open, now, edit.Apply(now)))
                );
            })
            .Produces<RejudgeAnswer>()
            .ProducesProblem(422)
            .WithName("rejudge")
            .WithSummary("Which verdicts an edit would change over the whole job. Nothing is kept.");
    }

    internal static JobStops Stops(OpenJob open, Job job)
    {
        var solved = open.Judged.Expected.Of(job, Views.Patience);
        return new([.. All(open.Judged, job, solved, f => f.Verdict == Verdict.Stop)], solved is null, JobEndpoints.Overdue(job));
    }

    /// <summary>Every verdict of every box that is not in the bin, circuit and panel that does not hold, with what the network
    /// says.</summary>
    public static IEnumerable<JobFinding> All(OpenJob open, Func<Finding, bool> which)
    {
        var job = open.Now.Job;
        return All(open.Judged, job, open.Judged.Expected.Of(job, Timeout.Infinite), which);
    }

    /// <param name="solved">Stops of the network; null while they are being worked out.</param>
    private static IEnumerable<JobFinding> All(Judged judged, Job job, ILookup<Id<Box>, Finding>? solved, Func<Finding, bool> which)
    {
        return judged
            .Verdicts.Whole(job)
            .SelectMany(b =>
                Told(b.Id, ExpectedLive.With(b.Findings, solved?[b.Id] ?? []), f =>
                    new(b.Id, null, b.Box.Name, job.Places.Find(b.Box.Place)?.Name, f)
                )
            )
            .Concat(
                judged
                    .Supply.Circuits(job)
                    .SelectMany(c => Told(c.Look.Id, c.Findings, f => new(null, c.Look.Id, c.Look.Circuit.Name, null, f)))
            )
            .Concat(
                judged
                    .Supply.Panels(job)
                    .SelectMany(p => Told(p.Look.Id, p.Findings, f => new(null, p.Look.Id, p.Look.Panel.Name, null, f)))
            );

        IEnumerable<JobFinding> Told(string home, IReadOnlyList<Finding> findings, Func<ToldFinding, JobFinding> at) =>
            new Teller(job, home).Tell(findings.Where(f => f.Verdict != Verdict.Fine && which(f))).Select(at);
    }

    private static IEnumerable<JobFinding> PunchList(OpenJob open) =>
        All(open, f => f.Verdict != Verdict.Measure)
            .OrderBy(f => f.Finding.Verdict)
            .ThenBy(f => f.Place ?? "~", StringComparer.OrdinalIgnoreCase)
            .ThenBy(f => f.Name, StringComparer.OrdinalIgnoreCase);

    private static IEnumerable<string[]> Rows(OpenJob open)
    {
        yield return ["verdict", "room", "where", "what", "sum", "article", "rule"];
        foreach (var f in PunchList(open))
        {
            yield return
            [
                f.Finding.Verdict.ToString(),
                f.Place ?? "",
                f.Name,
                f.Finding.Says,
                f.Finding.Sum ?? "",
                f.Finding.Article,
                f.Finding.Rule,
            ];
        }
    }

    private static List<Rejudged> Compared(OpenJob open, Job before, Job after)
    {
        IEnumerable<Rejudged> Between(Id<Box>? box, string? supply, string name, IReadOnlyList<Finding> was, IReadOnlyList<Finding> now)
        {
            var home = box?.Text ?? supply!;
            var (added, gone) = Teller.Between(new(before, home), new(after, home), was, now);
            return added.Count + gone.Count > 0 ? [new(box, supply, name, added, gone)] : [];
        }

        var compared = new List<Rejudged>();
        foreach (var (id, box) in after.Boxes.Where(b => !b.Value.Binned))
        {
            var was = before.Boxes.Find(id) is { } old ? open.Judged.Verdicts.Of(before, id, old) : [];
            compared.AddRange(Between(id, null, box.Name, was, Inspector.Judge(after, id, box)));
        }

        var supply = new SupplyVerdicts();
        var circuits = open.Judged.Supply.Circuits(before).ToDictionary(c => c.Look.Id, c => c.Findings);
        var panels = open.Judged.Supply.Panels(before).ToDictionary(p => p.Look.Id, p => p.Findings, StringComparer.Ordinal);
        compared.AddRange(
            supply
                .Circuits(after)
                .SelectMany(c => Between(null, c.Look.Id, c.Look.Circuit.Name, circuits.GetValueOrDefault(c.Look.Id, []), c.Findings))
        );
        compared.AddRange(
            supply
                .Panels(after)
                .SelectMany(p => Between(null, p.Look.Id, p.Look.Panel.Name, panels.GetValueOrDefault(p.Look.Id, []), p.Findings))
        );
        return [.. compared.OrderBy(c => c.New.Select(f => f.Verdict).DefaultIfEmpty(Verdict.Fine).Min())];
    }
}
