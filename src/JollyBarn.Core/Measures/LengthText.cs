using System.Globalization;
using System.Numerics;
using System.Text;
using System.Text.RegularExpressions;

namespace JollyBarn.Measures;

/// <summary>Reads lengths as people type or paste them.</summary>
internal static partial class LengthText
{
    private const string VulgarFractions = "½1/2 ¼1/4 ¾3/4 ⅛1/8 ⅜3/8 ⅝5/8 ⅞7/8 ⅓1/3 ⅔2/3 ⅙1/6 ⅚5/6 ⅕1/5 ⅖2/5 ⅗3/5 ⅘4/5";

    public static bool TryParse(string? text, out Length length)
    {
        length = default;
        if (string.IsNullOrWhiteSpace(text) || text.Length > 40)
        {
            return false;
        }

        var plain = Plain(text);
        var sign = plain.StartsWith('-') ? -1 : 1;
        plain = sign < 0 ? plain[1..].TrimStart() : plain;
        BigInteger units;
        if (Metric().Match(plain) is { Success: true } metric)
        {
            var scale = metric.Groups["unit"].Value switch
            {
                "mm" => 320m,
                "cm" => 3200m,
                _ => 320000m,
            };
            if (
                !decimal.TryParse(metric.Groups["n"].Value, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var n)
                || n > 2_000_000
            )
            {
                return false;
            }

            units = (BigInteger)decimal.Truncate(n * scale);
        }
        else if (Customary().Match(plain) is { Success: true } match && (match.Groups["ft"].Success || match.Groups["in"].Success))
        {
            if (
                !Part(match.Groups["ft"], Length.UnitsPerInch * 12, out var feet)
                || !Part(match.Groups["in"], Length.UnitsPerInch, out var inches)
            )
            {
                return false;
            }

            units = feet + inches;
        }
        else
        {
            return false;
        }

        if (units > 63360 * (BigInteger)Length.UnitsPerInch)
        {
            return false;
        }

        length = Length.FromUnits(sign * (long)units);
        return true;
    }

    /// <summary>One number (whole, decimal, fraction or mixed) times a scale, cut toward zero.</summary>
    private static bool Part(Group group, long scale, out BigInteger units)
    {
        units = 0;
        if (!group.Success)
        {
            return true;
        }

        var match = Number().Match(group.Value);
        if (match.Groups["den"].Success)
        {
            var whole = match.Groups["whole"].Success ? BigInteger.Parse(match.Groups["whole"].Value, CultureInfo.InvariantCulture) : 0;
            var numerator = BigInteger.Parse(match.Groups["num"].Value, CultureInfo.InvariantCulture);
            var denominator = BigInteger.Parse(match.Groups["den"].Value, CultureInfo.InvariantCulture);
            if (denominator.IsZero)
            {
                return false;
            }

            units = ((whole * denominator) + numerator) * scale / denominator;
            return true;
        }

        if (
            !decimal.TryParse(group.Value, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var number)
            || number > 1_000_000
        )
        {
            return false;
        }

        units = (BigInteger)decimal.Truncate(number * scale);
        return true;
    }

    private static string Plain(string text)
    {
        var plain = new StringBuilder(text.Trim().ToLowerInvariant());
        foreach (var pair in VulgarFractions.Split(' '))
        {
            plain.Replace(pair[..1], " " + pair[1..]);
        }

        plain
            .Replace('⁄', '/')
            .Replace('′', '\'')
            .Replace('’', '\'')
            .Replace("''", "\"")
            .Replace('″', '"')
            .Replace('”', '"')
            .Replace('−', '-')
            .Replace(',', '.');
        return Spaces().Replace(plain.ToString(), " ").Trim();
    }

    [GeneratedRegex(@"^(?<n>\d{1,9}(\.\d{1,9})?|\.\d{1,9}) ?(?<unit>mm|cm|m)$")]
    private static partial Regex Metric();

    [GeneratedRegex(
        """^((?<ft>\d{1,6}(\.\d{1,9})?) ?('|ft|feet|foot)[ -]?)?"""
            + """((?<in>(\d{1,6}[ -])?\d{1,4} ?/ ?\d{1,4}|\d{1,6}(\.\d{1,9})?|\.\d{1,9}) ?("|in\.?|inch|inches)?)?$"""
    )]
    private static partial Regex Customary();

    [GeneratedRegex(@"^((?<whole>\d+)[ -])?(?<num>\d+) ?/ ?(?<den>\d+)$")]
    private static partial Regex Number();

    [GeneratedRegex(@"\s+")]
    private static partial Regex Spaces();
}
