using System.Net.Http.Json;
using System.Text.Json.Nodes;
using JollyBarn.CodeBook;
using JollyBarn.Practice.Sheets;
using JollyBarn.Telling.Practised;

namespace JollyBarn.Web.Tests;

/// <summary>A class over the wire: learners sit down by its code, each has own numbers and sees no one else's, and the teacher sees
/// all.</summary>
public sealed partial class ClassTests(Running running) : IClassFixture<Running>
{
    private static readonly SheetAsk Ask = new([SheetKind.Heard, SheetKind.Wire, SheetKind.Numbers], 2, 3, 41, Edition.Nec2023);

    private static object Plan(string shown = "AtOnce", string[]? kinds = null, object[]? own = null, object[]? bench = null) =>
        new
        {
            name = "Slip evening",
            sheet = new
            {
                kinds = kinds ?? ["Heard", "Wire", "Numbers"],
                level = Ask.Level,
                items = kinds?.Length ?? Ask.Items,
                seed = Ask.Seed,
                edition = "Nec2023",
            },
            shown,
            own = own ?? [],
            bench = bench ?? [],
        };

    private async Task<(string Id, string Code)> OpenAsync(object plan)
    {
        var id = $"c{Guid.NewGuid():N}";
        var (status, view) = await running.PostAsync($"/api/classes/{id}", plan);
        Assert.Equal(200, status);
        return (id, (string)view!["code"]!);
    }

    private async Task<(int Status, JsonNode? Body)> AsAsync(string token, HttpMethod verb, string path, object? body = null)
    {
        using var asked = new HttpRequestMessage(verb, new Uri(path, UriKind.Relative));
        asked.Headers.Authorization = new("Bearer", token);
        asked.Content = body is null ? null : JsonContent.Create(body);
        using var reply = await running.Client.SendAsync(asked);
        return ((int)reply.StatusCode, JsonNode.Parse(await reply.Content.ReadAsStringAsync()));
    }

    private static string Token(int learner) => $"{learner:D4}{new string('t', 24)}";

    private async Task<JsonNode> SitAsync(string code, int learner, string? name = null)
    {
        var (status, sheet) = await running.PostAsync(
            $"/api/rooms/{code}/learners",
            new { name = name ?? $"Learner {learner}", token = Token(learner) }
        );
        Assert.True(status == 200, $"{status}: {sheet}");
        return sheet!;
    }

    private Task<(int Status, JsonNode? Body)> AnswerAsync(string code, int learner, string item, int option, int seconds = 10) =>
        AsAsync(Token(learner), HttpMethod.Post, $"/api/rooms/{code}/items/{item}/answer", new { answer = new { option }, seconds });

    /// <summary>Twenty-five at once: everybody has a place and a sheet of own, each answer is kept, and what the teacher sees adds
    /// up.</summary>
    [Fact]
    public async Task Twenty_five_learners_answer_at_once()
    {
        const int All = 25;
        var (id, code) = await OpenAsync(Plan());
        var places = await Task.WhenAll(Enumerable.Range(1, All).Select(async i => (Learner: i, Sheet: await SitAsync(code, i))));
        Assert.Equal(Enumerable.Range(1, All), places.Select(p => (int)p.Sheet["number"]!).Order());
        var told = places.ToDictionary(p => p.Learner, p => SheetTeller.Tell(Ask, (int)p.Sheet["number"]!));
        Assert.All(places, p =>
            Assert.Equal(told[p.Learner].Items.Select(i => i.Asks), p.Sheet["items"]!.AsArray().Select(i => (string)i!["item"]!["asks"]!))
        );

        // Odd ones are right everywhere, even ones nowhere.
        await Task.WhenAll(
            places.SelectMany(p =>
                told[p.Learner]
                    .Answers.Select(
                        async (a, n) =>
                        {
                            var option =
                                p.Learner % 2 == 1 ? a.Option!.Value : (a.Option!.Value + 1) % told[p.Learner].Items[n].Options.Count;
                            Assert.Equal(200, (await AnswerAsync(code, p.Learner, $"s{n + 1}", option)).Status);
                        }
                    )
            )
        );
        var view = (await running.GetAsync($"/api/classes/{id}"))!;
        Assert.All(view["places"]!.AsArray(), p => Assert.Equal((All, 13), ((int)p!["answered"]!, (int)p["right"]!)));
        Assert.All(view["learners"]!.AsArray(), l =>
            Assert.Equal(int.Parse(((string)l!["name"]!)[8..]) % 2 == 1 ? 3 : 0, (int)l["right"]!)
        );
        Assert.All(view["skills"]!.AsArray(), s => Assert.Equal((All, 12), ((int)s!["asked"]!, (int)s["missed"]!)));

        var lines = (await running.TextAsync($"/api/classes/{id}/results.csv")).Split("\r\n", StringSplitOptions.RemoveEmptyEntries);
        Assert.Equal(1 + (All * 3), lines.Length);
        Assert.Equal(13 * 3, lines.Count(l => l.Contains(",answered,yes,", StringComparison.Ordinal)));
        var misses = await running.TextAsync($"/api/classes/{id}/misses.csv");
        Assert.Contains("skill,KnowSayings,25,12,", misses, StringComparison.Ordinal);
    }

