using JollyBarn.OpenFile;
using JollyBarn.Testing.Oracle;

namespace JollyBarn.Bench;

/// <summary>Every remedy that is said to settle a verdict, of spoilt houses and of the demo job, done and gone over with
/// instruments.</summary>
internal static class RemedyTable
{
    private const int Seeds = 120;

    /// <param name="demo">The demo job's file.</param>
    public static void Print(string demo)
    {
        var present = JobFiles.Shipped(File.ReadAllBytes(demo)).Present;
        var trials = RemedyTrials
            .Spoilt(Enumerable.Range(1, Seeds))
            .SelectMany(h => RemedyTrials.Run(h.Name, h.Job))
            .Select(t => (Of: "houses", Trial: t))
            .Concat(RemedyTrials.Run("demo", present).Select(t => (Of: "demo", Trial: t)))
            .ToList();
        Console.WriteLine("| Remedy | In spoilt houses | In the demo | Something found worse |");
        Console.WriteLine("|---|---|---|---|");
        foreach (var way in trials.GroupBy(t => t.Trial.Remedy).OrderBy(g => g.Key))
        {
            Console.WriteLine(
                $"| {way.Key} | {way.Count(t => t.Of == "houses")} | {way.Count(t => t.Of == "demo")} "
                    + $"| {way.Count(t => t.Trial.Worse.Count > 0)} |"
            );
        }

        Console.WriteLine();
        Console.WriteLine($"{trials.Count} remedies in all.");
        foreach (var (_, trial) in trials.Where(t => t.Trial.Worse.Count > 0))
        {
            Console.WriteLine($"- {trial.Remedy} of {trial.House}: {string.Join("; ", trial.Worse.Take(2))}");
        }
    }
}
