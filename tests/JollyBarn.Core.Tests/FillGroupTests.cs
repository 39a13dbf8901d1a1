using CsCheck;
using JollyBarn.CodeBook;
using JollyBarn.Fill;
using JollyBarn.Measures;

namespace JollyBarn.Core.Tests;

/// <summary>Cables are counted, not kinds of cable: how somebody groups what is in a box, or in which order it is typed, changes no line of
/// the sum.</summary>
public class FillGroupTests
{
    private static readonly Gen<PlainCable> Cables = Gen.Select(
        Gen.Int[1, 6],
        Gen.Int[0, 2].Select(i => 14 - (2 * i)),
        Gen.Int[1, 3],
        Gen.Int[0, 1],
        (count, gauge, conductors, grounds) => new PlainCable(count, Gauge.Awg(gauge), conductors, grounds)
    );

    /// <summary>314.16(B)(5) by hand. 2020 on: four grounds count one and each further a quarter; 2017: all count one. All of 14 AWG, 2.00
    /// in³.</summary>
    [Theory]
    [InlineData("3 14-2, 3 14-3", Edition.Nec2023, 33.0)] // 15 conductors, and 6 grounds as 1.5
    [InlineData("4 14-2, 4 14-2", Edition.Nec2023, 36.0)] // 16, and 8 grounds as 2
    [InlineData("8 14-2", Edition.Nec2023, 36.0)]
    [InlineData("2 14-2, 2 14-2", Edition.Nec2023, 18.0)] // 8, and 4 as 1
    [InlineData("2 14-2, 3 14-2", Edition.Nec2020, 22.5)] // 10, and 5 as 1.25
    [InlineData("4 14-2, 4 14-2", Edition.Nec2017, 34.0)] // 16, and 8 as 1
    public void Groups_alike_are_counted_one_by_one(string groups, Edition edition, decimal needed)
    {
        var cables = groups
            .Split(", ")
            .Select(g => g.Split(' '))
            .Select(g => new PlainCable(
                int.Parse(g[0], System.Globalization.CultureInfo.InvariantCulture),
                Gauge.Awg(14),
                int.Parse(g[1][3..], System.Globalization.CultureInfo.InvariantCulture)
            ));
        Assert.Equal(VolumeSpan.Exactly(Volume.Of(needed)), Count(cables, edition).Needed);
    }

    [Fact]
    public void Splitting_a_group_or_typing_it_in_another_order_changes_no_line() =>
        Gen.Select(Cables.Array[1, 5], Gen.Int, Gen.Enum<Edition>())
            .Sample(
                (groups, seed, edition) =>
                {
                    var random = new Random(seed);
                    var apart = groups
                        .SelectMany(g => Split(g, random))
                        .Select(g => (g, Turn: random.Next()))
                        .OrderBy(g => g.Turn)
                        .Select(g => g.g)
                        .ToList();
                    var (one, other) = (Count(groups, edition), Count(apart, edition));
                    Assert.Equal(one.Needed, other.Needed);
                    Assert.Equal(Lines(one), Lines(other));
                },
                iter: 400
            );

    /// <summary>One cable more never asks for less, however many are there alike.</summary>
    [Fact]
    public void One_more_of_a_kind_that_is_there_already_asks_for_more() =>
        Gen.Select(Cables.Array[1, 4], Cables)
            .Sample(
                (groups, more) =>
                {
                    var before = Count(groups, Edition.Nec2023).Needed;
                    Assert.True(Count([.. groups, more], Edition.Nec2023).Needed.Low > before.Low);
                    Assert.True(Count([.. groups, groups[0]], Edition.Nec2023).Needed.Low > before.Low);
                },
                iter: 200
            );

    private static IEnumerable<PlainCable> Split(PlainCable group, Random random)
    {
        for (var left = group.Count; left > 0; )
        {
            var some = random.Next(1, left + 1);
            left -= some;
            yield return group with
            {
                Count = some,
            };
        }
    }

    private static FillAnswer Count(IEnumerable<PlainCable> cables, Edition edition)
    {
        var box = new PlainBox
        {
            Kind = "nm-2g-32",
            Cables = [.. cables],
            Clamps = ClampStyle.Outside,
            Edition = edition,
        };
        Assert.Null(box.Check());
        return BoxFill.Evaluate(box.Read(), box.Profile(), box.House());
    }

    private static IEnumerable<(FillKind, Gauge?, decimal, decimal)> Lines(FillAnswer fill) =>
        fill.Lines.Select(l => (l.Kind, l.Gauge, l.Low, l.Volume.Low.CubicInches)).Order();
}
