using JollyBarn.Edits;
using JollyBarn.Store;
using JollyBarn.Terms;

namespace JollyBarn.Web.Endpoints;

/// <summary>Turns an exercise back that another version of the program made: drawn anew it would be another one, and marked by what it is
/// not.</summary>
internal sealed class SameExercise(JobStore store) : IEndpointFilter
{
    public async ValueTask<object?> InvokeAsync(EndpointFilterInvocationContext context, EndpointFilterDelegate next)
    {
        var asked = context.HttpContext.Request.RouteValues;
        var id = (asked["exercise"] ?? asked["make"] ?? asked["hunt"])?.ToString() ?? "";
        return store.Find(id) is { } open && IsOther(open) ? Problems.From(new(Why.OtherExercise)) : await next(context);
    }

    private static bool IsOther(OpenJob open)
    {
        if (open.Now.Job is not { Exercise: { } made } now || open.JobAt(0) is not { } begun)
        {
            return false;
        }

        var drawn = ExerciseEndpoints.Drawn(new(made.Kind, made.Seed, made.Level, now.Profile.Edition, made.About));
        return drawn is not var (job, _) || JobJson.Text(job) != JobJson.Text(begun with { Exercise = null });
    }
}
