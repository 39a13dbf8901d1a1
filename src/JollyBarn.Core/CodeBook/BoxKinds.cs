using JollyBarn.Measures;

namespace JollyBarn.CodeBook;

public enum BoxShape
{
    Device,
    Square,
    Round,
    Pan,
    Utility,
    Masonry,
    Weatherproof,
    Surface,
    Luminaire,
    OwnEnclosure,
    SpliceEnclosure,
    Other,
}

public enum BoxMaterial
{
    Unknown,
    Metal,
    Nonmetallic,
}

/// <summary>How a box holds its cables.</summary>
public enum ClampStyle
{
    /// <summary>Knockouts or holes only: whatever holds the cable is put in from outside, or nothing does.</summary>
    Outside,
    Internal,

    /// <summary>A nonmetallic box's own moulded flap.</summary>
    Flap,
}

/// <summary>A kind of box one can buy or find, in generic words.</summary>
/// <param name="Id">Stable id, used in files.</param>
/// <param name="Volume">Table 314.16(A) volume or a usual mark, in³; null when only its own mark can tell.</param>
/// <param name="InTable">True when the size is listed in Table 314.16(A), so that an unmarked one takes the table's volume.</param>
/// <param name="ByCount">False for enclosures whose listing, not 314.16, says what may go in.</param>
/// <param name="PriceClass">1 cheapest to 5: a rank for choosing, not a price. <em>Practice</em>.</param>
public sealed record BoxKind(
    string Id,
    string Name,
    BoxShape Shape,
    BoxMaterial Material,
    int Gangs,
    Volume? Volume,
    bool InTable,
    Length? Height,
    Length? Width,
    Length? Depth,
    ClampStyle Clamps,
    int PriceClass,
    bool OldWork = false,
    bool ByCount = true
);

/// <summary>Kinds of boxes: every row of Table 314.16(A), a generic range of nonmetallic boxes, and enclosures that are not filled by
/// count.</summary>
/// <remarks>Nonmetallic marks are a usual range (<em>practice</em>); the mark moulded in the box at hand always decides.</remarks>
public static class BoxKinds
{
    private static readonly Dictionary<string, BoxKind> ById;

    static BoxKinds()
    {
        All = [.. Table(), .. Nonmetallic(), .. Others()];
        ById = All.ToDictionary(k => k.Id, StringComparer.Ordinal);
    }

    public static IReadOnlyList<BoxKind> All { get; }

    public static BoxKind? Find(string? id) => id is not null && ById.TryGetValue(id, out var kind) ? kind : null;

