using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>An outdoor receptacle is within reach of the ground.</summary>
/// <remarks>NEC 210.52(E).</remarks>
public sealed class ReceptacleHeight() : BoxRule("height", "Height outdoors", "Who cannot reach it runs a cord through a door.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Use is "outdoors" && look.Receptacles.Count > 0 && look.Tape(Subjects.Box, "height") is { } height)
        {
            yield return AtMost(look, Subjects.Box, height, "box.height.outdoors", "Above the ground", Verdict.Better);
        }
    }
}
