using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Testing;

namespace JollyBarn.Core.Tests;

/// <summary>The plug-in tester's lamps, row by row: common practice of such testers, lamps of 60 kΩ lit from 80 V, no load on the
/// circuit.</summary>
public class TesterTests
{
    private const string Hot = "land:b/on.b0";
    private const string Neutral = "land:b/on.b1";
    private const string Ground = "land:b/on.b2";
    private static readonly Bridged Jumper = new(Points.Terminal("b", "r", "neutral-upper"), Points.Yoke("b", "r"));

    public static TheoryData<string, string, string, string, Fault[]> Rows =>
        new()
        {
            { "correct", "110", "correct", "correct", [] },
            { "open ground", "100", "open ground", "open ground", [new OpenLink(Ground)] },
            { "open neutral", "010", "open neutral", "open neutral", [new OpenLink(Neutral)] },
            { "open hot", "000", "open hot", "hot open or circuit off; not proof", [new OpenLink(Hot)] },
            {
                "open neutral and open ground",
                "000",
                "open hot",
                "open neutral and open ground: hot is live",
                [new OpenLink(Neutral), new OpenLink(Ground)]
            },
            {
                "open neutral, jumper, no ground",
                "000",
                "open hot",
                "open neutral, neutral–ground jumper, no ground: hot is live, metal floats",
                [new OpenLink(Neutral), new OpenLink(Ground), Jumper]
            },
            { "hot and neutral exchanged", "101", "reversed", "reversed", [new Exchanged(Hot, Neutral)] },
            { "hot and ground exchanged", "011", "hot–ground exchanged", "hot–ground exchanged; metal live", [new Exchanged(Hot, Ground)] },
            { "neutral and ground exchanged", "110", "correct", "neutral and ground exchanged", [new Exchanged(Neutral, Ground)] },
            { "jumper, no ground", "110", "correct", "neutral–ground jumper, no ground", [new OpenLink(Ground), Jumper] },
            {
                "jumper, no ground, exchanged",
                "110",
                "correct",
                "reversed, with a neutral–ground jumper and no ground; metal live",
                [new Exchanged("land:j/feed.a0", "land:j/feed.a1"), new OpenLink(Ground), Jumper]
            },
        };

    [Theory]
    [MemberData(nameof(Rows))]
    public void Lamps_light_as_the_card_knows_and_the_truth_line_says_how_it_is(
        string wiring,
        string lit,
        string says,
        string really,
        Fault[] faults
    )
    {
        // In a plastic box, so that the yoke touches nothing but what is landed on it.
        var live = Live.Of(SmallHouse.Receptacle(box: "nm-1g-22.5"), new Situation { Faults = faults });
        var outlet = Outlets.Of(live).First(o => o.Half == "upper");
        Assert.True(
            lit == $"{(outlet.Lamps.HotNeutral ? 1 : 0)}{(outlet.Lamps.HotGround ? 1 : 0)}{(outlet.Lamps.NeutralGround ? 1 : 0)}",
            $"{wiring}: {outlet.Lamps}"
        );
        Assert.Equal(says, outlet.Says);
        Assert.Equal(really, outlet.Really);
        Assert.Equal(really != says, outlet.Differ);
        Assert.Equal(really.Contains("metal live", StringComparison.Ordinal), outlet.MetalLive);
    }

    /// <summary>Common practice: with something plugged in, an open neutral reaches the neutral slot through it, so H–G and N–G
    /// light.</summary>
    [Fact]
    public void Open_neutral_with_a_load_plugged_in_lights_the_two_lamps_to_ground()
    {
        var live = Live.Of(
            SmallHouse.Receptacle(),
            new Situation
            {
                Faults = [new OpenLink(Neutral)],
                Plugged = new Dictionary<string, double> { ["b/r"] = 60 },
            }
        );
        Assert.Equal(
            new Lamps(false, true, true),
            Outlets.Test(
                live,
                Points.Face("b", "r", "lowerhot"),
                Points.Face("b", "r", "lowerneutral"),
                Points.Face("b", "r", "lowerground")
            )
        );
    }

    /// <summary>The lesson of a jumper: where no ground reaches, the tester is content, nothing opens and the metal is live.</summary>
    [Fact]
    public void Crossed_upstream_with_a_jumper_and_no_ground_leaves_the_metal_live_and_nothing_opens()
    {
        var story = Story.Of(
            Live.Of(
                SmallHouse.Receptacle(ground: false),
                new Situation { Faults = [new Exchanged("land:j/on.a0", "land:j/on.a1"), Jumper] }
            )
        );
        Assert.Empty(story.Openings);
        Assert.InRange(story.End.Volts(Points.Metal("b")).Magnitude, 115, 121);
        var outlet = Outlets.Of(story.End).First();
        Assert.Equal("correct", outlet.Says);
        Assert.True(outlet.Differ);
        Assert.True(outlet.MetalLive);
    }

    /// <summary>The other half of it: where a real ground reaches, the same mistake is a bolted fault and the breaker opens.</summary>
    [Fact]
    public void The_same_with_a_real_ground_opens_the_breaker()
    {
        var story = Story.Of(
            Live.Of(SmallHouse.Receptacle(), new Situation { Faults = [new Exchanged("land:j/on.a0", "land:j/on.a1"), Jumper] })
        );
        var first = Assert.Single(story.Openings);
        Assert.StartsWith("breaker 1", first.Says, StringComparison.Ordinal);
        Assert.True(first.Seconds < 5);
        Assert.True(story.End.Volts(Points.Metal("b")).Magnitude < Live.LiveVolts);
    }
}
