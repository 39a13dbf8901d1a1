using JollyBarn.Connection.Sheet;
using JollyBarn.Edits;
using JollyBarn.Planning;
using JollyBarn.Practice.Houses;
using JollyBarn.Testing;
using JollyBarn.Testing.Oracle;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Drawing on the run sheet, held against the solved network: what is said to hang on a breaker dies with it.</summary>
public sealed class SheetMovesTests
{
    public static TheoryData<int> Seeds() => [.. Enumerable.Range(1, 16)];

    [Theory]
    [MemberData(nameof(Seeds))]
    public void A_stop_moved_to_another_breaker_dies_with_that_one_and_no_longer_with_the_old(int seed)
    {
        var job = WiredHouse.Make(seed);
        var rails = RunSheet.Of(job).Rails.Where(r => r.Breakers.Count == 1).ToList();
        foreach (var (rail, other) in rails.Zip(rails.Skip(1)))
        {
            var stop = rail.Stops[0];
            var way = Way(job, SheetMove.ToBreaker, new(rail.Key, stop.Key), new(other.Key));
            var moved = job.Do(way.Edit);
            var onto = RunSheet.Of(moved).Rails.Single(r => r.Key == other.Key);
            Assert.Equal(DeadStops.Behind(rail, stop).Except(onto.Stops.Select(s => s.Key)), []);
            Assert.DoesNotContain(true, DeadStops.Of(moved, onto, rail.Key).Values);
            Assert.DoesNotContain(false, DeadStops.Of(moved, onto, other.Key).Values);
            // What was known to be drawn is drawn still, and the figures of the two are what changed.
            var changed = CircuitChange.Between(job, moved);
            Assert.Equal(changed.Sum(c => c.Before!.KnownLoad), changed.Sum(c => c.After!.KnownLoad));
            Assert.Equal(changed.Sum(c => c.Before!.Outlets), changed.Sum(c => c.After!.Outlets));
            Assert.All(StopChange.Between(job, moved), c =>
                Assert.Equal((string.Join(',', c.Before), string.Join(',', c.After)), (rail.Key, other.Key))
            );
        }
    }

    /// <summary>A stop that comes from another box is pulled out of it: its cable lands in the panel, and only what is behind it
    /// goes along.</summary>
    [Fact]
    public void A_stop_in_the_middle_is_pulled_out_of_the_box_before_it()
    {
        var job = TwoCircuits();
        var way = Way(job, SheetMove.ToBreaker, new("p/1", "b:b"), new("p/9"));
        var moved = job.Do(way.Edit);
        Assert.Equal(new RunEnd(EndAt.Panel, "p"), moved.Runs["on"].A with { Says = null });
        Assert.DoesNotContain(moved.Boxes["j"].Leads.Values, l => l.Run == "on");
        Assert.Equal([("p/1", "b:j"), ("p/9", "b:b")], RunSheet.Of(moved).Rails.Select(r => (r.Key, r.Stops.Single().Key)));
        Assert.Equal(["p/9"], StopChange.Between(job, moved).Single(c => c.Box == "b").After);
    }

    /// <summary>A breaker nobody has named a circuit for gets one, called as its handle is marked.</summary>
    [Fact]
    public void A_breaker_without_a_circuit_gets_one_by_its_mark()
    {
        var job = TwoCircuits(named: false);
        var moved = job.Do(Way(job, SheetMove.ToBreaker, new("p/1", "b:b"), new("p/9")).Edit);
        var circuit = moved.Panels["p"].Breakers.Single(b => b.Slot == 9).Circuit!.Value;
        Assert.Equal("Loft", moved.Circuits[circuit].Name);
        Assert.Equal(circuit, moved.Runs["on"].Circuit);
    }

    [Fact]
    public void A_new_cable_goes_from_box_to_box_like_the_one_at_hand_or_as_it_is_picked()
    {
        var job = TwoCircuits();
        var drawn = job.Do(Way(job, SheetMove.NewCable, new("p/1", "b:j"), new("p/1", "b:b")).Edit);
        var run = drawn.Runs["new"];
        Assert.Equal((Id<Box>?)"j", run.A.Box);
        Assert.Equal((Id<Box>?)"b", run.B.Box);
        Assert.Equal((14, 2, (Id<Circuit>?)"c"), (run.Gauge!.Value.Number, run.Conductors.Count, run.Circuit));
        Assert.All(drawn.Boxes["b"].Leads.Values.Where(l => l.Run == "new"), l => Assert.Equal(LandingAt.Unknown, l.Lands.At));
        Assert.Equal(new SheetTie("new", "b:j", "b:b", Brings.Unknown), RunSheet.Of(drawn).Rails.Single(r => r.Key == "p/1").Ties.Single());
        var picked = SheetMoves.Of(job, new(new("p/1", "b:j"), new("p/1", "b:b"), "new", Jobs.Nm(12, 3)));
        Assert.Equal(3, job.Do(picked.Single(w => w.Move == SheetMove.NewCable).Edit).Runs["new"].Conductors.Count);
        var home = job.Do(Way(job, SheetMove.NewCable, new("p/9"), new("p/1", "b:b")).Edit).Runs["new"];
        Assert.Equal((EndAt.Panel, (Id<Circuit>?)"other"), (home.B.At, home.Circuit));
    }

