using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Wires of low voltage do not lie beside power in one box.</summary>
/// <remarks>NEC 725.136, 800.133: behind a listed barrier, or for the control of the device itself. Told where somebody saw it.</remarks>
public sealed class LowVoltage() : BoxRule("low-voltage")
{
    public enum Case
    {
        Beside,
        Apart,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Read(BoxFacts.LowVoltage) is { } here)
        {
            yield return here == LowVoltageHere.Beside ? Fix(Subjects.Box, Case.Beside) : Fine(Subjects.Box, Case.Apart);
        }
    }
}
