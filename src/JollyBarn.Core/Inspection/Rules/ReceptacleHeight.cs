using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>An outdoor receptacle is within reach of the ground.</summary>
/// <remarks>NEC 210.52(E).</remarks>
public sealed class ReceptacleHeight() : BoxRule("height")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Use is RoomUse.Outdoors && look.Receptacles.Count > 0 && look.Read(WallFacts.Height) is { } height)
        {
            yield return AtMost(look, Subjects.Box, height, "box.height.outdoors", Verdict.Better);
        }
    }
}
