using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Planning;
using JollyBarn.Telling;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Cables nobody has followed, one line each, with how many verdicts wait for them.</summary>
public sealed class OpenRunTests
{
    [Fact]
    public void A_home_run_nobody_followed_decides_what_its_grounds_and_protection_wait_for()
    {
        var open = SmallHouse.Receptacle();
        var line = Assert.Single(new OpenRuns().Of(open), o => o.Run == "feed");
        Assert.True(line.Decides > 0);
        var followed = SmallHouse.Followed(open);
        Assert.DoesNotContain(new OpenRuns().Of(followed), o => o.Run == "feed");
        Assert.Equal(line.Decides, Measures(open).Except(Measures(followed)).Count());
    }

    [Fact]
    public void Those_of_the_demo_are_one_line_each_and_the_most_telling_first()
    {
        var job = Demo.Present;
        var all = new OpenRuns().Of(job);
        var open = job.Runs.SelectMany(r => new[] { r.Value.A, r.Value.B }).Count(e => e.At == EndAt.Unknown);
        Assert.Equal((open, open), (all.Count, all.DistinctBy(o => (o.Run, o.Side)).Count()));
        Assert.Equal(all.Select(o => o.Decides).OrderDescending(), all.Select(o => o.Decides));
        Assert.True(all[0].Decides > 1);
        Assert.All(all, o => Assert.NotEmpty(ToldOpenRun.Tell(job, o).Says));
    }

    private static HashSet<(string, string, string)> Measures(Job job) =>
        [
            .. job.Boxes.SelectMany(b =>
                Inspector.Judge(job, b.Key, b.Value).Where(f => f.Verdict == Verdict.Measure).Select(f => (b.Key.Text, f.Rule, f.Of))
            ),
        ];
}
