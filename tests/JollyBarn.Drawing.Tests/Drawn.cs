using System.Text.Json;
using System.Text.Json.Nodes;
using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Testing;
using JollyBarn.Web;
using JollyBarn.Wiring;

namespace JollyBarn.Drawing.Tests;

/// <summary>A point of the drawing, px.</summary>
public sealed record Spot(double X, double Y);

/// <summary>A rectangle of the drawing, px.</summary>
public sealed record Area(double X, double Y, double Width, double Height)
{
    public double Distance(Spot p) =>
        Math.Sqrt(
            Math.Pow(Math.Max(0, Math.Max(X - p.X, p.X - X - Width)), 2) + Math.Pow(Math.Max(0, Math.Max(Y - p.Y, p.Y - Y - Height)), 2)
        );

    public bool Meets(Area other) => X < other.X + other.Width && other.X < X + Width && Y < other.Y + other.Height && other.Y < Y + Height;
}

/// <summary>A strand as it is drawn.</summary>
public sealed record Strand(string Id, IReadOnlyList<Spot> Points, double Width, Area Label);

/// <summary>A box as it is drawn: what the module in Node says of it.</summary>
public sealed record Drawing(JsonNode Json, IReadOnlyList<Strand> Strands)
{
    public int Crossings => (int)Json["crossings"]!;

    public int Plain => (int)Json["plain"]!;

    public IReadOnlyList<string> Middle => [.. Json["order"]!["middle"]!.AsArray().Select(n => (string)n!)];

    public double At(string column) => (double)Json["x"]![column]!;
}

/// <summary>Two hundred boxes, and the same again with one more pigtail or cable, drawn once for all tests.</summary>
public sealed class Drawn
{
    public const int Count = 200;

    public Drawn()
    {
        Jobs = [.. Enumerable.Range(1, Count).Select(SomeBoxes.Make)];
        More =
        [
            .. Jobs.Select(j => j.Do(new Edits.AddCable("b", "more", "more", Testing.Jobs.Nm(14, 2), EntrySide.Bottom, null, "one more"))),
        ];
        var options = new JsonSerializerOptions();
        ApiJson.Set(options);
        var input = JsonSerializer.Serialize(
            new
            {
                catalogue = new { devices = DeviceKinds.All, connectors = ConnectorKinds.All },
                views = Jobs.Select(View),
                again = More.Select(View),
            },
            options
        );
        var answer = JsonNode.Parse(InNode.Run("drawing", input))!;
        Boxes = [.. answer["drawn"]!.AsArray().Select(d => Read(d!))];
        After = [.. answer["after"]!.AsArray().Select(d => Read(d!))];
    }

    public IReadOnlyList<Job> Jobs { get; }

    public IReadOnlyList<Job> More { get; }

    public IReadOnlyList<Drawing> Boxes { get; }

    public IReadOnlyList<Drawing> After { get; }

    private static BoxView View(Job job) => Views.ViewOnce(job, 1, "b", job.Boxes["b"]);

    private static Drawing Read(JsonNode json) =>
        new(
            json,
            [
                .. json["ways"]!
                    .AsArray()
                    .Select(w => new Strand(
                        (string)w!["strand"]!,
                        [.. w["points"]!.AsArray().Select(p => new Spot((double)p![0]!, (double)p[1]!))],
                        (double)w["width"]!,
                        new Area(
                            (double)w["label"]!["x"]!,
                            (double)w["label"]!["y"]!,
                            (double)w["label"]!["width"]!,
                            (double)w["label"]!["height"]!
                        )
                    )),
            ]
        );
}
