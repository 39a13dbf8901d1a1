using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.OpenFile;

/// <summary>One line of a job's history.</summary>
/// <param name="Id">Made by whoever made the edit.</param>
/// <param name="By">Who made it.</param>
/// <param name="At">When, ISO 8601, UTC.</param>
public sealed record HistoryLine(string Id, string By, string At, Edit Edit);

/// <summary>A job in the open format: present, Changes and the history that led there.</summary>
/// <param name="Format">Always <c>jolly-barn-job</c>.</param>
/// <param name="Version">Version of the format.</param>
/// <param name="Start">The job that the history begins from.</param>
public sealed record JobFile(string Format, int Version, string Id, Job Present, Job Start, IReadOnlyList<HistoryLine> History)
{
    public const string FormatName = "jolly-barn-job";

    public const int CurrentVersion = 1;

    /// <summary>A line that was undone and redone counts; the present must be what the history gives.</summary>
    public Refusal? Check()
    {
        if (Format != FormatName)
        {
            return new($"This is not a Jolly Barn job: its format is {Ids.Shown(Format)}.", "format");
        }

        if (Version is < 1 or > CurrentVersion)
        {
            return new(
                $"This file is of format version {Version}; this program reads up to {CurrentVersion}. Update the "
                    + $"program, or export the job as an older version.",
                "version"
            );
        }

        if (!Ids.IsGood(Id))
        {
            return new($"The job's id is not an id. {Ids.Rule}", "id");
        }

        if (History.Select(h => h.Id).Distinct(StringComparer.Ordinal).Count() != History.Count)
        {
            return new("Two lines of the history have the same id.", "history");
        }

        if (History.FirstOrDefault(h => !Ids.IsGood(h.Id)) is not null)
        {
            return new($"A line of the history has no good id. {Ids.Rule}", "history");
        }

        return JobCheck.Of(Start) is { } start ? start with { Field = "start." + start.Field }
            : JobCheck.Of(Present) is { } present ? present with { Field = "present." + present.Field }
            : JobJson.Text(Replay()) == JobJson.Text(Present) ? null
            : new("The history does not lead to the present: the file was changed by hand or is damaged.", "history");
    }

    private Job Replay()
    {
        var job = Start;
        foreach (var line in History)
        {
            job = line.Edit.Apply(job);
        }

        return job;
    }
}

/// <summary>Reads and writes the open format. The text is the same for the same job: fixed order, two spaces, a line end at the
/// end.</summary>
public static class JobFiles
{
    /// <summary>The bytes of a file, UTF-8.</summary>
    public static byte[] Write(JobFile file) => [.. JsonSerializer.SerializeToUtf8Bytes(file, Lines), (byte)'\n'];

    /// <summary>Reads a file that came with the program: it was checked when it was made.</summary>
    /// <exception cref="JsonException">It is not a job file.</exception>
    public static JobFile Shipped(ReadOnlySpan<byte> bytes) =>
        JsonSerializer.Deserialize(bytes, Lines) ?? throw new JsonException("The file is empty.");

    /// <summary>Reads a file, or says why not and where.</summary>
    public static (JobFile? File, Refusal? Refusal) Read(ReadOnlySpan<byte> bytes)
    {
        try
        {
            if (bytes.StartsWith((byte[])[0xEF, 0xBB, 0xBF]))
            {
                bytes = bytes[3..];
            }

            var file = JsonSerializer.Deserialize(bytes, Lines);
            return file is null ? (null, new("The file is empty.", null))
                : file.Check() is { } refusal ? (null, refusal)
                : (file, null);
        }
        catch (JsonException problem)
        {
            return (null, new(Sentence(problem), problem.Path));
        }
        catch (Exception problem) when (problem is not OutOfMemoryException)
        {
            // A file made by hand can hold what no edit makes; whatever trips over it, the file is refused whole.
            return (null, new("Something in the file is not of a kind this program knows.", null));
        }
    }

    private static JsonTypeInfo<JobFile> Lines { get; } =
        (JsonTypeInfo<JobFile>)
            new JsonSerializerOptions(JobFileJson.Default.Options)
            {
                WriteIndented = true,
                IndentSize = 1,
                Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
                TypeInfoResolver = JobFileJson.Default.WithAddedModifier(NoNulls.Refused),
            }.GetTypeInfo(typeof(JobFile));

    private static string Sentence(JsonException problem)
    {
        var where = problem.LineNumber is { } line ? $" Line {line + 1}." : "";
        return problem.Path is null or "$"
            ? $"This is not a readable job file.{where}"
            : $"Something cannot be read at {problem.Path}.{where}";
    }
}

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
    UseStringEnumConverter = true,
    RespectNullableAnnotations = true,
    RespectRequiredConstructorParameters = true,
    AllowOutOfOrderMetadataProperties = true,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
    MaxDepth = 48
)]
[JsonSerializable(typeof(JobFile))]
public sealed partial class JobFileJson : JsonSerializerContext;
