namespace JollyBarn.Browser.Tests;

/// <summary>A lead that goes on, and what holds grounds to a metal box, as a person writes them down.</summary>
public sealed class OnwardScreenTests(Site site)
{
    /// <summary>At the furnace: two holes and a clip. By phone one ground goes on from its joint to the second screw; then its place is
    /// asked again.</summary>
    [Fact]
    public async Task A_ground_goes_on_to_the_second_screw_and_is_one_lead()
    {
        var job = await site.OwnJobAsync();
        using (var bench = new Person())
        {
            bench.Go($"{site.Address}/jobs/{job}/boxes/furnace?show=box");
            bench.Tap("Fittings");
            bench.Tap("Grounding screws");
            bench.Tap("2", "[role=listbox]");
            bench.Sees("Bonding screw 2");
            bench.Tap("Ground clips");
            bench.Tap("1", "[role=listbox]");
            bench.Sees("Ground clip");
        }

        var before = Leads(await BoxAsync(job));
        using var person = new Person(390, 844, phone: true);
        person.Go($"{site.Address}/jobs/{job}/boxes/furnace/survey?step=leads");
        person.Touch("Goes on to…: bare, from the shelves");
        person.Touch("Bonding screw 2, box");
        person.Sees("joint grounds, on to bonding screw 2");
        var box = await BoxAsync(job);
        Assert.Equal(before, Leads(box));
        var on = box["pigtails"]!.AsObject().Single(t => t.Value!["of"] is not null).Value!;
        Assert.Equal(("furnace-feed.a2", "hole-2"), ((string?)on["of"], (string?)on["to"]!["place"]));
        person.Touch("Change it: bare, from the shelves");
        person.Sees("Where does it go?");
        Assert.DoesNotContain((await BoxAsync(job))["pigtails"]!.AsObject(), t => t.Value!["of"] is not null);
    }

    private static int Leads(System.Text.Json.Nodes.JsonNode box) => box["leads"]!.AsObject().Count;

    private async Task<System.Text.Json.Nodes.JsonNode> BoxAsync(string job) =>
        (await site.AskAsync($"/api/jobs/{job}/boxes/furnace"))["box"]!;
}
