using System.IO.Compression;
using System.Text.Json.Nodes;
using JollyBarn.Edits;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Web.Tests;

/// <summary>Pictures: kind by content, bounds, no metadata, kept with the job. The segments of a JPEG are those of ITU-T T.81 Annex
/// B.</summary>
public sealed class PhotoTests(Running running) : IClassFixture<Running>
{
    [Fact]
    public async Task Where_it_was_taken_is_gone_and_the_picture_stays()
    {
        var job = await running.JobAsync();
        var (status, taken) = await HandInAsync(job, Jpeg(("Exif\0\0GPS 60.1699", 0xE1), ("a comment", 0xFE)));
        Assert.Equal((200, 640, 480), (status, (int)taken!["width"]!, (int)taken["height"]!));
        var bytes = await running.Client.GetByteArrayAsync(new Uri($"/api/jobs/{job}/photos/{taken["sha"]}", UriKind.Relative));
        Assert.DoesNotContain("GPS", System.Text.Encoding.Latin1.GetString(bytes), StringComparison.Ordinal);
        Assert.DoesNotContain("comment", System.Text.Encoding.Latin1.GetString(bytes), StringComparison.Ordinal);
        Assert.Equal(Convert.ToHexStringLower(System.Security.Cryptography.SHA256.HashData(bytes)), (string)taken["sha"]!);
        // What was cleaned once is taken as it is.
        Assert.Equal((string)taken["sha"]!, (string)(await HandInAsync(job, bytes)).Body!["sha"]!);
    }

    [Fact]
    public async Task What_follows_the_picture_or_lies_between_its_scans_is_gone_too()
    {
        var job = await running.JobAsync();
        var plain = Jpeg();
        byte[] behind = [.. plain, .. Jpeg(("Exif\0\0GPS of a second picture", 0xE1))];
        byte[] between =
        [
            .. plain[..^2],
            0xFF,
            0xE1,
            0,
            9,
            .. "GPS 60\0"u8,
            0xFF,
            0xDA,
            0,
            8,
            1,
            1,
            0,
            0,
            63,
            0,
            9,
            0xFF,
            0x00,
            0xFF,
            0xD0,
            9,
            0xFF,
            0xD9,
        ];
        foreach (var bytes in new[] { behind, between })
        {
            var (status, taken) = await HandInAsync(job, bytes);
            Assert.Equal(200, status);
            Assert.DoesNotContain(
                "GPS",
                System.Text.Encoding.Latin1.GetString(
                    await running.Client.GetByteArrayAsync(new Uri($"/api/jobs/{job}/photos/{taken!["sha"]}", UriKind.Relative))
                ),
                StringComparison.Ordinal
            );
        }
    }

    /// <summary>What somebody hands in for a picture, by name: the bytes themselves would be written out as each test's name.</summary>
    private static byte[] Bad(string what) =>
        what switch
        {
            "a page" => "<html>"u8.ToArray(),
            "a PNG" => [0x89, (byte)'P', (byte)'N', (byte)'G', 13, 10, 26, 10],
            "cut early" => Jpeg()[..40],
            "cut late" => Jpeg()[..^2],
            "too wide" => Jpegs.Make(7000),
            "too large" => [0xFF, 0xD8, .. new byte[7_000_000]],
            "nonsense" => [0xFF, 0xD8, 1, 2, 3, 4, 5, 6],
            _ => [],
        };

