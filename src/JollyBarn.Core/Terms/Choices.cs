namespace JollyBarn.Terms;

/// <summary>What a room is used as, which decides protection.</summary>
public enum RoomUse
{
    Bathroom,
    Kitchen,
    Laundry,
    Garage,
    Basement,
    Crawl,
    Outdoors,
    Boathouse,
    Bedroom,
    Living,
    Dining,
    Pantry,
    Hall,
    Closet,
    Workshop,
    Storage,
    Loft,

    /// <summary>A building that is not lived in, its floor at or below grade: 210.8(A)(2).</summary>
    Outbuilding,
    Other,
}

/// <summary>How wet a place is: damp is under a roof or sweating, wet is reached by rain, splash or earth.</summary>
public enum Damp
{
    Dry,
    Damp,
    Wet,
}

/// <summary>Whether a box can be got at without taking the building apart.</summary>
public enum Access
{
    /// <summary>By its cover.</summary>
    Open,

    /// <summary>Above a lift-out ceiling, or by a hatch.</summary>
    Tile,
    Buried,
}

/// <summary>Where nails or screws go through the inside of a box.</summary>
public enum Nails
{
    None,

    /// <summary>Within 1/4 in of the back or the ends.</summary>
    Edge,
    Middle,
}

/// <summary>What holds the ground to a metal box.</summary>
public enum GroundScrew
{
    /// <summary>A machine screw used for nothing else.</summary>
    Screw,

    /// <summary>A listed clip.</summary>
    Clip,
    Cover,
    Clamp,

    /// <summary>A wood or sheet-metal screw.</summary>
    Wood,
}

/// <summary>What carries a box where no wall does.</summary>
public enum Stub
{
    OnePlastic,

    /// <summary>Of what is not said.</summary>
    Two,

    /// <summary>One rigid metal raceway.</summary>
    Metal,
    Wall,

    /// <summary>Two or more threaded metal raceways, wrenched in and secured within 18 in.</summary>
    TwoMetal,
    TwoPlastic,
    Post,
}

/// <summary>Why no neutral may be at a switch, 404.2(C).</summary>
public enum NoNeutral
{
    Raceway,
    Reach,
    Whole,
    None,
}

/// <summary>What somebody made on a cable to know it again.</summary>
public enum CableMark
{
    None,
    Notch,
    Pen,
    Tape,
    Bend,
}

public enum CableHurt
{
    None,
    Sheath,
    Conductor,
}

/// <summary>What lies over a buried cable.</summary>
public enum BuriedUnder
{
    Soil,
    Concrete,
    Drive,
    Road,
}

/// <summary>Wires of low voltage in a box with power.</summary>
public enum LowVoltageHere
{
    None,
    BehindBarrier,

    /// <summary>For the control of what is in the box, where the code lets them in.</summary>
    OwnControl,
    Beside,
}

/// <summary>Whether a fan could hang where a box is overhead.</summary>
public enum FanPlace
{
    /// <summary>Framing is within reach to hang one from.</summary>
    Framing,
    NoFraming,
    NotOverhead,
}

/// <summary>How a luminaire is made, as closets and tubs ask.</summary>
public enum LuminaireSort
{
    /// <summary>A lamp without a glass all round.</summary>
    OpenLamp,

    /// <summary>On a cord, a chain or a stem.</summary>
    Hanging,

    /// <summary>On the surface, incandescent or LED, its light closed in all round.</summary>
    SurfaceClosed,

    /// <summary>Fluorescent, on the surface.</summary>
    SurfaceFluorescent,
    Recessed,
}

/// <summary>How a joint looks with its connector on.</summary>
public enum JointSeen
{
    Sound,
    CopperBelow,
    ShellHurt,
    EndShort,
}

/// <summary>Why a receptacle need not be tamper-resistant.</summary>
public enum TamperWhy
{
    None,
    PartOfAppliance,
    DedicatedSpace,
}

/// <summary>How the end of a cable that waits in the ground is closed.</summary>
public enum EndInGround
{
    /// <summary>By a cap or splice kit listed for burial.</summary>
    Listed,
    Tape,
    Open,
}

/// <summary>What a raceway is.</summary>
public enum RacewayKind
{
    Plastic,

    /// <summary>Rigid or intermediate metal conduit, threaded.</summary>
    RigidMetal,

    /// <summary>Electrical metallic tubing.</summary>
    Tubing,

    /// <summary>Flexible metal conduit.</summary>
    Flexible,
}

/// <summary>Whether two hots are on different legs.</summary>
public enum Legs
{
    Different,
    Same,
}

public enum LeadHurt
{
    None,
    Insulation,
    Nick,
    Burnt,
}

public enum HookTurn
{
    Clockwise,
    Other,
}

public enum YokeScrews
{
    Machine,
    Other,
}

/// <summary>The cover over a receptacle in a damp or wet place.</summary>
public enum WetCover
{
    /// <summary>Closes on the plug, extra duty.</summary>
    InUse,

    /// <summary>Tight only with nothing plugged in.</summary>
    Flap,
    Indoor,
}

/// <summary>How a marked torque was kept.</summary>
public enum Tightened
{
    Tool,
    Means,
    Feel,
}

/// <summary>How what takes current hangs on a receptacle.</summary>
public enum Hangs
{
    Cord,
    Fixed,
}

/// <summary>What a thing minds when it loses power.</summary>
public enum PowerLoss
{
    Nothing,

    /// <summary>It has a clock, a timer or settings to set again, or it beeps: a router, an oven clock.</summary>
    SetAgain,

    /// <summary>It must not lose power without warning: a freezer, a computer, an alarm, anything medical.</summary>
    AskFirst,

    /// <summary>Its compressor is not switched straight back on: it rests some minutes first (common practice).</summary>
    RestFirst,
}

/// <summary>Whether the directory says what a breaker feeds.</summary>
public enum Written
{
    Clear,
    Vague,
    Nothing,
}

/// <summary>What a circuit was put in for.</summary>
public enum Purpose
{
    General,
    SmallAppliance,
    Laundry,
    Bathroom,
    Garage,

    /// <summary>One appliance.</summary>
    One,

    /// <summary>A motor or air conditioner: wire and breaker go by the nameplate, 240.4(G).</summary>
    Motor,

    /// <summary>Pool, spa or fountain: article 680 has rules of its own, out of what is judged here.</summary>
    Pool,
}
