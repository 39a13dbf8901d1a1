using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Gangs a device takes, and whether they are free.</summary>
internal static class DeviceGangs
{
    public static int Wide(string kind) => DeviceKinds.Find(kind)?.GangsWide ?? 1;

    /// <summary>The first gang that is free for this kind; 0 for what hangs on the box, 1 when nothing is free.</summary>
    public static int Free(Box box, string kind) =>
        Wide(kind) == 0
            ? 0
            : Enumerable.Range(1, Math.Max(1, box.OpenGangs)).FirstOrDefault(gang => Check(box, kind, gang, null) is null, 1);

    /// <summary>Refuses a device where no opening is, or where another stands.</summary>
    public static Refusal? Check(Box box, string kind, int gang, Id<Device>? except)
    {
        var wide = Wide(kind);
        if (wide == 0)
        {
            return gang == 0 ? null : new Refusal(Why.TakesNoGang, "gang");
        }

        if (gang < 1 || gang + wide - 1 > box.OpenGangs)
        {
            return box.OpenGangs == 0
                ? new(Why.NoOpening, "gang")
                : new(Why.TooFewGangs, "gang", ("opens", box.OpenGangs), ("from", gang), ("to", gang + wide - 1));
        }

        var clash = box.Devices.FirstOrNull(d =>
            d.Key != except && d.Value.Gang > 0 && d.Value.Gang < gang + wide && gang < d.Value.Gang + Math.Max(1, Wide(d.Value.Kind))
        );
        return clash is var (_, there) ? new Refusal(Why.StandsThere, "gang", ("device", there.Kind)) : null;
    }

    /// <summary>Refuses a smaller opening than the devices need that stand in it.</summary>
    public static Refusal? Covered(Box box, Box after, string field)
    {
        var needed = box.Devices.Values.Where(d => d.Gang > 0).Select(d => d.Gang + Wide(d.Kind) - 1).DefaultIfEmpty(0).Max();
        return needed > after.OpenGangs && after.OpenGangs < box.OpenGangs ? new(Why.DevicesStandHere, field) : null;
    }

    /// <summary>The box with the device's own leads in it, loose.</summary>
    public static Box WithOwnLeads(Box box, Id<Device> id, string kind)
    {
        var leads = box.Leads;
        foreach (var (own, index) in (DeviceKinds.Find(kind)?.Leads ?? []).Select((l, i) => (l, i)))
        {
            leads = leads.With(
                $"{id}.{own.Id}",
                new Lead
                {
                    Device = id,
                    Index = index,
                    Gauge = own.Gauge,
                    Colour = own.Colour,
                    Stranded = own.Stranded,
                    FromCanopy = own.Enters,
                    Lands = Landing.Loose,
                    Use = own.Role switch
                    {
                        TerminalRole.Neutral => ConductorUse.Neutral,
                        TerminalRole.Ground => ConductorUse.Ground,
                        TerminalRole.Switched => ConductorUse.Switched,
                        TerminalRole.Traveler => ConductorUse.Traveler,
                        _ => ConductorUse.Hot,
                    },
                }
            );
        }

        return box with
        {
            Leads = leads,
        };
    }

    /// <summary>The box without the device's own leads, and with what lay on its terminals loose unless it may stay.</summary>
    public static Box WithoutDevice(Box box, Id<Device> id, Func<Landing, bool>? stays = null) =>
        box.ComeLoose(l => l.IsOn(id) && stays?.Invoke(l) != true) is var loose
            ? loose with
            {
                Leads = loose.Leads.Each((_, lead) => lead.Device == id ? null : lead),
            }
            : box;
}

/// <summary>Puts a device in. Its own leads come along, loose, with ids made of the device's id and the lead's name.</summary>
/// <param name="Gang">Counted from the left, 1 and on; 0 for what hangs on the box; null for the first that is free.</param>
public sealed record AddDevice(Id<Box> Box, Id<Device> Id, string Kind, int? Gang = null, string? Name = null) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        Refuse.NewId(Id, box.Devices.Has(Id), "id")
        ?? Refuse.BadNote(Name, "name")
        ?? (Id.Text.Length > 40 ? new Refusal(Why.DeviceIdTooLong, "id") : null)
        ?? (
            DeviceKinds.Find(Kind) is null ? Refuse.Missing(What.DeviceKind, Kind, "kind") : DeviceGangs.Check(box, Kind, GangIn(box), null)
        );

    protected override Box ApplyIn(Box box) =>
        DeviceGangs.WithOwnLeads(
            box with
            {
                Devices = box.Devices.With(
                    Id,
                    new Device
                    {
                        Kind = Kind,
                        Gang = GangIn(box),
                        Name = Name,
                    }
                ),
            },
            Id,
            Kind
        );

    private int GangIn(Box box) => Gang ?? DeviceGangs.Free(box, Kind);
}

