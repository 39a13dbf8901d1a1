using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Adds a place, or sets all of one.</summary>
public sealed record PutPlace(string Id, Place Place) : Edit
{
    public override Refusal? Check(Job job) =>
        Refuse.BadId(Id, "id")
        ?? Refuse.BadText(Place.Name, "place.name")
        ?? Refuse.BadEnum(Place.Wetness, "place.wetness")
        ?? Refuse.BadNote(Place.Use, "place.use");

    public override Job Apply(Job job) => job with { Places = job.Places.With(Id, Place) };

    public override string Tell(Job before) =>
        before.Places.Find(Id) is { } old && old.Name != Place.Name ? $"{old.Name} is now {Place.Name}" : $"Place {Place.Name}";
}

public sealed record RemovePlace(string Id) : Edit
{
    public override Refusal? Check(Job job)
    {
        if (!job.Places.TryFind(Id, out var place))
        {
            return Refuse.Missing("place", Id, "id");
        }

        var used =
            job.Boxes.Values.Count(b => b.Place == Id)
            + job.Walls.Values.Count(w => w.Place == Id)
            + job.Panels.Values.Count(p => p.Place == Id);
        return used == 0
            ? null
            : new Refusal($"{place.Name} still has {used} boxes, walls or panels in it, some perhaps in the bin. Move them first.", "id");
    }

    public override Job Apply(Job job) => job with { Places = job.Places.Without(Id) };

    public override string Tell(Job before) => $"{before.Places.Find(Id)?.Name} removed";
}

public sealed record PutWall(string Id, Wall Wall) : Edit
{
    public override Refusal? Check(Job job) =>
        Refuse.BadId(Id, "id")
        ?? Refuse.BadText(Wall.Name, "wall.name")
        ?? (Wall.Place is null || job.Places.Has(Wall.Place) ? null : Refuse.Missing("place", Wall.Place, "wall.place"))
        ?? (Wall.Layers.Count <= 20 ? null : new Refusal("A wall has at most 20 layers.", "wall.layers"))
        ?? Wall.Layers.Select(l => Refuse.BadText(l.What, "wall.layers")).FirstOrDefault(r => r is not null)
        ?? (Wall.FireRating is < 0 or > 12 ? new Refusal("A fire rating is between 0 and 12 hours.", "wall.fireRating") : null);

    public override Job Apply(Job job) => job with { Walls = job.Walls.With(Id, Wall) };

    public override string Tell(Job before) => $"Wall {Wall.Name}";
}

public sealed record RemoveWall(string Id) : Edit
{
    public override Refusal? Check(Job job) => job.Walls.Has(Id) ? null : Refuse.Missing("wall", Id, "id");

    public override Job Apply(Job job) =>
        job with
        {
            Walls = job.Walls.Without(Id),
            Boxes = job.Boxes.Each((_, box) => box.Wall == Id ? box with { Wall = null } : box),
        };

    public override string Tell(Job before) => $"Wall {before.Walls.Find(Id)?.Name} removed";
}
