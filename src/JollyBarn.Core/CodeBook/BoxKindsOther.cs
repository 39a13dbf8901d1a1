using JollyBarn.Measures;

namespace JollyBarn.CodeBook;

/// <content>Enclosures that are not filled by count, and boxes whose kind is not known.</content>
public static partial class BoxKinds
{
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
            NoBox,
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
            Unlisted,
            "box of another kind",
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
}
