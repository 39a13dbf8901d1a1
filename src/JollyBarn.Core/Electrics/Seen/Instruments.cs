using JollyBarn.CodeBook;
using JollyBarn.Electrics.Faults;

namespace JollyBarn.Electrics.Seen;

/// <summary>What an instrument shows between two points, and what it does to the circuit meanwhile.</summary>
/// <param name="Shows">As a person reads it.</param>
/// <param name="Volts">The same as volts, where it is volts.</param>
/// <param name="Trips">What the instrument itself makes open, if anything.</param>
/// <param name="Means">One sentence of what to make of it.</param>
public sealed record Shown(
    string Instrument,
    string From,
    string To,
    string Shows,
    double? Volts,
    IReadOnlyList<Opening> Trips,
    string Means
);

/// <summary>Instruments laid on the solved network as the loads they are. None knows the name of a fault.</summary>
public static class Instruments
{
    /// <summary>Impedance of each that reads volts, Ω. <em>Practice</em>.</summary>
    private static readonly Dictionary<string, double> Ohms = new()
    {
        ["meter"] = 10e6,
        ["low-impedance"] = 3000,
        ["two-pole"] = 200e3,
    };

    /// <summary>A pen glows from about this potential on. <em>Practice</em>; its hand and the coupling are the same wherever it is
    /// held.</summary>
    private const double PenVolts = 50;

    /// <summary>A continuity tester sounds under this. <em>Practice</em>.</summary>
    private const double Continuous = 50;

    /// <summary>More volts than this where a continuity tester is laid would hurt it.</summary>
    private const double DeadVolts = 3;

    /// <summary>What the button of a plug-in tester draws from hot to ground, A. <em>Practice</em>.</summary>
    private const double ButtonAmperes = 0.008;

    private const double LeastShown = 0.5;

    /// <summary>What the instrument shows; null for one that is not laid between two points.</summary>
    public static Shown? Between(Live live, string instrument, string from, string to) =>
        instrument switch
        {
            "continuity" => Continuity(live, from, to),
            "pen" => Pen(live, from),
            "plug-in" => Button(live, from, to),
            _ when Ohms.TryGetValue(instrument, out var ohms) => Volts(live, instrument, ohms, from, to),
            _ => null,
        };

    private static Shown Volts(Live live, string instrument, double ohms, string from, string to)
    {
        var laid = new Branch(live.At(from), live.At(to), 1 / ohms);
        var volts = live.Solved.With(laid).Between(laid.From, laid.To);
        var trips = volts > LeastShown ? Laid(live, from, to, ohms) : [];
        var means =
            trips.Count > 0 ? "The instrument's own current opened the protection: it was live."
            : volts >= Live.LiveVolts
                ? instrument == "meter" && live.Solved.With(new Branch(laid.From, laid.To, 1.0 / 3000)).Between(laid.From, laid.To) < 5
                        ? "A ghost: it is gone under a load. It may lie beside a live conductor."
                    : "Live between these two."
            : "No voltage between these two. That alone proves nothing dead: read each to an independent ground, and "
                + "the known source before and after.";
        return new(instrument, from, to, $"{volts:0.0} V", volts, trips, means);
    }

    /// <summary>The button of a plug-in tester: a current from the hot slot to the ground slot.</summary>
    private static Shown Button(Live live, string hot, string ground)
    {
        var ohms = live.Set(ElectricsBook.LegVolts) / ButtonAmperes;
        var opened = Laid(live, hot, ground, ohms);
        var laid = new Branch(live.At(hot), live.At(ground), 1 / ohms);
        var pressed = live.Solved.With(laid);
        var (amperes, lifted) = (pressed.Amperes(laid), pressed[laid.To].Magnitude);
        var means =
            opened.Count > 0
                ? "Its current found no way back but the ground, and something opened. Press the device's own button "
                    + "too: that is the test its maker asks for."
            : amperes >= Trips.GfciTrips
                ? "Its current goes to ground and nothing opens: no ground-fault protection works ahead of this outlet."
            : lifted >= Live.LiveVolts && live.Volts(ground).Magnitude < Live.LiveVolts
                ? "There is no ground for its current to go to, so it says nothing of the protection, and while it is "
                    + "pressed the metal here is live. Use the device's own button."
            : "There is no way for its current: it says nothing of the protection. Use the device's own button.";
        return new("plug-in", hot, ground, opened.Count > 0 ? "opens" : "nothing opens", null, opened, means);
    }

    private static Shown Pen(Live live, string at)
    {
        var volts = live.Volts(at).Magnitude;
        var glows = volts >= PenVolts;
        return new(
            "pen",
            at,
            Points.Earth,
            glows ? "glows" : "dark",
            null,
            [],
            glows
                ? "Something near it is at a potential. It does not say which, or whether it can drive a current."
                : "Not proof: a screened or far conductor keeps a pen dark."
        );
    }

    private static Shown Continuity(Live live, string from, string to)
    {
        if (live.Between(from, to) > DeadVolts)
        {
            return new("continuity", from, to, "overload", null, [], "It is live. Take the tester off: it is for dead circuits only.");
        }

        var ohms = live.Impedance(from, to).Magnitude;
        var closed = ohms < Continuous;
        return new(
            "continuity",
            from,
            to,
            closed ? $"{ohms:0.0} Ω" : "open",
            null,
            [],
            closed
                ? "Joined, perhaps through a load or by the bond at the panel: lift one end to be sure."
                : "Not joined by anything of few ohms."
        );
    }

    /// <summary>What a load laid between two points makes open.</summary>
    public static IReadOnlyList<Opening> Laid(Live live, string from, string to, double ohms) =>
        Story.Of(live.With(new Bridged(from, to, ohms))).Openings;
}

/// <summary>What a person gets who touches a point and stands on the earth, or touches two.</summary>
/// <param name="Milliamperes">Through the body.</param>
/// <param name="Seconds">Until something opens; null when nothing does.</param>
/// <param name="Means">What so much for so long does.</param>
public sealed record Touch(string Point, double Milliamperes, double? Seconds, string Means)
{
    /// <summary>Felt from, cannot let go from, the heart from, mA. IEC 60479-1, from memory.</summary>
    private const double Felt = 0.5,
        Holds = 10,
        Heart = 40;

    /// <summary>Long enough for the heart at a small current, s.</summary>
    private const double Long = 3;

    public static Touch Of(Live live, string point)
    {
        var ohms = Math.Max(1, live.Set(ElectricsBook.BodyOhms) + live.Set(ElectricsBook.ShoeOhms));
        var person = new Branch(live.At(point), Network.Earth, 1 / ohms);
        var milliamperes = 1000 * live.Solved.With(person).Amperes(person);
        var opens = milliamperes < Felt ? [] : Instruments.Laid(live, point, Points.Earth, ohms);
        var seconds = opens.Count > 0 ? opens[0].Seconds : (double?)null;
        var means =
            milliamperes < Felt ? "not felt"
            : milliamperes < Holds ? "felt, a start"
            : seconds is { } s && s < 0.1 && milliamperes < 500 ? "a sharp shock, then it opens"
            : milliamperes < Heart ? "cannot let go"
            : seconds is { } t && t < Long ? "cannot let go until it opens"
            : "can kill";
        return new(point, milliamperes, seconds, means);
    }
}
