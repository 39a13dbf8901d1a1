using System.IO.Compression;
using System.Text.Json;
using JollyBarn.Edits;
using JollyBarn.Telling.History;
using JollyBarn.Wiring;

namespace JollyBarn.Store;

/// <summary>Lines of a log as rows: made from an edit, and read again.</summary>
internal static class LogRows
{
    /// <summary>The row of an edit.</summary>
    /// <param name="sent">Who sent it under which id, and when it arrived.</param>
    /// <param name="asked">Sum of what was sent; empty when it came with a file.</param>
    /// <param name="last">Sum of the line before it.</param>
    /// <param name="cells">What it changed.</param>
    public static EditRow Make(
        string jobId,
        long version,
        (string Id, string By, string At) sent,
        Edit edit,
        Job before,
        Job after,
        string asked,
        string last,
        out IReadOnlyList<Cell> cells
    )
    {
        cells = Edits.Cells.Between(before, after);
        var row = new EditRow
        {
            JobId = jobId,
            Version = version,
            EditId = sent.Id,
            By = sent.By,
            At = sent.At,
            Says = edit.Tell(before),
            Json = JsonSerializer.Serialize(edit, JobJson.Default.Edit),
            Asked = asked,
        };
        Fill(row, edit, cells, last);
        // What would not read again is not written: it would close the job to everybody.
        _ = Read(row);
        return row;
    }

    /// <summary>Fills in what an older program did not keep.</summary>
    public static void Fill(EditRow row, Edit edit, IReadOnlyList<Cell> cells, string last)
    {
        row.Boxes = string.Join(' ', edit.OfBoxes.Distinct().Select(b => b.Text));
        (row.Restores, row.Again) = edit is Restore restore ? (restore.Of, restore.Again) : (null, false);
        row.Cells = Pack(cells);
        row.Sum = SumOf(row, last);
    }

    public static string SumOf(EditRow row, string last) =>
        Sums.Of(
            last,
            Sums.Text(row.Version),
            row.EditId,
            row.By,
            row.At,
            row.Says,
            row.Json,
            row.Asked,
            row.Boxes,
            row.Restores,
            row.Again ? "again" : null,
            Sums.Of(row.Cells)
        );

    /// <summary>Sum of an edit as it was sent.</summary>
    public static string Asked(string by, Edit edit) => Sums.Of(by, JsonSerializer.Serialize(edit, JobJson.Default.Edit));

    /// <exception cref="StoreException">The line does not read.</exception>
    public static Edit Read(EditRow row)
    {
        try
        {
            return JsonSerializer.Deserialize(row.Json, JobJson.Default.Edit) ?? throw Damage.Line(row.JobId, row.Version);
        }
        catch (Exception problem) when (problem is JsonException or NotSupportedException)
        {
            throw Damage.Line(row.JobId, row.Version, problem);
        }
    }

    /// <exception cref="StoreException">They do not read.</exception>
    public static IReadOnlyList<Cell> Cells(string jobId, long version, byte[] packed)
    {
        try
        {
            using var bytes = new DeflateStream(new MemoryStream(packed), CompressionMode.Decompress);
            return JsonSerializer.Deserialize(bytes, JobJson.Default.IReadOnlyListCell) ?? [];
        }
        catch (Exception problem) when (problem is JsonException or InvalidDataException)
        {
            throw Damage.Line(jobId, version, problem);
        }
    }

    private static byte[] Pack(IReadOnlyList<Cell> cells)
    {
        using var bytes = new MemoryStream();
        using (var packed = new DeflateStream(bytes, CompressionLevel.Fastest))
        {
            JsonSerializer.Serialize(packed, cells, JobJson.Default.IReadOnlyListCell);
        }

        return bytes.ToArray();
    }
}
