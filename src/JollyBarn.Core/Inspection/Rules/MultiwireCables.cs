using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Cables with two hots and one neutral that feed a box or carry a feed on: multiwire, unless one hot is switched.</summary>
internal static class MultiwireCables
{
    public static IEnumerable<CableHere> In(BoxLook look) => look.Cables.Where(c =>
        c.Leads.Count(l => look.Box.Leads[l].Use == ConductorUse.Hot) == 2 && c.Leads.Count(l => look.Box.Leads[l].Use == ConductorUse.Neutral) == 1
        && c.Leads.Where(l => look.Box.Leads[l].Use == ConductorUse.Hot).All(l => !OnSwitch(look, l)));

    /// <summary>True for a hot that a switch or its travelers use: then the cable is no multiwire circuit.</summary>
    private static bool OnSwitch(BoxLook look, string lead) => look.Box.Leads[lead].Lands is { At: LandingAt.Terminal, Device: { } device }
        && CodeBook.DeviceKinds.Find(look.Box.Devices.Find(device)?.Kind)?.Family is CodeBook.DeviceFamily.Switch or CodeBook.DeviceFamily.Dimmer or CodeBook.DeviceFamily.SmartSwitch or CodeBook.DeviceFamily.Timer;
}
