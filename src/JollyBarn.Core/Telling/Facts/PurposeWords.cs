using JollyBarn.Terms;

namespace JollyBarn.Telling.Facts;

/// <summary>What purposes of circuits are called.</summary>
internal static class PurposeWords
{
    /// <summary>What a circuit is for.</summary>
    public static string Of(Purpose purpose) =>
        purpose switch
        {
            Purpose.General => "lights and receptacles of any room",
            Purpose.SmallAppliance => "small appliances of kitchen, pantry and dining room",
            Purpose.Laundry => "the laundry",
            Purpose.Bathroom => "bathroom receptacles",
            Purpose.Garage => "garage receptacles",
            Purpose.One => "one appliance",
            Purpose.Motor => "a motor or air conditioner",
            _ => "a pool, spa or fountain",
        };
}
