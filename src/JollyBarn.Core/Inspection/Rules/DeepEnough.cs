using JollyBarn.Fill;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>The box is deep enough for its devices.</summary>
/// <remarks>NEC 314.24; figures from memory.</remarks>
public sealed class DeepEnough() : BoxRule("depth")
{
    public enum Case
    {
        /// <summary>By the depth of the device itself.</summary>
        DeepDevice,

        /// <summary>By the gauge on it.</summary>
        ByGauge,
        GaugeUnknown,
        DeepDeviceTooDeep,
        TooShallow,
        TooShallowGaugeUnknown,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var line in BoxDepth.Judge(look.Box, look.Input, look.Profile))
        {
            if (line.Passes is not { } passes || line.Depth is not { } depth)
            {
                continue;
            }

            (string, object?)[] details =
            [
                ("device", Thing.Device(line.Id)),
                ("body", line.Body),
                ("behind", line.Behind),
                ("gauge", line.Gauge),
                ("needed", line.Needed),
                ("depth", depth),
            ];
            yield return (
                passes
                    ? Fine(
                        line.Id,
                        line.Body is not null ? Case.DeepDevice
                            : line.Gauge is null ? Case.GaugeUnknown
                            : Case.ByGauge,
                        details
                    )
                    : Fix(line.Id, Short(line), [.. details, ("by", line.Needed - depth)])
            ).By(line.Limit);
        }
    }

    private static Case Short(DepthLine line) =>
        line.Body is not null ? Case.DeepDeviceTooDeep
        : line.Gauge is null ? Case.TooShallowGaugeUnknown
        : Case.TooShallow;
}
