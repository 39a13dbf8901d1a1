using JollyBarn.Measures;

namespace JollyBarn.CodeBook;

/// <summary>Rings, extensions and covers in generic words. Ring and cover marks are usual ones (<em>practice</em>); the mark on the part
/// decides.</summary>
public static class PartKinds
{
    private static readonly Dictionary<string, PartKind> ById;

    static PartKinds()
    {
        All = [.. Rings(), .. Extensions(), .. Covers()];
        ById = All.ToDictionary(k => k.Id, StringComparer.Ordinal);
    }

    public static IReadOnlyList<PartKind> All { get; }

    public static PartKind? Find(string? id) => id is not null && ById.TryGetValue(id, out var kind) ? kind : null;

    /// <summary>Rings and raised covers that open a square box to so many gangs.</summary>
    public static IEnumerable<PartKind> RingsFor(BoxKind? kind, int gangs) =>
        kind?.Shape == BoxShape.Square && gangs > 0
            ? All.Where(p => p.Role is PartRole.Ring or PartRole.RaisedCover && p.Size == Size(kind) && p.Opens == gangs)
            : [];

    /// <summary>Extensions that go on a box and leave the opening its devices need. All are metal, and a metal one is never put on a
    /// nonmetallic box, which cannot bond it.</summary>
    public static IEnumerable<PartKind> ExtensionsFor(BoxKind? kind, int gangs) =>
        kind is not { Material: BoxMaterial.Metal }
            ? []
            : All.Where(p =>
                p.Role == PartRole.Extension
                && p.Fits == kind.Shape
                && (p.Opens is null ? p.Size == Size(kind) : p.Opens == kind.Gangs && gangs == kind.Gangs)
            );

    private static string Size(BoxKind kind) => kind.Width is { } width && width > Length.Inches(4) && kind.Gangs == 0 ? "4 11/16" : "4";

    private static IEnumerable<PartKind> Rings()
    {
        (string Rise, decimal One, decimal Two)[] rises =
        [
            ("1/4", 1.8m, 3.0m),
            ("1/2", 3.5m, 5.5m),
            ("5/8", 4.3m, 6.5m),
            ("3/4", 5.1m, 7.8m),
            ("1", 6.6m, 10.3m),
            ("1 1/4", 8.1m, 12.8m),
        ];
        foreach (var size in new[] { "4", "4 11/16" })
        {
            foreach (var (rise, one, two) in rises)
            {
                yield return new(
                    $"ring-{Id(size)}-1g-{Id(rise)}",
                    $"one-gang ring, {rise} in rise, for {size} square",
                    PartRole.Ring,
                    BoxShape.Square,
                    size,
                    1,
                    Volume.Of(one),
                    false,
                    Length.Parse(rise),
                    1
                );
                yield return new(
                    $"ring-{Id(size)}-2g-{Id(rise)}",
                    $"two-gang ring, {rise} in rise, for {size} square",
                    PartRole.Ring,
                    BoxShape.Square,
                    size,
                    2,
                    Volume.Of(two),
                    false,
                    Length.Parse(rise),
                    1
                );
            }

            yield return new(
                $"ring-{Id(size)}-round-1/2",
                $"round ring, 1/2 in rise, for {size} square",
                PartRole.Ring,
                BoxShape.Square,
                size,
                0,
                Volume.Of(3.0m),
                false,
                Length.Parse("1/2"),
                1
            );
        }
    }

    private static IEnumerable<PartKind> Extensions()
    {
        yield return new(
            "ext-round-1-1/2",
            "octagon extension, 1 1/2 deep",
            PartRole.Extension,
            BoxShape.Round,
            "4",
            null,
            Volume.Of(15.5m),
            true,
            Length.Parse("1 1/2"),
            1
        );
        yield return new(
            "ext-round-2-1/8",
            "octagon extension, 2 1/8 deep",
            PartRole.Extension,
            BoxShape.Round,
            "4",
            null,
            Volume.Of(21.5m),
            true,
            Length.Parse("2 1/8"),
            2
        );
        yield return new(
            "ext-pan-1-1/2",
            "octagon extension on a pan, 1 1/2 deep",
            PartRole.Extension,
            BoxShape.Pan,
            "4",
            null,
            Volume.Of(15.5m),
            true,
            Length.Parse("1 1/2"),
            1
        );
        yield return new(
            "ext-square-1-1/2",
            "4 square extension, 1 1/2 deep",
            PartRole.Extension,
            BoxShape.Square,
            "4",
            null,
            Volume.Of(21.0m),
            true,
            Length.Parse("1 1/2"),
            1
        );
        yield return new(
            "ext-square-2-1/8",
            "4 square extension, 2 1/8 deep",
            PartRole.Extension,
            BoxShape.Square,
            "4",
            null,
            Volume.Of(30.3m),
            true,
            Length.Parse("2 1/8"),
            2
        );
        yield return new(
            "ext-square-4-11/16",
            "4 11/16 square extension, 1 1/2 deep",
            PartRole.Extension,
            BoxShape.Square,
            "4 11/16",
            null,
            Volume.Of(29.5m),
            true,
            Length.Parse("1 1/2"),
            3
        );
        yield return new(
            "ext-device-1g",
            "one-gang surface extension, 1 7/8 deep",
            PartRole.Extension,
            BoxShape.Device,
            "1",
            1,
            Volume.Of(13.0m),
            true,
            Length.Parse("1 7/8"),
            2
        );
        yield return new(
            "ext-utility",
            "utility extension, 1 7/8 deep",
            PartRole.Extension,
            BoxShape.Utility,
            "1",
            1,
            Volume.Of(13.0m),
            true,
            Length.Parse("1 7/8"),
            2
        );
        yield return new(
            "ext-device-2g",
            "two-gang surface extension",
            PartRole.Extension,
            BoxShape.Device,
            "2",
            2,
            Volume.Of(24.0m),
            false,
            Length.Parse("1 7/8"),
            3
        );
    }

    private static IEnumerable<PartKind> Covers()
    {
        yield return new(
            "cover-raised-1g",
            "raised cover with a device opening, 4 square",
            PartRole.RaisedCover,
            BoxShape.Square,
            "4",
            1,
            Volume.Of(5.0m),
            false,
            Length.Parse("1/2"),
            1
        );
        yield return new(
            "cover-raised-2g",
            "raised cover with two device openings, 4 square",
            PartRole.RaisedCover,
            BoxShape.Square,
            "4",
            2,
            Volume.Of(5.0m),
            false,
            Length.Parse("1/2"),
            1
        );
        yield return new(
            "cover-flat-square",
            "flat blank cover, square",
            PartRole.FlatCover,
            BoxShape.Square,
            "4",
            null,
            Volume.Zero,
            false,
            Length.Zero,
            1
        );
        yield return new(
            "cover-flat-round",
            "flat blank cover, octagon",
            PartRole.FlatCover,
            BoxShape.Round,
            "4",
            null,
            Volume.Zero,
            false,
            Length.Zero,
            1
        );
        yield return new("plate", "wall plate", PartRole.Plate, BoxShape.Device, "", null, Volume.Zero, false, Length.Zero, 1);
        yield return new(
            "plate-wet",
            "cover that closes on the plug, wet place",
            PartRole.Plate,
            BoxShape.Weatherproof,
            "",
            null,
            Volume.Zero,
            false,
            Length.Zero,
            3
        );
    }

    private static string Id(string size) => size.Replace(' ', '-');
}
