using JollyBarn.CodeBook;
using JollyBarn.Electrics;
using JollyBarn.Wiring;

namespace JollyBarn.Connection.Sheet;

/// <summary>What a breaker serves somewhere.</summary>
public enum Serves
{
    Receptacles,
    Lights,
    Fans,

    /// <summary>Something else that hangs from a box.</summary>
    Other,

    /// <summary>Something fixed at the end of a cable.</summary>
    Fixed,
}

/// <summary>What a breaker serves in one room.</summary>
/// <param name="Place">The room; null where it is not said.</param>
/// <param name="Devices">The devices, with the boxes they are in.</param>
/// <param name="Ends">Ends of cables something fixed hangs on.</param>
public sealed record DirectoryEntry(
    string? Place,
    Serves Serves,
    IReadOnlyList<(Id<Box> Box, Id<Device> Device)> Devices,
    IReadOnlyList<(Id<Run> Run, RunSide Side)> Ends
);

/// <summary>A breaker of the directory.</summary>
/// <param name="Entries">What it serves by the recorded wiring, and by the marks of cables.</param>
/// <param name="Alike">Another breaker serves the same kind of thing in one of these rooms: the boxes tell them apart.</param>
/// <param name="Open">Something on it was not followed, or not opened: there may be more.</param>
public sealed record DirectoryLine(Breaker Breaker, IReadOnlyList<DirectoryEntry> Entries, bool Alike, bool Open);

/// <summary>The directory of a panel as it should be written, and what room there is in it.</summary>
/// <param name="Free">Slots with no breaker.</param>
/// <param name="Pairs">Free slots that take the upper pole of a breaker of two poles.</param>
/// <remarks>NEC 408.4(A): each circuit by its clear, evident and specific purpose, told from all others, and not by what passes, such as
/// who sleeps there.</remarks>
public sealed record PanelDirectory(IReadOnlyList<DirectoryLine> Lines, IReadOnlyList<int> Free, IReadOnlyList<int> Pairs)
{
    public static PanelDirectory Of(Job job, string id)
    {
        var panel = job.Panels[id];
        var sheet = RunSheet.Of(job);
        var served = panel
            .Breakers.OrderBy(b => b.Slot)
            .ThenBy(b => b.Lower)
            .Select(b => (Breaker: b, Stops: Stops(sheet, BreakerKey.Of(id, b))))
            .Select(b => (b.Breaker, b.Stops, Entries: Entries(job, BreakerKey.Of(id, b.Breaker), b.Stops)))
            .ToList();
        var by = served.SelectMany(s => s.Entries.Select(e => (e.Place, e.Serves))).CountBy(e => e).ToDictionary();
        return new(
            [
                .. served.Select(s => new DirectoryLine(
                    s.Breaker,
                    s.Entries,
                    s.Entries.Any(e => by[(e.Place, e.Serves)] > 1),
                    s.Stops.Count == 0
                        || s.Stops.Exists(t => t.At == StopAt.Somewhere || !t.Seen)
                        || s.Stops.Exists(t => t.At == StopAt.Box && job.Boxes[t.Id!].Contents != Contents.Complete)
                )),
            ],
            panel.FreeSlots,
            panel.FreePairs
        );
    }

    private static List<SheetStop> Stops(RunSheet sheet, string key) =>
        [
            .. sheet
                .Rails.Where(r => r.Breakers.Contains(key))
                .SelectMany(r => r.Stops.Where(s => s.Breakers.Count == 0 || s.Breakers.Contains(key))),
        ];

    private static List<DirectoryEntry> Entries(Job job, string key, List<SheetStop> stops)
    {
        var found = new List<(string? Place, Serves Serves, (Id<Box>, Id<Device>)? Device, (Id<Run>, RunSide)? End)>();
        foreach (var stop in stops)
        {
            if (stop is { At: StopAt.Load, By: { } run })
            {
                var near = job.Boxes.Find(job.Runs[run].End(stop.Side == RunSide.A ? RunSide.B : RunSide.A).Box);
                found.Add((near?.Place, Serves.Fixed, null, (run, stop.Side)));
            }
            else if (stop is { At: StopAt.Box, Id: { } id } && job.Boxes[id] is var box)
            {
                found.AddRange(
                    from device in box.Devices
                    let kind = DeviceKinds.Find(device.Value.Kind)
                    let serves = What(kind)
                    where serves is not null && !OnAnother(job, id, device.Key, kind, key)
                    select (box.Place, serves.Value, ((Id<Box>, Id<Device>)?)((Id<Box>)id, device.Key), ((Id<Run>, RunSide)?)null)
                );
            }
        }

        return
        [
            .. found
                .GroupBy(f => (f.Place, f.Serves))
                .Select(g => new DirectoryEntry(
                    g.Key.Place,
                    g.Key.Serves,
                    [.. g.Select(f => f.Device).OfType<(Id<Box>, Id<Device>)>()],
                    [.. g.Select(f => f.End).OfType<(Id<Run>, RunSide)>()]
                )),
        ];
    }

    /// <summary>True where the hots that come to a device are known, and none is this breaker's.</summary>
    private static bool OnAnother(Job job, Id<Box> box, Id<Device> device, DeviceKind kind, string key)
    {
        var wires = Connected.Of(job).In(box);
        var hots = kind.Points()
            .Where(p => p.Role != TerminalRole.Ground && !p.Role.IsNeutral())
            .SelectMany(p => new[] { Points.Terminal(box, device, p.Name), Points.Own(box, $"{device}.{p.Name}") })
            .Select(wires.At)
            .SelectMany(w => w.Switched.At.Append(w.Switched.Taken!))
            .Where(e => e is { What: Gives.Hot })
            .Select(e => $"{e.Panel}/{e.Breaker}")
            .ToHashSet();
        return hots.Count > 0 && !hots.Contains(key);
    }

    private static Serves? What(DeviceKind? kind) =>
        kind switch
        {
            { Receptacle: true } => Serves.Receptacles,
            { Hung: HungAs.Luminaire } => Serves.Lights,
            { Hung: HungAs.Fan } => Serves.Fans,
            { Hung: HungAs.Other } => Serves.Other,
            _ => null,
        };
}
