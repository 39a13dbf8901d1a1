using JollyBarn.CodeBook;
using JollyBarn.Practice.Made;
using JollyBarn.Practice.Sheets;
using JollyBarn.Practice.Spot;
using JollyBarn.Telling;
using JollyBarn.Telling.Practised;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests.Practising;

/// <summary>Boxes on paper and on the wall: drawn, with what a learner has to know and nothing of what is asked.</summary>
public class PaperTests
{
    private static SheetAsk Ask(int level, params SheetKind[] kinds) => new(kinds, level, 3, 5, Edition.Nec2020);

    /// <summary>On paper there is a line for each mistake, and the answers are what the rules say of each; no answer to choose from is
    /// given away.</summary>
    [Theory]
    [InlineData(1)]
    [InlineData(4)]
    public void A_box_to_look_over_is_drawn_with_a_line_for_each_mistake(int level)
    {
        var sheet = SheetTeller.Tell(Ask(level, SheetKind.Spot), 2);
        foreach (var (item, answer) in sheet.Items.Zip(sheet.Answers))
        {
            var drill = SpotDrill.Make(item.Picture!.Seed, level, Edition.Nec2020);
            Assert.Equal(drill.Planted.Count, item.Lines);
            Assert.Equal(drill.Planted.Count, answer.Sum.Count);
            Assert.Null(answer.Option);
            var says = drill.Planted.SelectMany(p => new Teller(drill.Job, drill.Box).Tell(p.Findings)).Select(f => f.Says).ToList();
            Assert.All(answer.Sum, a => Assert.Contains(says, s => a.StartsWith(s, StringComparison.Ordinal)));
            Assert.DoesNotContain(item.Given, g => says.Contains(g));
        }

        Assert.Equal(sheet.Items.Count, sheet.Items.Select(i => i.Picture!.Seed).Distinct().Count());
    }

    /// <summary>On the wall one of the answers is a rule the box breaks, and the box breaks none of the others.</summary>
    [Fact]
    public void On_the_wall_one_answer_is_so()
    {
        var wall = SheetTeller.Tell(Ask(3, SheetKind.Spot) with { Items = 8 }, 0);
        foreach (var (item, answer) in wall.Items.Zip(wall.Answers))
        {
            var drill = SpotDrill.Make(item.Picture!.Seed, 3, Edition.Nec2020);
            var broken = SpotDrill.Wrong(drill.Job, drill.Box).Select(f => Teller.RuleName(f.Rule)).ToHashSet();
            Assert.Equal(item.Options[answer.Option!.Value], Assert.Single(item.Options, broken.Contains));
            Assert.Equal(4, item.Options.Distinct().Count());
        }

        Assert.True(wall.Answers.Select(a => a.Option).Distinct().Count() > 1);
    }

    /// <summary>What a close look shows stands on paper only where a mistake may be one of those; what is printed on a cable always
    /// does.</summary>
    [Fact]
    public void What_is_seen_close_up_is_told_where_it_is_asked()
    {
        int Longest(int level) => SheetTeller.Tell(Ask(level, SheetKind.Spot), 1).Items.Max(i => i.Given.Max(g => g.Length));
        Assert.True(Longest(1) < 80, $"{Longest(1)}");
        Assert.True(Longest(3) > 100, $"{Longest(3)}");
        Assert.All(SheetTeller.Tell(Ask(1, SheetKind.Spot), 1).Items, i =>
            Assert.Contains(i.Given, g => g.Contains("-2, ", StringComparison.Ordinal) || g.Contains("-3, ", StringComparison.Ordinal))
        );
    }

    [Fact]
    public void A_box_to_be_made_up_is_drawn_apart_and_its_answer_made()
    {
        var sheet = SheetTeller.Tell(Ask(2, SheetKind.Make, SheetKind.Hunt), 1);
        var (item, answer) = (sheet.Items[0], sheet.Answers[0]);
        Assert.Equal(ExerciseKind.Make, item.Picture!.Kind);
        Assert.False(item.Picture.Made);
        Assert.True(answer.Picture!.Made);
        Assert.Equal(MakeTeller.Tell(MakeDrill.Make(item.Picture.Seed, 2, Edition.Nec2020)).Wishes, item.Given.SkipLast(1));

        // No paper plays a hunt.
        Assert.Null(sheet.Items[1].Picture);
        Assert.NotEmpty(sheet.Items[1].Asks);
    }
}
