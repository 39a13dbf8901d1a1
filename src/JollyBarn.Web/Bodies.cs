using System.Text.Json;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.Extensions.Options;
using Microsoft.Net.Http.Headers;

namespace JollyBarn.Web;

/// <summary>Bodies as they come in: read again when they do not read, to say where and why.</summary>
internal static class Bodies
{
    private static readonly object Key = new();

    private const int InMemory = 1024 * 1024;

    /// <summary>Refuses a charset that JSON does not have, and keeps a body that may have to be explained.</summary>
    public static Task PassAsync(HttpContext context, RequestDelegate next)
    {
        var request = context.Request;
        if (request.ContentType is { } type && (!MediaTypeHeaderValue.TryParse(type, out var media) || !Utf8(media)))
        {
            return Problems.Write(context, 415, "Send it as UTF-8: this content type does not read, or names another charset.", null);
        }

        if (request.ContentType?.Contains('"', StringComparison.Ordinal) == true)
        {
            // In quotes the charset is the same one; what reads the body takes it without.
            request.ContentType = request.ContentType.Replace("\"", "", StringComparison.Ordinal);
        }

        if (Shape(context) is { } shape)
        {
            // Kept here: where a failure is answered, the endpoint is not known any more.
            context.Items[Key] = shape;
            request.EnableBuffering(InMemory);
        }

        return next(context);
    }

    /// <summary>Where a body that did not read is wrong; null where nobody can tell.</summary>
    public static async Task<(string Says, string? Field)?> ExplainAsync(HttpContext context)
    {
        if (context.Items[Key] is not Type shape || !context.Request.Body.CanSeek)
        {
            return null;
        }

        var options = context.RequestServices.GetRequiredService<IOptions<JsonOptions>>().Value.SerializerOptions;
        context.Request.Body.Position = 0;
        try
        {
            using var body = await JsonDocument.ParseAsync(
                context.Request.Body,
                new() { MaxDepth = options.MaxDepth },
                context.RequestAborted
            );
            return Explain.Body(body.RootElement, shape, options) is { } wrong ? (wrong.Says, wrong.Field) : null;
        }
        catch (JsonException problem)
        {
            return problem.LineNumber is { } line
                ? ($"This is not JSON: it stops making sense in line {line + 1}, after {problem.BytePositionInLine} bytes of it.", null)
                : ("This is not JSON.", null);
        }
    }

    private static bool Utf8(MediaTypeHeaderValue media) =>
        !media.Charset.HasValue || media.Charset.Value.Trim('"').Equals("utf-8", StringComparison.OrdinalIgnoreCase);

    /// <summary>What the endpoint reads its body as; null where it reads none, or reads it itself.</summary>
    private static Type? Shape(HttpContext context) =>
        context.GetEndpoint()?.Metadata.GetMetadata<IAcceptsMetadata>() is { RequestType: { } type } accepts
        && accepts.ContentTypes.SequenceEqual(["application/json"])
            ? type
            : null;
}
