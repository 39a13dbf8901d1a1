using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;
using JollyBarn.Testing;

namespace JollyBarn.Web.Tests;

/// <summary>Stock as CSV, out and in; ways over the wire.</summary>
public sealed class StockTests(Running running) : IClassFixture<Running>
{
    /// <summary>What was read from a file is what the next file says, a missing shop is as many as are wanted.</summary>
    [Fact]
    public async Task A_stock_list_goes_out_as_it_came_in()
    {
        var (client, job) = (running.Client, await HouseAsync());
        const string Text = """
            part,name,van,shop,price,pack,pieces
            box.square-4x2-1..8,4 square,3,,3.25,1,
            cable.nmb-14-2-g,14-2,0,0,0.62,25,41.5 12
            """;
        using var read = await client.PostAsync("/api/read-stock", new StringContent(Text, Encoding.UTF8, "text/csv"));
        var edit = (await read.Content.ReadFromJsonAsync<JsonObject>())!;
        using var sent = await client.PostAsJsonAsync(
            $"/api/jobs/{job}/edits",
            new
            {
                id = "stock-1",
                by = "Ines",
                edit,
            }
        );
        Assert.Equal(HttpStatusCode.OK, sent.StatusCode);
        var lines = (await client.GetStringAsync($"/api/jobs/{job}/stock.csv")).Split("\r\n");
        Assert.Contains("box.square-4x2-1..8,4 square × 2 1/8,3,,3.25,1,", lines);
        Assert.Contains("cable.nmb-14-2-g,14-2 NM-B with ground,0,0,0.62,25,41.5 12", lines);
        // What the house did not say is the shop's own.
        Assert.Contains(lines, l => l.StartsWith("device.receptacle,duplex receptacle,0,,", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("", "The first row names the columns")]
    [InlineData("van,shop\n1,2", "The first row names the columns")]
    [InlineData("part,van\nshoe,2", "No part is called")]
    [InlineData("part,van\nbox.nm-1g-18,many", "Line 2: many is no number")]
    public async Task What_does_not_read_is_said_with_its_line(string text, string says)
    {
        using var read = await running.Client.PostAsync("/api/read-stock", new StringContent(text, Encoding.UTF8, "text/csv"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, read.StatusCode);
        Assert.Contains(says, await read.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    /// <summary>A way is planned as it came: the Change then does what the way said it would.</summary>
    [Fact]
    public async Task A_way_that_is_taken_does_what_was_shown()
    {
        var (client, job) = (running.Client, await HouseAsync());
        using var asked = await client.PostAsJsonAsync(
            $"/api/jobs/{job}/ways",
            new
            {
                kind = "AddDevice",
                box = "b",
                device = "receptacle",
            }
        );
        var way = (await asked.Content.ReadFromJsonAsync<JsonObject>())!["ways"]![0]!;
        using var would = await client.PostAsJsonAsync($"/api/jobs/{job}/outcome", new { edit = way["edit"] });
        var shown = (await would.Content.ReadFromJsonAsync<JsonObject>())!["outcome"]!;
        using var taken = await client.PostAsJsonAsync(
            $"/api/jobs/{job}/edits",
            new
            {
                id = "take-1",
                by = "Ines",
                edit = new
                {
                    @do = "batch",
                    edits = new object[]
                    {
                        new
                        {
                            @do = "openChange",
                            id = "more",
                            name = "A second receptacle",
                        },
                        new
                        {
                            @do = "planEdit",
                            change = "more",
                            id = "p1",
                            edit = way["edit"]!.DeepClone(),
                        },
                    },
                },
            }
        );
        Assert.Equal(HttpStatusCode.OK, taken.StatusCode);
        var planned = await client.GetFromJsonAsync<JsonObject>($"/api/jobs/{job}/changes/more/outcome");
        Assert.Equal(shown.ToJsonString(), planned!.ToJsonString());
        var list = await client.GetFromJsonAsync<JsonObject>($"/api/jobs/{job}/shopping");
        Assert.Contains(list!["parts"]!.AsArray(), p => (string)p!["part"]! == "plate.2g");
    }

    private async Task<string> HouseAsync()
    {
        var house = SmallHouse.Followed(SmallHouse.Receptacle(box: "ow-1g-18"));
        return await running.MakeAsync(house);
    }
}
