using System.Text.Json.Serialization;
using JollyBarn.Measures;

namespace JollyBarn.Wiring;

/// <summary>What a face is of. A ceiling and a floor are laid out like a wall: across, and from the wall below it on the paper.</summary>
public enum FaceKind
{
    Wall,
    Ceiling,
    Floor,
}

/// <summary>Which face: the one towards its own place, or the one behind.</summary>
public enum WallSide
{
    Near,
    Far,
}

/// <summary>Where a tape is held.</summary>
public enum TapeStart
{
    LeftCorner,
    RightCorner,

    /// <summary>The floor when all of it is laid.</summary>
    FinishedFloor,

    /// <summary>The floor as it is now.</summary>
    FloorNow,
    Ceiling,

    /// <summary>An edge of something on or in the wall.</summary>
    Thing,

    /// <summary>An edge of a box on it.</summary>
    Box,
}

/// <summary>An edge or the middle: left or bottom is low, right or top is high, as seen from the wall's own place.</summary>
public enum TapeTo
{
    Low,
    Middle,
    High,
}

/// <summary>One length off a tape.</summary>
/// <param name="Way">From where the tape is held. From the right corner and the ceiling it goes back into the wall; from a thing or box to
/// the right and up, below zero to the left and down.</param>
/// <param name="To">Which edge of what is measured it goes to.</param>
/// <param name="Of">Id of the thing or box the tape is held to.</param>
/// <param name="Edge">Which edge of that.</param>
public sealed record Tape(TapeStart From, Fact<Length> Way, TapeTo To = TapeTo.Middle, string? Of = null, TapeTo Edge = TapeTo.Middle);

/// <summary>Where a box sits on its wall.</summary>
public sealed record WallSpot(Tape Across, Tape Up, WallSide Side = WallSide.Near);

/// <summary>What a wall holds or carries besides boxes.</summary>
public enum WallThingKind
{
    /// <summary>A stud; in a ceiling or floor, a joist.</summary>
    Stud,
    Blocking,
    Header,
    Pipe,
    Duct,
    Cable,
    Door,
    Window,
    Cabinet,
    Counter,

    /// <summary>Casing, baseboard, and whatever else is fast on the face.</summary>
    Trim,

    /// <summary>A thin hole drilled through both faces.</summary>
    ThinHole,

    /// <summary>A part of the wall somebody looked into.</summary>
    Looked,
}

/// <summary>How a thing of a wall is known.</summary>
public enum FoundHow
{
    Guessed,

    /// <summary>By a finder, a magnet or knocking.</summary>
    Finder,
    Seen,
}

/// <summary>Something in a wall or on it. Without a height it goes from floor to ceiling, without a way across from corner to
/// corner.</summary>
/// <param name="How">How it is known; of a part that was looked into, how.</param>
public sealed record WallThing(WallThingKind Kind, FoundHow How = FoundHow.Seen)
{
    public string? Name { get; init; }

    public Tape? Across { get; init; }

    public Tape? Up { get; init; }

    public Fact<Length> Width { get; init; } = Fact<Length>.Unknown;

    public Fact<Length> Height { get; init; } = Fact<Length>.Unknown;

    /// <summary>The face it is on, or was looked into from; null for what is inside.</summary>
    public WallSide? Side { get; init; }

    /// <summary>Its left edge on the face behind stands so much farther out, towards the middle of the opening; below zero, less.</summary>
    public Fact<Length> LeftFar { get; init; } = Fact<Length>.Unknown;

    /// <summary>The same of its right edge.</summary>
    public Fact<Length> RightFar { get; init; } = Fact<Length>.Unknown;

    /// <summary>The run a cable is of, where that is known.</summary>
    public Id<Run>? Run { get; init; }
}

/// <summary>What a layer is of, as far as it decides what cuts it.</summary>
public enum LayerKind
{
    Other,
    Board,
    Plaster,
    Wood,
    Sheathing,

    /// <summary>Stucco on wire.</summary>
    Stucco,
    Brick,
    Tile,

    /// <summary>A thin sheet, as in vehicles.</summary>
    Panel,
}

/// <summary>One layer of a wall, from the room inward.</summary>
/// <param name="ToCome">True while it is not on yet.</param>
public sealed record WallLayer(
    string What,
    Fact<Length> Thickness,
    bool Combustible,
    bool ToCome = false,
    LayerKind Kind = LayerKind.Other
);

/// <summary>A wall, ceiling or floor that boxes sit in, with both its faces.</summary>
/// <param name="Place">The place it is seen from: left and right are as seen from there.</param>
public sealed record Wall(string Name, string? Place = null)
{
    public FaceKind Kind { get; init; }

    public IReadOnlyList<WallLayer> Layers { get; init; } = [];

    /// <summary>Fire rating in hours, null when not known.</summary>
    public decimal? FireRating { get; init; }

    /// <summary>Floor that is still to come; none where nobody said.</summary>
    public Fact<Length> FloorBuildUp { get; init; } = Fact<Length>.Unknown;

    /// <summary>The place behind it; null when nobody said.</summary>
    public string? Behind { get; init; }

    /// <summary>Its layers from the place behind, inward.</summary>
    public IReadOnlyList<WallLayer> BehindLayers { get; init; } = [];

    /// <summary>From corner to corner.</summary>
    public Fact<Length> Wide { get; init; } = Fact<Length>.Unknown;

    /// <summary>From the floor as it is now, at the left corner, to the ceiling.</summary>
    public Fact<Length> High { get; init; } = Fact<Length>.Unknown;

    /// <summary>Depth of its studs or joists: of a wall the space between the boards.</summary>
    public Fact<Length> StudDepth { get; init; } = Fact<Length>.Unknown;

    /// <summary>From middle to middle of its studs.</summary>
    public Fact<Length> Spacing { get; init; } = Fact<Length>.Unknown;

    /// <summary>Whether it carries; null when nobody said.</summary>
    public bool? Bears { get; init; }

    /// <summary>How much lower the floor or ground behind is; below zero, higher.</summary>
    public Fact<Length> FarFloor { get; init; } = Fact<Length>.Unknown;

    /// <summary>How much lower its own floor is at the right corner than at the left; below zero, higher.</summary>
    public Fact<Length> FloorDrop { get; init; } = Fact<Length>.Unknown;

    /// <summary>The left corner of the face behind stands so much farther out than that of the near one; below zero, less.</summary>
    public Fact<Length> LeftFar { get; init; } = Fact<Length>.Unknown;

    /// <summary>The same of the right corner.</summary>
    public Fact<Length> RightFar { get; init; } = Fact<Length>.Unknown;

    [JsonConverter(typeof(ByIdJson<string, WallThing>))]
    public ById<string, WallThing> Things { get; init; } = ById<string, WallThing>.Empty;
}
