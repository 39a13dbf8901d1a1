using System.Text.Json;
using JollyBarn.Store;
using JollyBarn.Telling;
using JollyBarn.Terms;
using Microsoft.AspNetCore.Diagnostics;

namespace JollyBarn.Web;

/// <summary>Answers to what cannot be: RFC 9457 problem details with a sentence and the field.</summary>
internal static class Problems
{
    public static IResult From(Refusal refusal, int status = 422) => Made(refusal.Tell().Says, status, refusal.Field);

    public static IResult Missing(What what) => From(new(Why.NothingAtAddress, null, ("what", what)), 404);

    /// <summary>True for a request that does not read: it is answered, and nothing for a log.</summary>
    public static bool IsOfTheSender(Exception failure) =>
        failure is BadHttpRequestException or JsonException or NotSupportedException { Source: "System.Text.Json" };

    /// <summary>What escaped: a body that does not read is the sender's, trouble with the file is told, anything else is ours.</summary>
    public static Task Answer(HttpContext context)
    {
        var failure = context.Features.Get<IExceptionHandlerFeature>()?.Error;
        if (failure is BadHttpRequestException bad)
        {
            var (says, field) = bad.InnerException is JsonException json
                ? Unreadable(json)
                : (
                    bad.StatusCode == 413
                        ? "This is too large: at most 64 MB."
                        : "The request does not read. Send JSON of the shape the OpenAPI document gives.",
                    null
                );
            return Write(context, bad.StatusCode, says, field);
        }

        if (failure is NotSupportedException { Source: "System.Text.Json" })
        {
            return Write(
                context,
                400,
                "An edit says what it does in do, such as \"do\": \"addBox\"; a fault what it is in fault, such as \"fault\": \"open\".",
                "do"
            );
        }

        if (failure is JsonException unreadable)
        {
            var (says, field) = Unreadable(unreadable);
            return Write(context, 400, says, field);
        }

        if (failure is not null && StoreException.From(failure) is { } store)
        {
            return Write(context, 503, store.Message, null);
        }

        return Write(context, 500, "Something went wrong inside; nothing was changed.", null);
    }

    /// <summary>A bare status gets a sentence too.</summary>
    public static Task Bare(StatusCodeContext context) =>
        Write(
            context.HttpContext,
            context.HttpContext.Response.StatusCode,
            context.HttpContext.Response.StatusCode switch
            {
                404 => "There is nothing at this address.",
                405 => "This address does not do that.",
                413 => "This is too large: at most 64 MB.",
                415 => "Send JSON, with content type application/json.",
                _ => "The request does not read.",
            },
            null
        );

    public static Task Write(HttpContext context, int status, string says, string? field)
    {
        context.Response.StatusCode = status;
        return Made(says, status, field).ExecuteAsync(context);
    }

    private static IResult Made(string says, int status, string? field) =>
        Results.Problem(
            says,
            statusCode: status,
            title: Title(status),
            extensions: field is null ? null : new Dictionary<string, object?> { ["field"] = field }
        );

    private static (string Says, string? Field) Unreadable(JsonException json)
    {
        var field = json.Path is { Length: > 2 } path
            ? path.StartsWith("$.", StringComparison.Ordinal)
                ? path[2..]
                : path
            : null;
        var own =
            json.InnerException is null
            && json.Message is { } message
            && !message.Contains("JSON", StringComparison.Ordinal)
            && !message.Contains("System.", StringComparison.Ordinal)
            && !message.Contains("JollyBarn.", StringComparison.Ordinal);
        return (
            own ? json.Message.Split(" Path:")[0]
            : field is null ? "This is not readable JSON of the expected shape."
            : $"What stands at {field} is not of the expected kind.",
            field
        );
    }

    private static string Title(int status) =>
        status switch
        {
            400 => "Does not read",
            403 => "Not from here",
            404 => "Not there",
            409 => "Changed meanwhile",
            422 => "Cannot be",
            503 => "The data file",
            500 => "Our fault",
            _ => "Not done",
        };
}
