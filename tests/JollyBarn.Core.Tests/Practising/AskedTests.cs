using JollyBarn.CodeBook;
using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Practice;
using JollyBarn.Practice.Asked;
using JollyBarn.Telling.Practised;

namespace JollyBarn.Core.Tests.Practising;

/// <summary>Questions made from the code book, and sayings weighed by the rules.</summary>
public class AskedTests
{
    private static readonly Edition[] Editions = Enum.GetValues<Edition>();

    /// <summary>Each made once for all that look at them.</summary>
    private static readonly Lazy<IReadOnlyList<AskedItem>> Sizes = new(() =>
        [
            .. from level in Enumerable.Range(1, 5)
            from seed in Enumerable.Range(1, 100)
            select AskedItems.Size(seed, level, Editions[seed % Editions.Length]),
        ]
    );

    /// <summary>What sayings are worth, by their articles, from memory of NEC 2017, 2020 and 2023: 314.17 asks at least 1/4 in of
    /// sheath, and
    /// its exception for boxes without clamps 8 in; 240.4(D) looks at the copper and not the sheath; 406.4(D)(2) names three ways;
    /// 200.7(C)
    /// speaks of cables; 314.16(B)(5) counts from the fifth ground on since 2020; 314.20; 110.14(D) took other means than a tool in 2020;
    /// 210.8(A)(5) left finished basements out until 2020.</summary>
    [Theory]
    [InlineData(Saying.SheathQuarterAtMost, Truth.False, "314.17")]
    [InlineData(Saying.FirstStapleTwelveAnyBox, Truth.False, "314.17 exception")]
    [InlineData(Saying.StapleWithinEight, Truth.Stricter, "334.30")]
    [InlineData(Saying.YellowMeansTwenty, Truth.False, "240.4(D)")]
    [InlineData(Saying.FourTwelvesFit, Truth.True, "314.16")]
    [InlineData(Saying.OnlyProtectiveReplacesTwoSlot, Truth.Stricter, "406.4(D)(2)")]
    [InlineData(Saying.TapedWhiteAnywhere, Truth.False, "200.7(C)")]
    [InlineData(Saying.GroundsCountOnce, Truth.ByEdition, "314.16(B)")]
    [InlineData(Saying.PushInTakesTwelve, Truth.False, "110.14(A)")]
    [InlineData(Saying.CoverScrewBonds, Truth.False, "250.8(A), 250.148(C)")]
    [InlineData(Saying.QuarterBehindAnyWall, Truth.False, "314.20")]
    [InlineData(Saying.NeverThroughTheDevice, Truth.Stricter, "practice")]
    [InlineData(Saying.CalibratedToolOnly, Truth.ByEdition, "110.14(D)")]
    [InlineData(Saying.GaugesNeverMixed, Truth.Stricter, "practice")]
    [InlineData(Saying.FinishedBasementNeedsNone, Truth.ByEdition, "210.8(A)")]
    [InlineData(Saying.TwoUnderOneScrew, Truth.False, "110.14(A)")]
    [InlineData(Saying.ExactlyFullFits, Truth.True, "314.16")]
    [InlineData(Saying.ThinSwitchLeg, Truth.False, "240.4(D)")]
    [InlineData(Saying.SixInchesFree, Truth.True, "300.14")]
    [InlineData(Saying.BareTwistedGrounds, Truth.False, "110.14(B)")]
    public void A_saying_is_worth_what_its_article_says(Saying saying, Truth truth, string article)
    {
        var judged = Sayings.Judge(saying, Edition.Nec2023);
        Assert.Equal(truth, judged.Truth);
        Assert.StartsWith(article, new Telling.Teller(judged.House, judged.Box).Article(judged.Shown), StringComparison.Ordinal);
    }

    /// <summary>NEC 314.16(B)(5) of 2017 counts all grounds once; 210.8(A)(5) of 2017 names unfinished basements; 110.14(D) of 2017 a
    /// calibrated tool.</summary>
    [Theory]
    [InlineData(Saying.GroundsCountOnce)]
    [InlineData(Saying.FinishedBasementNeedsNone)]
    [InlineData(Saying.CalibratedToolOnly)]
    public void What_changed_with_an_edition_was_true_before(Saying saying)
    {
        Assert.Equal(Truth.True, Sayings.Judge(saying, Edition.Nec2017).Here);
        Assert.NotEqual(Truth.True, Sayings.Judge(saying, Edition.Nec2020).Here);
    }

    /// <summary>Ampacity of small copper by 240.4(D), grounds by Table 250.122, from memory: a 15 A breaker takes 14, 20 takes 12, 30
    /// takes
    /// 10; a ground of 10 does up to 60.</summary>
    [Theory]
    [InlineData(AskedKind.WireFor, 15, "14")]
    [InlineData(AskedKind.WireFor, 20, "12")]
    [InlineData(AskedKind.WireFor, 30, "10")]
    [InlineData(AskedKind.WireFor, 40, "8")]
    [InlineData(AskedKind.GroundFor, 20, "12")]
    [InlineData(AskedKind.GroundFor, 30, "10")]
    [InlineData(AskedKind.GroundFor, 60, "10")]
    public void The_thinnest_wire_and_ground_of_a_breaker_are_those_of_the_tables(AskedKind kind, int amperes, string awg)
    {
        var items = Sizes.Value.Where(i => i.Kind == kind && i.Amperes == amperes).ToList();
        Assert.NotEmpty(items);
        Assert.All(items, i => Assert.Equal(awg, i.Options[i.Right]));
    }

