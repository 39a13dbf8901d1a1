using System.Text.Json;
using JollyBarn.Store;
using JollyBarn.Telling;
using JollyBarn.Terms;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Http.Features;

namespace JollyBarn.Web;

/// <summary>Answers to what cannot be: RFC 9457 problem details with a sentence and the field.</summary>
internal static class Problems
{
    public static IResult From(Refusal refusal, int status = 422) => Made(refusal.Tell().Says, status, refusal.Field);

    /// <summary>A sentence that nothing of the trade is refused by.</summary>
    public static IResult Says(string says, int status, string? field = null) => Made(says, status, field);

    /// <param name="field">The member of the body that names it; null where the address does.</param>
    public static IResult Missing(What what, string? field = null) => From(new(Why.NothingAtAddress, field, ("what", what)), 404);

    /// <summary>True for a request that does not read: it is answered, and nothing for a log.</summary>
    public static bool IsOfTheSender(Exception failure) =>
        failure is BadHttpRequestException or JsonException or NotSupportedException { Source: "System.Text.Json" };

    /// <summary>What escaped: a body that does not read is the sender's, trouble with the file is told, anything else is ours.</summary>
    public static async Task Answer(HttpContext context)
    {
        var failure = context.Features.Get<IExceptionHandlerFeature>()?.Error;
        if (failure is not null && IsOfTheSender(failure))
        {
            var status = failure is BadHttpRequestException bad ? bad.StatusCode : 400;
            var (says, field) =
                status == 413 ? (TooLarge(context), null)
                : await Bodies.ExplainAsync(context) is { } known ? known
                : Unreadable(context, failure);
            await Write(context, status, says, field);
        }
        else if (failure is not null && StoreException.From(failure) is { } store)
        {
            await Write(context, 503, store.Message, null);
        }
        else
        {
            await Write(context, 500, "Something went wrong inside; nothing was changed.", null);
        }
    }

    /// <summary>A bare status gets a sentence too.</summary>
    public static Task Bare(StatusCodeContext told)
    {
        var context = told.HttpContext;
        var status = context.Response.StatusCode;
        var (says, field) = status switch
        {
            404 => ("There is nothing at this address.", null),
            405 => ("This address does not do that.", null),
            413 => (TooLarge(context), null),
            415 => ("Send JSON, with content type application/json.", null),
            _ => Addresses.WrongIn(context) ?? ("The request does not read.", null),
        };
        return Write(context, status, says, field);
    }

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

    /// <summary>What can be told where the body is not at hand: a part of the address, or a body read by the endpoint itself.</summary>
    private static (string Says, string? Field) Unreadable(HttpContext context, Exception failure) =>
        failure.InnerException is JsonException { Path: { } path }
            ? ($"What stands at {path.TrimStart('$', '.')} is not of the expected kind.", path.TrimStart('$', '.'))
            : Addresses.WrongIn(context) ?? ("The request does not read. Send JSON of the shape the OpenAPI document gives.", null);

    private static string TooLarge(HttpContext context)
    {
        var most = context.Features.Get<IHttpMaxRequestBodySizeFeature>()?.MaxRequestBodySize ?? Limits.Body;
        return $"This is too large: at most {Limits.Size(most)}.";
    }

    private static string Title(int status) =>
        status switch
        {
            400 => "Does not read",
            401 => "Not signed in",
            403 => "Not from here",
            404 => "Not there",
            409 => "Changed meanwhile",
            422 => "Cannot be",
            503 => "The data file",
            500 => "Our fault",
            429 => "Too many at once",
            _ => "Not done",
        };
}
