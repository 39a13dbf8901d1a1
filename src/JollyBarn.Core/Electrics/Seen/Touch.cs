using JollyBarn.CodeBook;
using JollyBarn.Electrics.Faults;

namespace JollyBarn.Electrics.Seen;

/// <summary>What so much for so long does.</summary>
public enum TouchCase
{
    NotFelt,
    Start,
    SharpThenOpens,

    /// <summary>Children and some grown people cannot let go.</summary>
    SomeCannotLetGo,
    CannotLetGo,
    CannotLetGoUntilOpens,

    /// <summary>Unbroken, it can stop breathing.</summary>
    StopsBreathing,
    CanKill,
}

/// <summary>What a person gets who touches a point and stands on the earth, or touches two.</summary>
/// <param name="Milliamperes">Through the body.</param>
/// <param name="Seconds">Until something opens; null when nothing does.</param>
/// <param name="MayOpen">True where nothing surely opens and a ground-fault device may: 4 mA to under 6, UL 943.</param>
/// <param name="Means">What so much for so long does.</param>
public sealed record Touch(string Point, double Milliamperes, double? Seconds, bool MayOpen, TouchCase Means)
{
    /// <summary>Children and some cannot let go from, most cannot from, breathing can stop from, the heart from, mA. IEC
    /// 60479-1, from memory.</summary>
    private const double Some = 5,
        Holds = 10,
        Breathing = 20,
        Heart = 40;

    /// <summary>Long enough for the heart at a small current, s.</summary>
    private const double Long = 3;

    /// <summary>Under this for less than a tenth of a second it is a sharp shock, mA.</summary>
    private const double Sharp = 500;

    public static Touch Feel(Live live, string point)
    {
        var ohms = Math.Max(1, live.Set(ElectricsBook.BodyOhms) + live.Set(ElectricsBook.ShoeOhms));
        var person = new Branch(live.At(point), Network.Earth, 1 / ohms);
        var milliamperes = 1000 * live.Solved.With(person).Amperes(person);
        if (milliamperes < Live.Felt)
        {
            return new(point, milliamperes, null, false, TouchCase.NotFelt);
        }

        var story = Story.Unfold(live.With(new Bridged(point, Points.Earth, ohms)));
        var seconds = story.Openings is [var first, ..] ? first.Seconds : (double?)null;
        return new(point, milliamperes, seconds, seconds is null && story.Perhaps.Count > 0, Does(milliamperes, seconds));
    }

    /// <summary>What a current does that flows until something opens.</summary>
    /// <param name="seconds">Null where nothing opens.</param>
    public static TouchCase Does(double milliamperes, double? seconds)
    {
        var opens = seconds is { } s && s < Long;
        return milliamperes switch
        {
            < Live.Felt => TouchCase.NotFelt,
            < Some => TouchCase.Start,
            < Sharp when seconds is { } t && t < 0.1 => TouchCase.SharpThenOpens,
            < Holds => TouchCase.SomeCannotLetGo,
            _ when opens => TouchCase.CannotLetGoUntilOpens,
            < Breathing => TouchCase.CannotLetGo,
            < Heart => TouchCase.StopsBreathing,
            _ => TouchCase.CanKill,
        };
    }
}
