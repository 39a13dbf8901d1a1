using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Keeps a picture of a box whose bytes were handed in before.</summary>
public sealed record AddPhoto(string Id, Photo Photo) : Edit
{
    public override Refusal? Check(Job job) =>
        Refuse.NewId(Id, job.Photos.Has(Id), "id")
        ?? (
            !job.Boxes.TryFind(Photo.Box, out var box) ? Refuse.Missing(What.Box, Photo.Box, "photo.box")
            : Photo.Lead is null || box.Leads.Has(Photo.Lead) ? null
            : Refuse.Missing(What.Lead, Photo.Lead, "photo.lead")
        )
        ?? (Photo.Sha.Length == 64 && Photo.Sha.All(char.IsAsciiHexDigitLower) ? null : new Refusal(Why.PictureName, "photo.sha"))
        ?? (
            Photo.Width is < 1 or > 10_000 || Photo.Height is < 1 or > 10_000 || Photo.Bytes < 1
                ? new Refusal(Why.PictureSize, "photo.width")
                : null
        )
        ?? Refuse.BadNote(Photo.Caption, "photo.caption")
        ?? Photo.Pins.Select(p => PinPhoto.Bad(job, Photo, p.Key, p.Value, "photo.pins")).FirstOrDefault(r => r is not null)
        ?? Refuse.BadNote(Photo.When, "photo.when");

    public override Job Apply(Job job) => job with { Photos = job.Photos.With(Id, Photo) };
}

/// <summary>Says what a picture shows and which lead it is pinned to.</summary>
public sealed record SetPhoto(string Id, string? Caption = null, Id<Lead>? Lead = null) : Edit
{
    public override Refusal? Check(Job job) =>
        !job.Photos.TryFind(Id, out var photo) ? Refuse.Missing(What.Picture, Id, "id")
        : Lead is not null && job.Boxes.Find(photo.Box)?.Leads.Has(Lead) != true ? Refuse.Missing(What.Lead, Lead, "lead")
        : Refuse.BadNote(Caption, "caption");

    public override Job Apply(Job job) =>
        job.Photos.TryFind(Id, out var photo)
            ? job with
            {
                Photos = job.Photos.With(Id, photo with { Caption = Caption, Lead = Lead }),
            }
            : job;
}

public sealed record RemovePhoto(string Id) : Edit
{
    public override Refusal? Check(Job job) => job.Photos.Has(Id) ? null : Refuse.Missing(What.Picture, Id, "id");

    public override Job Apply(Job job) => job with { Photos = job.Photos.Without(Id) };
}

/// <summary>Puts a pin on a picture, or one that is there elsewhere.</summary>
public sealed record PinPhoto(string Id, string Pin, PhotoPin At) : Edit
{
    private const int Most = 60;

    public override Refusal? Check(Job job) =>
        !job.Photos.TryFind(Id, out var photo) ? Refuse.Missing(What.Picture, Id, "id")
        : !photo.Pins.Has(Pin) && photo.Pins.Count >= Most ? new Refusal(Why.ManyPins, "pin", ("most", Most))
        : Bad(job, photo, Pin, At, "at");

    public override Job Apply(Job job) =>
        job.Photos.TryFind(Id, out var photo)
            ? job with
            {
                Photos = job.Photos.With(Id, photo with { Pins = photo.Pins.With(Pin, At) }),
            }
            : job;

    internal static Refusal? Bad(Job job, Photo photo, string pin, PhotoPin at, string field) =>
        Refuse.BadId(pin, field)
        ?? (at.X is < 0 or > 1000 || at.Y is < 0 or > 1000 ? new Refusal(Why.PinOutside, field + ".x") : null)
        ?? (
            job.Boxes.Find(photo.Box) is { } box
            && (box.Leads.Has(at.Of) || box.Pigtails.Has(at.Of) || box.Joints.Has(at.Of) || box.Devices.Has(at.Of))
                ? null
                : Refuse.Missing(What.Lead, at.Of, field + ".of")
        );
}

/// <summary>Takes a pin off a picture.</summary>
public sealed record UnpinPhoto(string Id, string Pin) : Edit
{
    public override Refusal? Check(Job job) =>
        !job.Photos.TryFind(Id, out var photo) ? Refuse.Missing(What.Picture, Id, "id")
        : photo.Pins.Has(Pin) ? null
        : Refuse.Missing(What.Pin, Pin, "pin");

    public override Job Apply(Job job) =>
        job.Photos.TryFind(Id, out var photo)
            ? job with
            {
                Photos = job.Photos.With(Id, photo with { Pins = photo.Pins.Without(Pin) }),
            }
            : job;
}
