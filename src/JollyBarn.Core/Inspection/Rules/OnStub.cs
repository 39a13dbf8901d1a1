using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A receptacle box outdoors does not stand on one plastic stub.</summary>
/// <remarks>NEC 314.23(F).</remarks>
public sealed class OnStub() : BoxRule("stub", "Box on a stub", "A plug pulled sideways snaps a plastic stub.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Use is not "outdoors" || look.Receptacles.Count == 0)
        {
            yield break;
        }

        yield return look.Answer(Subjects.Box, "stub") switch
        {
            null => Ask(Subjects.Box, "What carries this box?", "314.23(F)", "stub"),
            "one-plastic" => Fix(Subjects.Box, "The receptacle box stands on one plastic raceway.", "314.23(F)"),
            _ => Fine(Subjects.Box, "The box is carried.", "314.23(F)"),
        };
    }
}
