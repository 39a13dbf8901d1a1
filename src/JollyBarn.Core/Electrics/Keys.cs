using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

public enum GuardKind
{
    Breaker,

    /// <summary>A device in a box that watches for ground faults.</summary>
    Device,
}

/// <summary>What opens by itself, by where it is: a breaker of a panel, or a device of a box.</summary>
/// <param name="In">Panel or box.</param>
/// <param name="Of">Key of the breaker, or id of the device.</param>
public readonly record struct GuardKey(GuardKind Kind, string In, string Of)
{
    private const string BreakerPrefix = "breaker:";
    private const string DevicePrefix = "gfci:";

    public static GuardKey Breaker(string panel, string breaker) => new(GuardKind.Breaker, panel, breaker);

    public static GuardKey Device(Id<Box> box, Id<Device> device) => new(GuardKind.Device, box, device);

    /// <summary><c>breaker:panel/3</c> or <c>gfci:box/device</c>: how faults and answers write it.</summary>
    public override string ToString() => (Kind == GuardKind.Breaker ? BreakerPrefix : DevicePrefix) + In + "/" + Of;

    /// <summary>What <see cref="ToString"/> wrote, read back; null for anything else.</summary>
    public static GuardKey? Read(string? text) =>
        text?.StartsWith(BreakerPrefix, StringComparison.Ordinal) == true ? Read(GuardKind.Breaker, text[BreakerPrefix.Length..])
        : text?.StartsWith(DevicePrefix, StringComparison.Ordinal) == true ? Read(GuardKind.Device, text[DevicePrefix.Length..])
        : null;

    private static GuardKey? Read(GuardKind kind, string at) => at.Split('/') is [var where, var of] ? new(kind, where, of) : null;
}

/// <summary>Names of the links of a job. A fault that opens, moves or spoils one names it so.</summary>
internal static class LinkKeys
{
    /// <summary>Where a lead lands in a box, or a conductor of a run at a panel.</summary>
    public static string Land(string boxOrRun, string lead) => $"{LandsIn(boxOrRun)}{lead}";

    public static string Land(Id<Run> run, int index) => $"{LandsIn(run)}{index}";

    /// <summary>What the names of all landings in a box begin with.</summary>
    public static string LandsIn(string boxOrRun) => $"land:{boxOrRun}/";

    public static string TailFrom(Id<Box> box, Id<Lead> tail) => $"land:{box}/{tail}/from";

    public static string TailTo(Id<Box> box, Id<Lead> tail) => $"land:{box}/{tail}/to";

    /// <summary>A conductor that goes on unbroken as another run's.</summary>
    public static string Through(Id<Box> box, Id<Lead> lead) => $"through:{box}/{lead}";

    /// <summary>One conductor of a run.</summary>
    public static string Wire(Id<Run> run, int index) => $"wire:{run}/{index}";

    /// <summary>What couples two conductors of a run.</summary>
    public static string Stray(Id<Run> run, int one, int other) => $"stray:{run}/{one}-{other}";

    /// <summary>What couples a point to the earth.</summary>
    public static string Held(string point) => $"stray:{point}";

    public static string Way(string device, string from, string to) => $"switch:{device}/{from}-{to}";

    public static string Tab(Id<Box> box, Id<Device> device, string side) => Tab($"{box}/{device}", side);

    public static string Tab(string device, string side) => $"tab:{device}/{side}";

    public static string Slot(string device, string slot) => $"slot:{device}/{slot}";

    /// <summary>A contact of a device that watches: to its load side, or to its face.</summary>
    public static string Watched(string device, string side) => $"gfci:{device}/{side}";

    public static string WatchedFace(string device, string side) => $"gfci:{device}/face-{side}";

    /// <summary>A load: of a device, at the end of a run, or of a circuit straight from its panel.</summary>
    public static string Load(string of) => $"load:{of}";

    public static string Load(Id<Run> run, RunSide side) => Load($"{run}/{side}");

    public static string Load(string panel, Id<Circuit> circuit) => Load($"{panel}/{circuit}");

    /// <summary>Metal of a device, or of something fixed, on its ground.</summary>
    public static string Frame(string device) => $"frame:{device}";

    public static string Frame(Id<Run> run, RunSide side) => Frame($"{run}/{side}");

    public static string Yoke(string device) => $"yoke:{device}";

    public static string Plate(Id<Box> box, Id<Device> device) => $"plate:{box}/{device}";

    public static string Source(string panel, string source, int leg) => $"source:{panel}/{source}/{leg}";

    public static string Bond(string panel) => $"bond:{panel}";

    public static string Electrode(string panel) => $"earth:{panel}";

    public static string Utility(string panel) => $"earth:{panel}/utility";

    public static string Pole(string panel, string breaker, int pole) => $"breaker:{panel}/{breaker}/{pole}";

    public static string BreakerNeutral(string panel, string breaker) => $"breakerN:{panel}/{breaker}";
}
