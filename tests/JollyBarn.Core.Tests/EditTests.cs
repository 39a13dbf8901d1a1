using System.Text.Json;
using CsCheck;
using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Telling;
using JollyBarn.Telling.History;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

public class EditTests
{
    [Fact]
    public void What_cannot_physically_be_is_refused_with_a_sentence_and_a_field()
    {
        var job = Jobs.WithBox("nm-1g-18").Cables(1, 14, 2).Do(new AddDevice("b", "d", "receptacle", 1));
        (Edit Edit, string Field)[] impossible =
        [
            (new AddDevice("b", "e", "switch", 1), "gang"),
            (new AddDevice("b", "e", "switch", 2), "gang"),
            (new MoveLead("b", "r0.a0", new Landing(LandingAt.Terminal, null, "d", "line-hot/plate")), "to.place"),
            (new MoveLead("b", "r0.a0", new Landing(LandingAt.Joint, "nowhere")), "to.joint"),
            (new MoveLead("b", "r0.a0", new Landing(LandingAt.BondingScrew)), "to.at"),
            (new SetEntry("b", "k0", State: EntryState.Closed), "state"),
            (new SetBoxMark("b", Fact<Volume>.Marked(Volume.Of(-1))), "mark.value"),
            (new SetLeadLength("b", "r0.a0", new Fact<Length>(Known.Measured)), "length.value"),
            (new AddBox("b", "again", "nm-1g-18"), "id"),
            (new AddBox("B B", "bad id", "nm-1g-18"), "id"),
            (new RenameBox("b", " "), "name"),
            (new AddPartition("b", "w", 1), "afterGang"),
        ];
        foreach (var (edit, field) in impossible)
        {
            var refusal = edit.Check(job);
            Assert.True(refusal is not null, edit.ToString());
            Assert.Equal(field, refusal.Field);
            Assert.EndsWith(".", refusal.Tell().Says, StringComparison.Ordinal);
        }
    }

    [Fact]
    public void What_is_wrong_but_real_is_recorded()
    {
        var screw = new Landing(LandingAt.Terminal, null, "d", "hot-upper/screw");
        var job = Jobs.WithBox("nm-1g-18").Cables(2, 14, 2).Do(new AddDevice("b", "d", "receptacle", 1));
        job = job.Do(
            new MoveLead("b", "r0.a0", screw),
            new MoveLead("b", "r1.a0", screw),
            new JoinLeads("b", "j", "bare", ["r0.a1", "r1.a1"])
        );
        Assert.Equal(2, job.Boxes["b"].Leads.Values.Count(l => l.Lands == screw));
    }

    [Fact]
    public void Taking_a_device_out_leaves_its_leads_loose_and_takes_its_own_with_it()
    {
        var job = Jobs.WithBox("nm-1g-18").Cables(1, 14, 2).Do(new AddDevice("b", "d", "dimmer", 1));
        Assert.Equal(3, job.Boxes["b"].Leads.Values.Count(l => l.Device == "d"));
        job = job.Do(new JoinLeads("b", "j", "twist-on-small", ["r0.a0", "d.hot"]), new RemoveDevice("b", "d"));
        Assert.DoesNotContain(job.Boxes["b"].Leads.Values, l => l.Device is not null);
        Assert.Equal("j", job.Boxes["b"].Leads["r0.a0"].Lands.Joint);
    }

    [Fact]
    public void A_cable_pulled_out_leaves_a_hole_and_a_followed_one_joins_two_boxes()
    {
        var job = Jobs.WithBox("nm-1g-18")
            .Cables(1, 12, 2)
            .Do(
                new AddBox("c", "Other", "nm-1g-18"),
                new ConnectRun("c", "r0", RunSide.B, "in", EntrySide.Top, "from the bench", Feeds.FeedsIn)
            );
        Assert.Equal(3, job.Boxes["c"].Leads.Count);
        job = job.Do(new RemoveCable("b", "r0"));
        Assert.Equal(EntryState.Open, job.Boxes["b"].Entries["k0"].State);
        Assert.True(job.Runs.Has("r0"));
        Assert.False(job.Do(new RemoveCable("c", "r0")).Runs.Has("r0"));
    }

    [Fact]
    public void Conductors_that_pass_through_count_once()
    {
        var job = Jobs.WithBox("round-4x1-1/2").Cables(2, 14, 2);
        Assert.Equal(Volume.Of(10m), job.Fill().Needed.Low);
        Assert.Equal(Volume.Of(6m), job.Do(new PassThrough("b", "r0", "r1")).Fill().Needed.Low);
    }

    [Fact]
    public void A_room_is_set_at_once_or_not_at_all()
    {
        var job = Jobs.WithBox("square-4x1-1/2")
            .Do(new PutPlace("p", new Place("Pantry")), new PlaceBox("b", "p"), new AddBox("c", "Other", "device-3x2x2", "p"));
        Assert.Equal(
            ClampStyle.Outside,
            job.Do(new ForRoom("p", new SetClamps("each", Fact<ClampStyle>.Marked(ClampStyle.Outside)))).Boxes["c"].Clamps.Value
        );
        Assert.NotNull(new ForRoom("p", new SetBoxKind("each", "no-such-box")).Check(job));
        Assert.NotNull(new ForRoom("p", new AddCable("each", "r", "k", Jobs.Nm(14, 2))).Check(job));
    }

