using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Wiring;

namespace JollyBarn.Tracing.Hunting;

/// <summary>Metal somebody can touch that a suspect makes live, after everything that opens has opened.</summary>
/// <param name="Milliamperes">Through the lowest of people to the earth.</param>
public sealed record Harm(Id<Box> Box, string Point, double Volts, double Milliamperes)
{
    /// <summary>The worst of it; null where no metal that is recorded becomes live.</summary>
    public static Harm? Of(Scene scene, Suspect suspect)
    {
        ArgumentNullException.ThrowIfNull(scene);
        ArgumentNullException.ThrowIfNull(suspect);
        var live = scene.AsRecorded(Setup.AsItIs, Setup.AsItIs.Key, true, true).With(suspect.Alters).End;
        return scene
            .Boxes.SelectMany(b => LiveParts.Touchable(scene.Job, b, scene.Job.Boxes[b]).Select(p => (Box: b, p.Point)))
            .Where(p => live.Has(p.Point) && live.Volts(p.Point).Magnitude >= Live.LiveVolts)
            .Select(p => new Harm(p.Box, p.Point, live.Volts(p.Point).Magnitude, live.Through(p.Point)))
            .Where(h => h.Milliamperes >= Live.Felt)
            .MaxBy(h => h.Milliamperes);
    }
}
