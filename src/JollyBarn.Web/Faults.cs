using Microsoft.AspNetCore.Http.Metadata;

namespace JollyBarn.Web;

/// <summary>A line in the log for each request that is refused: what was asked by its kind, never what was sent.</summary>
internal static partial class Faults
{
    private const int Longest = 120;

    public static void Note(ProblemDetailsContext told)
    {
        ArgumentNullException.ThrowIfNull(told);
        if (told.ProblemDetails.Status is >= 400 and < 500 and var status)
        {
            var context = told.HttpContext;
            Refused(
                context.RequestServices.GetRequiredService<ILoggerFactory>().CreateLogger(nameof(Faults)),
                status,
                Shown(context.Request.Method),
                Addresses.EndpointOf(context)?.Metadata.GetMetadata<IRouteDiagnosticsMetadata>()?.Route ?? "an unknown address",
                Shown(told.ProblemDetails.Extensions.TryGetValue("field", out var field) ? field as string : null)
            );
        }
    }

    /// <summary>Text of the sender's as it may stand in one line.</summary>
    private static string Shown(string? text) =>
        text is null ? "-" : string.Concat(text.Take(Longest).Select(c => char.IsControl(c) || char.IsSurrogate(c) ? '?' : c));

    [LoggerMessage(Level = LogLevel.Information, Message = "Refused with {Status}: {Method} {Route}, field {Field}")]
    private static partial void Refused(ILogger logger, int status, string method, string route, string field);
}
