using JollyBarn.Measures;
using JollyBarn.Walls;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Walls;

/// <summary>A rectangle of a wall as it is drawn, in units of 1/320 mm from the left corner and from the floor as it is now.</summary>
public sealed record ToldArea(long Left, long Right, long Bottom, long Top)
{
    internal static ToldArea Of(Stretch across, Stretch up) => new(across.Low.Units, across.High.Units, up.Low.Units, up.High.Units);
}

/// <summary>Something in or on the wall.</summary>
/// <param name="At">Null while it has no place.</param>
/// <param name="Sure">False where it, or what it is measured from, is guessed.</param>
/// <param name="Cable">The run it is of, where somebody followed it.</param>
/// <param name="Plain">True for what has no name of its own.</param>
/// <param name="Says">Where it is, from what.</param>
public sealed record ToldOnWall(
    string Id,
    WallThingKind Kind,
    string Name,
    FoundHow How,
    WallSide? Side,
    ToldArea? At,
    bool Sure,
    bool Plain,
    string? Cable,
    IReadOnlyList<string> Says
);

/// <summary>A number of a box.</summary>
/// <param name="Start">Where the tape is held, in units; the number is how far the box's edge is from there.</param>
/// <param name="Back">True where it goes back from there.</param>
/// <param name="From">Which edge is measured, and from what.</param>
/// <param name="Sure">False where something on the way is guessed.</param>
/// <param name="Used">True for the one it is recorded by.</param>
public sealed record ToldNumber(Tape Tape, bool Up, long Start, bool Back, Length Way, string From, string Says, bool Sure, bool Used);

/// <summary>One thing about a cut, with what it is about.</summary>
public sealed record ToldCutNote(CutCase Case, CutWeight Weight, WallSide? Face, string? Thing, Id<Box>? Box, Id<Run>? Run, string Says);

/// <summary>One way to carry the mark through the wall.</summary>
/// <param name="Way">What to measure on the near face, what is different, and what to mark.</param>
/// <param name="Far">The mark; null until what it lacks is measured.</param>
public sealed record ToldTransfer(string By, Length Near, Length? Wider, Length? Far, Length? Off, bool Sure, IReadOnlyList<string> Way);

/// <summary>The hole of a box: what it meets, how it is marked on both faces, what is done before the saw.</summary>
/// <param name="Plate">The smallest plate that hides it, as an area; null where none does.</param>
/// <param name="Through">How the mark gets to the other face, from the surest.</param>
/// <param name="Height">The mark's height on the other face; null while the fall of its floor is not known.</param>
/// <param name="Waits">Stops and questions among the notes.</param>
public sealed record ToldWallCut(
    ToldArea Hole,
    ToldArea? Plate,
    string Says,
    IReadOnlyList<string> Corners,
    IReadOnlyList<ToldCutNote> Notes,
    IReadOnlyList<string> Plates,
    IReadOnlyList<string> Wider,
    IReadOnlyList<string> Before,
    IReadOnlyList<ToldTransfer> Through,
    string Height,
    int Waits
);

/// <summary>A box on the wall.</summary>
/// <param name="Depth">With its rings; null where that is not known.</param>
/// <param name="Sized">False where its size is taken from its gangs.</param>
public sealed record ToldWallBox(
    Id<Box> Id,
    string Name,
    WallSide Side,
    ToldArea? At,
    bool Sure,
    bool Sized,
    Length? Depth,
    WallSpot Spot,
    IReadOnlyList<ToldNumber> Numbers,
    ToldWallCut? Cut
);

/// <summary>A cable nobody saw: corners of its usual way as x, y, x, y, in units.</summary>
public sealed record ToldInferred(Id<Run> Run, string Name, IReadOnlyList<long> Corners);

/// <summary>A guessed stud, from side to side.</summary>
public sealed record ToldStud(long Left, long Right);

/// <summary>What a receptacle reaches along a face, or what none does.</summary>
/// <param name="Box">The receptacle; null for a gap.</param>
/// <param name="Decided">False where one that is not known may reach it.</param>
public sealed record ToldReach(WallSide Side, bool Counter, Id<Box>? Box, long From, long To, bool Decided, string Says);

/// <summary>A row of boxes.</summary>
public sealed record ToldRow(IReadOnlyList<Id<Box>> Boxes, WallSide Side, string Says);

/// <summary>A height of the house.</summary>
public sealed record ToldHeight(HeightFor For, TapeTo To, Length Height, string Says);

public sealed record ToldUnplaced(Id<Box> Id, string Name);

/// <summary>A wall with all that is on it, laid out.</summary>
/// <param name="Wide">Null while nobody measured it.</param>
/// <param name="ToCome">Floor still to come, in units.</param>
/// <param name="FarFloor">How much lower the floor or ground behind is, in units.</param>
/// <param name="FloorRight">The floor at the right corner over that at the left, in units.</param>
/// <param name="Section">What the wall is made of, from its own place through to the place behind.</param>
/// <param name="Drill">What its studs let through.</param>
/// <param name="Set">How boxes are set for layers to come, a line for each face that has any.</param>
public sealed record ToldWall(
    string Id,
    Wall Wall,
    string Name,
    string From,
    string FromBehind,
    long? Wide,
    long? High,
    long ToCome,
    long FarFloor,
    long FloorRight,
    IReadOnlyList<ToldOnWall> Things,
    IReadOnlyList<ToldStud> Guessed,
    IReadOnlyList<ToldWallBox> Boxes,
    IReadOnlyList<ToldUnplaced> Unplaced,
    IReadOnlyList<ToldInferred> Inferred,
    IReadOnlyList<ToldReach> Reach,
    IReadOnlyList<ToldRow> Rows,
    IReadOnlyList<ToldHeight> Heights,
    IReadOnlyList<ToldLayer> Section,
    Length? Thick,
    IReadOnlyList<string> Drill,
    IReadOnlyList<string> Set
);

/// <summary>One layer from face to face.</summary>
/// <param name="Hollow">True for the space between the studs.</param>
public sealed record ToldLayer(string What, Length? Thick, bool Hollow, bool ToCome);
