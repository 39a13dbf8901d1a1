using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Electrics.Seen;
using JollyBarn.Testing;
using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Potentials and currents of networks made from boxes, against the reference simulator ngspice: within 0.1 %, or 1 mV and 10
/// µA.</summary>
public class ReferenceTests
{
    private const string Hot = "land:b/on.b0";
    private const string Neutral = "land:b/on.b1";
    private const string Ground = "land:b/on.b2";

    private static readonly Dictionary<string, bool> OnGenerator = new() { ["s"] = false, ["g"] = true };

    /// <summary>Every fault there is, on a receptacle and on a protective one, in three supplies, loaded and not.</summary>
    private static IEnumerable<(string What, Job Job, Situation Now)> Cases()
    {
        Fault[][] faults =
        [
            [],
            [new OpenLink(Hot)],
            [new OpenLink(Neutral)],
            [new OpenLink(Ground)],
            [new OpenLink(Neutral), new OpenLink(Ground)],
            [new Exchanged(Hot, Neutral)],
            [new Exchanged(Hot, Ground)],
            [new Exchanged(Neutral, Ground)],
            [new Exchanged("land:j/on.a0", "land:j/on.a1")],
            [new PoorLink(Hot, 3)],
            [new PoorLink(Neutral, 25)],
            [new Bridged(Points.Terminal("b", "r", "neutral-upper"), Points.Yoke("b", "r"))],
            [new Bridged(Points.End("on", RunSide.B, 0), Points.Metal("b"))],
            [new Bridged(Points.End("on", RunSide.B, 0), Points.Metal("b"), 20000), new OpenLink(Ground)],
            [new Unbonded("j")],
            [new Nail("on", [0, 2])],
            [new Nail("on", [0, 1])],
            [new Nail("feed", [1, 2])],
            [new SeriesArc(Hot)],
            [new ParallelArc(Points.End("on", RunSide.B, 0), Points.End("on", RunSide.B, 1))],
            [new ComesAndGoes(new OpenLink(Neutral))],
            [new Moved(Neutral, Points.Yoke("b", "r"))],
        ];
        foreach (var fault in faults)
        {
            foreach (var system in Enum.GetValues<SupplySystem>())
            {
                yield return (
                    "receptacle",
                    SmallHouse.Receptacle(system: system),
                    new Situation
                    {
                        Faults = fault,
                        Plugged = new Dictionary<string, double> { ["b/r"] = 1500 },
                    }
                );
            }

            yield return ("protective", SmallHouse.Receptacle("protective"), new Situation { Faults = fault });
            yield return (
                "cold, old cable",
                SmallHouse.Receptacle(ground: false),
                new Situation { Faults = fault, Celsius = Copper.ColdCelsius }
            );
        }

        yield return ("a floating generator", SmallHouse.Floating(), new Situation { Sources = OnGenerator });
        yield return (
            "a floating generator with a hot on the box",
            SmallHouse.Floating(),
            new Situation { Sources = OnGenerator, Faults = [new Bridged(Points.End("on", RunSide.B, 0), Points.Metal("b"))] }
        );
        foreach (
            var (system, broken) in new[]
            {
                (SupplySystem.SplitPhase, false),
                (SupplySystem.SplitPhase, true),
                (SupplySystem.Wye, false),
                (SupplySystem.Wye, true),
            }
        )
        {
            yield return (
                "multiwire",
                SmallHouse.Multiwire(system),
                new Situation
                {
                    Plugged = new Dictionary<string, double> { ["b/r"] = 1500, ["b/q"] = 100 },
                    Faults = broken ? [new OpenLink("land:b/on.a2")] : [],
                }
            );
        }

        foreach (var system in new[] { SupplySystem.SplitPhase, SupplySystem.Wye })
        {
            yield return ("a heater between two hots", SmallHouse.Heater(system: system), Situation.AsRecorded);
            yield return (
                "a hot on its tank",
                SmallHouse.Heater(system: system),
                new Situation { Faults = [new Bridged(Points.End("on", RunSide.B, 0), Points.Frame("on", RunSide.B), 20)] }
            );
        }

        yield return (
            "rows",
            SmallHouse.Rows(12, 6),
            new Situation
            {
                Plugged = new Dictionary<string, double> { ["b3.4/d"] = 800, ["b7.2/d"] = 200 },
            }
        );
    }

