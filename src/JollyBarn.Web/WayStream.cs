using System.Text.Json;
using System.Threading.Channels;
using JollyBarn.Planning.Ways;
using JollyBarn.Telling.Ways;
using JollyBarn.Web.Endpoints;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace JollyBarn.Web;

/// <summary>Ways as they are found, a line of JSON for each; the last line holds the whole answer. Whoever goes away stops the
/// search.</summary>
internal sealed class WayStream(Job job, Wish wish, IShop shop) : IResult
{
    public const string Type = "application/x-ndjson";

    public async Task ExecuteAsync(HttpContext httpContext)
    {
        var gone = httpContext.RequestAborted;
        var json = httpContext.RequestServices.GetRequiredService<IOptions<JsonOptions>>().Value.SerializerOptions;
        httpContext.Response.ContentType = Type;
        var found = Channel.CreateUnbounded<FoundWay>();
        var search = Task.Run(() => Search(found.Writer, gone), CancellationToken.None);
        try
        {
            await foreach (var way in found.Reader.ReadAllAsync(gone))
            {
                await Line(new(ToldWays.Way(job, wish, way, shop), null));
            }

            await Line(new(null, ToldWays.Tell(job, wish, await search, shop)));
        }
        catch (OperationCanceledException) when (gone.IsCancellationRequested)
        {
            await search;
        }

        async Task Line(WayProgress progress)
        {
            await JsonSerializer.SerializeAsync(httpContext.Response.Body, progress, json, gone);
            await httpContext.Response.WriteAsync("\n", gone);
            await httpContext.Response.Body.FlushAsync(gone);
        }
    }

    private WayAnswer Search(ChannelWriter<FoundWay> into, CancellationToken gone)
    {
        try
        {
            return WaySearch.Find(job, wish, shop, () => gone.IsCancellationRequested, way => into.TryWrite(way));
        }
        finally
        {
            into.Complete();
        }
    }
}
