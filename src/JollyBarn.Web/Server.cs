using System.IO.Compression;
using System.Net.Sockets;
using JollyBarn.Inspection.Judging;
using JollyBarn.Store;
using JollyBarn.Web.Crew;
using JollyBarn.Web.Endpoints;
using JollyBarn.Web.Labels;
using JollyBarn.Web.Serving;
using Microsoft.AspNetCore.HttpOverrides;
using Microsoft.AspNetCore.ResponseCompression;
using Microsoft.AspNetCore.StaticFiles;
using Microsoft.Extensions.Logging.Console;
using Microsoft.Extensions.Options;
using Serilog;
using Serilog.Core;

namespace JollyBarn.Web;

/// <summary>Builds and runs the program.</summary>
public static partial class Server
{
    /// <returns>0 when it ended as asked, 1 with a sentence on standard error when it could not start, 2 when the words of the call are
    /// off.</returns>
    public static async Task<int> RunAsync(string[] args)
    {
        var asked = Options.Parse(args);
        if (asked.Schema)
        {
            await Console.Out.WriteAsync(Schema.Text);
            return 0;
        }

        if (asked.Problem is not null)
        {
            await Console.Error.WriteLineAsync(asked.Problem);
            return 2;
        }

        try
        {
            if (asked.Copies || asked.PutBack is not null)
            {
                await Console.Out.WriteLineAsync(CopiesTold(asked));
                return 0;
            }

            await using var store = new StoreHandle(asked);
            var seeding = Task.Run(() => Demo.Seed(store.Store));
            try
            {
                using var certificates = Listening.Certificates(asked, store.Store.Path);
                var served = Listening.Served(asked, certificates);
                await using var app = Build(args, store.Store, asked.Port, seeding, store.Log, served);
                await app.StartAsync();
                Listening.Settle(served, app.Urls);
                var data = asked.Demo ? "a fresh demo, thrown away at the end" : store.Store.Path;
                await Console.Out.WriteLineAsync(
                    served.On
                        ? Listening.Told(served, store.Store, asked, TimeProvider.System)
                        : $"Jolly Barn is at {app.Urls.First()}  (data: {data})"
                );
                store.Log?.Information("Started, process {Process}", Environment.ProcessId);
                await seeding;
                var options = app
                    .Services.GetRequiredService<IOptions<Microsoft.AspNetCore.Http.Json.JsonOptions>>()
                    .Value.SerializerOptions;
                var warming = Task.Run(() => Warm.UpAsync(options, app.Lifetime.ApplicationStopping));
                await app.WaitForShutdownAsync();
                // What it put into a folder of its own it takes away again.
                await warming.ConfigureAwait(ConfigureAwaitOptions.SuppressThrowing);
                return 0;
            }
            finally
            {
                // The file is not closed under the one who still writes to it.
                await seeding.ConfigureAwait(ConfigureAwaitOptions.SuppressThrowing);
            }
        }
        catch (StoreException problem)
        {
            await Console.Error.WriteLineAsync(problem.Message);
            return 1;
        }
        catch (IOException problem)
            when (problem.InnerException is SocketException or Microsoft.AspNetCore.Connections.AddressInUseException)
        {
            await Console.Error.WriteLineAsync($"Port {asked.Port} is taken. Stop what uses it, or choose another with --port.");
            return 1;
        }
    }

