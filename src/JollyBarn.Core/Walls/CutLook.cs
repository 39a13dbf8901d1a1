using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Walls;

/// <summary>What a cut meets, or nearly does.</summary>
public enum CutCase
{
    /// <summary>A stud or joist stands in the hole.</summary>
    Stud,

    /// <summary>By the spacing one would stand in it; nobody found it.</summary>
    GuessedStud,
    Framing,
    Opening,
    Pipe,
    Duct,
    Cable,
    InferredCable,

    /// <summary>A box on the same face.</summary>
    Box,

    /// <summary>A box on the other face, and the wall is too thin for both.</summary>
    BoxBehind,

    /// <summary>A box on the other face; whether both fit is not known.</summary>
    BoxBehindAsk,

    /// <summary>The box is deeper than the space behind the board.</summary>
    TooDeep,

    /// <summary>How large it is nobody knows: the hole is drawn as such boxes usually are.</summary>
    SizeAsk,

    /// <summary>Whether it is too deep waits for a depth nobody measured.</summary>
    DepthAsk,

    /// <summary>What is left behind it for its cables.</summary>
    Behind,

    /// <summary>Ears have no room to turn.</summary>
    Ears,

    /// <summary>The plate would lie on something that stands on the face.</summary>
    Plate,

    /// <summary>The plate would lie on the plate of a box beside it.</summary>
    Plates,

    /// <summary>No plate that is sold hides the hole.</summary>
    PlateShows,

    /// <summary>A larger plate than the standard one is needed.</summary>
    LargerPlate,

    /// <summary>It is beside a stud: screwed to it.</summary>
    ByStud,

    /// <summary>How far it is to the next framing.</summary>
    Clear,
    NobodyLooked,
    Looked,

    /// <summary>No board is on this face yet: one sees what is there.</summary>
    OpenFace,

    /// <summary>It is recorded in this wall, and nobody knows where.</summary>
    Lost,
}

/// <summary>How much it weighs.</summary>
public enum CutWeight
{
    Stop,
    Fix,
    Ask,
    Tell,
}

/// <summary>One thing about a cut.</summary>
/// <param name="Face">On which face; null for what is inside.</param>
/// <param name="Way">How far off; below zero, how far they lap.</param>
public sealed record CutNote(
    CutCase Case,
    CutWeight Weight,
    WallSide? Face = null,
    string? Thing = null,
    Id<Box>? Box = null,
    Id<Run>? Run = null,
    Length? Way = null
);

/// <summary>One side a hole of one gang can be cut wider to.</summary>
public sealed record WiderTo(bool Right, Length By, bool Free);

/// <summary>The hole of a box in its wall.</summary>
/// <param name="Across">The hole from side to side.</param>
/// <param name="Up">From bottom to top.</param>
/// <param name="LargestWidth">Widest hole the standard plate still hides.</param>
/// <param name="LargestHeight">Highest.</param>
/// <param name="Notes">The heaviest first.</param>
/// <param name="Wider">Where a box of one gang more would be cut.</param>
public sealed record CutLook(
    BoxOnWall Box,
    Stretch Across,
    Stretch Up,
    IReadOnlyList<PlateOver> Plates,
    Length LargestWidth,
    Length LargestHeight,
    IReadOnlyList<CutNote> Notes,
    IReadOnlyList<WiderTo> Wider,
    Length? DepthStop
)
{
    /// <returns>Null where the box has no place on the wall.</returns>
    /// <param name="cut">True where the hole is still to be cut, whatever is planned in the box.</param>
    public static CutLook? Of(WallPlan plan, BoxOnWall box, Job job, bool cut = false)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(box);
        ArgumentNullException.ThrowIfNull(job);
        if (box.At is not { Across: { } across, Up: { } up })
        {
            return null;
        }

        var house = job.Practice;
        var play = Length.FromInches(WallBook.Play.Of(house));
        var (hole, high) = (across.Wider(play), up.Wider(play));
        var gangs = Math.Max(1, box.Box.Gangs);
        var plates = PlateOver.All(gangs, hole.Size, high.Size, house);
        var cover = Length.FromInches(WallBook.Cover.Of(house));
        var (width, height) = WallBook.Plate(PlateSize.Standard, gangs);
        var cables = InferredCable.Of(plan, job);
        var notes = new CutNotes(plan, box, cables, hole, high, job, cut).All(plates);
        return new(
            box,
            hole,
            high,
            plates,
            width - cover - cover,
            height - cover - cover,
            [.. notes.OrderBy(n => n.Weight)],
            [.. new[] { false, true }.Select(right => Beyond(plan, box, cables, hole, high, right))],
            Transfer.Layers(box.Side == WallSide.Near ? plan.Wall.Layers : plan.Wall.BehindLayers) is { } layers
                ? layers + Length.Inches(0, 1, 4)
                : null
        );
    }

    /// <summary>The strip one gang more takes on one side is free of all that is known or inferred: framing, openings, pipes, ducts,
    /// cables, boxes.</summary>
    private static WiderTo Beyond(WallPlan plan, BoxOnWall box, IReadOnlyList<InferredCable> cables, Stretch hole, Stretch up, bool right)
    {
        var strip = right
            ? hole with
            {
                Low = hole.High,
                High = hole.High + WallBook.Gang,
            }
            : hole with
            {
                Low = hole.Low - WallBook.Gang,
                High = hole.Low,
            };
        var free =
            !plan.Things.Any(t => CutNotes.Meets(plan.Wall.Things[t.Key].Kind) is not null && Meets(t.Value))
            && !plan.Guessed.Any(g => g.Across.Meets(strip))
            && !plan.Boxes.Any(b => b.Id != box.Id && Meets(b.At))
            && !cables.Any(c => c.Apart(strip, up) < Length.Zero)
            && !plan.Lost.Any(t => CutNotes.Meets(plan.Wall.Things[t].Kind) is not null)
            && plan.Unplaced.Count == 0;
        return new(right, WallBook.Gang, free);

        bool Meets(Extent at) => (at.Across?.Meets(strip) ?? true) && (at.Up?.Meets(up) ?? true);
    }
}
