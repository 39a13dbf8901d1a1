using System.Buffers.Text;
using System.Security.Cryptography;
using System.Text;

namespace JollyBarn.Web.Crew;

/// <summary>Words that let somebody in: random, shown once, and kept as a hash.</summary>
internal static class Words
{
    /// <summary>A new word of 256 bits, for an address or a cookie.</summary>
    public static string New() => Base64Url.EncodeToString(RandomNumberGenerator.GetBytes(32));

    /// <summary>SHA-256, hexadecimal. A word of 256 random bits needs no salt and no slow hash.</summary>
    public static string Hash(string word) => Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(word)));
}
