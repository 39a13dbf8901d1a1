using JollyBarn.Fill;
using JollyBarn.Testing;

namespace JollyBarn.Bench;

/// <summary>Managed heap that the large job and its reports hold.</summary>
internal static class Heap
{
    public static void Print()
    {
        var before = GC.GetTotalMemory(true);
        var job = BigJob.Make(seed: 2);
        var reports = new BoxReports();
        foreach (var box in job.Boxes.Values)
        {
            _ = reports.ReportOf(job, box);
        }

        var after = GC.GetTotalMemory(true);
        Console.WriteLine($"HEAP {(after - before) / 1048576.0:0.0} MB held by a job of {job.Boxes.Count} boxes and {job.Runs.Count} cables with every report");
        GC.KeepAlive(job);
        GC.KeepAlive(reports);
    }
}
