using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Planning.Remedies;
using JollyBarn.Practice.Houses;
using JollyBarn.Wiring;

namespace JollyBarn.Testing.Oracle;

/// <summary>A remedy that is said to settle a verdict, done, and the house gone over with instruments before and after.</summary>
/// <param name="Rule">Rule of the verdict.</param>
/// <param name="Remedy">Kind and way of the remedy.</param>
/// <param name="Worse">Points that are found worse.</param>
public sealed record RemedyTrial(string House, string Rule, string Remedy, IReadOnlyList<string> Worse);

/// <summary>Every remedy that settles, of many jobs.</summary>
public static class RemedyTrials
{
    /// <summary>Houses spoilt in every way.</summary>
    public static IEnumerable<(string Name, Job Job)> Spoilt(IEnumerable<int> seeds) =>
        from seed in seeds
        from kind in Enum.GetValues<SpoilKind>()
        let spoil = Spoil.Of(WiredHouse.Make(seed), kind, new Random((1000 * seed) + (int)kind))
        where spoil is not null
        select ($"house {seed}, {kind}", spoil.After);

    public static IEnumerable<RemedyTrial> Run(string name, Job job)
    {
        var before = new Lazy<Dictionary<string, string>>(() => HouseSign.Of(job));
        foreach (var (id, box) in job.Boxes)
        {
            foreach (var finding in Inspector.JudgeAll(job, id, box).Where(f => f.Verdict is Verdict.Stop or Verdict.Fix))
            {
                foreach (var weighed in RemedyList.Weigh(job, id, finding).Remedies.Where(r => r.Settles))
                {
                    var after = HouseSign.Of(weighed.Remedy.Edit.Apply(job));
                    yield return new(
                        $"{name}, {id}: {finding.Key}",
                        finding.Rule,
                        $"{weighed.Remedy.Kind}.{weighed.Remedy.Case}",
                        [.. HouseSign.Worse(before.Value, after)]
                    );
                }
            }
        }
    }
}
