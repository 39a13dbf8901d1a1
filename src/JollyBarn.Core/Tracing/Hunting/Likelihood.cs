using JollyBarn.Electrics;
using JollyBarn.Wiring;

namespace JollyBarn.Tracing.Hunting;

/// <summary>How likely an observation is where so much is predicted: observers err now and then, and then show any of the other
/// things.</summary>
internal static class Likelihood
{
    /// <param name="predicted">Null for what predicts nothing: then everything is as likely.</param>
    public static double Of(Observed seen, Prediction? predicted)
    {
        var ways = Odds.Ways(seen.Look.Kind);
        if (predicted is not { } p)
        {
            return 1.0 / ways;
        }

        var errs = Odds.Errs(seen);
        return p.All.Sum(a => a.Weight * (Shows(seen, a.Sight) ? 1 - errs : errs / (ways - 1)));
    }

    /// <summary>True where what was seen is among what it predicts.</summary>
    public static bool Explains(Observed seen, Prediction predicted) => predicted.All.Any(a => a.Weight > 0 && Shows(seen, a.Sight));

    private static bool Shows(Observed seen, Sight sight) =>
        (seen.Shows, sight.Case) switch
        {
            (SeenCase.Figure, SeenCase.Figure) => sight.Same(new(SeenCase.Figure, (double)(seen.Value ?? 0))),
            (SeenCase.Something, SeenCase.Figure) => sight.Value >= Live.LiveVolts,
            (SeenCase.Nothing, SeenCase.Figure) => sight.Value < Live.LiveVolts,
            (SeenCase.Figure, SeenCase.Something) => true,
            (var one, var other) => one == other,
        };
}
