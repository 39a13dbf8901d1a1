using JollyBarn.Store;
using JollyBarn.Web.Serving;

namespace JollyBarn.Web.Crew;

/// <summary>Who asks, and through which door.</summary>
/// <param name="Member">Who is signed in; null where nobody is, or nobody needs to.</param>
/// <param name="Session">The session they are signed in by.</param>
internal sealed record Caller(Door Door, Member? Member, string? Session)
{
    public static Caller Local { get; } = new(Door.Local, null, null);

    public static Caller Of(HttpContext context) => context.Features.Get<Caller>() ?? Local;

    /// <summary>True where nobody signs in: whoever sits at this machine may do all.</summary>
    public bool IsLocal => Door == Door.Local;

    public bool MayLook(string job) => IsLocal || Member?.MayLook(job) == true;

    public bool MayWork(string job) => IsLocal || Member?.MayWork(job) == true;

    public bool Owns => IsLocal || Member is { Role: CrewRole.Owner };
}
