using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Making;
using JollyBarn.Measures;
using JollyBarn.Planning.Ways;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests.Making;

/// <summary>A shop's own make goes into boxes as it went into the first: with their own cables, gauges, metal and lengths; judged like any
/// work. And what steps took here is learned, and can be forgotten.</summary>
public sealed class PatternTests
{
    private const string At = "2026-10-01T08:00:00Z";

    private static Job With(string kind, int gauge, params (string Id, int Conductors, Feeds Feeds)[] cables) =>
        GfciBox
            .Make()
            .Do(
                new KeepPattern("kept", "Protective, feed-through", "b", "Ines", At),
                new AddBox("n", "New", kind, null, null, Contents.Complete)
            )
            .Do([
                .. cables.Select(c => new AddCable(
                    "n",
                    c.Id,
                    "k" + c.Id,
                    Jobs.Nm(gauge, c.Conductors),
                    EntrySide.Top,
                    null,
                    c.Id,
                    c.Feeds
                )),
            ]);

    private static readonly (string, int, Feeds)[] Three = [("x", 2, Feeds.Protected), ("y", 2, Feeds.FeedsIn), ("z", 2, Feeds.FeedsOn)];

    private static PatternMake Try(Job job) => PatternMake.Of(job, job.Patterns["kept"], "n");

    [Fact]
    public void Each_cable_takes_the_place_of_the_one_that_does_the_same()
    {
        var job = With("nm-1g-22.5", 12, Three);
        var made = job.Do(Try(job).Edit!).Boxes["n"];
        Assert.Equal(GfciBox.At("load-hot/plate"), made.Leads["x.a0"].Lands);
        Assert.True(made.Leads["y.a0"].Lands.IsIn("hots") && made.Leads["z.a0"].Lands.IsIn("hots"));
        Assert.DoesNotContain(made.Leads.Values, l => l.Lands.At is LandingAt.Unknown or LandingAt.Loose);
    }

    /// <summary>14 AWG in the place of 12: pigtails and connectors for 14; in a metal box the grounds are bonded to it,
    /// 250.148(C).</summary>
    [Fact]
    public void It_is_adapted_to_gauge_and_metal()
    {
        var job = With("device-3x2x3-1/2", 14, Three);
        var made = job.Do(Try(job).Edit!);
        Assert.All(made.Boxes["n"].Pigtails.Values.Where(t => t.Of is null), t => Assert.Equal("14", t.Gauge?.ToString()));
        var bonded = Inspector.Judge(made, "n", made.Boxes["n"]).Where(f => f.Rule == "box-bonded");
        // Nobody followed the feed to a panel: it is asked, and nothing of the box itself fails.
        Assert.All(bonded, f => Assert.Equal(Verdict.Measure, f.Verdict));
        Assert.Contains(made.Boxes["n"].Pigtails.Values, t => t.To.At == LandingAt.BondingScrew);
    }

    /// <summary>A pigtail reaches 3 in past the opening of a deep box, 300.14, whatever it was in the first.</summary>
    [Fact]
    public void Pigtails_are_as_long_as_the_box_asks()
    {
        var job = With("nm-1g-22.5", 12, Three).Do(new SetBoxSize("n", Depth: new(Known.Measured, Length.Inches(7))));
        Assert.All(Try(job).Edit!.Edits.OfType<AddPigtail>(), t => Assert.True(t.Length!.OrNull >= Length.Inches(10)));
    }

    [Fact]
    public void What_does_not_fit_says_why()
    {
        Assert.Equal(PatternMiss.Cables, Try(With("nm-1g-22.5", 12, Three[0], Three[1])).Miss);
        Assert.Equal(PatternMiss.Cables, Try(With("nm-1g-22.5", 12, Three[0], Three[1], ("z", 3, Feeds.FeedsOn))).Miss);
        Assert.Equal(PatternMiss.Gangs, Try(With("square-4x1-1/2", 12, Three)).Miss);
        var taken = With("nm-1g-22.5", 12, Three);
        Assert.Equal(PatternMiss.NotFree, Try(taken.Do(new AddDevice("n", "d", "receptacle", 1))).Miss);
    }

    /// <summary>Three joints at 4 minutes each take the place of the house's number; forgotten, that counts again.</summary>
    [Fact]
    public void Minutes_are_learned_from_the_marks_of_cards()
    {
        var job = GfciBox.Make().Do(new OpenChange("plan", "Plan"), new PlanEdit("plan", "p", new NoteBox("b", "x")));
        for (var i = 0; i < 4; i++)
        {
            job = job.Do(new TickStep("plan", "b", $"joint.j{i}", "Ines", $"2026-10-01T08:{i * 4:00}:00Z", null, "op.joint", $"j{i}"));
        }

        var learned = LearnedMinutes.Of(job, WayBook.Joint);
        Assert.Equal((4m, 3), (learned.Minutes, learned.Timed));
        var forgotten = LearnedMinutes.Of(job.Do(new ForgetMinutes("op.joint")), WayBook.Joint);
        Assert.Equal((WayBook.Joint.Of(job.Practice), 0), (forgotten.Minutes, forgotten.Timed));
    }

    /// <summary>Lunch is no joint: who was away half an hour is not timed.</summary>
    [Fact]
    public void A_long_pause_is_not_timed()
    {
        var job = GfciBox
            .Make()
            .Do(
                new OpenChange("plan", "Plan"),
                new PlanEdit("plan", "p", new NoteBox("b", "x")),
                new TickStep("plan", "b", "plateoff", "Ines", "2026-10-01T08:00:00Z", null, "op.open", ""),
                new TickStep("plan", "b", "joint.j", "Ines", "2026-10-01T09:00:00Z", null, "op.joint", "j")
            );
        Assert.Equal(0, LearnedMinutes.Of(job, WayBook.Joint).Timed);
    }
}
