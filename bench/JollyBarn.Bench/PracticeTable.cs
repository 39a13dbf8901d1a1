using System.Diagnostics;
using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Practice;
using JollyBarn.Practice.Asked;
using JollyBarn.Practice.Hunted;
using JollyBarn.Practice.Made;
using JollyBarn.Practice.Spot;
using JollyBarn.Telling.Practised;
using JollyBarn.Tracing.Hunting;

namespace JollyBarn.Bench;

/// <summary>Items of practice by the thousand: how long one takes, whether each can be solved, holds just what was planted, and is no
/// other's twin; and how learners fare who see less.</summary>
internal static class PracticeTable
{
    private const int Items = 2000;

    /// <summary>One in so many hunts is played to its end.</summary>
    private const int Played = 11;

    private static readonly Edition[] Editions = Enum.GetValues<Edition>();

    public static void Print()
    {
        Console.WriteLine("| | Items | Median, ms | 95 %, ms | Largest, ms | Sound | Different |");
        Console.WriteLine("|---|---|---|---|---|---|---|");
        var spots = Row("boxes with mistakes", SpotDrill.Make, Exact, d => JobJson.Text(d.Job));
        Row("boxes to be counted", FillDrills.Make, Counted, d => string.Join('|', DrillTeller.Tell(d).Says));
        Row("sizes and choices", (seed, level, edition) => AskedItems.Size(seed, level, edition), Answered, Said);
        Row("sayings", AskedItems.Heard, Answered, Said);
        Row("testers read", (seed, level, edition) => TesterItems.Make(seed, level, edition), Answered, Said);
        var hunts = Row("hunts, one in eleven played", HuntDrill.Make, Won, d => JobJson.Text(d.Job) + d.Hidden.Fault.Key);
        Row("boxes to be made up", MakeDrill.Make, Makeable, d => JobJson.Text(d.Job));
        Learners(hunts);
        Console.WriteLine();
        Console.WriteLine("Of boxes with mistakes, all found by a learner who sees each mistake two times of three:");
        Console.WriteLine();
        Console.WriteLine("| Level | Mistakes | All found |");
        Console.WriteLine("|---|---|---|");
        var random = new Random(5);
        foreach (var level in spots.GroupBy(s => s.Level).OrderBy(g => g.Key))
        {
            var all = level.Count(d => d.Planted.All(_ => random.Next(3) > 0));
            Console.WriteLine(
                FormattableString.Invariant(
                    $"| {level.Key} | {level.Average(d => d.Planted.Count):0.0} | {100.0 * all / level.Count():0} % |"
                )
            );
        }

        Console.WriteLine();
        Console.WriteLine(
            FormattableString.Invariant($"{spots.SelectMany(s => s.Planted).Select(p => p.Mistake).Distinct().Count()} kinds of mistake, ")
                + FormattableString.Invariant(
                    $"{spots.SelectMany(s => s.Planted).SelectMany(p => p.Findings).Select(f => f.Rule).Distinct().Count()} rules broken."
                )
        );
    }

    private static List<T> Row<T>(string name, Func<int, int, Edition, T> make, Func<T, bool> sound, Func<T, string> text)
    {
        var (all, times) = (new List<T>(), new List<double>());
        for (var i = 0; i < Items; i++)
        {
            var from = Stopwatch.GetTimestamp();
            all.Add(make(i + 1, 1 + (i % 5), Editions[i % Editions.Length]));
            times.Add(Stopwatch.GetElapsedTime(from).TotalMilliseconds);
        }

        times.Sort();
        Console.WriteLine(
            FormattableString.Invariant($"| {name} | {Items} | {times[Items / 2]:0.0} | {times[Items * 95 / 100]:0.0} | {times[^1]:0} ")
                + FormattableString.Invariant($"| {all.Count(sound)} | {all.Select(text).Distinct().Count()} |")
        );
        return all;
    }

    private static bool Exact(SpotDrill drill) =>
        SpotDrill.Wrong(drill.Sound, drill.Box).Count == 0
        && SpotDrill
            .Wrong(drill.Job, drill.Box)
            .Select(f => f.Key)
            .Order(StringComparer.Ordinal)
            .SequenceEqual(drill.Planted.SelectMany(p => p.Findings).Select(f => f.Key).Order(StringComparer.Ordinal));

    /// <summary>Whether testing as the program does finds it within the budget.</summary>
    private static bool Won(HuntDrill drill)
    {
        if (drill.Seed % Played != 0)
        {
            return true;
        }

        var own = drill.Own();
        return drill.Bears(own) && Said(drill, own);
    }

    /// <summary>Whether the likeliest after some tests is what is hidden, or looks the same by every test.</summary>
    private static bool Said(HuntDrill drill, IReadOnlyList<HuntStep> made)
    {
        var likeliest = Suspects.Of(drill.Scene, drill.After(made), pairs: false).All.First(s => s.Suspect.Kind == SuspectKind.Fault);
        var asked = drill.Trials.Select(t => t.Asked).ToList();
        return Prediction.Same(Predicting.Of(drill.Scene, likeliest.Suspect, asked), Predicting.Of(drill.Scene, drill.Hidden.Fault, asked));
    }

    /// <summary>Somebody who tests whatever comes to hand, ten tests of those the budget bears, and then says what is likeliest.</summary>
    private static void Learners(IReadOnlyList<HuntDrill> hunts)
    {
        const int tests = 10;
        var random = new Random(9);
        Console.WriteLine();
        Console.WriteLine("Hunts, found by a learner who makes ten tests at random:");
        Console.WriteLine();
        Console.WriteLine("| Level | Boxes | Found |");
        Console.WriteLine("|---|---|---|");
        foreach (var level in hunts.Where(h => h.Seed % Played == 1).GroupBy(h => h.Level).OrderBy(g => g.Key))
        {
            var found = level.Count(drill =>
            {
                var made = new List<HuntStep>();
                for (var n = 0; n < tests; n++)
                {
                    var trial = drill.Trials[random.Next(drill.Trials.Count)];
                    if (drill.Bears(made, trial))
                    {
                        made.Add(drill.Next(made, trial));
                    }
                }

                return Said(drill, made);
            });
            Console.WriteLine(
                FormattableString.Invariant(
                    $"| {level.Key} | {level.Average(d => d.Scene.Boxes.Count):0.0} | {100.0 * found / level.Count():0} % |"
                )
            );
        }
    }

    /// <summary>Whether one way to make it up is right in everything, and apart it is not.</summary>
    private static bool Makeable(MakeDrill drill)
    {
        var (apart, sound) = (drill.Job.Boxes[drill.Box], drill.Sound.Boxes[drill.Box]);
        return MakeMarked.Of(drill, drill.Sound, [apart, sound]).Right && !MakeMarked.Of(drill, drill.Job, [apart]).Right;
    }

    private static bool Counted(FillDrill drill) => drill.Answer.Needed.IsExact && drill.Answer.Available.IsExact;

    private static bool Answered(AskedItem item) =>
        AskedTeller.Tell(item).Options is var options
        && options.Distinct().Count() == options.Count
        && AskedTeller.Tell(item, item.Right).Right;

    private static string Said(AskedItem item) => string.Join('|', [AskedTeller.Tell(item).Asks, .. AskedTeller.Tell(item).Given]);
}
