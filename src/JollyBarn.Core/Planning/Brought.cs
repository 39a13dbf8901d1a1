using JollyBarn.Inspection;

namespace JollyBarn.Planning;

/// <summary>What a state brings that another did not have.</summary>
internal static class Brought
{
    /// <summary>Stops and fixes there are then and not now: by what they are, each as often as it is more; those of a subject that had
    /// none before come first.</summary>
    public static IReadOnlyList<Finding> By(IReadOnlyList<Finding> now, IReadOnlyList<Finding> then)
    {
        var had = now.ToLookup(f => (f.Rule, f.Case), f => f.Of);
        return
        [
            .. then.Where(f => f.Verdict is Verdict.Stop or Verdict.Fix)
                .GroupBy(f => (f.Rule, f.Case))
                .SelectMany(g => g.OrderBy(f => had[g.Key].Contains(f.Of)).Take(Math.Max(0, g.Count() - had[g.Key].Count())))
                .OrderBy(f => f.Verdict),
        ];
    }
}
