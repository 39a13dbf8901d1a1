using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics.Seen;

/// <summary>A job gone over with instruments, breakers on: with its switches on, off, and every other one; with nothing plugged in, and
/// with
/// something at every receptacle.</summary>
public sealed class GoneOver
{
    /// <summary>More than this in a ground is no coupling of cables, A.</summary>
    private const double Stray = 0.01;

    /// <summary>More than this in a branch circuit is a short, A.</summary>
    private const double Short = 100;

    private readonly IReadOnlyList<(Signature Sign, IReadOnlySet<string> Over)> positions;

    private GoneOver(IReadOnlyList<(Signature Sign, IReadOnlySet<string> Over)> positions) => this.positions = positions;

    /// <param name="solve">Solves the job in a situation.</param>
    /// <param name="near">The boxes that are looked at; null for all.</param>
    public static GoneOver Of(Job job, Func<Situation, Live> solve, IReadOnlySet<Id<Box>>? near = null) =>
        new([
            .. Positions(job, near)
                .Select(switches =>
                {
                    var now = new Situation { Breakers = Signature.AllOn(job), Switches = switches };
                    return (Signature.Of(solve(now), near), Over(solve(now with { Plugged = Everywhere(job) }), near));
                }),
        ]);

    /// <summary>What is worse: an outlet that worked in some position and works in none; metal that was sound and is live or off its
    /// ground; a
    /// ground that carries current, a short, a neutral that carries more than its hots.</summary>
    public IEnumerable<string> WorseIn(GoneOver after) =>
        positions
            .SelectMany(p => p.Sign.Outlets.Where(o => o.Value.Works).Select(o => o.Key))
            .Distinct()
            .Where(o =>
                after.positions.Any(p => p.Sign.Outlets.ContainsKey(o))
                && !after.positions.Any(p => p.Sign.Outlets.TryGetValue(o, out var now) && now.Works)
            )
            .Concat(positions.Zip(after.positions).SelectMany(p => p.First.Sign.WorseMetal(p.Second.Sign)))
            .Concat(positions.Zip(after.positions).SelectMany(p => p.Second.Over.Except(p.First.Over)));

    /// <summary>True where, in some position of the switches, every pair of contacts of the device has its volts with a load on
    /// it.</summary>
    public bool Works(Id<Box> box, Id<Device> device, DeviceKind? kind) =>
        positions.Any(p =>
            Signature.Pairs(box, device, kind).All(pair => p.Sign.Outlets.TryGetValue(pair.Hot, out var sign) && sign.Works)
        );

    /// <summary>Wires that carry what they may not, by their keys.</summary>
    private static HashSet<string> Over(Live live, IReadOnlySet<Id<Box>>? near)
    {
        var over = new HashSet<string>(StringComparer.Ordinal);
        foreach (var (id, run) in live.Job.Runs.Where(r => near is null || In(r.Value.A, near) || In(r.Value.B, near)))
        {
            var carried = Enumerable
                .Range(0, run.Conductors.Count + 1)
                .Select(i => live.Plan.Find(LinkKeys.Wire(id, i)) is { } wire ? live.Amperes(wire).Magnitude : 0)
                .ToList();
            var hots = run.Conductors.Select((c, i) => c.Use == ConductorUse.Neutral ? 0 : carried[i]).DefaultIfEmpty(0).Max();
            for (var i = 0; i < carried.Count; i++)
            {
                var most =
                    i == run.Conductors.Count ? Stray
                    : run.Conductors[i].Use == ConductorUse.Neutral ? Math.Min(hots + 1, Short)
                    : Short;
                if (carried[i] > most)
                {
                    over.Add(LinkKeys.Wire(id, i));
                }
            }
        }

        return over;
    }

    private static bool In(RunEnd end, IReadOnlySet<Id<Box>> near) => end.Box is { } box && near.Contains(box);

    /// <summary>The switches of these boxes all on, all off, and every other one, both ways: of two that work together one each
    /// way.</summary>
    private static IEnumerable<Dictionary<string, bool>> Positions(Job job, IReadOnlySet<Id<Box>>? near)
    {
        var switches = Near(job, near).SelectMany(b => Lever.In(b.Key, b.Value)).Select(l => l.Key).ToList();
        Func<int, bool>[] positions = [_ => true, _ => false, i => i % 2 == 0, i => i % 2 != 0];
        return positions
            .Take(
                switches.Count switch
                {
                    0 => 1,
                    1 => 2,
                    _ => 4,
                }
            )
            .Select(p => switches.Select((s, i) => (s, On: p(i))).ToDictionary(s => s.s, s => s.On, StringComparer.Ordinal));
    }

    /// <summary>Some 12 A and more at every receptacle, W, no two alike, so that two legs never cancel.</summary>
    private static Dictionary<string, double> Everywhere(Job job) =>
        Receptacles(job)
            .Select((d, i) => (d, Watts: 1400.0 + (150 * (i % 7))))
            .ToDictionary(d => d.d, d => d.Watts, StringComparer.Ordinal);

    private static IEnumerable<string> Receptacles(Job job) =>
        from box in job.Boxes
        from device in box.Value.Devices
        where DeviceKinds.Find(device.Value.Kind) is { Receptacle: true }
        select $"{box.Key}/{device.Key}";

    private static IEnumerable<KeyValuePair<Id<Box>, Box>> Near(Job job, IReadOnlySet<Id<Box>>? near) =>
        job.Boxes.Where(b => near?.Contains(b.Key) != false);
}
