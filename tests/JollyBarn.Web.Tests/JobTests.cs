using System.Net;
using System.Text;
using JollyBarn.Edits;
using JollyBarn.Testing;

namespace JollyBarn.Web.Tests;

public sealed class JobTests(Running running) : IClassFixture<Running>
{
    private async Task<byte[]> ExportAsync(string job) =>
        await running.Client.GetByteArrayAsync(new Uri($"/api/jobs/{job}/export", UriKind.Relative));

    private async Task<HttpStatusCode> ImportAsync(byte[] bytes, string query = "")
    {
        using var content = new ByteArrayContent(bytes);
        content.Headers.ContentType = new("application/json");
        using var reply = await running.Client.PostAsync(new Uri("/api/import" + query, UriKind.Relative), content);
        return reply.StatusCode;
    }

    [Fact]
    public async Task A_job_made_again_is_the_same_one_and_one_in_the_bin_is_in_the_way()
    {
        var id = "m" + Guid.NewGuid().ToString("n")[..10];
        Assert.Equal(200, (await running.PostAsync("/api/jobs", new { id, name = "Once" })).Status);
        Assert.Equal(200, (await running.PostAsync("/api/jobs", new { id, name = "Once" })).Status);
        Assert.Equal(204, (await running.StepAsync(id, "bin")).Status);
        var (status, told) = await running.PostAsync("/api/jobs", new { id, name = "Once" });
        Assert.Equal((422, "id"), (status, (string)told!["field"]!));
    }

