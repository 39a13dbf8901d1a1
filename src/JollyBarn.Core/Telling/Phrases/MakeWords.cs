using System.Globalization;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Phrases;

/// <summary>Usual makes in words.</summary>
internal static class MakeWords
{
    private static readonly Dictionary<UsualMake, (string Short, string Says)> All = new()
    {
        [UsualMake.EndOfRun] = ("end of the run", "End of the run: one cable, all of it on the device"),
        [UsualMake.FedThrough] = ("fed through", "Fed through: cables joined, a pigtail to each terminal"),
        [UsualMake.ThroughDevice] = ("fed through the device", "Fed through the device: each cable on its own screws"),
        [UsualMake.LineAndLoad] = ("line and load", "Line and load: fed by the cable {0}, the rest protected"),
        [UsualMake.FeedAtSwitch] = ("feed at the switch", "Feed at the switch: the cable {0} leaves switched"),
        [UsualMake.SwitchLoop] = ("switch loop", "Switch loop: white brings the feed, black goes back"),
        [UsualMake.ThreeWay] = ("three-way", "Three-way: two wires on the common, three on the travelers"),
        [UsualMake.SpliceOnly] = ("splice only", "Splice only: colour on colour"),
    };

    public static string Short(UsualMake make) => All[make].Short;

    /// <param name="cable">What the cable it turns on is called.</param>
    public static string Says(UsualMake make, string cable) => string.Format(CultureInfo.InvariantCulture, All[make].Says, cable);
}
