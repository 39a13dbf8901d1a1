using JollyBarn.CodeBook;
using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Practice;

namespace JollyBarn.Core.Tests.Practising;

/// <summary>Boxes to be counted, and counts that are marked line by line.</summary>
public class FillDrillTests
{
    private static readonly Edition[] Editions = Enum.GetValues<Edition>();

    private static IEnumerable<FillDrill> Many(int seeds) =>
        from level in Enumerable.Range(1, FillDrills.Levels)
        from edition in Editions
        from seed in Enumerable.Range(1, seeds)
        select FillDrills.Make(seed, level, edition);

    /// <summary>Nothing is left unknown, the right count is marked right, a seed gives its box again, and another seed another.</summary>
    [Fact]
    public void Every_box_can_be_counted_and_the_right_count_is_marked_right()
    {
        var all = Many(40).ToList();
        Assert.All(all, d => Assert.Contains(d.Answer.Fit, new[] { Fit.Fits, Fit.ExactlyFull, Fit.Over }));
        Assert.All(all, d => Assert.True(d.Answer.Needed.IsExact && d.Answer.Available.IsExact && d.Answer.Asks.Count == 0, $"{d.Seed}"));
        Assert.All(all, d => Assert.Equal((null, d.Rows.Count + 3), (FillMarked.Of(d, Right(d)).Wrong, FillMarked.Of(d, Right(d)).Steps)));
        Assert.All(all, d => Assert.Equal(Said(d), Said(FillDrills.Make(d.Seed, d.Level, d.Box.Edition))));
        var different = all.Where(d => d.Level >= 3).Select(Said).Distinct().Count();
        Assert.True(different >= 0.95 * all.Count(d => d.Level >= 3), $"{different}");
        Assert.All(Enum.GetValues<Fit>().Take(3), f => Assert.Contains(all, d => d.Answer.Fit == f));
    }

    /// <summary>314.16(B), worked by hand. Two 14-2 with ground, clamps inside, one receptacle, box marked 18: four conductors 8.00, clamps
    /// 2.00, receptacle 4.00, grounds 2.00, together 16.00, and it fits with 2.00 left. One 12-2 more in the same box: 4 × 2.00 + 2 × 2.25,
    /// clamps 2.25, receptacle on 14 AWG 4.00, three grounds 2.25: 21.00, and it does not.</summary>
    [Theory]
    [InlineData(0, 16.00, Fit.Fits)]
    [InlineData(1, 21.00, Fit.Over)]
    public void A_sum_worked_by_hand_is_marked_right(int twelves, double sum, Fit fit)
    {
        var cables = new List<PlainCable> { new(2, Gauge.Awg(14), 2) };
        if (twelves > 0)
        {
            cables.Add(new(twelves, Gauge.Awg(12), 2));
        }

        var drill = new FillDrill(
            0,
            1,
            new()
            {
                Cables = cables,
                Clamps = ClampStyle.Internal,
                Devices = [new(1, "receptacle", null, Gauge.Awg(14))],
                Mark = Volume.Of(18),
            },
            0,
            null
        );
        var thick = twelves > 0 ? 2.25m : 2.00m;
        List<RowTry> rows =
        [
            new(new(FillKind.Conductors, 14), new(4, 2.00m)),
            new(new(FillKind.Clamps), new(1, thick)),
            new(new(FillKind.Device), new(2, 2.00m)),
            new(new(FillKind.Grounds), new(1, thick)),
        ];
        if (twelves > 0)
        {
            rows.Add(new(new(FillKind.Conductors, 12), new(2, 2.25m)));
        }

        Assert.Null(FillMarked.Of(drill, new(rows, (decimal)sum, 18, fit)).Wrong);
    }

