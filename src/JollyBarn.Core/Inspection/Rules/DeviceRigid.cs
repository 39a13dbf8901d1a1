namespace JollyBarn.Inspection.Rules;

/// <summary>A device sits firm at the finished face.</summary>
/// <remarks>NEC 406.5, 404.10(B).</remarks>
public sealed class DeviceRigid() : BoxRule("rigid", "Device firm", "A receptacle that gives works its screws loose.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, _, _) in look.Devices.Where(d => d.Kind.Yoke))
        {
            yield return YesNo(look, id, "rigid", true, $"The {look.DeviceName(id)} is not firm at the face.", "406.5, 404.10(B)");
        }
    }
}
