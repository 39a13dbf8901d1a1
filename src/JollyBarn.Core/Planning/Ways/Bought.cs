using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>What is bought to suit the place: a receptacle that is tamper-resistant everywhere, and for the weather outdoors.</summary>
/// <remarks>NEC 406.12, 406.9.</remarks>
internal static class Bought
{
    /// <summary>What is then marked on a new device.</summary>
    public static IReadOnlyList<Edit> With(Job job, Id<Box> box, Id<Device> device, string kind) =>
        With(box, device, kind, Outdoors(job, job.Boxes.Find(box)?.Place));

    public static IReadOnlyList<Edit> With(Id<Box> box, Id<Device> device, string kind, bool outdoors)
    {
        NoteFact Marked(FactKey fact, string value) => new(box, device, fact.Id, new Observation(Known.Marked, value));
        return DeviceKinds.Find(kind) is not { Receptacle: true } ? []
            : outdoors
                ?
                [
                    Marked(DeviceFacts.Tamper, "yes"),
                    Marked(DeviceFacts.Weather, "yes"),
                    Marked(DeviceFacts.WetCover, Choice.Text(WetCover.InUse)),
                ]
            : [Marked(DeviceFacts.Tamper, "yes")];
    }

    public static bool Outdoors(Job job, string? place) =>
        job.Places.Find(place ?? "") is { } there && (Choice.Parse<RoomUse>(there.Use) == RoomUse.Outdoors || there.Wetness == Wetness.Wet);
}
