using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Testing;

/// <summary>Edits of walls by chance, drawn apart from the others: those stay as they were drawn without them.</summary>
internal sealed class RandomWalls(int seed)
{
    private readonly Random random = new(seed);

    /// <summary>Now and then something put in or on a wall, or taken off it; else null.</summary>
    public Edit? Next(Job job)
    {
        if (random.Next(12) != 0 || job.Walls.Count == 0)
        {
            return null;
        }

        var (wall, thing) = (job.Walls.Ids.ElementAt(random.Next(job.Walls.Count)), $"t{random.Next(4)}");
        return random.Next(4) == 0 ? new TakeOffWall(wall, thing) : new PutOnWall(wall, thing, Thing(job));
    }

    /// <summary>A place on a wall, which may be none there; or none.</summary>
    public WallSpot? Spot(Job job) =>
        random.Next(2) == 0 ? null : new(TapeOf(job, false), TapeOf(job, true), One(Enum.GetValues<WallSide>()));

    private WallThing Thing(Job job) =>
        new(One(Enum.GetValues<WallThingKind>()), One(Enum.GetValues<FoundHow>()))
        {
            Across = random.Next(4) == 0 ? null : TapeOf(job, false),
            Up = random.Next(2) == 0 ? null : TapeOf(job, true),
            Width = Sixteenths(20),
        };

    /// <summary>A tape held to a corner, a floor, the ceiling, or something that may be on the wall.</summary>
    private Tape TapeOf(Job job, bool up)
    {
        TapeStart[] starts = up
            ? [TapeStart.FinishedFloor, TapeStart.FloorNow, TapeStart.Ceiling]
            : [TapeStart.LeftCorner, TapeStart.RightCorner];
        var of = random.Next(4) switch
        {
            0 => $"t{random.Next(4)}",
            1 when job.Boxes.Count > 0 => job.Boxes.Ids.ElementAt(random.Next(job.Boxes.Count)).Text,
            _ => null,
        };
        var from =
            of is null ? One(starts)
            : of.Length == 2 ? TapeStart.Thing
            : TapeStart.Box;
        return new(from, Sixteenths(90), One(Enum.GetValues<TapeTo>()), of, One(Enum.GetValues<TapeTo>()));
    }

    private T One<T>(IReadOnlyList<T> of) => of[random.Next(of.Count)];

    private Fact<Length> Sixteenths(int most) => new(Known.Measured, Length.Inches(0, random.Next(0, most * 16), 16), null, "tester");
}
