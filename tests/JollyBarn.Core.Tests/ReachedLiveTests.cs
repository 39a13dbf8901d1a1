using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Electrics.Seen;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>What the solved network can say is said somewhere: in the demo house, or in small houses with every fault they offer. A case
/// that nothing reaches is a case that nobody tried, or that cannot be.</summary>
public class ReachedLiveTests
{
    private static readonly Lazy<IReadOnlyList<(Live Live, Id<Box> Id, Box Box)>> Houses = new(() => [.. Solved()]);

    [Fact]
    public void Every_fault_that_can_be_offered_is_offered_somewhere() =>
        All(Houses.Value.SelectMany(h => FaultOffers.At(h.Live, h.Id, h.Box)).Select(o => o.Case));

    [Fact]
    public void Everything_taken_for_given_is_taken_somewhere() =>
        All(Houses.Value.SelectMany(h => h.Live.Plan.Assumed).Select(a => a.Case));

    [Fact]
    public void Everything_that_makes_protection_open_opens_some() => All(Faulty().SelectMany(f => f.Openings).Select(o => o.By));

    [Fact]
    public void Every_way_an_outlet_can_be_wired_is_found_at_some() =>
        All(Faulty().SelectMany(f => f.Outlets).Select(o => o.Really.Wiring));

    [Fact]
    public void Every_word_of_the_card_is_read_off_some_outlet() => All(Faulty().SelectMany(f => f.Outlets).Select(o => o.Card));

    [Fact]
    public void Every_thing_an_instrument_can_show_is_shown_somewhere()
    {
        var shown = new HashSet<ShownCase>();
        foreach (var (live, id, box) in Houses.Value)
        {
            var read = BoxLive.Read(live, id, box);
            var points = read.Points.Select(p => p.Point).Concat([Points.Earth]).ToList();
            foreach (var kind in InstrumentKinds.All)
            {
                shown.UnionWith(
                    points.SelectMany(a =>
                        points
                            .Where(b => b != a)
                            .Take(6)
                            .Select(b => Instruments.Between(live, kind.Id, a, b))
                            .OfType<Shown>()
                            .Select(s => s.Means)
                    )
                );
            }
        }

        All(shown);
    }

    internal static void All<T>(IEnumerable<T> reached)
        where T : struct, Enum => Assert.Empty(Enum.GetValues<T>().Except(reached));

    private static IEnumerable<(Live Live, Id<Box> Id, Box Box)> Solved()
    {
        Job[] houses =
        [
            Demo.Present,
            SmallHouse.Receptacle(),
            SmallHouse.Receptacle("protective"),
            SmallHouse.Receptacle(ground: false),
            SmallHouse.Receptacle(breaker: BreakerKind.Gfci),
            SmallHouse.Receptacle(breaker: BreakerKind.Afci),
            SmallHouse.Receptacle(breaker: BreakerKind.DualFunction),
            SmallHouse.Floating(),
            SmallHouse.Multiwire(SupplySystem.Wye),
            SmallHouse.Heater(),
            SmallHouse.Heater(watts: null),
            SmallHouse.Receptacle().Do(new SetDevice("b", "r", BrokenTabs: ["hot"])),
            Fed(new Source("Shore cord", SourceKind.ShoreCord)),
            Fed(new Source("Generator", SourceKind.Generator, SupplySystem.SingleLeg)),
            SmallHouse.Receptacle().Do(new PutSource("g", new Source("Generator", SourceKind.Generator))),
            SmallHouse
                .Multiwire()
                .Do(
                    new AddPigtail("b", "g", GfciBox.At("ground/screw", "r"), GfciBox.At("ground/screw", "q")),
                    new AddPigtail("b", "jumper", GfciBox.At("hot-lower/screw", "q"), GfciBox.At("ground/screw", "q"))
                ),
            .. Landed("receptacle"),
            .. Landed("receptacle-two-slot"),
        ];
        foreach (var job in houses)
        {
            // As it stands, and with whatever can make it live.
            var all = new Situation { Sources = job.Sources.Ids.ToDictionary(s => s, _ => true) };
            foreach (var now in job.Sources.Count > 1 ? new[] { Situation.AsRecorded, all } : [Situation.AsRecorded])
            {
                var live = Live.Solve(job, now);
                foreach (var (id, box) in job.Boxes.Where(b => !b.Value.Binned))
                {
                    yield return (live, id, box);
                }
            }
        }
    }

    /// <summary>The small house fed from something else, its breaker not recorded as on.</summary>
    private static Job Fed(Source source)
    {
        var job = SmallHouse.Receptacle();
        var panel = job.Panels["p"];
        return job.Do(
            new PutSource("other", source),
            new PutPanel("p", panel with { Source = "other", Breakers = [.. panel.Breakers.Select(b => b with { On = null })] })
        );
    }

    /// <summary>The small house with the three conductors on the three places of its receptacle in every way there is, and the same with
    /// a jumper from neutral or hot to ground.</summary>
    private static IEnumerable<Job> Landed(string kind)
    {
        var places = new[] { "hot-upper/screw", "neutral-upper/screw", "ground/screw", null };
        var has = DeviceKinds.Find(kind)!.Terminals.SelectMany(t => t.Landings).Select(l => l.Id).ToHashSet(StringComparer.Ordinal);
        var house = SmallHouse.Receptacle();
        house = kind == "receptacle" ? house : house.Do(new SwapDevice("b", "r", kind));
        foreach (var ways in from a in places from b in places from c in places select new[] { a, b, c })
        {
            if (
                ways.OfType<string>().Distinct().Count() != ways.OfType<string>().Count()
                || ways.OfType<string>().Any(w => !has.Contains(w))
            )
            {
                continue;
            }

            var off = house.Do([.. Enumerable.Range(0, 3).Select(i => new MoveLead("b", $"on.b{i}", Landing.Loose))]);
            var on = off.Do([
                .. ways.Select((w, i) => (w, i))
                    .Where(x => x.w is not null)
                    .Select(x => new MoveLead("b", $"on.b{x.i}", GfciBox.At(x.w!, "r"))),
            ]);
            yield return on;
            foreach (var from in has.Contains("ground/screw") ? new[] { "neutral-lower/screw", "hot-lower/screw" } : [])
            {
                yield return on.Do(new AddPigtail("b", "jumper", GfciBox.At(from, "r"), GfciBox.At("ground/screw", "r")));
            }
        }
    }

    /// <summary>Every house with every fault it offers, one at a time: what opens, and how the outlets of the box are then.</summary>
    private static IEnumerable<(IReadOnlyList<Opening> Openings, IReadOnlyList<Outlet> Outlets)> Faulty()
    {
        foreach (var (live, id, box) in Houses.Value)
        {
            foreach (var offer in FaultOffers.At(live, id, box))
            {
                var story = Story.Unfold(live.With(offer.Fault));
                yield return (story.Openings, [.. Outlets.In(story.Start, id, box)]);
            }

            yield return ([], [.. Outlets.In(live, id, box)]);
        }

        // An arc needs a current to break, or one to feed it.
        var afci = SmallHouse.Receptacle(breaker: BreakerKind.Afci);
        var running = Live.Solve(afci, new Situation { Plugged = new Dictionary<string, double> { ["b/r"] = 1500 } });
        foreach (
            Fault arc in new Fault[]
            {
                new SeriesArc("land:b/on.b0"),
                new ParallelArc(Points.Terminal("b", "r", "hot-upper"), Points.Terminal("b", "r", "neutral-upper")),
            }
        )
        {
            yield return (Story.Unfold(running.With(arc)).Openings, []);
        }
    }
}
