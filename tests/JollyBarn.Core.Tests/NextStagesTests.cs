using JollyBarn.Edits;
using JollyBarn.Inspection.Judging;
using JollyBarn.Planning;
using JollyBarn.Telling;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>What a plan waits for, in the order people work in: look, record, make safe, plan what goes, do, close (common practice of the
/// trade).</summary>
public sealed class NextStagesTests
{
    private static readonly Edit Move = new MoveLead("b", "on.a0", new Landing(LandingAt.Cap));

    [Fact]
    public void A_box_nobody_opened_comes_first_then_what_is_not_recorded()
    {
        var job = Planned(Move);
        Assert.Equal([(WaitCase.NotOpened, "b")], Waits(job.Do(new SetContents("b", Contents.NotOpened))));
        Assert.Equal([(WaitCase.NotRecorded, "b")], Waits(job.Do(new SetContents("b", Contents.Partial))));
    }

    /// <summary>A hot under a ground screw is a stop, and goes before any planning.</summary>
    [Fact]
    public void What_hurts_now_goes_before_a_plan_that_would_fail()
    {
        var over = Planned(new SetBoxKind("b", "nm-1g-18"));
        Assert.Equal([(WaitCase.WouldFail, "b")], Waits(over));
        var live = over.Do(new MoveLead("b", "feed.a0", GfciBox.At("ground/screw")));
        Assert.Equal([(WaitCase.Stopped, "b")], Waits(live));
    }

    [Fact]
    public void Then_steps_to_do_and_at_last_closing()
    {
        var job = Planned(Move);
        Assert.Equal([(WaitCase.ToDo, "")], Waits(job));
        Assert.Equal([(WaitCase.ToClose, "")], Waits(job.Do(new RecordDone("plan", "d", Move, "p0"))));
        var gone = job.Do(new RemoveCable("b", "on"));
        Assert.Equal([(WaitCase.NoLongerGoes, "")], Waits(gone));
        Assert.Equal("A planned step no longer goes.", ToldWaits.Tell(gone, Of(gone).Single()).Says);
        Assert.Empty(Waits(Job.Blank("x").Do(new OpenChange("plan", "Nothing planned", null))));
    }

    /// <summary>Only what the plan itself brings is in its way: an over-full box that it does not make fuller stays what it was.</summary>
    [Fact]
    public void What_fails_already_is_not_laid_to_the_plan()
    {
        var full = GfciBox.Make().Do(new SetBoxKind("b", "nm-1g-18"));
        var job = full.Do(new OpenChange("plan", "Plan", null), new PlanEdit("plan", "p0", Move));
        Assert.Contains(Inspector.Judge(job, "b", job.Boxes["b"]), f => f is { Rule: "fill", Verdict: Inspection.Verdict.Fix });
        Assert.Equal([(WaitCase.ToDo, "")], Waits(job));
    }

    private static Job Planned(params Edit[] edits) =>
        GfciBox.Make().Do([new OpenChange("plan", "Plan", null), .. edits.Select((e, i) => new PlanEdit("plan", $"p{i}", e))]);

    private static IEnumerable<(WaitCase, string)> Waits(Job job) => Of(job).Select(w => (w.Case, w.Box?.Text ?? ""));

    private static IReadOnlyList<Waits> Of(Job job) => NextStages.Of(job, id => Inspector.Judge(job, id, job.Boxes[id]));
}
