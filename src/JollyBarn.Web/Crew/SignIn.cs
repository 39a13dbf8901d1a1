using JollyBarn.Store;
using Microsoft.AspNetCore.Identity;

namespace JollyBarn.Web.Crew;

/// <summary>Signs people in and out. Says the same of a wrong name and of a wrong password, and takes as long for both.</summary>
internal sealed class SignIn(JobStore store, UserManager<Person> people, TimeProvider clock)
{
    /// <summary>How long somebody stays signed in: a day of work, or where the device is their own, two weeks.</summary>
    private static readonly TimeSpan Day = TimeSpan.FromHours(12);
    private static readonly TimeSpan Own = TimeSpan.FromDays(14);

    private static readonly Person Nobody = new() { UserName = "" };
    private static string? nobodys;

    /// <returns>The person; null where name and password do not belong together, or too many were tried.</returns>
    public async Task<Person?> CheckAsync(string name, string password, string? from)
    {
        var person = await people.FindByNameAsync(name.Trim());
        if (person is not { Gone: null })
        {
            nobodys ??= people.PasswordHasher.HashPassword(Nobody, Words.New());
            people.PasswordHasher.VerifyHashedPassword(Nobody, nobodys, password);
            store.Crew.Note(AuditOf.Refused, Shown(name), null, from);
            return null;
        }

        if (await people.IsLockedOutAsync(person))
        {
            store.Crew.Note(AuditOf.LockedOut, person.UserName!, null, from);
            return null;
        }

        if (!await people.CheckPasswordAsync(person, password))
        {
            await people.AccessFailedAsync(person);
            store.Crew.Note(AuditOf.Refused, person.UserName!, null, from);
            return null;
        }

        await people.ResetAccessFailedCountAsync(person);
        return person;
    }

    /// <summary>Begins a session and gives the browser its cookie.</summary>
    public SessionRow Begin(HttpContext context, Person person, bool own)
    {
        var (word, now) = (Words.New(), clock.GetUtcNow());
        var session = new SessionRow
        {
            Id = Words.Hash(word),
            PersonId = person.Id,
            Device = Device(context.Request.Headers.UserAgent.ToString()),
            Began = CrewStore.Text(now),
            Seen = CrewStore.Text(now),
            Ends = CrewStore.Text(now + (own ? Own : Day)),
        };
        store.Crew.Begin(session);
        context.Response.Cookies.Append(Doors.Cookie, word, Options(own ? Own : null));
        return session;
    }

    public void End(HttpContext context, Caller caller)
    {
        if (caller is { Member: { } member, Session: { } session })
        {
            store.Crew.End(member.Id, session);
            store.Crew.Note(AuditOf.SignedOut, member.Name, null, From(context));
        }

        context.Response.Cookies.Delete(Doors.Cookie, Options(null));
    }

    public static string? From(HttpContext context) =>
        context.Connection.RemoteIpAddress?.MapToIPv6().ToString().Replace("::ffff:", "", StringComparison.Ordinal);

    /// <summary>Text of the sender's as the audit keeps it.</summary>
    public static string Shown(string text) => string.Concat(text.Take(60).Select(c => char.IsControl(c) || char.IsSurrogate(c) ? '?' : c));

    private static CookieOptions Options(TimeSpan? stays) =>
        new()
        {
            HttpOnly = true,
            Secure = true,
            SameSite = SameSiteMode.Strict,
            Path = "/",
            MaxAge = stays,
        };

    /// <summary>What kind of device a browser says it is on. A word for people to know it by; nothing is decided by it.</summary>
    private static string Device(string agent)
    {
        bool Has(string word) => agent.Contains(word, StringComparison.OrdinalIgnoreCase);
        return Has("iPhone") ? "iPhone"
            : Has("iPad") ? "iPad"
            : Has("Android") ? (Has("Mobile") ? "Android phone" : "Android tablet")
            : Has("Windows") ? "Windows computer"
            : Has("Macintosh") ? "Mac"
            : Has("Linux") ? "Linux computer"
            : "another device";
    }
}
