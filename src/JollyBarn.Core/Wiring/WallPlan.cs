using JollyBarn.Measures;

namespace JollyBarn.Wiring;

/// <summary>A wall laid out: everything on it in whole lengths from its left corner and from its floor as it is now at that
/// corner.</summary>
/// <remarks>Only what is recorded is laid out. What hangs on something that has no place has none; a circle of tapes has none.</remarks>
public sealed class WallPlan
{
    private readonly Dictionary<(TapeStart, string, bool), Stretch?> done = [];
    private readonly Dictionary<string, Box> spotted;

    private WallPlan(Wall wall, IReadOnlyList<KeyValuePair<Id<Box>, Box>> boxes) =>
        (Wall, spotted) = (wall, boxes.Where(b => b.Value.Spot is not null).ToDictionary(b => b.Key.ToString(), b => b.Value));

    public Wall Wall { get; }

    public IReadOnlyDictionary<string, Extent> Things { get; private set; } = new Dictionary<string, Extent>();

    /// <summary>Boxes with a place on it, by id.</summary>
    public IReadOnlyList<BoxOnWall> Boxes { get; private set; } = [];

    /// <summary>Boxes recorded in the wall of which it is not known where they are: nobody measured, or what they are measured from has
    /// no place itself.</summary>
    public IReadOnlyList<Id<Box>> Unplaced { get; private set; } = [];

    /// <summary>The same of things.</summary>
    public IReadOnlyList<string> Lost { get; private set; } = [];

    public IReadOnlyList<GuessedStud> Guessed { get; private set; } = [];

    public Length? Wide => Wall.Wide.OrNull;

    public Length? High => Wall.High.OrNull;

    /// <returns>Null where there is no such wall.</returns>
    public static WallPlan? Of(Job job, string? id)
    {
        ArgumentNullException.ThrowIfNull(job);
        if (id is null || job.Walls.Find(id) is not { } wall)
        {
            return null;
        }

        return Of(wall, On(job, id));
    }

    /// <summary>The boxes recorded in a wall, placed or not; none that is in the bin.</summary>
    public static IReadOnlyList<KeyValuePair<Id<Box>, Box>> On(Job job, string id)
    {
        ArgumentNullException.ThrowIfNull(job);
        return [.. job.Boxes.Where(b => b.Value.Wall == id && !b.Value.Binned)];
    }

    /// <param name="boxes">Those recorded in it.</param>
    public static WallPlan Of(Wall wall, IReadOnlyList<KeyValuePair<Id<Box>, Box>> boxes)
    {
        ArgumentNullException.ThrowIfNull(wall);
        ArgumentNullException.ThrowIfNull(boxes);
        var plan = new WallPlan(wall, boxes);
        plan.Things = wall
            .Things.Select(t => (t.Key, At: plan.At(TapeStart.Thing, t.Key)))
            .Where(t => t.At.Across is not null || t.At.Up is not null)
            .ToDictionary(t => t.Key, t => t.At);
        plan.Boxes =
        [
            .. boxes
                .Where(b => b.Value.Spot is not null)
                .Select(b => new BoxOnWall(
                    b.Key,
                    b.Value,
                    b.Value.Spot!.Side,
                    plan.At(TapeStart.Box, b.Key.ToString()),
                    b.Value is { Width.IsKnown: true, Height.IsKnown: true }
                )),
        ];
        plan.Unplaced = [.. boxes.Where(b => plan.Box(b.Key)?.At.IsPlaced != true).Select(b => b.Key)];
        plan.Lost = [.. wall.Things.Ids.Where(t => plan.Things.GetValueOrDefault(t)?.IsPlaced != true)];
        plan.Guessed = [.. GuessedStuds.Of(plan)];
        return plan;
    }

    public BoxOnWall? Box(Id<Box> box) => Boxes.FirstOrDefault(b => b.Id == box);

