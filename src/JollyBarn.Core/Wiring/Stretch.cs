using JollyBarn.Measures;

namespace JollyBarn.Wiring;

/// <summary>From one end to the other along one axis of a wall, from its left corner or from the floor as it is there.</summary>
/// <param name="Sure">True where every tape that leads here was read; false where one was guessed.</param>
public sealed record Stretch(Length Low, Length High, bool Sure)
{
    public Length Middle => Low + WallSizes.Half(High - Low);

    public Length Size => High - Low;

    public Length At(TapeTo to) =>
        to switch
        {
            TapeTo.Low => Low,
            TapeTo.High => High,
            _ => Middle,
        };

    /// <summary>How far apart two are; below zero, they lap by so much.</summary>
    public Length Apart(Stretch other) => Low > other.Low ? Low - other.High : other.Low - High;

    public bool Meets(Stretch other) => Apart(other) < Length.Zero;

    public Stretch Wider(Length each) => this with { Low = Low - each, High = High + each };
}

/// <summary>Where something is on a wall; an axis is null where it is not known.</summary>
public sealed record Extent(Stretch? Across = null, Stretch? Up = null)
{
    public bool IsPlaced => Across is not null && Up is not null;
}

/// <summary>A box on a wall.</summary>
/// <param name="Sized">True where its size is known; else it is drawn as its gangs usually are.</param>
public sealed record BoxOnWall(Id<Box> Id, Box Box, WallSide Side, Extent At, bool Sized);

/// <summary>A stud nobody found, where the spacing says there is one.</summary>
public sealed record GuessedStud(Stretch Across);
