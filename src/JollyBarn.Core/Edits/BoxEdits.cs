using System.Text.Json.Serialization;
using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Adds a box of a kind; what the kind says of itself is filled in as catalogue facts, the mark only when it is given or the kind
/// carries one.</summary>
/// <param name="Kind">Kind id from the catalogue.</param>
/// <param name="Mark">The mark as read; leaves the catalogue's when null.</param>
public sealed record AddBox(
    Id<Box> Id,
    string Name,
    string Kind,
    string? Place = null,
    Fact<Volume>? Mark = null,
    Contents Contents = Contents.NotOpened
) : Edit
{
    [JsonIgnore]
    public override IEnumerable<Id<Box>> OfBoxes => [Id];

    public override Refusal? Check(Job job) =>
        Refuse.NewId(Id, job.Boxes.Has(Id), "id")
        ?? Refuse.BadText(Name, "name")
        ?? Refuse.BadEnum(Contents, "contents")
        ?? (BoxKinds.Find(Kind) is null ? Refuse.Missing(What.BoxKind, Kind, "kind") : null)
        ?? (Place is null || job.Places.Has(Place) ? null : Refuse.Missing(What.Place, Place, "place"))
        ?? Facts.Bad(Mark, "mark");

    public override Job Apply(Job job)
    {
        var box = Kinds.Make(
            new Box
            {
                Name = Name.Trim(),
                Kind = Kind,
                Place = Place,
                Contents = Contents,
            },
            Kind
        );
        return job with { Boxes = job.Boxes.With(Id, Mark is null ? box : box with { Mark = Mark }) };
    }
}

/// <summary>Filling in what a kind of box says of itself.</summary>
internal static class Kinds
{
    public static Box Make(Box box, string kindId)
    {
        if (BoxKinds.Find(kindId) is not { } kind)
        {
            return box with { Kind = kindId };
        }

        return box with
        {
            Kind = kindId,
            Shape = kind.Shape,
            Material = kind.Material,
            Gangs = kind.Gangs,
            Mark = kind.Volume is { } volume && !kind.InTable ? Fact<Volume>.Marked(volume) : Fact<Volume>.Unknown,
            Height = Of(kind.Height),
            Width = Of(kind.Width),
            Depth = Of(kind.Depth),
            Clamps = Fact<ClampStyle>.Marked(kind.Clamps),
        };
    }

    private static Fact<Length> Of(Length? length) => length is { } value ? Fact<Length>.Marked(value) : Fact<Length>.Unknown;
}

public sealed record RenameBox(Id<Box> Box, string Name) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) => Refuse.BadText(Name, "name");

    protected override Box ApplyIn(Box box) => box with { Name = Name.Trim() };
}

/// <summary>Says which place a box is in; null takes it back.</summary>
public sealed record PlaceBox(Id<Box> Box, string? Place = null) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        Place is null || job.Places.Has(Place) ? null : Refuse.Missing(What.Place, Place, "place");

    protected override Box ApplyIn(Box box) => box with { Place = Place };
}

/// <summary>Changes the kind of box; mark, sizes and clamps become what the new kind says of itself.</summary>
public sealed record SetBoxKind(Id<Box> Box, string Kind) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job)
    {
        if (BoxKinds.Find(Kind) is not { } kind)
        {
            return Refuse.Missing(What.BoxKind, Kind, "kind");
        }

        var after = ApplyIn(box);
        var needed = box.Devices.Values.Where(d => d.Gang > 0).Select(d => d.Gang + DeviceGangs.Wide(d.Kind) - 1).DefaultIfEmpty(0).Max();
        return needed > after.OpenGangs && after.OpenGangs > 0
            ? new Refusal(Why.GangsTaken, "kind", ("gang", needed), ("kind", kind.Name), ("opens", after.OpenGangs))
            : null;
    }

    protected override Box ApplyIn(Box box) => Kinds.Make(box, Kind);
}

public sealed record SetBoxMark(Id<Box> Box, Fact<Volume> Mark) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) => Facts.Bad(Mark, "mark");

    protected override Box ApplyIn(Box box) => box with { Mark = Mark };
}

/// <summary>Sets inside sizes; a part left null stays as it is.</summary>
public sealed record SetBoxSize(Id<Box> Box, Fact<Length>? Height = null, Fact<Length>? Width = null, Fact<Length>? Depth = null)
    : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        Facts.Bad(Height, "height") ?? Facts.Bad(Width, "width") ?? Facts.Bad(Depth, "depth");

    protected override Box ApplyIn(Box box) =>
        box with
        {
            Height = Height ?? box.Height,
            Width = Width ?? box.Width,
            Depth = Depth ?? box.Depth,
        };
}

public sealed record SetContents(Id<Box> Box, Contents Contents) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) => Refuse.BadEnum(Contents, "contents");

    protected override Box ApplyIn(Box box) => box with { Contents = Contents };
}