    [Fact]
    public void A_change_is_planned_on_top_of_the_present_and_closing_it_makes_it_the_present()
    {
        var job = Jobs.WithBox("nm-1g-18")
            .Do(new OpenChange("c", "Bench row"), new PlanEdit("c", "e1", new AddCable("b", "r9", "k9", Jobs.Nm(12, 2))));
        Assert.Empty(job.Boxes["b"].Leads);
        Assert.Equal(3, ChangeWork.Planned(job, "c").Boxes["b"].Leads.Count);
        Assert.True(job.Changes["c"].AsFound.Has("b"));
        Assert.NotNull(new PlanEdit("c", "e2", new AddCable("b", "r9", "k9", Jobs.Nm(12, 2))).Check(job));
        Assert.Equal(3, job.Do(new CloseChange("c", "2026-10-01")).Boxes["b"].Leads.Count);
    }

    [Fact]
    public void Undo_after_any_edits_gives_the_same_job() =>
        Gen.Int[0, 100_000]
            .Sample(
                seed =>
                {
                    var random = new RandomEdits(seed);
                    var job = random.Grow(Job.Blank("j"), 40);
                    var states = new List<Job> { job };
                    for (var i = 0; i < 12; i++)
                    {
                        states.Add(random.Grow(states[^1], 1));
                    }

                    var back = states[^1];
                    for (var i = states.Count - 1; i > 0; i--)
                    {
                        var cells = Cells.Between(states[i - 1], states[i]);
                        var undo = new Restore("e", cells, false, "");
                        Assert.Null(undo.Blocking(back));
                        back = undo.Apply(back);
                        Assert.Equal(JobJson.Text(states[i - 1]), JobJson.Text(back));
                        Assert.Equal(JobJson.Text(states[i]), JobJson.Text(new Restore("e", cells, true, "").Apply(back)));
                    }
                },
                iter: 60
            );

    [Fact]
    public void Replay_equals_the_present_through_the_file() =>
        Gen.Int[0, 100_000]
            .Sample(
                seed =>
                {
                    var random = new RandomEdits(seed);
                    var (job, log) = (Job.Blank("j"), new List<string>());
                    for (var i = 0; i < 80; i++)
                    {
                        var edit = random.Next(job);
                        if (edit.Check(job) is null)
                        {
                            job = edit.Apply(job);
                            log.Add(JsonSerializer.Serialize(edit, JobJson.Default.Edit));
                        }
                    }

                    var again = log.Select(l => JsonSerializer.Deserialize(l, JobJson.Default.Edit)!)
                        .Aggregate(Job.Blank("j"), (j, e) => e.Apply(j));
                    Assert.Equal(JobJson.Text(job), JobJson.Text(again));
                    Assert.Equal(JobJson.Text(job), JobJson.Text(JsonSerializer.Deserialize(JobJson.Text(job), JobJson.Default.Job)!));
                },
                iter: 60
            );

    [Fact]
    public void Nothing_that_is_left_out_of_the_file_is_asked_for_again()
    {
        var nullability = new System.Reflection.NullabilityInfoContext();
        var asked = typeof(Edit)
            .Assembly.GetTypes()
            .Where(t =>
                t.Namespace is "JollyBarn.Edits" or "JollyBarn.Wiring" or "JollyBarn.OpenFile" or "JollyBarn.CodeBook"
                && typeof(IEquatable<>).MakeGenericType(t).IsAssignableFrom(t)
                && !t.ContainsGenericParameters
            )
            .SelectMany(t => t.GetConstructors())
            .SelectMany(c => c.GetParameters())
            .Where(p =>
                !p.HasDefaultValue
                && nullability.Create(p).ReadState == System.Reflection.NullabilityState.Nullable
                && p.Member.DeclaringType!.Name is not ("BoxKind" or "PartKind")
            );
        Assert.Empty(asked.Select(p => $"{p.Member.DeclaringType!.Name}.{p.Name}"));
    }

    [Fact]
    public void No_edit_that_reads_throws_on_a_job_it_does_not_belong_to() =>
        Gen.Int[0, 100_000]
            .Sample(
                seed =>
                {
                    var (home, away) = (new RandomEdits(seed), new RandomEdits(seed + 1));
                    var (here, there) = (home.Grow(Job.Blank("j"), 40), away.Grow(Job.Blank("j"), 40));
                    for (var i = 0; i < 40; i++)
                    {
                        var edit = home.Next(here);
                        _ = edit.Check(there);
                        _ = edit.Apply(there);
                        Assert.False(string.IsNullOrWhiteSpace(edit.Tell(there)));
                    }
                },
                iter: 60
            );
}
