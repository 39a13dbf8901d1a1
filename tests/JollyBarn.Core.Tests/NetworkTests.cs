using System.Numerics;
using CsCheck;
using JollyBarn.Electrics;
using JollyBarn.Testing;

namespace JollyBarn.Core.Tests;

/// <summary>What holds for any network: Kirchhoff's law, passivity, one small change solved as well as anew, islands and shorts
/// answered.</summary>
public class NetworkTests
{
    /// <summary>Near-trees as wiring makes them, from a tenth of a milliohm to a gigaohm, resistive or with coupling, one source and now
    /// and then an island.</summary>
    private static Network Some(int seed, bool coupling = true, int nodes = 30, double volts = 120)
    {
        var random = new Random(seed);
        var net = new Network();
        double Ohms() => Math.Pow(10, (random.NextDouble() * 7) - 3);
        for (var i = 0; i < nodes; i++)
        {
            var node = net.Add();
            if (i == 0)
            {
                net.Source(Network.Earth, node, volts, 0.02);
            }
            else if (random.Next(12) > 0)
            {
                net.Join(random.Next(Math.Max(1, node - 4), node), node, 1 / Ohms());
            }

            if (random.Next(4) == 0)
            {
                net.Join(random.Next(0, node), node, 1 / Ohms());
            }

            if (coupling)
            {
                net.Join(random.Next(0, node), node, new Complex(0, 2 * Math.PI * 60 * random.Next(1, 900) * 1e-12));
            }
        }

        return net;
    }

    [Fact]
    public void What_flows_into_a_node_flows_out_and_nothing_is_ever_not_a_number() =>
        Gen.Int[1, 100000]
            .Sample(
                seed =>
                {
                    var net = Some(seed, seed % 2 == 0);
                    var solved = net.Solve();
                    var (sum, size) = (new Complex[net.Nodes], new double[net.Nodes]);
                    foreach (var (node, amperes) in net.Driven)
                    {
                        (sum[node], size[node]) = (sum[node] + amperes, size[node] + amperes.Magnitude);
                    }

                    foreach (var (from, to, y) in net.Branches)
                    {
                        var amperes = y * (solved[from] - solved[to]);
                        Assert.True(Complex.IsFinite(amperes));
                        (sum[from], sum[to]) = (sum[from] - amperes, sum[to] + amperes);
                        // Rounding of a potential times the admittance is what cannot be told from zero.
                        var least = y.Magnitude * solved[from].Magnitude;
                        (size[from], size[to]) = (size[from] + least, size[to] + least);
                    }

                    Assert.All(Enumerable.Range(1, net.Nodes - 1), n =>
                        Assert.True(sum[n].Magnitude <= 1e-9 * (size[n] + 1e-6), $"node {n}: {sum[n]}")
                    );
                },
                iter: 300
            );

    /// <summary>Loads take power and give none: what the sources drive in is what the branches turn to heat.</summary>
    [Fact]
    public void What_the_source_gives_the_branches_take() =>
        Gen.Int[1, 100000]
            .Sample(
                seed =>
                {
                    var net = Some(seed);
                    var solved = net.Solve();
                    var given = net.Driven.Aggregate(Complex.Zero, (s, d) => s + (solved[d.Node] * Complex.Conjugate(d.Amperes))).Real;
                    var taken = net.Branches.Sum(b => b.Admittance.Real * Math.Pow((solved[b.From] - solved[b.To]).Magnitude, 2));
                    Assert.InRange(taken, given * (1 - 1e-6), given * (1 + 1e-6));
                },
                iter: 200
            );

    [Fact]
    public void Another_way_beside_never_raises_the_resistance_between_two_points() =>
        Gen.Int[1, 100000]
            .Sample(
                seed =>
                {
                    var (before, after, random) = (Some(seed, false, volts: 0), Some(seed, false, volts: 0), new Random(seed));
                    after.Join(random.Next(1, after.Nodes), random.Next(1, after.Nodes), random.NextDouble());
                    var (a, b) = (random.Next(1, after.Nodes), random.Next(0, after.Nodes));
                    // The only source is a volt behind an ohm between the two: it leaves the ohm in parallel with what lies between.
                    double Volts(Network net)
                    {
                        net.Source(b, a, 1, 1);
                        return net.Solve().Between(a, b);
                    }

                    if (a != b && !before.Solve().Floats(a) && !before.Solve().Floats(b))
                    {
                        var (was, now) = (Volts(before), Volts(after));
                        Assert.InRange(was, 1e-9, 1);
                        Assert.True(now <= was + 1e-12, $"{was} V became {now} V");
                    }
                },
                iter: 300
            );

