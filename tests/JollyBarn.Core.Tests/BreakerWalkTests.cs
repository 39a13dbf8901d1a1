using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Tracing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>A walk through a hidden house: which breaker feeds which outlet, with two looks in a hundred written down wrongly.</summary>
public sealed class BreakerWalkTests
{
    /// <summary>At 30 breakers and more at least 2.5 times fewer walks than one breaker after the other; every map is right.</summary>
    [Fact]
    public void It_walks_seldom_and_ends_with_the_right_map()
    {
        var (breakers, walks) = (0, 0);
        foreach (var (seed, size, outlets) in new[] { (1, 30, 40), (2, 36, 60), (3, 40, 40), (4, 31, 50) })
        {
            var (job, truth) = HiddenHouse.Make(new Random(seed), size, outlets);
            var (walked, took, looks) = HiddenHouse.Walk(job, truth, new Random(100 + seed), 0.02);
            (breakers, walks) = (breakers + size, walks + took);
            Assert.InRange(looks, outlets, outlets * 11);
            Assert.All(walked.Throw, t => Assert.False(t.Value));
            Assert.All(walked.Known, k => Assert.Equal(truth[k.Box], Assert.Single(k.Feeding)));
        }

        Assert.True(breakers >= 2.5 * walks, $"{walks} walks for {breakers} breakers");
    }

    [Fact]
    public void It_throws_nothing_that_somebody_holds_or_that_must_stay_on_and_skips_what_is_followed()
    {
        var job = SmallHouse.Followed(SmallHouse.Receptacle());
        Assert.Equal(0, BreakerWalk.Of(job, "Mara").Round);
        var (house, _) = HiddenHouse.Make(new Random(9), 12, 4);
        house = house.Do(
            new SwitchBreaker("p", 1, "Tomas", "2026-05-01T08:00:00Z", false) { V = 2 },
            new NotePanel("p", "2", SupplyFacts.KeepOn.Id, new Observation(Known.Measured, "yes"))
        );
        var step = BreakerWalk.Of(house, "Mara");
        Assert.Equal((1, false, 4), (step.Round, step.Again, step.Look.Count));
        Assert.DoesNotContain("p/1", step.Throw.Keys);
        Assert.DoesNotContain("p/2", step.Throw.Keys);
        Assert.Contains("p/1", step.Off);
        Assert.Equal(["p/1", "p/2"], step.Kept);
    }
}
