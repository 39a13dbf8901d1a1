using BenchmarkDotNet.Attributes;
using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Inspection.Judging;
using JollyBarn.Measures;
using JollyBarn.Planning;
using JollyBarn.Store;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Bench;

/// <summary>One box, a job of 300 boxes and 900 cables whole and after one edit, the search for something else, and a commit on its
/// own.</summary>
public class FillBenchmarks
{
    private readonly Wiring.Job job = BigJob.Make();
    private readonly BoxReports kept = new();
    private readonly Judged judged = new();
    private readonly string folder = Directory.CreateTempSubdirectory("jolly-barn-bench-").FullName;
    private Box box = null!;
    private InsteadQuestion question = null!;
    private OpenJob open = null!;
    private int count;

    [GlobalSetup]
    public void Setup()
    {
        box = job.Boxes["b7"];
        question = InsteadQuestion.Ask(box, FillOfBox.Read(box, job.Profile));
        foreach (var each in job.Boxes.Values)
        {
            _ = kept.FillOf(job, each);
        }

        var store = new JobStore(Path.Combine(folder, "bench.db"));
        _ = store.Create("j", "Bench");
        open = store.Find("j")!;
        open.Post(new EditPost("start", "bench", new AddBox("b7", "Box", "nm-1g-18")));
    }

    [Benchmark(Baseline = true, Description = "one box: fill")]
    public FillAnswer OneBox() => BoxFill.Evaluate(FillOfBox.Read(box, job.Profile), job.Profile, job.Practice);

    [Benchmark(Description = "one box: fill, crowding, depth, what still fits")]
    public BoxReport OneReport() => BoxReports.Make(job, box);

    [Benchmark(Description = "one box: what would do instead")]
    public InsteadAnswer Search() => Instead.Find(question, job.Profile, job.Practice);

    [Benchmark(Description = "300 boxes, 900 cables: whole, from nothing")]
    public int Whole()
    {
        var fresh = new BoxReports();
        return job.Boxes.Values.Count(b => fresh.FillOf(job, b).Fit == Fit.Over);
    }

    [Benchmark(Description = "300 boxes: check, apply and judge one edit, no commit")]
    public int AfterOneEdit()
    {
        var edit = new SetBoxMark("b7", Fact<Volume>.Marked(Volume.Of(18 + (count++ % 8))));
        var next = edit.Check(job) is null ? edit.Apply(job) : job;
        return next.Boxes.Values.Count(b => kept.FillOf(next, b).Fit == Fit.Over);
    }

    [Benchmark(Description = "one box: judged by every rule")]
    public int OneJudged() => Inspector.JudgeAll(job, "b7", box).Count;

    [Benchmark(Description = "one box: an end picked, every place with what follows")]
    public int Picked() => Moves.Find(job, "b7", new Held([box.Leads.Ids.First()], null, false, null, "n")).Count;

    [Benchmark(Description = "300 boxes: judged whole, from nothing")]
    public int JudgedWhole()
    {
        return new Judged().Verdicts.Whole(job).Sum(b => b.Findings.Count);
    }

    [Benchmark(Description = "300 boxes: judged after one edit, no commit")]
    public int JudgedAfterOneEdit()
    {
        var next = new NoteFact("b7", "box", "setback", new Observation(Known.Measured, $"{count++ % 8}/16")).Apply(job);
        return judged.Verdicts.Whole(next).Sum(b => b.Findings.Count);
    }

    [Benchmark(Description = "300 boxes: the cells one edit changed")]
    public int Diff() => Cells.Between(job, new RenameBox("b7", $"Box {count++}").Apply(job)).Count;

    [Benchmark(Description = "commit of one edit, fully synchronised")]
    public PostResult Commit() => open.Post(new EditPost($"e{count++}", "bench", new NoteBox("b7", $"note {count}")));

    [GlobalCleanup]
    public void Cleanup()
    {
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(folder, true);
    }
}
