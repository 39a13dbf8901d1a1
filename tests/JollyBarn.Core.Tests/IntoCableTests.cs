using JollyBarn.CodeBook;
using JollyBarn.Connection;
using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Inspection.Rules;
using JollyBarn.Measures;
using JollyBarn.Planning;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>A cable that is cut through, and a new box in a cable: by the solved network, and by what stays at both far ends.</summary>
public sealed class IntoCableTests
{
    private static readonly IntoCableAsk Ask = new("on", "mid", "on2", "In the attic", Along: new(Known.Measured, Length.Inches(60)));

    private static readonly RunHurt Cut = new(HurtKind.Cut);

    /// <summary>A receptacle behind a junction box, everything followed, with what people noted at the receptacle's end.</summary>
    private static Job House() =>
        SmallHouse
            .Followed(SmallHouse.Receptacle())
            .Do(
                new NoteFact("b", "on.b0", "past-opening", new Observation(Known.Measured, "4")),
                new NoteFact("b", "on.b", "sheath", new Observation(Known.Measured, "3/8")),
                new AddPhoto("pin", new Photo("b", new string('a', 64), 8, 8, 1, "on.b1")),
                new RecordRuling("r", new Ruling("b", "free-length", "on.b2", "as it is", "may it stay", "the office", "2026-11-02"))
            );

    private static double Volts(Job job, Id<Run> run) =>
        Live.Solve(job, Situation.AsRecorded) is var live
            ? (live.Volts(Points.End(run, RunSide.B, 0)) - live.Volts(Points.End(run, RunSide.B, 1))).Magnitude
            : 0;

    /// <summary>Facts of the trade: nothing comes past a cut, and a splice carries it again.</summary>
    [Fact]
    public void Nothing_comes_past_a_cut_and_a_box_put_in_there_brings_it_back()
    {
        var house = House();
        Assert.InRange(Volts(house, "on"), 115, 125);
        var cut = house.Do(new HurtRun("on", "x", Cut));
        Assert.InRange(Volts(cut, "on"), 0, 1);
        Assert.Contains(Inspector.Judge(cut, "b", cut.Boxes["b"]), f => f.Rule == "fed" && f.Verdict is Verdict.Fix or Verdict.Stop);
        Assert.All(new[] { "j", "b" }, box =>
            Assert.Contains(Inspector.Judge(cut, box, cut.Boxes[box]), f => f.Is("cable-damage", CableDamage.Case.Cut))
        );
        var mended = IntoCable.Find(cut, Ask)[0].Edit.Apply(cut);
        Assert.InRange(Volts(mended, "on2"), 115, 125);
        Assert.False(mended.Runs["on"].IsCut || mended.Runs["on2"].IsCut);
        Assert.DoesNotContain(Inspector.Judge(mended, "b", mended.Boxes["b"]), f =>
            f.Rule == "fed" || f.Is("cable-damage", CableDamage.Case.Cut)
        );
    }

    [Fact]
    public void What_is_joined_is_apart_across_a_cut_for_the_rules_too()
    {
        var cut = House().Do(new HurtRun("on", "x", Cut));
        var here = Connected.Of(cut).In("b");
        Assert.All(Enumerable.Range(0, 3), i => Assert.Empty(here.At(Points.End("on", RunSide.B, i))!.Always.At));
    }

