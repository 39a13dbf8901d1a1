using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>Names of the points of a job that have a potential.</summary>
public static class Points
{
    public const string Earth = "earth";

    /// <summary>The end of one conductor of a run, in a box, at a panel or where nobody has looked: the lead there.</summary>
    public static string End(Id<Run> run, RunSide side, int index) => $"end:{run}/{(side == RunSide.A ? 'a' : 'b')}/{index}";

    /// <summary>A lead of a box: the end of its run's conductor, or the device's own.</summary>
    public static string Lead(Id<Box> box, Id<Lead> id, Lead lead) => lead.Run is { } run ? End(run, lead.Side, lead.Index) : Own(box, id);

    /// <summary>A device's own lead, by its lead id.</summary>
    public static string Own(Id<Box> box, Id<Lead> lead) => $"own:{box}/{lead}";

    public static string Pigtail(Id<Box> box, Id<Lead> id) => $"tail:{box}/{id}";

    public static string Joint(Id<Box> box, Id<Joint> id) => $"joint:{box}/{id}";

    public static string Terminal(Id<Box> box, Id<Device> device, string terminal) => $"at:{box}/{device}/{terminal}";

    /// <summary>The yoke, canopy or body of a device.</summary>
    public static string Yoke(Id<Box> box, Id<Device> device) => $"yoke:{box}/{device}";

    /// <summary>What a plug meets: <c>hot</c>, <c>neutral</c> or <c>ground</c> of a half of a receptacle.</summary>
    public static string Face(Id<Box> box, Id<Device> device, string slot) => $"face:{box}/{device}/{slot}";

    /// <summary>A metal box and what is screwed to it.</summary>
    public static string Metal(Id<Box> box) => $"metal:{box}";

    /// <summary>A metal wall plate on the screws of its devices.</summary>
    public static string Plate(Id<Box> box) => $"plate:{box}";

    /// <summary>The metal of something fixed that a run's end is wired to.</summary>
    public static string Frame(Id<Run> run, RunSide side) => $"frame:{run}/{(side == RunSide.A ? 'a' : 'b')}";

    public static string Leg(string panel, int leg) => $"leg:{panel}/{leg}";

    public static string NeutralBar(string panel) => $"neutral:{panel}";

    public static string GroundBar(string panel) => $"ground:{panel}";

    /// <summary>The screw of one pole of a breaker.</summary>
    public static string Pole(string panel, string breaker, int pole) => $"pole:{panel}/{breaker}/{pole}";

    /// <summary>The neutral screw of a breaker that watches it.</summary>
    public static string BreakerNeutral(string panel, string breaker) => $"poleN:{panel}/{breaker}";
}
