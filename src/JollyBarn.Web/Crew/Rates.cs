using System.Globalization;
using System.Threading.RateLimiting;
using JollyBarn.Web.Serving;

namespace JollyBarn.Web.Crew;

/// <summary>How much one person, or one address nobody is signed in at, may ask where others are served.</summary>
internal static class Rates
{
    /// <summary>Requests at once, and those that come back each second: a screen asks for about ten to draw a page.</summary>
    private const int Burst = 200;
    private const int EachSecond = 40;

    /// <summary>Of signing in, coming by an invitation and sitting down in a class: tries of one address in a minute.</summary>
    private const int Tries = 100;

    private const int Streams = 12;
    private const int Imports = 2;

    public static void AddRates(this IServiceCollection services, Served served)
    {
        if (!served.On)
        {
            return;
        }

        services.AddRateLimiter(rates =>
        {
            rates.GlobalLimiter = PartitionedRateLimiter.CreateChained(
                PartitionedRateLimiter.Create<HttpContext, string>(All),
                PartitionedRateLimiter.Create<HttpContext, string>(Kind)
            );
            rates.OnRejected = (rejected, _) =>
            {
                var wait = rejected.Lease.TryGetMetadata(MetadataName.RetryAfter, out var after) ? after : TimeSpan.FromSeconds(5);
                rejected.HttpContext.Response.Headers.RetryAfter = Math.Ceiling(wait.TotalSeconds).ToString(CultureInfo.InvariantCulture);
                return new(Problems.Write(rejected.HttpContext, 429, "That is more than one may ask at once. Wait a moment.", null));
            };
        });
    }

    private static RateLimitPartition<string> All(HttpContext context) =>
        RateLimitPartition.GetTokenBucketLimiter(Who(context), _ => new TokenBucketRateLimiterOptions
        {
            TokenLimit = Burst,
            TokensPerPeriod = EachSecond,
            ReplenishmentPeriod = TimeSpan.FromSeconds(1),
            QueueLimit = Burst,
        });

    private static RateLimitPartition<string> Kind(HttpContext context)
    {
        var path = context.Request.Path.Value ?? "";
        return path is "/api/sign-in" or "/api/join" or "/api/invited"
            || path.EndsWith("/let-go", StringComparison.Ordinal)
            || path.EndsWith("/learners", StringComparison.Ordinal)
                ? RateLimitPartition.GetFixedWindowLimiter($"try {SignIn.From(context)}", _ => new FixedWindowRateLimiterOptions
                {
                    PermitLimit = Tries,
                    Window = TimeSpan.FromMinutes(1),
                })
            : path.EndsWith("/events", StringComparison.Ordinal) ? AtOnce($"stream {Who(context)}", Streams)
            : path == "/api/import" ? AtOnce("import", Imports)
            : RateLimitPartition.GetNoLimiter("");
    }

    private static RateLimitPartition<string> AtOnce(string key, int most) =>
        RateLimitPartition.GetConcurrencyLimiter(key, _ => new ConcurrencyLimiterOptions { PermitLimit = most, QueueLimit = most });

    private static string Who(HttpContext context) => Caller.Of(context).Member?.Id ?? SignIn.From(context) ?? "";
}
