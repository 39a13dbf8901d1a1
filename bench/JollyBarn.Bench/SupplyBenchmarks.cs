using BenchmarkDotNet.Attributes;
using JollyBarn.Edits;
using JollyBarn.Inspection.Judging;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Bench;

/// <summary>Circuits and panels of a house of 300 boxes on 30 circuits, judged from nothing and after one edit in one box.</summary>
public class SupplyBenchmarks
{
    private readonly Job job = SmallHouse.Rows(30, 10);
    private readonly SupplyVerdicts kept = new();
    private int count;

    [Benchmark(Baseline = true, Description = "30 circuits of 10 boxes: judged whole, from nothing")]
    public int Whole()
    {
        var fresh = new SupplyVerdicts();
        return fresh.Circuits(job).Sum(c => c.Findings.Count) + fresh.Panels(job).Sum(p => p.Findings.Count);
    }

    [Benchmark(Description = "30 circuits of 10 boxes: judged after one edit, no commit")]
    public int AfterOneEdit()
    {
        var next = new NoteFact("b3.4", "box", "setback", new Observation(Known.Measured, $"{count++ % 8}/16")).Apply(job);
        return kept.Circuits(next).Sum(c => c.Findings.Count) + kept.Panels(next).Sum(p => p.Findings.Count);
    }
}
