using JollyBarn.Edits;
using JollyBarn.Making;
using JollyBarn.Planning;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests.Making;

/// <summary>The order of a make-up card (common practice: off, prove, take apart, bring in, grounds, neutrals, hots, load before line,
/// ground, neutral, hot, power on, test, label), by the schools of a house; and what stands between a hand and a conductor.</summary>
public sealed class MakeUpCardTests
{
    private const string At = "2026-10-01T08:00:00Z";

    /// <summary>A protective receptacle in a box with three cables, made up from nothing but its cables.</summary>
    private static Job Bare(Func<Job, Job>? house = null)
    {
        Edit[] planned = [.. GfciBox.Edits().Where(e => e is not (AddBox or AddCable))];
        Edit[] there = [.. GfciBox.Edits().Where(e => e is AddBox or AddCable)];
        var job = Job.Blank("test").Do(there);
        return (house?.Invoke(job) ?? job).Do(new OpenChange("plan", "Plan"), new PlanEdit("plan", "p", new Batch(planned)));
    }

    private static List<CardStep> Steps(Job job) => new CardWalk("plan").Steps(job, "b");

    private static List<string> Keys(Job job) => [.. Steps(job).Select(s => s.Key)];

    [Fact]
    public void Grounds_then_neutrals_then_hots_then_load_before_line_each_ground_neutral_hot()
    {
        string[] order =
        [
            "off",
            "joint.grounds",
            "joint.neutrals",
            "joint.hots",
            "foldback",
            "device.g",
            "terminal.g.ground",
            "terminal.g.loadneutral",
            "terminal.g.loadhot",
            "terminal.g.lineneutral",
            "terminal.g.linehot",
            "unused.g",
            "fix.g",
            "plateon",
            "poweron",
            "reset.g",
            "readings",
            "button.g",
            "label",
            "cleanup",
        ];
        Assert.Equal(order, Keys(Bare()).Where(order.Contains));
    }

    [Theory]
    [InlineData("makeup.order", "hng", "joint.hots", "joint.grounds")]
    [InlineData("makeup.order", "gnh", "joint.grounds", "joint.hots")]
    [InlineData("gfci.order", "line", "terminal.g.linehot", "terminal.g.loadneutral")]
    [InlineData("gfci.order", "load", "terminal.g.loadhot", "terminal.g.lineneutral")]
    public void The_house_decides_the_order(string question, string school, string first, string then)
    {
        var keys = Keys(Bare(j => j.Do(new SetPractice(question, school))));
        Assert.True(keys.IndexOf(first) >= 0 && keys.IndexOf(first) < keys.IndexOf(then), string.Join(", ", keys));
    }

    /// <summary>Twisted first: over-stripped and trimmed; by its own instructions, or a lever: stripped once and never twisted.</summary>
    [Theory]
    [InlineData("twistOnPreTwisted", true)]
    [InlineData("twistOn", false)]
    public void Leads_are_twisted_first_where_the_house_says_so(string school, bool twisted)
    {
        var joint = Steps(Bare(j => j.Do(new SetPractice("splice.kind", school)))).First(s => s.Case == StepCase.Joint);
        Assert.Equal(twisted, joint.Items.Any(i => i.Case == ItemCase.Twist));
        Assert.Equal(twisted ? "3/4 in" : "1/2 in", joint.Items.First(i => i.Case == ItemCase.Strip).Length.ToString());
    }

    /// <summary>Sheath off before the cable enters, or inside the box.</summary>
    [Theory]
    [InlineData("before", "sheath.new.a", "bringin.new.a")]
    [InlineData("inside", "bringin.new.a", "sheath.new.a")]
    public void The_sheath_comes_off_where_the_house_takes_it_off(string school, string first, string then)
    {
        var job = GfciBox
            .Make()
            .Do(
                new SetPractice("sheath.off", school),
                new OpenChange("plan", "Plan"),
                new PlanEdit("plan", "p", new AddCable("b", "new", "k9", Jobs.Nm(12, 3)))
            );
        var keys = Keys(job);
        Assert.True(keys.IndexOf(first) < keys.IndexOf(then), string.Join(", ", keys));
        Assert.Contains(Steps(job).First(s => s.Case == StepCase.Sheath).Items, i => i.Case == ItemCase.SheathRound);
    }

