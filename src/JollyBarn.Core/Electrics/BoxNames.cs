using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>What things of a box are called here.</summary>
internal static class BoxNames
{
    public static string Device(Device device) => device.Name ?? DeviceKinds.Find(device.Kind)?.Name ?? device.Kind;

    public static string Lead(Job job, Box box, Lead lead) =>
        lead.Device is { } device && box.Devices.Find(device) is { } found ? $"{lead.Colour} of the {Device(found)}"
        : job.Runs.Find(lead.Run)?.End(lead.Side).Says is { } says ? $"{lead.Colour} of the cable {says}"
        : $"{lead.Colour} of a cable";
}
