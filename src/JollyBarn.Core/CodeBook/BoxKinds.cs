using JollyBarn.Measures;

namespace JollyBarn.CodeBook;

/// <summary>Kinds of boxes: every row of Table 314.16(A), a generic range of nonmetallic boxes, and enclosures that are not filled by
/// count.</summary>
/// <remarks>Nonmetallic marks are a usual range (<em>practice</em>); the mark moulded in the box at hand always decides.</remarks>
public static partial class BoxKinds
{
    /// <summary>A box nobody knows the kind of yet.</summary>
    public const string Unlisted = "unlisted";

    /// <summary>What lies open.</summary>
    public const string NoBox = "no-box";

    private static readonly Dictionary<string, BoxKind> ById;

    static BoxKinds()
    {
        All = [.. Table(), .. Nonmetallic(), .. ByMark(), .. Others()];
        ById = All.ToDictionary(k => k.Id, StringComparer.Ordinal);
    }

    public static IReadOnlyList<BoxKind> All { get; }

    public static BoxKind? Find(string? id) => id is not null && ById.TryGetValue(id, out var kind) ? kind : null;

    private static IEnumerable<BoxKind> Table()
    {
        yield return Metal("round-4x1-1/4", "4 × 1 1/4 octagon", BoxShape.Round, 0, 12.5m, "4", "4", "1 1/4", 1);
        yield return Metal("round-4x1-1/2", "4 × 1 1/2 octagon", BoxShape.Round, 0, 15.5m, "4", "4", "1 1/2", 1);
        yield return Metal("round-4x2-1/8", "4 × 2 1/8 octagon", BoxShape.Round, 0, 21.5m, "4", "4", "2 1/8", 2);
        yield return Metal("fan-4x1-1/2", "fan box, 4 × 1 1/2 octagon", BoxShape.Round, 0, 15.5m, "4", "4", "1 1/2", 3) with
        {
            Fan = true,
        };
        yield return Metal("fan-4x2-1/8", "fan box, 4 × 2 1/8 octagon", BoxShape.Round, 0, 21.5m, "4", "4", "2 1/8", 3) with
        {
            Fan = true,
        };
        yield return Metal(
            "fan-bar-4x2-1/8",
            "fan box on an old-work bar, 4 × 2 1/8 octagon",
            BoxShape.Round,
            0,
            21.5m,
            "4",
            "4",
            "2 1/8",
            4
        ) with
        {
            Fan = true,
            OldWork = true,
        };
        yield return Metal("square-4x1-1/4", "4 square × 1 1/4", BoxShape.Square, 0, 18.0m, "4", "4", "1 1/4", 1);
        yield return Metal("square-4x1-1/2", "4 square × 1 1/2", BoxShape.Square, 0, 21.0m, "4", "4", "1 1/2", 1);
        yield return Metal("square-4x2-1/8", "4 square × 2 1/8", BoxShape.Square, 0, 30.3m, "4", "4", "2 1/8", 2);
        yield return Metal("square-4-11/16x1-1/4", "4 11/16 square × 1 1/4", BoxShape.Square, 0, 25.5m, "4 11/16", "4 11/16", "1 1/4", 3);
        yield return Metal("square-4-11/16x1-1/2", "4 11/16 square × 1 1/2", BoxShape.Square, 0, 29.5m, "4 11/16", "4 11/16", "1 1/2", 3);
        yield return Metal("square-4-11/16x2-1/8", "4 11/16 square × 2 1/8", BoxShape.Square, 0, 42.0m, "4 11/16", "4 11/16", "2 1/8", 3);
        yield return Metal(
            "device-3x2x1-1/2",
            "3 × 2 × 1 1/2 device box",
            BoxShape.Device,
            1,
            7.5m,
            "3",
            "2",
            "1 1/2",
            2,
            ClampStyle.Internal
        );
        yield return Metal("device-3x2x2", "3 × 2 × 2 device box", BoxShape.Device, 1, 10.0m, "3", "2", "2", 2, ClampStyle.Internal);
        yield return Metal(
            "device-3x2x2-1/4",
            "3 × 2 × 2 1/4 device box",
            BoxShape.Device,
            1,
            10.5m,
            "3",
            "2",
            "2 1/4",
            2,
            ClampStyle.Internal
        );
        yield return Metal(
            "device-3x2x2-1/2",
            "3 × 2 × 2 1/2 device box",
            BoxShape.Device,
            1,
            12.5m,
            "3",
            "2",
            "2 1/2",
            2,
            ClampStyle.Internal
        );
        yield return Metal(
            "device-3x2x2-3/4",
            "3 × 2 × 2 3/4 device box",
            BoxShape.Device,
            1,
            14.0m,
            "3",
            "2",
            "2 3/4",
            2,
            ClampStyle.Internal
        );
        yield return Metal(
            "device-3x2x3-1/2",
            "3 × 2 × 3 1/2 device box",
            BoxShape.Device,
            1,
            18.0m,
            "3",
            "2",
            "3 1/2",
            2,
            ClampStyle.Internal
        );
        yield return Metal("utility-4x2-1/8x1-1/2", "4 × 2 1/8 × 1 1/2 utility box", BoxShape.Utility, 1, 10.3m, "4", "2 1/8", "1 1/2", 1);
        yield return Metal("utility-4x2-1/8x1-7/8", "4 × 2 1/8 × 1 7/8 utility box", BoxShape.Utility, 1, 13.0m, "4", "2 1/8", "1 7/8", 1);
        yield return Metal("utility-4x2-1/8x2-1/8", "4 × 2 1/8 × 2 1/8 utility box", BoxShape.Utility, 1, 14.5m, "4", "2 1/8", "2 1/8", 2);
        for (var gangs = 1; gangs <= 4; gangs++)
        {
            yield return Ganged("masonry", "masonry box, 2 1/2 deep", BoxShape.Masonry, gangs, 14.0m, "3 3/4", "2", "2 1/2");
            yield return Ganged("masonry-deep", "masonry box, 3 1/2 deep", BoxShape.Masonry, gangs, 21.0m, "3 3/4", "2", "3 1/2");
        }

        yield return Metal("fs-1", "shallow cast box, one gang", BoxShape.Weatherproof, 1, 13.5m, "4 1/2", "2 3/4", "1 3/4", 3);
        yield return Metal("fd-1", "deep cast box, one gang", BoxShape.Weatherproof, 1, 18.0m, "4 1/2", "2 3/4", "2 3/8", 3);
        for (var gangs = 2; gangs <= 3; gangs++)
        {
            yield return Ganged("fs", "shallow cast box", BoxShape.Weatherproof, gangs, 18.0m, "4 1/2", "2 3/4", "1 3/4");
            yield return Ganged("fd", "deep cast box", BoxShape.Weatherproof, gangs, 24.0m, "4 1/2", "2 3/4", "2 3/8");
        }
    }

    private static string Count(int gangs) =>
        gangs switch
        {
            1 => "one-gang",
            2 => "two-gang",
            3 => "three-gang",
            4 => "four-gang",
            5 => "five-gang",
            _ => "six-gang",
        };

    private static BoxKind Metal(
        string id,
        string name,
        BoxShape shape,
        int gangs,
        decimal volume,
        string height,
        string width,
        string depth,
        int price,
        ClampStyle clamps = ClampStyle.Outside
    ) =>
        new(
            id,
            name,
            shape,
            BoxMaterial.Metal,
            gangs,
            Volume.Of(volume),
            true,
            Length.Parse(height),
            Length.Parse(width),
            Length.Parse(depth),
            clamps,
            price
        );

    private static BoxKind Ganged(
        string id,
        string name,
        BoxShape shape,
        int gangs,
        decimal each,
        string height,
        string width,
        string depth
    ) =>
        Metal($"{id}-{gangs}", $"{Count(gangs)} {name}", shape, gangs, gangs * each, height, width, depth, 4) with
        {
            Width = Length.FromUnits(gangs * Length.Parse(width).Units),
        };
}
