using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>An outlet has arc-fault protection where the room asks it.</summary>
/// <remarks>NEC 210.12(A), 120 V up to 20 A, by the breakers its hots come from. What has stood as built stands; extending it over 6 ft or
/// adding an outlet asks it, 210.12(D).</remarks>
public sealed class AfciByRoom() : BoxRule("afci")
{
    public enum Case
    {
        NotAsked,
        Protected,
        AskUse,
        AskProtection,
        AskBuilt,
        StandsAsBuilt,
        Unprotected,
        SaidProtected,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var outlets = look.Devices.Where(d => d.Kind is { TwoHots: false, Electrical: true }).ToList();
        if (outlets.Count == 0 || look.Cables.Count == 0)
        {
            yield break;
        }

        var asked = look.Use is { } use ? ProtectionBook.Afci(use) : (bool?)null;
        var most = look.Limits.Number("afci.most");
        var hots = outlets.SelectMany(d => d.Kind.Points().Select(p => look.Sources.At(d.Id, d.Kind, p.Name))).ToList();
        var (known, open) = (look.BreakersOf(hots), BoxLook.OpenHots(hots));
        var small = known.Where(b => b.Amperes is null || b.Amperes <= most).ToList();
        bool? byBreaker =
            small.Exists(b => b.Kind is not (BreakerKind.Afci or BreakerKind.DualFunction or BreakerKind.Unknown)) && !open ? false
            : small.Count > 0 && !open && small.TrueForAll(b => b.Kind is BreakerKind.Afci or BreakerKind.DualFunction) ? true
            : null;
        var said = look.Read(WallFacts.AfciAhead);
        var met = byBreaker ?? said;
        var built = look.Read(WallFacts.AsBuilt);
        yield return Subjects.Box switch
        {
            var box when asked == false || (known.Count > 0 && small.Count == 0 && !open) => Fine(box, Case.NotAsked),
            var box when met == true => Fine(box, Case.Protected),
            var box when asked is null => Ask(box, Case.AskUse, [WallFacts.Use]),
            var box when met is null => Ask(box, Case.AskProtection, [WallFacts.AfciAhead]),
            var box when said == true => Fix(box, Case.SaidProtected),
            var box when built is null => Ask(box, Case.AskBuilt, [WallFacts.AsBuilt]),
            var box when built == true => Better(box, Case.StandsAsBuilt),
            var box => Fix(box, Case.Unprotected),
        };
    }
}
