using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Walls;

/// <summary>What a height is measured to.</summary>
public enum HeightTo
{
    Bottom,
    Centre,
    Top,
}

/// <summary>One hole, from what a tape can be held to.</summary>
/// <param name="Inside">From the shared edge, as it is seen inside, to the middle of the box.</param>
/// <param name="Wider">How much farther out the edge stands outside: the jamb or trim there is wider by so much; below zero,
/// narrower.</param>
/// <param name="Height">From the finished floor.</param>
/// <param name="ToCome">Floor that is not laid yet: the height stands that much higher over the floor there is.</param>
/// <param name="Kind">Kind of the box; its size is the hole's.</param>
public sealed record MarkAsk(Length Inside, Length Wider, Length Height, HeightTo To, Length ToCome, BoxKind Kind);

/// <summary>A plate over a hole.</summary>
/// <param name="Aside">What it covers of the wall left and right of the hole, each; below zero, it does not reach.</param>
/// <param name="Above">The same above and below.</param>
public sealed record PlateOver(PlateSize Size, Length Width, Length Height, Length Aside, Length Above, bool Covers)
{
    /// <summary>Every plate over a hole, from the smallest.</summary>
    /// <param name="gangs">Gangs of the plate; at least one.</param>
    public static IReadOnlyList<PlateOver> All(int gangs, Length width, Length height, HousePractice house) =>
        [.. Enum.GetValues<PlateSize>().Select(s => Over(s, gangs, width, height, house))];

    private static PlateOver Over(PlateSize size, int gangs, Length width, Length height, HousePractice house)
    {
        var plate = WallBook.Plate(size, gangs);
        var (aside, above) = (WallSizes.Half(plate.Width - width), WallSizes.Half(plate.Height - height));
        var least = Length.FromInches(WallBook.Cover.Of(house));
        return new(size, plate.Width, plate.Height, aside, above, aside >= least && above >= least);
    }
}

/// <summary>Where a hole is marked on both faces, how large it is, and how far it may be off.</summary>
/// <param name="Outside">From the edge outside to the middle of the hole.</param>
/// <param name="Near">From the edge, inside, to the near side of the hole.</param>
/// <param name="Far">To its far side.</param>
/// <param name="Bottom">From the finished floor to the bottom of the hole.</param>
/// <param name="Top">To its top.</param>
/// <param name="BottomNow">From the floor as it is now to the bottom of the hole.</param>
/// <param name="OffAcross">The mark outside may be off by so much to either side: one tape on each face.</param>
/// <param name="OffUp">The same up and down: a tape and a level.</param>
/// <param name="Plates">Plates from the smallest.</param>
public sealed record Marked(
    Length Outside,
    Length Near,
    Length Far,
    Length Bottom,
    Length Top,
    Length BottomNow,
    Length Width,
    Length Height,
    Length OffAcross,
    Length OffUp,
    IReadOnlyList<PlateOver> Plates
)
{
    /// <summary>The hole of a box by an edge both faces share: a jamb, a corner, a thin hole drilled through.</summary>
    /// <remarks>Sums are made of whole lengths and rounded nowhere. <em>Practice</em>.</remarks>
    /// <returns>Null where the size of the box is not known.</returns>
    public static Marked? Of(MarkAsk ask, HousePractice house)
    {
        ArgumentNullException.ThrowIfNull(ask);
        if (ask.Kind is not { Width: { } wide, Height: { } high })
        {
            return null;
        }

        var play = Length.FromInches(WallBook.Play.Of(house));
        var (width, height) = (wide + play + play, high + play + play);
        var near = ask.Inside - WallSizes.Half(width);
        var bottom = ask.To switch
        {
            HeightTo.Bottom => ask.Height - play,
            HeightTo.Centre => ask.Height - WallSizes.Half(height),
            _ => ask.Height + play - height,
        };
        var tape = Length.FromInches(WallBook.Tape.Of(house));
        return new(
            ask.Inside + ask.Wider,
            near,
            near + width,
            bottom,
            bottom + height,
            bottom + ask.ToCome,
            width,
            height,
            tape + tape,
            tape + Length.FromInches(WallBook.Level.Of(house)),
            PlateOver.All(Math.Max(1, ask.Kind.Gangs), width, height, house)
        );
    }
}
