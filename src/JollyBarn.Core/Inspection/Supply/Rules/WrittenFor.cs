using JollyBarn.Terms;

namespace JollyBarn.Inspection.Supply.Rules;

/// <summary>The directory says what each breaker feeds, and tells it from every other.</summary>
/// <remarks>NEC 408.4(A): clear, evident and specific. An empty slot and a breaker that feeds nothing are spare.</remarks>
public sealed class WrittenFor() : PanelRule("directory")
{
    public enum Case
    {
        Nothing,
        Vague,
        Clear,
        Twice,
        Reads,
        Ask,
    }

    public override IEnumerable<Finding> Judge(PanelLook look)
    {
        foreach (var breaker in look.Panel.Breakers)
        {
            var of = breaker.Key;
            var same = breaker.Says is { } says ? look.Panel.Breakers.FirstOrDefault(b => b.Key != of && Alike(b.Says, says)) : null;
            (string, object?)[] details = [("breaker", look.Named(breaker)), ("says", breaker.Says)];
            yield return look.Read(SupplyFacts.Written, of) switch
            {
                Written.Nothing => Fix(of, Case.Nothing, details),
                Written.Vague => Fix(of, Case.Vague, details),
                Written.Clear => Fine(of, Case.Clear, details),
                _ when same is not null => Fix(of, Case.Twice, [.. details, ("other", look.Named(same))]),
                _ when breaker.Says is not null => Fine(of, Case.Reads, details),
                _ => Ask(of, Case.Ask, [SupplyFacts.Written], details),
            };
        }
    }

    private static bool Alike(string? a, string b) => string.Equals(a?.Trim(), b.Trim(), StringComparison.OrdinalIgnoreCase);
}
