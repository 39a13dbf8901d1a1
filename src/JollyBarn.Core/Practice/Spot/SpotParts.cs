using JollyBarn.Inspection;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Spot;

/// <summary>What a part of a box is.</summary>
public enum PartIs
{
    Box,
    Entry,
    Cable,
    Wire,
    Joint,
    Device,
}

/// <summary>The parts of a box one can point at.</summary>
public static class SpotParts
{
    /// <summary>What there is to point at; null for what is no part of it.</summary>
    public static PartIs? Of(Box box, string part)
    {
        ArgumentNullException.ThrowIfNull(box);
        return part == Subjects.Box ? PartIs.Box
            : box.Leads.Has(part) || box.Pigtails.Has(part) ? PartIs.Wire
            : box.Joints.Has(part) ? PartIs.Joint
            : box.Devices.Has(part) ? PartIs.Device
            : box.Entries.Has(part) ? PartIs.Entry
            : Subjects.CableEnd(part) is { } end && box.Leads.Values.Any(l => l.Run == end.Run && l.Side == end.Side) ? PartIs.Cable
            : null;
    }

    /// <summary>Every part, the box itself first.</summary>
    public static IEnumerable<string> All(Box box)
    {
        ArgumentNullException.ThrowIfNull(box);
        return
        [
            Subjects.Box,
            .. box.Entries.Ids,
            .. box.Leads.Values.Where(l => l.Run is not null).Select(l => Subjects.CableEnd(l.Run!.Value, l.Side)).Distinct(),
            .. box.Leads.Ids.Select(i => i.Text),
            .. box.Pigtails.Ids.Select(i => i.Text),
            .. box.Joints.Ids.Select(i => i.Text),
            .. box.Devices.Ids.Select(i => i.Text),
        ];
    }

    /// <summary>The parts a verdict is about: what it judges and what it points at.</summary>
    public static IReadOnlySet<string> About(Box box, Finding finding)
    {
        ArgumentNullException.ThrowIfNull(box);
        ArgumentNullException.ThrowIfNull(finding);
        return finding.Ids.Append(finding.Of).Where(p => Of(box, p) is not null).ToHashSet(StringComparer.Ordinal);
    }
}
