using System.Numerics;
using JollyBarn.CodeBook;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Wiring;

namespace JollyBarn.Tracing.Hunting;

/// <summary>What a look shows of a solved network. None knows a fault's name; what an eye or a hand finds in an open
/// box is told in <see cref="Predicting"/>.</summary>
internal static class Seeing
{
    /// <summary>A lamp or a small heater that is tried, A.</summary>
    private const double TriedAmperes = 3;

    /// <summary>Shares of a leg's volts: under the first a lamp is dark, from the second on it is as it should be, over the third too
    /// bright. <em>Practice</em>.</summary>
    private const double Dark = 0.25,
        Full = 0.85,
        Much = 1.12;

    /// <summary>What trips within this trips at once for whoever stands there, s.</summary>
    private const double AtOnce = 10;

    /// <summary>What a hand feels warm through a plate, W in one joint. <em>Practice</em>.</summary>
    private const double WarmWatts = 3;

    /// <summary>Under a megohm insulation is called bad. <em>Practice</em>: of a branch circuit with nothing on it.</summary>
    private const double GoodOhms = 1e6;

    /// <summary>From this current on metal tingles, through so many ohms, mA. IEC 60479-1.</summary>
    private const double WetBody = 1000,
        DryBody = 1700,
        DryFloor = 20_000;

    public static Sight Of(Story story, Look look, ShockConditions? shock) =>
        look.Kind switch
        {
            LookKind.Outlet => new(Outlet(story.End, look.At, look.To!)),
            LookKind.Guard => new(Guard(story, look.At)),
            LookKind.Instrument => Instrument(story.End, look),
            LookKind.Lamps => new(Lamps(story.End, look.At)),
            LookKind.OwnButton => new(OwnButton(story.End, look.At)),
            LookKind.Touch => new(Touched(story.End, look.At, shock) ? SeenCase.Felt : SeenCase.NotFelt),
            LookKind.Warmth => new(Warm(story.Start, look.At) ? SeenCase.Warm : SeenCase.Cool),
            _ => new(Insulated(story.End, look.At, look.To!) ? SeenCase.High : SeenCase.Low),
        };

    private static SeenCase Outlet(Live live, string hot, string neutral)
    {
        var leg = live.Set(ElectricsBook.LegVolts);
        var volts = live.Solved.Laid(live.At(hot), live.At(neutral), TriedAmperes / leg);
        return volts switch
        {
            _ when volts < Dark * leg => SeenCase.Dead,
            _ when volts < Full * leg => SeenCase.Dim,
            _ when volts > Much * leg => SeenCase.TooBright,
            _ => SeenCase.Works,
        };
    }

    private static SeenCase Guard(Story story, string at)
    {
        var key = GuardKey.Read(at);
        return story.Openings.FirstOrDefault(o => o.Guard == key) switch
        {
            { Seconds: < AtOnce } => SeenCase.TripsAtOnce,
            { } => SeenCase.TripsLater,
            null => story.Perhaps.Any(o => o.Guard == key) ? SeenCase.TripsNowAndThen : SeenCase.Holds,
        };
    }

    private static Sight Instrument(Live live, Look look)
    {
        // What a meter makes open is no part of what it reads: that is asked of a button alone.
        if (Instruments.Volts(live, look.Instrument!, look.At, look.To!) is { } volts)
        {
            return new(SeenCase.Figure, volts);
        }

        var shown = Instruments.Between(live, look.Instrument!, look.At, look.To!);
        return shown?.Display switch
        {
            Display.Ohms => new(SeenCase.Something),
            Display.Glows => new(SeenCase.Something),
            Display.Opens => new(SeenCase.Opens),
            Display.NothingOpens => new(SeenCase.NothingOpens),
            _ => new(SeenCase.Nothing),
        };
    }

    /// <summary>Another slot of the same half.</summary>
    public static string Slot(string hot, string slot) => hot[..^"hot".Length] + slot;

    private static SeenCase Lamps(Live live, string hot)
    {
        var lamps = Outlets.Test(live, hot, Slot(hot, "neutral"), Slot(hot, "ground"));
        return lamps switch
        {
            (false, false, false) => SeenCase.LampsNone,
            (true, false, false) => SeenCase.LampsHotNeutral,
            (false, true, false) => SeenCase.LampsHotGround,
            (false, false, true) => SeenCase.LampsNeutralGround,
            (true, true, false) => SeenCase.LampsBothHot,
            (true, false, true) => SeenCase.LampsReversed,
            (false, true, true) => SeenCase.LampsGroundHot,
            (true, true, true) => SeenCase.LampsAll,
        };
    }

    /// <summary>Its button sends a current round the works inside: what counts is supply and works, no ground.</summary>
    private static SeenCase OwnButton(Live live, string at)
    {
        var key = GuardKey.Read(at);
        return live.Plan.Guards.FirstOrDefault(g => g.Key == key) is { Stuck: false } guard && Story.Powered(live, guard)
            ? SeenCase.Opens
            : SeenCase.NothingOpens;
    }

    private static bool Touched(Live live, string point, ShockConditions? how)
    {
        var body = how is { WetSkin: true } ? WetBody : DryBody;
        var floor = how is { WetGround: true } ? 0 : DryFloor;
        var shoes = how is { Shoes: true } ? live.Set(ElectricsBook.ShoeOhms) : 0;
        var ohms = body + floor + shoes;
        return 1000 * live.Solved.Laid(live.At(point), Network.Earth, 1 / ohms) / ohms >= Live.Felt;
    }

    private static bool Warm(Live live, Id<Box> id) =>
        live.Job.Boxes.Find(id) is { } box
        && box.Leads.Ids.Select(l => LinkKeys.Land(id, l))
            .Concat(box.Pigtails.Ids.SelectMany(t => new[] { LinkKeys.TailFrom(id, t), LinkKeys.TailTo(id, t) }))
            .Select(live.Plan.Find)
            .OfType<Link>()
            .Where(l => !l.Open)
            .Any(l => Math.Pow(live.Amperes(l).Magnitude, 2) * l.Ohms.Real >= WarmWatts);

    /// <summary>Only what carries a current that does not wait: a megohm is read with direct current.</summary>
    private static bool Insulated(Live live, string one, string other)
    {
        var ohms = live.Impedance(one, other);
        return ohms == Complex.Zero ? one != other : (1 / ohms).Real < 1 / GoodOhms;
    }
}
