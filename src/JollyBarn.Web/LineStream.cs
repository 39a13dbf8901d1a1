using System.Text.Json;
using System.Threading.Channels;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace JollyBarn.Web;

/// <summary>What takes long, told as it goes: a line of JSON for each piece, and the last line holds the whole answer. Whoever goes away
/// stops the work.</summary>
/// <param name="work">Hands out pieces, and gives the last line; told when nobody waits any more.</param>
internal sealed class LineStream<T>(Func<Action<T>, CancellationToken, T> work) : IResult
{
    public const string Type = "application/x-ndjson";

    public async Task ExecuteAsync(HttpContext httpContext)
    {
        var gone = httpContext.RequestAborted;
        var json = httpContext.RequestServices.GetRequiredService<IOptions<JsonOptions>>().Value.SerializerOptions;
        httpContext.Response.ContentType = Type;
        var pieces = Channel.CreateUnbounded<T>();
        var working = Task.Run(() => Work(pieces.Writer, gone), CancellationToken.None);
        try
        {
            await foreach (var piece in pieces.Reader.ReadAllAsync(gone))
            {
                await JsonSerializer.SerializeAsync(httpContext.Response.Body, piece, json, gone);
                await httpContext.Response.WriteAsync("\n", gone);
                await httpContext.Response.Body.FlushAsync(gone);
            }

            await working;
        }
        catch (OperationCanceledException) when (gone.IsCancellationRequested)
        {
            await working.ConfigureAwait(ConfigureAwaitOptions.SuppressThrowing);
        }
    }

    private void Work(ChannelWriter<T> into, CancellationToken gone)
    {
        try
        {
            into.TryWrite(work(piece => into.TryWrite(piece), gone));
        }
        finally
        {
            into.Complete();
        }
    }
}
