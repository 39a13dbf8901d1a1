using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Testing;

/// <summary>Somebody who looks for a hidden fault as the program says, and whose instruments and words err now and then.</summary>
/// <param name="readingErrs">Share of readings that are wrong.</param>
/// <param name="wordErrs">Share of words that are wrong.</param>
public sealed class Hunt(Scene scene, Means means, Random random, double readingErrs = 0, double wordErrs = 0)
{
    private const int Most = 40;

    private int made;

    /// <summary>Tests that were made, in order.</summary>
    public List<Trial> Made { get; } = [];

    /// <summary>Starts from what the fault is noticed by, and tests until the program is sure or has no test left.</summary>
    /// <returns>The suspects in the end; null for a fault nobody notices.</returns>
    public (Suspects Suspects, NextTrial Next)? For(Suspect hidden)
    {
        if (HiddenFault.First(scene, means, hidden) is not { } first)
        {
            return null;
        }

        var complaint = Seen(new("something is wrong", "Ines", "2026-10-01T08:00:00Z"), first, hidden, true);
        while (true)
        {
            var suspects = Suspects.Of(scene, complaint, pairs: false);
            var next = NextTrial.Of(suspects, means);
            if (next.Found || Made.Count == Most)
            {
                return (suspects, next);
            }

            Made.Add(next.Ranked[0].Trial);
            complaint = Seen(complaint, next.Ranked[0].Trial.Asked, hidden, false);
        }
    }

    private Complaint Seen(Complaint complaint, AskedLook asked, Suspect hidden, bool first)
    {
        var sight = Drawn(Predicting.Of(scene, hidden, [asked])[0]);
        var errs = asked.Look.Kind is LookKind.Instrument or LookKind.Lamps or LookKind.Insulation ? readingErrs : wordErrs;
        if (!first && random.NextDouble() < errs)
        {
            sight = Wrong(asked.Look.Kind, sight);
        }

        var id = $"o{made++}";
        return complaint with
        {
            Observed = complaint.Observed.With(
                id,
                new Observed(
                    asked.Look,
                    sight.Case,
                    "Ines",
                    $"2026-10-01T08:{made:00}:00Z",
                    asked.Setup,
                    sight.Case == SeenCase.Figure ? (decimal)Math.Round(sight.Value, 1) : null
                )
            ),
        };
    }

    private Sight Drawn(Prediction prediction)
    {
        var at = random.NextDouble();
        foreach (var (sight, weight) in prediction.All)
        {
            if ((at -= weight) <= 0)
            {
                return sight;
            }
        }

        return prediction.All[^1].Sight;
    }

    /// <summary>Something else that a look of this kind can show.</summary>
    private Sight Wrong(LookKind kind, Sight right)
    {
        SeenCase[] cases = kind switch
        {
            LookKind.Outlet => [SeenCase.Works, SeenCase.Dead, SeenCase.Dim, SeenCase.Flickers],
            LookKind.Guard => [SeenCase.Holds, SeenCase.TripsAtOnce, SeenCase.TripsLater],
            LookKind.Lamps => [SeenCase.LampsBothHot, SeenCase.LampsHotNeutral, SeenCase.LampsHotGround, SeenCase.LampsNone],
            LookKind.OwnButton => [SeenCase.Opens, SeenCase.NothingOpens],
            LookKind.Warmth => [SeenCase.Warm, SeenCase.Cool],
            LookKind.Tug => [SeenCase.CameOff, SeenCase.AllHold],
            LookKind.Inside => [SeenCase.Sound, SeenCase.Spoilt],
            LookKind.Insulation => [SeenCase.Low, SeenCase.High],
            LookKind.Touch => [SeenCase.Felt, SeenCase.NotFelt],
            _ => right.Case switch
            {
                SeenCase.Figure => [SeenCase.Figure],
                SeenCase.Opens or SeenCase.NothingOpens => [SeenCase.Opens, SeenCase.NothingOpens],
                _ => [SeenCase.Something, SeenCase.Nothing],
            },
        };
        var others = cases.Where(c => c != right.Case || c == SeenCase.Figure).ToList();
        var other = others[random.Next(others.Count)];
        return other == SeenCase.Figure ? new(other, right.Value < 30 ? 118 : 2) : new(other);
    }
}
