using System.Diagnostics;
using System.Globalization;
using System.Numerics;
using System.Text;
using JollyBarn.Electrics;

namespace JollyBarn.Testing;

/// <summary>The reference simulator of the package registry, <c>ngspice</c>, on the same networks: each is written as resistors, capacitors
/// and currents and solved at 60 Hz.</summary>
public static class Reference
{
    private const double Omega = 2 * Math.PI * 60;

    /// <summary>Node potentials of each network, in one session of the simulator, and how long it ran, s.</summary>
    /// <param name="times">How often each is solved, for timing.</param>
    public static (IReadOnlyList<Complex[]> Volts, double Seconds, string Said) Solve(IReadOnlyList<Network> networks, int times = 1)
    {
        var folder = Directory.CreateTempSubdirectory("jolly-barn-reference-").FullName;
        var control = new StringBuilder("* networks\n.control\nset filetype=ascii\nset numdgt=15\n");
        for (var i = 0; i < networks.Count; i++)
        {
            File.WriteAllText(Path.Combine(folder, $"n{i}.cir"), Netlist(networks[i]));
            control.Append(
                CultureInfo.InvariantCulture,
                $"source n{i}.cir\nac lin {times} 60 {(times == 1 ? 60 : 60.001)}\nwrite n{i}.raw\ndestroy all\nremcirc\n"
            );
        }

        File.WriteAllText(Path.Combine(folder, "all.cir"), control.Append("quit\n.endc\n.end\n").ToString());
        var start = Stopwatch.GetTimestamp();
        using var run = Process.Start(
            new ProcessStartInfo("ngspice", "-b all.cir")
            {
                WorkingDirectory = folder,
                RedirectStandardOutput = true,
                RedirectStandardError = true,
            }
        )!;
        var errors = run.StandardError.ReadToEndAsync();
        var said = run.StandardOutput.ReadToEnd();
        run.WaitForExit();
        var seconds = Stopwatch.GetElapsedTime(start).TotalSeconds;
        var volts = networks.Select((n, i) => Read(Path.Combine(folder, $"n{i}.raw"), n.Nodes)).ToList();
        Directory.Delete(folder, true);
        return (volts, seconds, said + errors.Result);
    }

    private static string Netlist(Network network)
    {
        var text = new StringBuilder("* one network\n.option rshunt=1e12\n");
        for (var i = 0; i < network.Branches.Count; i++)
        {
            var (from, to, y) = network.Branches[i];
            if (y.Real > 0)
            {
                text.Append(CultureInfo.InvariantCulture, $"R{i} {from} {to} {1 / y.Real:R}\n");
            }

            if (y.Imaginary > 0)
            {
                text.Append(CultureInfo.InvariantCulture, $"C{i} {from} {to} {y.Imaginary / Omega:R}\n");
            }
        }

        for (var i = 0; i < network.Driven.Count; i++)
        {
            var (node, amperes) = network.Driven[i];
            text.Append(CultureInfo.InvariantCulture, $"I{i} 0 {node} ac {amperes.Magnitude:R} {amperes.Phase * 180 / Math.PI:R}\n");
        }

        return text.Append(".end\n").ToString();
    }

    private static Complex[] Read(string path, int nodes)
    {
        var volts = new Complex[nodes];
        var lines = File.ReadAllLines(path);
        var names = lines
            .SkipWhile(l => !l.StartsWith("Variables:", StringComparison.Ordinal))
            .Skip(1)
            .TakeWhile(l => !l.StartsWith("Values:", StringComparison.Ordinal))
            .Select(l => l.Split('\t', StringSplitOptions.RemoveEmptyEntries)[1])
            .ToList();
        var values = lines
            .SkipWhile(l => !l.StartsWith("Values:", StringComparison.Ordinal))
            .Skip(1)
            .Where(l => l.Contains(',', StringComparison.Ordinal))
            .Select(l => l.Trim().Split('\t')[^1].Split(','))
            .ToList();
        for (var i = 0; i < names.Count; i++)
        {
            if (
                names[i].StartsWith("v(", StringComparison.Ordinal)
                && int.TryParse(names[i][2..^1], CultureInfo.InvariantCulture, out var node)
            )
            {
                volts[node] = new(
                    double.Parse(values[i][0], CultureInfo.InvariantCulture),
                    double.Parse(values[i][1], CultureInfo.InvariantCulture)
                );
            }
        }

        return volts;
    }
}
