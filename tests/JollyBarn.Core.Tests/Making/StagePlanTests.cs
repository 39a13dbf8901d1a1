using JollyBarn.Edits;
using JollyBarn.Making;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests.Making;

/// <summary>Rough, inspection, wall closes, trim, test (common practice): each stage lacks what was not done, asked or looked at.</summary>
public sealed class StagePlanTests
{
    private const string At = "2026-10-01T08:00:00Z";

    private static readonly Job Planned = GfciBox
        .Make()
        .Do(
            new OpenChange("plan", "Plan", "2026-09-28"),
            new PlanEdit("plan", "p1", new AddCable("b", "new", "k9", Jobs.Nm(12, 2))),
            new PlanEdit("plan", "p2", new MoveLead("b", "new.a2", GfciBox.In("grounds"))),
            new PlanEdit("plan", "p3", new MoveLead("b", "new.a0", new Landing(LandingAt.Cap))),
            new PlanEdit("plan", "p4", new MoveLead("b", "new.a1", new Landing(LandingAt.Cap)))
        );

    private static IReadOnlyList<StageState> Of(Job job) => StagePlan.Of(job, "plan", "Ines", At);

    private static StageState? Now(Job job) => StagePlan.At(Of(job));

    private static StageCase[] Cases(Job job, ChangeStage stage) => [.. Of(job).Single(s => s.Stage == stage).Lines.Select(l => l.Case)];

    /// <summary>Steps of a box up to a stage.</summary>
    private static Job UpTo(Job job, StepStage last)
    {
        var walk = new CardWalk("plan");
        while (walk.Steps(job, "b") is [var step, ..] && step.Stage <= last)
        {
            job = walk.Do(job, "b", step);
        }

        return job;
    }

    [Fact]
    public void Nothing_said_is_nothing_through()
    {
        Assert.Equal(ChangeStage.Rough, Now(Planned)!.Stage);
        Assert.Contains(StageCase.AskWall, Cases(Planned, ChangeStage.Rough));
        Assert.Equal([StageCase.AskPermit], Cases(Planned, ChangeStage.Inspection));
        Assert.DoesNotContain(Of(Planned), s => s.Through);
    }

    [Fact]
    public void An_open_wall_is_closed_after_the_inspection_with_a_picture_of_each_box()
    {
        var rough = UpTo(Planned, StepStage.Rough).Do(new SetStages("plan", WallIs.Open, PermitIs.Granted));
        Assert.Equal(ChangeStage.Inspection, Now(rough)!.Stage);
        var failed = rough.Do(new RecordInspection("plan", "i1", new(ChangeStage.Rough, false, "the office", "Ines", At, ["a staple"])));
        Assert.Equal([StageCase.Failed, StageCase.Inspect], Cases(failed, ChangeStage.Inspection));
        var passed = failed.Do(
            new RecordInspection("plan", "i2", new(ChangeStage.Rough, true, "the office", "Ines", "2026-10-02T08:00:00Z", []))
        );
        Assert.Equal((ChangeStage.WallCloses, StageCase.Photo), (Now(passed)!.Stage, Now(passed)!.Lines[0].Case));
        var old = passed.Do(new AddPhoto("x", new Photo("b", new string('a', 64), 8, 8, 10, When: "2026-09-01")));
        Assert.Contains(StageCase.Photo, Cases(old, ChangeStage.WallCloses));
        var seen = passed.Do(new AddPhoto("x", new Photo("b", new string('a', 64), 8, 8, 10, When: "2026-10-02")));
        Assert.Equal([StageCase.Close], Cases(seen, ChangeStage.WallCloses));
    }

    /// <summary>A lead that hangs free behind a board is not fit to be left; under a cap it is.</summary>
    [Fact]
    public void What_waits_behind_the_board_is_judged()
    {
        var walk = new CardWalk("plan");
        var rough = UpTo(Planned, StepStage.Rough).Do(new SetStages("plan", WallIs.Open, PermitIs.NotNeeded));
        Assert.DoesNotContain(StageCase.Loose, Cases(rough, ChangeStage.WallCloses));
        var loose = rough.Do(new RecordDone("plan", "o", new MoveLead("b", "new.a0", Landing.Loose)));
        Assert.Contains(StageCase.Loose, Cases(loose, ChangeStage.WallCloses));
        Assert.NotEmpty(walk.Steps(loose, "b"));
    }

    /// <summary>After board and paint, before trim: found, cutter marks, setback again, plates inward.</summary>
    [Fact]
    public void After_the_board_each_box_is_looked_at_before_trim()
    {
        var closed = UpTo(Planned, StepStage.Rough).Do(new SetStages("plan", WallIs.ClosedSince, PermitIs.NotNeeded));
        StageCase[] asked = [StageCase.Found, StageCase.LeadsClean, StageCase.SetbackAgain, StageCase.PlatesInward];
        Assert.Equal(asked, Cases(closed, ChangeStage.Trim).Where(asked.Contains));
        var found = closed.Do(new TickStep("plan", "b", "after.found", "Ines", At), new TickStep("plan", "b", "after.setback", "Ines", At));
        Assert.DoesNotContain(StageCase.Found, Cases(found, ChangeStage.Trim));
        // A setback that nobody wrote down was not measured, whatever was marked.
        Assert.Contains(StageCase.SetbackAgain, Cases(found, ChangeStage.Trim));
        var measured = found.Do(new NoteFact("b", Subjects.Box, WallFacts.Setback.Id, new Observation(Known.Measured, "1/4 in")));
        Assert.DoesNotContain(StageCase.SetbackAgain, Cases(measured, ChangeStage.Trim));
    }

    [Fact]
    public void What_is_waited_for_holds_its_stage_until_it_came()
    {
        var waits = Planned.Do(
            new WaitFor("plan", "w", new Hold(HoldFor.Part, "the fan", ChangeStage.Trim, "Ines", At, "2026-10-09T00:00:00Z"))
        );
        Assert.Contains(StageCase.Held, Cases(waits, ChangeStage.Trim));
        Assert.DoesNotContain(StageCase.Held, Cases(waits.Do(new EndWait("plan", "w", At)), ChangeStage.Trim));
    }

    [Fact]
    public void A_finished_wall_has_no_stage_of_closing() =>
        Assert.DoesNotContain(Of(Planned.Do(new SetStages("plan", WallIs.Finished))), s => s.Stage == ChangeStage.WallCloses);
}
