using System.Collections.Concurrent;
using System.Globalization;
using Microsoft.EntityFrameworkCore;

namespace JollyBarn.Store;

/// <summary>Somebody of the crew, as every request asks for them.</summary>
/// <param name="Jobs">Jobs they were let into, by id; the value is true where they only look.</param>
public sealed record Member(string Id, string Name, CrewRole Role, string? Gone, IReadOnlyDictionary<string, bool> Jobs)
{
    public bool MayLook(string job) => Role == CrewRole.Owner || (Role != CrewRole.Class && Grant(job) is not null);

    public bool MayWork(string job) => Role == CrewRole.Owner || (Role == CrewRole.Works && Grant(job) == false);

    private bool? Grant(string job) =>
        Jobs.TryGetValue(job, out var own) ? own
        : Jobs.TryGetValue(GrantRow.Every, out var every) ? every
        : null;
}

/// <summary>People, what they may, where they are signed in, and the audit of it. Passwords are the business of who signs them
/// in.</summary>
public sealed class CrewStore
{
    private static readonly TimeSpan SeenEvery = TimeSpan.FromMinutes(1);

    private static readonly TimeSpan TidyEvery = TimeSpan.FromHours(1);
    private DateTimeOffset tidied;

    /// <summary>Lines of the audit that are kept.</summary>
    private const int Lines = 20_000;

    private readonly DataFile file;
    private readonly TimeProvider clock;
    private readonly ConcurrentDictionary<string, SessionRow> sessions = new(StringComparer.Ordinal);
    private volatile IReadOnlyDictionary<string, Member> members = new Dictionary<string, Member>();
    private readonly Lazy<bool> read;

    internal CrewStore(DataFile file, TimeProvider clock)
    {
        (this.file, this.clock) = (file, clock);
        read = new(Read);
    }

    /// <summary>Raised when somebody may no longer what they could, or is signed out: the id of the person.</summary>
    public event Action<string>? Narrowed;

    public IReadOnlyCollection<Member> All => [.. Members.Values.OrderBy(m => m.Name, StringComparer.OrdinalIgnoreCase)];

    public bool HasOwner => Members.Values.Any(m => m is { Role: CrewRole.Owner, Gone: null });

    private IReadOnlyDictionary<string, Member> Members
    {
        get
        {
            _ = read.Value;
            return members;
        }
    }

    /// <summary>Somebody who is in the crew now; null for anybody else.</summary>
    public Member? Find(string id) => Members.TryGetValue(id, out var found) && found.Gone is null ? found : null;

    /// <summary>Reads the people again: somebody came, went, or may something else.</summary>
    public void Again() => ReadMembers();

    public void SetRole(string person, CrewRole role)
    {
        file.Write(db => db.Users.Where(u => u.Id == person).ExecuteUpdate(set => set.SetProperty(u => u.Role, role)));
        Changed(person);
    }

    /// <summary>Lets somebody into these jobs and no others.</summary>
    public void SetJobs(string person, IReadOnlyDictionary<string, bool> jobs)
    {
        ArgumentNullException.ThrowIfNull(jobs);
        file.Write(db =>
        {
            db.Grants.Where(g => g.PersonId == person).ExecuteDelete();
            db.Grants.AddRange(
                jobs.Select(j => new GrantRow
                {
                    PersonId = person,
                    JobId = j.Key,
                    LooksOnly = j.Value,
                })
            );
        });
        Changed(person);
    }

    /// <summary>Lets somebody into one more job: one they made.</summary>
    public void LetInto(string person, string job)
    {
        if (Find(person) is not { Role: CrewRole.Works } member || member.MayWork(job))
        {
            return;
        }

        file.Write(db => db.Grants.Add(new GrantRow { PersonId = person, JobId = job }));
        ReadMembers();
    }

    /// <summary>Takes somebody out of the crew and signs them out everywhere; the name stays theirs.</summary>
    public void Remove(string person)
    {
        file.Write(db => db.Users.Where(u => u.Id == person).ExecuteUpdate(set => set.SetProperty(u => u.Gone, Now())));
        EndAll(person);
        Changed(person);
    }

    /// <summary>Keeps an invitation, by the hash of its word.</summary>
    public void Invite(InvitationRow invitation) => file.Write(db => db.Invitations.Add(invitation));

    /// <summary>An invitation that is good now.</summary>
    public InvitationRow? Invited(string id)
    {
        using var db = file.Db();
        return db.Invitations.AsNoTracking().FirstOrDefault(i => i.Id == id) is { Used: null } found && !Past(found.Ends) ? found : null;
    }

    /// <summary>Takes an invitation, once: of two who come with the same word, one does.</summary>
    public InvitationRow? Take(string id) =>
        file.Write(db =>
        {
            if (db.Invitations.Find(id) is not { Used: null } found || Past(found.Ends))
            {
                return null;
            }

            found.Used = Now();
            return found;
        });

    /// <summary>An invitation nobody came in by, given back: what was typed with it did not do.</summary>
    public void GiveBack(string id) =>
        file.Write(db => db.Invitations.Where(i => i.Id == id).ExecuteUpdate(set => set.SetProperty(i => i.Used, (string?)null)));

