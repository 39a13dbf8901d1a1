using Microsoft.AspNetCore.Identity;

namespace JollyBarn.Store;

/// <summary>What a person of the crew may do.</summary>
public enum CrewRole
{
    /// <summary>Everything: people, rights, copies, every job.</summary>
    Owner,

    /// <summary>Changes the jobs they were let into.</summary>
    Works,

    /// <summary>Looks at the jobs they were let into and changes nothing: an inspector, a customer.</summary>
    Looks,

    /// <summary>Practice and classes; no job.</summary>
    Class,
}

/// <summary>Somebody who signs in. The name is what the log says for good, so it is never given to another and never changed.</summary>
public sealed class Person : IdentityUser
{
    public CrewRole Role { get; set; }

    /// <summary>When they came, ISO 8601, UTC.</summary>
    public string Came { get; set; } = "";

    /// <summary>When they were taken out of the crew; null while they are in it.</summary>
    public string? Gone { get; set; }
}

/// <summary>A job somebody was let into.</summary>
public sealed class GrantRow
{
    /// <summary>Stands for every job.</summary>
    public const string Every = "*";

    public required string PersonId { get; init; }

    public required string JobId { get; init; }

    /// <summary>True where somebody who works elsewhere only looks.</summary>
    public bool LooksOnly { get; set; }
}

/// <summary>An invitation: whoever has its word comes in once, as what it says.</summary>
public sealed class InvitationRow
{
    /// <summary>SHA-256 of the word, hexadecimal.</summary>
    public required string Id { get; init; }

    public CrewRole Role { get; init; }

    /// <summary>Ids of jobs, a space between; <see cref="GrantRow.Every"/> for all.</summary>
    public required string Jobs { get; init; }

    /// <summary>Somebody who is there already and gets a new password; null for somebody new.</summary>
    public string? PersonId { get; init; }

    public required string By { get; init; }

    public required string Made { get; init; }

    public required string Ends { get; init; }

    /// <summary>When it was used or taken back; null while it is good.</summary>
    public string? Used { get; set; }
}

/// <summary>A device somebody is signed in at.</summary>
public sealed class SessionRow
{
    /// <summary>SHA-256 of what the device shows, hexadecimal.</summary>
    public required string Id { get; init; }

    public required string PersonId { get; init; }

    /// <summary>What kind of device it is, as its browser says.</summary>
    public required string Device { get; init; }

    public required string Began { get; init; }

    public required string Ends { get; init; }

    public required string Seen { get; set; }

    /// <summary>When it was ended before its time; null while it is good.</summary>
    public string? Ended { get; set; }
}

/// <summary>What is kept of who came in and what was let out.</summary>
public enum AuditOf
{
    SignedIn,
    Refused,
    LockedOut,
    SignedOut,
    Invited,
    Joined,
    NewPassword,
    RoleGiven,
    JobsGiven,
    Removed,
    SessionEnded,
    Exported,
    HoldLetGo,
}

/// <summary>One line of the audit. Never a password, a word or a token.</summary>
public sealed class AuditRow
{
    public long Id { get; init; }

    public required string At { get; init; }

    public AuditOf What { get; init; }

    /// <summary>The name of who did it, as typed where nobody is known by it.</summary>
    public required string By { get; init; }

    /// <summary>Whom or what it is about; null where that is who did it.</summary>
    public string? Of { get; init; }

    /// <summary>The address it came from; null for the program itself.</summary>
    public string? From { get; init; }
}
