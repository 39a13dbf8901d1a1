using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Telling.History;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>A Change is a plan on top of the present: planned on what is planned, dropped, closed; the present stays as it is until
/// then.</summary>
public class ChangeTests
{
    private static readonly Job Open = GfciBox.Make().Do(new OpenChange("plan", "More at the bench", "2026-09-28"));

    [Fact]
    public void Planning_changes_nothing_that_is_recorded()
    {
        var job = Open.Do(new PlanEdit("plan", "p1", new RemoveDevice("b", "g")));
        Assert.Same(Open.Boxes["b"], job.Boxes["b"]);
        Assert.Empty(ChangeWork.Planned(job, "plan").Boxes["b"].Devices);
    }

    [Fact]
    public void What_is_planned_next_may_build_on_what_is_planned_before()
    {
        var job = Open.Do(
            new PlanEdit("plan", "p1", new AddCable("b", "more", "k9", Jobs.Nm(12, 2))),
            new PlanEdit("plan", "p2", new MoveLead("b", "more.a0", GfciBox.In("hots")))
        );
        Assert.True(ChangeWork.Planned(job, "plan").Boxes["b"].Leads["more.a0"].Lands.IsIn("hots"));
        Assert.NotNull(new MoveLead("b", "more.a0", GfciBox.In("hots")).Check(job));
    }

    [Fact]
    public void As_found_is_kept_from_when_work_on_the_box_began()
    {
        var job = Open.Do(new PlanEdit("plan", "p1", new RenameBox("b", "Planned")), new RenameBox("b", "Renamed meanwhile"));
        Assert.Equal("Bench", job.Changes["plan"].AsFound["b"].Name);
    }

    [Fact]
    public void Steps_read_as_sentences_in_order_and_say_which_no_longer_goes()
    {
        var job = Open.Do(
            new PlanEdit("plan", "p1", new SetLeadLength("b", "safe.a0", new Fact<Length>(Known.Measured, Length.Inches(9)))),
            new PlanEdit("plan", "p2", new RenameBox("b", "Bench, new")),
            new RemoveCable("b", "safe")
        );
        var steps = ChangeWork.Steps(job, "plan").ToList();
        Assert.Equal(["p1", "p2"], steps.Select(s => s.Id));
        Assert.NotNull(steps[0].Refusal);
        Assert.Null(steps[1].Refusal);
        Assert.Contains("Bench, new", steps[1].Edit.Tell(steps[1].Before), StringComparison.Ordinal);
    }

    [Fact]
    public void Closing_makes_the_plan_the_present_and_nothing_more_can_be_planned_in_it()
    {
        var job = Open.Do(new PlanEdit("plan", "p1", new RenameBox("b", "Bench, new")), new CloseChange("plan", "2026-10-01"));
        Assert.Equal("Bench, new", job.Boxes["b"].Name);
        Assert.Equal(Why.ChangeClosed, new PlanEdit("plan", "p2", new NoteBox("b", "x")).Check(job)?.Why);
        Assert.NotNull(new CloseChange("plan").Check(job));
    }

    [Fact]
    public void A_dropped_step_is_gone_and_the_rest_stands()
    {
        var job = Open.Do(
            new PlanEdit("plan", "p1", new RenameBox("b", "One")),
            new PlanEdit("plan", "p2", new NoteBox("b", "two")),
            new DropPlanned("plan", "p1")
        );
        var planned = ChangeWork.Planned(job, "plan").Boxes["b"];
        Assert.Equal(("Bench", "two"), (planned.Name, planned.Note));
    }

    [Fact]
    public void A_Change_plans_work_and_not_other_Changes() =>
        Assert.NotNull(new PlanEdit("plan", "p1", new OpenChange("inner", "Inner")).Check(Open));
}
