using System.Collections.Concurrent;
using System.Net;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using JollyBarn.Edits;
using JollyBarn.Testing;
using JollyBarn.Testing.Forced;
using JollyBarn.Wiring;

namespace JollyBarn.Web.Tests;

/// <summary>Ten thousand generated bad requests: none gives a 500, and each refusal is a sentence that names its field.</summary>
public sealed class BadRequestTests(Running running) : IClassFixture<Running>
{
    private const int Requests = 4_000;
    private const int OfEveryOperation = 6_000;

    [Fact]
    public async Task No_bad_request_gives_a_500_or_changes_anything()
    {
        var job = await running.JobAsync();
        await running.EditAsync(job, new AddCable("b", "r", "k", Jobs.Nm(14, 2)));
        var before = JobJson.Text(running.Store.Find(job)!.Now.Job);
        var version = running.Store.Find(job)!.Now.Version;
        var random = new Random(20);
        var samples = Samples(job);
        var statuses = new Dictionary<int, int>();
        await Parallel.ForAsync(0, Requests, new ParallelOptions { MaxDegreeOfParallelism = 4 }, async (i, stop) =>
        {
            string path,
                body;
            lock (random)
            {
                (path, body) = Bad(samples, random);
            }

            using var content = new StringContent(body, Encoding.UTF8, "application/json");
            using var reply = await running.Client.PostAsync(new Uri(path, UriKind.Relative), content, stop);
            lock (statuses)
            {
                statuses[(int)reply.StatusCode] = statuses.GetValueOrDefault((int)reply.StatusCode) + 1;
            }

            if (BadRequests.WrongWith((int)reply.StatusCode, await reply.Content.ReadAsStringAsync(stop)) is { } wrong)
            {
                throw new InvalidOperationException($"{path}\n{body[..Math.Min(900, body.Length)]}\n{wrong}");
            }
        });
        Assert.True(statuses.Where(s => s.Key is >= 400 and < 500).Sum(s => s.Value) > Requests / 2, string.Join(", ", statuses));
        Assert.Equal((version, before), (running.Store.Find(job)!.Now.Version, JobJson.Text(running.Store.Find(job)!.Now.Job)));
    }

    /// <summary>Spoilt in body, address, method or kind, over all there is. Some still say something that can be done: the record stays
    /// whole whatever came.</summary>
    [Fact]
    public async Task Spoilt_requests_of_every_operation_are_refused_with_a_sentence_and_leave_a_whole_record()
    {
        foreach (var id in QuestionedHouse.Ids)
        {
            Assert.Null(running.Store.Import(id, QuestionedHouse.AsFile(id)));
        }

        var requests = new BadRequests(QuestionedHouse.Names(), 21);
        var refused = new ConcurrentDictionary<string, int>();
        var faulty = new ConcurrentBag<string>();
        await Parallel.ForAsync(0, OfEveryOperation, new ParallelOptions { MaxDegreeOfParallelism = 4 }, async (_, stop) =>
        {
            var (operation, request, sent) = requests.Next();
            using (request)
            {
                using var reply = await running.Client.SendAsync(request, stop);
                var status = (int)reply.StatusCode;
                if (BadRequests.WrongWith(status, await reply.Content.ReadAsStringAsync(stop)) is { } wrong)
                {
                    faulty.Add($"{sent}\n{wrong}");
                }

                refused.AddOrUpdate(operation, status >= 400 ? 1 : 0, (_, n) => n + (status >= 400 ? 1 : 0));
            }
        });
        Assert.True(faulty.IsEmpty, $"{faulty.Count}: " + string.Join("\n\n", faulty.Take(12)));
        // Every operation was asked, and had something to refuse.
        Assert.All(refused, r => Assert.True(r.Value > 0, r.Key));
        Assert.Equal(
            ApiQuestions
                .All.Where(q => q.Status < 400)
                .Select(q => q.Operation)
                .Concat(ApiQuestions.WithoutJson.Select(q => q.Operation))
                .Distinct()
                .Count(),
            refused.Count
        );
        var there = running.Store.Find(QuestionedHouse.Id)!.Export();
        await running.RestartAsync();
        var again = running.Store.Find(QuestionedHouse.Id)!.Export();
        Assert.Equal(OpenFile.JobFiles.Write(there), OpenFile.JobFiles.Write(again));
    }

