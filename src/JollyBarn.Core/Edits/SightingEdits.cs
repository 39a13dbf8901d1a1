using System.Text.Json.Serialization;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Writes down what was seen at a box while breakers lay so.</summary>
public sealed record LogSighting(string Id, Sighting Sighting) : Edit
{
    [JsonIgnore]
    public override string? Doer => Sighting?.By;

    public override Edit Arrived(string at) => this with { Sighting = Sighting with { At = at } };

    public override Refusal? Check(Job job) =>
        Refuse.NewId(Id, job.Sightings.Has(Id), "id")
        ?? (job.Boxes.Has(Sighting.Box) ? null : Refuse.Missing(What.Box, Sighting.Box, "sighting.box"))
        ?? (Sighting.Opened is { } opened && !job.Boxes.Has(opened) ? Refuse.Missing(What.Box, opened, "sighting.opened") : null)
        ?? (Sighting.Opened == Sighting.Box ? new Refusal(Why.LooksAtItself, "sighting.opened") : null)
        ?? Refuse.BadText(Sighting.By, "sighting.by")
        ?? Refuse.BadTime(Sighting.At, "sighting.at")
        ?? Refuse.BadEnum(Sighting.Shows, "sighting.shows")
        ?? (Sighting.Off.All(key => BreakerKey.Find(job, key) is not null) ? null : new Refusal(Why.NoSuchBreaker, "sighting.off"));

    public override Job Apply(Job job) => job with { Sightings = job.Sightings.With(Id, Sighting) };
}

/// <summary>Takes a look back that was written down wrongly.</summary>
public sealed record StrikeSighting(string Id) : Edit
{
    public override Refusal? Check(Job job) => job.Sightings.Has(Id) ? null : Refuse.Missing(What.Reading, Id, "id");

    public override Job Apply(Job job) => job with { Sightings = job.Sightings.Without(Id) };
}
