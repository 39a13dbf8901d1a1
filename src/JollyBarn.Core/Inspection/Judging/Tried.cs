namespace JollyBarn.Inspection.Judging;

/// <summary>Rules run so that one that fails stops none of the others.</summary>
public static class Tried
{
    /// <summary>Hears of a rule that failed: its id, the thing it judged, and how.</summary>
    public static event Action<string, string, Exception>? Failed;

    /// <summary>What a rule finds; where it fails, what it found until then and that it could not be judged.</summary>
    /// <param name="at">What is judged, for whoever looks into it.</param>
    /// <param name="of">The subject the failure is told of.</param>
    internal static IEnumerable<Finding> Judge<TRule>(TRule rule, string at, string of, Func<TRule, IEnumerable<Finding>> judge)
        where TRule : Rule
    {
        using var found = Begun(rule, at, judge);
        while (true)
        {
            Finding next;
            try
            {
                if (found is null)
                {
                    next = rule.NotJudged(of);
                }
                else if (found.MoveNext())
                {
                    next = found.Current;
                }
                else
                {
                    yield break;
                }
            }
            catch (Exception problem) when (Survives(problem))
            {
                Failed?.Invoke(rule.Id, at, problem);
                next = rule.NotJudged(of);
            }

            yield return next;
            if (next.Is(rule.Id, Usual.NotJudged))
            {
                yield break;
            }
        }
    }

    /// <summary>Tells of a failure outside the rules themselves.</summary>
    internal static void Tell(string rule, string at, Exception problem) => Failed?.Invoke(rule, at, problem);

    private static IEnumerator<Finding>? Begun<TRule>(TRule rule, string at, Func<TRule, IEnumerable<Finding>> judge)
        where TRule : Rule
    {
        try
        {
            return judge(rule).GetEnumerator();
        }
        catch (Exception problem) when (Survives(problem))
        {
            Failed?.Invoke(rule.Id, at, problem);
            return null;
        }
    }

    private static bool Survives(Exception problem) => problem is not OutOfMemoryException;
}
