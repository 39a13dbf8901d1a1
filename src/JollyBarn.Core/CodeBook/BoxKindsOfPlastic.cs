using JollyBarn.Measures;

namespace JollyBarn.CodeBook;

/// <content>Nonmetallic boxes.</content>
public static partial class BoxKinds
{
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
