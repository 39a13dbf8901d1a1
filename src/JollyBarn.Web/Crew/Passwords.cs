using JollyBarn.Store;
using Microsoft.AspNetCore.Identity;

namespace JollyBarn.Web.Crew;

/// <summary>What passwords must be: long, and nothing that is tried first. No kinds of letters are asked for (OWASP ASVS 4, 2.1).</summary>
internal sealed class Passwords : IPasswordValidator<Person>
{
    public const int Least = 12;
    public const int Most = 128;

    /// <summary>Fewer different letters than these are guessed at once.</summary>
    private const int Different = 5;

    /// <summary>Of lists of passwords that were found, long ones that stand high in them; from memory.</summary>
    private static readonly HashSet<string> Tried = new(StringComparer.OrdinalIgnoreCase)
    {
        "123456789012",
        "1234567890123",
        "12345678901234",
        "1q2w3e4r5t6y",
        "1qaz2wsx3edc",
        "abcdefghijkl",
        "administrator",
        "changemeplease",
        "correcthorsebatterystaple",
        "iloveyouiloveyou",
        "letmeinletmein",
        "passwordpassword",
        "password1234",
        "password12345",
        "password123456",
        "qwertyqwerty",
        "qwertyuiop12",
        "qwertyuiop123",
        "qwertyuiopasdf",
        "welcome12345",
        "welcometothejungle",
        "electrician1",
        "electrician123",
        "jollybarn123",
        "jollybarn1234",
    };

    /// <summary>Why a password does not do, as a sentence; null where it does.</summary>
    public static string? Wrong(string name, string? password) =>
        password is null || password.Length < Least ? $"A password has at least {Least} letters. A sentence is easiest to keep."
        : password.Length > Most ? $"A password has at most {Most} letters."
        : password.Distinct().Count() < Different || InARow(password) || Tried.Contains(password.Replace(" ", "", StringComparison.Ordinal))
            ? "This password is among those that are tried first. Take another."
        : name.Length > 2 && password.Contains(name, StringComparison.OrdinalIgnoreCase) ? "A password does not hold one's name."
        : null;

    public Task<IdentityResult> ValidateAsync(UserManager<Person> manager, Person user, string? password) =>
        Task.FromResult(
            Wrong(user.UserName ?? "", password) is { } wrong
                ? IdentityResult.Failed(new IdentityError { Code = nameof(Passwords), Description = wrong })
                : IdentityResult.Success
        );

    /// <summary>True where each letter follows the one before it, up or down.</summary>
    private static bool InARow(string password) => password.Zip(password.Skip(1), (a, b) => b - a).Distinct().ToList() is [1 or -1];
}
