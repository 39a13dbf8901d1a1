using JollyBarn.Terms;

namespace JollyBarn.CodeBook;

/// <summary>When protection is asked in a room.</summary>
public enum Asked
{
    No,
    Always,

    /// <summary>Only where it serves a countertop.</summary>
    Countertop,

    /// <summary>Only where the basement is not finished.</summary>
    Unfinished,
}

/// <summary>Rooms of a dwelling in which protection is asked, by edition. From memory of NEC 210.8(A) and 210.12(A).</summary>
public static class ProtectionBook
{
    /// <summary>Ground-fault protection of a receptacle by the use of the room, nearness to water apart. NEC 210.8(A).</summary>
    public static Asked Gfci(Edition edition, RoomUse use) =>
        use switch
        {
            RoomUse.Bathroom
            or RoomUse.Garage
            or RoomUse.Outdoors
            or RoomUse.Crawl
            or RoomUse.Laundry
            or RoomUse.Boathouse
            or RoomUse.Outbuilding => Asked.Always,
            RoomUse.Kitchen => edition >= Edition.Nec2023 ? Asked.Always : Asked.Countertop,
            RoomUse.Basement => edition >= Edition.Nec2020 ? Asked.Always : Asked.Unfinished,
            _ => Asked.No,
        };

    /// <summary>True for a receptacle 210.8(A) speaks of: 125 V, 15 and 20 A in 2017; up to 250 V from 2020 on.</summary>
    public static bool GfciAt(Edition edition, DeviceKind kind) => edition >= Edition.Nec2020 || !kind.TwoHots;

    /// <summary>True from the edition on that asks it in any damp or wet place indoors. NEC 210.8(A)(11), 2020.</summary>
    public static bool GfciInDamp(Edition edition) => edition >= Edition.Nec2020;

    /// <summary>Arc-fault protection by the use of the room. NEC 210.12(A); rooms like these are named as the nearest of them.</summary>
    public static bool Afci(RoomUse use) =>
        use is RoomUse.Kitchen or RoomUse.Living or RoomUse.Dining or RoomUse.Bedroom or RoomUse.Closet or RoomUse.Hall or RoomUse.Laundry;

    /// <summary>True from the edition on whose text counts the whole path through a splice as free length; before it the office says. NEC
    /// 300.14.</summary>
    public static bool SpliceCounts(Edition edition) => edition >= Edition.Nec2023;

    /// <summary>True from the edition on that takes any approved means for a marked torque; 2017 asks for a calibrated tool. NEC
    /// 110.14(D).</summary>
    public static bool AnyTorqueMeans(Edition edition) => edition >= Edition.Nec2020;

    /// <summary>True from the edition on that keeps receptacles out of a zone of 3 ft by 8 ft; in 2017 only within or over the tub. NEC
    /// 406.9(C).</summary>
    public static bool BathZone(Edition edition) => edition >= Edition.Nec2020;
}
