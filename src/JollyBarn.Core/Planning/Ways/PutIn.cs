using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>Devices that are put in the place of others: of one like the old no state shows it, the edits do.</summary>
/// <param name="All">The boxes and devices.</param>
public sealed record PutIn(IReadOnlySet<(Id<Box> Box, Id<Device> Device)> All)
{
    public static PutIn By(IEnumerable<Edit> edits) =>
        new(edits.SelectMany(Flat).OfType<SwapDevice>().Select(s => (s.Box, s.Id)).ToHashSet());

    /// <summary>True for a device that was not there, is of another kind, or is a new one like the old.</summary>
    public bool IsNew(Id<Box> id, Box? was, Id<Device> device, Device now) =>
        was?.Devices.Find(device)?.Kind != now.Kind || All.Contains((id, device));

    /// <summary>An edit one by one, out of its batches.</summary>
    internal static IEnumerable<Edit> Flat(Edit edit) => edit is Batch batch ? batch.Edits.SelectMany(Flat) : [edit];
}
