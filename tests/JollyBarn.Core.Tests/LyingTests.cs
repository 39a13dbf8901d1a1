using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Tracing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>What a search or a walk leaves as it lies: nobody energises what is off for a reason they do not know (common practice of the
/// trade).</summary>
public sealed class LyingTests
{
    private const string At = "2026-05-01T08:00:00Z";

    /// <summary>Off with no name on it, as a tripped breaker is: it stays off, and every look is written down with it among what was
    /// off.</summary>
    [Fact]
    public void What_is_off_for_nobody_knows_what_stays_off_and_counts_as_off()
    {
        var job = Lies(5, b => b with { On = false });
        foreach (var (off, thrown) in Steps(job))
        {
            Assert.Contains("p/5", off);
            Assert.DoesNotContain("p/5", thrown.Keys);
        }
    }

    /// <summary>A breaker the searcher holds off goes back on as the search goes, but not while a proof of theirs stands.</summary>
    [Fact]
    public void What_I_hold_off_for_a_proof_stays_off()
    {
        var mine = Lies(5, b => b with { On = false, HeldBy = ["Mara"] })
            .Do(new LogSighting("s", new Sighting("o0", ["p/5"], SightingShows.Live, "Mara", At)));
        Assert.False(BreakerSearch.Of(mine, "o0", "Mara", helped: false).Throw["p/5"]);
        var proving = mine.Do(new BeginProof("d", "o1", "Mara", "two-pole", At, "panel lug", "cellar ground"));
        foreach (var (off, thrown) in Steps(proving))
        {
            Assert.Contains("p/5", off);
            Assert.DoesNotContain("p/5", thrown.Keys);
        }
    }

    /// <summary>A freezer on a recorded outlet: the breaker the wiring leads to stays on, whoever searches.</summary>
    [Fact]
    public void A_breaker_that_feeds_what_must_be_asked_first_is_left_on()
    {
        var job = Freezer(PowerLoss.AskFirst);
        Assert.Equal(["p/1"], BreakerWalk.Of(job, "Mara").Kept);
        Assert.Empty(BreakerWalk.Of(Freezer(PowerLoss.RestFirst), "Mara").Kept);
        static Job Freezer(PowerLoss minds) =>
            SmallHouse
                .Followed(SmallHouse.Receptacle())
                .Do(new PutAppliance("freezer", new("freezer", 150, 24, Box: "b", Device: "r", Minds: minds)));
    }

    /// <summary>Everything else off and still live: what is left must not lose power, so somebody is asked, and nothing is
    /// thrown.</summary>
    [Fact]
    public void What_must_not_lose_power_is_asked_about_before_it_is_tried()
    {
        var job = HiddenHouse
            .Make(new Random(5), 6, 1)
            .Job.Do(new NotePanel("p", "2", SupplyFacts.KeepOn.Id, new Observation(Known.Measured, "yes")));
        string[] rest = ["p/1", "p/3", "p/4", "p/5", "p/6"];
        for (var i = 0; i < 3; i++)
        {
            job = job.Do(new LogSighting($"s{i}", new Sighting("o0", rest, SightingShows.Live, "Mara", At)));
        }

        var step = BreakerSearch.Of(job, "o0", "Mara", helped: false);
        Assert.Equal(SearchState.OnlyKept, step.State);
        Assert.DoesNotContain("p/2", step.Throw.Keys);
        Assert.DoesNotContain("p/2", step.Off);
    }

    /// <summary>Somebody takes hold of a breaker in the middle of a walk: the rounds that were walked are not walked again.</summary>
    [Fact]
    public void A_walk_goes_on_where_it_was_when_somebody_takes_hold_of_a_breaker()
    {
        var job = HiddenHouse.Make(new Random(6), 12, 3).Job;
        var first = BreakerWalk.Of(job, "Mara");
        Edit[] looks =
        [
            .. first.Look.Select((b, i) => new LogSighting($"s{i}", new Sighting(b, first.Off, SightingShows.Live, "Mara", At))),
        ];
        var walked = job.Do(looks);
        Assert.Equal(2, BreakerWalk.Of(walked, "Mara").Round);
        var held = walked.Do(new SwitchBreaker("p", 12, "Tomas", At, false) { V = 2 });
        Assert.Equal(2, BreakerWalk.Of(held, "Mara").Round);
        Assert.Contains("p/12", BreakerWalk.Of(held, "Mara").Off);
    }

    private static IEnumerable<(IReadOnlyList<string> Off, IReadOnlyDictionary<string, bool> Throw)> Steps(Job job)
    {
        var search = BreakerSearch.Of(job, "o0", "Mara", helped: false);
        var walk = BreakerWalk.Of(job, "Mara");
        return [(search.Off, search.Throw), (walk.Off, walk.Throw)];
    }

    private static Job Lies(int slot, Func<Breaker, Breaker> how)
    {
        var job = HiddenHouse.Make(new Random(8), 12, 2).Job;
        var panel = job.Panels["p"];
        return job.Do(new PutPanel("p", panel with { Breakers = [.. panel.Breakers.Select(b => b.Slot == slot ? how(b) : b)] }));
    }
}
