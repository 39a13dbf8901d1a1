using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

public sealed record AddEntry(
    Id<Box> Box,
    string Id,
    EntrySide Side,
    EntryState State = EntryState.Closed,
    Holding Holding = Holding.Unknown,
    string? Size = null,
    int Space = 0
) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        Refuse.NewId(Id, box.Entries.Has(Id), "id")
        ?? Refuse.BadEnum(Side, "side")
        ?? Refuse.BadEnum(State, "state")
        ?? Refuse.BadEnum(Holding, "holding")
        ?? Refuse.BadNote(Size, "size")
        ?? (Space < 0 || Space > box.Partitions.Count ? new Refusal(Why.NoSuchSpace, "space") : null)
        ?? (box.Entries.Count >= 60 ? new Refusal(Why.ManyEntries, "id") : null);

    protected override Box ApplyIn(Box box) =>
        box with
        {
            Entries = box.Entries.With(Id, Entries.New(box, Side) with { State = State, Holding = Holding, Size = Size, Space = Space }),
        };
}

/// <summary>Sets what is given of an entry; what is null stays.</summary>
public sealed record SetEntry(
    Id<Box> Box,
    string Id,
    EntrySide? Side = null,
    int? Place = null,
    EntryState? State = null,
    Holding? Holding = null,
    string? Size = null,
    int? Space = null
) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job)
    {
        if (!box.Entries.Has(Id))
        {
            return Refuse.Missing(What.Entry, Id, "id");
        }

        if (State is { } state && state != EntryState.Used && Entries.Cables(job, Box, Id) > 0)
        {
            return new(Why.CableComesIn, "state");
        }

        return (Side is { } side ? Refuse.BadEnum(side, "side") : null)
            ?? (State is { } s ? Refuse.BadEnum(s, "state") : null)
            ?? (Holding is { } h ? Refuse.BadEnum(h, "holding") : null)
            ?? Refuse.BadNote(Size, "size")
            ?? (Place is < 0 or > 60 ? new Refusal(Why.EntryOrder, "place") : null)
            ?? (Space < 0 || Space > box.Partitions.Count ? new Refusal(Why.NoSuchSpace, "space") : null);
    }

    protected override Box ApplyIn(Box box) =>
        box.Entries.TryFind(Id, out var entry)
            ? box with
            {
                Entries = box.Entries.With(
                    Id,
                    entry with
                    {
                        Side = Side ?? entry.Side,
                        Place = Place ?? entry.Place,
                        State = State ?? entry.State,
                        Holding = Holding ?? entry.Holding,
                        Size = Size ?? entry.Size,
                        Space = Space ?? entry.Space,
                    }
                ),
            }
            : box;
}

public sealed record RemoveEntry(Id<Box> Box, string Id) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        !box.Entries.Has(Id) ? Refuse.Missing(What.Entry, Id, "id")
        : Entries.Cables(job, Box, Id) > 0 ? new Refusal(Why.CableComesIn, "id")
        : null;

    protected override Box ApplyIn(Box box) => box with { Entries = box.Entries.Without(Id) };
}

internal static class Entries
{
    public static Entry New(Box box, EntrySide side) =>
        new() { Side = side, Place = box.Entries.Values.Where(e => e.Side == side).Select(e => e.Place + 1).DefaultIfEmpty(0).Max() };

    public static int Cables(Job job, Id<Box> box, string entry) =>
        job.Runs.Values.Count(r => (r.A.IsIn(box) && r.A.Entry == entry) || (r.B.IsIn(box) && r.B.Entry == entry));
}