    /// <summary>300.14: 6 in from the sheath, and 3 in past an opening under 8 in: from 3 in deep on the second governs.</summary>
    [Fact]
    public void A_lead_is_as_long_as_its_depth_asks()
    {
        var items = Sizes.Value.Where(i => i.Kind == AskedKind.LeadFor).ToList();
        Assert.Contains(items, i => i.Deep <= 3);
        Assert.Contains(items, i => i.Deep > 3);
        Assert.All(items, i => Assert.Equal(i.Deep <= 3 ? 6 : i.Deep + 3, decimal.Parse(i.Options[i.Right], Invariant)));
    }

    private static readonly System.Globalization.CultureInfo Invariant = System.Globalization.CultureInfo.InvariantCulture;

    /// <summary>Of the boxes on offer the right one holds it, and none smaller does.</summary>
    [Fact]
    public void The_box_is_the_smallest_that_holds_it()
    {
        var items = Sizes.Value.Where(i => i.Kind == AskedKind.BoxFor).ToList();
        Assert.NotEmpty(items);
        foreach (var item in items)
        {
            var fits = item.Options.Where(o => Fit(item, o) != JollyBarn.Fill.Fit.Over).ToList();
            Assert.Equal(item.Options[item.Right], fits.MinBy(o => BoxKinds.Find(o)!.Volume));
        }
    }

    private static Fit Fit(AskedItem item, string kind)
    {
        var box = item.Inside!.Box with { Kind = kind, Mark = null, Parts = [] };
        return BoxFill.Evaluate(box.Read(), box.Profile(), box.House()).Fit;
    }

    /// <summary>Every question has its answer among those on offer, once; no two answers read alike; the right one is marked right,
    /// any other
    /// not, and its skill comes back.</summary>
    [Fact]
    public void Every_question_can_be_answered_and_is_marked()
    {
        var items = Sizes
            .Value.Where((_, n) => n % 4 == 0)
            .Concat(Enumerable.Range(1, 20).Select(n => AskedItems.Heard(n, 1, Editions[n % 3])))
            .Concat(Enumerable.Range(1, 20).Select(n => TesterItems.Make(n, 1 + (n % 5), Editions[n % 3])))
            .ToList();
        foreach (var item in items)
        {
            var told = AskedTeller.Tell(item);
            Assert.InRange(told.Options.Count, 2, 8);
            Assert.Equal(told.Options.Count, told.Options.Distinct().Count());
            Assert.EndsWith(
                item.Kind == AskedKind.House ? "."
                    : item.Kind == AskedKind.BoxFor ? "this?"
                    : "",
                told.Asks,
                StringComparison.Ordinal
            );
            for (var i = 0; i < told.Options.Count; i++)
            {
                var marked = AskedTeller.Tell(item, i);
                Assert.Equal(i == item.Right, marked.Right);
                Assert.Equal(item.Right, marked.Answer);
                Assert.NotEmpty(marked.Why);
                Assert.NotEmpty(marked.Article);
                Assert.Equal(i == item.Right ? Grade.Good : Grade.Again, Assert.Single(marked.Skills).Grade);
            }
        }

        Assert.Equal(Enum.GetValues<AskedKind>().Length, items.Select(i => i.Kind).Distinct().Count());
        Assert.Equal(Text(items[0]), Text(AskedItems.Size(items[0].Seed, items[0].Level, items[0].Edition)));
        static string Text(AskedItem item) => string.Join('|', AskedTeller.Tell(item).Options.Prepend(AskedTeller.Tell(item).Asks));
    }

    /// <summary>Where the choice of a leads' connector is in doubt the smallest that grips them is right: two 14 take the small one,
    /// five 12
    /// the large, <em>practice</em>, from memory of what packages list.</summary>
    [Fact]
    public void A_connector_is_the_smallest_that_takes_the_leads()
    {
        var items = Sizes.Value.Where(i => i.Kind == AskedKind.ConnectorFor).ToList();
        Assert.All(items.Where(i => i.Leads.Count == 2 && i.Leads.All(g => g == Gauge.Awg(14))), i =>
            Assert.Equal("twist-on-small", i.Options[i.Right])
        );
        Assert.All(items.Where(i => i.Leads.Count == 5 && i.Leads.All(g => g == Gauge.Awg(12))), i =>
            Assert.Equal("twist-on-large", i.Options[i.Right])
        );
        Assert.True(items.Select(i => i.Right).Distinct().Count() >= 3);
    }
}
