using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Planning;
using JollyBarn.Telling;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>As found, planned, as left, and what differs between any two, as domain words have it: common practice of recording
/// work.</summary>
public class AsLeftTests
{
    private static readonly Edit Move = new MoveLead("b", "safe.a0", GfciBox.At("line-hot/plate"));

    [Fact]
    public void Nothing_planned_or_done_is_the_present_until_the_change_is_closed()
    {
        var job = Open().Do(new PlanEdit("plan", "p1", Move), new RecordDone("plan", "d1", Move, "p1"));
        Assert.Equal("load-hot/plate", job.Boxes["b"].Leads["safe.a0"].Lands.Place);
        Assert.Equal("line-hot/plate", ChangeWork.Planned(job, "plan").Boxes["b"].Leads["safe.a0"].Lands.Place);
        Assert.Equal("line-hot/plate", ChangeWork.AsLeft(job, "plan").Boxes["b"].Leads["safe.a0"].Lands.Place);
        var closed = job.Do(new CloseChange("plan", "2026-10-01") { V = 2 });
        Assert.Equal("line-hot/plate", closed.Boxes["b"].Leads["safe.a0"].Lands.Place);
    }

    [Fact]
    public void A_change_closes_on_what_was_done_and_not_on_what_was_meant()
    {
        var otherwise = new MoveLead("b", "safe.a0", new Landing(LandingAt.Cap));
        var job = Open()
            .Do(new PlanEdit("plan", "p1", Move), new RecordDone("plan", "d1", otherwise, "p1"), new CloseChange("plan") { V = 2 });
        Assert.Equal(LandingAt.Cap, job.Boxes["b"].Leads["safe.a0"].Lands.At);
    }

    [Fact]
    public void A_step_neither_done_nor_dropped_keeps_a_change_open()
    {
        var job = Open().Do(new PlanEdit("plan", "p1", Move));
        Assert.NotNull((new CloseChange("plan") { V = 2 }).Check(job));
        Assert.Null((new CloseChange("plan") { V = 2 }).Check(job.Do(new DropPlanned("plan", "p1"))));
        Assert.Null(new CloseChange("plan").Check(job)); // Version 1 keeps its meaning for older logs.
    }

    [Fact]
    public void A_correction_flows_into_present_as_found_and_planned()
    {
        var job = Open()
            .Do(
                new PlanEdit("plan", "p1", Move),
                new CorrectAsFound("plan", "c1", new SetLeadLength("b", "on.a0", new(Known.Measured, Length.Inches(7), "7")), "2026-09-16")
            );
        Assert.All([job, ChangeWork.AsFound(job, "plan"), ChangeWork.Planned(job, "plan"), ChangeWork.AsLeft(job, "plan")], j =>
            Assert.Equal(Length.Inches(7), j.Boxes["b"].Leads["on.a0"].Length.OrNull)
        );
        Assert.Equal("load-hot/plate", ChangeWork.AsFound(job, "plan").Boxes["b"].Leads["safe.a0"].Lands.Place);
        Assert.Equal("2026-09-16", job.Changes["plan"].Corrections[0].On);
    }

    [Fact]
    public void What_was_recorded_after_work_began_is_not_what_was_found()
    {
        var job = Open().Do(new PlanEdit("plan", "p1", Move), new MoveLead("b", "on.a0", Landing.Loose));
        Assert.Equal("hots", ChangeWork.AsFound(job, "plan").Boxes["b"].Leads["on.a0"].Lands.Joint);
    }

    [Fact]
    public void A_moved_lead_reads_as_a_sentence()
    {
        var (before, after) = (GfciBox.Make(), GfciBox.Make().Do(new MoveLead("b", "safe.a1", GfciBox.In("neutrals"))));
        Assert.Equal(
            ["white of the cable on to the bench: from load neutral of the GFCI receptacle to joint neutrals."],
            DifferenceTeller.Tell(before, after, "b", BoxDifference.Between(before, after, "b")).Select(d => d.Says)
        );
    }

    [Fact]
    public void Joints_and_pigtails_with_other_ids_are_the_same_state()
    {
        var before = GfciBox.Make();
        var after = before.Do(
            new RemovePigtail("b", "tail-hot"),
            new RemoveJoint("b", "hots"),
            new JoinLeads("b", "made-again", "twist-on-medium", ["feed.a0", "on.a0"], "hots"),
            new AddPigtail(
                "b",
                "other",
                GfciBox.In("made-again"),
                GfciBox.At("line-hot/plate"),
                Length: new(Known.Measured, Length.Inches(8))
            )
        );
        Assert.Empty(BoxDifference.Between(before, after, "b"));
        Assert.Single(BoxDifference.Between(before, after.Do(new SetJoint("b", "made-again", "lever-3", "hots")), "b"));
        Assert.Equal(
            2,
            BoxDifference
                .Between(
                    before,
                    after.Do(new SetPigtail("b", "other", "black", new(Known.Measured, Length.Inches(9)), Gauge.Awg(12), ConductorUse.Hot)),
                    "b"
                )
                .Count
        );
    }

    [Fact]
    public void A_state_does_not_differ_from_itself_and_each_difference_is_seen_from_both_sides()
    {
        for (var seed = 1; seed <= 60; seed++)
        {
            var job = SomeBoxes.Make(seed);
            Assert.Empty(BoxDifference.Between(job, JobOf(job), "b"));
            var lead = job.Boxes["b"].Leads.FirstOrNull(l => l.Value.Form == LeadForm.Ended && l.Value.Lands.At != LandingAt.Cap)?.Key;
            if (lead is { } moving)
            {
                var moved = job.Do(new MoveLead("b", moving, new Landing(LandingAt.Cap)));
                Assert.Contains(BoxDifference.Between(job, moved, "b"), d => d.Ids.Contains(moving.Text) && d.NotBack);
                Assert.Contains(BoxDifference.Between(moved, job, "b"), d => d.Ids.Contains(moving.Text) && d.NotBack);
            }
        }
    }

    [Fact]
    public void Putting_back_as_found_names_every_lead_that_is_not_and_mends_it()
    {
        var found = GfciBox.Make();
        var now = found.Do(
            new MoveLead("b", "safe.a0", Landing.Loose),
            new MoveLead("b", "safe.a1", new(LandingAt.Cap)),
            new MoveLead("b", "on.a2", Landing.Loose)
        );
        Assert.Equal(
            ["on.a2", "safe.a0", "safe.a1"],
            PutBack.Missing(found, now, "b").SelectMany(d => d.Ids).Order(StringComparer.Ordinal)
        );
        Assert.Empty(BoxDifference.Between(found, now.Do(PutBack.Edit(found, now, "b")!), "b"));
        Assert.Null(PutBack.Edit(found, found, "b"));
    }

    private static Job Open() => GfciBox.Make().Do(new OpenChange("plan", "Plan", "2026-09-15"));

    /// <summary>An equal job made of other records.</summary>
    private static Job JobOf(Job job) => System.Text.Json.JsonSerializer.Deserialize(JobJson.Text(job), JobJson.Default.Job)!;
}
