using System.IO.Compression;
using System.Security.Cryptography;
using JollyBarn.Edits;
using JollyBarn.OpenFile;
using JollyBarn.Store;
using JollyBarn.Terms;

namespace JollyBarn.Web;

/// <summary>A job with its pictures in one zip: <c>job.json</c> and <c>photos/&lt;sha256&gt;</c>, in fixed order and times, so that the
/// same job gives the same bytes.</summary>
internal static class Bundle
{
    private const string JobName = "job.json";
    private const string PhotoFolder = "photos/";

    private static readonly DateTimeOffset Time = new(1980, 1, 1, 0, 0, 0, TimeSpan.Zero);

    public static byte[] Write(JobFile file, Func<string, byte[]?> photo)
    {
        using var bytes = new MemoryStream();
        using (var zip = new ZipArchive(bytes, ZipArchiveMode.Create, true))
        {
            Put(zip, JobName, JobFiles.Write(file), CompressionLevel.Optimal);
            foreach (var sha in file.Present.Photos.Values.Select(p => p.Sha).Distinct().Order(StringComparer.Ordinal))
            {
                if (photo(sha) is { } picture)
                {
                    Put(zip, PhotoFolder + sha, picture, CompressionLevel.NoCompression);
                }
            }
        }

        return bytes.ToArray();
    }

    /// <summary>Reads a bare job file or a zip; every picture is checked like one handed in, and must be what its name says.</summary>
    public static (JobFile? File, IReadOnlyDictionary<string, byte[]> Photos, Refusal? Refusal) Read(MemoryStream body)
    {
        var none = new Dictionary<string, byte[]>();
        var span = body.GetBuffer().AsSpan(0, (int)body.Length);
        if (!span.StartsWith("PK"u8))
        {
            var (bare, problem) = JobFiles.Read(span);
            return (bare, none, problem);
        }

        try
        {
            using var zip = new ZipArchive(new MemoryStream(body.GetBuffer(), 0, (int)body.Length, false), ZipArchiveMode.Read);
            if (zip.GetEntry(JobName) is not { } entry)
            {
                return (null, none, new(Why.ZipWithoutJob));
            }

            var (file, refusal) = JobFiles.Read(Bytes(entry, Limits.Body));
            if (file is null)
            {
                return (null, none, refusal);
            }

            var photos = new Dictionary<string, byte[]>(StringComparer.Ordinal);
            var left = JobStore.MostOfPictures;
            foreach (var picture in zip.Entries.Where(e => e.FullName.StartsWith(PhotoFolder, StringComparison.Ordinal)))
            {
                var name = picture.FullName[PhotoFolder.Length..];
                if (name.Length == 0)
                {
                    continue;
                }

                var bytes = Bytes(picture, Math.Min(left, PhotoCheck.MostBytes));
                left -= bytes.Length;
                if (Convert.ToHexStringLower(SHA256.HashData(bytes)) != name || PhotoCheck.Read(bytes).Photo?.Sha != name)
                {
                    return (
                        null,
                        none,
                        new(Why.ZipPicture, picture.FullName.Length < 100 ? picture.FullName : null, ("name", Wiring.Ids.Shown(name)))
                    );
                }

                photos[name] = bytes;
            }

            // A picture that is not in it comes in as missing: what went out of here always comes back.
            return (file, photos, null);
        }
        catch (TooLargeException)
        {
            return (null, none, new(Why.ZipTooLarge));
        }
        catch (Exception problem) when (problem is InvalidDataException or IOException or NotSupportedException)
        {
            return (null, none, new(Why.ZipDamaged));
        }
    }

    private static void Put(ZipArchive zip, string name, byte[] bytes, CompressionLevel level)
    {
        var entry = zip.CreateEntry(name, level);
        entry.LastWriteTime = Time;
        using var stream = entry.Open();
        stream.Write(bytes);
    }

    /// <param name="most">Bytes past which it is too large, whatever the entry says of itself.</param>
    private static byte[] Bytes(ZipArchiveEntry entry, long most)
    {
        using var stream = entry.Open();
        using var bytes = new MemoryStream();
        var part = new byte[81920];
        for (var read = stream.Read(part); read > 0; read = stream.Read(part))
        {
            // What an entry says of its length is not what unpacking it gives.
            if (bytes.Length + read > most)
            {
                throw new TooLargeException();
            }

            bytes.Write(part, 0, read);
        }

        return bytes.ToArray();
    }

    private sealed class TooLargeException : Exception;
}