    private static IEnumerable<BoxKind> Table()
    {
        yield return Metal("round-4x1-1/4", "4 × 1 1/4 octagon", BoxShape.Round, 0, 12.5m, "4", "4", "1 1/4", 1);
        yield return Metal("round-4x1-1/2", "4 × 1 1/2 octagon", BoxShape.Round, 0, 15.5m, "4", "4", "1 1/2", 1);
        yield return Metal("round-4x2-1/8", "4 × 2 1/8 octagon", BoxShape.Round, 0, 21.5m, "4", "4", "2 1/8", 2);
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

    private static IEnumerable<BoxKind> Nonmetallic()
    {
        (int Gangs, decimal Mark, string Depth, int Price, ClampStyle Clamps)[] newWork =
        [
            (1, 14, "2 1/8", 1, ClampStyle.Flap),
            (1, 16, "2 1/2", 1, ClampStyle.Flap),
            (1, 18, "2 3/4", 1, ClampStyle.Flap),
            (1, 20, "3 1/8", 1, ClampStyle.Flap),
            (1, 22.5m, "3 1/2", 1, ClampStyle.Flap),
            (2, 25, "2 1/8", 1, ClampStyle.Internal),
            (2, 28, "2 1/2", 1, ClampStyle.Internal),
            (2, 32, "2 7/8", 1, ClampStyle.Internal),
            (2, 35, "3 1/4", 2, ClampStyle.Internal),
            (3, 44, "2 3/4", 2, ClampStyle.Internal),
            (3, 48, "3 1/8", 2, ClampStyle.Internal),
            (3, 53, "3 1/2", 2, ClampStyle.Internal),
            (4, 58, "2 3/4", 2, ClampStyle.Internal),
            (4, 64, "3 1/8", 2, ClampStyle.Internal),
            (4, 68, "3 1/4", 3, ClampStyle.Internal),
            (5, 72, "2 7/8", 4, ClampStyle.Internal),
            (6, 75, "2 5/8", 4, ClampStyle.Internal),
        ];
        foreach (var (gangs, mark, depth, price, clamps) in newWork)
        {
            yield return Plastic(
                $"nm-{gangs}g-{mark}",
                $"{Count(gangs)} nonmetallic, {mark} in³",
                BoxShape.Device,
                gangs,
                mark,
                depth,
                clamps,
                price,
                false
            );
        }

        (int Gangs, decimal Mark, string Depth)[] oldWork =
        [
            (1, 12.5m, "2 1/4"),
            (1, 14, "2 3/4"),
            (1, 18, "3 1/4"),
            (1, 20.5m, "3 1/2"),
            (2, 25, "2 3/4"),
            (2, 34, "3 1/4"),
            (3, 46, "3 1/4"),
            (4, 60, "3 1/4"),
        ];
        foreach (var (gangs, mark, depth) in oldWork)
        {
            var clamps = gangs == 1 ? ClampStyle.Flap : ClampStyle.Internal;
            yield return Plastic(
                $"ow-{gangs}g-{mark}",
                $"{Count(gangs)} old-work, {mark} in³",
                BoxShape.Device,
                gangs,
                mark,
                depth,
                clamps,
                2,
                true
            );
        }

        yield return Plastic("nm-round-8", "round nonmetallic pan, 8 in³", BoxShape.Pan, 0, 8, "5/8", ClampStyle.Flap, 1, false);
        yield return Plastic("nm-round-13.5", "round nonmetallic, 13.5 in³", BoxShape.Round, 0, 13.5m, "1 3/4", ClampStyle.Flap, 1, false);
        yield return Plastic("nm-round-18", "round nonmetallic, 18 in³", BoxShape.Round, 0, 18, "2 1/4", ClampStyle.Flap, 1, false);
        yield return Plastic("nm-round-22.5", "round nonmetallic, 22.5 in³", BoxShape.Round, 0, 22.5m, "2 3/4", ClampStyle.Flap, 2, false);
        yield return Plastic("ow-round-14", "round old-work, 14 in³", BoxShape.Round, 0, 14, "2 1/8", ClampStyle.Flap, 2, true);
        yield return Plastic("nm-square-32", "4 square nonmetallic, 32 in³", BoxShape.Square, 0, 32, "2 3/4", ClampStyle.Flap, 2, false);
        yield return Plastic(
            "nm-square-42",
            "4 square nonmetallic, deep, 42 in³",
            BoxShape.Square,
            0,
            42,
            "2 7/8",
            ClampStyle.Flap,
            3,
            false
        );
    }

    private static IEnumerable<BoxKind> Others()
    {
        yield return new(
            "pan-4x1/2",
            "4 × 1/2 ceiling pan",
            BoxShape.Pan,
            BoxMaterial.Metal,
            0,
            Volume.Of(6m),
            false,
            Length.Inches(4),
            Length.Inches(4),
            Length.Inches(0, 1, 2),
            ClampStyle.Outside,
            1
        );
        yield return new(
            "surface-1",
            "one-gang surface box",
            BoxShape.Surface,
            BoxMaterial.Metal,
            1,
            null,
            false,
            null,
            null,
            null,
            ClampStyle.Outside,
            3
        );
        yield return new(
            "surface-2",
            "two-gang surface box",
            BoxShape.Surface,
            BoxMaterial.Metal,
            2,
            null,
            false,
            null,
            null,
            null,
            ClampStyle.Outside,
            3
        );
        yield return new(
            "canless-box",
            "canless downlight's own box",
            BoxShape.Luminaire,
            BoxMaterial.Metal,
            0,
            null,
            false,
            null,
            null,
            null,
            ClampStyle.Internal,
            3
        );
        yield return new(
            "luminaire-box",
            "luminaire's own wiring box",
            BoxShape.Luminaire,
            BoxMaterial.Metal,
            0,
            null,
            false,
            null,
            null,
            null,
            ClampStyle.Outside,
            3
        );
        yield return new(
            "own-enclosure",
            "receptacle with its own enclosure",
            BoxShape.OwnEnclosure,
            BoxMaterial.Nonmetallic,
            1,
            null,
            false,
            null,
            null,
            null,
            ClampStyle.Flap,
            2,
            ByCount: false
        );
        yield return new(
            "splice-enclosure",
            "enclosure that closes round a finished splice",
            BoxShape.SpliceEnclosure,
            BoxMaterial.Nonmetallic,
            0,
            null,
            false,
            null,
            null,
            null,
            ClampStyle.Internal,
            3
        );
        yield return new(
            "splice-kit",
            "listed concealed splice",
            BoxShape.SpliceEnclosure,
            BoxMaterial.Nonmetallic,
            0,
            null,
            false,
            null,
            null,
            null,
            ClampStyle.Flap,
            3,
            ByCount: false
        );
        for (var gangs = 1; gangs <= 6; gangs++)
        {
            yield return new(
                $"device-{gangs}g",
                $"{Count(gangs)} device box, kind not known",
                BoxShape.Device,
                BoxMaterial.Unknown,
                gangs,
                null,
                false,
                null,
                null,
                null,
                ClampStyle.Internal,
                2
            );
        }

        yield return new(
            "no-box",
            "no box: it lies open",
            BoxShape.Other,
            BoxMaterial.Unknown,
            0,
            null,
            false,
            null,
            null,
            null,
            ClampStyle.Outside,
            5,
            ByCount: false
        );
        yield return new(
            "unlisted",
            "some other box",
            BoxShape.Other,
            BoxMaterial.Unknown,
            1,
            null,
            false,
            null,
            null,
            null,
            ClampStyle.Outside,
            5
        );
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

    private static BoxKind Plastic(
        string id,
        string name,
        BoxShape shape,
        int gangs,
        decimal mark,
        string depth,
        ClampStyle clamps,
        int price,
        bool oldWork
    )
    {
        var height = Length.Parse(shape is BoxShape.Device ? "3 1/2" : "4");
        var width =
            shape is BoxShape.Device
                ? Length.Parse("2 1/4") + Length.FromUnits((gangs - 1) * Length.Parse("1 13/16").Units)
                : Length.Parse("4");
        return new(
            id,
            name,
            shape,
            BoxMaterial.Nonmetallic,
            gangs,
            Volume.Of(mark),
            false,
            height,
            width,
            Length.Parse(depth),
            clamps,
            price,
            oldWork
        );
    }
}