    /// <summary>Branches laid on, opened, closed to another admittance and nodes that came in: each potential as exact as solving
    /// anew.</summary>
    [Fact]
    public void A_change_is_as_good_as_solving_anew() =>
        Gen.Int[1, 100000]
            .Sample(
                seed =>
                {
                    var (net, random) = (Some(seed), new Random(seed));
                    var (change, anew) = (new NetworkChange { NewNodes = random.Next(0, 3) }, new Network());
                    while (anew.Nodes < net.Nodes + change.NewNodes)
                    {
                        anew.Add();
                    }

                    var opened = Enumerable.Range(0, random.Next(0, 5)).Select(_ => random.Next(net.Branches.Count)).ToHashSet();
                    for (var i = 0; i < net.Branches.Count; i++)
                    {
                        var branch = net.Branches[i];
                        if (opened.Contains(i))
                        {
                            branch = branch with { Admittance = random.Next(3) == 0 ? Math.Pow(10, random.Next(-6, 3)) : 0 };
                            change.Set(i, branch.Admittance);
                        }

                        anew.Join(branch.From, branch.To, branch.Admittance);
                    }

                    for (var i = 0; i < random.Next(0, 5); i++)
                    {
                        // Now and then from a node to itself, which is nothing.
                        var laid = new Branch(random.Next(0, anew.Nodes), random.Next(0, anew.Nodes), Math.Pow(10, random.Next(-6, 3)));
                        change.Add(laid);
                        anew.Join(laid.From, laid.To, laid.Admittance);
                    }

                    foreach (var (node, amperes) in net.Driven)
                    {
                        anew.Drive(node, amperes);
                    }

                    var (changed, fresh) = (net.Solve().Changed(change), anew.Solve());
                    for (var n = 0; n < anew.Nodes; n++)
                    {
                        var most = 1e-9 * Math.Max(1, fresh[n].Magnitude);
                        Assert.True((changed[n] - fresh[n]).Magnitude <= most, $"node {n}: {changed[n]} against {fresh[n]}");
                        Assert.Equal(fresh.Floats(n), changed.Floats(n));
                    }
                },
                iter: 2000
            );

    /// <summary>A change on a change is the whole of both.</summary>
    [Fact]
    public void What_is_laid_on_a_change_is_laid_on_all_of_it()
    {
        var net = new Network();
        var (a, b) = (net.Add(), net.Add());
        net.Source(Network.Earth, a, 120, 1);
        var wire = net.Join(a, b, 1);
        var change = new NetworkChange();
        change.Set(wire, 0);
        var cut = net.Solve().Changed(change);
        Assert.True(cut.Floats(b));
        // A meter of 1 Ω over the cut, and 1 Ω from there to earth: three ohms in a row, a third of the volts at the last.
        Assert.Equal(40, cut.With(new Branch(a, b, 1)).With(new Branch(b, Network.Earth, 1))[b].Magnitude, 9);
    }

    [Fact]
    public void An_island_nothing_holds_is_said_to_float_and_keeps_its_own_voltages()
    {
        var net = new Network();
        var (a, b, c) = (net.Add(), net.Add(), net.Add());
        net.Source(Network.Earth, a, 120, 0.02);
        net.Source(b, c, 12, 1);
        var solved = net.Solve();
        Assert.False(solved.Floats(a));
        Assert.True(solved.Floats(b));
        Assert.Equal(12, solved.Between(b, c), 9);
    }

    /// <summary>120 V behind 0.02 Ω into a milliohm: 120 / 0.021 = 5714 A (Ohm's law).</summary>
    [Fact]
    public void A_short_across_the_source_is_a_large_current_and_no_crash()
    {
        var net = new Network();
        var a = net.Add();
        net.Source(Network.Earth, a, 120, 0.02);
        net.Join(a, Network.Earth, 1000);
        Assert.Equal(5714.3, 1000 * net.Solve()[a].Magnitude, 0.1);
    }

    /// <summary>A metal box of a milliohm's joints that only a few picofarads hold: its own voltages must not drown in rounding.</summary>
    [Fact]
    public void Metal_that_only_coupling_holds_comes_out_at_the_divider_of_its_capacities()
    {
        var net = new Network();
        var (hot, metal, yoke) = (net.Add(), net.Add(), net.Add());
        net.Source(Network.Earth, hot, 120, 0.02);
        net.Join(metal, yoke, 1000);
        net.Join(hot, metal, new Complex(0, 2 * Math.PI * 60 * 300e-12));
        net.Join(yoke, Network.Earth, new Complex(0, 2 * Math.PI * 60 * 100e-12));
        // A capacitive divider: 120 V × 300 / (300 + 100).
        Assert.Equal(90, net.Solve()[yoke].Magnitude, 6);
    }

    [Fact]
    public void A_house_of_twelve_circuits_is_one_network()
    {
        var live = Live.Solve(SmallHouse.Rows(12, 6), Situation.AsRecorded);
        Assert.True(live.Network.Nodes > 500);
        Assert.Equal(Expected.Live, live.Expect(Points.Joint("b11.4", "hots")));
        Assert.Equal(Expected.Dead, live.Expect(Points.Joint("b11.4", "neutrals")));
    }
}
