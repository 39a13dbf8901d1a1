using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A box does not stand out so that the plate cannot seat.</summary>
/// <remarks>Within 1/8 in is practice.</remarks>
public sealed class StandsOut() : BoxRule("proud", "Stands out", "A plate that cannot lie on the wall leaves a way in.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Tape(Subjects.Box, "proud") is { } proud)
        {
            yield return AtMost(look, Subjects.Box, proud, "box.proud", "Out of the wall", Verdict.Better);
        }
    }
}
