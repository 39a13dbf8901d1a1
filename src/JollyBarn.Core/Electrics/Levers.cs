using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>A lever of a switch, as a situation names it.</summary>
/// <param name="Key"><c>box/device</c>; of a second lever on the same yoke, <c>box/device/lower</c>.</param>
/// <param name="Name">What tells it from the other; empty where there is one, or for the upper of two.</param>
internal readonly record struct Lever(string Key, Id<Device> Device, string Name)
{
    public static string KeyOf(Id<Box> box, Id<Device> device, string name) =>
        name.Length == 0 ? $"{box}/{device}" : $"{box}/{device}/{name}";

    /// <summary>Every lever in a box.</summary>
    public static IEnumerable<Lever> In(Id<Box> id, Box box) =>
        from device in box.Devices
        from name in DeviceKinds.Find(device.Value.Kind)?.Levers ?? []
        select new Lever(KeyOf(id, device.Key, name), device.Key, name);

    /// <summary>How it lies in its box when nothing else is said.</summary>
    public bool AsLies(Box box) => AsLies(box.Devices[Device], DeviceKinds.Find(box.Devices[Device].Kind)!, Name);

    /// <summary>How it lies when nothing else is said: as recorded, else as its kind does.</summary>
    public static bool AsLies(Device device, DeviceKind kind, string name) =>
        (name.Length == 0 ? device.On : device.LowerOn) ?? kind.LiesOn;
}
