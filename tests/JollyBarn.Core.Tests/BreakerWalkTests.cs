using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Tracing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>A walk through a hidden house: which breaker feeds which outlet, with two looks in a hundred written down wrongly.</summary>
public sealed class BreakerWalkTests
{
    /// <summary>The fewest looks that find what feeds one outlet, by how many breakers there are; worked out once.</summary>
    private static readonly Dictionary<int, Lazy<double>> Fewest = new[] { 2, 3 }.ToDictionary(
        breakers => breakers,
        breakers => new Lazy<double>(() =>
            new FewestLooks(breakers, BreakerWalk.Enough, BreakerOdds.WrongOfMany, BreakerOdds.SharedOfMany).Expected()
        )
    );

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

    /// <summary>What contradicts what is known is asked for at once, with nothing thrown.</summary>
    [Fact]
    public void A_look_that_contradicts_is_looked_at_again_as_the_breakers_lie()
    {
        var (job, truth) = HiddenHouse.Make(new Random(12), 6, 3);
        var again = 0;
        for (var round = 0; round < 12 && BreakerWalk.Of(job, "Mara") is { Round: > 0 } step; round++)
        {
            again += step.Throw.Count == 0 ? 1 : 0;
            job = job.Do(HiddenHouse.Switched(step.Throw));
            foreach (var box in step.Look)
            {
                // The second look at the first outlet is written down wrongly.
                var dead = step.Off.Contains(truth[box]) != (box == "o0" && round == 1);
                var seen = new Sighting(box, step.Off, dead ? SightingShows.Dead : SightingShows.Live, "Mara", "2026-05-01T08:00:00Z");
                job = job.Do(new LogSighting($"s{job.Sightings.Count}", seen));
            }
        }

        Assert.True(again > 0);
        Assert.All(BreakerWalk.Of(job, "Mara").Known, k => Assert.Equal([truth[k.Box]], k.Feeding));
    }

    /// <summary>One outlet and few breakers, two looks in a hundred wrong: switch-offs on the average within 1.3 times the least there can
    /// be, found by trying every set at every state of what is known, until one answer is as sure as the walk asks for.</summary>
    [Theory]
    [InlineData(2)]
    [InlineData(3)]
    public void It_switches_off_hardly_more_often_than_the_best_there_can_be(int breakers)
    {
        var job = Few(breakers, 1);
        var best = Fewest[breakers].Value;
        var ours = Expected(job, 1, 0);
        Assert.InRange(ours, best * 0.99, best * 1.3);

        // What our walk needs on the average, over what the model of looks says may be seen.
        double Expected(Job now, double reach, int depth)
        {
            if (reach < 1e-3 || depth > 14 || BreakerWalk.Of(now, "Mara") is not { Round: > 0 } step)
            {
                return 0;
            }

            var seen = now.Sightings.Values.ToList();
            var rank = BreakerRank.Of(now, "o0");
            var after = now.Do(HiddenHouse.Switched(step.Throw));
            return reach
                + Enum.GetValues<SightingShows>()
                    .Sum(shows =>
                    {
                        Sighting look = new("o0", step.Off, shows, "Mara", "2026-05-01T08:00:00Z");
                        var odds = BreakerOdds.Of(rank, seen, BreakerOdds.WrongOfMany, BreakerOdds.SharedOfMany).Shows(look);
                        return Expected(after.Do(new LogSighting($"s{seen.Count}", look)), reach * odds, depth + 1);
                    });
        }
    }

    /// <summary>Several outlets at once. What is seen at one tells nothing of another on a blank card, so that none needs fewer looks
    /// on the average than the fewest it would need alone, and nobody walks less often than for one: both are bounds from
    /// below.</summary>
    [Theory]
    [InlineData(2, 3)]
    [InlineData(3, 4)]
    public void Several_outlets_need_hardly_more_looks_than_each_would_alone(int breakers, int outlets)
    {
        var best = Fewest[breakers].Value;
        const int houses = 20;
        var (walks, looks) = (0, 0);
        for (var seed = 0; seed < houses; seed++)
        {
            var random = new Random(seed);
            var truth = Enumerable.Range(0, outlets).ToDictionary(o => (Id<Box>)$"o{o}", _ => $"p/{random.Next(breakers) + 1}");
            var walked = HiddenHouse.Walk(Few(breakers, outlets), truth, random, BreakerOdds.WrongOfMany);
            (walks, looks) = (walks + walked.Walks, looks + walked.Looks);
        }

        Assert.InRange((double)looks / houses / outlets, best * 0.9, best * 1.3);
        Assert.InRange((double)walks / houses, best * 0.5, best * 1.3);
    }

    /// <summary>A panel nothing is written in, and outlets in no room.</summary>
    private static Job Few(int breakers, int outlets) =>
        Job.Blank("few")
            .Do(
                new PutPanel(
                    "p",
                    new Panel("Panel", SupplySystem.SplitPhase, 8)
                    {
                        Breakers =
                        [
                            .. Enumerable.Range(1, breakers).Select(i => new Breaker(i, 1, 15, BreakerKind.Standard, null, null, true)),
                        ],
                    }
                )
            )
            .Do([.. Enumerable.Range(0, outlets).Select(o => new AddBox($"o{o}", "Outlet", "nm-1g-18"))]);
}
