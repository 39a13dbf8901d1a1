using JollyBarn.CodeBook;
using JollyBarn.Practice;
using JollyBarn.Practice.Sheets;
using JollyBarn.Telling.Practised;

namespace JollyBarn.Core.Tests.Practising;

/// <summary>Sheets for a class: own numbers for each, the same kinds, and answers that the marking takes for right.</summary>
public class SheetTests
{
    private static readonly SheetAsk Ask = new(
        [SheetKind.Count, SheetKind.Numbers, SheetKind.Heard, SheetKind.Behind],
        2,
        4,
        11,
        Edition.Nec2020
    );

    /// <summary>Twenty-five learners have the same kinds in the same order and no two the same sheet; the same seed gives them
    /// again.</summary>
    [Fact]
    public void Each_learner_has_own_numbers_of_the_same_kinds()
    {
        var all = Enumerable.Range(1, 25).Select(l => SheetTeller.Tell(Ask, l)).ToList();
        var kinds = PracticeSheet.Of(Ask, 1).Select(i => i.Kind).ToList();
        Assert.All([2, 25], l => Assert.Equal(kinds, PracticeSheet.Of(Ask, l).Select(i => i.Kind)));
        Assert.Equal(25, all.Select(s => string.Join('|', s.Items.SelectMany(i => i.Given.Prepend(i.Asks)))).Distinct().Count());
        Assert.Equal(Text(all[6]), Text(SheetTeller.Tell(Ask, 7)));
        Assert.NotEqual(Text(all[6]), Text(SheetTeller.Tell(Ask with { Seed = 12 }, 7)));
    }

    private static string Text(ToldSheet sheet) => string.Join('|', sheet.Items.SelectMany(i => i.Options.Concat(i.Given).Prepend(i.Asks)));

    /// <summary>What the answer sheet says is what marking calls right: the option, and each line and the sum of a count.</summary>
    [Fact]
    public void The_answer_sheet_agrees_with_marking()
    {
        foreach (var learner in Enumerable.Range(1, 5))
        {
            var (items, told) = (PracticeSheet.Of(Ask, learner), SheetTeller.Tell(Ask, learner));
            foreach (var (item, answer) in items.Zip(told.Answers))
            {
                if (item.Asked is { } asked)
                {
                    Assert.True(AskedTeller.Tell(asked, answer.Option!.Value).Right);
                    continue;
                }

                var drill = item.Count!;
                var right = new FillTry(
                    [.. drill.Rows.Select(r => new RowTry(r, drill.Right(r)))],
                    drill.Needed,
                    drill.Available,
                    drill.Answer.Fit
                );
                Assert.True(DrillTeller.Tell(drill, FillMarked.Of(drill, right), []).Right);
                Assert.Equal(drill.Rows.Count, answer.Sum.Count);
                Assert.Null(answer.Option);
            }
        }
    }

    /// <summary>No question stands twice on a sheet while there are others.</summary>
    [Fact]
    public void No_saying_stands_twice_on_a_sheet()
    {
        var sayings = new SheetAsk([SheetKind.Heard], 1, 10, 3, Edition.Nec2023);
        Assert.Equal(10, SheetTeller.Tell(sayings, 1).Items.Select(i => i.Asks).Distinct().Count());
    }
}
