using JollyBarn.Connection.Sheet;
using JollyBarn.Electrics;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>A line of a panel's directory.</summary>
/// <param name="Key">The breaker's key in the panel.</param>
/// <param name="Slots">Slots it takes.</param>
/// <param name="Legs">Legs of its poles: A, B, AB.</param>
/// <param name="Written">What is written for it now.</param>
/// <param name="Should">What to write, by what is recorded; null where nothing is.</param>
/// <param name="Open">There may be more on it: something was not followed or not opened.</param>
public sealed record DirectoryLineTold(
    string Key,
    IReadOnlyList<string> Slots,
    string Legs,
    decimal? Amperes,
    string? Written,
    string? Should,
    bool Open
);

/// <summary>A panel's directory as it should be written, beside what is.</summary>
/// <param name="Free">Slots with no breaker.</param>
/// <param name="Pairs">Of these, where a breaker of two poles goes in, by its upper slot.</param>
public sealed record ToldDirectory(
    string Panel,
    int Slots,
    IReadOnlyList<DirectoryLineTold> Lines,
    IReadOnlyList<int> Free,
    IReadOnlyList<int> Pairs
)
{
    /// <summary>More boxes than this are counted, not named.</summary>
    private const int MostNamed = 3;

    private static readonly Dictionary<Serves, (string One, string Many)> Words = new()
    {
        [Serves.Receptacles] = ("receptacle", "receptacles"),
        [Serves.Lights] = ("light", "lights"),
        [Serves.Fans] = ("fan", "fans"),
        [Serves.Other] = ("alarm", "alarms"),
    };

    public static ToldDirectory Tell(Job job, string panel)
    {
        var directory = PanelDirectory.Of(job, panel);
        return new(
            job.Panels[panel].Name,
            job.Panels[panel].Slots,
            [.. directory.Lines.Select(l => Tell(job, panel, l))],
            directory.Free,
            directory.Pairs
        );
    }

    private static DirectoryLineTold Tell(Job job, string panel, DirectoryLine line) =>
        new(
            line.Breaker.Key,
            [.. line.Breaker.Slots],
            string.Concat(SupplyLegs.Of(job.Panels[panel], line.Breaker).Select(l => (char)('A' + l))),
            line.Breaker.Amperes,
            line.Breaker.Says,
            line.Entries.Count == 0
                ? null
                : Line.Start(string.Join("; ", line.Entries.GroupBy(e => e.Place).Select(g => Room(job, g.Key, [.. g], line.Alike)))),
            line.Open
        );

    private static string Room(Job job, string? place, List<DirectoryEntry> entries, bool alike)
    {
        var what = string.Join(", ", entries.Select(e => What(job, e, alike)));
        return job.Places.Find(place ?? "") is { } room ? $"{room.Name}: {what}" : what;
    }

    private static string What(Job job, DirectoryEntry entry, bool alike)
    {
        if (entry.Serves == Serves.Fixed)
        {
            return string.Join(", ", entry.Ends.Select(e => job.Runs[e.Run].End(e.Side).Says ?? "something fixed"));
        }

        var (one, many) = Words[entry.Serves];
        var names = entry.Devices.GroupBy(d => d.Box).Select(g => Named(job.Boxes[g.Key], [.. g.Select(d => d.Device)])).ToList();
        var named = alike && names.Count <= MostNamed ? $" ({string.Join("; ", names)})" : "";
        return (entry.Devices.Count == 1 ? one : many) + named;
    }

    /// <summary>A box by its name, and by the side of it where not all its devices are meant.</summary>
    private static string Named(Box box, IReadOnlyList<Id<Device>> devices)
    {
        var rest = box.Devices.Where(d => !devices.Contains(d.Key)).Select(d => d.Value.Gang).ToList();
        var own = devices.Select(d => box.Devices[d].Gang).ToList();
        return rest.Count == 0 ? box.Name
            : own.Max() < rest.Min() ? $"{box.Name}, left"
            : own.Min() > rest.Max() ? $"{box.Name}, right"
            : box.Name;
    }
}
