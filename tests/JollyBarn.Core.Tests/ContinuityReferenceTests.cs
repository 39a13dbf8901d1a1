using System.Diagnostics;
using System.Globalization;
using System.Text;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>What touches what, beside a reference program: ngspice solves the same box as a net of small resistors, and where its volts
/// arrive, metal touches.</summary>
public class ContinuityReferenceTests
{
    private const int Boxes = 60;
    private const double Arrives = 0.5;

    [Fact]
    public void Leads_are_joined_where_ngspice_says_that_volts_arrive()
    {
        var (asked, joined) = (0, 0);
        var deck = new StringBuilder("a bench of boxes\n.option rshunt=1e9\n");
        var probes = new List<(Job Job, Id<Lead> From, Id<Lead> To, string Node)>();
        for (var seed = 1; seed <= Boxes; seed++)
        {
            var job = SomeBoxes.Make(seed);
            var box = job.Boxes["b"];
            var leads = box.Leads.Where(l => l.Value.Run is not null).Select(l => l.Key).ToList();
            var prefix = $"b{seed}_";
            Net(deck, box, prefix);
            deck.AppendLine(CultureInfo.InvariantCulture, $"V{seed} {prefix}{Node("l:" + leads[0])} 0 1");
            probes.AddRange(leads.Skip(1).Select(l => (job, leads[0], l, prefix + Node("l:" + l))));
        }

        var volts = Solve(deck, probes.Select(p => p.Node));
        foreach (var (job, from, to, node) in probes)
        {
            var says = Continuity.Trace(job.Boxes["b"]).Joined(from, to);
            Assert.True(says == volts[node] > Arrives, $"{from} and {to}: {says}, ngspice {volts[node]} V");
            asked++;
            joined += says ? 1 : 0;
        }

        Assert.True(asked > 400 && joined > 40 && joined < asked, $"{joined} of {asked} joined");
    }

    /// <summary>A box as resistors of a milliohm, written from the record and the trade's knowledge of devices, not from the code under
    /// test.</summary>
    private static void Net(StringBuilder deck, Box box, string prefix)
    {
        var n = 0;
        void Ohm(string a, string b) =>
            deck.AppendLine(CultureInfo.InvariantCulture, $"R{prefix}{n++} {prefix}{Node(a)} {prefix}{Node(b)} 1m");
        string? At(Landing l) =>
            l.At switch
            {
                LandingAt.Joint => "j:" + l.Joint,
                LandingAt.Terminal => $"t:{l.Device}:{l.Terminal}",
                LandingAt.BondingScrew => "screw",
                _ => null,
            };
        foreach (var (id, lead) in box.Leads.Where(l => At(l.Value.Lands) is not null))
        {
            Ohm("l:" + id, At(lead.Lands)!);
        }

        foreach (var tail in box.Pigtails.Values.Where(t => At(t.From) is not null && At(t.To) is not null))
        {
            Ohm(At(tail.From)!, At(tail.To)!);
        }

        foreach (var (id, device) in box.Devices)
        {
            string T(string terminal) => $"t:{id}:{terminal}";
            (string, string)[] ways = device.Kind switch
            {
                "receptacle" => [(T("hot-upper"), T("hot-lower")), (T("neutral-upper"), T("neutral-lower"))],
                "combination" => [(T("hot-upper"), T("hot-lower")), (T("hot-upper"), T("switched"))],
                "protective" => [(T("line-hot"), T("load-hot")), (T("line-neutral"), T("load-neutral"))],
                "switch" => [(T("hot"), T("switched"))],
                "switch-3way" => [(T("common"), T("traveler-1")), (T("common"), T("traveler-2"))],
                "dimmer" or "smart-switch" => [($"l:{id}.hot", $"l:{id}.switched")],
                _ => [],
            };
            foreach (var (a, b) in ways)
            {
                Ohm(a, b);
            }
        }
    }

    private static string Node(string key) => new([.. key.Select(c => char.IsLetterOrDigit(c) ? c : '_')]);

    private static Dictionary<string, double> Solve(StringBuilder deck, IEnumerable<string> nodes)
    {
        var asked = nodes.Distinct().ToList();
        deck.AppendLine(".control\nop");
        foreach (var node in asked)
        {
            deck.AppendLine(CultureInfo.InvariantCulture, $"print v({node})");
        }

        deck.AppendLine(".endc\n.end");
        var file = Path.GetTempFileName();
        File.WriteAllText(file, deck.ToString());
        using var spice = Process.Start(
            new ProcessStartInfo("ngspice", ["-b", file]) { RedirectStandardOutput = true, RedirectStandardError = true }
        )!;
        spice.ErrorDataReceived += (_, _) => { };
        spice.BeginErrorReadLine();
        var output = spice.StandardOutput.ReadToEnd();
        spice.WaitForExit();
        File.Delete(file);
        var volts = new Dictionary<string, double>(StringComparer.OrdinalIgnoreCase);
        foreach (var line in output.Split('\n').Where(l => l.StartsWith("v(", StringComparison.Ordinal)))
        {
            volts[line[2..line.IndexOf(')', StringComparison.Ordinal)]] = double.Parse(
                line.Split('=')[1].Trim(),
                CultureInfo.InvariantCulture
            );
        }

        // A node that nothing touches is in no resistor and so unknown to ngspice: no volts arrive there.
        return asked.ToDictionary(a => a, a => volts.GetValueOrDefault(a), StringComparer.Ordinal);
    }
}
