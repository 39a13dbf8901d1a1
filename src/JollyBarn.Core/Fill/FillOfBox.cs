using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Fill;

/// <summary>Reads from a recorded box what fill needs of it.</summary>
public static class FillOfBox
{
    public static FillInput Read(Box box, CodeProfile profile)
    {
        var limits = LimitTable.For(profile);
        var kind = BoxKinds.Find(box.Kind);
        var spaces = new Spaces(box);
        return new FillInput
        {
            Housing = Housing(box, limits),
            Shares = spaces.Shares,
            Conductors = [.. Conductors(box, spaces)],
            CanopyLeads =
            [
                .. box
                    .Leads.Where(l => l.Value.FromCanopy)
                    .Select(l => new FillCanopyLead(l.Value.Gauge, 1, l.Value.IsGround, [l.Key], spaces.OfDevice(l.Value.Device))),
            ],
            Grounds = [.. Grounds(box, spaces)],
            OtherGauges =
            [
                .. box
                    .Pigtails.Values.Where(p => p.Use is not (ConductorUse.Ground or ConductorUse.IsolatedGround))
                    .Select(p => p.Gauge)
                    .OfType<Gauge>(),
            ],
            Clamps = [.. Enumerable.Range(0, spaces.Shares.Count).Select(s => ClampsIn(box, s))],
            Flap = box.Clamps.OrNull == ClampStyle.Flap || box.Entries.Values.Any(e => e.Holding == Holding.Flap),
            Studs = box.Studs,
            Hickeys = box.Hickeys,
            Devices =
            [
                .. box
                    .Devices.Where(d => DeviceKinds.Find(d.Value.Kind)?.Yoke == true)
                    .Select(d => Device(box, d.Key, d.Value, limits, spaces)),
            ],
            Blocks =
            [
                .. box.Blocks.Select(b => new FillBlock(
                    new(b.Value.Name),
                    b.Value.Gauge,
                    [b.Key],
                    Math.Min(b.Value.Space, spaces.Shares.Count - 1)
                )),
            ],
            Contents = box.Contents,
            ByCount = kind?.ByCount ?? true,
            PrintedCounts = box.PrintedCounts,
        };
    }

    /// <summary>Volumes of the assembled parts, 314.16(A).</summary>
    public static IReadOnlyList<HousingPart> Housing(Box box, LimitTable limits)
    {
        var parts = new List<HousingPart> { Body(box) };
        foreach (var (id, part) in box.Parts.OrderBy(p => p.Value.Order))
        {
            var kind = PartKinds.Find(part.Kind);
            if (part.Mark.OrNull is { } mark)
            {
                parts.Add(
                    new(
                        HousingOf.Part,
                        part.Kind,
                        VolumeSpan.Exactly(mark),
                        part.Mark.How == Known.Marked ? HousingFrom.Mark : HousingFrom.Entered,
                        part.Mark.How is Known.Estimated or Known.Assumed,
                        id
                    )
                );
            }
            else if (kind is { InTable: true, Volume: { } table })
            {
                parts.Add(new(HousingOf.Part, part.Kind, VolumeSpan.Exactly(table), HousingFrom.PartOfTable, Part: id));
            }
            else if (part.Mark.How == Known.Unknown && part.Role is not (PartRole.Plate or PartRole.FlatCover))
            {
                parts.Add(new(HousingOf.Part, part.Kind, VolumeSpan.AtLeast(Volume.Zero), HousingFrom.MarkUnread, Part: id));
            }
            else
            {
                parts.Add(new(HousingOf.Part, part.Kind, VolumeSpan.Exactly(Volume.Zero), HousingFrom.NoMark, Part: id));
            }
        }

        foreach (var (id, partition) in box.Partitions)
        {
            var metal = partition.Material != BoxMaterial.Nonmetallic;
            var takes = partition.Mark.OrNull ?? Volume.Of(limits.Number(metal ? "fill.partition.metal" : "fill.partition.nonmetallic"));
            parts.Add(
                new(
                    HousingOf.Partition,
                    null,
                    VolumeSpan.Exactly(Volume.Zero - takes),
                    partition.Mark.IsKnown ? HousingFrom.Mark
                        : metal ? HousingFrom.UnmarkedMetal
                        : HousingFrom.UnmarkedNonmetallic,
                    Part: id
                )
            );
        }

        return parts;
    }

