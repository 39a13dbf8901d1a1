using System.Globalization;
using System.Security.Cryptography;
using System.Text;

namespace JollyBarn.Store;

/// <summary>Sums that show whether a row still says what was written: SHA-256 of its fields, the first half, hexadecimal.</summary>
internal static class Sums
{
    private const int Bytes = 16;

    /// <summary>The sum of fields in order; null and empty differ.</summary>
    public static string Of(params ReadOnlySpan<string?> fields)
    {
        using var hash = IncrementalHash.CreateHash(HashAlgorithmName.SHA256);
        foreach (var field in fields)
        {
            var bytes = field is null ? [] : Encoding.UTF8.GetBytes(field);
            hash.AppendData(BitConverter.GetBytes(field is null ? -1 : bytes.Length));
            hash.AppendData(bytes);
        }

        return Convert.ToHexStringLower(hash.GetHashAndReset().AsSpan(0, Bytes));
    }

    public static string Of(ReadOnlySpan<byte> bytes) => Convert.ToHexStringLower(SHA256.HashData(bytes).AsSpan(0, Bytes));

    public static string Text(long number) => number.ToString(CultureInfo.InvariantCulture);

    /// <summary>A number without the zeros a column was written with.</summary>
    public static string Text(decimal number) => (number / 1.000000000000000000m).ToString(CultureInfo.InvariantCulture);
}