    [Fact]
    public void Both_far_ends_keep_what_they_land_on_and_what_was_noted_of_them()
    {
        var house = House();
        var after = IntoCable.Find(house, Ask)[0].Edit.Apply(house);
        Assert.Equal(
            house.Boxes["j"].Leads.Select(l => (l.Key, l.Value.Lands)),
            after.Boxes["j"].Leads.Select(l => (l.Key, l.Value.Lands))
        );
        Assert.All(Enumerable.Range(0, 3), i =>
            Assert.Equal(house.Boxes["b"].Leads[$"on.b{i}"].Lands, after.Boxes["b"].Leads[$"on2.b{i}"].Lands)
        );
        Assert.Equal("4 in", after.Boxes["b"].Fact("on2.b0", "past-opening")!.Value);
        Assert.Equal("3/8 in", after.Boxes["b"].Fact("on2.b", "sheath")!.Value);
        Assert.Equal("on2.b1", after.Photos["pin"].Lead!.Value.Text);
        Assert.Equal("on2.b2", after.Rulings["r"].Of);
        // 20 ft in all, opened 5 ft from the junction box.
        Assert.Equal((60, 180), (after.Runs["on"].Length.OrNull!.Value.InInches, after.Runs["on2"].Length.OrNull!.Value.InInches));
        Assert.Equal((Feeds.FeedsIn, Feeds.FeedsOn), (after.Runs["on"].B.Feeds, after.Runs["on2"].A.Feeds));
    }

    /// <summary>NEC 300.15 and 250.148: like on like, and a metal box bonded; by the rules nothing is wrong in the first of the
    /// ways.</summary>
    [Fact]
    public void The_new_box_has_its_joints_its_bond_and_nothing_wrong_by_the_rules()
    {
        var ways = IntoCable.Find(House(), Ask);
        Assert.True(ways.Count >= 5, $"{ways.Count} kinds");
        Assert.DoesNotContain(ways[0].Bad, f => f.Verdict is Verdict.Stop or Verdict.Fix);
        var box = ways.First(w => w.Kind.Material == BoxMaterial.Metal).Edit.Apply(House()).Boxes["mid"];
        Assert.Equal(3, box.Joints.Count);
        Assert.All(box.Leads.Values, l => Assert.Equal(LandingAt.Joint, l.Lands.At));
        Assert.Equal(LandingAt.BondingScrew, Assert.Single(box.Pigtails.Values).To.At);
        // Two 14-2 in a box by NEC 314.16(B): four conductors and one allowance for grounds, 5 × 2.00 in³.
        Assert.All(ways.Where(w => w.Kind.ByCount), w => Assert.Equal(10m, w.Fill.Needed.High!.Value.CubicInches));
    }

    /// <summary>Moved to another box the end hangs free, with its tape on; the far end, and what stands there, is as it was.</summary>
    [Fact]
    public void An_end_moved_to_another_box_hangs_free_there_and_the_far_end_stays()
    {
        var house = House()
            .Do(
                new IdentifyLead("b", "on.b1", "white", ConductorUse.Hot, "black"),
                new AddBox("other", "Other", "square-4x1-1/2", null, null, Contents.Complete)
            );
        var after = house.Do(new MoveRunEnd("b", "on", RunSide.B, "other", "k"));
        Assert.Empty(after.Boxes["b"].Leads);
        Assert.Equal(EntryState.Open, after.Boxes["b"].Entries.Values.Single(e => e.State != EntryState.Closed).State);
        Assert.All(after.Boxes["other"].Leads.Values, l => Assert.Equal(Landing.Loose, l.Lands));
        Assert.Equal("black", after.Boxes["other"].Leads["on.b1"].MarkedAs);
        Assert.Equal(JobJson.Text(Only(house, "j")), JobJson.Text(Only(after, "j")));
        Assert.True(after.Runs["on"].B.IsIn("other"));
        Assert.Equal(Feeds.FeedsIn, after.Runs["on"].B.Feeds);
        // What hung on a load side is protected by nothing where it comes to.
        var marked = house.Do(
            new NameCable("j", "on", RunSide.A, null, Feeds.Protected),
            new MoveRunEnd("j", "on", RunSide.A, "other", "k")
        );
        Assert.Equal(Feeds.CannotTell, marked.Runs["on"].A.Feeds);
        Assert.Equal(["b", "other"], new MoveRunEnd("b", "on", RunSide.B, "other", "k").OfBoxes.Texts());
        Assert.NotNull(new MoveRunEnd("j", "on", RunSide.A, "j", "k").Check(house));

        static Job Only(Job job, Id<Box> box) => Job.Blank("only") with { Boxes = Job.Blank("x").Boxes.With(box, job.Boxes[box]) };
    }

