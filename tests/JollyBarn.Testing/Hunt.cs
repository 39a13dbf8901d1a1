using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Testing;

/// <summary>Somebody who looks for a hidden fault as the program says, and whose instruments and words err now and then.</summary>
/// <param name="readingErrs">Share of readings that are wrong.</param>
/// <param name="wordErrs">Share of words that are wrong.</param>
public sealed class Hunt(Scene scene, Means means, Random random, double readingErrs = 0, double wordErrs = 0)
{
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

        var complaint = new Complaint("something is wrong", "Ines", "2026-10-01T08:00:00Z");
        complaint = complaint with { Observed = complaint.Observed.With("first", Seen(first, hidden, true)) };
        return BestHunt.Of(scene, means, complaint, trial =>
        {
            Made.Add(trial);
            return Seen(trial.Asked, hidden, false);
        });
    }

    private Observed Seen(AskedLook asked, Suspect hidden, bool first)
    {
        var sight = Predicting.Of(scene, hidden, [asked])[0].Drawn(random);
        var errs = asked.Look.Kind is LookKind.Instrument or LookKind.Lamps or LookKind.Insulation ? readingErrs : wordErrs;
        if (!first && random.NextDouble() < errs)
        {
            sight = Wrong(asked.Look.Kind, sight);
        }

        return sight.Observed(asked, "Ines", $"2026-10-01T08:{made++:00}:00Z");
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
