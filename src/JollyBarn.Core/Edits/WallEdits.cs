using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

public sealed record PutWall(string Id, Wall Wall) : Edit
{
    private const int MostLayers = 20;

    public override bool PutsOver(Job job) => job.Walls.Has(Id);

    public override Refusal? Check(Job job) =>
        Refuse.BadId(Id, "id")
        ?? Refuse.BadText(Wall.Name, "wall.name")
        ?? Refuse.BadEnum(Wall.Kind, "wall.kind")
        ?? Place(job, Wall.Place, "wall.place")
        ?? Place(job, Wall.Behind, "wall.behind")
        ?? Layers(Wall.Layers, "wall.layers")
        ?? Layers(Wall.BehindLayers, "wall.behindLayers")
        ?? (Wall.FireRating is < 0 or > 12 ? new Refusal(Why.FireRating, "wall.fireRating") : null)
        ?? Facts.Bad(Wall.FloorBuildUp, "wall.floorBuildUp")
        ?? Facts.Bad(Wall.Wide, "wall.wide")
        ?? Facts.Bad(Wall.High, "wall.high")
        ?? Facts.Bad(Wall.StudDepth, "wall.studDepth")
        ?? Facts.Bad(Wall.Spacing, "wall.spacing")
        ?? Facts.BadEither(Wall.FarFloor, "wall.farFloor")
        ?? Facts.BadEither(Wall.FloorDrop, "wall.floorDrop")
        ?? Facts.BadEither(Wall.LeftFar, "wall.leftFar")
        ?? Facts.BadEither(Wall.RightFar, "wall.rightFar")
        ?? (Wall.Things.Count <= PutOnWall.Most ? null : new Refusal(Why.ManyThings, "wall.things", ("most", PutOnWall.Most)))
        ?? Wall.Things.Select(t => PutOnWall.Bad(t.Value, $"wall.things.{t.Key}")).FirstOrDefault(r => r is not null)
        ?? Tapes.Circle(Apply(job), Id, "wall.things");

    public override Job Apply(Job job) => job with { Walls = job.Walls.With(Id, Wall) };

    private static Refusal? Place(Job job, string? place, string field) =>
        place is null || job.Places.Has(place) ? null : Refuse.Missing(What.Place, place, field);

    private static Refusal? Layers(IReadOnlyList<WallLayer> layers, string field) =>
        layers.Count > MostLayers
            ? new Refusal(Why.ManyLayers, field)
            : layers.Select(l => Refuse.BadText(l.What, field) ?? Facts.Bad(l.Thickness, field)).FirstOrDefault(r => r is not null);
}

public sealed record RemoveWall(string Id) : Edit
{
    public override Refusal? Check(Job job) => job.Walls.Has(Id) ? null : Refuse.Missing(What.Wall, Id, "id");

    public override Job Apply(Job job) =>
        job with
        {
            Walls = job.Walls.Without(Id),
            Boxes = job.Boxes.Each((_, box) => box.Wall == Id ? box with { Wall = null, Spot = null } : box),
        };
}

/// <summary>Puts something in or on a wall, or sets all of it.</summary>
public sealed record PutOnWall(string Wall, string Id, WallThing Thing) : Edit
{
    internal const int Most = 400;

    public override bool PutsOver(Job job) => job.Walls.Find(Wall)?.Things.Has(Id) == true;

    public override Refusal? Check(Job job) =>
        job.Walls.Find(Wall) is not { } wall ? Refuse.Missing(What.Wall, Wall, "wall")
        : Refuse.BadId(Id, "id") is { } id ? id
        : wall.Things.Count >= Most && !wall.Things.Has(Id) ? new Refusal(Why.ManyThings, "id", ("most", Most))
        : Bad(Thing, "thing") is { } bad ? bad
        : Thing.Run is { } run && !job.Runs.Has(run) ? Refuse.Missing(What.Cable, run.ToString(), "thing.run")
        : Tapes.Missing(job, Wall, Thing.Across, "thing.across")
            ?? Tapes.Missing(job, Wall, Thing.Up, "thing.up")
            ?? Tapes.Circle(Apply(job), Wall, "thing");

    public override Job Apply(Job job) =>
        job.Walls.Find(Wall) is { } wall
            ? job with
            {
                Walls = job.Walls.With(Wall, wall with { Things = wall.Things.With(Id, Thing) }),
            }
            : job;

    internal static Refusal? Bad(WallThing thing, string field) =>
        Refuse.BadEnum(thing.Kind, field + ".kind")
        ?? Refuse.BadEnum(thing.How, field + ".how")
        ?? Refuse.BadNote(thing.Name, field + ".name")
        ?? (thing.Side is { } side ? Refuse.BadEnum(side, field + ".side") : null)
        ?? Tapes.Bad(thing.Across, false, field + ".across")
        ?? Tapes.Bad(thing.Up, true, field + ".up")
        ?? Facts.Bad(thing.Width, field + ".width")
        ?? Facts.Bad(thing.Height, field + ".height")
        ?? Facts.BadEither(thing.LeftFar, field + ".leftFar")
        ?? Facts.BadEither(thing.RightFar, field + ".rightFar");
}