    /// <summary>A fished cable has no fastening step, 334.30(B)(1).</summary>
    [Fact]
    public void A_fished_cable_is_not_fastened()
    {
        var job = GfciBox
            .Make()
            .Do(new OpenChange("plan", "Plan"), new PlanEdit("plan", "p", new AddCable("b", "new", "k9", Jobs.Nm(12, 2))));
        Assert.Contains("fasten.new.a", Keys(job));
        var fished = job.Do(new PlanEdit("plan", "f", new NoteFact("b", "new.a", "fastener", new Observation(Wiring.Known.NotApplicable))));
        Assert.DoesNotContain("fasten.new.a", Keys(fished));
    }

    [Fact]
    public void What_cannot_be_taken_back_says_so_and_only_that()
    {
        var job = GfciBox
            .Make()
            .Do(new OpenChange("plan", "Plan"), new PlanEdit("plan", "p", new AddCable("b", "new", "k9", Jobs.Nm(12, 2))));
        Assert.Equal([StepCase.Sheath, StepCase.CutLength], Steps(job).Where(s => s.Final).Select(s => s.Case));
    }

    [Fact]
    public void Nothing_that_touches_a_conductor_is_shown_before_its_proof()
    {
        var card = MakeUpCard.Of(Bare(), "plan", "b", "Ines", At);
        Assert.Equal(CardGate.Missing, card.Gate);
        Assert.Equal([StepCase.Off, StepCase.Prove], card.Steps.Select(s => s.Case));
        Assert.DoesNotContain(card.Steps, s => s.Touches);
        Assert.True(card.Hidden > 10);
    }

    /// <summary>A new box with cables that go nowhere yet: nothing there can be live. Once one of them is connected at its other end, it is
    /// proved.</summary>
    [Fact]
    public void A_box_whose_cables_are_connected_to_nothing_needs_no_proof_until_one_is()
    {
        var job = GfciBox
            .Make()
            .Do(
                new OpenChange("plan", "Plan"),
                new PlanEdit("plan", "p1", new AddCable("b", "new", "k9", Jobs.Nm(12, 2))),
                new PlanEdit("plan", "p2", new AddBox("far", "Far", "nm-1g-18", null, null, Contents.Complete)),
                new PlanEdit("plan", "p3", new ConnectRun("far", "new", RunSide.B, "k1")),
                new PlanEdit("plan", "p4", new MoveLead("b", "new.a0", GfciBox.In("hots"))),
                new PlanEdit("plan", "p5", new AddDevice("far", "d", "receptacle", 1)),
                new PlanEdit("plan", "p6", new MoveLead("far", "new.b0", GfciBox.At("hot-upper/screw", "d")))
            );
        Assert.Equal(CardGate.NotNeeded, MakeUpCard.Of(job, "plan", "far", "Ines", At).Gate);
        var walk = new CardWalk("plan");
        job = walk.Do(job, "far", walk.Steps(job, "far").First(s => s.Case == StepCase.SetBox));
        job = walk.Do(job, "far", walk.Steps(job, "far").First(s => s.Case == StepCase.BringIn));
        Assert.Equal(CardGate.NotNeeded, MakeUpCard.Of(job, "plan", "far", "Ines", At).Gate);
        Assert.Equal(CardGate.Missing, MakeUpCard.Of(walk.Through(job, "b"), "plan", "far", "Ines", At).Gate);
    }

