using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>An outlet has arc-fault protection where the room asks it.</summary>
/// <remarks>NEC 210.12(A), 120 V up to 20 A. What has stood as built stands; extending it over 6 ft or adding an outlet asks it,
/// 210.12(D).</remarks>
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
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (look.Devices.Count == 0 || look.Cables.Count == 0)
        {
            yield break;
        }

        var asked = look.Use is { } use ? ProtectionBook.Afci(use) : (bool?)null;
        var most = look.Limits.Number("afci.most");
        var breakers = look.Cables.Select(c => look.BreakerOf(c.Run.Circuit)).OfType<Breaker>().ToList();
        var byBreaker = breakers.Count > 0 && breakers.TrueForAll(b => b.Kind is BreakerKind.Afci or BreakerKind.DualFunction);
        var met = byBreaker ? true : look.Read(WallFacts.AfciAhead);
        var built = look.Read(WallFacts.AsBuilt);
        yield return Subjects.Box switch
        {
            var box when asked == false || breakers.Exists(b => b.Amperes > most) => Fine(box, Case.NotAsked),
            var box when met == true => Fine(box, Case.Protected),
            var box when asked is null => Ask(box, Case.AskUse, [WallFacts.Use]),
            var box when met is null => Ask(box, Case.AskProtection, [WallFacts.AfciAhead]),
            var box when built is null => Ask(box, Case.AskBuilt, [WallFacts.AsBuilt]),
            var box when built == true => Better(box, Case.StandsAsBuilt),
            var box => Fix(box, Case.Unprotected),
        };
    }
}
