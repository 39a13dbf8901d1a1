using JollyBarn.Planning.Ways;
using JollyBarn.Telling;
using JollyBarn.Telling.Phrases;
using JollyBarn.Telling.Ways;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests.Ways;

/// <summary>Wishes in words, what of them cannot be, and the words of their ways.</summary>
public sealed class WishTests
{
    /// <summary>As people say it: common practice.</summary>
    [Theory]
    [InlineData("more outlets here", WishKind.MoreOutlets)]
    [InlineData("Wire cut", WishKind.MendCable)]
    [InlineData("light without a box", WishKind.BoxForSplice)]
    [InlineData("make it a two gang", WishKind.AddDevice)]
    [InlineData("outside", WishKind.MoreOutlets)]
    [InlineData("the saw went through a cable", WishKind.MendCable)]
    [InlineData("this box is full", WishKind.Bigger)]
    [InlineData("wires are too short", WishKind.LongerLeads)]
    [InlineData("two-slot receptacles upstairs", WishKind.Protect)]
    [InlineData("replace the cracked switch", WishKind.ReplaceDevice)]
    [InlineData("the heater wants its own circuit", WishKind.NewBreaker)]
    [InlineData("make it up", WishKind.MakeUpBox)]
    public void Free_words_find_the_wish(string said, WishKind kind) => Assert.Equal(kind, WishWords.Find(said)[0]);

    [Fact]
    public void Words_that_mean_nothing_find_nothing() => Assert.Empty(WishWords.Find("lunch"));

    public static TheoryData<Why, string, Wish> Refused { get; } =
        new()
        {
            { Why.Missing, "box", new Wish(WishKind.Bigger, "none") },
            { Why.Missing, "run", new Wish(WishKind.MendCable, Run: "none") },
            { Why.Missing, "place", new Wish(WishKind.MoreOutlets, "b", Place: "none") },
            { Why.Missing, "device", new Wish(WishKind.AddDevice, "b", Device: "kettle") },
            { Why.Missing, "of", new Wish(WishKind.ReplaceDevice, "b", Of: "none") },
            {
                Why.Missing,
                "panel",
                new Wish(WishKind.NewBreaker) { Panel = "none" }
            },
            {
                Why.WishAmperes,
                "amperes",
                new Wish(WishKind.NewBreaker) { Amperes = 400 }
            },
            {
                Why.Missing,
                "line",
                new Wish(WishKind.Bigger, "b") { Line = new("none", "none") }
            },
            { Why.WishNeeds, "box", new Wish(WishKind.Bigger) },
            { Why.WishNeeds, "run", new Wish(WishKind.MendCable, "b") },
            {
                Why.WishLength,
                "away",
                new Wish(WishKind.MoreOutlets, "b")
                {
                    Away = new Dictionary<string, Measures.Length> { ["b"] = Measures.Length.Inches(12_001) },
                }
            },
            {
                Why.WishWeight,
                "weights",
                new Wish(WishKind.MoreOutlets, "b") { Weights = new Dictionary<string, decimal> { ["way.rate"] = -1 } }
            },
        };

    [Theory]
    [MemberData(nameof(Refused))]
    public void A_wish_that_cannot_be_is_refused_for_its_reason(Why why, string field, Wish wish)
    {
        var refusal = WishCheck.Of(SmallHouse.Receptacle(), wish);
        Assert.Equal((why, field), (refusal?.Why, refusal?.Field));
        Assert.Matches(@"^[A-Z""].*[.!]$", refusal!.Tell().Says);
    }

    /// <summary>Every way and every rejection of every wish of the demo is told in whole sentences.</summary>
    [Fact]
    public void Ways_and_rejections_are_told_in_words()
    {
        var shop = new StandInShop();
        Wish[] wishes =
        [
            new(WishKind.MoreOutlets, "press-left", Place: "press"),
            new(WishKind.MoreOutlets, "kettle", Place: "porch"),
            new(WishKind.AddDevice, "press-left"),
            new(WishKind.Bigger, "press-right"),
            new(WishKind.BondBox, "press-right"),
            new(WishKind.BoxForSplice, "drying"),
        ];
        foreach (var wish in wishes)
        {
            var told = ToldWays.Tell(Demo.Present, wish, WaySearch.Find(Demo.Present, wish, shop), shop);
            Assert.NotEmpty(told.Ways);
            Assert.All(told.Ways, w => Assert.Matches("^[A-Z0-9]", w.Title));
            Assert.All(told.Ways.SelectMany(w => w.Parts), p =>
                Assert.True(PartId.Read(p.Part) is { } part && PartWords.Of(part) == p.Name && p.Name != part.Kind, p.Part)
            );
            Assert.All(told.Ways, w => Assert.Equal(w.Worth, w.Score.Sum(s => s.Worth)));
            Assert.All(told.Rejected, r => Assert.Matches(@"^[A-Z0-9].*[.)]$", r.Why));
            Assert.True(told.Ways.Count < 2 || told.Between!.EndsWith('.'));
        }
    }
}
