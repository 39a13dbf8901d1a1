using JollyBarn.Edits;
using JollyBarn.Store;
using JollyBarn.Terms;
using JollyBarn.Web.Crew;
using Conflict = JollyBarn.Store.Conflict;

namespace JollyBarn.Web.Endpoints;

/// <summary>Two who stand at a panel let go of the hold of one of them.</summary>
/// <param name="By">Who asks for it.</param>
/// <param name="Of">Whose hold it is.</param>
/// <param name="Password">The holder's own, typed by the holder; where nobody signs in, nothing.</param>
public sealed record LetGoPost(string Id, string By, string Panel, int Slot, string Of, string? Password = null, bool Lower = false) : ISent
{
    public ISent As(string by) => this with { By = by };
}

/// <summary>Nobody lets go of another's hold alone.</summary>
internal static class LetGoEndpoints
{
    public static void MapLetGo(this IEndpointRouteBuilder api) =>
        api.MapPost("/jobs/{job}/let-go", async (HttpContext context, JobStore store, SignIn signs, string job, LetGoPost asked) =>
            {
                if (store.Find(job) is not { } open)
                {
                    return Problems.Missing(What.Job);
                }

                var (caller, from) = (Caller.Of(context), SignIn.From(context));
                if (!caller.IsLocal && await signs.CheckAsync(asked.Of, asked.Password ?? "", from) is null)
                {
                    return Problems.Says(
                        $"{SignIn.Shown(asked.Of)} says so here, by name and password. The hold stays as it is.",
                        422,
                        "password"
                    );
                }

                var edit = new LetGoTogether(asked.Panel, asked.Slot, asked.Of, asked.By, asked.Lower);
                var done = open.LetGo(asked.Id, asked.By, edit);
                if (done is Accepted && caller.Member is { } member)
                {
                    store.Crew.Note(AuditOf.HoldLetGo, member.Name, asked.Of, from);
                }

                return EditEndpoints.Tell(open, asked.By, done);
            })
            .Produces<EditAnswer>()
            .Produces<Conflict>(409)
            .ProducesProblem(422)
            .WithName("letGoTogether")
            .WithSummary("Lets go of somebody else's hold of a breaker: both are here, and the holder says so by the own password.");
}
