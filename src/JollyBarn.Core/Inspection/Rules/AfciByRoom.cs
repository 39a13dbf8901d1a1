using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>An outlet has arc-fault protection where the room asks it.</summary>
/// <remarks>NEC 210.12(A), 120 V up to 20 A. What has stood as built stands; extending it over 6 ft or adding an outlet asks it, 210.12(D).</remarks>
public sealed class AfciByRoom() : BoxRule("afci", "AFCI by room", "A loose joint behind a bed arcs for hours before it trips anything else.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        const string article = "210.12(A)";
        if (look.Devices.Count == 0 || look.Cables.Count == 0)
        {
            yield break;
        }

        var asked = look.Use is { } use ? ProtectionBook.Afci(use) : (bool?)null;
        var most = look.Limits.Number("afci.most");
        var breakers = look.Cables.Select(c => look.BreakerOf(c.Run.Circuit)).OfType<Breaker>().ToList();
        var met = breakers.Count > 0 && breakers.TrueForAll(b => b.Kind is BreakerKind.Afci or BreakerKind.DualFunction) ? true : look.YesNo(Subjects.Box, "afci-ahead");
        var built = look.YesNo(Subjects.Box, "as-built");
        yield return asked == false || breakers.Exists(b => b.Amperes > most) ? Fine(Subjects.Box, "No arc-fault protection is asked here.", article)
            : met == true ? Fine(Subjects.Box, "Arc-fault protected.", article)
            : asked is null ? Ask(Subjects.Box, "What is the room used as? Arc-fault protection goes by it.", article, "use")
            : met is null ? Ask(Subjects.Box, "The room asks arc-fault protection: is there any?", article, "afci-ahead")
            : built is null ? Ask(Subjects.Box, "No arc-fault protection, and the room asks it: has it stood as built?", article, "as-built")
            : built == true ? Better(Subjects.Box, "No arc-fault protection; it stands as built, until it is extended by an outlet or over 6 ft.", "210.12(A), (D)")
            : Fix(Subjects.Box, "No arc-fault protection, and the room asks it.", article);
    }
}
