using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Fill;

/// <summary>What the least depth of a box says.</summary>
/// <param name="Passes">Null when the depth of box or device is not known and would decide.</param>
/// <param name="Limit">Key of the number of the book it goes by.</param>
/// <param name="Id">Id of the device.</param>
/// <param name="Device">What it is called.</param>
/// <param name="Body">Depth of the device itself where that decides; null where the gauge does.</param>
/// <param name="Behind">What the device wants behind it then.</param>
/// <param name="Gauge">Thickest conductor on it, where that decides; null when not known yet.</param>
public sealed record DepthLine(
    Called Device,
    Length Needed,
    Length? Depth,
    bool? Passes,
    string Limit,
    string Article,
    string Id,
    Length? Body,
    Length? Behind,
    Gauge? Gauge
);

/// <summary>Least depth, NEC 314.24: with a device deeper than 1 7/8 in its depth and 1/4 in behind it, else by the gauge on it. The
/// figures are from memory.</summary>
public static class BoxDepth
{
    public static IReadOnlyList<DepthLine> Judge(Box box, FillInput input, CodeProfile profile)
    {
        var limits = LimitTable.For(profile);
        var depth = Depth(box);
        var lines = new List<DepthLine>();
        foreach (var device in input.Devices)
        {
            var found = box.Devices.Find(device.Ids[0]);
            var usual = DeviceKinds.Find(found?.Kind)?.Depth;
            var deep = (found?.Depth.OrNull ?? usual) is { } d && d > limits.Inches("depth.deep.device") ? d : (Length?)null;
            var key = deep is not null ? "depth.deep.behind" : Key(device.Gauge);
            var needed = limits.Inches(key) + (deep ?? Length.Zero);
            var passes = depth is { } known ? known >= needed : (bool?)null;
            lines.Add(
                new(
                    device.Called,
                    needed,
                    depth,
                    passes,
                    key,
                    limits[key].Article,
                    device.Ids[0],
                    deep,
                    deep is null ? null : limits.Inches(key),
                    device.Gauge
                )
            );
        }

        return lines;
    }

    /// <summary>Inside depth of the box with its rings and extensions; null while a part of it is unknown.</summary>
    public static Length? Depth(Box box)
    {
        var total = box.Depth.OrNull;
        foreach (var part in box.Parts.Values.Where(p => p.Role is PartRole.Ring or PartRole.Extension or PartRole.RaisedCover))
        {
            total = total is { } sum && part.Depth.OrNull is { } more ? sum + more : null;
        }

        return total;
    }

    private static string Key(Gauge? gauge) =>
        gauge?.Number switch
        {
            null or >= 14 => "depth.gauge.14",
            >= 10 => "depth.gauge.12",
            _ => "depth.gauge.8",
        };
}
