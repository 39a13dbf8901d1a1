using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests.Walls;

/// <summary>Walls for the tests, laid out as somebody with a tape would.</summary>
internal static class WallHouse
{
    public static Fact<Length> In(string text) => new(Known.Measured, Length.Parse(text));

    public static Tape Left(string way, TapeTo to = TapeTo.Middle) => new(TapeStart.LeftCorner, In(way), to);

    public static Tape Floor(string way, TapeTo to = TapeTo.Low) => new(TapeStart.FinishedFloor, In(way), to);

    public static Tape Held(string of, TapeTo edge, string way, TapeTo to = TapeTo.Middle) => new(TapeStart.Thing, In(way), to, of, edge);

    public static WallThing Stud(string at, FoundHow how = FoundHow.Seen) =>
        new(WallThingKind.Stud, how) { Across = Left(at), Width = In("1 1/2") };

    public static WallThing Door(string left, string width = "32", string leftFar = "0", string rightFar = "0") =>
        new(WallThingKind.Door)
        {
            Across = Left(left, TapeTo.Low),
            Up = Floor("0"),
            Width = In(width),
            Height = In("80"),
            LeftFar = In(leftFar),
            RightFar = In(rightFar),
        };

    public static Wall Plain { get; } =
        new("South wall", "room")
        {
            Behind = "porch",
            Layers = [new("gypsum board", In("1/2"), false, Kind: LayerKind.Board)],
            BehindLayers = [new("gypsum board", In("1/2"), false, Kind: LayerKind.Board)],
            Wide = In("144"),
            High = In("96"),
            StudDepth = In("3 1/2"),
            FarFloor = In("0"),
        };

    /// <summary>A house with one wall, <c>w</c>, with these things on it.</summary>
    public static Job With(Wall wall, params (string Id, WallThing Thing)[] things) =>
        Job.Blank("House")
            .Do([
                new PutPlace("room", new Place("Room", Wetness.Dry, "bedroom")),
                new PutPlace("porch", new Place("Porch", Wetness.Damp, "outdoors")),
                new PutWall("w", wall),
                .. things.Select(t => new PutOnWall("w", t.Id, t.Thing)),
            ]);

    /// <summary>The same with a box of a kind on it.</summary>
    public static Job Box(
        this Job job,
        string id,
        Tape across,
        Tape up,
        WallSide side = WallSide.Near,
        string kind = "ow-1g-18",
        string? device = null
    ) =>
        job.Do([
            new AddBox(id, $"Box {id}", kind, side == WallSide.Near ? "room" : "porch"),
            .. device is null ? Array.Empty<Edit>() : [new AddDevice(id, "d", device, 1)],
            new SetBoxWall(id, "w", new(across, up, side)),
        ]);

    public static WallPlan Plan(this Job job) => WallPlan.Of(job, "w")!;
}
