using JollyBarn.CodeBook;

namespace JollyBarn.Inspection.Rules;

/// <summary>Where a torque is marked it is kept.</summary>
/// <remarks>NEC 110.14(D): a calibrated tool in 2017; approved means from 2020 on.</remarks>
public sealed class Torque() : BoxRule("torque", "Torque", "By feel is loose as often as tight.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, _, _) in look.Devices.Where(d => look.YesNo(d.Id, "torque-marked") == true))
        {
            yield return look.Answer(id, "torqued") switch
            {
                null => Ask(id, $"A torque is marked on the {look.DeviceName(id)}. How was it tightened?", "110.14(D)", "torqued"),
                "tool" => Fine(id, "Tightened with a calibrated tool.", "110.14(D)"),
                "means" when ProtectionBook.AnyTorqueMeans(look.Edition) => Fine(id, "Tightened by an approved means.", "110.14(D)"),
                _ => Fix(id, $"The {look.DeviceName(id)} was not tightened to its mark {(ProtectionBook.AnyTorqueMeans(look.Edition) ? "by an approved means" : "with a calibrated tool")}.", "110.14(D)"),
            };
        }
    }
}
