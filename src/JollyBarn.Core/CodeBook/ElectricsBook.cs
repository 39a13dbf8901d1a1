namespace JollyBarn.CodeBook;

/// <summary>What the job as electricity takes for given where nobody measured. Each is a number a house can set for itself.</summary>
public static class ElectricsBook
{
    public static Assumption LegVolts { get; } = new("electrics.leg", "volts of a leg", 120m, "V");

    public static Assumption SourceOhms { get; } = new("electrics.source", "impedance of the source, a leg", 0.02m, "Ω");

    public static Assumption UtilityEarth { get; } = new("electrics.utilityEarth", "the utility's neutral to earth", 5m, "Ω");

    public static Assumption Electrode { get; } = new("electrics.electrode", "the local electrode to earth", 25m, "Ω");

    public static Assumption JointMilliohms { get; } = new("electrics.joint", "a sound joint or screw", 1m, "mΩ");

    public static Assumption BreakerMilliohms { get; } = new("electrics.breaker", "a closed breaker", 5m, "mΩ");

    /// <summary>Between two conductors of a cable. From memory: 20 to 30 pF a foot for flat cable.</summary>
    public static Assumption Coupling { get; } = new("electrics.coupling", "coupling of two conductors in a cable, a foot", 25m, "pF");

    public static Assumption MetalCoupling { get; } =
        new("electrics.metalCoupling", "coupling of a box or loose end to the earth", 20m, "pF");

    public static Assumption UnknownFeet { get; } = new("electrics.unknownFeet", "length of a run nobody measured", 30m, "ft");

    public static Assumption LuminaireWatts { get; } = new("electrics.luminaire", "a luminaire", 60m, "W");

    public static Assumption FanWatts { get; } = new("electrics.fan", "a fan", 60m, "W");

    public static Assumption AlarmWatts { get; } = new("electrics.alarm", "a smoke alarm or a smart switch, standing", 1m, "W");

    /// <summary>Hand to foot through the body. IEC 60479-1, from memory: about 1000 Ω for 5 % of people at 120 V, 1700 Ω for
    /// half, 3000 Ω for 95 %.</summary>
    public static Assumption BodyOhms { get; } = new("electrics.body", "a person, hand to foot", 1000m, "Ω") { Most = 3000 };

    public static Assumption ShoeOhms { get; } = new("electrics.shoes", "shoes and floor", 1000m, "Ω") { Most = 1_000_000 };

    /// <summary>Equal lamps of a plug-in tester and where they light. <em>Practice</em>.</summary>
    public static Assumption LampOhms { get; } = new("electrics.lamp", "a lamp of a plug-in tester", 60m, "kΩ");

    public static Assumption LampLights { get; } = new("electrics.lampLights", "such a lamp lights from", 80m, "V");

    /// <summary>A ground-fault device answers a load-side neutral joined to ground below this loop resistance. From memory of UL 943's
    /// grounded-neutral test.</summary>
    public static Assumption GroundedNeutral { get; } =
        new("electrics.groundedNeutral", "a ground-fault device answers a neutral–ground loop under", 2m, "Ω");

    /// <summary>Difference at which an arc-fault breaker opens too. From memory: some made until about 2015 add 30 mA; most made since add
    /// none.</summary>
    public static Assumption ArcFaultGround { get; } =
        new("electrics.afciGround", "an arc-fault breaker opens on a difference to ground too, of", 0m, "mA");

    /// <summary>Current for which the drop to an outlet is worked out, of the breaker's rating. <em>Practice</em>.</summary>
    public static Assumption DropLoad { get; } =
        new("electrics.dropLoad", "load for which voltage drop is worked out, of the breaker", 80m, "%");

    public static IReadOnlyList<Assumption> All { get; } =
    [
        LegVolts,
        SourceOhms,
        UtilityEarth,
        Electrode,
        JointMilliohms,
        BreakerMilliohms,
        Coupling,
        MetalCoupling,
        UnknownFeet,
        LuminaireWatts,
        FanWatts,
        AlarmWatts,
        BodyOhms,
        ShoeOhms,
        LampOhms,
        LampLights,
        GroundedNeutral,
        ArcFaultGround,
        DropLoad,
    ];
}
