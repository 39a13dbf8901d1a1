using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Adds a place, or sets all of one.</summary>
public sealed record PutPlace(string Id, Place Place) : Edit
{
    public override bool PutsOver(Job job) => job.Places.Has(Id);

    public override Refusal? Check(Job job) =>
        Refuse.BadId(Id, "id")
        ?? Refuse.BadText(Place.Name, "place.name")
        ?? Refuse.BadEnum(Place.Wetness, "place.wetness")
        ?? Refuse.BadNote(Place.Use, "place.use");

    public override Job Apply(Job job) => job with { Places = job.Places.With(Id, Place) };
}

public sealed record RemovePlace(string Id) : Edit
{
    public override Refusal? Check(Job job)
    {
        if (!job.Places.TryFind(Id, out var place))
        {
            return Refuse.Missing(What.Place, Id, "id");
        }

        var used =
            job.Boxes.Values.Count(b => b.Place == Id)
            + job.Walls.Values.Count(w => w.Place == Id)
            + job.Panels.Values.Count(p => p.Place == Id);
        return used == 0 ? null : new Refusal(Why.PlaceUsed, "id", ("place", place.Name), ("count", used));
    }

    public override Job Apply(Job job) => job with { Places = job.Places.Without(Id) };
}
