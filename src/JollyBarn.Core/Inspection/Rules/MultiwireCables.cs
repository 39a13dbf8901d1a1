using JollyBarn.CodeBook;
using JollyBarn.Connection;
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
            && !OneBreaker(look, hots)
        select cable;

    /// <summary>True where both hots come from one pole: a cable for a fan and its light is no multiwire circuit.</summary>
    private static bool OneBreaker(BoxLook look, List<Id<Lead>> hots) => Poles(look, hots) is [var one, var other] && one == other;

    /// <summary>The poles that the hots of a cable come from, by the wiring or the mark of their cable; fewer than the hots where one is
    /// not known.</summary>
    public static IReadOnlyList<PanelEnd> Poles(BoxLook look, IEnumerable<Id<Lead>> hots) =>
        [
            .. hots.Select(h => look.Wires.Lead(look.Box, h))
                .Select(w => w.Switched.Hots.FirstOrDefault() ?? (w.Switched.Taken is { What: Gives.Hot } taken ? taken : null))
                .OfType<PanelEnd>(),
        ];

    /// <summary>The hots of a cable.</summary>
    public static IEnumerable<Id<Lead>> Hots(BoxLook look, CableHere cable) =>
        cable.Leads.Where(l => look.Box.Leads[l].Use == ConductorUse.Hot);

    /// <summary>True for a hot that a switch or its travelers use: then the cable is no multiwire circuit.</summary>
    private static bool OnSwitch(BoxLook look, Id<Lead> lead) =>
        look.Box.Leads[lead].Lands is { At: LandingAt.Terminal, Device: { } device }
        && DeviceKinds.Find(look.Box.Devices.Find(device)?.Kind)?.OnlySwitches == true;
}