    /// <summary>A proof at the box as it is left holds for what is opened until something came apart, and stands again once that is read.
    /// Common practice: once more when the device is out.</summary>
    [Fact]
    public void A_joint_that_came_apart_is_read_again_before_the_next_step()
    {
        var job = GfciBox.Make().Do(new OpenChange("plan", "Plan"), new PlanEdit("plan", "p", new RemoveJoint("b", "hots")));
        job = Prove(
            job.Do(new BeginProof("proof", "b", "Ines", "two-pole", At, "lug", "ground", "plan"), Source("n1", ReadingStep.KnownBefore))
        );
        Assert.Equal(CardGate.Stands, MakeUpCard.Of(job, "plan", "b", "Ines", At).Gate);
        var walk = new CardWalk("plan");
        while (walk.Steps(job, "b") is [var next, ..] && next.Case != StepCase.OpenJoint)
        {
            job = walk.Do(job, "b", next);
        }

        job = walk.Do(job, "b", walk.Steps(job, "b")[0]);
        var card = MakeUpCard.Of(job, "plan", "b", "Ines", At);
        Assert.Equal((CardGate.Missing, ProofCase.CameApart), (card.Gate, card.Proof.Case));
        Assert.Equal(CardGate.Stands, MakeUpCard.Of(Prove(job), "plan", "b", "Ines", At).Gate);
    }

    private static LogReading Source(string id, ReadingStep step) =>
        new(id, new Reading("two-pole", "lug", "ground", "lit", "Ines", At, "b", "proof", step, Shows: ReadingShows.Something), "plan");

    /// <summary>Reads every pair that is missing, and the known source again.</summary>
    private static Job Prove(Job job)
    {
        foreach (var pair in MakeUpCard.Of(job, "plan", "b", "Ines", At).Proof.Missing)
        {
            var reading = new Reading(
                "two-pole",
                pair.From,
                pair.To,
                "dark",
                "Ines",
                At,
                "b",
                "proof",
                ReadingStep.Pair,
                Shows: ReadingShows.Nothing
            );
            job = job.Do(new LogReading($"n{job.Readings.Count}x", reading, "plan") { V = 2 });
        }

        return job.Do(Source($"n{job.Readings.Count}k", ReadingStep.KnownAfter));
    }

    /// <summary>Done otherwise than planned: what is there is not asked for again, and the rest follows from it.</summary>
    [Fact]
    public void What_was_done_otherwise_is_taken_as_it_is()
    {
        var job = Bare();
        var otherwise = new JoinLeads("b", "mine", "lever-3", ["feed.a2", "on.a2", "safe.a2"], "grounds");
        var then = job.Do(new RecordDone("plan", "o", otherwise));
        var joint = Steps(then).First(s => s.Case is StepCase.Joint or StepCase.OpenJoint);
        Assert.Equal("mine", ((Thing)joint.About["joint"]!).Id);
        Assert.DoesNotContain(Steps(then), s => s.Edit?.Edits.OfType<AddJoint>().Any(j => j.Id == "grounds") == true);
    }

    [Fact]
    public void A_plan_whose_box_is_made_up_is_carried_out_and_can_be_closed()
    {
        var job = new CardWalk("plan").Through(Bare(), "b");
        Assert.Equal(["p"], Carried.Of(job, "plan"));
        Assert.NotNull((new CloseChange("plan") with { V = 2 }).Check(job));
        var closed = job.Do(new CarryOut("plan", ["p"]), new CloseChange("plan") with { V = 2 });
        Assert.Empty(BoxDifference.Between(closed, GfciBox.Make(), "b"));
    }

    [Fact]
    public void A_mark_that_is_taken_off_takes_back_what_was_recorded_with_it()
    {
        var (job, walk) = (Bare(), new CardWalk("plan"));
        var done = walk.Do(job, "b", walk.Steps(job, "b").First(s => s.Case == StepCase.Joint));
        Assert.NotEmpty(ChangeWork.AsLeft(done, "plan").Boxes["b"].Joints);
        var back = done.Do(new UntickStep("plan", "b", "joint.grounds"));
        Assert.Empty(ChangeWork.AsLeft(back, "plan").Boxes["b"].Joints);
        Assert.Equal(Keys(job), Keys(back));
    }
}
