using System.Numerics;
using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>The three lamps of a plug-in tester.</summary>
public readonly record struct Lamps(bool HotNeutral, bool HotGround, bool NeutralGround);

/// <summary>What the card of such a tester says.</summary>
public enum CardWord
{
    Correct,
    OpenGround,
    OpenNeutral,
    OpenHot,
    Reversed,
    HotGroundExchanged,
    NotOnCard,
}

/// <summary>How an outlet is really joined.</summary>
public enum OutletWiring
{
    Correct,
    TwoSlot,
    ReversedHotOnGround,
    HotOnGround,
    OpenGround,
    NeutralGroundExchanged,
    Reversed,
    ReversedOpenGround,
    HotGroundExchanged,
    JumperNoGround,
    ReversedJumper,
    NeutralGroundJoined,
    OpenNeutral,
    OpenNeutralJumper,
    OpenBoth,
    HotUntraced,
    HotOpen,

    /// <summary>None of these: each slot by what it reaches.</summary>
    Otherwise,
}

/// <summary>Bars of a panel a point reaches.</summary>
[Flags]
public enum Bars
{
    None = 0,
    Hot = 1,
    Neutral = 2,
    Ground = 4,
}

/// <summary>How an outlet really is.</summary>
/// <param name="Hot">What its hot slot reaches; and so for the others.</param>
/// <param name="OffNow">True when something of it reaches a hot and nothing is live: off, and not proved.</param>
public sealed record Truth(OutletWiring Wiring, Bars Hot, Bars Neutral, Bars Ground, bool OffNow);

/// <summary>What a plug-in tester says of an outlet, beside how it really is.</summary>
/// <param name="Card">What the tester's card says for these lamps.</param>
/// <param name="Really">How the slots are really joined.</param>
/// <param name="MetalLive">True when its yoke or box is live.</param>
public sealed record Outlet(Id<Box> Box, Id<Device> Device, string Half, Lamps Lamps, CardWord Card, Truth Really, bool MetalLive)
{
    /// <summary>True when the tester's word would mislead.</summary>
    public bool Differ =>
        Really.OffNow
        || MetalLive
        || (Really.Wiring, Card)
            is not (

                (OutletWiring.Correct, CardWord.Correct)
                or
                (OutletWiring.OpenGround, CardWord.OpenGround)
                or
                (OutletWiring.OpenNeutral, CardWord.OpenNeutral)
                or
                (OutletWiring.Reversed, CardWord.Reversed)
                or
                (OutletWiring.HotGroundExchanged, CardWord.HotGroundExchanged)
            );
}

/// <summary>Every outlet of a job with its tester line and its truth line.</summary>
public static class Outlets
{
    public static IEnumerable<Outlet> All(Live live)
    {
        var ways = new Ways(live);
        return live.Job.Boxes.SelectMany(b => In(live, ways, b.Key, b.Value));
    }

    /// <summary>The outlets of one box.</summary>
    public static IEnumerable<Outlet> In(Live live, Id<Box> boxId, Box box) => In(live, new Ways(live), boxId, box);

    private static IEnumerable<Outlet> In(Live live, Ways ways, Id<Box> boxId, Box box) =>
        from deviceId in box.Devices.Ids
        from half in new[] { "", "upper", "lower" }
        where live.Has(Points.Face(boxId, deviceId, half + "hot"))
        select At(live, ways, boxId, deviceId, half);

    /// <summary>Three equal lamps between the slots, each lit from half the voltage up.</summary>
    public static Lamps Test(Live live, string hot, string neutral, string ground)
    {
        var (h, n, g) = (live.At(hot), live.At(neutral), live.At(ground));
        var y = 1 / Math.Max(1, 1000 * live.Set(ElectricsBook.LampOhms));
        var lights = live.Set(ElectricsBook.LampLights);
        if (!live.Has(ground))
        {
            return new(live.Solved.Laid(h, n, y) >= lights, false, false);
        }

        var (toNeutral, toGround) = Star(live.Solved, h, n, g, y);
        return new(toNeutral.Magnitude >= lights, toGround.Magnitude >= lights, (toGround - toNeutral).Magnitude >= lights);
    }

    /// <summary>Volts from one node to two others with the same load between each two of the three.</summary>
    private static (Complex First, Complex Second) Star(Solved solved, int from, int one, int two, double y)
    {
        var (first, second) = (solved[from] - solved[one], solved[from] - solved[two]);
        if (solved.Floats(from) || solved.Floats(one) || solved.Floats(two))
        {
            var laid = solved.With(new Branch(from, one, y), new Branch(from, two, y), new Branch(one, two, y));
            return (laid[from] - laid[one], laid[from] - laid[two]);
        }

        // Two ports of the network: what each load draws of one lowers both.
        var (own, other) = (solved.Impedance(from, one), solved.Impedance(from, two));
        var both = (own + other - solved.Impedance(one, two)) / 2;
        var (a, b) = (1 + (y * ((2 * own) - both)), y * ((2 * both) - own));
        var (c, d) = (y * ((2 * both) - other), 1 + (y * ((2 * other) - both)));
        var det = (a * d) - (b * c);
        return (((d * first) - (b * second)) / det, ((a * second) - (c * first)) / det);
    }