    /// <summary>Each misstep planted in boxes where it changes something is found at its line, and named.</summary>
    [Fact]
    public void Every_misstep_is_recognised_where_it_was_made()
    {
        var all = Many(30).ToList();
        var (seen, alone) = (new HashSet<Misstep>(), new HashSet<Misstep>());
        foreach (var misstep in Enum.GetValues<Misstep>())
        {
            foreach (var (drill, tried, step) in all.SelectMany(d => Planted(d, misstep)).Take(12))
            {
                var marked = FillMarked.Of(drill, tried);
                Assert.Equal(step, marked.Wrong);
                Assert.Contains(misstep, marked.Behind);
                seen.Add(misstep);
                if (marked.Behind.Count == 1)
                {
                    alone.Add(misstep);
                }
            }
        }

        Assert.Equal(Enum.GetValues<Misstep>(), seen.Order());
        Assert.True(alone.Count >= 30, string.Join(", ", seen.Except(alone)));
    }

    /// <summary>A learner who falls into each misstep that a line leaves open three times in a hundred gets fewer boxes right the higher
    /// the level.</summary>
    [Fact]
    public void The_label_of_difficulty_rises_with_what_learners_get_wrong()
    {
        var random = new Random(19);
        var right = Enumerable
            .Range(1, FillDrills.Levels)
            .Select(level => Enumerable.Range(1, 200).Count(seed => Learns(FillDrills.Make(seed, level, Edition.Nec2023), random)))
            .ToList();
        Assert.Equal(right.OrderDescending(), right);
        Assert.True(right[0] > 1.5 * right[^1], string.Join(", ", right));
    }

    private static bool Learns(FillDrill drill, Random random) =>
        drill.Rows.All(row =>
            Enum.GetValues<Misstep>().Where(m => Missteps.Of(m, drill, row) is not null).All(_ => random.NextDouble() > 0.03)
        );

    private static FillTry Right(FillDrill drill) =>
        new([.. drill.Rows.Select(r => new RowTry(r, drill.Right(r)))], drill.Needed, drill.Available, drill.Answer.Fit);

    private static IEnumerable<(FillDrill, FillTry, FillStep)> Planted(FillDrill drill, Misstep misstep)
    {
        var right = Right(drill);
        foreach (var row in drill.Rows)
        {
            if (Missteps.Of(misstep, drill, row) is { } wrong)
            {
                List<RowTry> rows = [.. right.Rows.Select(r => r.Row == row ? new RowTry(row, wrong) : r)];
                var sum = drill.Needed - drill.Right(row).Volume + wrong.Volume;
                yield return (drill, right with { Rows = rows, Needed = sum }, FillStep.Line);
            }
        }

        var mark = drill.Box.Mark!.Value.CubicInches;
        (FillTry Tried, FillStep Step)? planted = misstep switch
        {
            Misstep.SumWrong => (right with { Needed = drill.Needed + 0.25m }, FillStep.Sum),
            Misstep.TableForMark when drill.TableVolume is { } table && table != mark => (
                right with
                {
                    Available = table,
                },
                FillStep.Available
            ),
            Misstep.RingForgotten when drill.Available > mark => (right with { Available = mark }, FillStep.Available),
            Misstep.FullForOver when drill.Answer.Fit == Fit.ExactlyFull => (right with { Fit = Fit.Over }, FillStep.Verdict),
            Misstep.OverForFits when drill.Answer.Fit == Fit.Over => (right with { Fit = Fit.Fits }, FillStep.Verdict),
            _ => null,
        };
        if (planted is { } one)
        {
            yield return (drill, one.Tried, one.Step);
        }
    }

    private static string Said(FillDrill drill) =>
        System.Text.Json.JsonSerializer.Serialize(
            new
            {
                Cables = drill.Box.Cables.Select(c => (c.Count, c.Gauge.Number, c.Conductors, c.Form).ToString()),
                Devices = drill.Box.Devices.Select(d => d.ToString()),
                Mark = drill.Box.Mark.ToString(),
                drill.Pigtails,
                drill.Box.Clamps,
                drill.Box.Studs,
            }
        );
}
