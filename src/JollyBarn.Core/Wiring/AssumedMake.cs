namespace JollyBarn.Wiring;

/// <summary>Ways a box is usually made up. <em>Practice</em>.</summary>
public enum UsualMake
{
    /// <summary>One cable, all of it on the device.</summary>
    EndOfRun,

    /// <summary>Cables joined like on like, a pigtail to each terminal.</summary>
    FedThrough,

    /// <summary>Two cables, each on terminals of its own: what goes on hangs on the device.</summary>
    ThroughDevice,

    /// <summary>The feed on the line terminals of a protective device, the others on its load side.</summary>
    LineAndLoad,

    /// <summary>The feed comes to the switch, one cable leaves it switched.</summary>
    FeedAtSwitch,

    /// <summary>One cable from a light: the white brings the feed, the black goes back.</summary>
    SwitchLoop,

    /// <summary>The two-conductor cable on the common, the three-conductor one on the travelers.</summary>
    ThreeWay,

    /// <summary>No device: colour on colour.</summary>
    SpliceOnly,
}

/// <summary>A usual make somebody begins from. It lands no lead: what lies where is recorded place by place, as it is seen.</summary>
/// <param name="Cable">The end of the cable it turns on, <c>run.side</c>: the feed of line and load, the one that leaves switched; null
/// where it turns on none.</param>
public sealed record AssumedMake(UsualMake Make, string? Cable = null);
