using System.Collections.Concurrent;
using JollyBarn.Store;
using JollyBarn.Web.Serving;
using Microsoft.AspNetCore.Connections.Features;
using Microsoft.AspNetCore.Http.Features;
using Microsoft.Extensions.Primitives;

namespace JollyBarn.Web.Crew;

/// <summary>Where others come in: who they are by their session, and whether they may. A session that ends ends the streams it has
/// open.</summary>
internal sealed class Doors
{
    public const string Cookie = "__Host-jolly-barn";

    private readonly JobStore store;
    private readonly Served served;
    private readonly ConcurrentDictionary<HttpContext, string> streams = new(ReferenceEqualityComparer.Instance);

    public Doors(JobStore store, Served served)
    {
        (this.store, this.served) = (store, served);
        store.Crew.Narrowed += person =>
        {
            foreach (var (context, _) in streams.Where(s => s.Value == person))
            {
                context.Abort();
            }
        };
    }

    /// <summary>The door a connection came through, as the listener marked it.</summary>
    public static Door Of(HttpContext context) =>
        context.Features.Get<IConnectionItemsFeature>()?.Items.TryGetValue(typeof(Door), out var door) == true ? (Door)door! : Door.Local;

    public async Task PassAsync(HttpContext context, RequestDelegate next)
    {
        var door = Of(context);
        if (door == Door.Local)
        {
            await next(context);
            return;
        }

        var caller = door == Door.Crew ? Known(context) : new(door, null, null);
        context.Features.Set(caller);
        if (context.Features.Get<IHttpMaxRequestBodySizeFeature>() is { IsReadOnly: false } body)
        {
            body.MaxRequestBodySize = Limits.BodyOf(caller.Member is not null, context.Request.Path.Value ?? "");
        }

        if (Barred(context, caller) is var (status, says))
        {
            await Problems.Write(context, status, says, null);
            return;
        }

        await ThroughAsync(context, caller, next);
    }

    private async Task ThroughAsync(HttpContext context, Caller caller, RequestDelegate next)
    {
        if (caller.Member is not { } member)
        {
            await next(context);
            return;
        }

        // What is asked by a name is asked by one's own.
        context.Request.Query = new QueryCollection(
            new Dictionary<string, StringValues>(context.Request.Query, StringComparer.OrdinalIgnoreCase) { ["by"] = member.Name }
        );
        if (context.Request.Path.Value!.EndsWith("/events", StringComparison.Ordinal))
        {
            streams[context] = member.Id;
        }

        try
        {
            await next(context);
        }
        finally
        {
            streams.TryRemove(context, out _);
        }
    }

    private Caller Known(HttpContext context) =>
        context.Request.Cookies[Cookie] is { Length: > 0 } word
        && store.Crew.Session(Words.Hash(word)) is { } session
        && store.Crew.Find(session.PersonId) is { } member
            ? new(Door.Crew, member, session.Id)
            : new(Door.Crew, null, null);

    private (int Status, string Says)? Barred(HttpContext context, Caller caller)
    {
        if (!context.Request.Path.StartsWithSegments("/api", StringComparison.Ordinal))
        {
            return null;
        }

        if (context.GetEndpoint() is not RouteEndpoint endpoint)
        {
            // Nothing is at this address, or it takes another kind of body: that is for who is in.
            return caller.Member is null ? (401, "Sign in first.") : null;
        }

        var (route, name) = (endpoint.RoutePattern.RawText ?? "", endpoint.Metadata.GetMetadata<IEndpointNameMetadata>()?.EndpointName);
        var right = Rights.Of(context.Request.Method, route, name);
        // A job is named by the address, or beside a question of the trade whose code and house practice it lends.
        var job = context.Request.RouteValues.TryGetValue("job", out var named) ? named as string : (string?)context.Request.Query["job"];
        var exercise = job is not null && store.IsExercise(job);
        if (caller.Door == Door.Class)
        {
            return Rights.InClass(right, route, name, exercise) && (job is null || exercise)
                ? null
                : (403, "By the code of a class one practises, and nothing else.");
        }

        return caller.Member is null && right != Right.Nothing ? (401, "Sign in first.")
            : job is not null && !exercise && !caller.MayLook(job) ? (404, "There is no such job.")
            : Rights.Has(caller.Member, right, job, exercise) ? null
            : (403, Says(right));
    }

    private static string Says(Right right) =>
        right switch
        {
            Right.Work => "You look at this job. Changing it is for those who work on it.",
            Right.Make => "Jobs are for those who work here.",
            Right.Teach => "Classes are for those who work here or teach.",
            _ => "That is the owner's to do.",
        };
}