/// <summary>Swaps a device for another kind. What lies on a place the new one has too stays; the rest comes loose.</summary>
public sealed record SwapDevice(Id<Box> Box, Id<Device> Id, string Kind) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        !box.Devices.TryFind(Id, out var device) ? Refuse.Missing(What.Device, Id, "id")
        : DeviceKinds.Find(Kind) is null ? Refuse.Missing(What.DeviceKind, Kind, "kind")
        : DeviceGangs.Check(box, Kind, DeviceGangs.Wide(Kind) == 0 ? 0 : Math.Max(1, device.Gang), Id);

    protected override Box ApplyIn(Box box)
    {
        if (!box.Devices.TryFind(Id, out var device))
        {
            return box;
        }

        var places = (DeviceKinds.Find(Kind)?.Terminals ?? []).SelectMany(t => t.Landings).Select(p => p.Id).ToHashSet();
        var without = DeviceGangs.WithoutDevice(box, Id, l => l.Place is not null && places.Contains(l.Place));
        var gang = DeviceGangs.Wide(Kind) == 0 ? 0 : Math.Max(1, device.Gang);
        return DeviceGangs.WithOwnLeads(
            without with
            {
                Devices = box.Devices.With(
                    Id,
                    new Device
                    {
                        Kind = Kind,
                        Gang = gang,
                        Name = device.Name,
                    }
                ),
            },
            Id,
            Kind
        );
    }
}

public sealed record MoveDevice(Id<Box> Box, Id<Device> Id, int Gang) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        box.Devices.TryFind(Id, out var device) ? DeviceGangs.Check(box, device.Kind, Gang, Id) : Refuse.Missing(What.Device, Id, "id");

    protected override Box ApplyIn(Box box) =>
        box.Devices.TryFind(Id, out var device) ? box with { Devices = box.Devices.With(Id, device with { Gang = Gang }) } : box;
}

/// <summary>Sets what is given of a device; what is null stays.</summary>
public sealed record SetDevice(
    Id<Box> Box,
    Id<Device> Id,
    string? Name = null,
    Fact<Length>? Depth = null,
    Fact<Length>? Width = null,
    IReadOnlyList<string>? BrokenTabs = null,
    bool? Turned = null
) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        !box.Devices.TryFind(Id, out var device)
            ? Refuse.Missing(What.Device, Id, "id")
            : Refuse.BadNote(Name, "name")
                ?? Facts.Bad(Depth, "depth")
                ?? Facts.Bad(Width, "width")
                ?? (
                    BrokenTabs is null
                    || BrokenTabs.All(t =>
                        DeviceKinds
                            .Find(device.Kind)
                            ?.Terminals.Any(x => x.Half is not null && x.Id.StartsWith(t + "-", StringComparison.Ordinal)) == true
                    )
                        ? null
                        : new Refusal(Why.NoSuchTab, "brokenTabs")
                );

    protected override Box ApplyIn(Box box) =>
        box.Devices.TryFind(Id, out var device)
            ? box with
            {
                Devices = box.Devices.With(
                    Id,
                    device with
                    {
                        Name = Name ?? device.Name,
                        Depth = Depth ?? device.Depth,
                        Width = Width ?? device.Width,
                        BrokenTabs = BrokenTabs ?? device.BrokenTabs,
                        Turned = Turned ?? device.Turned,
                    }
                ),
            }
            : box;
}

/// <summary>Takes a device out; what lay on it comes loose and its own leads go with it.</summary>
public sealed record RemoveDevice(Id<Box> Box, Id<Device> Id) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) => box.Devices.Has(Id) ? null : Refuse.Missing(What.Device, Id, "id");

    protected override Box ApplyIn(Box box) => DeviceGangs.WithoutDevice(box, Id) with { Devices = box.Devices.Without(Id) };
}
