using JollyBarn.Measures;

namespace JollyBarn.CodeBook;

/// <summary>Which covers a device opening: three sizes that are sold everywhere.</summary>
public enum PlateSize
{
    Standard,

    /// <summary>Between the two.</summary>
    Middle,
    Large,
}

/// <summary>Numbers of marking out and cutting. All <em>practice</em> where no source stands beside them: a house corrects them.</summary>
public static class WallBook
{
    /// <summary>How far a length read off a tape and marked with a pencil may be off.</summary>
    public static Assumption Tape { get; } = new("wall.tape", "off by at most, each tape", 0.0625m, "in");

    /// <summary>How far a height carried along a level may be off.</summary>
    public static Assumption Level { get; } = new("wall.level", "off by at most, each level", 0.0625m, "in");

    /// <summary>What a box wants round it to slide in.</summary>
    public static Assumption Play { get; } = new("wall.play", "play round a box in its hole, each side", 0.0625m, "in");

    /// <summary>A plate that covers less of the wall than this shows the hole.</summary>
    public static Assumption Cover { get; } = new("wall.cover", "a plate covers the wall on each side by", 0.125m, "in");

    /// <summary>Cables want this between the backs of two boxes, and behind one.</summary>
    public static Assumption Between { get; } = new("wall.between", "behind a box, for its cables", 0.5m, "in");

    /// <summary>Closer to a cut than this, a pipe or cable is in its way.</summary>
    public static Assumption Near { get; } = new("wall.near", "a pipe or cable is kept from a cut by", 2m, "in");

    /// <summary>A cable nobody saw may lie this far beside where it usually runs.</summary>
    public static Assumption Stray { get; } = new("wall.stray", "a cable nobody saw may be off its usual way by", 6m, "in");

    public static Assumption Ears { get; } = new("wall.ears", "ears of an old-work box want free behind the board, each side", 0.5m, "in");

    /// <summary>What a drill held by hand leans.</summary>
    public static Assumption Lean { get; } = new("wall.lean", "a hole drilled by hand leans by at most, each inch", 0.03125m, "in");

    public static Assumption OutletHeight { get; } = new("wall.outlet", "receptacle box, bottom above the finished floor", 12m, "in");

    public static Assumption SwitchHeight { get; } = new("wall.switch", "switch box, top above the finished floor", 48m, "in");

    public static Assumption BenchHeight { get; } = new("wall.bench", "box over a bench, bottom above the finished floor", 48m, "in");

    public static Assumption CounterHeight { get; } =
        new("wall.counter", "box over a kitchen counter, bottom above the finished floor", 42m, "in");

    /// <summary>Boxes whose bottoms, middles or tops are no farther apart than this are one row.</summary>
    public static Assumption Row { get; } = new("wall.row", "boxes are one row within", 1m, "in");

    public static Assumption TrenchEnd { get; } = new("wall.trench", "cable at each end of a trench, for box and slack", 24m, "in");

    public static IReadOnlyList<Assumption> All { get; } =
    [Tape, Level, Play, Cover, Between, Near, Stray, Ears, Lean, OutletHeight, SwitchHeight, BenchHeight, CounterHeight, Row, TrenchEnd];

    /// <summary>Face of a stud, joist or plate of nominal 2 in lumber. American Softwood Lumber Standard PS 20, from memory.</summary>
    public static Length StudFace { get; } = Length.Inches(1, 1, 2);

    /// <summary>How far the yokes of two gangs stand apart. NEMA WD 6, from memory.</summary>
    public static Length Gang { get; } = Length.Inches(1, 13, 16);

    /// <summary>A device box of so many gangs where nobody measured it. <em>Practice</em>.</summary>
    public static Length BoxWidth(int gangs) => Length.Inches(2, 1, 4) + Length.FromUnits(Gang.Units * Math.Max(0, gangs - 1));

    /// <summary>The same, its height. <em>Practice</em>.</summary>
    public static Length BoxHeight { get; } = Length.Inches(3, 3, 4);

    /// <summary>Sizes of the plates of one gang, width by height; each gang more is wider by 1 13/16 in, as the yokes stand. NEMA WD 6,
    /// from memory; the two larger ones are common practice.</summary>
    public static (Length Width, Length Height) Plate(PlateSize size, int gangs)
    {
        var (width, height) = size switch
        {
            PlateSize.Standard => (Length.Inches(2, 3, 4), Length.Inches(4, 1, 2)),
            PlateSize.Middle => (Length.Inches(3, 1, 8), Length.Inches(4, 7, 8)),
            _ => (Length.Inches(3, 1, 2), Length.Inches(5, 1, 4)),
        };
        var more = Length.FromUnits(Gang.Units * Math.Max(0, gangs - 1));
        return (width + more, height);
    }
}