/// <summary>Takes something off a wall that nothing else is measured from.</summary>
public sealed record TakeOffWall(string Wall, string Id) : Edit
{
    public override Refusal? Check(Job job) =>
        job.Walls.Find(Wall) is not { } wall ? Refuse.Missing(What.Wall, Wall, "wall")
        : !wall.Things.Has(Id) ? Refuse.Missing(What.WallThing, Id, "id")
        : Tapes.On(job, Wall).Count(t => t.From == TapeStart.Thing && t.Of == Id) is > 0 and var held
            ? new Refusal(Why.TapesHeld, "id", ("count", held))
        : null;

    public override Job Apply(Job job) =>
        job.Walls.Find(Wall) is { } wall ? job with { Walls = job.Walls.With(Wall, wall with { Things = wall.Things.Without(Id) }) } : job;
}

/// <summary>Says which wall the box sits in, and where on it; what is left out is not known.</summary>
public sealed record SetBoxWall(Id<Box> Box, string? Wall = null, WallSpot? Spot = null) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        Wall is not null && !job.Walls.Has(Wall) ? Refuse.Missing(What.Wall, Wall, "wall")
        : Spot is null ? null
        : Tapes.BadSpot(job, Wall, Spot) ?? Tapes.Circle(Apply(job), Wall!, "spot");

    protected override Box ApplyIn(Box box) => box with { Wall = Wall, Spot = Wall is null ? null : Spot };
}

/// <summary>What a tape must be held to.</summary>
internal static class Tapes
{
    public static Refusal? Bad(Tape? tape, bool up, string field)
    {
        if (tape is null)
        {
            return null;
        }

        var ofUp = tape.From is TapeStart.FinishedFloor or TapeStart.FloorNow or TapeStart.Ceiling;
        var ofAcross = tape.From is TapeStart.LeftCorner or TapeStart.RightCorner;
        return Refuse.BadEnum(tape.From, field + ".from")
            ?? Refuse.BadEnum(tape.To, field + ".to")
            ?? Refuse.BadEnum(tape.Edge, field + ".edge")
            ?? (up ? ofAcross : ofUp) switch
            {
                true => new Refusal(Why.TapeStart, field + ".from"),
                false => Facts.BadEither(tape.Way, field + ".way"),
            };
    }

    /// <summary>A place on a wall that cannot be: no wall, a tape that starts nowhere on it.</summary>
    public static Refusal? BadSpot(Job job, string? wall, WallSpot spot) =>
        wall is null
            ? new Refusal(Why.SpotNeedsWall, "wall")
            : Refuse.BadEnum(spot.Side, "spot.side")
                ?? Bad(spot.Across, false, "spot.across")
                ?? Bad(spot.Up, true, "spot.up")
                ?? Missing(job, wall, spot.Across, "spot.across")
                ?? Missing(job, wall, spot.Up, "spot.up");

    /// <summary>What a tape is held to is on this wall.</summary>
    public static Refusal? Missing(Job job, string wall, Tape? tape, string field) =>
        tape switch
        {
            { From: TapeStart.Thing } when job.Walls.Find(wall)?.Things.Has(tape.Of ?? "") != true => Refuse.Missing(
                What.WallThing,
                tape.Of,
                field + ".of"
            ),
            { From: TapeStart.Box } when !Ids.IsGood(tape.Of) || job.Boxes.Find(tape.Of!)?.Wall != wall => Refuse.Missing(
                What.Box,
                tape.Of,
                field + ".of"
            ),
            _ => null,
        };

    /// <summary>Every tape of a wall: its things' and its boxes'.</summary>
    public static IEnumerable<Tape> On(Job job, string wall) => Held(job, wall).Select(h => h.Tape);

    /// <summary>Things and boxes of a wall that are measured from each other in a circle.</summary>
    public static Refusal? Circle(Job job, string wall, string field)
    {
        foreach (var axis in Held(job, wall).GroupBy(h => h.Up))
        {
            var to = axis.Where(h => h.Tape.From is TapeStart.Thing or TapeStart.Box)
                .ToDictionary(h => (h.Kind, h.Id), h => (h.Tape.From, h.Tape.Of ?? ""));
            foreach (var begin in to.Keys)
            {
                var at = begin;
                for (var i = 0; i <= to.Count && to.TryGetValue(at, out var next); i++)
                {
                    at = next;
                    if (at == begin)
                    {
                        return new(Why.TapeCircle, field);
                    }
                }
            }
        }

        return null;
    }

    private static IEnumerable<(TapeStart Kind, string Id, bool Up, Tape Tape)> Held(Job job, string wall)
    {
        var all = (job.Walls.Find(wall)?.Things ?? ById<string, WallThing>.Empty)
            .Select(t => (TapeStart.Thing, t.Key, t.Value.Across, t.Value.Up))
            .Concat(
                job.Boxes.Where(b => b.Value.Wall == wall && b.Value.Spot is not null)
                    .Select(b => (TapeStart.Box, b.Key.ToString(), (Tape?)b.Value.Spot!.Across, (Tape?)b.Value.Spot.Up))
            );
        foreach (var (kind, id, across, up) in all)
        {
            if (across is not null)
            {
                yield return (kind, id, false, across);
            }

            if (up is not null)
            {
                yield return (kind, id, true, up);
            }
        }
    }
}
