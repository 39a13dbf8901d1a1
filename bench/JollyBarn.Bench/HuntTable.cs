using System.Diagnostics;
using JollyBarn.Electrics;
using JollyBarn.OpenFile;
using JollyBarn.Testing;
using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Bench;

/// <summary>How long it takes to weigh suspects and to choose a test, and how hunts for hidden faults end.</summary>
internal static class HuntTable
{
    private const int Hunts = 1000;

    public static void Print(string file, string covers)
    {
        var demo = JobFiles.Read(File.ReadAllBytes(file)).File!.Present;
        Console.WriteLine("| | Median, ms | Largest, ms | |");
        Console.WriteLine("|---|---|---|---|");
        var row = SmallHouse.Rows(1, 12);
        Row("suspects of a 12-box row, singles, six observations", 10, () => Of(row, pairs: false));
        Row("the same with pairs", 5, () => Of(row, pairs: true));
        Row("next test of the same, from nothing known", 5, () =>
        {
            var suspects = Of(row, pairs: false);
            var from = Stopwatch.GetTimestamp();
            NextTrial.Of(suspects, Means.Usual);
            return Stopwatch.GetElapsedTime(from);
        });
        var house = SmallHouse.Rows(12, 8);
        Row("fault table and fewest tests, 12 circuits of 8 boxes", 3, () => Acceptance.Of(house, null, Means.Usual));
        Row("fewest tests of the demo", 3, () => Acceptance.Of(demo, null, Means.Usual));
        Console.WriteLine();
        Hunt();
        Trees();
        Covers(covers);
    }

    /// <summary>Tests asked for against the best tree, where no look errs.</summary>
    private static void Trees()
    {
        Job[] houses =
        [
            SmallHouse.Rows(1, 2),
            SmallHouse.Rows(1, 3),
            SmallHouse.Rows(1, 4),
            SmallHouse.Rows(1, 6),
            TroubledHouse.PushedThrough(4),
            TroubledHouse.YardPost(),
            TroubledHouse.TwoWire(),
        ];
        var all = houses.SelectMany(j => TreeOfTests.All(Scene.Of(j, []), Means.Usual with { Opens = false })).ToList();
        Console.WriteLine();
        Console.WriteLine(
            FormattableString.Invariant($"Tests asked for against the best tree that can be, {all.Count} first looks, boxes closed: ")
                + FormattableString.Invariant($"{all.Sum(t => t.Ours) / all.Sum(t => t.Best):0.00} times, ")
                + FormattableString.Invariant($"at most {all.Max(t => t.Ours / t.Best):0.00} times.")
        );
    }

    /// <summary>Fewest tests against the best known of a reference solver.</summary>
    private static void Covers(string file)
    {
        var all = KnownCovers.Read(file);
        var more = all.Select(k => SetCover.Of(k.Sets, _ => 1).Count - k.Best).ToList();
        Console.WriteLine();
        Console.WriteLine(
            $"Fewest tests against Google OR-Tools 9.15, {all.Count} tables, {all.Count(k => k.Best == k.Bound)} of them proved best: "
                + $"{more.Count(m => m == 0)} the same, at most {more.Max()} more."
        );
    }

    private static void Hunt()
    {
        Console.WriteLine($"{Hunts} hidden faults, a tenth of the readings and a twentieth of the words wrong:");
        Console.WriteLine();
        Console.WriteLine("| Circuit | Noticed | Hidden one first | Among three | Tests | Openings | Halving by hand, openings |");
        Console.WriteLine("|---|---|---|---|---|---|---|");
        (string Name, Job Job)[] circuits =
        [
            ("row of 8, pigtails", SmallHouse.Rows(1, 8)),
            ("row of 12, pigtails", SmallHouse.Rows(1, 12)),
            ("row of 8, through push-in holes", TroubledHouse.PushedThrough(8)),
            ("yard post behind a protective receptacle", TroubledHouse.YardPost()),
            ("old two-wire", TroubledHouse.TwoWire()),
        ];
        foreach (var (name, job) in circuits)
        {
            var tally = new HuntTally(Scene.Of(job, []), Means.Usual, new Random(18));
            for (var n = 0; n < Hunts / circuits.Length; n++)
            {
                tally.One(0.1, 0.05);
            }

            Console.WriteLine(
                FormattableString.Invariant(
                    $"| {name} | {tally.Noticed} | {Share(tally.First, tally):0.0} % | {Share(tally.Third, tally):0.0} % "
                )
                    + FormattableString.Invariant(
                        $"| {tally.Each(tally.Tests):0.0} | {tally.Each(tally.Openings):0.0} | {tally.Each(tally.Halved):0.0} |"
                    )
            );
        }
    }

    private static double Share(int of, HuntTally tally) => 100 * tally.Each(of);

    /// <summary>Suspects of a row whose last boxes are dead, from six looks.</summary>
    private static Suspects Of(Job row, bool pairs)
    {
        var complaint = new Complaint("half of it is dead", "Ines", "2026-10-01T08:00:00Z");
        for (var n = 0; n < 6; n++)
        {
            var box = $"b0.{2 * n}";
            var look = new Look(LookKind.Outlet, Points.Face(box, "d", "upperhot"), Points.Face(box, "d", "upperneutral"));
            // The third is dead between two that work: no one fault does that.
            var shows = n is 2 or > 3 ? SeenCase.Dead : SeenCase.Works;
            complaint = complaint with
            {
                Observed = complaint.Observed.With($"o{n}", new Observed(look, shows, "Ines", $"2026-10-01T08:0{n}:00Z")),
            };
        }

        return Suspects.Of(Scene.Of(row, []), complaint, pairs);
    }

    private static void Row(string name, int times, Func<object> act)
    {
        act();
        var each = new List<double>();
        for (var i = 0; i < times; i++)
        {
            var from = Stopwatch.GetTimestamp();
            each.Add((act() is TimeSpan alone ? alone : Stopwatch.GetElapsedTime(from)).TotalMilliseconds);
        }

        each.Sort();
        Console.WriteLine(FormattableString.Invariant($"| {name} | {each[each.Count / 2]:0} | {each[^1]:0} | |"));
    }
}