    [Fact]
    public void A_cable_comes_from_another_box_but_never_from_behind_itself()
    {
        var job = TwoCircuits()
            .Do(
                new AddBox("k", "Loft", "nm-1g-22.5", null, null, Contents.Complete),
                new AddCable("k", "loft", "k1", Jobs.Nm(14, 2), EntrySide.Top, null, null, Feeds.FeedsIn),
                new EndAtPanel("loft", RunSide.B, "p"),
                new SetRun("loft", Circuit: "other")
            );
        var moved = job.Do(Way(job, SheetMove.ComesFrom, new("p/1", "b:b"), new("p/9", "b:k")).Edit);
        Assert.Equal((Id<Box>?)"k", moved.Runs["on"].A.Box);
        Assert.Equal((Id<Circuit>?)"other", moved.Runs["on"].Circuit);
        Assert.DoesNotContain(SheetMoves.Of(job, new(new("p/1", "b:j"), new("p/1", "b:b"), "new")), w => w.Move == SheetMove.ComesFrom);
    }

    [Fact]
    public void An_end_nobody_followed_is_found_in_the_box_it_is_drawn_to_from_either_side()
    {
        var job = TwoCircuits().Do(new AddCable("j", "branch", "k9", Jobs.Nm(14, 2)), new AddBox("k", "Loft", "nm-1g-22.5"));
        job = job.Do(new MoveLead("j", "branch.a0", GfciBox.In("hots")), new AddCable("k", "x", "k1", Jobs.Nm(14, 2)));
        SheetSpot end = new("p/1", "e:branch.b"),
            box = new("?k", "b:k");
        foreach (var (from, to) in new[] { (end, box), (box, end) })
        {
            Assert.Equal((Id<Box>?)"k", job.Do(Way(job, SheetMove.EndsThere, from, to).Edit).Runs["branch"].B.Box);
        }
    }

    /// <summary>Two hots with one neutral are not put on one breaker by a stroke: the way is shown, and why it cannot be.</summary>
    [Fact]
    public void A_multiwire_stop_is_not_moved_to_a_single_breaker()
    {
        var job = Enumerable.Range(1, 100).Select(WiredHouse.Make).First(j => RunSheet.Of(j).Rails.Any(r => r.Breakers.Count == 2));
        var rails = RunSheet.Of(job).Rails;
        var pair = rails.First(r => r.Breakers.Count == 2);
        var single = rails.First(r => r.Breakers.Count == 1);
        foreach (var (from, to) in new[] { (pair, single), (single, pair) })
        {
            var way = SheetMoves
                .Of(job, new(new(from.Key, from.Stops[0].Key), new(to.Key), "new"))
                .Single(w => w.Move == SheetMove.ToBreaker);
            Assert.Equal(Terms.Why.SharesNeutral, way.Why!.Why);
        }
    }

    /// <summary>What cannot be says why, and what is not there means nothing.</summary>
    [Fact]
    public void Between_things_no_cable_joins_nothing_is_offered()
    {
        var job = TwoCircuits();
        Assert.Empty(SheetMoves.Of(job, new(new("p/1"), new("p/9"), "new")));
        Assert.Empty(SheetMoves.Of(job, new(new("p/1", "b:b"), new("p/1", "b:b"), "new")));
        Assert.Empty(SheetMoves.Of(job, new(new("p/1", "b:gone"), new("p/9"), "new")));
        var taken = SheetMoves.Of(job, new(new("p/1", "b:j"), new("p/1", "b:b"), "on"));
        Assert.All(taken, w => Assert.NotNull(w.Why));
    }

    /// <summary>A junction box and a receptacle behind it on breaker 1, and breaker 9 of another circuit with nothing on it.</summary>
    private static Job TwoCircuits(bool named = true)
    {
        var job = SmallHouse.Followed(SmallHouse.Receptacle());
        job = named ? job.Do(new PutCircuit("other", new Circuit("Other"))) : job;
        Breaker ninth = new(9, 1, 15, BreakerKind.Standard, named ? "other" : null, "Loft");
        return job.Do(new PutPanel("p", job.Panels["p"] with { Breakers = [.. job.Panels["p"].Breakers, ninth] }));
    }

    private static SheetWay Way(Job job, SheetMove move, SheetSpot from, SheetSpot to)
    {
        var way = SheetMoves.Of(job, new(from, to, "new")).Single(w => w.Move == move);
        Assert.Null(way.Why);
        return way;
    }
}
