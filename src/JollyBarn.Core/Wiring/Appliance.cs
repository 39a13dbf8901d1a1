using JollyBarn.Terms;

namespace JollyBarn.Wiring;

/// <summary>A thing that takes current, as somebody has it.</summary>
/// <param name="Watts">What it takes, W.</param>
/// <param name="Hours">How long it runs on end at most, h; null when nobody said. Three hours or more is a continuous load, NEC
/// 100.</param>
/// <param name="How">Whether it is plugged in or fastened in place.</param>
/// <param name="Motor">It starts with a multiple of what it takes.</param>
/// <param name="Minds">What it minds when it loses power.</param>
/// <param name="Box">The box it hangs on; null for one that stands nowhere.</param>
/// <param name="Device">The device of that box.</param>
public sealed record Appliance(
    string Name,
    decimal Watts,
    decimal? Hours = null,
    Hangs How = Hangs.Cord,
    bool Motor = false,
    Id<Box>? Box = null,
    Id<Device>? Device = null,
    PowerLoss Minds = PowerLoss.Nothing
)
{
    /// <summary>Hours on end from which a load is continuous, NEC 100.</summary>
    public const decimal LongFrom = 3;

    /// <summary>Whether it is a continuous load; null when nobody said how long it runs.</summary>
    [System.Text.Json.Serialization.JsonIgnore]
    public bool? Lasting => Hours is { } h ? h >= LongFrom : null;

    public bool Hangs(Id<Box> box, Id<Device> device) => Box == box && Device == device;
}
