using JollyBarn.Connection.Sheet;
using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Practice.Houses;
using JollyBarn.Testing;
using JollyBarn.Testing.Oracle;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>The run sheet against the solved network, and against what the trade calls feed order, switch legs and travelers (common
/// practice).</summary>
public sealed class RunSheetTests
{
    public static TheoryData<int> Seeds() => [.. Enumerable.Range(1, 24)];

    /// <summary>What feed order means: cut the cable a stop comes by, and it and all behind it are dead in every position of the switches,
    /// and nothing else of the rail is.</summary>
    [Theory]
    [MemberData(nameof(Seeds))]
    public void A_cut_ahead_of_a_stop_kills_it_and_what_hangs_behind_it_and_nothing_else(int seed)
    {
        var job = WiredHouse.Make(seed);
        var sheet = RunSheet.Of(job);
        Assert.All(sheet.Rails, r => Assert.NotEmpty(r.Stops));
        Assert.Equal(
            job.Boxes.Ids.Select(b => $"b:{b}"),
            sheet.Rails.SelectMany(r => r.Stops).Where(s => s.At == StopAt.Box).Select(s => s.Key).Distinct().Order(StringComparer.Ordinal)
        );
        foreach (var rail in sheet.Rails)
        {
            Assert.All(DeadStops.Of(job, rail), d => Assert.False(d.Value, d.Key));
            foreach (var stop in rail.Stops)
            {
                var cut = job.Do(new HurtRun(stop.By!.Value, "cut", new RunHurt(HurtKind.Cut)));
                var dead = DeadStops.Of(cut, rail).Where(d => d.Value).Select(d => d.Key).Order(StringComparer.Ordinal);
                Assert.Equal(DeadStops.Behind(rail, stop).Order(StringComparer.Ordinal), dead);
            }
        }
    }

    /// <summary>The stretch that is drawn as protected is what the network says a ground-fault device cuts off.</summary>
    [Theory]
    [MemberData(nameof(Seeds))]
    public void What_is_drawn_protected_hangs_behind_it_in_the_network(int seed)
    {
        var job = WiredHouse.Make(seed);
        var sheet = RunSheet.Of(job);
        var stops = sheet.Rails.SelectMany(r => r.Stops).Where(s => s.At == StopAt.Box).ToDictionary(s => (Id<Box>)s.Id!);
        var counted = 0;
        foreach (var way in job.Circuits.Ids.SelectMany(c => CircuitWiring.Find(job, c).Ways()))
        {
            var ahead = way.Guards.Where(g => g.In != way.Box.Text).Order().ToList();
            // Between the joints of its own box a receptacle may hang on either side of a device that is in it.
            Assert.Equal(ahead, stops[way.Box].Behind.Where(g => g.In != way.Box.Text).Order());
            Assert.All(ahead.Where(g => g.Kind == GuardKind.Device), g => Assert.True(stops[g.In].Protects));
            counted++;
        }

        Assert.True(
            counted > 0 || !job.Boxes.Values.Any(b => b.Devices.Values.Any(d => d.Kind.StartsWith("receptacle", StringComparison.Ordinal)))
        );
    }

    /// <summary>A house with something moved, exchanged, taken away, jumpered or with a tab broken: with the breakers of one rail on and
    /// all others off, what that rail shows as followed is live in some position of the switches, and what is live in a box stands on
    /// that rail.</summary>
    [Theory]
    [MemberData(nameof(Seeds))]
    public void A_spoilt_house_hangs_as_the_network_says(int seed)
    {
        var house = WiredHouse.Make(seed);
        foreach (var kind in Enum.GetValues<SpoilKind>())
        {
            if (Spoil.Of(house, kind, new Random(seed)) is not { } spoilt)
            {
                continue;
            }

            var job = spoilt.After;
            foreach (var rail in RunSheet.Of(job).Rails.Where(r => r.Breakers.Count > 0))
            {
                var seen = rail.Stops.Where(s => s.Seen).Select(s => s.Key).ToHashSet();
                var (live, opens) = LiveStops.Of(job, rail.Breakers);
                Assert.True(live.IsSubsetOf(seen), $"{spoilt.Says}: {rail.Key} shows {Told(seen)}, live are {Told(live)}");
                var boxes = seen.Where(s => s.StartsWith("b:", StringComparison.Ordinal)).ToHashSet();
                // Where hot meets neutral or ground what hangs there is held down until the breaker opens.
                Assert.True(opens || boxes.IsSubsetOf(live), $"{spoilt.Says}: {rail.Key} shows {Told(boxes)}, live are {Told(live)}");
            }
        }

        static string Told(IEnumerable<string> keys) => string.Join(' ', keys.Order(StringComparer.Ordinal));
    }

    [Fact]
    public void A_three_way_group_reads_feed_then_travelers_then_switched()
    {
        var job = Seeded(j => j.Boxes.Values.Count(b => b.Devices.Values.Any(d => d.Kind == "switch-3way")) == 2);
        var rail = RunSheet.Of(job).Rails.Single(r => r.Stops.Any(s => s.Brings == Brings.Travelers));
        Assert.Equal([Brings.Feed, Brings.Travelers, Brings.Switched], rail.Stops.Select(s => s.Brings));
        Assert.Equal([null, rail.Stops[0].Key, rail.Stops[1].Key], rail.Stops.Select(s => s.From));
    }

    /// <summary>A multiwire circuit is one cable with one neutral: one rail with both its breakers.</summary>
    [Fact]
    public void Two_hots_that_share_a_neutral_are_one_rail()
    {
        var job = Seeded(j => j.Circuits.Ids.Any(c => j.Panels["p"].Breakers.Count(b => b.Circuit == c) == 2));
        var pair = RunSheet.Of(job).Rails.Single(r => r.Breakers.Count == 2);
        Assert.Equal(pair.Breakers, pair.Stops.Single().Breakers);
        Assert.Equal(job.Panels["p"].Breakers.Count, RunSheet.Of(job).Rails.Sum(r => r.Breakers.Count));
    }

    [Fact]
    public void A_box_with_two_circuits_stands_on_two_rails_and_a_fork_forks()
    {
        var job = SmallHouse
            .Followed(SmallHouse.Receptacle())
            .Do(
                new PutCircuit("other", new Circuit("Other")),
                new AddCable("j", "branch", "k9", Jobs.Nm(14, 2), EntrySide.Bottom, null, "to the loft", Feeds.FeedsOn),
                new MoveLead("j", "branch.a0", GfciBox.In("hots"))
            );
        job = job.Do(
            new PutPanel(
                "p",
                job.Panels["p"] with
                {
                    Breakers = [.. job.Panels["p"].Breakers, new Breaker(9, 1, 15, BreakerKind.Standard, "other")],
                }
            ),
            new AddCable("b", "second", "k9", Jobs.Nm(14, 2), EntrySide.Bottom, null, "of the other", Feeds.FeedsIn),
            new SetRun("second", Circuit: "other"),
            new EndAtPanel("second", RunSide.B, "p")
        );
        var rails = RunSheet.Of(job).Rails;
        Assert.Equal(
            [("p/1", "b:j,b:b,e:branch.b"), ("p/9", "b:b")],
            rails.Select(r => (r.Key, string.Join(',', r.Stops.Select(s => s.Key))))
        );
        Assert.Equal([null, "b:j", "b:j"], rails[0].Stops.Select(s => s.From));
        Assert.Equal(StopAt.Somewhere, rails[0].Stops[2].At);
    }

    /// <summary>What nobody followed is shown where its cable leads, and said to be so.</summary>
    [Fact]
    public void What_was_not_followed_hangs_where_its_cable_leads_unseen()
    {
        var followed = SmallHouse.Followed(SmallHouse.Receptacle());
        var unopened = followed.Do(new MoveLead("j", "on.a0", Landing.Unknown));
        var stop = RunSheet.Of(unopened).Rails.Single().Stops.Single(s => s.Key == "b:b");
        Assert.Equal((Brings.Unknown, false, "b:j"), (stop.Brings, stop.Seen, stop.From));
        // By the mark of its cable only, and by nothing at all.
        var marked = RunSheet.Of(SmallHouse.Receptacle()).Rails.Single();
        Assert.Equal([("b:j", false), ("b:b", false)], marked.Stops.Select(s => (s.Key, s.Seen)));
        var apart = followed.Do(
            new AddBox("lone", "Lone", "nm-1g-18"),
            new AddBox("far", "Far", "nm-1g-18", null, null, Contents.Partial),
            new AddCable("far", "x", "k", Jobs.Nm(14, 2))
        );
        Assert.Equal(["lone"], RunSheet.Of(apart).Apart.Select(b => b.Text));
        Assert.Equal("?far", RunSheet.Of(apart).Rails[^1].Key);
    }

    private static Job Seeded(Func<Job, bool> wanted) => Enumerable.Range(1, 100).Select(WiredHouse.Make).First(wanted);
}