    /// <summary>Invitations that are good now.</summary>
    public IReadOnlyList<InvitationRow> Invitations()
    {
        using var db = file.Db();
        return [.. db.Invitations.AsNoTracking().Where(i => i.Used == null).AsEnumerable().Where(i => !Past(i.Ends)).OrderBy(i => i.Ends)];
    }

    public void Begin(SessionRow session)
    {
        ArgumentNullException.ThrowIfNull(session);
        _ = read.Value;
        file.Write(db => db.Sessions.Add(session));
        sessions[session.Id] = session;
    }

    /// <summary>A session that is good now, and that somebody was seen at.</summary>
    public SessionRow? Session(string id)
    {
        _ = read.Value;
        if (!sessions.TryGetValue(id, out var session) || Past(session.Ends))
        {
            return null;
        }

        if (Past(session.Seen, SeenEvery))
        {
            session.Seen = Now();
            file.Write(db => db.Sessions.Where(s => s.Id == id).ExecuteUpdate(set => set.SetProperty(s => s.Seen, session.Seen)));
        }

        return session;
    }

    /// <summary>Where somebody is signed in, the latest seen first.</summary>
    public IReadOnlyList<SessionRow> SessionsOf(string person)
    {
        _ = read.Value;
        return
        [
            .. sessions.Values.Where(s => s.PersonId == person && !Past(s.Ends)).OrderByDescending(s => s.Seen, StringComparer.Ordinal),
        ];
    }

    /// <returns>False when there is no such session of this person.</returns>
    public bool End(string person, string session)
    {
        if (!sessions.TryGetValue(session, out var found) || found.PersonId != person)
        {
            return false;
        }

        End([found]);
        Narrowed?.Invoke(person);
        return true;
    }

    /// <param name="but">A session that stays; null for none.</param>
    public void EndAll(string person, string? but = null)
    {
        End([.. sessions.Values.Where(s => s.PersonId == person && s.Id != but)]);
        Narrowed?.Invoke(person);
    }

    public void Note(AuditOf what, string by, string? of, string? from) =>
        file.Write(db =>
            db.Audit.Add(
                new AuditRow
                {
                    At = Now(),
                    What = what,
                    By = by,
                    Of = of,
                    From = from,
                }
            )
        );

    /// <summary>The audit, newest first.</summary>
    public IReadOnlyList<AuditRow> Audit(int take)
    {
        using var db = file.Db();
        return [.. db.Audit.AsNoTracking().OrderByDescending(a => a.Id).Take(take)];
    }

    /// <summary>Lets go of what is past: sessions and invitations that ended long ago, the oldest lines of a long audit.</summary>
    public void Tidy()
    {
        if (clock.GetUtcNow() - tidied < TidyEvery)
        {
            return;
        }

        tidied = clock.GetUtcNow();
        var old = Text(clock.GetUtcNow().AddDays(-30));
        file.Write(db =>
        {
            db.Sessions.Where(s => string.Compare(s.Ends, old) < 0).ExecuteDelete();
            db.Invitations.Where(i => string.Compare(i.Ends, old) < 0).ExecuteDelete();
            var last = db.Audit.Max(a => (long?)a.Id) ?? 0;
            db.Audit.Where(a => a.Id <= last - Lines).ExecuteDelete();
        });
        foreach (var (id, session) in sessions)
        {
            if (Past(session.Ends))
            {
                sessions.TryRemove(id, out _);
            }
        }
    }

    /// <summary>A time as it is kept.</summary>
    public static string Text(DateTimeOffset at) => at.UtcDateTime.ToString("yyyy-MM-ddTHH:mm:ss.fffZ", CultureInfo.InvariantCulture);

    private void End(IReadOnlyList<SessionRow> ended)
    {
        var ids = ended.Select(s => s.Id).ToList();
        file.Write(db => db.Sessions.Where(s => ids.Contains(s.Id)).ExecuteUpdate(set => set.SetProperty(s => s.Ended, Now())));
        ids.ForEach(id => sessions.TryRemove(id, out _));
    }

    private void Changed(string person)
    {
        ReadMembers();
        Narrowed?.Invoke(person);
    }

    private bool Read()
    {
        ReadMembers();
        using var db = file.Db();
        foreach (var session in db.Sessions.AsNoTracking().Where(s => s.Ended == null).AsEnumerable().Where(s => !Past(s.Ends)))
        {
            sessions[session.Id] = session;
        }

        return true;
    }

    private void ReadMembers()
    {
        using var db = file.Db();
        var grants = db.Grants.AsNoTracking().AsEnumerable().ToLookup(g => g.PersonId);
        members = db
            .Users.AsNoTracking()
            .AsEnumerable()
            .ToDictionary(
                u => u.Id,
                u => new Member(u.Id, u.UserName!, u.Role, u.Gone, grants[u.Id].ToDictionary(g => g.JobId, g => g.LooksOnly)),
                StringComparer.Ordinal
            );
    }

    private string Now() => Text(clock.GetUtcNow());

    private bool Past(string at, TimeSpan after = default) =>
        clock.GetUtcNow() >= DateTimeOffset.Parse(at, CultureInfo.InvariantCulture) + after;
}
