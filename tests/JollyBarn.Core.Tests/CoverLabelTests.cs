using JollyBarn.Connection.Sheet;
using JollyBarn.Edits;
using JollyBarn.Practice.Houses;
using JollyBarn.Telling;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>What stands inside a cover (common practice): where to switch off, all of it where several feed the box, by colour.</summary>
public sealed class CoverLabelTests
{
    [Fact]
    public void One_circuit_is_named_without_colours_and_one_that_was_not_followed_with_a_question_mark()
    {
        var followed = ToldLabel.Tell(SmallHouse.Followed(SmallHouse.Receptacle()), "b");
        Assert.Equal("Bench", followed.Lines[0]);
        Assert.Equal(2, followed.Lines.Count);
        Assert.DoesNotContain("black", followed.Lines[1], StringComparison.Ordinal);
        Assert.True(followed.Known);
        var marked = ToldLabel.Tell(SmallHouse.Receptacle(), "b");
        Assert.False(marked.Known);
        Assert.Equal(followed.Lines[1] + " ?", marked.Lines[1]);
    }

    /// <summary>Two hots and a shared neutral: both breakers, each with the colour of its hot.</summary>
    [Fact]
    public void Two_circuits_in_a_box_are_told_apart_by_the_colour_of_their_hots()
    {
        var job = Enumerable.Range(1, 100).Select(WiredHouse.Make).First(j => RunSheet.Of(j).Rails.Any(r => r.Breakers.Count == 2));
        var label = ToldLabel.Tell(job, RunSheet.Of(job).Rails.First(r => r.Breakers.Count == 2).Stops[0].Id!);
        var breakers = label.Lines.Where(l => l.Contains("(black)", StringComparison.Ordinal)).ToList();
        Assert.Single(breakers);
        Assert.Single(label.Lines, l => l.Contains("(red)", StringComparison.Ordinal));
        Assert.Equal("2 CIRCUITS: SWITCH OFF ALL", label.Lines[1]);
    }

    [Fact]
    public void What_protects_a_box_from_elsewhere_is_where_it_is_reset()
    {
        // The demo's window bench hangs on the load side of the receptacle at the paper-press bench.
        var label = ToldLabel.Tell(Demo.Present, "window");
        Assert.Contains("reset: the protective receptacle of Paper-press bench, left", label.Lines);
        Assert.DoesNotContain(ToldLabel.Tell(Demo.Present, "bench-left").Lines, l => l.StartsWith("reset", StringComparison.Ordinal));
    }

    [Fact]
    public void Nothing_recorded_is_not_known_and_never_a_blank()
    {
        var job = Job.Blank("test").Do(new AddBox("b", "Lone", "nm-1g-18"));
        var label = ToldLabel.Tell(job, "b");
        Assert.Equal(["Lone", "breaker not known"], label.Lines);
        Assert.False(label.Known);
    }
}
