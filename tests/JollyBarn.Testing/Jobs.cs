using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Testing;

/// <summary>Builders that make a job and a box in a line or two.</summary>
public static class Jobs
{
    public static CableSpec Nm(int gauge, int conductors, bool ground = true) =>
        new(CableType.NmB, conductors, ground ? GroundKind.Bare : GroundKind.None, Gauge.Awg(gauge));

    /// <summary>A job with one box <c>b</c> in which everything is recorded.</summary>
    public static Job WithBox(string kind, decimal? mark = null) =>
        Job.Blank("test")
            .Do(new AddBox("b", "Bench", kind, null, mark is { } m ? Fact<Volume>.Marked(Volume.Of(m)) : null, Contents.Complete));

    /// <summary>So many inches from the left corner of a wall.</summary>
    public static Tape Left(int inches) => new(TapeStart.LeftCorner, Inch(inches));

    /// <summary>A wall of the place <c>p</c> with a stud and a door, and box <c>b</c> measured from the door.</summary>
    public static IReadOnlyList<Edit> NorthWall { get; } =
    [
        new PutWall("w", new Wall("North wall", "p")),
        new PutOnWall("w", "stud", new WallThing(WallThingKind.Stud) { Across = Left(16) }),
        new PutOnWall("w", "door", new WallThing(WallThingKind.Door) { Across = Left(40) }),
        new SetBoxWall("b", "w", new(new Tape(TapeStart.Thing, Inch(6), Of: "door"), new Tape(TapeStart.FinishedFloor, Inch(12)))),
    ];

    private static Fact<Length> Inch(int inches) => new(Known.Measured, Length.Inches(inches));

    /// <summary>Ids as they are written.</summary>
    public static IEnumerable<string> Texts<T>(this IEnumerable<Id<T>> ids)
        where T : class => ids.Select(i => i.Text);

    public static Job Cables(this Job job, int count, int gauge, int conductors, bool ground = true) =>
        Enumerable
            .Range(0, count)
            .Aggregate(job, (j, _) => j.Do(new AddCable("b", $"r{j.Runs.Count}", $"k{j.Runs.Count}", Nm(gauge, conductors, ground))));

    public static Job Clamps(this Job job, ClampStyle style) => job.Do(new SetClamps("b", Fact<ClampStyle>.Marked(style)));

    public static Job In(this Job job, Edition edition) => job.Do(new SetProfile(job.Profile with { Edition = edition }));

    public static FillAnswer Fill(this Job job, string box = "b") =>
        BoxFill.Evaluate(FillOfBox.Read(job.Boxes[box], job.Profile), job.Profile, job.Practice);
}
