using System.Text.Json.Nodes;

namespace JollyBarn.Drawing.Tests;

/// <summary>The picture by keys: what an arrow leads to, and what a stop stands for.</summary>
public sealed class WalkTests(Drawn drawn) : IClassFixture<Drawn>
{
    private static readonly string[] Arrows = ["ArrowUp", "ArrowDown", "ArrowLeft", "ArrowRight"];

    /// <summary>WCAG 2.1.1: whatever can be pointed at can be walked to. In two hundred drawn boxes every lead's name is reached from every
    /// other by arrow keys alone.</summary>
    [Fact]
    public void Every_lead_of_a_picture_is_reached_from_every_other_by_arrows()
    {
        foreach (var picture in drawn.Boxes.Where((_, i) => i % 10 == 0))
        {
            var stops = picture
                .Strands.Select(s => new
                {
                    id = s.Id,
                    left = s.Label.X,
                    top = s.Label.Y,
                })
                .ToList();
            var asked = stops.SelectMany((_, i) => Arrows.Select(a => ("ahead", new object?[] { stops, i, a }))).ToList();
            var steps = InNode.Call("stops", asked).Select((to, i) => (From: i / Arrows.Length, To: (string?)to?["id"])).ToList();
            foreach (var start in Enumerable.Range(0, stops.Count))
            {
                var reached = new HashSet<string> { stops[start].id };
                while (steps.Where(s => reached.Contains(stops[s.From].id)).Any(s => s.To is { } to && reached.Add(to))) { }

                Assert.Equal(stops.Count, reached.Count);
            }
        }
    }

    /// <summary>Straight ahead before aside: 10 across weighs as 30 along.</summary>
    [Theory]
    [InlineData("ArrowRight", "right")]
    [InlineData("ArrowLeft", null)]
    [InlineData("ArrowDown", "below")]
    [InlineData("ArrowUp", null)]
    [InlineData("Enter", null)]
    public void An_arrow_leads_to_what_lies_straight_that_way(string key, string? to)
    {
        object[] stops =
        [
            new
            {
                id = "here",
                left = 0,
                top = 0,
            },
            new
            {
                id = "aside",
                left = 40,
                top = 20,
            },
            new
            {
                id = "right",
                left = 60,
                top = 2,
            },
            new
            {
                id = "below",
                left = 1,
                top = 50,
            },
        ];
        Assert.Equal(to, (string?)InNode.Call("stops", [("ahead", [stops, 0, key])])[0]?["id"]);
    }

    [Theory]
    [InlineData("c:r1/A", "cable", "r1/A")]
    [InlineData("e:k1", "entry", "k1")]
    [InlineData("d:g1", "device", "g1")]
    [InlineData("hots", "joint", "hots")]
    [InlineData("r1.a0", "strand", "r1.a0")]
    [InlineData("tail", "strand", "tail")]
    [InlineData("at:g1:hot/screw", "strand", "r1.a0")]
    [InlineData("at:g1:neutral/screw", "device", "g1")]
    [InlineData("nothing", null, null)]
    public void A_stop_stands_for_what_is_there(string stop, string? kind, string? id)
    {
        var box = new JsonObject
        {
            ["leads"] = new JsonObject { ["r1.a0"] = new JsonObject() },
            ["pigtails"] = new JsonObject { ["tail"] = new JsonObject() },
            ["joints"] = new JsonObject { ["hots"] = new JsonObject() },
        };
        var strands = new Dictionary<string, object>
        {
            ["r1.a0"] = new { id = "r1.a0", lands = new[] { new { device = "g1", place = "hot/screw" } } },
        };
        var found = InNode.Call("stops", [("selAt", [stop, box, strands])])[0];
        Assert.Equal((kind, id), ((string?)found?["kind"], (string?)found?["id"]));
    }
}