    /// <summary>The floor of a face over the floor there is at the left corner of the near one.</summary>
    /// <param name="across">Where along the wall: a floor may fall.</param>
    public Length Floor(WallSide side, bool finished, Length across)
    {
        if (side == WallSide.Far)
        {
            return Length.Zero - (Wall.FarFloor.OrNull ?? Length.Zero);
        }

        var now = Wall is { FloorDrop.OrNull: { } drop, Wide.OrNull: { Units: > 0 } wide }
            ? WallSizes.Within(-((System.Int128)drop.Units * across.Units / wide.Units)) ?? Length.Zero
            : Length.Zero;
        return finished ? now + (Wall.FloorBuildUp.OrNull ?? Length.Zero) : now;
    }

    /// <summary>A point of one axis as a tape gives it; null where what it is held to has no place.</summary>
    /// <param name="across">The middle of what is measured, where that is known: the floor may fall.</param>
    public (Length At, bool Sure)? Point(Tape tape, bool up, WallSide side, Length? across)
    {
        ArgumentNullException.ThrowIfNull(tape);
        if (tape.Way.OrNull is not { } way)
        {
            return null;
        }

        return
            Start(tape, up, side, across) is { } start
            && WallSizes.Within(start.Back ? start.At.Units - way.Units : start.At.Units + way.Units) is { } at
            ? (at, start.Sure && Sure(tape.Way))
            : null;
    }

    /// <summary>Where a tape is held, and whether it goes back from there.</summary>
    public (Length At, bool Back, bool Sure)? Start(Tape tape, bool up, WallSide side, Length? across)
    {
        ArgumentNullException.ThrowIfNull(tape);
        return tape.From switch
        {
            TapeStart.LeftCorner => Shifted(Length.Zero, true, side, Wall.LeftFar, false),
            TapeStart.RightCorner => Wide is { } wide
                ? Shifted(wide, Sure(Wall.Wide), side, Wall.RightFar, true) with
                {
                    Back = true,
                }
                : null,
            TapeStart.FloorNow => (Floor(side, false, across ?? Length.Zero), false, FloorKnown(side)),
            TapeStart.FinishedFloor => (Floor(side, true, across ?? Length.Zero), false, FloorKnown(side)),
            TapeStart.Ceiling => High is { } high ? (high, true, Sure(Wall.High)) : null,
            _ => tape.Of is { } of && Find(tape.From, of, up) is { } stretch ? Held(tape, of, stretch, up ? WallSide.Near : side) : null,
        };
    }

    /// <summary>The floor behind is only known by how much lower it is than the near one.</summary>
    private bool FloorKnown(WallSide side) => side == WallSide.Near || Sure(Wall.FarFloor);

    /// <summary>Whether where one thing or box is hangs on a box, by however many tapes.</summary>
    public bool Leans(TapeStart kind, string of, string box, bool up)
    {
        for (var (i, at) = (0, (Kind: kind, Of: of)); i <= Wall.Things.Count + spotted.Count; i++)
        {
            if (at.Kind == TapeStart.Box && at.Of == box)
            {
                return true;
            }

            var tape =
                at.Kind == TapeStart.Box
                    ? (up ? spotted.GetValueOrDefault(at.Of)?.Spot?.Up : spotted.GetValueOrDefault(at.Of)?.Spot?.Across)
                    : (up ? Wall.Things.Find(at.Of)?.Up : Wall.Things.Find(at.Of)?.Across);
            if (tape is not { From: TapeStart.Thing or TapeStart.Box, Of: { } next })
            {
                return false;
            }

            at = (tape.From, next);
        }

        return false;
    }

    /// <summary>The edge of an opening, as the face a tape is held on has it.</summary>
    private (Length At, bool Back, bool Sure) Held(Tape tape, string of, Stretch stretch, WallSide side) =>
        tape.From == TapeStart.Thing
        && tape.Edge != TapeTo.Middle
        && Wall.Things.Find(of) is { Kind: WallThingKind.Door or WallThingKind.Window } opening
            ? tape.Edge == TapeTo.Low
                ? Shifted(stretch.Low, stretch.Sure, side, opening.LeftFar, true)
                : Shifted(stretch.High, stretch.Sure, side, opening.RightFar, false)
            : (stretch.At(tape.Edge), false, stretch.Sure);

