using System.Collections.Concurrent;
using System.Net;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using JollyBarn.Edits;
using JollyBarn.Store;
using JollyBarn.Testing;

namespace JollyBarn.Web.Tests;

/// <summary>Many at one job: posting, putting it in the bin and taking it out, taking a file over it, asking what is live. Each gets an
/// answer, and what is left is whole.</summary>
public sealed class AtOnceTests(Running running) : IClassFixture<Running>
{
    private const int Rounds = 30;

    [Fact]
    public async Task Posting_binning_importing_and_reading_at_once_leave_a_whole_job()
    {
        var job = await running.MakeAsync(SmallHouse.Rows(2, 2));
        var file = await running.Client.GetByteArrayAsync(new Uri($"/api/jobs/{job}/export", UriKind.Relative));
        var answers = new ConcurrentBag<(string What, HttpStatusCode Status)>();
        async Task Each(string what, Func<int, Task<HttpResponseMessage>> ask)
        {
            for (var i = 0; i < Rounds; i++)
            {
                using var reply = await ask(i);
                answers.Add((what, reply.StatusCode));
            }
        }

        Task<HttpResponseMessage> Send(HttpMethod method, string path, HttpContent? body = null) =>
            running.Client.SendAsync(new HttpRequestMessage(method, new Uri(path, UriKind.Relative)) { Content = body });
        StringContent Noted(string who, int i) =>
            new(
                new JsonObject
                {
                    ["id"] = $"{who}{i}",
                    ["by"] = who,
                    ["edit"] = JsonSerializer.SerializeToNode<Edit>(new NoteBox("b0.0", $"{who} {i}"), JobJson.Default.Edit),
                }.ToJsonString(),
                Encoding.UTF8,
                "application/json"
            );

        await Task.WhenAll(
            Each("ann posts", i => Send(HttpMethod.Post, $"/api/jobs/{job}/edits", Noted("ann", i))),
            Each("ben posts", i => Send(HttpMethod.Post, $"/api/jobs/{job}/edits", Noted("ben", i))),
            Each("bin", i =>
                Send(
                    HttpMethod.Post,
                    $"/api/jobs/{job}/{(i % 2 == 0 ? "bin" : "bring-back")}",
                    new StringContent($$"""{"id":"bin{{i}}","by":"ann"}""", Encoding.UTF8, "application/json")
                )
            ),
            Each("import", i => Send(HttpMethod.Post, $"/api/import?replace={job}&by=ben&step=over{i}", new ByteArrayContent(file))),
            Each("live", i =>
                Send(HttpMethod.Post, $"/api/jobs/{job}/boxes/b0.0/live", new StringContent("{}", Encoding.UTF8, "application/json"))
            ),
            Each("read", i => Send(HttpMethod.Get, $"/api/jobs/{job}/boxes/b0.0"))
        );

        HttpStatusCode[] told =
        [
            HttpStatusCode.OK,
            HttpStatusCode.NoContent,
            HttpStatusCode.NotFound,
            HttpStatusCode.Conflict,
            HttpStatusCode.UnprocessableEntity,
        ];
        Assert.All(answers, a => Assert.Contains(a.Status, told));
        Assert.Equal(6 * Rounds, answers.Count);
        Assert.IsNotType<Refused>(running.Store.Bin(job, new("back", "ann"), false));
        await running.Store.SettledAsync();
        var left = running.Store.Find(job)!.Export();
        Assert.Null(OpenFile.JobFiles.Check(left));
        Assert.True(running.Store.ProjectionsHold(job));
        Assert.Equal("ok", running.Store.Integrity());
        // And it goes on: the next edit is taken, once.
        Assert.Equal(200, (await running.EditAsync(job, new NoteBox("b0.0", "last"), "last")).Status);
        Assert.Equal("last", running.Store.Find(job)!.Now.Job.Boxes["b0.0"].Note);
    }

    /// <summary>A batch of anything: done whole, or refused whole with nothing of it done; undone whole.</summary>
    [Fact]
    public async Task A_batch_of_anything_is_done_and_undone_whole_or_not_at_all()
    {
        var job = await running.MakeAsync(SmallHouse.Rows(1, 2));
        var edits = new RandomEdits(23);
        var (done, refused) = (0, 0);
        for (var i = 0; i < 60; i++)
        {
            var before = running.Store.Find(job)!.Now.Job;
            var batch = new Batch([
                .. Enumerable.Range(0, 3).Select(k => (i + k) % 2 == 0 ? edits.Next(before) : edits.NextOfHouse(before)),
            ]);
            if (batch.Edits.Any(e => e is Batch))
            {
                continue;
            }

            var (status, body) = await running.EditAsync(job, batch, $"batch{i}", version: running.Store.Find(job)!.Now.Version);
            var after = running.Store.Find(job)!.Now.Job;
            if (status != 200)
            {
                Assert.True(status == 422, $"{status}: {body}");
                Assert.Equal(JobJson.Text(before), JobJson.Text(after));
                refused++;
                continue;
            }

            Assert.Equal(JobJson.Text(batch.Edits.Aggregate(before, (j, e) => e.Apply(j))), JobJson.Text(after));
            if (done++ % 3 == 0)
            {
                Assert.Equal(200, (await running.PostAsync($"/api/jobs/{job}/undo", new { id = $"u{i}", by = "ann" })).Status);
                Assert.Equal(JobJson.Text(before), JobJson.Text(running.Store.Find(job)!.Now.Job));
            }
        }

        Assert.True(done > 10 && refused > 5, $"{done} done, {refused} refused");
        await running.Store.SettledAsync();
        Assert.True(running.Store.ProjectionsHold(job));
    }
}
