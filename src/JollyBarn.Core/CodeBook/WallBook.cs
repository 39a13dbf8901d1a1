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

    public static IReadOnlyList<Assumption> All { get; } = [Tape, Level, Play, Cover];

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
        var more = Length.FromUnits(Length.Inches(1, 13, 16).Units * Math.Max(0, gangs - 1));
        return (width + more, height);
    }
}