    private static (Length At, bool Back, bool Sure) Shifted(Length at, bool sure, WallSide side, Fact<Length> by, bool right) =>
        side == WallSide.Near ? (at, false, sure)
        : by.OrNull is { } shift ? (right ? at + shift : at - shift, false, sure)
        : (at, false, false);

    /// <summary>The same place measured from elsewhere: a tape that leads to the very same unit.</summary>
    /// <returns>Null where there is no place, or nothing to measure from.</returns>
    public Tape? From(Tape held, Extent at, bool up, WallSide side)
    {
        ArgumentNullException.ThrowIfNull(held);
        ArgumentNullException.ThrowIfNull(at);
        var along = up ? at.Up : at.Across;
        if (along is null || Start(held, up, side, at.Across?.Middle) is not { } start)
        {
            return null;
        }

        var way = start.Back ? start.At - along.At(held.To) : along.At(held.To) - start.At;
        var how = along.Sure && start.Sure ? Known.Measured : Known.Estimated;
        return held with { Way = new(how, way) };
    }

    /// <summary>Where something of a size would be, by the tapes of a spot.</summary>
    public Extent Place(WallSpot spot, (Length Width, Length Height) size)
    {
        ArgumentNullException.ThrowIfNull(spot);
        var across = Along(spot.Across, size.Width, false, spot.Side, null, true);
        return new(across, Along(spot.Up, size.Height, true, spot.Side, across?.Middle, true));
    }

    private static bool Sure(Fact<Length> fact) => fact.How is Known.Measured or Known.Marked;

    private Extent At(TapeStart kind, string of) => new(Find(kind, of, false), Find(kind, of, true));

    private Stretch? Find(TapeStart kind, string of, bool up)
    {
        if (done.TryGetValue((kind, of, up), out var found))
        {
            return found;
        }

        // While it is being laid out it has no place: a circle of tapes ends here.
        done[(kind, of, up)] = null;
        return done[(kind, of, up)] =
            kind == TapeStart.Box
                ? (spotted.TryGetValue(of, out var box) ? Lay(of, box, box.Spot!, up) : null)
                : (Wall.Things.Find(of) is { } thing ? Lay(of, thing, up) : null);
    }

    private Stretch? Lay(string of, Box box, WallSpot spot, bool up)
    {
        var (width, height) = WallSizes.Size(box);
        return up
            ? Along(spot.Up, height, true, spot.Side, Find(TapeStart.Box, of, false)?.Middle, true)
            : Along(spot.Across, width, false, spot.Side, null, true);
    }

    private Stretch? Lay(string of, WallThing thing, bool up)
    {
        var (side, seen, usual) = (thing.Side ?? WallSide.Near, thing.How != FoundHow.Guessed, WallSizes.Usual(thing.Kind));
        return (up ? thing.Up : thing.Across, up) switch
        {
            (null, true) => WallSizes.All(High, seen),
            (null, false) => WallSizes.All(Wide, seen),
            ({ } tape, true) => Along(
                tape,
                thing.Height.OrNull ?? usual,
                true,
                side,
                thing.Across is null ? null : Find(TapeStart.Thing, of, false)?.Middle,
                seen
            ),
            ({ } tape, false) => Along(tape, thing.Width.OrNull ?? usual, false, side, null, seen),
        };
    }

    private Stretch? Along(Tape tape, Length size, bool up, WallSide side, Length? across, bool seen)
    {
        if (Point(tape, up, side, across) is not { } point)
        {
            return null;
        }

        var low = tape.To switch
        {
            TapeTo.Low => point.At,
            TapeTo.High => point.At - size,
            _ => point.At - WallSizes.Half(size),
        };
        return new(low, low + size, point.Sure && seen);
    }
}