    [Fact]
    public void What_hangs_at_the_end_is_asked_at_the_new_box()
    {
        var job = House()
            .Do(
                new AddCable("j", "tank", "k9", Jobs.Nm(14, 2), Feeds: Feeds.FeedsOn),
                new EndAtLoad("tank", RunSide.B, "heater"),
                new NoteFact("j", "tank.a", "far-load", new Observation(Known.Measured, "1200"))
            );
        var after = IntoCable.Find(job, Ask with { Run = "tank", Further = "tank2", Along = null })[0].Edit.Apply(job);
        Assert.Null(after.Boxes["j"].Fact("tank.a", "far-load"));
        Assert.Equal("1200", after.Boxes["mid"].Fact("tank2.a", "far-load")!.Value);
        Assert.Equal(EndAt.Load, after.Runs["tank2"].B.At);
    }

    [Fact]
    public void Places_along_a_cable_go_with_the_piece_they_lie_on()
    {
        RunHurt At(HurtKind kind, long inches) => new(kind) { Along = new(Known.Measured, Length.Inches(inches)) };
        var job = House()
            .Do(
                new HurtRun("on", "near", At(HurtKind.Nicked, 30)),
                new HurtRun("on", "far", At(HurtKind.Crushed, 100)),
                new HurtRun("on", "somewhere", new(HurtKind.Exposed)),
                new HurtRun("on", "cut", At(HurtKind.Cut, 60))
            );
        var after = IntoCable.Find(job, Ask)[0].Edit.Apply(job);
        Assert.Equal(["near", "somewhere"], after.Runs["on"].Hurts.Ids.Order());
        Assert.Equal(["far", "somewhere"], after.Runs["on2"].Hurts.Ids.Order());
        Assert.Equal(40, after.Runs["on2"].Hurts["far"].Along!.OrNull!.Value.InInches);
    }

    /// <summary>A house with boxes put into its cables and cables cut at random: the kept connections are those made anew, and everything
    /// goes back by what it changed.</summary>
    [Fact]
    public void Cut_and_opened_at_random_it_is_what_it_would_be_anew_and_can_be_taken_back()
    {
        var random = new Random(13);
        var job = SmallHouse.Rows(2, 4);
        for (var i = 0; i < 24; i++)
        {
            var run = job.Runs.Ids.ElementAt(random.Next(job.Runs.Count));
            Edit edit = random.Next(3) switch
            {
                0 => new HurtRun(run, $"h{i}", new(random.Next(2) == 0 ? HurtKind.Cut : HurtKind.Nicked)),
                1 when job.Runs[run].Hurts.Count > 0 => new MendRun(run, job.Runs[run].Hurts.Ids.First()),
                _ when IntoCable.Find(job, new(run, $"box{i}", $"run{i}", $"Box {i}")) is [var way, ..] => way.Edit,
                _ => new HurtRun(run, $"h{i}", Cut),
            };
            var next = job.Do(edit);
            var back = Cells.Put(next, Cells.Between(job, next).Select(c => (c.Path, c.Was)));
            Assert.Equal(JobJson.Text(job), JobJson.Text(back));
            var anew = System.Text.Json.JsonSerializer.Deserialize(JobJson.Text(next), JobJson.Default.Job)!;
            foreach (var (id, box) in next.Boxes)
            {
                Assert.Equal(
                    Inspector.JudgeAll(anew, id, anew.Boxes[id]).Select(f => f.Key),
                    Inspector.JudgeAll(next, id, box).Select(f => f.Key)
                );
            }

            // And the kept network that of one solved anew.
            Assert.Equal(
                LiveParts.Of(anew).Select(p => (p.Box.Text, p.Of, Math.Round(p.Volts, 6))),
                LiveParts.Of(next).Select(p => (p.Box.Text, p.Of, Math.Round(p.Volts, 6)))
            );
            job = next;
        }

        Assert.Contains(job.Runs.Values, r => r.IsCut);
        Assert.Contains(job.Boxes.Ids, b => b.Text.StartsWith("box", StringComparison.Ordinal));
    }
}
