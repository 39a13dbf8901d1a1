using JollyBarn.CodeBook;
using JollyBarn.Measures;

namespace JollyBarn.Walls;

/// <summary>Where a box is nailed for boards that are still to come.</summary>
/// <param name="Out">How far its face stands out of the bare stud.</param>
/// <param name="Back">How far it is then behind the finished face; below zero, it stands out of it.</param>
/// <param name="Ring">Extension needed where it stands deeper than is allowed: at least so much; zero where none is.</param>
/// <param name="Most">How far behind the face it may be.</param>
public sealed record Projection(Length Out, Length Back, Length Ring, Length Most)
{
    /// <summary>The notch of a box's gauge it is set by.</summary>
    /// <param name="layers">Thickness of what comes on the stud, all of it.</param>
    /// <param name="burns">True where the face burns: flush, NEC 314.20; else at most ¼ in behind it.</param>
    /// <remarks>Under ½ in board the ⅜ in notch is common practice, for the board never lies flat on a stud that twists; where the face
    /// burns, the full thickness. Other thicknesses: the full thickness.</remarks>
    public static Projection For(Length layers, bool burns, CodeProfile profile) =>
        Set(layers, !burns && layers == Length.Inches(0, 1, 2) ? Length.Inches(0, 3, 8) : layers, burns, profile);

    /// <summary>A box that stands out by so much already: after a second board as well.</summary>
    public static Projection Set(Length layers, Length stands, bool burns, CodeProfile profile)
    {
        ArgumentNullException.ThrowIfNull(profile);
        var limit = LimitTable.For(profile).Inches(burns ? "box.setback.burns" : "box.setback");
        var back = layers - stands;
        return new(stands, back, back > limit ? back : Length.Zero, limit);
    }
}

/// <summary>The largest hole in the middle of a stud, by the cable's code and by the building's.</summary>
/// <param name="Bare">Without a plate: 1¼ in to each edge, NEC 300.4(A)(1).</param>
/// <param name="Building">By the building code's share of the depth, IRC R602.6, from memory: verify.</param>
/// <param name="Notch">The deepest notch by the same; a cable in it wants a plate, NEC 300.4(A)(2).</param>
public sealed record Bore(Length Bare, Length Building, Length Notch)
{
    /// <param name="depth">Of the stud: 3½ or 5½ in.</param>
    /// <param name="bears">True where it carries; not known is as if it did.</param>
    /// <remarks>IRC R602.6: a hole up to 40 % of a bearing stud and 60 % of one that does not bear; a notch 25 % and 40 %. Both from
    /// memory.</remarks>
    public static Bore In(Length depth, bool? bears, LimitTable limits)
    {
        ArgumentNullException.ThrowIfNull(limits);
        var edge = limits.Inches("cable.edge");
        var bare = depth - edge - edge;
        var plain = bears == false;
        return new(
            bare < Length.Zero ? Length.Zero : bare,
            Share(depth, limits, plain ? "stud.hole.plain" : "stud.hole.bearing"),
            Share(depth, limits, plain ? "stud.notch.plain" : "stud.notch.bearing")
        );
    }

    /// <summary>The largest hole that both let without a plate.</summary>
    public Length Largest => Bare < Building ? Bare : Building;

    private static Length Share(Length depth, LimitTable limits, string key) =>
        Length.FromInches(depth.InInches * limits.Number(key) / 100);
}

/// <summary>A hole of a diameter as it is wanted: what it breaks.</summary>
/// <param name="ToEdge">From the hole to the nearer edge of the stud.</param>
/// <param name="Plate">True where a steel plate has to cover the stud there.</param>
/// <param name="TooLarge">True where the building code's share is passed: a stud shoe, or a smaller hole.</param>
public sealed record BoreAsked(Length ToEdge, bool Plate, bool TooLarge)
{
    /// <param name="off">How far its middle is off the middle of the stud.</param>
    public static BoreAsked Of(Length depth, Length diameter, Length off, bool? bears, LimitTable limits)
    {
        var most = Bore.In(depth, bears, limits);
        var aside = off < Length.Zero ? Length.Zero - off : off;
        var left = Length.FromUnits((depth.Units - diameter.Units) / 2) - aside;
        return new(left, left < limits.Inches("cable.edge"), diameter > most.Building);
    }
}

/// <summary>Two boxes back to back in a wall.</summary>
/// <param name="Left">What is left between their backs; below zero, they meet.</param>
/// <param name="Fits">True where the cables have their space.</param>
/// <param name="Offset">Where they do not: so far their middles stand apart to pass each other.</param>
public sealed record BackToBack(Length Left, bool Fits, Length Offset)
{
    /// <param name="thick">The finished wall, face to face.</param>
    /// <param name="one">Depth of the box on one face, its rings in it.</param>
    /// <param name="other">Of the box on the other.</param>
    /// <param name="widths">Widths of the two boxes together.</param>
    public static BackToBack In(Length thick, Length one, Length other, Length widths, HousePractice house)
    {
        var between = Length.FromInches(WallBook.Between.Of(house));
        var left = thick - one - other;
        return new(left, left >= between, left >= between ? Length.Zero : Length.FromUnits(widths.Units / 2) + between);
    }
}
