using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Telling.Live;
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

    /// <summary>The table: wiring, lamps lit, what the card says, and how it is in words.</summary>
    public static TheoryData<string, string, CardWord, string, bool, Fault[]> Rows =>
        new()
        {
            { "correct", "110", CardWord.Correct, "correct", false, [] },
            { "open ground", "100", CardWord.OpenGround, "open ground", false, [new OpenLink(Ground)] },
            { "open neutral", "010", CardWord.OpenNeutral, "open neutral", false, [new OpenLink(Neutral)] },
            { "open hot", "000", CardWord.OpenHot, "hot open or circuit off; not proof", true, [new OpenLink(Hot)] },
            {
                "open neutral and open ground",
                "000",
                CardWord.OpenHot,
                "open neutral and open ground: hot is live",
                true,
                [new OpenLink(Neutral), new OpenLink(Ground)]
            },
            {
                "open neutral, jumper, no ground",
                "000",
                CardWord.OpenHot,
                "open neutral, neutral–ground jumper, no ground: hot is live, metal floats",
                true,
                [new OpenLink(Neutral), new OpenLink(Ground), Jumper]
            },
            { "hot and neutral exchanged", "101", CardWord.Reversed, "reversed", false, [new Exchanged(Hot, Neutral)] },
            {
                "hot and ground exchanged",
                "011",
                CardWord.HotGroundExchanged,
                "hot–ground exchanged; metal live",
                true,
                [new Exchanged(Hot, Ground)]
            },
            {
                "neutral and ground exchanged",
                "110",
                CardWord.Correct,
                "neutral and ground exchanged",
                true,
                [new Exchanged(Neutral, Ground)]
            },
            { "jumper, no ground", "110", CardWord.Correct, "neutral–ground jumper, no ground", true, [new OpenLink(Ground), Jumper] },
            {
                "jumper, no ground, exchanged",
                "110",
                CardWord.Correct,
                "reversed, with a neutral–ground jumper and no ground; metal live",
                true,
                [new Exchanged("land:j/feed.a0", "land:j/feed.a1"), new OpenLink(Ground), Jumper]
            },
        };

    [Theory]
    [MemberData(nameof(Rows))]
    public void Lamps_light_as_the_card_knows_and_the_truth_line_says_how_it_is(
        string wiring,
        string lit,
        CardWord says,
        string really,
        bool misleads,
        Fault[] faults
    )
    {
        // In a plastic box, so that the yoke touches nothing but what is landed on it.
        var live = Live.Solve(SmallHouse.Receptacle(box: "nm-1g-22.5"), new Situation { Faults = faults });
        var outlet = Outlets.All(live).First(o => o.Half == "upper");
        Assert.True(
            lit == $"{(outlet.Lamps.HotNeutral ? 1 : 0)}{(outlet.Lamps.HotGround ? 1 : 0)}{(outlet.Lamps.NeutralGround ? 1 : 0)}",
            $"{wiring}: {outlet.Lamps}"
        );
        Assert.Equal(says, outlet.Card);
        Assert.Equal(really, LiveWords.Of(outlet.Really, outlet.MetalLive));
        Assert.Equal(misleads, outlet.Differ);
        Assert.Equal(really.Contains("metal live", StringComparison.Ordinal), outlet.MetalLive);
    }

    /// <summary>Common practice: with something plugged in, an open neutral reaches the neutral slot through it, so H–G and N–G
    /// light.</summary>
    [Fact]
    public void Open_neutral_with_a_load_plugged_in_lights_the_two_lamps_to_ground()
    {
        var live = Live.Solve(
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
        var story = Story.Unfold(
            Live.Solve(
                SmallHouse.Receptacle(ground: false),
                new Situation { Faults = [new Exchanged("land:j/on.a0", "land:j/on.a1"), Jumper] }
            )
        );
        Assert.Empty(story.Openings);
        Assert.InRange(story.End.Volts(Points.Metal("b")).Magnitude, 115, 121);
        var outlet = Outlets.All(story.End).First();
        Assert.Equal(CardWord.Correct, outlet.Card);
        Assert.True(outlet.Differ);
        Assert.True(outlet.MetalLive);
    }

    /// <summary>The other half of it: where a real ground reaches, the same mistake is a bolted fault and the breaker opens.</summary>
    [Fact]
    public void The_same_with_a_real_ground_opens_the_breaker()
    {
        var story = Story.Unfold(
            Live.Solve(SmallHouse.Receptacle(), new Situation { Faults = [new Exchanged("land:j/on.a0", "land:j/on.a1"), Jumper] })
        );
        var first = Assert.Single(story.Openings);
        Assert.Equal((GuardKey.Breaker("p", "1"), OpensBy.Overcurrent), (first.Guard, first.By));
        Assert.True(first.Seconds < 5);
        Assert.True(story.End.Volts(Points.Metal("b")).Magnitude < Live.LiveVolts);
    }
}
