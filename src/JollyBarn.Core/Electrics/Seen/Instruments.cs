using JollyBarn.CodeBook;
using JollyBarn.Electrics.Faults;

namespace JollyBarn.Electrics.Seen;

/// <summary>What stands in an instrument's window.</summary>
public enum Display
{
    Volts,
    Ohms,
    Open,
    Overload,
    Glows,
    Dark,
    Opens,
    NothingOpens,
}

/// <summary>What to make of it.</summary>
public enum ShownCase
{
    OwnCurrentOpened,
    Ghost,
    Live,
    NoVoltage,
    ButtonOpened,
    ButtonNothingOpens,
    ButtonNoGround,
    ButtonNoWay,
    PenGlows,
    PenDark,
    TakeItOff,
    Joined,
    NotJoined,
}

/// <summary>What an instrument shows between two points, and what it does to the circuit meanwhile.</summary>
/// <param name="Value">V or Ω, where it shows a number.</param>
/// <param name="Trips">What the instrument itself makes open, if anything.</param>
public sealed record Shown(
    string Instrument,
    string From,
    string To,
    Display Display,
    double? Value,
    IReadOnlyList<Opening> Trips,
    ShownCase Means
)
{
    /// <summary>The number, where it is volts.</summary>
    public double? Volts => Display == Display.Volts ? Value : null;
}

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

    /// <summary>What an instrument that reads volts reads, V, whatever it makes open; null for one that does not.</summary>
    public static double? Volts(Live live, string instrument, string from, string to) =>
        Ohms.TryGetValue(instrument, out var ohms) ? live.Solved.Laid(live.At(from), live.At(to), 1 / ohms) : null;

    private static Shown Volts(Live live, string instrument, double ohms, string from, string to)
    {
        var volts = Volts(live, instrument, from, to)!.Value;
        var trips = volts > LeastShown ? Laid(live, from, to, ohms) : [];
        var means =
            trips.Count > 0 ? ShownCase.OwnCurrentOpened
            : volts >= Live.LiveVolts
                ? instrument == "meter" && live.Solved.Laid(live.At(from), live.At(to), 1.0 / 3000) < 5 ? ShownCase.Ghost
                    : ShownCase.Live
            : ShownCase.NoVoltage;
        return new(instrument, from, to, Display.Volts, volts, trips, means);
    }

    /// <summary>The button of a plug-in tester: a current from the hot slot to the ground slot.</summary>
    private static Shown Button(Live live, string hot, string ground)
    {
        var ohms = live.Set(ElectricsBook.LegVolts) / ButtonAmperes;
        var (at, to) = (live.At(hot), live.At(ground));
        var current = (live.Volts(hot) - live.Volts(ground)) / (ohms + live.Solved.Impedance(at, to));
        var response = new Lazy<Solved.Response>(() => live.Solved.RespondTo(at, to));

        // So little is nothing to a breaker: what may open is what watches for current that does not come back.
        var watches = live.Plan.Guards.Any(g =>
            !g.Stuck && g.Watched.Count > 0 && Story.Residual(live, g, n => -current * response.Value[n]) >= Trips.GfciHolds
        );
        var opened = watches ? Laid(live, hot, ground, ohms) : [];
        var means =
            opened.Count > 0 ? ShownCase.ButtonOpened
            : current.Magnitude >= Trips.GfciTrips ? ShownCase.ButtonNothingOpens
            : (live.Volts(ground) - (current * response.Value[to])).Magnitude >= Live.LiveVolts
            && live.Volts(ground).Magnitude < Live.LiveVolts
                ? ShownCase.ButtonNoGround
            : ShownCase.ButtonNoWay;
        return new("plug-in", hot, ground, opened.Count > 0 ? Display.Opens : Display.NothingOpens, null, opened, means);
    }

    private static Shown Pen(Live live, string at)
    {
        var volts = live.Volts(at).Magnitude;
        var glows = volts >= PenVolts;
        return new("pen", at, Points.Earth, glows ? Display.Glows : Display.Dark, null, [], glows ? ShownCase.PenGlows : ShownCase.PenDark);
    }

    private static Shown Continuity(Live live, string from, string to)
    {
        if (live.Between(from, to) > DeadVolts)
        {
            return new("continuity", from, to, Display.Overload, null, [], ShownCase.TakeItOff);
        }

        var ohms = live.Impedance(from, to).Magnitude;
        var closed = ohms < Continuous;
        return new(
            "continuity",
            from,
            to,
            closed ? Display.Ohms : Display.Open,
            closed ? ohms : null,
            [],
            closed ? ShownCase.Joined : ShownCase.NotJoined
        );
    }

    /// <summary>What a load laid between two points makes open.</summary>
    public static IReadOnlyList<Opening> Laid(Live live, string from, string to, double ohms) =>
        Story.Unfold(live.With(new Bridged(from, to, ohms))).Openings;
}
