using System.IO.Compression;
using System.Net;
using System.Text;
using JollyBarn.Testing;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Metadata;

namespace JollyBarn.Web.Tests;

/// <summary>What is made when the program is built is what it would be if it were made now.</summary>
public sealed class ServedTests(Running running) : IClassFixture<Running>
{
    /// <summary>The model made ahead describes the same tables as the classes do.</summary>
    [Fact]
    public void The_model_made_ahead_is_that_of_the_classes()
    {
        using var db = running.Store.Db();
        Assert.StartsWith("JollyBarn.Store.Migrations.Compiled", db.Model.GetType().FullName, StringComparison.Ordinal);
        var made = db.GetService<IDesignTimeModel>().Model;
        Assert.Equal(Described(made), Described(db.Model));
        Assert.False(db.Database.HasPendingModelChanges());
    }

    /// <summary>Who takes brotli is sent what was compressed at the build; it unpacks to what everybody else is sent.</summary>
    [Fact]
    public async Task A_script_is_the_same_compressed_and_plain()
    {
        using var site = new Served();
        foreach (var name in Served.Scripts())
        {
            var plain = await site.AskAsync($"/assets/{name}", "identity");
            var packed = await site.AskAsync($"/assets/{name}", "gzip, br");
            Assert.Equal(("br", "Accept-Encoding"), (packed.Encoding, packed.Vary));
            Assert.Equal("text/javascript", packed.Type);
            Assert.Null(plain.Encoding);
            Assert.True(packed.Bytes.Length < plain.Bytes.Length || plain.Bytes.Length < 400, name);
            using var unpacked = new BrotliStream(new MemoryStream(packed.Bytes), CompressionMode.Decompress);
            using var text = new StreamReader(unpacked, Encoding.UTF8);
            Assert.Equal(Encoding.UTF8.GetString(plain.Bytes), await text.ReadToEndAsync());
        }
    }

    [Fact]
    public async Task Brotli_refused_by_its_weight_is_not_sent()
    {
        using var site = new Served();
        Assert.NotEqual("br", (await site.AskAsync($"/assets/{Served.Scripts()[0]}", "br;q=0")).Encoding);
    }

    private static List<string> Described(IReadOnlyModel model) =>
        [
            .. model
                .GetEntityTypes()
                .SelectMany(e =>
                    e.GetProperties()
                        .Select(p => $"{e.Name}.{p.Name} {p.ClrType.Name} null:{p.IsNullable} key:{p.IsPrimaryKey()} {p.ValueGenerated}")
                        .Concat(e.GetIndexes().Select(i => $"{e.Name} {string.Join(',', i.Properties.Select(p => p.Name))} {i.IsUnique}"))
                )
                .Order(StringComparer.Ordinal),
        ];

    /// <summary>The built program on an empty file.</summary>
    private sealed class Served : IDisposable
    {
        private readonly string folder = Directory.CreateTempSubdirectory("jolly-barn-served-").FullName;
        private readonly System.Diagnostics.Process program;
        private readonly HttpClient client;

        public Served()
        {
            program = System.Diagnostics.Process.Start(
                new System.Diagnostics.ProcessStartInfo(
                    "dotnet",
                    [Checkout.Program, "--data", Path.Combine(folder, "data.db"), "--port", "0"]
                )
                {
                    RedirectStandardOutput = true,
                }
            )!;
            client = new HttpClient(new HttpClientHandler { AutomaticDecompression = DecompressionMethods.None })
            {
                BaseAddress = new Uri(program.StandardOutput.ReadLine()!.Split(' ')[4]),
            };
        }

        public static IReadOnlyList<string> Scripts() =>
            [
                .. Directory
                    .EnumerateFiles(Path.Combine(Path.GetDirectoryName(Checkout.Program)!, "wwwroot", "assets"), "*.js")
                    .Select(f => Path.GetFileName(f)),
            ];

        public async Task<(byte[] Bytes, string? Encoding, string? Type, string? Vary)> AskAsync(string path, string accept)
        {
            using var request = new HttpRequestMessage(HttpMethod.Get, new Uri(path, UriKind.Relative));
            request.Headers.TryAddWithoutValidation("Accept-Encoding", accept);
            using var reply = await client.SendAsync(request);
            Assert.Equal(HttpStatusCode.OK, reply.StatusCode);
            return (
                await reply.Content.ReadAsByteArrayAsync(),
                reply.Content.Headers.ContentEncoding.FirstOrDefault(),
                reply.Content.Headers.ContentType?.MediaType,
                reply.Headers.Vary.FirstOrDefault()
            );
        }

        public void Dispose()
        {
            client.Dispose();
            program.Kill();
            program.WaitForExit();
            program.Dispose();
            Directory.Delete(folder, true);
        }
    }
}
