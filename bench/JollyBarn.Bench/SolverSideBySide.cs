using System.Diagnostics;
using System.Globalization;
using System.Numerics;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Testing;
using MathNet.Numerics.LinearAlgebra;

namespace JollyBarn.Bench;

/// <summary>Our solver beside the reference simulator and a dense LU, on the same networks in one run. Medians, µs.</summary>
internal static class SolverSideBySide
{
    private const int Rounds = 301;
    private const int Sessions = 5;
    private const int Many = 400;
    private const int LargestDense = 600;
    private const double WarmSeconds = 0.5;

    /// <summary>Houses of about 20, 100, 500 and 1000 nodes.</summary>
    private static readonly (int Circuits, int Boxes)[] Houses = [(1, 1), (1, 4), (6, 4), (12, 4)];

    public static void Print()
    {
        Console.WriteLine(
            "| Network of a house | Nodes | Solve, ours | Build from the job and solve | One small change, read at "
                + "two points | Fresh solve over small change | ngspice, a network read and solved | over our solve "
                + "| over our build and solve | ngspice, solve alone | over ours | Dense LU | over ours |"
        );
        Console.WriteLine("|---|---|---|---|---|---|---|---|---|---|---|---|---|");
        foreach (var (circuits, boxes) in Houses)
        {
            var job = SmallHouse.Rows(circuits, boxes);
            var live = Live.Solve(job, Situation.AsRecorded);
            var net = live.Network;
            var (a, b) = (live.At(Points.Joint("b0.0", "hots")), live.At(Points.GroundBar("p")));
            var laid = new Branch(
                live.At(Points.Terminal($"b{circuits - 1}.{boxes - 1}", "d", "hot-upper")),
                live.At(Points.Yoke($"b{circuits - 1}.{boxes - 1}", "d")),
                1 / 3000.0
            );
            var ours = Median(() => net.Solve());
            var built = Median(() => Live.Fresh(job, Situation.AsRecorded));
            var changed = Median(() =>
            {
                var with = live.Solved.With(laid);
                return with.Between(laid.From, laid.To) + with.Between(a, b);
            });
            var dense = net.Nodes > LargestDense ? (double?)null : Median(() => Dense(net), 3);
            // One solve of many in a session, less a session that solves once: starting the program and reading are out of it.
            var alone = Least(() => Reference.Solve([net], Many).Seconds, () => Reference.Solve([net]).Seconds, Many - 1);
            var reading = Least(() => Reference.Solve([.. Enumerable.Repeat(net, 21)]).Seconds, () => Reference.Solve([net]).Seconds, 20);
            Console.WriteLine(
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"| {circuits} circuits, {boxes} boxes each | {net.Nodes} | {ours:0.0} µs | {built:0} µs | "
                        + $"{changed:0.00} µs | {ours / changed:0} × | {reading:0} µs | {reading / ours:0} × | {reading / built:0.0} × "
                        + $"| {alone:0} µs | {alone / ours:0.0} × | {InFull(dense, ours)} |"
                )
            );
        }
    }

    /// <summary>Every single fault of a house, by changes of one solved network beside the reference reading and solving each.</summary>
    public static void PrintFaults()
    {
        var recorded = Live.Solve(SmallHouse.Rows(12, 4), Situation.AsRecorded);
        var faults = EveryFault.List(recorded);
        var ours = Median(() => faults.Sum(f => EveryFault.Try(recorded, f).Live.Count), 5);
        var theirs = 1e6 * Reference.Solve([.. faults.Select(f => recorded.With(f).Network)]).Seconds;
        Console.WriteLine();
        Console.WriteLine(
            "| Every single fault of a house | Faults | Ours: solved, what trips, what is live | ngspice: read and solved | over ours |"
        );
        Console.WriteLine("|---|---|---|---|---|");
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"| 12 circuits, 4 boxes each | {faults.Count} | {ours / 1000:0} ms | {theirs / 1000:0} ms | {theirs / ours:0} × |"
            )
        );
    }

    /// <summary>The whole of the same equations as a full matrix.</summary>
    private static Complex Dense(Network net)
    {
        var n = net.Nodes - 1;
        var y = Matrix<Complex>.Build.Dense(n, n);
        var i = MathNet.Numerics.LinearAlgebra.Vector<Complex>.Build.Dense(n);
        foreach (var (from, to, s) in net.Branches)
        {
            if (from > 0)
            {
                y[from - 1, from - 1] += s;
            }

            if (to > 0)
            {
                y[to - 1, to - 1] += s;
            }

            if (from > 0 && to > 0)
            {
                y[from - 1, to - 1] -= s;
                y[to - 1, from - 1] -= s;
            }
        }

        foreach (var (node, amperes) in net.Driven.Where(d => d.Node > 0))
        {
            i[node - 1] += amperes;
        }

        return y.LU().Solve(i)[0];
    }

    private static double Median<T>(Func<T> work, int rounds = Rounds)
    {
        var warm = Stopwatch.StartNew();
        do
        {
            _ = work();
        } while (warm.Elapsed.TotalSeconds < WarmSeconds);

        var times = new double[rounds];
        for (var i = 0; i < rounds; i++)
        {
            var start = Stopwatch.GetTimestamp();
            _ = work();
            times[i] = Stopwatch.GetElapsedTime(start).TotalMicroseconds;
        }

        Array.Sort(times);
        return times[rounds / 2];
    }

    /// <summary>The least of a few sessions' difference, µs each: a session is disturbed only upwards.</summary>
    private static double Least(Func<double> with, Func<double> without, int of) =>
        (Enumerable.Range(0, Sessions).Min(_ => with()) - Enumerable.Range(0, Sessions).Min(_ => without())) * 1e6 / of;

    private static string InFull(double? slow, double ours) =>
        slow is { } µs ? FormattableString.Invariant($"{µs:0} µs | {µs / ours:0} ×") : "too slow to wait for | –";
}
