using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Receptacles of a dwelling are tamper-resistant.</summary>
/// <remarks>NEC 406.12: not over 5 1/2 ft, nor a two-slot replacement. A replacement is of the kind required today, 406.4(D).</remarks>
public sealed class TamperResistant() : BoxRule("tamper", "Tamper-resistant", "A child with a key.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        const string article = "406.12";
        foreach (var (id, _, kind) in look.Receptacles.Where(r => r.Kind.Id is not ("receptacle-two-slot" or "range-receptacle")))
        {
            var height = look.Tape(Subjects.Box, "height");
            var high = height is { } h ? h > look.Limits.Inches("box.height.tamper") : (bool?)null;
            var tamper = look.YesNo(id, "tamper");
            var built = look.YesNo(Subjects.Box, "as-built");
            yield return high == true || (look.Use is { } use && !ProtectionBook.Tamper(look.Edition, use)) ? Fine(id, "Tamper resistance is not asked here.", article)
                : tamper == true ? Fine(id, $"The {look.DeviceName(id)} is tamper-resistant.", article)
                : tamper is null ? Ask(id, $"Is the {look.DeviceName(id)} tamper-resistant?", article, "tamper")
                : high is null || look.Use is null || built is null
                    ? AskOf(id, $"The {look.DeviceName(id)} is not tamper-resistant. How high is it, and has it stood as built?", article, [.. look.Use is null ? [new FactAsked(Subjects.Box, "use")] : Array.Empty<FactAsked>(), .. high is null ? [new FactAsked(Subjects.Box, "height")] : Array.Empty<FactAsked>(), .. built is null ? [new FactAsked(Subjects.Box, "as-built")] : Array.Empty<FactAsked>()])
                : built == true ? Better(id, $"The {look.DeviceName(id)} is not tamper-resistant; it stands as built, until it is replaced.", "406.12, 406.4(D)(5)")
                : Fix(id, $"The {look.DeviceName(id)} is not tamper-resistant.", article);
        }
    }
}