    [Fact]
    public async Task A_job_with_history_goes_out_in_and_out_the_same()
    {
        var job = await running.JobAsync();
        await running.EditAsync(job, new AddCable("b", "r", "k", Jobs.Nm(12, 3), Says: "from the ümlaut \"pantry\" ½"));
        await running.StepAsync(job, "undo");
        var bytes = await ExportAsync(job);
        Assert.Equal(HttpStatusCode.Conflict, await ImportAsync(bytes));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await ImportAsync(bytes, $"?replace={job}"));
        Assert.Equal(200, (await running.StepAsync(job, "redo")).Status);
        Assert.Equal(HttpStatusCode.OK, await ImportAsync(bytes, $"?replace={job}&by=ben"));
        // A step of the log: what was there before is in it, and comes back when it is undone.
        Assert.Empty((await running.GetAsync($"/api/jobs/{job}/boxes/b"))!["cables"]!.AsArray());
        Assert.Equal(200, (await running.StepAsync(job, "undo", "ben")).Status);
        Assert.Single((await running.GetAsync($"/api/jobs/{job}/boxes/b"))!["cables"]!.AsArray());
        bytes = await ExportAsync(job);
        Assert.Equal(HttpStatusCode.OK, await ImportAsync(bytes, "?copyAs=" + job + "-copy"));
        Assert.Equal(
            Encoding.UTF8.GetString(bytes).Replace($"\"id\": \"{job}\"", $"\"id\": \"{job}-copy\"", StringComparison.Ordinal),
            Encoding.UTF8.GetString(await ExportAsync(job + "-copy"))
        );
    }

    [Fact]
    public async Task A_damaged_file_changes_nothing()
    {
        var job = await running.JobAsync();
        var bytes = await ExportAsync(job);
        var before = running.Store.List(false).Count;
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await ImportAsync(bytes[..(bytes.Length / 2)], $"?replace={job}"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await ImportAsync([0x50, 0x4B, 3, 4], $"?replace={job}"));
        Assert.Equal(bytes, await ExportAsync(job));
        Assert.Equal(before, running.Store.List(false).Count);
    }

    /// <summary>What no edit would take does not come in with a file either, and is told with its path.</summary>
    [Theory]
    [InlineData("Bench", "a\\u0007b", "boxes.b.name")]
    [InlineData("Bench", "", "boxes.b.name")]
    public async Task A_file_holds_what_edits_hold(string find, string put, string field)
    {
        var job = await running.JobAsync();
        var text = Encoding.UTF8.GetString(await ExportAsync(job));
        foreach (var bad in put.Length == 0 ? [new string('x', 5000), new string('x', 300), " "] : new[] { put })
        {
            using var content = new ByteArrayContent(Encoding.UTF8.GetBytes(text.Replace(find, bad, StringComparison.Ordinal)));
            using var reply = await running.Client.PostAsync(new Uri($"/api/import?copyAs={job}-bad", UriKind.Relative), content);
            Assert.Equal(HttpStatusCode.UnprocessableEntity, reply.StatusCode);
            Assert.Contains(field[..4], await reply.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        }
    }

    [Theory]
    [InlineData("x\n=1+1")]
    [InlineData("=1+1")]
    [InlineData("+1")]
    [InlineData("@x")]
    public void A_field_of_a_list_is_never_a_formula_nor_the_head_of_a_row(string name)
    {
        var bytes = (
            (Microsoft.AspNetCore.Http.HttpResults.FileContentHttpResult)
                Lists.Csv(
                    "x.csv",
                    [
                        ["a", name],
                    ]
                )
        ).FileContents;
        var text = Encoding.UTF8.GetString(bytes.Span)[1..];
        Assert.DoesNotMatch("(^|,|\r\n)[=+@-]", text);
        Assert.Equal(name.Contains('\n', StringComparison.Ordinal), text.Contains("\"x\n=1+1\"", StringComparison.Ordinal));
    }

    [Fact]
    public async Task Jobs_are_copied_binned_and_brought_back()
    {
        var job = await running.JobAsync();
        Assert.Equal(200, (await running.PostAsync($"/api/jobs/{job}/copy", new { id = job + "c", name = "Copy" })).Status);
        Assert.Single((await running.GetAsync($"/api/jobs/{job}c/boxes"))!.AsArray());
        Assert.Equal(204, (await running.PostAsync($"/api/jobs/{job}/bin", new { id = "bin", by = "ann" })).Status);
        Assert.Equal(404, (await running.EditAsync(job, new RenameBox("b", "x"))).Status);
        Assert.Equal(204, (await running.PostAsync($"/api/jobs/{job}/bring-back", new { id = "back", by = "ben" })).Status);
        Assert.Equal(200, (await running.EditAsync(job, new RenameBox("b", "x"))).Status);
    }

    [Fact]
    public async Task Today_puts_over_full_first_and_the_list_is_found_by_words()
    {
        var job = await running.JobAsync();
        for (var i = 0; i < 4; i++)
        {
            await running.EditAsync(job, new AddCable("b", $"r{i}", $"k{i}", Jobs.Nm(14, 3)));
        }

        await running.EditAsync(job, new AddBox("c", "Landing lamp", "round-4x1-1/2"));
        var today = (await running.GetAsync($"/api/jobs/{job}/today"))!;
        Assert.Equal("b", today["over"]![0]!["id"]!.ToString());
        Assert.Equal("c", today["unknown"]![0]!["id"]!.ToString());
        Assert.Single((await running.GetAsync($"/api/jobs/{job}/boxes?find=OCTAGON%20lamp"))!.AsArray());
    }

    [Fact]
    public async Task Lists_come_as_csv()
    {
        var job = await running.JobAsync();
        await running.EditAsync(job, new RenameBox("b", "=1+1, \"quoted\""));
        await running.EditAsync(job, new AddCable("b", "r", "k", Jobs.Nm(14, 2)));
        var boxes = await running.Client.GetStringAsync(new Uri($"/api/jobs/{job}/boxes.csv", UriKind.Relative));
        Assert.Contains("\"'=1+1, \"\"quoted\"\"\"", boxes, StringComparison.Ordinal);
        var fill = await running.Client.GetStringAsync(new Uri($"/api/jobs/{job}/boxes/b/fill.csv", UriKind.Relative));
        Assert.Contains("conductors,14,2,2,4,314.16(B)(1)", fill, StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_plain_fill_endpoint_keeps_nothing_and_answers_with_lines()
    {
        var (status, body) = await running.PostAsync(
            "/api/fill",
            """
            {"mark":18,"clamps":"Internal","cables":[{"count":3,"gauge":"14","conductors":2}],"devices":[{"count":1,"kind":"receptacle"}]}
            """
        );
        Assert.Equal(200, status);
        Assert.Equal(("Over", 20m), (body!["fill"]!["fit"]!.ToString(), body["fill"]!["needed"]!["low"]!.GetValue<decimal>()));
        var (_, instead) = await running.PostAsync(
            "/api/fill/instead",
            """{"mark":18,"clamps":"Internal","cables":[{"count":3,"gauge":14,"conductors":2}],"devices":[{"count":1}]}"""
        );
        Assert.Equal("ExactlyFull", instead!["options"]![0]!["fit"]!.ToString());
    }

    [Fact]
    public async Task The_documents_are_served_and_the_kept_ones_are_current()
    {
        Assert.Equal(
            await File.ReadAllTextAsync(Path.Combine(Checkout.Root, "docs", "job.schema.json")),
            await running.Client.GetStringAsync(new Uri("/schema/job.json", UriKind.Relative))
        );
        var served = await running.GetAsync("/openapi/v1.json");
        var kept = System.Text.Json.Nodes.JsonNode.Parse(
            await File.ReadAllTextAsync(Path.Combine(Checkout.Root, "docs", "api", "openapi.json"))
        );
        Assert.Equal(kept!["paths"]!.ToJsonString(), served!["paths"]!.ToJsonString());
    }

    /// <summary>A record that cannot be one is refused with a sentence, whatever it holds; one that was taken out comes in the
    /// same.</summary>
    [Theory]
    [InlineData("""{"record":[null],"graded":[],"today":"2026-10-05"}""", 400)]
    [InlineData("""{"record":[],"graded":[null],"today":"2026-10-05"}""", 400)]
    [InlineData("""{"record":{},"graded":[],"today":"2026-10-05"}""", 400)]
    [InlineData("""{"record":[],"graded":[],"today":"yesterday"}""", 422)]
    [InlineData(
        """{"record":[{"skill":"FillSum","stability":-1,"difficulty":5,"at":"2026-10-01","due":"2026-10-04"}],"""
            + """ "graded":[],"today":"2026-10-05"}""",
        422
    )]
    [InlineData(
        """{"record":[{"skill":"FillSum","stability":3,"difficulty":5,"at":"2026-10-01","due":"2026-10-04"}],"""
            + """ "graded":[],"today":"2026-10-05"}""",
        200
    )]
    public async Task A_practice_record_that_cannot_be_is_refused(string body, int status)
    {
        var (answered, said) = await running.PostAsync("/api/practice/record", body);
        Assert.Equal(status, answered);
        if (status == 200)
        {
            Assert.Equal(System.Text.Json.Nodes.JsonNode.Parse(body)!["record"]!.ToJsonString(), said!.ToJsonString());
        }
        else
        {
            Assert.NotEmpty(said!["detail"]!.GetValue<string>());
        }
    }

    [Fact]
    public async Task Only_this_machine_is_answered()
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, new Uri("/api/jobs", UriKind.Relative))
        {
            Headers = { Host = "elsewhere.example" },
        };
        using var reply = await running.Client.SendAsync(request);
        Assert.Equal(HttpStatusCode.Forbidden, reply.StatusCode);
        using var home = await running.Client.GetAsync(new Uri("/api/jobs", UriKind.Relative));
        Assert.Contains("default-src 'self'", home.Headers.GetValues("Content-Security-Policy").Single(), StringComparison.Ordinal);
    }
}
