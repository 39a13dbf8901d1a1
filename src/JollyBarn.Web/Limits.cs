namespace JollyBarn.Web;

/// <summary>Sizes past which a request is refused with a sentence.</summary>
internal static class Limits
{
    public const long Body = 64 * 1024 * 1024;

    public const int Previews = 200;

    public const int Held = 60;

    /// <summary>Bytes a body may have where others are served: of whoever is not in little, of an edit some, of files what they
    /// need.</summary>
    public static long BodyOf(bool known, string path) =>
        !known ? 128 * 1024
        : path == "/api/import" ? Body
        : path.EndsWith("/photos", StringComparison.Ordinal) ? PhotoCheck.MostBytes + 1
        : 4 * 1024 * 1024;

    /// <summary>A size as people say it.</summary>
    public static string Size(long bytes) => bytes >= 1024 * 1024 ? $"{bytes / (1024 * 1024)} MB" : $"{bytes / 1024} kB";
}
