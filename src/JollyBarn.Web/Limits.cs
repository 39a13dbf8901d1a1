namespace JollyBarn.Web;

/// <summary>Sizes past which a request is refused with a sentence.</summary>
internal static class Limits
{
    public const long Body = 64 * 1024 * 1024;

    public const int Previews = 200;

    public const int Held = 60;
}
