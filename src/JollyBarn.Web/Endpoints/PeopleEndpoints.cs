using System.Globalization;
using JollyBarn.Store;
using JollyBarn.Web.Crew;
using JollyBarn.Web.Printed;
using JollyBarn.Web.Serving;

namespace JollyBarn.Web.Endpoints;

/// <summary>Somebody of the crew, as the owner sees them.</summary>
/// <param name="Jobs">Jobs they were let into; <c>*</c> for every one.</param>
public sealed record PersonView(
    string Id,
    string Name,
    CrewRole Role,
    IReadOnlyList<JobRight> Jobs,
    IReadOnlyList<SessionView> Sessions,
    bool Self
);

/// <summary>A job somebody is let into.</summary>
/// <param name="LooksOnly">True where they look and change nothing.</param>
public sealed record JobRight(string Job, bool LooksOnly = false);

/// <summary>An invitation nobody came by yet.</summary>
/// <param name="Name">Whom it gives a new password; null for somebody new.</param>
public sealed record InvitationView(string Id, CrewRole Role, string By, string Ends, string? Name);

/// <summary>The crew, and where it is reached.</summary>
/// <param name="Fingerprint">Of the authority phones are to trust; null where the shop has a certificate of its own.</param>
public sealed record PeopleAnswer(
    IReadOnlyList<PersonView> People,
    IReadOnlyList<InvitationView> Invitations,
    string Address,
    string? TrustAddress,
    string? ClassAddress,
    string? Fingerprint
);

/// <summary>Whom to invite.</summary>
/// <param name="Jobs">Ids of jobs they are let into; <c>*</c> for every one.</param>
/// <param name="Hours">How long it is good.</param>
/// <param name="Person">Somebody who is there and gets a new password; null for somebody new.</param>
public sealed record InvitePost(CrewRole Role, IReadOnlyList<string> Jobs, int Hours = 24, string? Person = null);

/// <summary>An invitation as it is shown once: the program keeps no more than the hash of its word.</summary>
/// <param name="Code">A code for a camera, as an SVG path over <paramref name="Size"/> by <paramref name="Size"/> squares.</param>
public sealed record InviteAnswer(string Id, string Link, string Code, int Size, string Ends);

public sealed record RolePost(CrewRole Role);

public sealed record JobsPost(IReadOnlyList<JobRight> Jobs);

/// <summary>A line of the audit.</summary>
public sealed record AuditLine(string At, AuditOf What, string By, string? Of, string? From);

/// <summary>The people of the crew: for its owner.</summary>
internal static class PeopleEndpoints
{
    private const int MostHours = 24 * 7;
    private const int MostJobs = 200;

    public static void MapPeople(this IEndpointRouteBuilder api)
    {
        api.MapGet("/people", (HttpContext context, JobStore store, Served served) => TypedResults.Ok(Tell(context, store, served)))
            .WithName("people")
            .WithSummary("Who is in the crew, with rights and devices, and the invitations nobody came by.");

        api.MapPost("/people/invitations", Invite)
            .Produces<InviteAnswer>()
            .ProducesProblem(422)
            .WithName("invite")
            .WithSummary("Invites somebody, or gives somebody a new password. The word is shown once.");

        api.MapPost("/people/invitations/{invitation}/take-back", (HttpContext context, JobStore store, string invitation) =>
                store.Crew.Take(invitation) is null
                    ? Problems.Says("This invitation is used or past its time already.", 404)
                    : Results.NoContent()
            )
            .Produces(204)
            .ProducesProblem(404)
            .WithName("takeBackInvitation");

        api.MapPost("/people/{person}/role", (HttpContext context, JobStore store, string person, RolePost asked) =>
                Of(context, store, person, member =>
                {
                    if (!Enum.IsDefined(asked.Role))
                    {
                        return Problems.Says("Such a role there is not.", 422, "role");
                    }

                    if (IsLastOwner(store, member) && asked.Role != CrewRole.Owner)
                    {
                        return LastOwner();
                    }

                    store.Crew.SetRole(person, asked.Role);
                    Note(context, store, AuditOf.RoleGiven, member);
                    return Results.NoContent();
                })
            )
            .Produces(204)
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("giveRole")
            .WithSummary("What somebody may do. Counts from the next request on.");

        api.MapPost("/people/{person}/jobs", (HttpContext context, JobStore store, string person, JobsPost asked) =>
                Of(context, store, person, member =>
                {
                    if (Unknown(store, asked.Jobs?.Select(j => j?.Job)) is { } wrong)
                    {
                        return Problems.Says(wrong, 422, "jobs");
                    }

                    store.Crew.SetJobs(person, asked.Jobs!.DistinctBy(j => j.Job).ToDictionary(j => j.Job, j => j.LooksOnly));
                    Note(context, store, AuditOf.JobsGiven, member);
                    return Results.NoContent();
                })
            )
            .Produces(204)
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("giveJobs")
            .WithSummary("The jobs somebody is let into: these and no others.");

        api.MapPost("/people/{person}/sign-out", (HttpContext context, JobStore store, string person) =>
                Of(context, store, person, member =>
                {
                    store.Crew.EndAll(person);
                    Note(context, store, AuditOf.SessionEnded, member);
                    return Results.NoContent();
                })
            )
            .Produces(204)
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("signOutPerson")
            .WithSummary("Signs somebody out at every device: a phone that was lost.");

        api.MapPost("/people/{person}/remove", (HttpContext context, JobStore store, string person) => Of(context, store, person, member =>
                {
                    if (IsLastOwner(store, member))
                    {
                        return LastOwner();
                    }

                    store.Crew.Remove(person);
                    Note(context, store, AuditOf.Removed, member);
                    return Results.NoContent();
                }))
            .Produces(204)
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("removePerson")
            .WithSummary("Takes somebody out of the crew. What they did stays in the log under their name, which nobody else gets.");

        api.MapGet("/audit", (JobStore store, int take = 200) =>
                TypedResults.Ok(
                    store.Crew.Audit(Math.Clamp(take, 1, 2000)).Select(a => new AuditLine(a.At, a.What, a.By, a.Of, a.From)).ToList()
                )
            )
            .WithName("audit")
            .WithSummary("Who came in and was turned away, what rights were given, what was taken out; newest first.");
    }

