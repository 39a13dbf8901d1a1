using JollyBarn.Store;
using JollyBarn.Web.Serving;
using Microsoft.AspNetCore.Identity;

namespace JollyBarn.Web.Crew;

/// <summary>What signing in is made of.</summary>
internal static class CrewServices
{
    /// <summary>Rounds of the hash of a password (PBKDF2, HMAC-SHA-512): OWASP's sheet on keeping passwords, from memory.</summary>
    private const int Rounds = 210_000;

    private const int WrongOnes = 5;
    private static readonly TimeSpan Locked = TimeSpan.FromMinutes(15);

    public static void AddCrew(this IServiceCollection services, JobStore store, Served served)
    {
        services.AddSingleton(served);
        services.AddSingleton<Guard>();
        services.AddSingleton<Doors>();
        services.AddSingleton(TimeProvider.System);
        services.AddScoped(_ => store.Db());
        services.AddScoped<SignIn>();
        services
            .AddIdentityCore<Person>(identity =>
            {
                identity.Password = new()
                {
                    RequiredLength = Passwords.Least,
                    RequireDigit = false,
                    RequireLowercase = false,
                    RequireNonAlphanumeric = false,
                    RequireUppercase = false,
                };
                identity.User.AllowedUserNameCharacters = "";
                identity.Lockout = new() { MaxFailedAccessAttempts = WrongOnes, DefaultLockoutTimeSpan = Locked };
            })
            .AddPasswordValidator<Passwords>()
            .AddEntityFrameworkStores<JobDb>();
        services.Configure<PasswordHasherOptions>(hasher => hasher.IterationCount = Rounds);
    }

    /// <summary>Where people sign in, what they send is sent by who they are.</summary>
    public static RouteGroupBuilder UnderOwnName(this RouteGroupBuilder api, Served served) =>
        served.On
            ? api.AddEndpointFilter(
                (asked, next) =>
                {
                    if (Caller.Of(asked.HttpContext).Member is { } member)
                    {
                        for (var i = 0; i < asked.Arguments.Count; i++)
                        {
                            if (asked.Arguments[i] is ISent sent)
                            {
                                asked.Arguments[i] = sent.As(member.Name);
                            }
                        }
                    }

                    return next(asked);
                }
            )
            : api;
}
