using JollyBarn.CodeBook;
using JollyBarn.Measures;

namespace JollyBarn.Walls;

/// <summary>Where a box is nailed for boards that are still to come.</summary>
/// <param name="Out">How far its face stands out of the bare stud.</param>
/// <param name="Back">How far it is then behind the finished face.</param>
/// <param name="Ring">Extension needed where it stands deeper than is allowed: at least so much; zero where none is.</param>
public sealed record Projection(Length Out, Length Back, Length Ring)
{
    /// <summary>The largest notch of a box's gauge that leaves it behind the finished face.</summary>
    /// <param name="layers">Thickness of what comes on the stud, all of it.</param>
    /// <param name="burns">True where the face burns: flush, NEC 314.20; else at most ¼ in behind it.</param>
    /// <remarks>For ½ in board the ⅜ in notch is common practice where a coat of plaster or paint is still to come: it is allowed and told;
    /// flush is the full thickness.</remarks>
    public static Projection For(Length layers, bool burns, CodeProfile profile, HousePractice house)
    {
        ArgumentNullException.ThrowIfNull(profile);
        var step = Length.FromInches(WallBook.Notch.Of(house));
        var notch = step.Units > 0 ? Length.FromUnits(layers.Units / step.Units * step.Units) : layers;
        return Set(layers, notch, burns, profile);
    }

    /// <summary>A box that stands out by so much already: after a second board as well.</summary>
    public static Projection Set(Length layers, Length stands, bool burns, CodeProfile profile)
    {
        var limit = LimitTable.For(profile).Inches(burns ? "box.setback.burns" : "box.setback");
        var back = layers - stands;
        return new(stands, back, back > limit ? back : Length.Zero);
    }
}

/// <summary>The largest hole in the middle of a stud, by the cable's code and by the building's.</summary>
/// <param name="Bare">Without a plate: 1¼ in to each edge, NEC 300.4(A)(1).</param>
/// <param name="Building">By the building code's share of the depth, IRC R602.6, from memory: verify.</param>
/// <param name="Plates">True where the cable's edge wants a steel plate at the building's size.</param>
public sealed record Bore(Length Bare, Length Building, bool Plates)
{
    /// <param name="depth">Of the stud: 3½ or 5½ in.</param>
    /// <param name="bears">True where it carries; not known is as if it did.</param>
    public static Bore In(Length depth, bool? bears, CodeProfile profile, HousePractice house)
    {
        ArgumentNullException.ThrowIfNull(profile);
        var edge = LimitTable.For(profile).Inches("cable.edge");
        var bare = depth - edge - edge;
        var share = (bears == false ? WallBook.Plain : WallBook.Bearing).Of(house);
        var building = Length.FromInches(depth.InInches * share / 100);
        return new(bare < Length.Zero ? Length.Zero : bare, building, building > bare);
    }

    /// <summary>The largest hole that both let without a plate.</summary>
    public Length Largest => Bare < Building ? Bare : Building;
}

/// <summary>Two boxes back to back in a wall.</summary>
/// <param name="Left">What is left between their backs; below zero, they meet.</param>
/// <param name="Fits">True where the cables have their space.</param>
/// <param name="Offset">Where they do not: so far their middles stand apart to pass each other.</param>
public sealed record BackToBack(Length Left, bool Fits, Length Offset)
{
    /// <param name="thick">The finished wall, face to face.</param>
    /// <param name="one">Depth of the box on one face, its rings in it.</param>
    /// <param name="widths">Widths of the two boxes together.</param>
    public static BackToBack In(Length thick, Length one, Length other, Length widths, HousePractice house)
    {
        var between = Length.FromInches(WallBook.Between.Of(house));
        var left = thick - one - other;
        return new(left, left >= between, left >= between ? Length.Zero : Length.FromUnits(widths.Units / 2) + between);
    }
}
