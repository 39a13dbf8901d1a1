using JollyBarn.CodeBook;
using JollyBarn.Connection.Sheet;
using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Measures;
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
        var (truth, rail) = House(seed, count);
        var (job, _) = Learn(truth, rail, Unrecorded(truth));
        Id<Box>[] boxes = [.. truth.Boxes.Ids];
        var learned = StopOrder.Of(job, boxes);
        Assert.Null(learned.Open);
        Assert.Equal(
            rail.Stops.Where(s => s.At == StopAt.Box).Select(s => (Box: s.Key, s.From)).Order(),
            learned.Stops.Select(s => (Box: $"b:{s.Box}", From: s.After is { } after ? $"b:{after}" : null)).Order()
        );
        Assert.All(learned.Stops, s => Assert.True(s is { Settled: true, Likely: null }));
        // Each after the one it hangs on.
        var at = learned.Stops.Select((s, i) => (s.Box, i)).ToDictionary(x => x.Box, x => x.i);
        Assert.All(learned.Stops.Where(s => s.After is not null), s => Assert.True(at[s.After!.Value] < at[s.Box]));
    }

    /// <summary>Volts fall along the wire to what runs at its end (Ohm): read once at every box with a heater at the far one, they say on
    /// the way to it what likely hangs on what, settle nothing, and the same is learned with fewer looks.</summary>
    [Fact]
    public void Readings_hint_at_the_order_and_spare_looks()
    {
        var (with, without) = (0, 0);
        var (hinted, right) = (0, 0);
        foreach (var (seed, count) in new[] { (1, 5), (2, 7), (3, 9), (4, 8), (5, 12), (6, 12), (7, 14) })
        {
            var (truth, rail) = House(seed, count);
            var blank = Unrecorded(truth);
            var read = WithReadings(truth, rail, blank, out var last);
            var order = StopOrder.Of(read, [.. truth.Boxes.Ids]);
            Assert.All(order.Stops, s => Assert.True(s is { After: null, Settled: false }));
            foreach (var stop in Ahead(rail, last).Where(s => s.From is not null))
            {
                // A branch beside the way reads as the fork it leaves or a little less: what is named is told apart, and never hangs
                // behind it.
                var here = Volts(read, stop.Id!);
                var hint = order.Stops.Single(s => s.Box == stop.Id!).Likely;
                Assert.Equal(Ahead(rail, stop).Any(s => Volts(read, s.Id!) >= here + 0.3m), hint is not null);
                Assert.False(hint is not null && DeadStops.Behind(rail, stop).Contains($"b:{hint.After}"));
                (hinted, right) = (hinted + (hint is null ? 0 : 1), right + ($"b:{hint?.After}" == stop.From ? 1 : 0));
            }

            without += Learn(truth, rail, blank).Looks;
            with += Learn(truth, rail, read).Looks;
        }

        Assert.True(right * 2 > hinted && hinted > 10, $"{right} of {hinted} hints name the box that feeds it");
        Assert.True(with < without, $"{with} looks with readings, {without} without");
    }

    /// <summary>A loose cable at each of two boxes, alike and as long: likely one cable; its marks say which feeds which. One of another
    /// gauge, or one too many that is as long, tells nothing. Common practice.</summary>
    [Theory]
    [InlineData("41 ft", 12, "", true)]
    [InlineData("50 ft", 12, "", false)]
    [InlineData("41 ft", 14, "", false)]
    [InlineData("41 ft", 12, "third", false)]
    public void Cables_that_nobody_followed_are_paired_by_make_and_length(string length, int gauge, string third, bool paired)
    {
        var job = Three();
        job = Loose(job, "a", "ra", "40 ft", 12, Feeds.FeedsOn);
        job = Loose(job, "b", "rb", length, gauge, Feeds.CannotTell);
        job = third.Length == 0 ? job : Loose(job, "c", "rc", "40.5 ft", 12, Feeds.CannotTell);
        var stops = StopOrder.Of(job, ["a", "b", "c"]).Stops.ToDictionary(s => s.Box.Text);
        Assert.Null(stops["a"].Likely);
        Assert.Equal(paired ? new OrderHint("b", "a", HintBy.Cable, 40, 41, true) : null, stops["b"].Likely);
        Assert.All(stops.Values, s => Assert.Null(s.After));
    }

    private static Job Loose(Job job, Id<Box> box, Id<Run> run, string feet, int gauge, Feeds feeds)
    {
        return job.Do(
            new AddCable(box, run, "k", Jobs.Nm(gauge, 2), Feeds: feeds),
            new SetRun(run, Length: new(Known.Measured, Length.Parse(feet)))
        );
    }

    private static (Job Truth, Rail Rail) House(int seed, int count)
    {
        var truth = LargeHouse.Make(seed, 1, count);
        return (truth, RunSheet.Of(truth).Rails.Single());
    }

    /// <summary>The boxes of a house with nothing recorded in them.</summary>
    private static Job Unrecorded(Job truth) =>
        Job.Blank("test").Do([.. truth.Boxes.Select(b => new AddBox(b.Key, b.Value.Name, "nm-1g-18"))]);

    /// <summary>Opens what is proposed and looks, until nothing is left to learn.</summary>
    private static (Job Job, int Looks) Learn(Job truth, Rail rail, Job job)
    {
        Id<Box>[] boxes = [.. truth.Boxes.Ids];
        var (opened, looks) = (0, 0);
        while (StopOrder.Of(job, boxes) is { Open: { } open } order)
        {
            Assert.True(++opened <= boxes.Length);
            looks += order.Look.Count;
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

        return (job, looks);
    }

    private static IEnumerable<SheetStop> Ahead(Rail rail, SheetStop stop)
    {
        for (var at = stop; at is not null; at = rail.Stops.FirstOrDefault(s => s.Key == at.From))
        {
            yield return at;
        }
    }

    /// <summary>Hot to ground at every box by the solved network, with a heater at the receptacle that most boxes are ahead of.</summary>
    private static Job WithReadings(Job truth, Rail rail, Job job, out SheetStop last)
    {
        var (stop, key) = rail
            .Stops.Where(s => s.At == StopAt.Box)
            .SelectMany(s =>
                truth
                    .Boxes[s.Id!]
                    .Devices.Where(d => DeviceKinds.Find(d.Value.Kind) is { Receptacle: true })
                    .Select(d => (Stop: s, Key: $"{s.Id}/{d.Key}"))
            )
            .MaxBy(s => Ahead(rail, s.Stop).Count());
        var live = Live.Solve(truth, new Situation { Plugged = new Dictionary<string, double> { [key] = 1500 } });
        last = stop;
        return job.Do([
            .. rail
                .Stops.Where(s => s.At == StopAt.Box)
                .Select(s => (s.Id, Volts: Math.Round((decimal)live.Volts(s.Point!).Magnitude, 1)))
                .Select(s => new LogReading(
                    $"v{s.Id}",
                    new("meter", "hot", "ground", $"{s.Volts} V", "Ines", "2026-10-01T08:00:00Z", s.Id!, Volts: s.Volts)
                )),
        ]);
    }

    private static decimal? Volts(Job job, string box) => job.Readings.Values.Single(r => r.Box?.Text == box).Volts;

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
