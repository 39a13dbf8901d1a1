using System.Text.Json;
using JollyBarn.CodeBook;
using JollyBarn.Connection.Sheet;
using JollyBarn.Edits;
using JollyBarn.OpenFile;
using JollyBarn.Testing;
using JollyBarn.Testing.Oracle;
using JollyBarn.Web;

namespace JollyBarn.Bench;

/// <summary>What the benchmarks in Node and in the browser work on, written as files.</summary>
internal static class Inputs
{
    private const int Boxes = 200;
    private const int Sheets = 20;
    private const int Circuits = 40;
    private const int LargeBoxes = 300;

    public static JobFile Large() => new(JobFile.FormatName, JobFile.CurrentVersion, "large", BigJob.Make(), BigJob.Make(), []);

    /// <summary>Writes <c>large.json</c>, the 300-box job in the open format, <c>boxes.json</c>, generated boxes as the drawing reads them,
    /// and <c>sheets.json</c>, run sheets of 300 boxes and more on 40 circuits.</summary>
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
        var sheets = Enumerable
            .Range(1, Sheets)
            .Select(seed => RunSheet.Of(LargeHouse.Make(seed, Circuits, LargeBoxes)).Rails.Select(Rail));
        File.WriteAllText(Path.Combine(folder, "sheets.json"), JsonSerializer.Serialize(sheets, options));
    }

    private static object Rail(Rail rail) =>
        new
        {
            rail.Key,
            Stops = rail.Stops.Select(s => new
            {
                s.Key,
                s.From,
                Guarded = s.Behind.Count > 0,
                End = s.At is StopAt.Somewhere or StopAt.Load,
            }),
        };
}
