using System.Globalization;
using CsvHelper;
using JollyBarn.Making;
using JollyBarn.Store;
using JollyBarn.Telling;
using JollyBarn.Telling.Phrases;
using JollyBarn.Terms;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>A reading as the log shows it.</summary>
public sealed record ReadingView(
    string Id,
    Id<Box>? Box,
    string? BoxName,
    string FromName,
    string ToName,
    string Says,
    string By,
    string At,
    string Instrument,
    ReadingStep Step,
    string? Note
);

/// <summary>One pair to be read, in words.</summary>
/// <param name="FromName">The lead and its cable: "black, from the pantry".</param>
/// <param name="FromWith">What is joined with it, each by its name: any of them may be touched instead.</param>
public sealed record PairView(ProofPair Pair, string FromName, string ToName, IReadOnlyList<string> FromWith, IReadOnlyList<string> ToWith);

/// <summary>A proof of dead at a box: where it stands and what is still to be read.</summary>
/// <param name="Others">Proofs of other people that stand here.</param>
public sealed record ProofAnswer(
    ToldProof State,
    Proof? Proof,
    IReadOnlyList<PairView> Pairs,
    IReadOnlyList<ReadingView> Readings,
    IReadOnlyList<string> Others
);

/// <summary>Lines of a list that was pasted or came as CSV, before it is kept.</summary>
public sealed record ReadLines(IReadOnlyList<string> Lines);

/// <summary>Readings, proofs of dead, and somebody else's lists.</summary>
internal static class ReadingEndpoints
{
    public static void MapReadings(this IEndpointRouteBuilder api)
    {
        api.MapGet("/jobs/{job}/readings", Results<Ok<IEnumerable<ReadingView>>, NotFound> (JobStore store, string job) =>
                store.Find(job) is { } open && open.Now.Job is var now
                    ? TypedResults.Ok(
                        now.Readings.OrderByDescending(r => r.Value.At, StringComparer.Ordinal).Select(r => View(now, r.Key, r.Value))
                    )
                    : TypedResults.NotFound()
            )
            .WithName("readings")
            .WithSummary("Readings, newest first.");

        api.MapGet(
                "/jobs/{job}/boxes/{box}/proof",
                Results<Ok<ProofAnswer>, NotFound> (JobStore store, string job, Id<Box> box, string by, string? change = null) =>
                    store.Find(job) is { } open && ProvedOn(open.Now.Job, change, box) is var now && now?.Boxes.Find(box) is { } found
                        ? TypedResults.Ok(ProofOf(now, box, found, by))
                        : TypedResults.NotFound()
            )
            .WithName("proof")
            .WithSummary("Where this person's proof of dead stands at a box, as it is recorded or as a Change left it so far.");

        api.MapGet("/jobs/{job}/reports", Results<Ok<IReadOnlyDictionary<string, Report>>, NotFound> (JobStore store, string job) =>
                store.Find(job) is { } open
                    ? TypedResults.Ok<IReadOnlyDictionary<string, Report>>(open.Now.Job.Reports.ToDictionary(r => r.Key, r => r.Value))
                    : TypedResults.NotFound()
            )
            .WithName("reports")
            .WithSummary("Somebody else's lists.");

        api.MapPost("/read-lines", async (HttpRequest request) =>
            {
                using var reader = new StreamReader(request.Body);
                var text = await reader.ReadToEndAsync(request.HttpContext.RequestAborted);
                return text.Length > 500_000 ? Problems.From(new(Why.ListTooLong)) : Results.Ok(new ReadLines(LinesOf(text)));
            })
            .Accepts<string>("text/plain", "text/csv")
            .Produces<ReadLines>()
            .ProducesProblem(422)
            .WithName("readLines")
            .WithSummary("Reads a pasted list or a CSV into lines. Nothing is kept.");
    }

    /// <summary>The job as recorded, or as an open Change left the box so far; null where there is no such Change.</summary>
    private static Job? ProvedOn(Job job, string? change, Id<Box> box) =>
        change is null ? job
        : job.Changes.Find(change) is { Closed: null } ? MakeUpCard.ProvedOn(job, change, box)
        : null;

    private static ReadingView View(Job job, string id, Reading r) =>
        new(
            id,
            r.Box,
            r.Box is { } box ? job.Boxes.Find(box)?.Name : null,
            Point(job, r.Box, r.From),
            Point(job, r.Box, r.To),
            r.Says,
            r.By,
            r.At,
            r.Instrument,
            r.Step,
            r.Note
        );

    private static string Point(Job job, Id<Box>? box, string point) =>
        box is { } id && job.Boxes.Find(id) is { } found && found.Leads.Has(point) ? new ShortNames(job, id, found).Lead(point) : point;

    private static ProofAnswer ProofOf(Job job, Id<Box> boxId, Box box, string by)
    {
        var now = Clock.Now();
        var state = Proofs.Judge(job, boxId, by, now);
        var others = job
            .Proofs.Values.Where(p => p.Box == boxId && p.By != by)
            .Select(p => p.By)
            .Distinct()
            .Where(o => Proofs.Judge(job, boxId, o, now).Standing == ProofStanding.Proved);
        var names = new ShortNames(job, boxId, box);
        string Name(string point) => box.Leads.Has(point) ? names.Lead(point) : point;
        return new(
            ProofTeller.Tell(state),
            job.Proofs.Find(state.Proof),
            [
                .. Proofs
                    .Pairs(box)
                    .Select(p => new PairView(
                        p,
                        Name(p.From),
                        Name(p.To),
                        [.. p.FromAll.Skip(1).Select(Name)],
                        [.. p.ToAll.Skip(1).Select(Name)]
                    )),
            ],
            [
                .. job
                    .Readings.Where(r => r.Value.Proof is not null && r.Value.Proof == state.Proof)
                    .OrderBy(r => r.Value.At, StringComparer.Ordinal)
                    .Select(r => View(job, r.Key, r.Value)),
            ],
            [.. others]
        );
    }

    /// <summary>CSV rows joined by commas into sentences, or plain lines; bullets and numbers in front are dropped.</summary>
    private static List<string> LinesOf(string text)
    {
        var records = new List<string[]>();
        using (
            var csv = new CsvParser(
                new StringReader(text),
                new CsvHelper.Configuration.CsvConfiguration(CultureInfo.InvariantCulture) { BadDataFound = null }
            )
        )
        {
            while (csv.Read())
            {
                records.Add(csv.Record ?? []);
            }
        }

        // Rows of the same number of fields are a table; anything else is a list of sentences.
        var table = records.Count > 0 && records[0].Length > 1 && records.TrueForAll(r => r.Length == records[0].Length);
        var rows = table ? records.Select(r => string.Join(", ", r.Select(f => f.Trim()).Where(f => f.Length > 0))) : text.Split('\n');
        return
        [
            .. rows.Select(r => r.Trim().TrimStart('-', '•', '*', '\uFEFF').Trim())
                .Select(r => System.Text.RegularExpressions.Regex.Replace(r, @"^\d{1,3}[.)]\s+", ""))
                .Where(r => r.Length > 0)
                .Select(r => r.Length > 1000 ? r[..1000] : r)
                .Take(500),
        ];
    }
}
