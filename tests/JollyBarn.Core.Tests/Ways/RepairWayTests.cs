using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Planning.Ways;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests.Ways;

/// <summary>A sawn cable, by the slack there is. A box whose entries lie opposite wants 6 in free and ¼ in of sheath from either side
/// (300.14,
/// 314.17(C), from memory): 12½ in, and what is cut back, less its own width.</summary>
public sealed class RepairWayTests
{
    private static readonly StandInShop Shop = new();

    /// <summary>4 in square: 12½ + 1 cut back − 4 = 9½ in.</summary>
    [Theory]
    [InlineData("2", "2", "5 1/2 in")]
    [InlineData("2", "5", "2 1/2 in")]
    [InlineData("5", "4 7/16", "1/16 in")]
    [InlineData("5", "4 1/2", null)]
    [InlineData("12", "12", null)]
    public void One_box_wants_what_both_ends_want_less_its_width(string left, string right, string? missing)
    {
        var answer = WaySearch.Find(Sawn(left, right), new Wish(WishKind.MendCable, Run: "on", Hurt: "saw"), Shop);
        var square = answer.Rejected.FirstOrDefault(r =>
            r is { Why: WayMiss.Slack, Choice: { Repair: Repair.OneBox, Kind: "square-4x2-1/8" } }
        );
        Assert.Equal(missing, square?.Details["short"]?.ToString());
        Assert.Equal(missing is null, answer.Ways.Any(w => w.Choice is { Repair: Repair.OneBox, Kind: "square-4x2-1/8" }));
        // Whatever the slack: two boxes and a new piece, or a new run.
        Assert.Contains(answer.Ways, w => w.Choice.Repair == Repair.TwoBoxes);
        Assert.Contains(answer.Ways, w => w.Choice.Repair == Repair.NewRun);
        Assert.All(answer.Ways, w => Assert.All(w.After.Runs.Values, r => Assert.Empty(r.Hurts)));
    }

    /// <summary>Leads made longer with tails: by the 2023 text; earlier the office is asked (domain.md; from memory).</summary>
    [Theory]
    [InlineData(Edition.Nec2017, false)]
    [InlineData(Edition.Nec2020, false)]
    [InlineData(Edition.Nec2023, true)]
    public void Tails_are_a_way_from_2023_on(Edition edition, bool allowed)
    {
        var answer = WaySearch.Find(Sawn("2", "2").In(edition), new Wish(WishKind.MendCable, Run: "on", Hurt: "saw"), Shop);
        Assert.Equal(allowed, answer.Ways.Any(w => w.Choice.Repair == Repair.OneBoxWithTails));
        Assert.Equal(!allowed, answer.Rejected.Any(r => r is { Why: WayMiss.NotAllowed, Choice.Repair: Repair.OneBoxWithTails }));
    }

    /// <summary>Nobody pulled at it: one box stays a way, and says what to look at first.</summary>
    [Fact]
    public void Without_measured_slack_it_is_asked_and_nothing_is_called_good()
    {
        var answer = WaySearch.Find(Sawn(null, null), new Wish(WishKind.MendCable, Run: "on", Hurt: "saw"), Shop);
        Assert.All(answer.Ways.Where(w => w.Choice.Repair == Repair.OneBox), w => Assert.False(w.Decided));
        Assert.Contains(WishAsks.Of(Sawn(null, null), new Wish(WishKind.MendCable, Run: "on"), answer), a => a.Ask == WishAsk.Slack);
    }

    /// <summary>What was dead behind the cut is live again, by the solved network; a two-box mend buys a piece of cable, one box
    /// none.</summary>
    [Fact]
    public void Every_mend_makes_what_was_dead_live_again()
    {
        var house = Sawn("12", "12");
        Assert.False(Live(house));
        foreach (var way in WaySearch.Find(house, new Wish(WishKind.MendCable, Run: "on", Hurt: "saw"), Shop).Ways)
        {
            Assert.True(Live(way.After), way.Choice.Repair.ToString());
            Assert.Equal(way.Choice.Repair is Repair.TwoBoxes or Repair.NewRun, way.Parts.Any(p => p.Part.Sort == PartSort.Cable));
            Assert.Equal(
                way.Choice.Repair switch
                {
                    Repair.TwoBoxes => 2,
                    Repair.NewRun => 0,
                    _ => 1,
                },
                way.Parts.Where(p => p.Part.Sort == PartSort.Box).Sum(p => p.Count)
            );
        }
    }

    private static bool Live(Job job) =>
        Electrics.Live.Solve(job, Electrics.Situation.AsRecorded).Volts(Electrics.Points.Face("b", "r", "upperhot")).Magnitude > 100;

    private static Job Sawn(string? left, string? right) =>
        SmallHouse
            .Followed(SmallHouse.Receptacle(box: "ow-1g-18"))
            .Do(new HurtRun("on", "saw", new RunHurt(HurtKind.Cut, new(Known.Measured, Length.Inches(60)), Slack(left), Slack(right))));

    private static Fact<Length>? Slack(string? inches) => inches is null ? null : new(Known.Measured, Length.Parse(inches));
}
