using JollyBarn.CodeBook;

namespace JollyBarn.Inspection.Rules;

/// <summary>Not more sheath inside than the house wants.</summary>
/// <remarks>Practice; the house chooses.</remarks>
public sealed class SheathLong() : BoxRule("sheath-long", "Long sheath", "Long sheath takes room and stiffens the fold.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Practice.Says(PracticeBook.Sheath, "any"))
        {
            yield break;
        }

        foreach (var cable in look.Cables)
        {
            if (look.Tape(cable.Id, "sheath") is { } sheath)
            {
                yield return AtMost(look, cable.Id, sheath, "cable.sheath.house", $"Sheath inside, {BoxLook.CableName(cable)}", Verdict.Better) with { Ids = cable.Leads, Practice = PracticeBook.Sheath.Key };
            }
        }
    }
}
