using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Walls;

/// <summary>Words of what a wall holds and of where a tape is held.</summary>
internal static class TapeWords
{
    public static string Name(WallThingKind kind, FaceKind face = FaceKind.Wall) =>
        kind switch
        {
            WallThingKind.Stud => face == FaceKind.Wall ? "stud" : "joist",
            WallThingKind.Blocking => "blocking",
            WallThingKind.Header => "header",
            WallThingKind.Pipe => "pipe",
            WallThingKind.Duct => "duct",
            WallThingKind.Cable => "cable",
            WallThingKind.Door => "door",
            WallThingKind.Window => "window",
            WallThingKind.Cabinet => "cabinet",
            WallThingKind.Counter => "counter",
            WallThingKind.Trim => "trim",
            WallThingKind.ThinHole => "thin hole",
            _ => "part looked into",
        };

    public static string Name(Wall wall, string? thing) =>
        wall.Things.Find(thing ?? "") is { } found ? found.Name ?? Name(found.Kind, wall.Kind) : "something that is gone";

    /// <summary>What a tape is held to: <c>the left corner</c>, <c>the right edge of the door</c>.</summary>
    /// <param name="side">The face it is told for: left and right are as seen from there.</param>
    public static string Held(Job job, Wall wall, Tape tape, bool up, WallSide side = WallSide.Near) =>
        tape.From switch
        {
            TapeStart.LeftCorner => side == WallSide.Near ? "the left corner" : "the right corner",
            TapeStart.RightCorner => side == WallSide.Near ? "the right corner" : "the left corner",
            TapeStart.FinishedFloor => wall.Kind != FaceKind.Wall ? "the lower wall"
            : side == WallSide.Far ? "the floor or ground"
            : "the finished floor",
            TapeStart.FloorNow => wall.Kind == FaceKind.Wall ? "the floor as it is now" : "the lower wall",
            TapeStart.Ceiling => wall.Kind == FaceKind.Wall ? "the ceiling" : "the upper wall",
            TapeStart.Thing => $"the {Edge(tape.Edge, up, side)} of the {Name(wall, tape.Of)}",
            _ => $"the {Edge(tape.Edge, up, side)} of {Box(job, tape.Of)}",
        };

    private static string Box(Job job, string? id) => (Ids.IsGood(id) ? job.Boxes.Find(id!)?.Name : null) ?? "a box that is gone";

    public static string Edge(TapeTo edge, bool up, WallSide side = WallSide.Near) =>
        (edge, up) switch
        {
            (TapeTo.Middle, _) => "middle",
            (_, false) => edge == TapeTo.Low == (side == WallSide.Near) ? "left edge" : "right edge",
            (TapeTo.Low, true) => "bottom",
            _ => "top",
        };

    /// <summary>Which way it goes from there: <c>to the left of</c>, <c>from</c>.</summary>
    private static string Toward(Length way, Tape tape, bool up, WallSide side) =>
        tape.From is TapeStart.Thing or TapeStart.Box
            ? up
                ? (way < Length.Zero ? "under" : "over")
                : $"to the {(way >= Length.Zero == (side == WallSide.Near) ? "right" : "left")} of"
            : way < Length.Zero
                ? "beyond"
                : "from";

    /// <summary>What a number is, without it: <c>middle, to the left of the left edge of the door</c>.</summary>
    public static string What(Job job, Wall wall, Tape tape, Length way, bool up, WallSide side) =>
        $"{Edge(tape.To, up, side)}, {Toward(way, tape, up, side)} {Held(job, wall, tape, up, side)}";

    /// <summary>One number: <c>middle 21 5/8 in to the left of the left edge of the door</c>.</summary>
    public static string Says(Job job, Wall wall, Tape tape, bool up, WallSide side = WallSide.Near) =>
        tape.Way.OrNull is { } way
            ? $"{Edge(tape.To, up, side)} {Told(Abs(way))} {Toward(way, tape, up, side)} {Held(job, wall, tape, up, side)}"
            : $"from {Held(job, wall, tape, up, side)}, not measured";

    /// <summary>Both numbers of a box.</summary>
    public static string Says(Job job, Wall wall, WallSpot spot) =>
        $"{Says(job, wall, spot.Across, false, spot.Side)}, {Says(job, wall, spot.Up, true, spot.Side)}";

    /// <summary>A length in words: as it is, or about a 64th where it is neither that nor whole half millimetres, as where a floor
    /// falls.</summary>
    public static string Told(Length length)
    {
        const long Sixty = Length.UnitsPerInch / 64;
        if (length.Units % Sixty == 0 || length.Units % (Length.UnitsPerMillimetre / 2) == 0)
        {
            return length.ToString();
        }

        var near = (length.Units + (length.Units < 0 ? -Sixty : Sixty) / 2) / Sixty * Sixty;
        return $"about {Length.FromUnits(near)}";
    }

    public static Length Abs(Length length) => length < Length.Zero ? Length.Zero - length : length;
}
