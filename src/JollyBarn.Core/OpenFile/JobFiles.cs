using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization.Metadata;
using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.OpenFile;

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
                : Check(file) is { } refusal ? (null, refusal)
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

    /// <summary>A line that was undone and redone counts; the present must be what the history gives.</summary>
    public static Refusal? Check(JobFile file)
    {
        if (file.Format != JobFile.FormatName)
        {
            return new(Why.NotAJob, "format", ("format", Ids.Shown(file.Format)));
        }

        if (file.Version is < 1 or > JobFile.CurrentVersion)
        {
            return new(Why.NewerFile, "version", ("version", file.Version), ("reads", JobFile.CurrentVersion));
        }

        if (!Ids.IsGood(file.Id))
        {
            return new(Why.FileJobId, "id");
        }

        if (file.History.Select(h => h.Id).Distinct(StringComparer.Ordinal).Count() != file.History.Count)
        {
            return new(Why.FileTwice, "history");
        }

        if (file.History.FirstOrDefault(h => !Ids.IsGood(h.Id)) is not null)
        {
            return new(Why.FileLineId, "history");
        }

        for (var i = 0; i < file.History.Count; i++)
        {
            if (
                (Refuse.BadText(file.History[i].By, $"history[{i}].by") ?? Refuse.BadTime(file.History[i].At, $"history[{i}].at")) is
                { } line
            )
            {
                return line;
            }
        }

        return JobCheck.Check(file.Start) is { } start ? start with { Field = "start." + start.Field }
            : JobCheck.Check(file.Present) is { } present ? present with { Field = "present." + present.Field }
            : JobJson.Text(Replay(file)) == JobJson.Text(file.Present) ? null
            : new(Why.FileDamaged, "history");
    }

    private static Job Replay(JobFile file)
    {
        var job = file.Start;
        foreach (var line in file.History)
        {
            job = line.Edit.Apply(job);
        }

        return job;
    }

    private static JsonTypeInfo<JobFile> Lines { get; } =
        (JsonTypeInfo<JobFile>)
            new JsonSerializerOptions(JobJson.Default.Options)
            {
                WriteIndented = true,
                IndentSize = 1,
                Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
                TypeInfoResolver = JobJson.Default.WithAddedModifier(NoNulls.Refused),
            }.GetTypeInfo(typeof(JobFile));

    private static Refusal Unreadable(JsonException problem) =>
        new(
            Why.FileUnreadable,
            problem.Path,
            ("line", problem.LineNumber is { } line ? (int)line + 1 : null),
            ("path", problem.Path is null or "$" ? null : problem.Path)
        );
}