    private static HousingPart Body(Box box)
    {
        var kind = BoxKinds.Find(box.Kind);
        if (box.Mark.OrNull is { } mark)
        {
            return new(
                HousingOf.Box,
                box.Kind,
                VolumeSpan.Exactly(mark),
                box.Mark.How == Known.Marked ? HousingFrom.Mark : HousingFrom.Entered,
                box.Mark.How is Known.Estimated or Known.Assumed
            );
        }

        if (kind is { InTable: true, Volume: { } table })
        {
            return new(HousingOf.Box, box.Kind, VolumeSpan.Exactly(table), HousingFrom.Table);
        }

        return box is { Height.OrNull: { } height, Width.OrNull: { } width, Depth.OrNull: { } depth }
            ? new(HousingOf.Box, box.Kind, VolumeSpan.Exactly(Volume.OfBlock(height, width, depth)), HousingFrom.MeasuredInside, true)
            {
                Inside = (height, width, depth),
            }
            : new(HousingOf.Box, box.Kind, VolumeSpan.AtLeast(Volume.Zero), HousingFrom.NotMeasured);
    }

    private static IEnumerable<FillConductor> Conductors(Box box, Spaces spaces) =>
        box
            .Leads.Where(l => l.Value is { IsGround: false, Device: null })
            .Select(l => new FillConductor(l.Value.Gauge, 1, l.Value.Form, l.Value.Length.OrNull, [l.Key], spaces.OfLead(l.Value)));

    private static IEnumerable<FillGround> Grounds(Box box, Spaces spaces)
    {
        foreach (var (id, lead) in box.Leads.Where(l => l.Value is { IsGround: true, Device: null }))
        {
            yield return new(lead.Gauge, 1, true, lead.Use == ConductorUse.IsolatedGround, lead.Length.OrNull, [id], spaces.OfLead(lead));
        }

        foreach (var (id, tail) in box.Pigtails.Where(p => p.Value.Use is ConductorUse.Ground or ConductorUse.IsolatedGround))
        {
            yield return new(tail.Gauge, 1, false, tail.Use == ConductorUse.IsolatedGround, tail.Length.OrNull, [id], spaces.Of(tail.From));
        }
    }

    /// <summary>Clamps count when the box has them, used or not, or when an entry of this space has one.</summary>
    private static Maybe ClampsIn(Box box, int space)
    {
        var here = box.Entries.Values.Where(e => e.State == EntryState.Used && (box.Partitions.Count == 0 || e.Space == space)).ToList();
        if (box.Clamps.OrNull == ClampStyle.Internal || here.Any(e => e.Holding == Holding.InternalClamp))
        {
            return Maybe.Yes;
        }

        return !box.Clamps.IsKnown || here.Any(e => e.Holding == Holding.Unknown) ? Maybe.Unknown : Maybe.No;
    }

    private static FillDevice Device(Box box, Id<Device> id, Device device, LimitTable limits, Spaces spaces)
    {
        var kind = DeviceKinds.Find(device.Kind)!;
        var gang = limits.Inches("fill.device.gang");
        var measured = device.Width.OrNull is { } width && width > gang ? (int)((width.Units + gang.Units - 1) / gang.Units) : 1;
        var on = GaugesOn(box, id);
        return new(
            new(device.Name, device.Kind),
            Math.Max(measured, kind.GangsWide),
            on.Max(),
            [id],
            spaces.OfDevice(id),
            on.Any(g => g is null)
        );
    }

    /// <summary>Gauges of what is connected to a device: on its terminals, or spliced to its own leads.</summary>
    private static List<Gauge?> GaugesOn(Box box, Id<Device> device)
    {
        var joints = box
            .Leads.Values.Where(l => l.Device == device && l.Lands.At == LandingAt.Joint)
            .Select(l => l.Lands.Joint!)
            .ToHashSet();
        bool On(Landing landing) => landing.IsOn(device) || (landing.At == LandingAt.Joint && joints.Contains(landing.Joint!));
        return
        [
            .. box.Leads.Values.Where(l => l.Device is null && On(l.Lands)).Select(l => l.Gauge),
            .. box.Pigtails.Values.Where(p => On(p.From) || On(p.To)).Select(p => p.Gauge),
        ];
    }
}
