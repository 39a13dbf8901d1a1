using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Tracing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Finding the breaker of one box: as few walks as can be, whatever the card says.</summary>
public sealed class BreakerSearchTests
{
    private static readonly WalkCosts Alone = new(60, 3, 10);

    /// <summary>The example of Huffman's paper of 1952 (from memory): 13 messages, 3.42 binary digits on the average.</summary>
    [Fact]
    public void The_published_example_takes_as_many_tests_as_it_says()
    {
        double[] weights = [.20, .18, .10, .10, .10, .06, .06, .04, .04, .04, .04, .03, .01];
        Assert.Equal(3.42, Huffman.Of(weights).Tests, 10);
    }

    public static TheoryData<int> Seeds() => [.. Enumerable.Range(1, 40)];

    /// <summary>Against every order of switching there is, tried one after the other, on houses small enough: two to four
    /// breakers.</summary>
    [Theory]
    [MemberData(nameof(Seeds))]
    public void It_costs_at_most_a_fifth_more_than_the_best_order_there_is(int seed)
    {
        var random = new Random(seed);
        foreach (var costs in new[] { Alone, new(0, 3, 10), new(60, 3, 0), new(0, 3, 1) })
        {
            var weights = Weights(random, 2 + (seed % 3));
            Assert.InRange(Expected(weights, costs), 0, 1.2 * Best((1 << weights.Length) - 1, 0, weights, costs, []));
        }
    }

    /// <summary>With 40 breakers and walking dear, hardly more walks than the tree, which none beats.</summary>
    [Theory]
    [InlineData(12)]
    [InlineData(24)]
    [InlineData(40)]
    public void With_many_breakers_it_walks_hardly_more_than_the_tree(int breakers)
    {
        var random = new Random(breakers);
        foreach (var _ in Enumerable.Range(0, 20))
        {
            var weights = Weights(random, breakers);
            var tree = Huffman.Of(weights).Tests * (Alone.Walk + Alone.Look);
            Assert.InRange(Expected(weights, Alone), tree, 1.2 * tree);
        }
    }

    /// <summary>Whatever is written on the card, the search ends at the breaker that feeds the box, one wrong look or not.</summary>
    [Theory]
    [MemberData(nameof(Seeds))]
    public void It_ends_at_the_breaker_that_feeds_the_box(int seed)
    {
        var random = new Random(seed);
        var (job, truth) = House(random, 12 + random.Next(28));
        var wrongAt = seed % 2 == 0 ? random.Next(3) : -1;
        var (found, looks, _) = Hunt(job, [truth], wrongAt);
        Assert.Equal([truth], found);
        Assert.InRange(looks, 1, 16);
    }

    /// <summary>A box with two circuits: the search goes on until both are known.</summary>
    [Theory]
    [InlineData(3)]
    [InlineData(4)]
    [InlineData(5)]
    public void Of_a_box_that_two_breakers_feed_both_are_found(int seed)
    {
        var random = new Random(seed);
        var (job, truth) = House(random, 16);
        var other = Keys(job).First(k => k != truth);
        var (found, looks, _) = Hunt(job, [truth, other], -1);
        Assert.Equal(new[] { truth, other }.Order(StringComparer.Ordinal), found.Order(StringComparer.Ordinal));
        Assert.InRange(looks, 2, 16);
    }

    [Fact]
    public void Live_with_everything_off_is_another_source()
    {
        var (job, _) = House(new Random(1), 12);
        var (found, _, state) = Hunt(job, [], -1);
        Assert.Equal((SearchState.OtherSource, 0), (state, found.Count));
    }

    /// <summary>What others hold off stays as it is, and what must not lose power is left to the end.</summary>
    [Fact]
    public void It_throws_nothing_that_somebody_holds_or_that_must_stay_on()
    {
        var (job, _) = House(new Random(2), 12);
        var (held, kept) = (Keys(job)[0], Keys(job)[1]);
        job = job.Do(
            new SwitchBreaker("p", 1, "Tomas", "2026-05-01T08:00:00Z", false) { V = 2 },
            new NotePanel("p", "2", SupplyFacts.KeepOn.Id, new Observation(Known.Measured, "yes"))
        );
        var step = BreakerSearch.Of(job, "o0", "Mara", helped: false);
        Assert.Equal(SearchState.Switch, step.State);
        Assert.DoesNotContain(held, step.Throw.Keys);
        Assert.DoesNotContain(kept, step.Throw.Keys);
        Assert.Contains(held, step.Off);
        Assert.Equal([held, kept], step.Kept);
        Assert.Equal(SearchState.NoBreakers, BreakerSearch.Of(GfciBox.Make(), "b", "Mara", false).State);
    }

