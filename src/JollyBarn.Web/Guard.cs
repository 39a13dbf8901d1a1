using Microsoft.Extensions.Primitives;

namespace JollyBarn.Web;

/// <summary>What every request passes: it must come to this machine by a name of this machine, and what changes something must come from a
/// page of this program or from no page at all.</summary>
internal static class Guard
{
    private const string SecurityPolicy =
        "default-src 'self'; img-src 'self' data: blob:; style-src 'self'; script-src 'self'; "
        + "connect-src 'self'; object-src 'none'; base-uri 'none'; frame-ancestors 'none'; form-action 'self'";

    private const string Permissions = "accelerometer=(), geolocation=(), gyroscope=(), magnetometer=(), microphone=(), payment=(), usb=()";

    private static readonly (string Name, StringValues Value)[] Headers =
    [
        ("Content-Security-Policy", SecurityPolicy),
        ("X-Content-Type-Options", "nosniff"),
        ("Referrer-Policy", "no-referrer"),
        ("Cross-Origin-Opener-Policy", "same-origin"),
        ("Cross-Origin-Resource-Policy", "same-origin"),
        ("Permissions-Policy", Permissions),
    ];

    public static Task PassAsync(HttpContext context, RequestDelegate next)
    {
        foreach (var (name, value) in Headers)
        {
            context.Response.Headers[name] = value;
        }

        if (context.Request.Path.StartsWithSegments("/api", StringComparison.Ordinal))
        {
            context.Response.Headers.CacheControl = "no-store";
        }

        return !Loopback(context.Request) ? Problems.Write(context, 403, "This program answers only on this machine.", null)
            : !Own(context.Request) ? Problems.Write(context, 403, "A page from elsewhere may not change anything here.", null)
            : next(context);
    }

    /// <summary>The host named in the request must be this machine: a page elsewhere must not reach in by a name that points
    /// here.</summary>
    private static bool Loopback(HttpRequest request) => request.Host.Host is "localhost" or "127.0.0.1" or "[::1]";

    /// <summary>True for what changes nothing, and for what comes from a page of this program or from no page.</summary>
    private static bool Own(HttpRequest request)
    {
        if (HttpMethods.IsGet(request.Method) || HttpMethods.IsHead(request.Method) || HttpMethods.IsOptions(request.Method))
        {
            return true;
        }

        var site = request.Headers["Sec-Fetch-Site"];
        var origin = request.Headers.Origin;
        return (site.Count == 0 || site == "same-origin" || site == "none")
            && (origin.Count == 0 || origin == $"{request.Scheme}://{request.Host}");
    }
}
