using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Cables with two hots and one neutral that feed a box or carry a feed on: multiwire, unless one hot is switched.</summary>
internal static class MultiwireCables
{
    public static IEnumerable<CableHere> In(BoxLook look) =>
        from cable in look.Cables
        let hots = cable.Leads.Where(l => look.Box.Leads[l].Use == ConductorUse.Hot).ToList()
        where
            hots.Count == 2
            && cable.Leads.Count(l => look.Box.Leads[l].Use == ConductorUse.Neutral) == 1
            && hots.TrueForAll(l => !OnSwitch(look, l))
        select cable;

    /// <summary>True for a hot that a switch or its travelers use: then the cable is no multiwire circuit.</summary>
    private static bool OnSwitch(BoxLook look, Id<Lead> lead) =>
        look.Box.Leads[lead].Lands is { At: LandingAt.Terminal, Device: { } device }
        && DeviceKinds.Find(look.Box.Devices.Find(device)?.Kind)?.OnlySwitches == true;
}
