using JollyBarn.Wiring;

namespace JollyBarn.Electrics.Seen;

/// <summary>What metal it is.</summary>
public enum LiveKind
{
    Device,
    Box,
    Plate,

    /// <summary>Of something fixed at the far end of a cable, with no box there.</summary>
    Far,
}

/// <summary>Metal that somebody can touch and that is expected live.</summary>
/// <param name="Of">Subject in the box: a device, the box itself, or the cable that something fixed hangs on.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Volts">Against the earth, V RMS.</param>
/// <param name="Milliamperes">Through the lowest of people to the earth.</param>
/// <param name="Feeds">Breakers without any one of which it is not live, by panel and key: none where no one breaker makes it dead; null
/// where nobody looked.</param>
public sealed record LivePart(
    Id<Box> Box,
    string Of,
    LiveKind Kind,
    string Point,
    double Volts,
    double Milliamperes,
    IReadOnlyList<(string Panel, string Breaker)>? Feeds
);

/// <summary>What of a job somebody could get a shock from with every breaker on and every switch at its worst.</summary>
/// <remarks>By what it drives through a person, not by volts: IEC 60479-1. Metal with a sound way to the panel's ground is left out: what
/// makes that live opens a breaker, and is judged as a short.</remarks>
public static class LiveParts
{
    /// <summary>More of them than this are not looked at for what feeds them: the house is wired wrong as a whole.</summary>
    private const int MostFed = 24;

    /// <summary>The same of some boxes and what runs to them; right where nothing but panels joins them to the rest.</summary>
    public static IReadOnlyList<LivePart> Of(Job job, IReadOnlySet<Id<Box>> boxes) => boxes.Count == 0 ? [] : Of(job.Only(boxes));

    public static IReadOnlyList<LivePart> Of(Job job)
    {
        var worst = new Dictionary<string, LivePart>(StringComparer.Ordinal);
        foreach (var turned in new[] { true, false })
        {
            var live = Live.Fresh(job, With(job, turned));
            var lifted = new Lazy<Live>(() => Signature.Lifted(live));
            foreach (var part in Found(live, lifted).Where(p => p.Milliamperes > (worst.GetValueOrDefault(p.Point)?.Milliamperes ?? 0)))
            {
                worst[part.Point] = worst.Count < MostFed ? part with { Feeds = Feeds(live, part.Point) } : part;
            }
        }

        // Metal of a box that hangs together is one shock, told of the device.
        return
        [
            .. worst
                .Values.OrderBy(p => p.Box)
                .ThenBy(p => p.Of == Subjects.Box)
                .ThenBy(p => p.Point, StringComparer.Ordinal)
                .DistinctBy(p => (p.Box, Math.Round(p.Volts, 1), Math.Round(p.Milliamperes, 1))),
        ];
    }

    /// <summary>Every breaker on, whatever is recorded, and every switch one way.</summary>
    internal static Situation With(Job job, bool turned) =>
        new()
        {
            Breakers = Signature.AllOn(job),
            Switches = job.Boxes.SelectMany(b => Lever.In(b.Key, b.Value)).ToDictionary(l => l.Key, _ => turned, StringComparer.Ordinal),
        };

    private static IEnumerable<LivePart> Found(Live live, Lazy<Live> lifted)
    {
        // Under this no person of the lowest resistance feels it.
        const double least = Live.Felt;
        foreach (var (id, box) in live.Job.Boxes.Where(b => !b.Value.Binned))
        {
            foreach (
                var (point, of, kind) in Touchable(live.Job, id, box)
                    .Where(p => live.Has(p.Point) && live.Volts(p.Point).Magnitude >= least)
            )
            {
                var milliamperes = live.Through(point);
                if (milliamperes >= Live.Felt && !Signature.Grounded(live, lifted.Value, point))
                {
                    yield return new(id, of, kind, point, live.Volts(point).Magnitude, milliamperes, null);
                }
            }
        }
    }

    /// <summary>Metal of a box somebody can touch, by its points: devices, the box, its plate, what is fixed at the end of its
    /// cables.</summary>
    public static IEnumerable<(string Point, string Of, LiveKind Kind)> Touchable(Job job, Id<Box> id, Box box) =>
        [
            .. box.Devices.Ids.Select(d => (Points.Yoke(id, d), d.Text, LiveKind.Device)),
            .. box.Material == CodeBook.BoxMaterial.Nonmetallic
                ? Array.Empty<(string, string, LiveKind)>()
                : [(Points.Metal(id), Subjects.Box, LiveKind.Box)],
            (Points.Plate(id), Subjects.Box, LiveKind.Plate),
            .. FarLoads
                .Of(job, box)
                .Select(f =>
                    (Points.Frame(f.Run, f.Side), Subjects.CableEnd(f.Run, f.Side == RunSide.A ? RunSide.B : RunSide.A), LiveKind.Far)
                ),
        ];

    /// <summary>Breakers that make it dead when one of them is switched off.</summary>
    private static List<(string, string)> Feeds(Live live, string point)
    {
        var feeds = new List<(string, string)>();
        foreach (var (panelId, panel) in live.Job.Panels)
        {
            foreach (var breaker in panel.Breakers)
            {
                var poles = Enumerable.Range(0, breaker.Poles).Select(p => Points.Pole(panelId, breaker.Key, p)).ToHashSet();
                var off = live.Opened(
                    live.Plan.Links.Where(l => l.Kind == LinkKind.Breaker && (poles.Contains(l.To) || poles.Contains(l.From)))
                );
                if (off.Through(point) < Live.Felt)
                {
                    feeds.Add((panelId, breaker.Key));
                }
            }
        }

        return feeds;
    }
}
