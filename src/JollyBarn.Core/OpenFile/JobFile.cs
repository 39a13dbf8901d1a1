using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.OpenFile;

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
            return new(Why.NotAJob, "format", ("format", Ids.Shown(Format)));
        }

        if (Version is < 1 or > CurrentVersion)
        {
            return new(Why.NewerFile, "version", ("version", Version), ("reads", CurrentVersion));
        }

        if (!Ids.IsGood(Id))
        {
            return new(Why.FileJobId, "id");
        }

        if (History.Select(h => h.Id).Distinct(StringComparer.Ordinal).Count() != History.Count)
        {
            return new(Why.FileTwice, "history");
        }

        if (History.FirstOrDefault(h => !Ids.IsGood(h.Id)) is not null)
        {
            return new(Why.FileLineId, "history");
        }

        for (var i = 0; i < History.Count; i++)
        {
            if ((Refuse.BadText(History[i].By, $"history[{i}].by") ?? Refuse.BadTime(History[i].At, $"history[{i}].at")) is { } line)
            {
                return line;
            }
        }

        return JobCheck.Check(Start) is { } start ? start with { Field = "start." + start.Field }
            : JobCheck.Check(Present) is { } present ? present with { Field = "present." + present.Field }
            : JobJson.Text(Replay()) == JobJson.Text(Present) ? null
            : new(Why.FileDamaged, "history");
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

            if (FileTexts.Check(bytes, Lines.Options.MaxDepth) is { } text)
            {
                return (null, text);
            }

            var file = JsonSerializer.Deserialize(bytes, Lines);
            return file is null ? (null, new(Why.FileEmpty))
                : file.Check() is { } refusal ? (null, refusal)
                : (file, null);
        }
        catch (JsonException problem)
        {
            return (null, Unreadable(problem));
        }
        catch (Exception problem) when (problem is not OutOfMemoryException)
        {
            // A file made by hand can hold what no edit makes; whatever trips over it, the file is refused whole.
            return (null, new(Why.FileUnknownKind));
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

    private static Refusal Unreadable(JsonException problem) =>
        new(
            Why.FileUnreadable,
            problem.Path,
            ("line", problem.LineNumber is { } line ? (int)line + 1 : null),
            ("path", problem.Path is null or "$" ? null : problem.Path)
        );
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
