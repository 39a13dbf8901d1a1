using BenchmarkDotNet.Attributes;
using JollyBarn.Connection;
using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Electrics.Seen;
using JollyBarn.Planning;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Bench;

/// <summary>The job as electricity: a house of 300 boxes on 30 circuits, and every single fault of one of 12 circuits.</summary>
public class LiveBenchmarks
{
    private const string At = "b3.4";
    private readonly Job job = SmallHouse.Rows(30, 10);
    private readonly Live small = Live.Solve(SmallHouse.Rows(12, 4), Situation.AsRecorded);
    private readonly Situation thrown = new() { Breakers = new Dictionary<string, bool> { ["p/4"] = false } };
    private Live live = null!;
    private Job moved = null!;
    private Situation faulty = null!;
    private IReadOnlyList<Fault> faults = null!;

    [GlobalSetup]
    public void Make()
    {
        live = Live.Solve(job, Situation.AsRecorded);
        var lead = job.Boxes[At].Leads.First(l => l.Value.Lands.At == LandingAt.Joint).Key;
        moved = new MoveLead(At, lead, new Landing(LandingAt.Cap)).Apply(job);
        faulty = new Situation { Faults = [BoxLive.Read(job, At, job.Boxes[At], Situation.AsRecorded).Offers[18].Fault] };
        faults = EveryFault.List(small);
    }

    [Benchmark(Baseline = true, Description = "300 boxes: the job built and solved from nothing")]
    public int Fresh() => Live.Fresh(job, Situation.AsRecorded).Solved.Nodes;

    [Benchmark(Description = "300 boxes: one box with the power on, the network kept")]
    public int Box() => BoxLive.Read(live, At, job.Boxes[At]).Points.Count;

    [Benchmark(Description = "300 boxes: metal that would give a shock, switches both ways, from nothing")]
    public int Shocks() => LiveParts.Of(job).Count;

    [Benchmark(Description = "300 boxes: the same of what an edit touched")]
    public int ShocksNear() => LiveParts.Of(moved, Connected.Near(job, moved).ToHashSet()).Count;

    [Benchmark(Description = "300 boxes: a breaker thrown, and the box")]
    public int Thrown() => BoxLive.Read(job, At, job.Boxes[At], thrown).Points.Count;

    [Benchmark(Description = "300 boxes: a fault planted, and the box")]
    public int Faulty() => BoxLive.Read(job, At, job.Boxes[At], faulty).Points.Count;

    [Benchmark(Description = "300 boxes: a lead moved, and what that does with the power on")]
    public int Moved() => LiveChange.Between(job, moved, At, Situation.AsRecorded).Count;

    [Benchmark(Description = "300 boxes: all 600 outlets, tester and truth")]
    public int AllOutlets() => Outlets.All(live).Count();

    [Benchmark(Description = "12 circuits: every single fault, what trips and what is live")]
    public int EachFault() => faults.Sum(f => EveryFault.Try(small, f).Openings.Count);
}
