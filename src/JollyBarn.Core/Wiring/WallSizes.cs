using JollyBarn.CodeBook;
using JollyBarn.Measures;

namespace JollyBarn.Wiring;

/// <summary>Sizes things usually have, where nobody measured. <em>Practice</em>.</summary>
public static class WallSizes
{
    /// <summary>Half of a length, cut toward zero to a unit.</summary>
    public static Length Half(Length length) => Length.FromUnits(length.Units / 2);

    /// <summary>Nothing of a wall is farther off than twice the longest length one records: what tapes held to tapes lead beyond it has
    /// no place.</summary>
    private const long Furthest = 12_000 * Length.UnitsPerInch;

    /// <summary>So many units as a length; null where that is farther than anything of a wall.</summary>
    public static Length? Within(System.Int128 units) => units >= -Furthest && units <= Furthest ? Length.FromUnits((long)units) : null;

    /// <summary>From one end of the wall to the other; however far that is, where nobody measured it.</summary>
    public static Stretch All(Length? size, bool sure) =>
        size is { } known ? new(Length.Zero, known, sure) : new(Length.FromUnits(-Furthest), Length.FromUnits(Furthest), sure);

    /// <summary>Width and height of a box in the face of its wall: as measured, else as its kind is, else as its gangs usually
    /// are.</summary>
    public static (Length Width, Length Height) Size(Box box)
    {
        ArgumentNullException.ThrowIfNull(box);
        var (width, height) =
            box.Shape is BoxShape.Device or BoxShape.Weatherproof || box.Gangs > 0
                ? (WallBook.BoxWidth(box.Gangs), WallBook.BoxHeight)
                : (Length.Inches(4), Length.Inches(4));
        var kind = BoxKinds.Find(box.Kind);
        return (box.Width.OrNull ?? kind?.Width ?? width, box.Height.OrNull ?? kind?.Height ?? height);
    }

    /// <summary>How thick a thing is taken to be.</summary>
    public static Length Usual(WallThingKind kind) =>
        kind switch
        {
            WallThingKind.Stud or WallThingKind.Blocking => WallBook.StudFace,
            WallThingKind.Header => Length.Inches(5, 1, 2),
            WallThingKind.Pipe => Length.Inches(2),
            WallThingKind.Duct => Length.Inches(10),
            WallThingKind.Door => Length.Inches(32),
            WallThingKind.Window => Length.Inches(30),
            WallThingKind.Cabinet or WallThingKind.Counter => Length.Inches(24),
            WallThingKind.Cable => Length.Inches(0, 1, 2),
            WallThingKind.ThinHole => Length.Inches(0, 1, 8),
            _ => Length.Inches(3),
        };
}
