using JollyBarn.Store;
using JollyBarn.Web.Crew;
using JollyBarn.Web.Serving;
using Microsoft.AspNetCore.Identity;

namespace JollyBarn.Web.Endpoints;

/// <summary>Who is asked for, and as whom.</summary>
/// <param name="Keep">True where the device is one's own: it stays signed in for two weeks instead of a day.</param>
public sealed record SignInPost(string Name, string Password, bool Keep = false);

/// <summary>Somebody who comes by an invitation.</summary>
/// <param name="Word">What stands in the invitation.</param>
/// <param name="Name">The name the log will say; null where the invitation is for somebody who has one.</param>
public sealed record JoinPost(string Word, string Password, string? Name = null, bool Keep = false);

public sealed record NewPasswordPost(string Old, string New);

/// <summary>Whose session is ended, by its id.</summary>
public sealed record EndSessionPost(string Session);

/// <summary>Who one is here.</summary>
/// <param name="SignsIn">True where people sign in; false where the program serves this machine alone.</param>
/// <param name="Name">Who is signed in; null where nobody is.</param>
/// <param name="Role">What they are; null where nobody is signed in.</param>
/// <param name="ByClass">True where one comes in by the code of a class.</param>
/// <param name="ClassAddress">Where learners come in by a code, for who leads classes; null where that is the address of this page.</param>
public sealed record Me(bool SignsIn, string? Name, string? Role, bool ByClass, string? ClassAddress = null);

/// <summary>How the program stands.</summary>
/// <param name="Reads">True where the data file reads.</param>
/// <param name="OpenJobs">Jobs in memory.</param>
public sealed record Health(bool Reads, int OpenJobs);

/// <summary>What an invitation is for.</summary>
/// <param name="Name">Whom it gives a new password; null where somebody new comes.</param>
public sealed record InvitedAnswer(CrewRole Role, string Ends, string? Name);

/// <summary>A device somebody is signed in at.</summary>
public sealed record SessionView(string Id, string Device, string Began, string Seen, string Ends, bool This);

/// <summary>Signing in and out, invitations as who comes by them sees them, and one's own devices.</summary>
internal static class CrewEndpoints
{
    public static void MapCrew(this IEndpointRouteBuilder api)
    {
        api.MapGet("/me", (HttpContext context, Served served) => TypedResults.Ok(Tell(Caller.Of(context), served)))
            .WithName("me")
            .WithSummary("Who is signed in here.");

        api.MapGet("/health", (JobStore store) => TypedResults.Ok(new Health(store.Reads(), store.Open)))
            .WithName("health")
            .WithSummary("Whether the data file reads, for who watches the program. Says nothing of what is in it.");

        api.MapPost("/sign-in", async (HttpContext context, SignIn signs, JobStore store, SignInPost asked) =>
            {
                if (NoCrew(context) is { } no)
                {
                    return no;
                }

                var from = SignIn.From(context);
                if (await signs.CheckAsync(asked.Name ?? "", asked.Password ?? "", from) is not { } person)
                {
                    return Problems.Says(
                        "Name and password do not belong together. After five wrong ones nobody comes in by this name for a quarter "
                            + "of an hour.",
                        401
                    );
                }

                signs.Begin(context, person, asked.Keep);
                store.Crew.Note(AuditOf.SignedIn, person.UserName!, null, from);
                return Results.Ok(Entered(person));
            })
            .Produces<Me>()
            .ProducesProblem(401)
            .ProducesProblem(422)
            .WithName("signIn")
            .WithSummary("Signs somebody in: the answer sets a cookie.");

        api.MapPost("/sign-out", (HttpContext context, SignIn signs) =>
            {
                signs.End(context, Caller.Of(context));
                return Results.NoContent();
            })
            .Produces(204)
            .WithName("signOut")
            .WithSummary("Ends the session of this device.");

        api.MapPost("/invited", (HttpContext context, JobStore store, InvitedPost asked) =>
            {
                if (NoCrew(context) is { } no)
                {
                    return no;
                }

                return store.Crew.Invited(Words.Hash(asked.Word)) is { } found
                    ? Results.Ok(new InvitedAnswer(found.Role, found.Ends, NameOf(store, found)))
                    : Past();
            })
            .Produces<InvitedAnswer>()
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("invited")
            .WithSummary("What an invitation is for.");

        api.MapPost("/join", JoinAsync)
            .Produces<Me>()
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("join")
            .WithSummary("Comes in by an invitation, with a name and a password. The invitation is good once.");

        api.MapPost("/me/password", async (HttpContext context, UserManager<Person> people, JobStore store, NewPasswordPost asked) =>
            {
                if (Caller.Of(context) is not { Member: { } member, Session: { } session })
                {
                    return Alone();
                }

                var person = (await people.FindByIdAsync(member.Id))!;
                var done = await people.ChangePasswordAsync(person, asked.Old ?? "", asked.New ?? "");
                if (!done.Succeeded)
                {
                    return Problems.Says(
                        done.Errors.FirstOrDefault(e => e.Code == nameof(Passwords))?.Description ?? "The old password is another.",
                        422
                    );
                }

                store.Crew.EndAll(member.Id, session);
                store.Crew.Note(AuditOf.NewPassword, member.Name, null, SignIn.From(context));
                return Results.NoContent();
            })
            .Produces(204)
            .ProducesProblem(422)
            .WithName("newPassword")
            .WithSummary("A new password; every other device is signed out.");

        api.MapGet("/me/sessions", (HttpContext context, JobStore store) =>
                Caller.Of(context) is { Member: { } member } caller
                    ? TypedResults.Ok(SessionsOf(store, member.Id, caller.Session))
                    : TypedResults.Ok<IReadOnlyList<SessionView>>([])
            )
            .WithName("sessions")
            .WithSummary("Devices one is signed in at.");

        api.MapPost("/me/sessions/end", (HttpContext context, JobStore store, EndSessionPost asked) =>
            {
                if (Caller.Of(context) is not { Member: { } member })
                {
                    return Alone();
                }

                if (!store.Crew.End(member.Id, asked.Session ?? ""))
                {
                    return Problems.Says("There is no such device, or it was signed out already.", 404);
                }

                store.Crew.Note(AuditOf.SessionEnded, member.Name, null, SignIn.From(context));
                return Results.NoContent();
            })
            .Produces(204)
            .ProducesProblem(404)
            .ProducesProblem(422)
            .WithName("endSession")
            .WithSummary("Signs one device out: one that was lost.");

        api.MapPost("/me/sessions/end-all", (HttpContext context, JobStore store) =>
            {
                if (Caller.Of(context) is { Member: { } member } caller)
                {
                    store.Crew.EndAll(member.Id, caller.Session);
                    store.Crew.Note(AuditOf.SessionEnded, member.Name, null, SignIn.From(context));
                }

                return Results.NoContent();
            })
            .Produces(204)
            .WithName("endSessions")
            .WithSummary("Signs out every device but this one.");
    }

