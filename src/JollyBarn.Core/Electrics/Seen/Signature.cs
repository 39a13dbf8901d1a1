using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics.Seen;

/// <summary>What is between two points as a person would find it: nothing, one of the volts of the supply, or a potential that a small
/// load takes away.</summary>
public enum Between
{
    Nothing,

    /// <summary>A meter shows volts and a low-impedance one does not.</summary>
    Floating,
    Leg,
    Wye,
    Both,
}

/// <summary>An outlet or a lamp: hot to neutral, hot to earth, neutral to earth.</summary>
/// <param name="Loaded">Hot to neutral with 10 A drawn there.</param>
public readonly record struct OutletSign(Between HotNeutral, Between HotEarth, Between NeutralEarth, Between Loaded)
{
    /// <summary>True where what is plugged in works, and the neutral is one.</summary>
    public bool Works => HotNeutral >= Between.Leg && Loaded >= Between.Leg && NeutralEarth == Between.Nothing;
}

/// <summary>Metal somebody can touch, or a ground slot.</summary>
/// <param name="Grounded">True where its way to the panel's ground is under 2 Ω with the service bond lifted.</param>
/// <param name="Milliamperes">Through 1000 Ω to the earth, rounded.</param>
public readonly record struct MetalSign(bool Grounded, double Milliamperes)
{
    public bool Live => Milliamperes >= Electrics.Live.Felt;
}

/// <summary>How every outlet, lamp and piece of metal of a job is found, breakers on: what two states of a job are compared by.</summary>
public sealed class Signature
{
    private const double GroundOhms = 2;
    private const double Meter = 3000;
    private const double LoadAmperes = 10;

    private Signature(Dictionary<string, OutletSign> outlets, Dictionary<string, MetalSign> metal) => (Outlets, Metal) = (outlets, metal);

    /// <summary>By the name of the point of the hot.</summary>
    public IReadOnlyDictionary<string, OutletSign> Outlets { get; }

    /// <summary>By the name of the point.</summary>
    public IReadOnlyDictionary<string, MetalSign> Metal { get; }

    /// <summary>Every breaker on, whatever is recorded.</summary>
    public static IReadOnlyDictionary<string, bool> AllOn(Job job) =>
        job
            .Panels.SelectMany(p => p.Value.Breakers.Select(b => BreakerKey.Of(p.Key, b)))
            .Distinct()
            .ToDictionary(k => k, _ => true, StringComparer.Ordinal);

    /// <param name="near">The boxes that are looked at; null for all.</param>
    public static Signature Of(Live live, IReadOnlySet<Id<Box>>? near = null)
    {
        var (outlets, metal) = (
            new Dictionary<string, OutletSign>(StringComparer.Ordinal),
            new Dictionary<string, MetalSign>(StringComparer.Ordinal)
        );
        // A ground that goes back by a neutral is none: the service bond is lifted to tell.
        var lifted = Lifted(live);
        foreach (var (id, box) in live.Job.Boxes.Where(b => !b.Value.Binned && near?.Contains(b.Key) != false))
        {
            foreach (var (device, kind) in box.Devices.Select(d => (d.Key, DeviceKinds.Find(d.Value.Kind))))
            {
                foreach (var (hot, neutral) in Pairs(id, device, kind).Where(p => live.Has(p.Hot) && live.Has(p.Neutral)))
                {
                    outlets[hot] = Outlet(live, hot, neutral);
                }
            }

            foreach (var point in Touchable(id, box).Where(live.Has))
            {
                metal[point] = At(live, lifted, point);
            }
        }

        return new(outlets, metal);
    }

    /// <summary>Metal that was sound and is live, or off its ground.</summary>
    public IEnumerable<string> WorseMetal(Signature after) =>
        Metal
            .Where(m => after.Metal.TryGetValue(m.Key, out var now) && ((now.Live && !m.Value.Live) || (m.Value.Grounded && !now.Grounded)))
            .Select(m => m.Key);

    /// <summary>Metal of a box that somebody can touch: the box, yokes and canopies, ground slots by their yokes, a plate.</summary>
    public static IEnumerable<string> Touchable(Id<Box> id, Box box) =>
        [
            .. box.Material == BoxMaterial.Nonmetallic ? Array.Empty<string>() : [Points.Metal(id)],
            .. box.Devices.Ids.Select(d => Points.Yoke(id, d)),
            Points.Plate(id),
        ];

    internal static IEnumerable<(string Hot, string Neutral)> Pairs(Id<Box> box, Id<Device> device, DeviceKind? kind)
    {
        string At(string name) =>
            kind!.Leads.Any(l => l.Id == name) ? Points.Own(box, $"{device}.{name}") : Points.Terminal(box, device, name);
        foreach (var part in kind?.Inside ?? [])
        {
            if (part is Slots slots)
            {
                yield return (At(slots.Hot), At(slots.Neutral));
            }
            else if (part is Draws draws)
            {
                yield return (At(draws.Hot), At(draws.Neutral));
            }
        }
    }

    private static OutletSign Outlet(Live live, string hot, string neutral)
    {
        var (h, n) = (live.At(hot), live.At(neutral));
        var ohms = live.Set(ElectricsBook.LegVolts) / LoadAmperes;
        var loaded = live.Solved.With(new Branch(h, n, 1 / ohms));
        return new(Class(live, h, n), Class(live, h, Network.Earth), Class(live, n, Network.Earth), Named(live, loaded.Between(h, n)));
    }

    private static Between Class(Live live, int a, int b)
    {
        var open = live.Solved.Between(a, b);
        var under = live.Solved.With(new Branch(a, b, 1 / Meter)).Between(a, b);
        var named = Named(live, under);
        return named == Between.Nothing && open > live.Set(ElectricsBook.LegVolts) / 10 ? Between.Floating : named;
    }

    private static Between Named(Live live, double volts)
    {
        var leg = live.Set(ElectricsBook.LegVolts);
        return volts switch
        {
            _ when volts < leg / 2 => Between.Nothing,
            _ when volts < leg * 1.4 => Between.Leg,
            _ when volts < leg * 1.85 => Between.Wye,
            _ => Between.Both,
        };
    }

    /// <summary>True for a way to a panel's ground of so few ohms that a fault opens the breaker.</summary>
    internal static bool Grounded(Live live, Live lifted, string point) =>
        live.Job.Panels.Ids.Select(Points.GroundBar).Any(b => live.Has(b) && lifted.Impedance(point, b).Magnitude < GroundOhms);

    /// <summary>The same network with every service bond lifted.</summary>
    internal static Live Lifted(Live live) => live.Opened(live.Plan.Links.Where(l => l.Kind == LinkKind.Bond));

    private static MetalSign At(Live live, Live lifted, string point)
    {
        var grounded = Grounded(live, lifted, point);
        return new(grounded, Math.Round(live.Through(point), 1));
    }
}