    /// <summary>Without the own phone's word there is nothing to see; with it there is the own sheet and no one else's.</summary>
    [Fact]
    public async Task A_learner_sees_the_own_sheet_alone()
    {
        var (_, code) = await OpenAsync(Plan());
        await SitAsync(code, 1);
        await SitAsync(code, 2);
        Assert.Equal(401, (await AsAsync("", HttpMethod.Get, $"/api/rooms/{code}/sheet")).Status);
        Assert.Equal(401, (await AsAsync(Token(3), HttpMethod.Get, $"/api/rooms/{code}/sheet")).Status);
        var (_, other) = await OpenAsync(Plan());
        Assert.Equal(401, (await AsAsync(Token(1), HttpMethod.Get, $"/api/rooms/{other}/sheet")).Status);

        Assert.Equal(200, (await AnswerAsync(code, 1, "s1", 0)).Status);
        var second = (await AsAsync(Token(2), HttpMethod.Get, $"/api/rooms/{code}/sheet")).Body!;
        Assert.Equal("Learner 2", (string)second["name"]!);
        Assert.DoesNotContain("Learner 1", second.ToJsonString(), StringComparison.Ordinal);
        Assert.All(second["items"]!.AsArray(), i => Assert.False((bool)i!["answered"]!));
    }

    /// <summary>The first answer counts: the same again is the same, another is refused, none is lost when the program ends.</summary>
    [Fact]
    public async Task The_first_answer_counts_and_is_kept()
    {
        var (id, code) = await OpenAsync(Plan());
        await SitAsync(code, 1);
        var right = SheetTeller.Tell(Ask, 1).Answers[0].Option!.Value;
        Assert.Equal(200, (await AnswerAsync(code, 1, "s1", right)).Status);
        Assert.Equal(200, (await AnswerAsync(code, 1, "s1", right)).Status);
        var (status, refused) = await AnswerAsync(code, 1, "s1", right == 0 ? 1 : 0);
        Assert.Equal(422, status);
        Assert.Contains("first answer counts", (string)refused!["detail"]!, StringComparison.Ordinal);

        await running.RestartAsync();
        var learner = (await running.GetAsync($"/api/classes/{id}"))!["learners"]![0]!;
        Assert.Equal((1, 1), ((int)learner["answered"]!, (int)learner["right"]!));
    }

