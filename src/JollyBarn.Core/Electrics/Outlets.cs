using System.Numerics;
using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>The three lamps of a plug-in tester.</summary>
public readonly record struct Lamps(bool HotNeutral, bool HotGround, bool NeutralGround);

/// <summary>What a plug-in tester says of an outlet, beside how it really is.</summary>
/// <param name="Says">What the tester's card says for these lamps.</param>
/// <param name="Really">How the slots are really joined.</param>
/// <param name="Differ">True when the tester's word would mislead.</param>
/// <param name="MetalLive">True when its yoke or box is live.</param>
public sealed record Outlet(string Box, string Device, string Half, Lamps Lamps, string Says, string Really, bool Differ, bool MetalLive);

/// <summary>Every outlet of a job with its tester line and its truth line.</summary>
public static class Outlets
{
    public static IEnumerable<Outlet> Of(Live live)
    {
        var ways = new Ways(live);
        return live.Job.Boxes.SelectMany(b => In(live, ways, b.Key, b.Value));
    }

    /// <summary>The outlets of one box.</summary>
    public static IEnumerable<Outlet> In(Live live, string boxId, Box box) => In(live, new Ways(live), boxId, box);

    private static IEnumerable<Outlet> In(Live live, Ways ways, string boxId, Box box) =>
        from deviceId in box.Devices.Ids
        from half in new[] { "", "upper", "lower" }
        where live.Has(Points.Face(boxId, deviceId, half + "hot"))
        select At(live, ways, boxId, deviceId, half);

    /// <summary>Three equal lamps between the slots, each lit from half the voltage up.</summary>
    public static Lamps Test(Live live, string hot, string neutral, string ground)
    {
        var (h, n, g) = (live.At(hot), live.At(neutral), live.At(ground));
        Complex y = 1 / Math.Max(1, 1000 * live.Set(ElectricsBook.LampOhms));
        var lights = live.Set(ElectricsBook.LampLights);
        var laid = live.Has(ground)
            ? live.Solved.With(new Branch(h, n, y), new Branch(h, g, y), new Branch(n, g, y))
            : live.Solved.With(new Branch(h, n, y));
        bool Lit(int a, int b) => laid.Between(a, b) >= lights;
        return live.Has(ground) ? new(Lit(h, n), Lit(h, g), Lit(n, g)) : new(Lit(h, n), false, false);
    }

    /// <summary>What the card on such a tester says.</summary>
    public static string Card(Lamps lamps) =>
        lamps switch
        {
            (true, true, false) => "correct",
            (true, false, false) => "open ground",
            (false, true, false) => "open neutral",
            (false, false, false) => "open hot",
            (true, false, true) => "reversed",
            (false, true, true) => "hot–ground exchanged",
            _ => "not on the card",
        };

    private static Outlet At(Live live, Ways ways, string box, string device, string half)
    {
        var (hot, neutral, ground) = (
            Points.Face(box, device, half + "hot"),
            Points.Face(box, device, half + "neutral"),
            Points.Face(box, device, half + "ground")
        );
        var lamps = Test(live, hot, neutral, ground);
        var says = Card(lamps);
        var metalLive = live.Has(ground) && live.Volts(ground).Magnitude >= Live.LiveVolts;
        var really = ways.Really(hot, neutral, live.Has(ground) ? ground : null, metalLive);
        return new(box, device, half, lamps, says, really, says != really, metalLive);
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

        private readonly Lazy<Pieces> pieces = new(() => new Pieces(live.Plan, Along));

        private static bool Along(Link link) => (link.Conducts && link.Kind != LinkKind.Bond) || link.Kind == LinkKind.Breaker;

        private string Of(string? point) =>
            point is null
                ? ""
                : (hots.Contains(point) ? "h" : "") + (neutrals.Contains(point) ? "n" : "") + (grounds.Contains(point) ? "g" : "");

        public string Really(string hot, string neutral, string? ground, bool metalLive)
        {
            var (h, n, g) = (Of(hot), Of(neutral), Of(ground));
            var off =
                (h + n + g).Contains('h', StringComparison.Ordinal)
                && new[] { hot, neutral, ground ?? hot }.All(p => live.Volts(p).Magnitude < Live.LiveVolts);
            var metal =
                off ? "; off now, not proved"
                : metalLive ? "; metal live"
                : "";
            bool Jumper() => ground is not null && pieces.Value.Same(neutral, ground);
            return (h, n, g) switch
            {
                ("h", "n", "g") => "correct" + metal,
                ("h", "n", "") when ground is null => "two-slot, no ground" + metal,
                ("n", "hg", "hg") => "reversed, and hot on the ground" + metal,
                ("h", "n", "hg") or ("h", "ng", "hg") => "hot on the ground" + metal,
                ("h", "n", "") => "open ground" + metal,
                ("h", "g", "n") => "neutral and ground exchanged" + metal,
                ("n", "h", "g") => "reversed" + metal,
                ("n", "h", "") => "reversed, open ground" + metal,
                ("g", "n", "h") => "hot–ground exchanged" + metal,
                ("h", "n", "n") when Jumper() => "neutral–ground jumper, no ground" + metal,
                ("n", "h", "h") when Jumper() => "reversed, with a neutral–ground jumper and no ground" + metal,
                ("h", "ng", "ng") => "neutral and ground joined here" + metal,
                ("h", "", "g") => "open neutral" + metal,
                ("h", "", "") when Jumper() => "open neutral, neutral–ground jumper, no ground: hot is live, metal floats" + metal,
                ("h", "", "") => "open neutral and open ground: hot is live" + metal,
                ("", _, _) => live.Volts(hot).Magnitude >= Live.LiveVolts
                    ? "hot is live by a way not traced" + metal
                    : "hot open or circuit off; not proof" + metal,
                _ => $"hot slot on {Named(h)}, neutral slot on {Named(n)}, ground on {Named(g)}" + metal,
            };
        }

        private static string Named(string reached) =>
            reached switch
            {
                "" => "nothing",
                "h" => "a hot",
                "n" => "the neutral",
                "g" => "the ground",
                _ => "several",
            };
    }
}
