using System.IO.Compression;
using System.Text.Json;
using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Store;

/// <summary>Whole jobs as compressed bytes.</summary>
internal static class Packing
{
    public static byte[] Pack(Job job)
    {
        using var bytes = new MemoryStream();
        using (var packed = new BrotliStream(bytes, CompressionLevel.Fastest))
        {
            JsonSerializer.Serialize(packed, job, JobJson.Default.Job);
        }

        return bytes.ToArray();
    }

    public static Job Unpack(byte[] bytes)
    {
        using var packed = new BrotliStream(new MemoryStream(bytes), CompressionMode.Decompress);
        return JsonSerializer.Deserialize(packed, JobJson.Default.Job) ?? throw new StoreException("A saved state of the job is empty.");
    }
}
