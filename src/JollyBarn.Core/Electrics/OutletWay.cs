using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>How a circuit reaches one outlet, hot as in long use.</summary>
/// <param name="Box">Box and device of the outlet, and its half.</param>
/// <param name="Ohms">Out and back from the panel, Ω; null where hot or neutral does not reach it.</param>
/// <param name="FaultAmperes">Current of hot held to ground there, A; null where hot or ground does not reach it.</param>
/// <param name="Guards">What watches it for ground faults, here or upstream.</param>
/// <param name="Over">Runs its current goes over, out, back or by the ground.</param>
public sealed record OutletWay(
    Id<Box> Box,
    Id<Device> Device,
    string Half,
    double? Ohms,
    double? FaultAmperes,
    IReadOnlyList<GuardKey> Guards,
    IReadOnlyList<Id<Run>> Over
)
{
    /// <summary>Box and device as one name.</summary>
    public string Of => $"{Box}/{Device}";

    /// <summary>Its device, for a verdict to name.</summary>
    public Thing Thing => Thing.Device(Device, Box);
}
