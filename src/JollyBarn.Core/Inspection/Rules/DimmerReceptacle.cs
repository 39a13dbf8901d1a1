using JollyBarn.CodeBook;

namespace JollyBarn.Inspection.Rules;

/// <summary>A dimmer does not feed a receptacle.</summary>
/// <remarks>NEC 404.14(E).</remarks>
public sealed class DimmerReceptacle() : BoxRule("dimmer", "Dimmer and receptacle", "What is plugged in burns, or the dimmer does.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, _, _) in look.Devices.Where(d => d.Kind.Family == DeviceFamily.Dimmer))
        {
            yield return YesNo(look, id, "dims-receptacle", false, $"The {look.DeviceName(id)} feeds a receptacle.", "404.14(E)");
        }
    }
}