    /// <summary>What does not read is told with its whole path and what would be taken there.</summary>
    [Theory]
    [InlineData("/api/fill", """{"devices":[{}]}""", "devices[0].count", "is missing: a whole number")]
    [InlineData("/api/fill", """{"devices":[{"count":"two"}]}""", "devices[0].count", "is to be a whole number")]
    [InlineData("/api/fill", """{"cables":[{"count":1,"gauge":"thick","conductors":2}]}""", "cables[0].gauge", "A gauge is AWG text")]
    [InlineData("/api/fill", """{"clamps":"Glue"}""", "clamps", "one of Outside, Internal or Flap")]
    [InlineData("/api/fill", """{"cables":{}}""", "cables", "a list")]
    [InlineData("/api/fill", """{"cabels":[]}""", "cabels", "is not known here: there are")]
    [InlineData("/api/fill", """{"studs":9}""", "studs", "0 to 4")]
    [InlineData("/api/fill", """[]""", "", "is to be an object")]
    [InlineData("/api/jobs", """{"id":"x"}""", "name", "is missing: text")]
    [InlineData("/api/jobs/x/edits", """{"id":"e","by":"ann","edit":{"do":"addBx"}}""", "edit.do", "one of batch,")]
    [InlineData("/api/jobs/x/edits", """{"id":"e","by":"ann","edit":{"box":"b"}}""", "edit.do", "is missing")]
    [InlineData(
        "/api/jobs/x/edits",
        """{"id":"e","by":"ann","edit":{"do":"renameBox","box":"b","name":null}}""",
        "edit.name",
        "not be null"
    )]
    [InlineData(
        "/api/jobs/x/edits",
        """{"id":"e","by":"ann","edit":{"do":"batch","edits":[{"do":"renameBox","box":"b"}]}}""",
        "edit.edits[0].name",
        "is missing"
    )]
    public async Task What_does_not_read_is_told_with_its_path_and_what_would_be_taken(string path, string body, string field, string says)
    {
        var (status, problem) = await running.PostAsync(path, body);
        Assert.True(status is 400 or 422, $"{status}");
        Assert.Equal(field, (string?)problem!["field"] ?? "");
        Assert.Contains(says, (string)problem["detail"]!, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("application/json; charset=x", 415)]
    [InlineData("application/json; charset=utf-16", 415)]
    [InlineData("application/json; charset=\"utf-8\"", 200)]
    [InlineData("application/json", 200)]
    [InlineData("text/plain", 415)]
    [InlineData("nonsense", 415)]
    public async Task A_content_type_is_taken_or_refused_and_never_a_500(string type, int expected)
    {
        using var content = new ByteArrayContent("{}"u8.ToArray());
        content.Headers.TryAddWithoutValidation("Content-Type", type);
        using var reply = await running.Client.PostAsync(new Uri("/api/fill", UriKind.Relative), content);
        Assert.Equal(expected, (int)reply.StatusCode);
    }

    /// <summary>A page from elsewhere can send a form or a bare POST; a browser says where it comes from.</summary>
    [Theory]
    [InlineData("Origin", "https://elsewhere.example")]
    [InlineData("Origin", "null")]
    [InlineData("Sec-Fetch-Site", "cross-site")]
    [InlineData("Sec-Fetch-Site", "same-site")]
    public async Task What_changes_something_is_refused_from_a_page_elsewhere(string header, string value)
    {
        var job = await running.JobAsync();
        foreach (var path in new[] { $"/api/jobs/{job}/bin", $"/api/jobs/{job}/undo", $"/api/import?replace={job}", "/api/jobs" })
        {
            using var request = new HttpRequestMessage(HttpMethod.Post, new Uri(path, UriKind.Relative));
            request.Headers.Add(header, value);
            using var reply = await running.Client.SendAsync(request);
            Assert.Equal(HttpStatusCode.Forbidden, reply.StatusCode);
        }

        Assert.NotNull(running.Store.Find(job));
    }

    [Fact]
    public async Task Every_answer_carries_what_keeps_it_to_this_page_and_data_is_not_kept_by_browsers()
    {
        using var page = await running.Client.GetAsync(new Uri("/api/jobs", UriKind.Relative));
        string Header(string name) => string.Join(",", page.Headers.GetValues(name));
        Assert.Equal("same-origin", Header("Cross-Origin-Opener-Policy"));
        Assert.Equal("same-origin", Header("Cross-Origin-Resource-Policy"));
        Assert.Contains("geolocation=()", Header("Permissions-Policy"), StringComparison.Ordinal);
        Assert.DoesNotContain("unsafe", Header("Content-Security-Policy"), StringComparison.Ordinal);
        Assert.Equal("no-store", Header("Cache-Control"));
    }

    /// <summary>Good requests of every kind, all addressed so that even a lucky one keeps nothing: previews, plain fills, and edits of
    /// boxes that are not there.</summary>
    private static List<(string Path, JsonNode Body)> Samples(string job)
    {
        var random = new RandomEdits(3);
        var grown = random.Grow(Job.Blank("j"), 60);
        var samples = new List<(string, JsonNode)>();
        for (var i = 0; i < 120; i++)
        {
            var made = random.Next(grown);
            var edit = JsonSerializer.SerializeToNode(made, JobJson.Default.Edit)!;
            samples.Add(($"/api/jobs/{job}/preview", new JsonObject { ["edits"] = new JsonArray(edit.DeepClone()) }));
            if (made is not (BoxEdit or CopyBox))
            {
                continue;
            }

            samples.Add(
                (
                    $"/api/jobs/{job}/edits",
                    new JsonObject
                    {
                        ["id"] = $"e{i}",
                        ["by"] = "x",
                        ["base"] = 999,
                        ["edit"] = edit,
                    }
                )
            );
        }

        var box = JsonNode.Parse(
            """
            {"kind":"nm-1g-18","mark":18,"height":"3","clamps":"Internal",
             "cables":[{"count":3,"gauge":"14","conductors":2,"form":"Loop","length":"12"}],"devices":[{"count":1,"kind":"receptacle"}],
             "grounds":[{"count":1,"gauge":"12"}],"parts":[{"kind":"ring-4-1g-1/2"}],
             "amendments":[{"key":"fill.clamps","note":"n","value":1}],"practices":{"fill.flap":"yes"}}
            """
        )!;
        var file = JsonNode.Parse(OpenFile.JobFiles.Write(new Edits.JobFile(Edits.JobFile.FormatName, 1, "away", grown, grown, [])))!;
        foreach (var _ in Enumerable.Range(0, 60))
        {
            samples.Add(("/api/fill", box));
            samples.Add(("/api/fill/instead", box));
        }

        var held = JsonNode.Parse(
            """{"held":{"leads":["r.a0","r.a1"],"pigtail":null,"farEnd":false,"fromJoint":null,"newId":"n1"},"change":null}"""
        )!;
        samples.AddRange(Enumerable.Range(0, 60).Select(_ => ($"/api/jobs/{job}/boxes/b/moves", held)));
        samples.AddRange(Enumerable.Range(0, 20).Select(_ => ("/api/import?replace=nobody", file)));
        samples.AddRange(
            Enumerable
                .Range(0, 10)
                .Select(_ => ($"/api/jobs/{job}/undo", (JsonNode)new JsonObject { ["id"] = "u", ["by"] = "nobody-here" }))
        );
        return samples;
    }

    private static (string Path, string Body) Bad(List<(string Path, JsonNode Body)> samples, Random random)
    {
        var (path, body) = samples[random.Next(samples.Count)];
        switch (random.Next(8))
        {
            case 0:
                var text = body.ToJsonString();
                return (path, text[..random.Next(text.Length)]);
            case 1:
                var depth = random.Next(30, 3000);
                return (path, string.Concat(Enumerable.Repeat("{\"edits\":[", depth)) + string.Concat(Enumerable.Repeat("]}", depth)));
            case 2:
                var bytes = body.ToJsonString().ToCharArray();
                bytes[random.Next(bytes.Length)] = (char)random.Next(32, 0x2fff);
                return (path, new string(bytes));
            default:
                var changed = body.DeepClone();
                for (var i = random.Next(1, 3); i > 0; i--)
                {
                    _ = Spoiler.Spoil(changed, random);
                }

                return (path, changed.ToJsonString());
        }
    }
}