    private static Me Entered(Person person) => new(true, person.UserName, person.Role.ToString(), false);

    private static Me Tell(Caller caller, Served served) =>
        new(
            !caller.IsLocal,
            caller.Member?.Name,
            caller.Member?.Role.ToString(),
            caller.Door == Door.Class,
            served.ClassPort > 0 && Rights.Has(caller.Member, Right.Teach, null, false) ? served.ClassOrigin : null
        );

    internal static IReadOnlyList<SessionView> SessionsOf(JobStore store, string person, string? own) =>
        [.. store.Crew.SessionsOf(person).Select(s => new SessionView(s.Id, s.Device, s.Began, s.Seen, s.Ends, s.Id == own))];

    private static async Task<IResult> JoinAsync(
        HttpContext context,
        SignIn signs,
        UserManager<Person> people,
        JobStore store,
        TimeProvider clock,
        JoinPost asked
    )
    {
        if (NoCrew(context) is { } no)
        {
            return no;
        }

        var id = Words.Hash(asked.Word ?? "");
        if (store.Crew.Invited(id) is not { } invitation)
        {
            return Past();
        }

        var known = invitation.PersonId is { } there ? await people.FindByIdAsync(there) : null;
        var name = known?.UserName ?? asked.Name?.Trim() ?? "";
        var wrong =
            known is not null ? null
            : name.Length is 0 or > 60 || name.Any(char.IsControl) ? ("A name has one to sixty letters.", "name")
            : await people.FindByNameAsync(name) is not null ? ("Somebody here has this name already, or had it. Take another.", "name")
            : ((string, string)?)null;
        if (wrong is null && Passwords.Wrong(name, asked.Password) is { } weak)
        {
            wrong = (weak, "password");
        }

        if (wrong is var (says, field))
        {
            return Problems.Says(says, 422, field);
        }

        // Of two who come with one word at once, one is let in.
        if (store.Crew.Take(id) is null)
        {
            return Past();
        }

        var person = known
            ?? new Person
            {
                UserName = name,
                Role = invitation.Role,
                Came = CrewStore.Text(clock.GetUtcNow()),
                LockoutEnabled = true,
            };
        if (known is not null)
        {
            await people.RemovePasswordAsync(person);
            await people.AddPasswordAsync(person, asked.Password!);
            await people.SetLockoutEndDateAsync(person, null);
            store.Crew.EndAll(person.Id);
        }
        else if (await people.CreateAsync(person, asked.Password!) is { Succeeded: false } failed)
        {
            store.Crew.GiveBack(id);
            return Problems.Says(failed.Errors.First().Description, 422, "name");
        }
        else
        {
            store.Crew.SetJobs(
                person.Id,
                invitation.Jobs.Split(' ', StringSplitOptions.RemoveEmptyEntries).ToDictionary(j => j, _ => false)
            );
        }

        store.Crew.Note(known is null ? AuditOf.Joined : AuditOf.NewPassword, name, null, SignIn.From(context));
        signs.Begin(context, person, asked.Keep);
        return Results.Ok(Entered(person));
    }

    private static string? NameOf(JobStore store, InvitationRow invitation) =>
        invitation.PersonId is { } id ? store.Crew.Find(id)?.Name : null;

    private static IResult Past() => Problems.Says("This invitation is used, taken back or past its time. Ask for another.", 404);

    internal static IResult Alone() =>
        Problems.Says("Nobody signs in here: the program serves this machine alone. --serve lets others in.", 422);

    private static IResult? NoCrew(HttpContext context) => Caller.Of(context).Door == Door.Crew ? null : Alone();
}

/// <summary>An invitation, by its word.</summary>
public sealed record InvitedPost(string Word);
