using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Where a torque is marked it is kept.</summary>
/// <remarks>NEC 110.14(D): a calibrated tool in 2017; approved means from 2020 on.</remarks>
public sealed class Torque() : BoxRule("torque")
{
    public enum Case
    {
        Ask,
        ByTool,
        ByMeans,
        NotByMeans,
        NotByTool,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var anyMeans = ProtectionBook.AnyTorqueMeans(look.Edition);
        foreach (var (id, _, _) in look.Devices.Where(d => look.Read(DeviceFacts.TorqueMarked, d.Id) == true))
        {
            yield return look.Read(DeviceFacts.Torqued, id) switch
            {
                null => Ask(id, Case.Ask, [DeviceFacts.Torqued], ("device", Thing.Device(id))),
                Tightened.Tool => Fine(id, Case.ByTool),
                Tightened.Means when anyMeans => Fine(id, Case.ByMeans),
                _ => Fix(id, anyMeans ? Case.NotByMeans : Case.NotByTool, ("device", Thing.Device(id))),
            };
        }
    }
}