    [Theory]
    [InlineData("a page", "not a JPEG")]
    [InlineData("a PNG", "not a JPEG")]
    [InlineData("cut early", "cut short")]
    [InlineData("cut late", "cut short")]
    [InlineData("too wide", "at most 6000")]
    [InlineData("too large", "over 6 MB")]
    [InlineData("nonsense", "damaged")]
    [InlineData("nothing", "not a JPEG")]
    public async Task Disguised_truncated_or_huge_gets_a_sentence(string what, string says)
    {
        var (status, body) = await HandInAsync(await running.JobAsync(), Bad(what));
        Assert.Equal(422, status);
        Assert.Contains(says, (string)body!["detail"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_job_with_pictures_goes_out_and_comes_in_byte_for_byte()
    {
        var job = await running.JobAsync();
        var taken = (await HandInAsync(job, Jpeg())).Body!;
        Assert.Equal(
            200,
            (
                await running.EditAsync(
                    job,
                    new AddPhoto("f", new Photo("b", (string)taken["sha"]!, 640, 480, (int)taken["bytes"]!, Caption: "as found"))
                )
            ).Status
        );
        var first = await ExportAsync(job);
        Assert.Equal("PK", System.Text.Encoding.Latin1.GetString(first[..2]));
        Assert.Equal(first, await ExportAsync(job));
        Assert.Equal(200, (await ImportAsync(first, $"?copyAs={job}-in")).Status);
        Assert.Equal(Parts(first, job), Parts(await ExportAsync(job + "-in"), job + "-in"));
        Assert.Equal(200, (await ImportAsync(first, $"?replace={job}&by=ann")).Status);
        Assert.Equal(200, (await running.PostAsync($"/api/jobs/{job}/copy", new { id = job + "-copy", name = "Copy" })).Status);
        Assert.Equal(
            200,
            (int)(await running.Client.GetAsync(new Uri($"/api/jobs/{job}-copy/photos/{taken["sha"]}", UriKind.Relative))).StatusCode
        );
    }

    /// <summary>What is in a zip, the job without its id.</summary>
    private static IEnumerable<(string Name, string Bytes)> Parts(byte[] bytes, string id)
    {
        using var zip = new ZipArchive(new MemoryStream(bytes));
        return
        [
            .. zip.Entries.Select(e =>
            {
                using var read = new StreamReader(e.Open(), System.Text.Encoding.Latin1);
                return (e.FullName, read.ReadToEnd().Replace($"\"id\": \"{id}\"", "", StringComparison.Ordinal));
            }),
        ];
    }

    /// <summary>What goes out without its pictures comes in with them marked as missing.</summary>
    [Fact]
    public async Task A_job_without_its_pictures_comes_in_with_them_missing()
    {
        var job = await running.JobAsync();
        var taken = (await HandInAsync(job, Jpeg())).Body!;
        await running.EditAsync(job, new AddPhoto("f", new Photo("b", (string)taken["sha"]!, 640, 480, (int)taken["bytes"]!)));
        await running.EditAsync(job, new AddPhoto("g", new Photo("b", new string('a', 64), 640, 480, 9)));
        async Task<bool[]> MissingAsync(string of) =>
            [.. (await running.GetAsync($"/api/jobs/{of}/boxes/b/photos"))!.AsArray().Select(p => (bool)p!["missing"]!)];
        Assert.Equal("False,True", string.Join(",", (await MissingAsync(job)).Order()));
        var bare = await running.Client.GetByteArrayAsync(new Uri($"/api/jobs/{job}/export?pictures=false", UriKind.Relative));
        Assert.Equal(200, (await ImportAsync(bare, $"?copyAs={job}-bare")).Status);
        Assert.DoesNotContain(false, await MissingAsync(job + "-bare"));
        Assert.Equal(200, (await ImportAsync(await ExportAsync(job), $"?copyAs={job}-whole")).Status);
        Assert.Equal("False,True", string.Join(",", (await MissingAsync(job + "-whole")).Order()));
    }

    /// <summary>A zip that unpacks to far more than it is: refused while it unpacks, whatever it says of itself.</summary>
    [Theory]
    [InlineData("job.json")]
    [InlineData("photos/aa")]
    public async Task A_zip_that_unpacks_to_too_much_is_refused(string name)
    {
        var job = await running.JobAsync();
        using var bomb = new MemoryStream();
        using (var zip = new ZipArchive(bomb, ZipArchiveMode.Create, true))
        {
            if (name != "job.json")
            {
                await using var good = zip.CreateEntry("job.json").Open();
                await good.WriteAsync(await running.Client.GetByteArrayAsync(new Uri($"/api/jobs/{job}/export", UriKind.Relative)));
            }

            await using var stream = zip.CreateEntry(name).Open();
            var part = new byte[1024 * 1024];
            for (var i = 0; i < 100; i++)
            {
                await stream.WriteAsync(part);
            }
        }

        var (status, problem) = await ImportAsync(bomb.ToArray(), "?copyAs=bomb");
        Assert.Equal(422, status);
        Assert.Contains("large", (string)problem!["detail"]!, StringComparison.Ordinal);
    }

    /// <summary>ITU-T T.81: application segments and comments draw nothing, and may carry anything.</summary>
    [Theory]
    [InlineData(0xE1)]
    [InlineData(0xE0)]
    [InlineData(0xEE)]
    [InlineData(0xFE)]
    [InlineData(0xDC)]
    [InlineData(0xF3)]
    [InlineData(0xC8)]
    public void Words_in_a_segment_that_draws_nothing_do_not_stay(byte marker)
    {
        var picture = Jpeg();
        byte[] words = [0xFF, marker, 0, 22, .. "where the key is kept"u8[..20]];
        var read = PhotoCheck.Read([.. picture[..2], .. words, .. picture[2..]]).Photo!;
        Assert.DoesNotContain("key", System.Text.Encoding.Latin1.GetString(read.Bytes), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_zip_whose_picture_is_not_what_its_name_says_changes_nothing()
    {
        var job = await running.JobAsync();
        var taken = (await HandInAsync(job, Jpeg())).Body!;
        await running.EditAsync(job, new AddPhoto("f", new Photo("b", (string)taken["sha"]!, 640, 480, (int)taken["bytes"]!)));
        var good = await ExportAsync(job);
        using var changed = new MemoryStream();
        using (var from = new ZipArchive(new MemoryStream(good)))
        using (var to = new ZipArchive(changed, ZipArchiveMode.Create, true))
        {
            foreach (var entry in from.Entries)
            {
                await using var read = entry.Open();
                await using var write = to.CreateEntry(entry.FullName).Open();
                await read.CopyToAsync(write);
                await write.WriteAsync(
                    entry.FullName.StartsWith("photos/", StringComparison.Ordinal) ? "x"u8.ToArray() : ReadOnlyMemory<byte>.Empty
                );
            }
        }

        foreach (var bad in new[] { changed.ToArray(), good[..(good.Length / 2)], "PK but no zip"u8.ToArray() })
        {
            var (status, body) = await ImportAsync(bad, $"?replace={job}&by=ann");
            Assert.Equal(422, status);
            Assert.False(string.IsNullOrWhiteSpace((string)body!["detail"]!));
        }

        Assert.Equal(good, await ExportAsync(job));
    }

    private Task<byte[]> ExportAsync(string job) => running.Client.GetByteArrayAsync(new Uri($"/api/jobs/{job}/export", UriKind.Relative));

    private Task<(int Status, JsonNode? Body)> ImportAsync(byte[] bytes, string query) =>
        SendAsync("/api/import" + query, bytes, "application/zip");

    private Task<(int Status, JsonNode? Body)> HandInAsync(string job, byte[] bytes) =>
        SendAsync($"/api/jobs/{job}/photos", bytes, "image/jpeg");

    private async Task<(int Status, JsonNode? Body)> SendAsync(string path, byte[] bytes, string kind)
    {
        using var content = new ByteArrayContent(bytes);
        content.Headers.ContentType = new(kind);
        using var reply = await running.Client.PostAsync(new Uri(path, UriKind.Relative), content);
        return ((int)reply.StatusCode, JsonNode.Parse(await reply.Content.ReadAsStringAsync()));
    }

    /// <summary>The segments of a JPEG: start, JFIF, extra ones, frame header, scan, end.</summary>
    private static byte[] Jpeg(params (string Text, byte Marker)[] extra) => Jpegs.Make(extra: extra);
}
