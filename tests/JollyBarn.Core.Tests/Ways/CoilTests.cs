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

    /// <summary>Up to 40 pieces: nothing is lost, no coil is cut beyond its end, and no more is bought than a hundredth over what no
    /// plan can
    /// beat, or else than one piece could spare.</summary>
    [Fact]
    public void Large_cases_hold_together_and_come_near_the_bound()
    {
        var random = new Random(11);
        var near = 0;
        for (var n = 0; n < 60; n++)
        {
            decimal[] pieces = [.. Enumerable.Range(0, random.Next(10, 41)).Select(_ => random.Next(30, 400) / 10m)];
            decimal[] coils = [.. Enumerable.Range(0, random.Next(2, 9)).Select(_ => random.Next(100, 2500) / 10m)];
            var plan = CoilCutting.Plan(pieces, coils);
            Holds(plan, pieces, coils);
            near += plan.Bought <= Math.Max(plan.Bound * 1.01m, plan.Bound + 1) ? 1 : 0;
        }

        Assert.True(near >= 57, $"{near} of 60 within a hundredth or a foot of the bound");
    }

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