    /// <summary>What the card on such a tester says.</summary>
    public static CardWord Card(Lamps lamps) =>
        lamps switch
        {
            (true, true, false) => CardWord.Correct,
            (true, false, false) => CardWord.OpenGround,
            (false, true, false) => CardWord.OpenNeutral,
            (false, false, false) => CardWord.OpenHot,
            (true, false, true) => CardWord.Reversed,
            (false, true, true) => CardWord.HotGroundExchanged,
            _ => CardWord.NotOnCard,
        };

    private static Outlet At(Live live, Ways ways, Id<Box> box, Id<Device> device, string half)
    {
        var (hot, neutral, ground) = (
            Points.Face(box, device, half + "hot"),
            Points.Face(box, device, half + "neutral"),
            Points.Face(box, device, half + "ground")
        );
        var lamps = Test(live, hot, neutral, ground);
        var metalLive = live.Has(ground) && live.Volts(ground).Magnitude >= Live.LiveVolts;
        return new(box, device, half, lamps, Card(lamps), ways.Really(hot, neutral, live.Has(ground) ? ground : null), metalLive);
    }

    /// <summary>Which bar of a panel each point reaches, with the bond at the service and all loads lifted and the breakers on, as somebody
    /// would find who traced every conductor.</summary>
    private sealed class Ways(Live live)
    {
        private readonly Reached hots = live.Plan.Reach(
            live.Job.Panels.SelectMany(p => Enumerable.Range(0, SupplyLegs.Count(p.Value.System)).Select(l => Points.Leg(p.Key, l))),
            Along
        );

        private readonly Reached neutrals = live.Plan.Reach(live.Job.Panels.Ids.Select(Points.NeutralBar), Along);

        private readonly Reached grounds = live.Plan.Reach(live.Job.Panels.Ids.Select(Points.GroundBar), Along);

        private readonly Lazy<PlanPieces> pieces = new(() => new PlanPieces(live.Plan, Along));

        private static bool Along(Link link) => (link.Conducts && link.Kind != LinkKind.Bond) || link.Kind == LinkKind.Breaker;

        private Bars Of(string? point) =>
            point is null
                ? Bars.None
                : (hots.Contains(point) ? Bars.Hot : 0)
                    | (neutrals.Contains(point) ? Bars.Neutral : 0)
                    | (grounds.Contains(point) ? Bars.Ground : 0);

        public Truth Really(string hot, string neutral, string? ground)
        {
            const Bars none = Bars.None,
                h = Bars.Hot,
                n = Bars.Neutral,
                g = Bars.Ground;
            var reached = (Of(hot), Of(neutral), Of(ground));
            var off =
                (reached.Item1 | reached.Item2 | reached.Item3).HasFlag(h)
                && new[] { hot, neutral, ground ?? hot }.All(p => live.Volts(p).Magnitude < Live.LiveVolts);
            bool Jumper() => ground is not null && pieces.Value.Same(neutral, ground);
            var wired = reached switch
            {
                (h, n, g) => OutletWiring.Correct,
                (h, n, none) when ground is null => OutletWiring.TwoSlot,
                (n, h | g, h | g) => OutletWiring.ReversedHotOnGround,
                (h, n, h | g) or (h, n | g, h | g) => OutletWiring.HotOnGround,
                (h, n, none) => OutletWiring.OpenGround,
                (h, g, n) => OutletWiring.NeutralGroundExchanged,
                (n, h, g) => OutletWiring.Reversed,
                (n, h, none) => OutletWiring.ReversedOpenGround,
                (g, n, h) => OutletWiring.HotGroundExchanged,
                (h, n, n) when Jumper() => OutletWiring.JumperNoGround,
                (n, h, h) when Jumper() => OutletWiring.ReversedJumper,
                (h, n | g, n | g) => OutletWiring.NeutralGroundJoined,
                (h, none, g) => OutletWiring.OpenNeutral,
                (h, none, none) when Jumper() => OutletWiring.OpenNeutralJumper,
                (h, none, none) => OutletWiring.OpenBoth,
                (none, _, _) => live.Volts(hot).Magnitude >= Live.LiveVolts ? OutletWiring.HotUntraced : OutletWiring.HotOpen,
                _ => OutletWiring.Otherwise,
            };
            return new(wired, reached.Item1, reached.Item2, reached.Item3, off);
        }
    }
}
