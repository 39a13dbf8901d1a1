using System.Text.Json;
using JollyBarn.Planning.Ways;

namespace JollyBarn.Core.Tests.Ways;

/// <summary>Cutting from coils and offcuts, held against trying every assignment, and against what no plan can beat.</summary>
public sealed class CoilTests
{
    [Fact]
    public void An_offcut_that_fits_is_used_up_before_a_coil_is_begun()
    {
        var plan = CoilCutting.Plan([12, 8], [100, 20.5m]);
        Assert.Equal(0, plan.Bought);
        Assert.Equal([1], plan.Cuts.Select(c => c.Coil));
        Assert.Equal(0.5m, plan.Cuts[0].Left);
    }

    [Fact]
    public void What_no_coil_holds_is_bought_and_the_rest_is_not()
    {
        var plan = CoilCutting.Plan([40, 6, 5], [12]);
        Assert.Equal(40, plan.Bought);
        Assert.Equal([1, 2], plan.Cuts.Single(c => c.Coil == 0).Pieces.Order());
    }

    /// <summary>Every assignment of up to seven pieces to up to three coils or to new cable.</summary>
    [Fact]
    public void Small_cases_buy_no_more_and_open_no_more_than_the_best_of_all()
    {
        var random = new Random(7);
        for (var n = 0; n < 120; n++)
        {
            decimal[] pieces = [.. Enumerable.Range(0, random.Next(1, 8)).Select(_ => random.Next(20, 300) / 10m)];
            decimal[] coils = [.. Enumerable.Range(0, random.Next(1, 4)).Select(_ => random.Next(50, 600) / 10m)];
            var plan = CoilCutting.Plan(pieces, coils);
            Holds(plan, pieces, coils);
            var (bought, opened) = Best(pieces, coils);
            Assert.Equal(bought, plan.Bought);
            Assert.True(plan.Opened <= opened, $"case {n}: {plan.Opened} coils begun, {opened} would do");
        }
    }

    /// <summary>200 cases of up to 40 pieces, with the least that has to be bought as Google OR-Tools 9.15 (CP-SAT) found it
    /// (<c>bench/reference-cuts</c>): within a hundredth of it. Every fifth here; all of them in <c>bench/run --long</c>.</summary>
    [Fact]
    public void Large_cases_buy_hardly_more_than_a_reference_solver_does()
    {
        var over = new List<string>();
        foreach (var (one, n) in Kept.Value.Select((c, i) => (c, i)).Where(c => c.i % 5 == 0))
        {
            decimal[] pieces = [.. one.Pieces.Select(p => p / 10m)];
            decimal[] coils = [.. one.Coils.Select(c => c / 10m)];
            var plan = CoilCutting.Plan(pieces, coils);
            Holds(plan, pieces, coils);
            if (plan.Bought > one.Bought / 10m * 1.01m)
            {
                over.Add($"{n}: {plan.Bought} against {one.Bought / 10m}");
            }
        }

        Assert.Equal(200, Kept.Value.Count);
        Assert.True(over.Count == 0, string.Join("; ", over));
    }

    private sealed record Case(int[] Pieces, int[] Coils, int Bought, int Bound);

    private static readonly Lazy<IReadOnlyList<Case>> Kept = new(() =>
        JsonSerializer.Deserialize<List<Case>>(File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "Data", "coil-best.json")))!
    );

    private static void Holds(CoilPlan plan, decimal[] pieces, decimal[] coils)
    {
        Assert.Equal(Enumerable.Range(0, pieces.Length), plan.Cuts.SelectMany(c => c.Pieces).Order());
        Assert.All(plan.Cuts.Where(c => c.Coil >= 0), c => Assert.True(c.Pieces.Sum(p => pieces[p]) <= coils[c.Coil]));
        Assert.Equal(plan.Cuts.Where(c => c.Coil < 0).SelectMany(c => c.Pieces).Sum(p => pieces[p]), plan.Bought);
        Assert.True(plan.Bought >= plan.Bound);
    }

    private static (decimal Bought, int Opened) Best(decimal[] pieces, decimal[] coils)
    {
        var best = (Bought: decimal.MaxValue, Opened: int.MaxValue);
        var room = (decimal[])coils.Clone();
        void Try(int piece, decimal bought)
        {
            if (piece == pieces.Length)
            {
                var opened = room.Zip(coils).Count(r => r.First < r.Second);
                if (bought < best.Bought || (bought == best.Bought && opened < best.Opened))
                {
                    best = (bought, opened);
                }

                return;
            }

            for (var c = 0; c < coils.Length; c++)
            {
                if (room[c] >= pieces[piece])
                {
                    room[c] -= pieces[piece];
                    Try(piece + 1, bought);
                    room[c] += pieces[piece];
                }
            }

            Try(piece + 1, bought + pieces[piece]);
        }

        Try(0, 0);
        return best;
    }
}
