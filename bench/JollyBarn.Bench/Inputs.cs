using System.Text.Json;
using JollyBarn.CodeBook;
using JollyBarn.OpenFile;
using JollyBarn.Testing;
using JollyBarn.Web;

namespace JollyBarn.Bench;

/// <summary>What the benchmarks in Node and in the browser work on, written as files.</summary>
internal static class Inputs
{
    private const int Boxes = 200;

    public static JobFile Large() => new(JobFile.FormatName, JobFile.CurrentVersion, "large", BigJob.Make(), BigJob.Make(), []);

    /// <summary>Writes <c>large.json</c>, the 300-box job in the open format, and <c>boxes.json</c>, generated boxes as the drawing reads
    /// them.</summary>
    public static void Write(string folder)
    {
        Directory.CreateDirectory(folder);
        File.WriteAllBytes(Path.Combine(folder, "large.json"), JobFiles.Write(Large()));
        var options = new JsonSerializerOptions();
        ApiJson.Set(options);
        var views = Enumerable.Range(1, Boxes).Select(SomeBoxes.Make).Select(job => Views.ViewOnce(job, 1, "b", job.Boxes["b"]));
        File.WriteAllText(
            Path.Combine(folder, "boxes.json"),
            JsonSerializer.Serialize(new { catalogue = new { devices = DeviceKinds.All, connectors = ConnectorKinds.All }, views }, options)
        );
    }
}
