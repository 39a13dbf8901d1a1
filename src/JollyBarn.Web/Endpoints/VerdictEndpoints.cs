using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Planning.Remedies;
using JollyBarn.Store;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>A verdict with the box it is about.</summary>
public sealed record JobFinding(string Box, string BoxName, string? Place, Finding Finding);

/// <summary>What judging the job anew after an edit would change in one box.</summary>
public sealed record Rejudged(string Box, string BoxName, IReadOnlyList<Finding> New, IReadOnlyList<Finding> Gone);

/// <param name="Refusal">Why the edit cannot be done, or null.</param>
/// <param name="Boxes">Boxes whose verdicts change, worst first.</param>
public sealed record RejudgeAnswer(Refusal? Refusal, IReadOnlyList<Rejudged> Boxes);

/// <summary>Verdicts over the whole job, their remedies, and what a change of the book would do.</summary>
internal static class VerdictEndpoints
{
    public static void MapVerdicts(this IEndpointRouteBuilder api)
    {
        api.MapGet("/jobs/{job}/stops", Results<Ok<IEnumerable<JobFinding>>, NotFound> (JobStore store, string job) =>
            store.Find(job) is { } open ? TypedResults.Ok(All(open).Where(f => f.Finding.Verdict == Verdict.Stop)) : TypedResults.NotFound())
            .WithName("stops").WithSummary("What can hurt somebody now, with what to do.");

        api.MapGet("/jobs/{job}/verdicts", Results<Ok<IEnumerable<JobFinding>>, NotFound> (JobStore store, string job) =>
            store.Find(job) is { } open ? TypedResults.Ok(Told(open)) : TypedResults.NotFound())
            .WithName("verdicts").WithSummary("The punch list: stop, fix and better of every box, worst first.");

        api.MapGet("/jobs/{job}/verdicts.csv", (JobStore store, string job) =>
            store.Find(job) is { } open ? Lists.Csv(Lists.FileName(open.Now.Job.Name + " punch list", "csv"), Rows(open)) : Problems.Missing("job"))
            .WithName("verdictsCsv").WithSummary("The punch list as CSV.");

        api.MapGet("/jobs/{job}/boxes/{box}/held", Results<Ok<IEnumerable<Finding>>, NotFound> (JobStore store, string job, string box, long? version, string? change, BoxState? state) =>
            store.Find(job) is { } open && States.Of(open, version, change, state) is { } now && now.Boxes.Find(box) is { } found
                ? TypedResults.Ok(open.Judged.Verdicts.Of(now, box, found).Where(f => f.Verdict == Verdict.Fine))
                : TypedResults.NotFound())
            .WithName("held").WithSummary("What was judged and holds.");

        api.MapGet("/jobs/{job}/boxes/{box}/remedies", Results<Ok<RemedyAnswer>, NotFound> (JobStore store, string job, string box, string rule, string of, long? version, string? change, BoxState? state) =>
            store.Find(job) is { } open && States.Of(open, version, change, state) is { } now && now.Boxes.Find(box) is { } found
                && open.Judged.Verdicts.Of(now, box, found).FirstOrDefault(f => f.Rule == rule && f.Of == of) is { } finding
                ? TypedResults.Ok(RemedyList.Of(now, box, finding))
                : TypedResults.NotFound())
            .WithName("remedies").WithSummary("Ways to settle a verdict, each an edit with what it would bring; or why there is none.");

        api.MapPost("/jobs/{job}/rejudge", (JobStore store, string job, PreviewPost asked) =>
        {
            if (store.Find(job) is not { } open)
            {
                return Problems.Missing("job");
            }

            if (asked.Edits is not [not null and not Restore and var edit])
            {
                return Problems.From(new("One edit is judged at a time.", "edits"));
            }

            var now = open.Now.Job;
            return Results.Ok(edit.Check(now) is { } refusal ? new RejudgeAnswer(refusal, []) : new(null, Compared(open, now, edit.Apply(now))));
        }).Produces<RejudgeAnswer>().ProducesProblem(422).WithName("rejudge").WithSummary("Which verdicts an edit would change over the whole job. Nothing is kept.");
    }

    /// <summary>Every verdict of every box that is not in the bin and does not hold.</summary>
    public static IEnumerable<JobFinding> All(OpenJob open)
    {
        var job = open.Now.Job;
        return open.Judged.Verdicts.Whole(job).SelectMany(b => b.Findings.Where(f => f.Verdict != Verdict.Fine).Select(f => new JobFinding(b.Id, b.Box.Name, job.Places.Find(b.Box.Place)?.Name, f)));
    }

    private static IEnumerable<JobFinding> Told(OpenJob open) => All(open).Where(f => f.Finding.Verdict != Verdict.Measure).OrderBy(f => f.Finding.Verdict).ThenBy(f => f.Place ?? "~", StringComparer.OrdinalIgnoreCase).ThenBy(f => f.BoxName, StringComparer.OrdinalIgnoreCase);

    private static IEnumerable<string[]> Rows(OpenJob open)
    {
        yield return ["verdict", "room", "box", "what", "sum", "article", "rule"];
        foreach (var f in Told(open))
        {
            yield return [f.Finding.Verdict.ToString(), f.Place ?? "", f.BoxName, f.Finding.Says, f.Finding.Sum ?? "", f.Finding.Article, f.Finding.Rule];
        }
    }

    private static List<Rejudged> Compared(OpenJob open, Job before, Job after)
    {
        var compared = new List<Rejudged>();
        foreach (var (id, box) in after.Boxes.Where(b => !b.Value.Binned))
        {
            var was = before.Boxes.Find(id) is { } old ? open.Judged.Verdicts.Of(before, id, old).Where(Counts).ToDictionary(f => f.Key + f.Article, StringComparer.Ordinal) : [];
            var now = Inspector.Judge(after, id, box).Where(Counts).ToDictionary(f => f.Key + f.Article, StringComparer.Ordinal);
            var (added, gone) = (now.Where(f => !was.ContainsKey(f.Key)).Select(f => f.Value).ToList(), was.Where(f => !now.ContainsKey(f.Key)).Select(f => f.Value).ToList());
            if (added.Count + gone.Count > 0)
            {
                compared.Add(new(id, box.Name, added, gone));
            }
        }

        return [.. compared.OrderBy(c => c.New.Select(f => f.Verdict).DefaultIfEmpty(Verdict.Fine).Min())];

        static bool Counts(Finding f) => f.Verdict is Verdict.Stop or Verdict.Fix or Verdict.Better;
    }
}
