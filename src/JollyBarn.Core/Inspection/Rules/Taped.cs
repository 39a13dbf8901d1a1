using JollyBarn.CodeBook;

namespace JollyBarn.Inspection.Rules;

/// <summary>Tape is round the terminals where the house wants it.</summary>
/// <remarks>Practice; the house chooses.</remarks>
public sealed class Taped() : BoxRule("taped", "Tape round terminals", "A bare ground folded against a screw finds it.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (!look.Practice.Says(PracticeBook.Tape, "metal") || look.Box.Material != BoxMaterial.Metal)
        {
            yield break;
        }

        foreach (var (id, _, _) in look.Devices.Where(d => d.Kind.Yoke && look.YesNo(d.Id, "taped") is not null))
        {
            yield return YesNo(look, id, "taped", true, $"No tape round the terminals of the {look.DeviceName(id)} in a metal box.", "practice", Verdict.Better) with { Practice = PracticeBook.Tape.Key };
        }
    }
}
