using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Puts a ring, extension, cover or plate on the box, outside what is there.</summary>
/// <param name="Mark">Its mark as read; nobody read one when null, and without one it adds nothing, 314.16(A)(1).</param>
public sealed record AddPart(Id<Box> Box, string Id, string Kind, Fact<Volume>? Mark = null) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        Refuse.NewId(Id, box.Parts.Has(Id), "id")
        ?? (PartKinds.Find(Kind) is null ? Refuse.Missing(What.Part, Kind, "kind") : null)
        ?? (box.Parts.Count >= 12 ? new Refusal(Why.ManyParts, "kind") : null)
        ?? Facts.Bad(Mark, "mark")
        ?? DeviceGangs.Covered(box, ApplyIn(box), "kind");

    protected override Box ApplyIn(Box box)
    {
        if (PartKinds.Find(Kind) is not { } kind)
        {
            return box;
        }

        var part = new Part
        {
            Kind = Kind,
            Role = kind.Role,
            Mark = Mark ?? PartMarks.Unread(kind),
            Depth = kind.Depth is { } depth ? Fact<Length>.Marked(depth) : Fact<Length>.Unknown,
            Order = box.Parts.Values.Select(p => p.Order + 1).DefaultIfEmpty(0).Max(),
        };
        return box with { Parts = box.Parts.With(Id, part) };
    }
}

/// <summary>Sets a part's mark or depth; what is null stays.</summary>
public sealed record SetPart(Id<Box> Box, string Id, Fact<Volume>? Mark = null, Fact<Length>? Depth = null) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        (box.Parts.Has(Id) ? null : Refuse.Missing(What.Part, Id, "id")) ?? Facts.Bad(Mark, "mark") ?? Facts.Bad(Depth, "depth");

    protected override Box ApplyIn(Box box) =>
        box.Parts.TryFind(Id, out var part)
            ? box with
            {
                Parts = box.Parts.With(Id, part with { Mark = Mark ?? part.Mark, Depth = Depth ?? part.Depth }),
            }
            : box;
}

public sealed record RemovePart(Id<Box> Box, string Id) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job)
    {
        if (!box.Parts.Has(Id))
        {
            return Refuse.Missing(What.Part, Id, "id");
        }

        return DeviceGangs.Covered(box, ApplyIn(box), "id");
    }

    protected override Box ApplyIn(Box box) => box with { Parts = box.Parts.Without(Id) };
}

/// <summary>Puts a divider between gangs.</summary>
public sealed record AddPartition(
    Id<Box> Box,
    string Id,
    int AfterGang,
    BoxMaterial Material = BoxMaterial.Metal,
    Fact<Volume>? Mark = null
) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        Refuse.NewId(Id, box.Partitions.Has(Id), "id")
        ?? Refuse.BadEnum(Material, "material")
        ?? Facts.Bad(Mark, "mark")
        ?? (AfterGang < 1 || AfterGang >= box.OpenGangs ? new Refusal(Why.PartitionBetween, "afterGang") : null)
        ?? (box.Partitions.Values.Any(p => p.AfterGang == AfterGang) ? new Refusal(Why.PartitionThere, "afterGang") : null);

    protected override Box ApplyIn(Box box) =>
        box with
        {
            Partitions = box.Partitions.With(
                Id,
                new Partition
                {
                    AfterGang = AfterGang,
                    Material = Material,
                    Mark = Mark ?? Fact<Volume>.NotApplicable,
                }
            ),
        };
}

public sealed record RemovePartition(Id<Box> Box, string Id) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) => box.Partitions.Has(Id) ? null : Refuse.Missing(What.Partition, Id, "id");

    protected override Box ApplyIn(Box box) => box with { Partitions = box.Partitions.Without(Id) };
}

/// <summary>Fixes a terminal block in the box.</summary>
public sealed record AddBlock(Id<Box> Box, string Id, string Name, Gauge? Gauge = null, int Space = 0) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        Refuse.NewId(Id, box.Blocks.Has(Id), "id")
        ?? Refuse.BadText(Name, "name")
        ?? (Space < 0 || Space > box.Partitions.Count ? new Refusal(Why.NoSuchSpace, "space") : null);

    protected override Box ApplyIn(Box box) => box with { Blocks = box.Blocks.With(Id, new TerminalBlock(Name.Trim(), Gauge, Space)) };
}

public sealed record RemoveBlock(Id<Box> Box, string Id) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) => box.Blocks.Has(Id) ? null : Refuse.Missing(What.TerminalBlock, Id, "id");

    protected override Box ApplyIn(Box box) => box with { Blocks = box.Blocks.Without(Id) };
}
