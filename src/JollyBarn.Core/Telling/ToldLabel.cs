using JollyBarn.Connection.Sheet;
using JollyBarn.Telling.Live;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>The label inside a cover, line by line.</summary>
/// <param name="Lines">What is printed, top to bottom.</param>
/// <param name="Known">True where every breaker on it was followed into the box; false where some are only believed, or none is
/// known.</param>
public sealed record ToldLabel(Id<Box> Box, string Name, string? Place, IReadOnlyList<string> Lines, bool Known)
{
    public static ToldLabel Tell(Job job, Id<Box> id)
    {
        var label = CoverLabel.Of(job, id);
        var box = job.Boxes[id];
        var names = new Names(job);
        var several = label.Breakers.Count > 1;
        return new(
            id,
            box.Name,
            job.Places.Find(box.Place ?? "")?.Name,
            [
                box.Name,
                .. several ? [$"{label.Breakers.Count} CIRCUITS: SWITCH OFF ALL"] : Array.Empty<string>(),
                .. label.Breakers.Select(b => Told(job, b, several)),
                .. label.Breakers.Count == 0 ? ["breaker not known"] : Array.Empty<string>(),
                .. label.Behind.Select(g => $"reset: {GuardWords.Of(names, g)}"),
            ],
            label.Breakers.Count > 0 && label.Breakers.All(b => b.Seen)
        );
    }

    private static string Told(Job job, LabelBreaker label, bool several)
    {
        var name = BreakerNames.Of(job, label.Breaker);
        var colours = several && label.Colours.Count > 0 ? $" ({string.Join(", ", label.Colours)})" : "";
        var amperes = label.Breaker.Amperes is { } a ? string.Create(System.Globalization.CultureInfo.InvariantCulture, $" {a:0} A") : "";
        return $"{job.Panels[label.Panel].Name} {string.Join("·", label.Breaker.Slots)}{amperes}"
            + (name is null ? "" : $" {name}")
            + colours
            + (label.Seen ? "" : " ?");
    }
}