    /// <summary>The web application over a store.</summary>
    /// <param name="ready">When it is done, the store has what it should have: what is asked of the API waits for it.</param>
    /// <param name="log">The program's own log, or null for none.</param>
    /// <param name="others">How others are served; null for this machine alone.</param>
    internal static WebApplication Build(string[] args, JobStore store, int port, Task ready, Logger? log = null, Served? others = null)
    {
        var served = others ?? Served.Alone;
        var builder = WebApplication.CreateBuilder(new WebApplicationOptions { Args = args, ContentRootPath = AppContext.BaseDirectory });
        builder.Configuration["urls"] = null;
        builder
            .Logging.ClearProviders()
            .AddConsole(console => console.LogToStandardErrorThreshold = LogLevel.Trace)
            .AddFilter<ConsoleLoggerProvider>(level => level >= LogLevel.Error)
            .SetMinimumLevel(log is null ? LogLevel.Error : LogLevel.Information);
        if (log is not null)
        {
            builder.Logging.AddSerilog(log);
        }

        builder.WebHost.ConfigureKestrel(kestrel =>
        {
            Listening.At(kestrel, served, port);
            kestrel.Limits.MaxRequestBodySize = Limits.Body;
            kestrel.AddServerHeader = false;
        });
        // Streams end when the program is told to; nothing else takes long.
        builder.Services.Configure<HostOptions>(host => host.ShutdownTimeout = TimeSpan.FromSeconds(2));
        builder.Services.AddSingleton(store);
        builder.Services.AddCrew(store, served);
        builder.Services.AddRates(served);
        builder.Services.AddSingleton<Asked>();
        builder.Services.AddSingleton<JollyBarn.Planning.Ways.IShop, JollyBarn.Planning.Ways.StandInShop>();
        builder.Services.AddHostedService<Housekeeping>();
        builder.Services.AddSingleton<Events>();
        builder.Services.AddSingleton<ClassEvents>();
        builder.Services.AddSingleton<RoomSheets>();
        builder.Services.AddSingleton(new LabelTray(TimeProvider.System));
        builder.Services.AddSingleton<ILabelPrinter>(s => s.GetRequiredService<LabelTray>());
        builder.Services.ConfigureHttpJsonOptions(json => ApiJson.Set(json.SerializerOptions));
        builder.Services.Configure<RouteHandlerOptions>(routes => routes.ThrowOnBadRequest = true);
        builder.Services.AddProblemDetails(problems => problems.CustomizeProblemDetails = Faults.Note);
        builder.Services.AddResponseCompression(o => o.EnableForHttps = false);
        builder.Services.Configure<GzipCompressionProviderOptions>(o => o.Level = CompressionLevel.Optimal);
        builder.Services.Configure<BrotliCompressionProviderOptions>(o => o.Level = CompressionLevel.Optimal);
        builder.Services.AddOpenApi("v1", Docs.Configure);

        var app = builder.Build();
        void Failed(string rule, string at, Exception problem) => RuleFailed(app.Logger, rule, at, problem);
        Tried.Failed += Failed;
        app.Lifetime.ApplicationStopped.Register(() => Tried.Failed -= Failed);
        app.UseExceptionHandler(
            new ExceptionHandlerOptions
            {
                ExceptionHandler = Problems.Answer,
                SuppressDiagnosticsCallback = failure => Problems.IsOfTheSender(failure.Exception),
            }
        );
        app.UseStatusCodePages(Problems.Bare);
        if (served.Proxied)
        {
            app.UseForwardedHeaders(
                new ForwardedHeadersOptions { ForwardedHeaders = ForwardedHeaders.XForwardedFor | ForwardedHeaders.XForwardedProto }
            );
        }

        app.Use(app.Services.GetRequiredService<Asked>().PassAsync);
        app.Use(app.Services.GetRequiredService<Guard>().PassAsync);
        app.UseRouting();
        app.Use(app.Services.GetRequiredService<Doors>().PassAsync);
        if (served.On)
        {
            app.UseRateLimiter();
        }

        app.Use(Bodies.PassAsync);
        app.Use(NowhereAsync);
        app.UseWhen(
            context => context.Request.Path.StartsWithSegments("/api", StringComparison.Ordinal),
            asked =>
                asked.Use(
                    async (context, next) =>
                    {
                        await ready;
                        await next(context);
                    }
                )
        );
        app.UseResponseCompression();
        app.UseDefaultFiles();
        app.UsePrecompressed();
        var types = new FileExtensionContentTypeProvider { Mappings = { [".br"] = "application/octet-stream" } };
        app.UseStaticFiles(
            new StaticFileOptions
            {
                ContentTypeProvider = types,
                OnPrepareResponse = file =>
                {
                    Cache(file);
                    Precompressed.Say(file, types);
                },
            }
        );
        if (Path.Combine(AppContext.BaseDirectory, "openapi.json") is var described && File.Exists(described))
        {
            app.MapGet("/openapi/v1.json", () => Results.File(described, "application/json")).ExcludeFromDescription();
        }
        else
        {
            app.MapOpenApi("/openapi/{documentName}.json");
        }

        app.MapGroup("/api").WithTags("Jolly Barn").UnderOwnName(served).MapAll();
        app.MapGet("/schema/job.json", () => Results.Text(Schema.Text, "application/schema+json")).WithTags("Jolly Barn");
        return app;
    }

    [LoggerMessage(Level = LogLevel.Error, Message = "Rule {Rule} failed at {At}; the rest was judged.")]
    private static partial void RuleFailed(Microsoft.Extensions.Logging.ILogger logger, string rule, string at, Exception problem);

    /// <summary>What no endpoint takes: of the API nothing; else a place of the interface, which finds its own way.</summary>
    private static Task NowhereAsync(HttpContext context, RequestDelegate next)
    {
        if (context.GetEndpoint() is null)
        {
            if (context.Request.Path.StartsWithSegments("/api", StringComparison.Ordinal))
            {
                return Problems.Write(context, 404, "There is nothing at this address.", null);
            }

            if (HttpMethods.IsGet(context.Request.Method) && !Path.HasExtension(context.Request.Path))
            {
                context.Request.Path = "/index.html";
            }
        }

        return next(context);
    }

    private static void Cache(StaticFileResponseContext file)
    {
        var named = file.Context.Request.Path.StartsWithSegments("/assets", StringComparison.Ordinal);
        file.Context.Response.Headers.CacheControl = named ? "public, max-age=31536000, immutable" : "no-cache";
    }

    /// <summary>The copies of the file there are, or what putting one back came to.</summary>
    private static string CopiesTold(Options asked)
    {
        if (asked.PutBack is { } copy)
        {
            using var alone = FileClaim.Take(Path.GetFullPath(asked.Data), Console.Error.WriteLine);
            var aside = Copies.PutBack(asked.Data, copy, DateTimeOffset.UtcNow);
            return $"{asked.Data} is {copy} now." + (aside is null ? "" : $" What was there lies in {aside}.");
        }

        var copies = Copies.Of(asked.Data);
        return copies.Count == 0
            ? $"There is no copy of {asked.Data}."
            : string.Join('\n', [.. copies, $"Put one back with --data {asked.Data} --put-back COPY."]);
    }
}
