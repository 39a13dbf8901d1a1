using System.Diagnostics;
using System.Globalization;
using System.Text.Json;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.OpenFile;
using JollyBarn.Planning.Ways;
using JollyBarn.Practice.Houses;
using JollyBarn.Testing.Oracle;
using JollyBarn.Wiring;

namespace JollyBarn.Bench;

/// <summary>Ways: how long a wish takes, whether any way of many generated wishes brings what was not there, and cutting beside a
/// reference solver.</summary>
internal static class WayTable
{
    private const int Houses = 60;
    private const int Turns = 12;

    public static void Print(string demo, string cuts)
    {
        var job = JobFiles.Read(File.ReadAllBytes(demo)).File!.Present;
        Console.WriteLine("| Wish | Ways | Not | Built | First way, median, ms | All, median, ms | All, 95th percentile, ms |");
        Console.WriteLine("|---|---|---|---|---|---|---|");
        Wish[] wishes =
        [
            new(WishKind.MoreOutlets, "press-left", Place: "press"),
            new(WishKind.MoreOutlets, "porch", Place: "porch"),
            new(WishKind.MoreOutlets, "east-bed", Place: "east"),
            new(WishKind.AddDevice, "press-left"),
            new(WishKind.Bigger, "press-right"),
            new(WishKind.BoxForSplice, "drying"),
        ];
        foreach (var wish in wishes)
        {
            Row($"demo: {wish.Kind}, {job.Boxes[wish.Box!.Value].Name}", job, [wish]);
        }

        var large = LargeHouse.Make(1, 40, 300);
        Row(
            "300 boxes on 40 circuits: an outlet more, each of 12 boxes",
            large,
            [.. large.Boxes.Ids.Where((_, i) => i % 25 == 0).Select(b => new Wish(WishKind.MoreOutlets, b))]
        );
        Generated();
        Cutting(cuts);
    }

    private static void Row(string name, Job job, Wish[] wishes)
    {
        var shop = new StandInShop();
        var (times, firsts) = (new List<double>(), new List<double>());
        WayAnswer? last = null;
        for (var turn = 0; turn < Turns; turn++)
        {
            foreach (var wish in wishes)
            {
                var watch = Stopwatch.StartNew();
                double? first = null;
                last = WaySearch.Find(job, wish, shop, found: _ => first ??= watch.Elapsed.TotalMilliseconds);
                // The first turns compile and fill what is kept.
                if (turn > 1)
                {
                    times.Add(watch.Elapsed.TotalMilliseconds);
                    firsts.Add(first ?? watch.Elapsed.TotalMilliseconds);
                }
            }
        }

        times.Sort();
        firsts.Sort();
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"| {name} | {last!.Ways.Count} | {last.Rejected.Count} | {last.Looked} |"
                    + $" {firsts[firsts.Count / 2]:0} | {times[times.Count / 2]:0} | {times[times.Count * 95 / 100]:0} |"
            )
        );
    }

    /// <summary>Wishes of generated houses: what any of their ways brings, leaves unlanded, or does otherwise than was shown.</summary>
    private static void Generated()
    {
        var shop = new StandInShop();
        var (wishes, ways, brought, open, other, stays) = (0, 0, 0, 0, 0, 0);
        // Some as they should be, some spoilt, one thing in each.
        foreach (var house in Enumerable.Range(1, Houses).Select(WiredHouse.Make).Concat(RemedyTrials.Spoilt([1, 2]).Select(h => h.Job)))
        {
            var was = Bad(house);
            foreach (var (id, kind) in house.Boxes.Ids.SelectMany(b => Kinds.Select(k => (b, k))))
            {
                wishes++;
                foreach (var way in WaySearch.Find(house, new Wish(kind, id), shop, most: 4).Ways)
                {
                    ways++;
                    var after = way.Edit.Apply(house);
                    var now = Bad(after);
                    brought += now.Any(n => n.Value > was.GetValueOrDefault(n.Key)) ? 1 : 0;
                    stays += now.Count > 0 ? 1 : 0;
                    other += JobJson.Text(after) == JobJson.Text(way.After) ? 0 : 1;
                    open += after.Boxes.Where(b => !house.Boxes.Has(b.Key)).Any(b => b.Value.Leads.Values.Any(Unlanded)) ? 1 : 0;
                }
            }
        }

        Console.WriteLine();
        Console.WriteLine(
            "| Generated wishes | Ways | Bring a stop or fix | A lead left unlanded | Otherwise than shown | Older ones stay |"
        );
        Console.WriteLine("|---|---|---|---|---|---|");
        Console.WriteLine($"| {wishes} | {ways} | {brought} | {open} | {other} | {stays} |");
    }

    private static readonly WishKind[] Kinds =
    [
        WishKind.MoreOutlets,
        WishKind.AddDevice,
        WishKind.Bigger,
        WishKind.Protect,
        WishKind.ReplaceDevice,
    ];

    private static bool Unlanded(Lead lead) => lead.Lands.At is LandingAt.Loose or LandingAt.Unknown;

    /// <summary>Stops and fixes of every box, counted by what they are.</summary>
    private static Dictionary<(string, string, string), int> Bad(Job job) =>
        job
            .Boxes.SelectMany(b =>
                Inspector
                    .Judge(job, b.Key, b.Value)
                    .Where(f => f.Verdict is Verdict.Stop or Verdict.Fix)
                    .Select(f => (b.Key.Text, f.Rule, f.Case))
            )
            .CountBy(f => f)
            .ToDictionary();

    private sealed record Case(int[] Pieces, int[] Coils, int Bought, int Bound);

    private static void Cutting(string cuts)
    {
        var cases = JsonSerializer.Deserialize<List<Case>>(File.ReadAllText(cuts))!;
        var (times, over, equal) = (new List<double>(), 0.0, 0);
        foreach (var one in cases)
        {
            var watch = Stopwatch.StartNew();
            var plan = CoilCutting.Plan([.. one.Pieces.Select(p => p / 10m)], [.. one.Coils.Select(c => c / 10m)]);
            times.Add(watch.Elapsed.TotalMilliseconds);
            var best = one.Bought / 10m;
            equal += plan.Bought == best ? 1 : 0;
            over = Math.Max(over, best == 0 ? (double)plan.Bought : (double)(plan.Bought / best) - 1);
        }

        times.Sort();
        Console.WriteLine();
        Console.WriteLine(
            "| Cutting, up to 40 pieces | As the reference solver | Most over it | Median, ms | 95th percentile, ms | Longest, ms |"
        );
        Console.WriteLine("|---|---|---|---|---|---|");
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"| {cases.Count} cases | {equal} | {over * 100:0.0} % |"
                    + $" {times[times.Count / 2]:0.0} | {times[times.Count * 95 / 100]:0} | {times[^1]:0} |"
            )
        );
    }
}
