using JollyBarn.Terms;

namespace JollyBarn.CodeBook;

/// <summary>What a circuit is for, and what may hang on it.</summary>
/// <param name="Uses">Uses of rooms whose receptacles may hang on it; empty where any may.</param>
/// <param name="Own">True when it feeds nothing but receptacles of those rooms.</param>
/// <param name="OneRoom">True when anything may hang on it as long as it all is in one such room.</param>
public sealed record CircuitPurpose(Purpose Id, IReadOnlyList<RoomUse> Uses, bool Own = false, bool OneRoom = false);

/// <summary>Circuits a dwelling has for a purpose. From memory of NEC 210.11(C) and 210.52(B); articles stand in
/// <see cref="ArticleBook"/>.</summary>
public static class PurposeBook
{
    /// <summary>The clock, the gas range and their like, 210.52(B)(2), and an outdoor receptacle on the garage's circuit, 210.11(C)(4), are
    /// the exceptions.</summary>
    public static IReadOnlyList<CircuitPurpose> All { get; } =
    [
        new(Purpose.General, []),
        new(Purpose.SmallAppliance, [RoomUse.Kitchen, RoomUse.Pantry, RoomUse.Dining], Own: true),
        new(Purpose.Laundry, [RoomUse.Laundry], Own: true),
        new(Purpose.Bathroom, [RoomUse.Bathroom], Own: true, OneRoom: true),
        new(Purpose.Garage, [RoomUse.Garage, RoomUse.Outdoors], Own: true),
        new(Purpose.One, []),
        new(Purpose.Motor, []),
        new(Purpose.Pool, []),
    ];

    public static CircuitPurpose Find(Purpose purpose) => All.First(p => p.Id == purpose);
}
