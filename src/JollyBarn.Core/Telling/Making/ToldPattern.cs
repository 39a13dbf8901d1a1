using JollyBarn.Making;
using JollyBarn.Telling.Phrases;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Making;

/// <summary>A standard make in a list.</summary>
/// <param name="Says">Its cables and devices.</param>
public sealed record ToldPattern(string Id, string Name, string Says, string By)
{
    public static IReadOnlyList<ToldPattern> All(Job job)
    {
        ArgumentNullException.ThrowIfNull(job);
        return [.. job.Patterns.Select(p => new ToldPattern(p.Key, p.Value.Name, Of(p.Value), p.Value.By))];
    }

    private static string Of(Pattern pattern)
    {
        var cables = pattern.Feeds.Count;
        var devices = pattern.Box.Devices.Values.Select(Names.Device).ToList();
        return $"{(cables == 1 ? "one cable" : $"{cables} cables")}, {(devices.Count == 0 ? "no device" : string.Join(", ", devices))}";
    }
}

/// <summary>A standard make tried in a box.</summary>
/// <param name="Why">Why it does not go; null where it does.</param>
/// <param name="Edit">The edits that make it.</param>
/// <param name="Brings">What would fail then that does not now.</param>
public sealed record ToldPatternFit(
    Id<Box> Box,
    string Name,
    string? Place,
    string? Why,
    Edits.Edit? Edit,
    IReadOnlyList<ToldFinding> Brings
)
{
    private static readonly Dictionary<PatternMiss, Line> Words = new()
    {
        [PatternMiss.NotFree] = "Something is made up in it already.",
        [PatternMiss.Cables] = "Its cables are others than those of the make.",
        [PatternMiss.Gangs] = "It opens to too few gangs.",
    };

    /// <param name="on">The job it is planned on.</param>
    public static ToldPatternFit Tell(Job on, Pattern pattern, Id<Box> id)
    {
        ArgumentNullException.ThrowIfNull(on);
        var box = on.Boxes[id];
        var made = PatternMake.Of(on, pattern, id);
        var edit = made.Edit is { } batch && batch.Check(on) is null ? batch : null;
        var place = on.Places.Find(box.Place ?? "")?.Name;
        if (edit is null)
        {
            var why = Words[made.Miss ?? PatternMiss.NotFree].Make(new(Details.None, new(on)));
            return new(id, box.Name, place, why, null, []);
        }

        var then = edit.Apply(on);
        var brought = BroughtBy.Of(on, then, id);
        return new(id, box.Name, place, null, edit, new Teller(then, id).Tell(brought));
    }
}
