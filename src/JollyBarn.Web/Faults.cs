using Microsoft.AspNetCore.Http.Metadata;

namespace JollyBarn.Web;

/// <summary>A line in the log for each request that is refused: what was asked by its kind, never what was sent.</summary>
internal static partial class Faults
{
    private const int Longest = 120;

    public static void Note(ProblemDetailsContext told)
    {
        ArgumentNullException.ThrowIfNull(told);
        var context = told.HttpContext;
        var logger = context.RequestServices.GetRequiredService<ILoggerFactory>().CreateLogger(nameof(Faults));
        if (told.ProblemDetails.Status is >= 400 and < 500 and var status && logger.IsEnabled(LogLevel.Information))
        {
            var route = Addresses.EndpointOf(context)?.Metadata.GetMetadata<IRouteDiagnosticsMetadata>()?.Route ?? "an unknown address";
            var field = told.ProblemDetails.Extensions.TryGetValue("field", out var named) ? Shown(named as string) : "-";
            var method = Shown(context.Request.Method);
            Refused(logger, status, method, route, field);
        }
    }

    /// <summary>Text of the sender's as it may stand in one line.</summary>
    private static string Shown(string? text) =>
        text is null ? "-" : string.Concat(text.Take(Longest).Select(c => char.IsControl(c) || char.IsSurrogate(c) ? '?' : c));

    [LoggerMessage(Level = LogLevel.Information, Message = "Refused with {Status}: {Method} {Route}, field {Field}")]
    private static partial void Refused(ILogger logger, int status, string method, string route, string field);
}
