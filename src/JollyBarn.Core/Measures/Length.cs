using System.Globalization;
using System.Numerics;
using System.Text.Json.Serialization;

namespace JollyBarn.Measures;

/// <summary>A length, held in whole units of 1/320 mm so that a 64th of an inch (127 units) and a millimetre (320) are both
/// exact.</summary>
/// <remarks>
/// What cannot be held exactly is cut toward zero, never rounded up: a tape reading must not pass a limit by arithmetic.
/// One inch is 25.4 mm exactly (1959), so 8128 units. Range: ±1 mile.
/// </remarks>
[JsonConverter(typeof(LengthJson))]
public readonly record struct Length : IComparable<Length>
{
    public const long UnitsPerInch = 8128;
    public const long UnitsPerMillimetre = 320;
    private const long Limit = 63360 * UnitsPerInch;

    private Length(long units) => Units = units;

    /// <summary>Whole units of 1/320 mm.</summary>
    public long Units { get; }

    /// <summary>Inches, for arithmetic that ends on a screen; compare lengths themselves, not this.</summary>
    public decimal InInches => (decimal)Units / UnitsPerInch;

    public static Length Zero => default;

    /// <exception cref="ArgumentOutOfRangeException">More than a mile either way.</exception>
    public static Length FromUnits(long units) =>
        Math.Abs(units) <= Limit ? new(units) : throw new ArgumentOutOfRangeException(nameof(units), "A length is at most a mile.");

    /// <summary>Whole inches and a fraction: <c>Inches(2, 7, 8)</c> is 2 7/8 in.</summary>
    public static Length Inches(long whole, long numerator = 0, long denominator = 1) =>
        FromUnits((long)((BigInteger)((whole * denominator) + numerator) * UnitsPerInch / denominator));

    /// <summary>Decimal inches, cut toward zero to 1/320 mm.</summary>
    public static Length FromInches(decimal inches) => FromUnits((long)decimal.Truncate(inches * UnitsPerInch));

    public static Length operator +(Length a, Length b) => FromUnits(a.Units + b.Units);

    public static Length operator -(Length a, Length b) => FromUnits(a.Units - b.Units);

    public static bool operator <(Length a, Length b) => a.Units < b.Units;

    public static bool operator >(Length a, Length b) => a.Units > b.Units;

    public static bool operator <=(Length a, Length b) => a.Units <= b.Units;

    public static bool operator >=(Length a, Length b) => a.Units >= b.Units;

    public int CompareTo(Length other) => Units.CompareTo(other.Units);

    /// <summary>Reads a length as the trade writes it: <c>2 7/8</c>, <c>2-7/8"</c>, <c>2.875</c>, <c>73 mm</c>, <c>7.3 cm</c>, <c>3' 4
    /// 1/2"</c>, <c>2⅞</c>. A bare number is inches.</summary>
    /// <returns>False when the text is not a length or is over a mile.</returns>
    public static bool TryParse(string? text, out Length length) => LengthText.TryParse(text, out length);

    /// <exception cref="FormatException">The text is not a length.</exception>
    public static Length Parse(string text) =>
        TryParse(text, out var length) ? length : throw new FormatException($"\"{text}\" is not a length. Write 2 7/8, 2.875 or 73 mm.");

    /// <summary>The inches alone, as nominal sizes are said: <c>3/4</c>. As <see cref="ToString"/> where they are no 64ths.</summary>
    public string Nominal => ToString() is [.. var inches, ' ', 'i', 'n'] ? inches : ToString();

    /// <summary>The shortest exact form: a fraction of an inch when it is a 64th, else millimetres. <see cref="Parse"/> gives the same
    /// length back.</summary>
    public override string ToString()
    {
        if (Units % (UnitsPerInch / 64) != 0)
        {
            return (Units / (decimal)UnitsPerMillimetre).ToString("0.######", CultureInfo.InvariantCulture) + " mm";
        }

        var sixtyFourths = Math.Abs(Units / (UnitsPerInch / 64));
        var (whole, part) = (sixtyFourths / 64, sixtyFourths % 64);
        var divisor = part == 0 ? 64 : (long)BigInteger.GreatestCommonDivisor(part, 64);
        var fraction = part == 0 ? "" : $"{part / divisor}/{64 / divisor}";
        var number = (whole, part) switch
        {
            (_, 0) => $"{whole}",
            (0, _) => fraction,
            _ => $"{whole} {fraction}",
        };
        return $"{(Units < 0 ? "-" : "")}{number} in";
    }
}
