using System.Globalization;
using System.Numerics;
using System.Text.Json.Serialization;
using System.Text.RegularExpressions;

namespace JollyBarn.Measures;

/// <summary>A volume in cubic inches, exact in decimal: 45.5625 stays 45.5625.</summary>
/// <remarks>Never negative in a box; differences may be. Comparing is exact: 18.0 needed in 18.0 fits.</remarks>
[JsonConverter(typeof(VolumeJson))]
public readonly partial record struct Volume : IComparable<Volume>
{
    /// <summary>1 in³ in cubic centimetres, exact (2.54³).</summary>
    public const decimal CubicCentimetresPerCubicInch = 16.387064m;

    private Volume(decimal cubicInches) => CubicInches = cubicInches;

    public decimal CubicInches { get; }

    public static Volume Zero => default;

    /// <param name="cubicInches">in³; trailing zeros do not matter.</param>
    /// <exception cref="ArgumentOutOfRangeException">Beyond ±1,000,000 in³, which is no box.</exception>
    public static Volume Of(decimal cubicInches) =>
        Math.Abs(cubicInches) <= 1_000_000m
            ? new(cubicInches.Scale == 0 ? cubicInches : cubicInches / 1.0000000000000000000000000000m)
            : throw new ArgumentOutOfRangeException(nameof(cubicInches), "A box volume is at most a million cubic inches.");

    /// <summary>Length × width × depth, cut (never rounded up) at the eighteenth decimal, which is exact for 64ths of an inch.</summary>
    /// <remarks>3 × 2 × 1 5/8 in is 9.75 in³.</remarks>
    public static Volume OfBlock(Length length, Length width, Length depth)
    {
        var scaled = BigInteger.Pow(10, 18) * length.Units * width.Units * depth.Units / BigInteger.Pow(Length.UnitsPerInch, 3);
        return scaled > BigInteger.Pow(10, 24)
            ? throw new ArgumentOutOfRangeException(nameof(length), "A box volume is at most a million cubic inches.")
            : Of((decimal)scaled / 1_000_000_000_000_000_000m);
    }

    public static Volume operator +(Volume a, Volume b) => Of(a.CubicInches + b.CubicInches);

    public static Volume operator -(Volume a, Volume b) => Of(a.CubicInches - b.CubicInches);

    /// <summary>So many allowances of a volume: 1¼ grounds of 2.25 in³ are 2.8125 in³.</summary>
    public static Volume operator *(decimal count, Volume each) => Of(count * each.CubicInches);

    public static bool operator <(Volume a, Volume b) => a.CubicInches < b.CubicInches;

    public static bool operator >(Volume a, Volume b) => a.CubicInches > b.CubicInches;

    public static bool operator <=(Volume a, Volume b) => a.CubicInches <= b.CubicInches;

    public static bool operator >=(Volume a, Volume b) => a.CubicInches >= b.CubicInches;

    public int CompareTo(Volume other) => CubicInches.CompareTo(other.CubicInches);

    /// <summary>Reads a mark: <c>18</c>, <c>18.0 in³</c>, <c>20.3 cu in</c>, <c>295 cm³</c>, <c>295 ml</c>. A bare number is cubic inches;
    /// millilitres are cut, never rounded up.</summary>
    public static bool TryParse(string? text, out Volume volume)
    {
        volume = default;
        var match = Pattern().Match((text ?? "").Trim().ToLowerInvariant().Replace(',', '.'));
        if (
            !match.Success
            || !decimal.TryParse(match.Groups["n"].Value, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var number)
            || number > 100_000
        )
        {
            return false;
        }

        var metric = match.Groups["metric"].Success;
        volume = Of(metric ? decimal.Truncate(number / CubicCentimetresPerCubicInch * 1_000_000_000m) / 1_000_000_000m : number);
        return true;
    }

    public override string ToString() => CubicInches.ToString("0.##################", CultureInfo.InvariantCulture) + " in³";

    [GeneratedRegex(@"^(?<n>\d{1,9}(\.\d{1,9})?|\.\d{1,9}) ?((?<metric>cm3|cm³|cc|ml)|in3|in³|cu\.? ?in\.?|ci|cubic inch(es)?)?$")]
    private static partial Regex Pattern();
}
