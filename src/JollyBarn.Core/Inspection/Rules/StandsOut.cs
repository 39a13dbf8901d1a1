using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A box does not stand out so that the plate cannot seat.</summary>
/// <remarks>Within 1/8 in is practice.</remarks>
public sealed class StandsOut() : BoxRule("proud")
{
    public override bool OfBoxes => true;

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Read(WallFacts.Proud) is { } proud)
        {
            yield return AtMost(look, Subjects.Box, proud, "box.proud", Verdict.Better);
        }
    }
}
