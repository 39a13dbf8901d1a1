using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection;

/// <summary>One check, of a box, a circuit or a panel.</summary>
/// <param name="id">Stable id.</param>
/// <param name="name">A few words for lists.</param>
/// <param name="why">One plain sentence: what goes wrong otherwise.</param>
public abstract class Rule(string id, string name, string why)
{
    public string Id => id;

    public string Name => name;

    public string Why => why;

    protected Finding Fine(string of, string says, string article, params string[] ids) => new(id, of, Verdict.Fine, says, article, ids.Length == 0 ? Pointing(of) : ids);

    protected Finding Fix(string of, string says, string article, params string[] ids) => new(id, of, Verdict.Fix, says, article, ids.Length == 0 ? Pointing(of) : ids);

    protected Finding Better(string of, string says, string article, params string[] ids) => new(id, of, Verdict.Better, says, article, ids.Length == 0 ? Pointing(of) : ids);

    /// <param name="now">What to do now, in order.</param>
    protected Finding Stop(string of, string says, string article, IReadOnlyList<string> now, params string[] ids) => new(id, of, Verdict.Stop, says, article, ids.Length == 0 ? Pointing(of) : ids) { Now = now };

    /// <summary>Cannot tell: asks facts about the thing itself.</summary>
    protected Finding Ask(string of, string says, string article, params string[] keys) => AskOf(of, says, article, [.. keys.Select(k => new FactAsked(of, k))]);

    /// <summary>Cannot tell: asks facts about this or other things.</summary>
    protected Finding AskOf(string of, string says, string article, IReadOnlyList<FactAsked> asks, params string[] ids) => new(id, of, Verdict.Measure, says, article, ids.Length == 0 ? Pointing(of) : ids) { Asks = asks };

    /// <summary>A yes-or-no fact that has one right answer.</summary>
    protected Finding YesNo(Look look, string of, string key, bool right, string wrong, string article, Verdict verdict = Verdict.Fix) => look.YesNo(of, key) switch
    {
        null when look.DoesNotApply(of, key) => Fine(of, "Does not apply.", article),
        null => Ask(of, FactKinds.Find(key)!.Asks, article, key),
        { } answer when answer == right => Fine(of, FactKinds.Find(key)!.Asks + (answer ? " Yes." : " No."), article),
        _ => new(id, of, verdict, wrong, article, Pointing(of)),
    };

    /// <summary>A length against a limit that it may not pass.</summary>
    protected Finding AtMost(Look look, string of, Length value, string limitKey, string what, Verdict verdict = Verdict.Fix)
    {
        var limit = look.Limits[limitKey];
        var most = look.Limits.Inches(limitKey);
        return value <= most
            ? Fine(of, $"{what}: {value}, {most} at most.", limit.Article)
            : new Finding(id, of, verdict, $"{what}: {value}; {most} at most.", limit.Article, Pointing(of)) { Sum = $"{value} − {most} = {value - most} too much" };
    }

    /// <summary>A length against a limit it must reach.</summary>
    protected Finding AtLeast(Look look, string of, Length value, string limitKey, string what, Verdict verdict = Verdict.Fix)
    {
        var limit = look.Limits[limitKey];
        var least = look.Limits.Inches(limitKey);
        return value >= least
            ? Fine(of, $"{what}: {value}, {least} needed.", limit.Article)
            : new Finding(id, of, verdict, $"{what}: {value}; {least} needed.", limit.Article, Pointing(of)) { Sum = $"{least} − {value} = {least - value} short" };
    }

    private static string[] Pointing(string of) => of is Subjects.Box or Subjects.Circuit or Subjects.Panel ? [] : [of];
}
