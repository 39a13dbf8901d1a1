using JollyBarn.Web.Crew;
using JollyBarn.Web.Serving;
using Microsoft.Extensions.Primitives;

namespace JollyBarn.Web;

/// <summary>What every request passes: it must come by a name of this machine, so that no page elsewhere reaches in by a name that points
/// here, and what changes something must come from a page of this program or from no page at all.</summary>
internal sealed class Guard(Served served)
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

    public Task PassAsync(HttpContext context, RequestDelegate next)
    {
        foreach (var (name, value) in Headers)
        {
            context.Response.Headers[name] = value;
        }

        if (context.Request.Path.StartsWithSegments("/api", StringComparison.Ordinal))
        {
            context.Response.Headers.CacheControl = "no-store";
        }

        var door = Doors.Of(context);
        return !served.Allows(door, context.Request.Host.Host)
                ? Problems.Write(
                    context,
                    403,
                    door == Door.Local ? "This program answers only on this machine." : "This program does not answer to this name.",
                    null
                )
            : door == Door.Trust ? TrustPage.AnswerAsync(context, served)
            : !Own(context.Request) ? Problems.Write(context, 403, "A page from elsewhere may not change anything here.", null)
            : next(context);
    }

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
