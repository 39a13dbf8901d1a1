using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Telling.Facts;
using JollyBarn.Terms;

namespace JollyBarn.Core.Tests;

/// <summary>Facts are typed: each reads its own answers and no other.</summary>
public class FactTests
{
    public static TheoryData<string> Ids() => [.. FactKeys.All.Select(f => f.Id)];

    [Theory]
    [MemberData(nameof(Ids))]
    public void Each_fact_has_words_and_a_name_for_every_answer(string id)
    {
        var fact = FactKeys.Find(id)!;
        var choices = FactWords.Choices(fact);
        Assert.EndsWith("?", FactWords.Of(fact).Asks, StringComparison.Ordinal);
        Assert.Equal(fact.Answers, choices.Select(c => c.Value));
        Assert.Equal(choices.Count, choices.Select(c => c.Name).Distinct().Count());
        Assert.Equal(fact.Type == FactType.Length, FactWords.Of(fact).Picture is not null);
        Assert.Equal(fact.Type == FactType.Number, fact.Unit is not null);
    }

    [Fact]
    public void Answers_of_files_are_read_as_what_they_mean()
    {
        Assert.Equal(Stub.OnePlastic, BoxFacts.CarriedBy.Parse("one-plastic"));
        Assert.Equal(WetCover.InUse, DeviceFacts.WetCover.Parse("in-use"));
        Assert.Equal(Finish.DoesNot, WallFacts.Finish.Parse("does-not"));
        Assert.True(WallFacts.GfciAhead.Parse("yes"));
        Assert.Equal(Length.Inches(2, 7, 8), LeadFacts.Length.Parse("2 7/8"));
        Assert.Equal(1500m, DeviceFacts.Watts.Parse("1500"));
    }

    [Theory]
    [InlineData("Yes")]
    [InlineData("perhaps")]
    [InlineData("")]
    public void What_is_no_answer_is_none(string text)
    {
        Assert.Null(BoxFacts.Held.Parse(text));
        Assert.Null(BoxFacts.BondScrew.Parse(text));
        Assert.Null(DeviceFacts.Watts.Parse(text));
        Assert.Null(LeadFacts.Length.Parse(text));
    }

    /// <summary>The ids stand in files and logs: none may change.</summary>
    [Fact]
    public void Ids_in_files_stay()
    {
        string[] kept =
        [
            "use",
            "gfci-ahead",
            "bond-screw",
            "sheath",
            "fastener",
            "length",
            "tail-length",
            "joint-listed",
            "self-ground",
            "load-how",
            "far-load-long",
            "written",
            "purpose",
            "ground-tested",
            "cable-mark",
            "keep-on",
        ];
        Assert.Empty(kept.Except(FactKeys.All.Select(f => f.Id)));
        Assert.Equal(121, FactKeys.All.Count);
    }

    /// <summary>314.16(B)(5) was (B) alone before 2020: a row holds from its edition until its last one.</summary>
    [Fact]
    public void An_article_holds_in_its_editions_only()
    {
        var now = ArticleBook.For(Edition.Nec2023);
        Assert.Equal("314.29", now.Of("accessible"));
        Assert.Equal("210.12(A), (D)", now.Of("afci.StandsAsBuilt"));
        Assert.True(now.Asks("accessible"));
        Assert.True(now.Asks("pigtail-length"));
        Assert.Null(now.Of("pigtail-length"));
    }
}
