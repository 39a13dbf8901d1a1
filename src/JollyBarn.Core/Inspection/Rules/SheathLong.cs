using JollyBarn.CodeBook;
using JollyBarn.Terms;

namespace JollyBarn.Inspection.Rules;

/// <summary>Not more sheath inside than the house wants.</summary>
/// <remarks>Practice; the house chooses.</remarks>
public sealed class SheathLong() : BoxRule("sheath-long")
{
    public override bool OfBoxes => true;

    public override IEnumerable<Finding> Judge(BoxLook look) =>
        from cable in look.Cables
        where !look.Practice.Says(PracticeBook.Sheath, "any")
        let sheath = look.Read(CableFacts.Sheath, cable.Id)
        where sheath is not null
        select AtMost(look, cable.Id, sheath.Value, "cable.sheath.house", Verdict.Better, ("cable", cable.Thing))
            .Pointing(cable.Leads)
            .By(PracticeBook.Sheath);
}
