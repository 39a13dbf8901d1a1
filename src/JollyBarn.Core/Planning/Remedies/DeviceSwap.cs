using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>Another device in the place of one, connections as found.</summary>
/// <remarks>What lies on a place that the new one has too stays there. The rest goes to a terminal of the same role that still holds one
/// more: a hot to the line side of a protective device, which it then feeds. Leads of the device's own go where the old one's
/// lay.</remarks>
internal static class DeviceSwap
{
    /// <summary>Roles that may stand for each other, the likest first.</summary>
    private static readonly Dictionary<TerminalRole, TerminalRole[]> Alike = new()
    {
        [TerminalRole.Hot] = [TerminalRole.Hot, TerminalRole.LineHot],
        [TerminalRole.LineHot] = [TerminalRole.LineHot, TerminalRole.Hot],
        [TerminalRole.LoadHot] = [TerminalRole.LoadHot, TerminalRole.Hot],
        [TerminalRole.Neutral] = [TerminalRole.Neutral, TerminalRole.LineNeutral],
        [TerminalRole.LineNeutral] = [TerminalRole.LineNeutral, TerminalRole.Neutral],
        [TerminalRole.LoadNeutral] = [TerminalRole.LoadNeutral, TerminalRole.Neutral],
    };

    /// <summary>The edits; null where something of the old one has no place on the new.</summary>
    public static IReadOnlyList<Edit>? Of(RemedyAsk ask, Id<Device> id, string kind)
    {
        if (
            DeviceKinds.Find(kind) is not { } to
            || !ask.Box.Devices.TryFind(id, out var device)
            || DeviceKinds.Find(device.Kind) is not { } from
        )
        {
            return null;
        }

        var edits = new List<Edit> { new SwapDevice(ask.BoxId, id, kind) };
        var places = to.Terminals.SelectMany(t => t.Landings.Select(l => (Terminal: t, Place: l))).ToList();
        var taken = new Dictionary<string, int>(StringComparer.Ordinal);
        var ends = ask.Look.On(id).ToLookup(e => places.Exists(p => p.Place.Id == e.At.Place));
        foreach (var end in ends[true])
        {
            taken[end.At.Place!] = taken.GetValueOrDefault(end.At.Place!) + 1;
        }

        foreach (var end in ends[false])
        {
            var role = from.Terminals.FirstOrDefault(t => t.Id == end.At.Terminal)?.Role;
            if (
                role is not { } was
                || Alike
                    .GetValueOrDefault(was, [was])
                    .SelectMany(r => places.Where(p => p.Terminal.Role == r))
                    .FirstOrDefault(p => taken.GetValueOrDefault(p.Place.Id) < p.Place.Holds)
                    is not { Place: { } spot }
            )
            {
                return null;
            }

            taken[spot.Id] = taken.GetValueOrDefault(spot.Id) + 1;
            var at = RemedyAsk.At(id, spot.Id);
            edits.Add(
                ask.Box.Leads.Has(end.Id)
                    ? new MoveLead(ask.BoxId, end.Id, at)
                    : new LandPigtail(ask.BoxId, end.Id, ask.Box.Pigtails[end.Id].To == end.At, at)
            );
        }

        if (device.BrokenTabs.Count > 0)
        {
            // Two feeds come to its halves: one that cannot part them joins them.
            if (kind != device.Kind)
            {
                return null;
            }

            edits.Add(new SetDevice(ask.BoxId, id, BrokenTabs: device.BrokenTabs));
        }

        return Own(ask, id, edits) ? edits : null;
    }

    /// <summary>The new one's own leads where the old one's lay, role by role; false where one of the old has no heir.</summary>
    private static bool Own(RemedyAsk ask, Id<Device> id, List<Edit> edits)
    {
        var old = ask.Box.Leads.Where(l => l.Value.Device == id).Select(l => l.Value).ToList();
        if (old.Count == 0)
        {
            return true;
        }

        var then = edits.Aggregate(ask.Job, (job, edit) => edit.Apply(job)).Boxes[ask.BoxId];
        var heirs = then.Leads.Where(l => l.Value.Device == id).ToList();
        foreach (var lead in old.Where(l => l.Lands.At is not (LandingAt.Loose or LandingAt.Unknown)))
        {
            if (heirs.FirstOrNull(h => h.Value.Use == lead.Use && h.Value.Colour == lead.Colour) is not { } heir)
            {
                return false;
            }

            heirs.Remove(heir);
            edits.Add(new MoveLead(ask.BoxId, heir.Key, lead.Lands));
        }

        return true;
    }
}
