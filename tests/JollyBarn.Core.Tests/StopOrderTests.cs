using JollyBarn.Connection.Sheet;
using JollyBarn.Edits;
using JollyBarn.Testing;
using JollyBarn.Testing.Oracle;
using JollyBarn.Tracing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>The order of outlets learned by opening one after another: somebody opens what is proposed in a house whose wiring is known
/// only to the solved network, looks, and writes down what went dead.</summary>
public sealed class StopOrderTests
{
    [Theory]
    [InlineData(1, 5)]
    [InlineData(2, 7)]
    [InlineData(3, 9)]
    [InlineData(4, 8)]
    public void Opening_what_is_proposed_learns_what_feeds_what(int seed, int count)
    {
        var truth = WiredHouse.Large(seed, 1, count);
        var rail = RunSheet.Of(truth).Rails.Single();
        var job = Job.Blank("test").Do([.. truth.Boxes.Select(b => new AddBox(b.Key, b.Value.Name, "nm-1g-18"))]);
        Id<Box>[] boxes = [.. truth.Boxes.Ids];
        var opened = 0;
        while (StopOrder.Of(job, boxes) is { Open: { } open } order)
        {
            Assert.True(++opened <= boxes.Length);
            var cut = truth.Do([
                .. rail.Stops.Where(s => s.From == $"b:{open}").Select(s => new HurtRun(s.By!.Value, "cut", new RunHurt(HurtKind.Cut))),
            ]);
            var dead = DeadStops.Of(cut, rail);
            job = job.Do([
                .. order.Look.Select(
                    (b, i) => new LogSighting($"s{opened}-{i}", Seen(b, open, dead[$"b:{b}"] ? SightingShows.Dead : SightingShows.Live))
                ),
            ]);
        }

        var learned = StopOrder.Of(job, boxes);
        Assert.Null(learned.Open);
        Assert.Equal(
            rail.Stops.Where(s => s.At == StopAt.Box).Select(s => (Box: s.Key, s.From)).Order(),
            learned.Stops.Select(s => (Box: $"b:{s.Box}", From: s.After is { } after ? $"b:{after}" : null)).Order()
        );
        Assert.All(learned.Stops, s => Assert.True(s.Settled));
        // Each after the one it hangs on.
        var at = learned.Stops.Select((s, i) => (s.Box, i)).ToDictionary(x => x.Box, x => x.i);
        Assert.All(learned.Stops.Where(s => s.After is not null), s => Assert.True(at[s.After!.Value] < at[s.Box]));
    }

    /// <summary>What hangs behind what is behind a box hangs behind it too: a look less.</summary>
    [Fact]
    public void What_follows_from_two_looks_is_not_asked_again()
    {
        var job = Three(("a", "b", SightingShows.Dead), ("b", "c", SightingShows.Dead), ("b", "a", SightingShows.Live));
        var order = StopOrder.Of(job, ["a", "b", "c"]);
        Assert.Equal(["", "a", "b"], order.Stops.Select(s => s.After?.Text ?? ""));
        Assert.Null(order.Open);
    }

    /// <summary>A contradiction is looked at again, and the second look decides.</summary>
    [Fact]
    public void What_cannot_both_be_is_looked_at_again()
    {
        var job = Three(("a", "b", SightingShows.Dead), ("b", "a", SightingShows.Dead));
        var doubt = StopOrder.Of(job, ["a", "b", "c"]);
        Assert.True(doubt.Again);
        Assert.Single(doubt.Look);
        var one = job.Do(
            new LogSighting("again", Seen("a", "b", SightingShows.Live)),
            new LogSighting("more", Seen("a", "b", SightingShows.Live))
        );
        Assert.False(StopOrder.Of(one, ["a", "b", "c"]).Again);
        Assert.Equal("a", StopOrder.Of(one, ["a", "b", "c"]).Stops.Single(s => s.Box == "b").After?.Text);
    }

    /// <summary>A look with something opened says nothing of breakers, and one with breakers off nothing of the order.</summary>
    [Fact]
    public void Looks_of_the_two_kinds_are_kept_apart()
    {
        var job = Three(("a", "b", SightingShows.Dead));
        Assert.Equal(
            0,
            BreakerWalk
                .Walked(job.Do(new PutPanel("p", new Panel("Panel", SupplySystem.SplitPhase, 4) { Breakers = [new(1, 1, 15)] })), "b")
                .Looks
        );
        Assert.NotNull(new LogSighting("x", Seen("a", "a", SightingShows.Dead)).Check(job));
        Assert.NotNull(new LogSighting("x", Seen("a", "gone", SightingShows.Dead)).Check(job));
    }

    private static Sighting Seen(Id<Box> box, Id<Box> opened, SightingShows shows) =>
        new(box, [], shows, "Ines", "2026-10-01T09:00:00Z", opened);

    private static Job Three(params (string Opened, string Box, SightingShows Shows)[] looks) =>
        Job.Blank("test")
            .Do([
                .. new[] { "a", "b", "c" }.Select(b => new AddBox(b, $"Box {b}", "nm-1g-18")),
                .. looks.Select((l, i) => new LogSighting($"s{i}", Seen(l.Box, l.Opened, l.Shows))),
            ]);
}