/// <summary>Begins from a usual make, or from none: it lands no lead.</summary>
public sealed record AssumeMake(Id<Box> Box, AssumedMake? Make = null) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        Make is null ? null : Refuse.BadEnum(Make.Make, "make.make") ?? Refuse.BadNote(Make.Cable, "make.cable");

    protected override Box ApplyIn(Box box) => box with { Make = Make };
}

public sealed record SetClamps(Id<Box> Box, Fact<ClampStyle> Clamps) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        Facts.BadHow(Clamps, "clamps") ?? (Clamps.Value is { } style ? Refuse.BadEnum(style, "clamps.value") : null);

    /// <remarks>Taking the inside clamps out puts an outside connector at every entry that was held by one.</remarks>
    protected override Box ApplyIn(Box box) =>
        box with
        {
            Clamps = Clamps,
            Entries =
                Clamps.OrNull == ClampStyle.Outside
                    ? box.Entries.Each((_, e) => e.Holding == Holding.InternalClamp ? e with { Holding = Holding.OutsideConnector } : e)
                    : box.Entries,
        };
}

/// <summary>Luminaire studs and hickeys.</summary>
public sealed record SetFittings(Id<Box> Box, int Studs, int Hickeys) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        Studs is >= 0 and <= 4 && Hickeys is >= 0 and <= 4 ? null : new Refusal(Why.FourAtMost, "studs");

    protected override Box ApplyIn(Box box) => box with { Studs = Studs, Hickeys = Hickeys };
}

/// <summary>Tapped holes for grounding screws and ground clips of a metal box; what lay on one that is not there comes loose.</summary>
/// <param name="Holes">1 to 4.</param>
/// <param name="Clips">0 to 4.</param>
public sealed record SetGroundingPlaces(Id<Box> Box, int Holes, int Clips) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        box.Material == BoxMaterial.Nonmetallic ? new Refusal(Why.NoBondingScrew, "box")
        : Holes is < 1 or > GroundingPlaces.Most ? new Refusal(Why.GroundingPlacesRange, "holes")
        : Clips is < 0 or > GroundingPlaces.Most ? new Refusal(Why.GroundingPlacesRange, "clips")
        : null;

    protected override Box ApplyIn(Box box)
    {
        var next = box with { MoreGroundHoles = Holes - 1, GroundClips = Clips };
        var there = GroundingPlaces.Of(next).ToHashSet();
        return next.ComeLoose(l => l.At == LandingAt.BondingScrew && !there.Contains(l.Place));
    }
}

/// <summary>Counts printed in the box by gauge, as a cross-check of the sum.</summary>
public sealed record SetPrintedCounts(Id<Box> Box, IReadOnlyDictionary<string, int> Counts) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        Counts.Count <= 10 && Counts.All(c => Gauge.TryParse(c.Key, out _) && c.Value is >= 0 and <= 200)
            ? null
            : new Refusal(Why.PrintedCounts, "counts");

    protected override Box ApplyIn(Box box) =>
        box with
        {
            PrintedCounts = new SortedDictionary<string, int>(Counts.ToDictionary(), StringComparer.Ordinal),
        };
}

public sealed record NoteBox(Id<Box> Box, string? Note = null) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) => Refuse.BadNote(Note, "note", 4000);

    protected override Box ApplyIn(Box box) => box with { Note = string.IsNullOrWhiteSpace(Note) ? null : Note };
}

/// <summary>Puts a box in the bin, from where it can be brought back.</summary>
public sealed record BinBox(Id<Box> Box) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) => null;

    protected override Box ApplyIn(Box box) => box with { Binned = true };
}

public sealed record BringBackBox(Id<Box> Box) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) => box.Binned ? null : new Refusal(Why.NotInTheBin, "box", ("box", box.Name));

    protected override Box ApplyIn(Box box) => box with { Binned = false };
}

/// <summary>Does one edit for every box of a place. The box id in the template does not matter.</summary>
public sealed record ForRoom(string Place, Edit Each) : Edit
{
    public override Refusal? Check(Job job)
    {
        if (!job.Places.Has(Place))
        {
            return Refuse.Missing(What.Place, Place, "place");
        }

        if (Each is not (SetBoxKind or SetBoxMark or SetBoxSize or SetContents or SetClamps or SetFittings or NoteBox or PlaceBox))
        {
            return new(Why.NotForRooms, "each");
        }

        var boxes = BoxesOf(job).ToList();
        return boxes.Count == 0
            ? new Refusal(Why.NoBoxInRoom, "place")
            : boxes
                .Select(id =>
                    For(id).Check(job) is { } refusal
                        ? new Refusal(Why.InBox, refusal.Field, ("box", job.Boxes[id].Name)) { Inner = refusal }
                        : null
                )
                .FirstOrDefault(r => r is not null);
    }

    public override Job Apply(Job job) => Each is BoxEdit ? BoxesOf(job).Aggregate(job, (j, id) => For(id).Apply(j)) : job;

    internal BoxEdit For(Id<Box> id) => (BoxEdit)Each with { Box = id };

    internal IEnumerable<Id<Box>> BoxesOf(Job job) => job.Boxes.Where(b => b.Value.Place == Place && !b.Value.Binned).Select(b => b.Key);
}
