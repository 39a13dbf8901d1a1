namespace JollyBarn.Electrics;

/// <summary>How surely something opens.</summary>
public enum Surely
{
    No,
    Perhaps,
    Yes,
}

/// <summary>When protection acts, at the latest.</summary>
public static class Trips
{
    /// <summary>A breaker's magnet surely pulls in about half a cycle and a little, s.</summary>
    public const double AtOnce = 0.009;

    /// <summary>Magnetic pick-up lies anywhere between these multiples of the rating. UL 489, from memory.</summary>
    public const double PicksUpFrom = 5;

    public const double PicksUpSurely = 20;

    /// <summary>A class A device holds under 4 mA and trips from 6 mA. UL 943.</summary>
    public const double GfciHolds = 0.004;

    public const double GfciTrips = 0.006;

    /// <summary>No class A device is asked to be faster than this, s.</summary>
    public const double GfciFastest = 0.025;

    /// <summary>Least volts at its line side with which a ground-fault device works. UL 943 asks for 85 % of 120 V: from memory.</summary>
    public const double GfciSupply = 102;

    /// <summary>Least current of an arc in series and across that arc-fault protection answers, A. UL 1699, from memory.</summary>
    public const double SeriesArc = 5;

    public const double ParallelArc = 75;

    /// <summary>A parallel arc is cut within this: eight half-cycles of it in half a second. UL 1699, from memory.</summary>
    public const double ParallelArcSeconds = 0.5;

    /// <summary>Longest time arc-fault protection may let an arc in series burn, s; infinite below 5 A.</summary>
    /// <remarks>UL 1699, from memory: 1.0 s at 5 A, 0.4 at 10, 0.28 at 15, 0.20 at 20, 0.14 at 30.</remarks>
    public static double Arc(double amperes)
    {
        (double Amperes, double Seconds)[] table = [(30, 0.14), (20, 0.20), (15, 0.28), (10, 0.4), (SeriesArc, 1.0)];
        return table.Where(t => amperes >= t.Amperes).Select(t => t.Seconds).DefaultIfEmpty(double.PositiveInfinity).First();
    }

    /// <summary>Longest time a class A ground-fault device may take, s; infinite below 6 mA.</summary>
    /// <remarks>UL 943: t = (20 / mA)^1.43. 6 mA 5.6 s, 20 mA 1.0 s, 264 mA 0.025 s.</remarks>
    /// <param name="amperes">Difference of what goes out and comes back, A.</param>
    public static double Gfci(double amperes) => amperes < GfciTrips ? double.PositiveInfinity : GfciLaw(amperes);

    /// <summary>The same without asking whether it must open: between 4 and 6 mA it may.</summary>
    internal static double GfciLaw(double amperes) => Math.Max(GfciFastest, Math.Pow(20 / (amperes * 1000), 1.43));

    /// <summary>Longest time what watches for a larger difference may take, s; infinite below it. <em>Assumed</em>: a tenth of a
    /// second.</summary>
    /// <param name="from">Difference at which it acts, A.</param>
    public static double Equipment(double amperes, double from) => amperes < from ? double.PositiveInfinity : 0.1;

    /// <summary>Whether a breaker's magnet opens it at once.</summary>
    public static Surely Magnetic(double amperes, double rating) =>
        amperes >= PicksUpSurely * rating ? Surely.Yes
        : amperes >= PicksUpFrom * rating ? Surely.Perhaps
        : Surely.No;

    /// <summary>Longest time a breaker may take, s; infinite at or under its rating.</summary>
    /// <remarks>UL 489, from memory: 135 % within 1 h to 50 A and 2 h above; 200 % within 2 min to 30 A, 4 min to 50, 6 min to 100. Between
    /// them and beyond, by the square of the current.</remarks>
    public static double Breaker(double amperes, double rating)
    {
        var ratio = amperes / rating;
        if (ratio < 1.35)
        {
            return double.PositiveInfinity;
        }

        if (ratio >= PicksUpSurely)
        {
            return AtOnce;
        }

        var hour = rating <= 50 ? 3600.0 : 7200;
        var twice =
            rating <= 30 ? 120.0
            : rating <= 50 ? 240
            : 360;
        if (ratio >= 2)
        {
            return twice * 4 / (ratio * ratio);
        }

        // A straight line between the two points on the paper of such curves, which is logarithmic both ways.
        var along = Math.Log(ratio / 1.35) / Math.Log(2 / 1.35);
        return hour * Math.Pow(twice / hour, along);
    }
}
