namespace JollyBarn.Inspection.Rules;

/// <summary>A device is held by machine screws.</summary>
/// <remarks>NEC 406.5(F), 404.10(B).</remarks>
public sealed class DeviceScrews() : BoxRule("device-screws", "Screws", "A drywall screw strips the box and cuts what it meets.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, _, _) in look.Devices.Where(d => d.Kind.Yoke && look.Answer(d.Id, "screws") is not null))
        {
            yield return look.Answer(id, "screws") == "machine" ? Fine(id, "Machine screws hold it.", "406.5(F), 404.10(B)") : Fix(id, $"The {look.DeviceName(id)} is held by screws that are no machine screws.", "406.5(F), 404.10(B)");
        }
    }
}