    private static PeopleAnswer Tell(HttpContext context, JobStore store, Served served)
    {
        var caller = Caller.Of(context);
        return new(
            [
                .. store
                    .Crew.All.Where(m => m.Gone is null)
                    .Select(m => new PersonView(
                        m.Id,
                        m.Name,
                        m.Role,
                        [.. m.Jobs.OrderBy(j => j.Key, StringComparer.Ordinal).Select(j => new JobRight(j.Key, j.Value))],
                        CrewEndpoints.SessionsOf(store, m.Id, caller.Session),
                        m.Id == caller.Member?.Id
                    )),
            ],
            [
                .. store
                    .Crew.Invitations()
                    .Select(i => new InvitationView(i.Id, i.Role, i.By, i.Ends, i.PersonId is { } id ? store.Crew.Find(id)?.Name : null)),
            ],
            served.On ? served.Origin : "",
            served.Certificates?.Root is null ? null : served.TrustOrigin,
            served.ClassPort > 0 ? served.ClassOrigin : null,
            served.Certificates?.Fingerprint
        );
    }

    private static IResult Invite(HttpContext context, JobStore store, Served served, TimeProvider clock, InvitePost asked)
    {
        if (Caller.Of(context) is not { Member: { } owner })
        {
            return CrewEndpoints.Alone();
        }

        if (!Enum.IsDefined(asked.Role))
        {
            return Problems.Says("Such a role there is not.", 422, "role");
        }

        if (asked.Hours is < 1 or > MostHours)
        {
            return Problems.Says($"An invitation is good for 1 to {MostHours} hours.", 422, "hours");
        }

        if (Unknown(store, asked.Jobs) is { } wrong)
        {
            return Problems.Says(wrong, 422, "jobs");
        }

        var known = asked.Person is { } id ? store.Crew.Find(id) : null;
        if (asked.Person is not null && known is null)
        {
            return Problems.Says("There is nobody of this id in the crew.", 404, "person");
        }

        var made = Invitations.Make(
            store,
            clock,
            known?.Role ?? asked.Role,
            known is null ? asked.Jobs : [],
            TimeSpan.FromHours(asked.Hours),
            owner.Name,
            known?.Id
        );
        store.Crew.Note(AuditOf.Invited, owner.Name, known?.Name, SignIn.From(context));
        var link = served.Origin + made.Path;
        var (code, size) = QrCode.Path(link);
        return Results.Ok(new InviteAnswer(made.Row.Id, link, code, size, made.Row.Ends));
    }

    /// <summary>Why jobs cannot be given, as a sentence; null where they can.</summary>
    private static string? Unknown(JobStore store, IEnumerable<string?>? jobs)
    {
        var all = jobs?.ToList();
        return all is null ? "Say which jobs; an empty list for none."
            : all.Count > MostJobs ? string.Create(CultureInfo.InvariantCulture, $"At most {MostJobs} jobs; * stands for every one.")
            : all.FirstOrDefault(j => j is null || (j != GrantRow.Every && store.Listed(j) is null)) is { } unknown
                ? $"There is no job {SignIn.Shown(unknown)}."
            : all.Contains(null) ? "A job is named by its id."
            : null;
    }

    private static IResult Of(HttpContext context, JobStore store, string person, Func<Member, IResult> work) =>
        Caller.Of(context).Member is null ? CrewEndpoints.Alone()
        : store.Crew.Find(person) is { } member ? work(member)
        : Problems.Says("There is nobody of this id in the crew.", 404);

    private static bool IsLastOwner(JobStore store, Member member) =>
        member.Role == CrewRole.Owner && store.Crew.All.Count(m => m is { Role: CrewRole.Owner, Gone: null }) == 1;

    private static IResult LastOwner() => Problems.Says("A crew has an owner: make somebody else one first.", 422);

    private static void Note(HttpContext context, JobStore store, AuditOf what, Member of) =>
        store.Crew.Note(what, Caller.Of(context).Member!.Name, of.Name, SignIn.From(context));
}
