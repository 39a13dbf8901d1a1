using JollyBarn.Electrics;
using JollyBarn.Wiring;

namespace JollyBarn.Tracing.Hunting;

/// <summary>Where on the run sheet a look is.</summary>
public static class Places
{
    /// <summary>Boxes it is at; of a breaker those its circuit feeds first.</summary>
    public static IEnumerable<Id<Box>> Of(Job job, Look look)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(look);
        return new[] { look.At, look.To }.OfType<string>().SelectMany(p => Of(job, p)).Distinct();
    }

    /// <summary>Boxes one stands at for a test: those it opens, else where one looks; none for a breaker, reset at its panel.</summary>
    public static IEnumerable<Id<Box>> Of(Job job, Trial trial)
    {
        ArgumentNullException.ThrowIfNull(trial);
        var look = trial.Asked.Look;
        return trial.Opens.Count > 0 ? trial.Opens
            : look.Kind == LookKind.Guard && GuardKey.Read(look.At) is { Kind: GuardKind.Breaker } ? []
            : Of(job, look);
    }

    /// <summary>The box of a point of the network, of a guard, or of its own id.</summary>
    private static IEnumerable<Id<Box>> Of(Job job, string point)
    {
        if (job.Boxes.Has(point))
        {
            return [point];
        }

        if (GuardKey.Read(point) is { } guard)
        {
            return guard.Kind == GuardKind.Device ? [guard.In] : Fed(job, guard);
        }

        var colon = point.IndexOf(':', StringComparison.Ordinal);
        var first = (colon < 0 ? point : point[(colon + 1)..]).Split('/')[0];
        return job.Boxes.Has(first) ? [first]
            : job.Runs.Find(first) is { } run ? run.Boxes
            : [];
    }

    private static IEnumerable<Id<Box>> Fed(Job job, GuardKey guard) =>
        job.Panels.Find(guard.In)?.Breakers.FirstOrDefault(b => b.Key == guard.Of)?.Circuit is { } circuit
            ? job.Runs.Values.Where(r => r.Circuit == circuit).SelectMany(r => r.Boxes)
            : [];
}