    /// <summary>A breaker that somebody holds off already, and that is the likeliest: the first look throws nothing.</summary>
    [Fact]
    public void What_is_off_already_is_looked_at_as_it_lies()
    {
        var (job, _) = House(new Random(4), 12);
        job = job.Do(new SwitchBreaker("p", 7, "Tomas", "2026-05-01T08:00:00Z", false) { V = 2 });
        job = job.Do(new RenameBox("o0", "Mooring lamp"), Named(job, "mooring"));
        var first = BreakerSearch.Of(job, "o0", "Mara", helped: false);
        Assert.Equal((SearchState.Switch, 0), (first.State, first.Throw.Count));
        Assert.Equal(["p/7"], first.Off);
        var seen = new Sighting("o0", first.Off, SightingShows.Dead, "Mara", "2026-05-01T08:00:00Z");
        var found = BreakerSearch.Of(job.Do(new LogSighting("s", seen)), "o0", "Mara", helped: false);
        Assert.Equal((SearchState.Found, "p/7"), (found.State, found.Odds!.Feeding.Single()));
        var live = job.Do(new LogSighting("s", seen with { Shows = SightingShows.Live }));
        Assert.DoesNotContain("p/7", BreakerSearch.Of(live, "o0", "Mara", helped: false).Throw.Keys);
    }

    private static PutPanel Named(Job job, string says) =>
        new("p", job.Panels["p"] with { Breakers = [.. job.Panels["p"].Breakers.Select(b => b.Slot == 7 ? b with { Says = says } : b)] });

    [Fact]
    public void The_card_the_room_and_the_neighbours_rank()
    {
        var (job, _) = House(new Random(3), 12);
        job = job.Do(
            new PutPlace("g", new Place("Galley")),
            new PlaceBox("o0", "g"),
            new PutPanel(
                "p",
                job.Panels["p"] with
                {
                    Breakers =
                    [
                        .. job.Panels["p"]
                            .Breakers.Select(
                                (b, i) =>
                                    b with
                                    {
                                        Says =
                                            i == 4 ? "galley counter"
                                            : i == 5 ? "water heater"
                                            : null,
                                    }
                            ),
                    ],
                }
            )
        );
        var ranked = BreakerRank.Of(job, "o0");
        Assert.Equal(("p/5", RankReason.SaysRoom), (ranked[0].Key, ranked[0].Reasons[0]));
        Assert.Equal(("p/6", RankReason.OwnThing), (ranked[^1].Key, ranked[^1].Reasons[0]));
    }

    /// <summary>A house with one box, and the breaker it hangs on.</summary>
    private static (Job Job, string Truth) House(Random random, int breakers)
    {
        var (job, truth) = HiddenHouse.Make(random, breakers, 1);
        return (job, truth["o0"]);
    }

    private static List<string> Keys(Job job) => [.. job.Panels["p"].Breakers.Select(b => $"p/{b.Key}")];

    private static (IReadOnlyList<string> Found, int Looks, SearchState State) Hunt(Job job, IReadOnlyList<string> truth, int wrongAt)
    {
        var (found, looks, _, state) = HiddenHouse.Hunt(job, "o0", truth, wrongAt);
        return (found, looks, state);
    }

    private static double[] Weights(Random random, int count)
    {
        double[] raw = [.. Enumerable.Range(0, count).Select(_ => Math.Pow(random.NextDouble(), 3) + 0.02)];
        return [.. raw.Select(w => w / raw.Sum())];
    }

    /// <summary>Cost of what the plan says on the average, with exact answers.</summary>
    private static double Expected(double[] weights, WalkCosts costs)
    {
        double From(double[] left, HashSet<int> off)
        {
            var next = SwitchPlan.Next(left, off, costs).ToHashSet();
            if (next.Count == 0)
            {
                return 0;
            }

            var candidates = Enumerable.Range(0, left.Length).Where(i => left[i] > 0).ToList();
            var thrown = candidates.Count(i => next.Contains(i) != off.Contains(i));
            HashSet<int> lies = [.. off.Where(i => left[i] <= 0), .. next];
            var step = left.Sum() * ((thrown * costs.Throw) + costs.Walk + costs.Look);
            double[] Kept(bool dead) => [.. left.Select((w, i) => next.Contains(i) == dead ? w : 0)];
            return step + From(Kept(true), lies) + From(Kept(false), lies);
        }

        return From(weights, []);
    }

    /// <summary>The least there is, every set tried at every step.</summary>
    private static double Best(int left, int off, double[] weights, WalkCosts costs, Dictionary<(int, int), double> known)
    {
        if (int.PopCount(left) < 2)
        {
            return 0;
        }

        if (known.TryGetValue((left, off), out var found))
        {
            return found;
        }

        var weight = Enumerable.Range(0, weights.Length).Where(i => (left >> i & 1) == 1).Sum(i => weights[i]);
        var best = double.MaxValue;
        for (var set = 0; set < 1 << weights.Length; set++)
        {
            var (dead, live) = (left & set, left & ~set);
            if (dead != 0 && live != 0)
            {
                var step = weight * ((int.PopCount(set ^ off) * costs.Throw) + costs.Walk + costs.Look);
                best = Math.Min(best, step + Best(dead, set, weights, costs, known) + Best(live, set, weights, costs, known));
            }
        }

        return known[(left, off)] = best;
    }
}
