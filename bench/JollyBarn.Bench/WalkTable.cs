using JollyBarn.CodeBook;
using JollyBarn.Testing;
using JollyBarn.Tracing;

namespace JollyBarn.Bench;

/// <summary>Finding breakers in hidden houses, half of whose card is blank or wrong: costs beside the best there can be.</summary>
internal static class WalkTable
{
    private const int Houses = 100;

    public static void Print()
    {
        var costs = WalkCosts.Of(HousePractice.Default);
        Console.WriteLine(
            "| One box, walking alone | Looks | Breakers thrown | Cost, s | Huffman's tree, s | Ratio |"
                + " Its throws free, s | Ratio | Found |"
        );
        Console.WriteLine("|---|---|---|---|---|---|---|---|---|");
        foreach (var breakers in new[] { 12, 20, 30, 40 })
        {
            var (looks, thrown, tests, throws, found) = (0, 0, 0.0, 0.0, 0);
            foreach (var seed in Enumerable.Range(1, Houses))
            {
                var (job, truth) = HiddenHouse.Make(new Random(seed), breakers, 1);
                var hunt = HiddenHouse.Hunt(job, "o0", [truth["o0"]], -1);
                (looks, thrown) = (looks + hunt.Looks, thrown + hunt.Thrown);
                found += hunt.Found is [var one] && one == truth["o0"] ? 1 : 0;
                // Exact answers, every set allowed, by how likely each is from the card: no order of looks needs fewer on the average.
                double[] weights = [.. BreakerRank.Of(job, "o0").Select(r => r.Weight)];
                var tree = Huffman.Of([.. weights.Select(w => w / weights.Sum())]);
                (tests, throws) = (tests + tree.Tests, throws + tree.Throws);
            }

            var cost = (looks * (costs.Walk + costs.Look)) + (thrown * costs.Throw);
            var free = tests * (costs.Walk + costs.Look);
            var best = free + (throws * costs.Throw);
            Console.WriteLine(
                $"| {breakers} breakers | {looks / (double)Houses:0.0} | {thrown / (double)Houses:0.0} | {cost / Houses:0} |"
                    + $" {best / Houses:0} | {cost / best:0.00} | {free / Houses:0} | {cost / free:0.00} | {found} of {Houses} |"
            );
        }

        Console.WriteLine();
        Console.WriteLine(
            "| Whole house, 2 % of looks wrong | Walks | One breaker at a time | Fewer by | Looks an outlet | Right maps | Right outlets |"
        );
        Console.WriteLine("|---|---|---|---|---|---|---|");
        foreach (var (breakers, outlets) in new[] { (12, 40), (20, 60), (30, 80), (40, 120) })
        {
            var (walks, looks, maps, right) = (0, 0, 0, 0);
            foreach (var seed in Enumerable.Range(1, Houses))
            {
                var (job, truth) = HiddenHouse.Make(new Random(seed), breakers, outlets);
                var (end, took, seen) = HiddenHouse.Walk(job, truth, new Random(1000 + seed), 0.02);
                var good = end.Known.Count(k => k.Feeding is [var one] && one == truth[k.Box]);
                (walks, looks, right) = (walks + took, looks + seen, right + good);
                maps += good == outlets ? 1 : 0;
            }

            var each = walks / (double)Houses;
            Console.WriteLine(
                $"| {breakers} breakers, {outlets} outlets | {each:0.0} | {breakers} | {breakers / each:0.0} |"
                    + $" {looks / (double)(Houses * outlets):0.0} | {maps} of {Houses} | {100.0 * right / (Houses * outlets):0.00} % |"
            );
        }
    }
}