    [Fact]
    public void Potentials_and_currents_agree_with_the_reference_on_every_network()
    {
        var cases = Cases().ToList();
        Assert.True(cases.Count >= 60, $"{cases.Count} networks");
        Agree([.. cases.Select(c => (c.What, Live.Solve(c.Job, c.Now)))]);
    }

    /// <summary>The whole demo house with every eleventh fault that can be planted at one of its boxes, each beside the next breaker along
    /// thrown.</summary>
    [Fact]
    public void Every_kind_of_fault_offered_in_the_demo_house_agrees_with_the_reference()
    {
        const int every = 11;
        var house = Live.Solve(Demo.Present, Situation.AsRecorded);
        var offers = Demo
            .Present.Boxes.SelectMany(b => BoxLive.Read(Demo.Present, b.Key, b.Value, Situation.AsRecorded).Offers)
            .DistinctBy(o => o.Fault)
            .Where((_, i) => i % every == 0)
            .ToList();
        var breakers = Demo.Present.Panels["panel"].Breakers;
        var lives = offers
            .Select(
                (o, i) =>
                    (
                        $"{o.Case} {o.About}",
                        Live.Solve(
                            Demo.Present,
                            new Situation
                            {
                                Faults = [o.Fault],
                                Breakers = new Dictionary<string, bool> { [$"panel/{breakers[i % breakers.Count].Key}"] = i % 2 == 0 },
                            }
                        )
                    )
            )
            .ToList();
        Assert.True(lives.Count >= 60, $"{lives.Count} faults");
        Agree([("as it is", house), .. lives]);
    }

    /// <summary>Fifty houses with a fault that is looked for: of each kind the first few of rows, a yard post and
    /// two wires, with what opens opened, as its predictions are read off.</summary>
    [Fact]
    public void Fifty_houses_with_a_suspect_planted_agree_with_the_reference()
    {
        const int houses = 50;
        var lives = new[] { SmallHouse.Rows(1, 6), TroubledHouse.YardPost(), TroubledHouse.TwoWire(), TroubledHouse.PushedThrough(5) }
            .Select(j => Scene.Of(j, []))
            .SelectMany(s => HiddenFault.Faults(s).Select(f => (Scene: s, Fault: f.Faults[0])))
            .GroupBy(f => f.Fault.Offer.Case)
            .SelectMany(g => g.Select((f, i) => (Of: f, Place: i)))
            .OrderBy(f => f.Place)
            .Take(houses)
            .Select(f => f.Of)
            .Select(f =>
                (
                    f.Fault.Key,
                    Story
                        .Unfold(
                            Live.Solve(
                                f.Scene.Job,
                                new Situation { Breakers = Signature.AllOn(f.Scene.Job), Faults = [f.Fault.Offer.Fault] }
                            )
                        )
                        .End
                )
            )
            .ToList();
        Assert.Equal(houses, lives.Count);
        Assert.True(lives.Select(l => l.Key.Split('|')[1]).Distinct().Count() >= 20);
        Agree(lives);
    }

    private static void Agree(List<(string What, Live Live)> cases)
    {
        var (reference, _, said) = Reference.Solve([.. cases.Select(c => c.Live.Network)]);
        for (var i = 0; i < cases.Count; i++)
        {
            var live = cases[i].Live;
            for (var n = 0; n < live.Network.Nodes; n++)
            {
                var (ours, theirs) = (live.Solved[n], reference[i][n]);
                Assert.True(
                    (ours - theirs).Magnitude <= Math.Max(1e-3, 1e-3 * theirs.Magnitude),
                    $"{cases[i].What} {i}, node {n}: {ours} against {theirs}. {said}"
                );
            }

            foreach (var (from, to, y) in live.Network.Branches)
            {
                // Across a milliohm the simulator's own rounding is amperes: only branches it can resolve are compared.
                if (y.Magnitude < 50)
                {
                    var (ours, theirs) = (y * (live.Solved[from] - live.Solved[to]), y * (reference[i][from] - reference[i][to]));
                    Assert.True(
                        (ours - theirs).Magnitude <= Math.Max(1e-5, 1e-3 * theirs.Magnitude),
                        $"{cases[i].What} {i}, branch {from}–{to}: {ours} against {theirs}"
                    );
                }
            }
        }
    }
}
