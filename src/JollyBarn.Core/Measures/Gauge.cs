using System.Globalization;
using System.Text.Json.Serialization;

namespace JollyBarn.Measures;

/// <summary>An American wire gauge from 40 to 4/0. A smaller number is a thicker conductor.</summary>
[JsonConverter(typeof(GaugeJson))]
public readonly record struct Gauge : IComparable<Gauge>
{
    private Gauge(int number) => Number = number;

    /// <summary>14 for 14 AWG; 0 for 1/0, −1 for 2/0, −3 for 4/0.</summary>
    public int Number { get; }

    /// <exception cref="ArgumentOutOfRangeException">Not between 4/0 (−3) and 40.</exception>
    public static Gauge Awg(int number) =>
        number is >= -3 and <= 40 ? new(number) : throw new ArgumentOutOfRangeException(nameof(number), "A gauge is between 40 and 4/0.");

    /// <summary>Reads <c>14</c>, <c>14 AWG</c>, <c>#12</c>, <c>1/0</c>.</summary>
    public static bool TryParse(string? text, out Gauge gauge)
    {
        gauge = default;
        var plain = (text ?? "").Trim().ToLowerInvariant().TrimStart('#').Replace("awg", "", StringComparison.Ordinal).Trim();
        if (plain is ['1' or '2' or '3' or '4', '/', '0'])
        {
            gauge = new('1' - plain[0]);
            return true;
        }

        if (
            plain.Length > 2
            || !int.TryParse(plain, NumberStyles.None, CultureInfo.InvariantCulture, out var number)
            || number is < 1 or > 40
        )
        {
            return false;
        }

        gauge = new(number);
        return true;
    }

    /// <summary>True when this conductor is thicker than the other.</summary>
    public bool ThickerThan(Gauge other) => Number < other.Number;

    /// <summary>Area of the copper, circular mils: the square of a diameter that grows by the 39th root of 92 with each gauge (the
    /// definition of AWG). NEC Chapter 9 Table 8 prints the same rounded, 14 AWG 4110, 12 AWG 6530.</summary>
    public int CircularMils => (int)Math.Round(25 * Math.Pow(92, (36 - Number) / 19.5));

    /// <summary>Orders thin to thick, so that the maximum is the largest conductor.</summary>
    public int CompareTo(Gauge other) => other.Number.CompareTo(Number);

    public override string ToString() => Number > 0 ? Number.ToString(CultureInfo.InvariantCulture) : $"{1 - Number}/0";
}