    [Fact]
    public async Task Marks_wait_for_the_end_where_the_teacher_wants_it()
    {
        var (id, code) = await OpenAsync(Plan("AtTheEnd"));
        await SitAsync(code, 1);
        var during = (await AnswerAsync(code, 1, "s1", 0)).Body!["items"]![0]!;
        Assert.True((bool)during["answered"]!);
        Assert.Null(during["mark"]);
        Assert.Equal(200, (await running.PostAsync($"/api/classes/{id}/closed", new { closed = true })).Status);
        var after = (await AsAsync(Token(1), HttpMethod.Get, $"/api/rooms/{code}/sheet")).Body!["items"]!;
        Assert.NotNull(after[0]!["mark"]);
        Assert.Null(after[1]!["mark"]);
        var (status, refused) = await AnswerAsync(code, 1, "s2", 0);
        Assert.Equal(422, status);
        Assert.Contains("closed", (string)refused!["detail"]!, StringComparison.Ordinal);
    }

    /// <summary>A name is one person's until the teacher lets them in again; then the old phone shows nothing.</summary>
    [Fact]
    public async Task A_lost_phone_gets_its_place_again_by_the_teacher()
    {
        var (id, code) = await OpenAsync(Plan());
        await SitAsync(code, 1, "Tove");
        Assert.Equal(422, (await running.PostAsync($"/api/rooms/{code}/learners", new { name = "tove", token = Token(2) })).Status);
        Assert.Equal(200, (await running.PostAsync($"/api/classes/{id}/learners/1/let-in", "")).Status);
        Assert.Equal(1, (int)(await SitAsync(code, 2, "Tove"))["number"]!);
        Assert.Equal(401, (await AsAsync(Token(1), HttpMethod.Get, $"/api/rooms/{code}/sheet")).Status);
    }

    /// <summary>A count nobody can have counted is refused with a sentence; the sheet stays once somebody sits over it.</summary>
    [Fact]
    public async Task What_cannot_be_is_refused_with_a_sentence()
    {
        var (id, code) = await OpenAsync(Plan(kinds: ["Count"]));
        Assert.Equal(200, (await running.PostAsync($"/api/classes/{id}", Plan(kinds: ["Count", "Heard"]))).Status);
        var sheet = await SitAsync(code, 1);
        var row = sheet["items"]![0]!["item"]!["count"]!["rows"]![0]!["row"]!.DeepClone();
        var far = new
        {
            rows = new[] { new { row, counted = new { count = decimal.MaxValue, each = 2m } } },
            needed = 1,
            available = 1,
            fit = "Fits",
        };
        var (status, _) = await AsAsync(
            Token(1),
            HttpMethod.Post,
            $"/api/rooms/{code}/items/s1/answer",
            new { answer = new { count = far }, seconds = 1 }
        );
        Assert.Equal(422, status);
        var (stays, why) = await running.PostAsync($"/api/classes/{id}", Plan(kinds: ["Heard"]));
        Assert.Equal(422, stays);
        Assert.Contains("stays as it is", (string)why!["detail"]!, StringComparison.Ordinal);
        Assert.Equal(200, (await running.PostAsync($"/api/classes/{id}", Plan("AtTheEnd", kinds: ["Count", "Heard"]))).Status);
    }

    /// <summary>Own questions stand where the teacher put them and are marked; on paper they stand there too.</summary>
    [Fact]
    public async Task The_teachers_own_questions_stand_between()
    {
        var own = new
        {
            id = "q1",
            after = 1,
            asks = "Where does the ladder stand?",
            options = new[] { "In the loft", "By the slip" },
            right = 1,
            why = "Its feet get wet.",
        };
        var (id, code) = await OpenAsync(Plan(own: [own]));
        var sheet = await SitAsync(code, 1);
        Assert.Equal(["s1", "q1", "s2", "s3"], sheet["items"]!.AsArray().Select(i => (string)i!["item"]!["id"]!));
        var mark = (await AnswerAsync(code, 1, "q1", 0)).Body!["items"]![1]!["mark"]!;
        Assert.False((bool)mark["right"]!);
        Assert.Equal("Its feet get wet.", (string)mark["answer"]!["why"]!);
        var paper = (await running.GetAsync($"/api/classes/{id}/sheets"))![0]!["items"]!.AsArray();
        Assert.Equal(own.asks, (string)paper[1]!["asks"]!);
        Assert.Equal(422, (await running.PostAsync($"/api/classes/{id}", Plan(own: [own, own]))).Status);
    }
}
