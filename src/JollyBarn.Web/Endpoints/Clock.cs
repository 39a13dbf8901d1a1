using System.Globalization;

namespace JollyBarn.Web.Endpoints;

/// <summary>The clock of the program, as records write it.</summary>
internal static class Clock
{
    /// <returns>ISO 8601, UTC, to the millisecond.</returns>
    public static string Now() => DateTimeOffset.UtcNow.ToString("yyyy-MM-ddTHH:mm:ss.fffZ", CultureInfo.InvariantCulture);
}
