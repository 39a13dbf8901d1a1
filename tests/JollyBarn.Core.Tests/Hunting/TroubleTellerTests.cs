using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Telling.Hunting;
using JollyBarn.Testing;
using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests.Hunting;

/// <summary>What a trouble says on its screen, and what it never says.</summary>
public class TroubleTellerTests
{
    private const string Now = "2026-10-01T12:00:00Z";
    private static readonly Look Resets = new(LookKind.Guard, GuardKey.Device("b", "g").ToString());

    private static Job Yard(params Edit[] more) =>
        TroubledHouse.YardPost().Do([new OpenComplaint("t", "It trips", "Ines", "2026-10-01T08:00:00Z"), .. more]);

    private static Observe Saw(string id, Look look, SeenCase shows, Setup? setup = null, string? again = null) =>
        new("t", id, new(look, shows, "Ines", $"2026-10-01T08:{id[1..].PadLeft(2, '0')}:00Z", setup, Again: again));

    private static ToldTrouble Tell(Job job, string by = "Ines", Means? means = null) =>
        new TroubleTeller(job, "t", by, means ?? Means.Usual, Now).Tell();

    private static ToldFault Fault(ToldTrouble told) => told.Suspects[0].Faults[0];

    private static FoundFault Found(ToldTrouble told, string? who = null) =>
        new(Fault(told).Box, Fault(told).Case, Fault(told).Details, "Ines", "2026-10-01T09:00:00Z", who);

    [Fact]
    public void Before_anything_was_observed_nothing_is_suspected_and_nothing_cleared()
    {
        var told = Tell(Yard());
        Assert.Empty(told.Suspects);
        Assert.Empty(told.Next);
        Assert.Empty(told.Where);
        Assert.False(told.Found);
    }

    /// <summary>With the cable to the shed off it trips, with that to the post off it holds: the shed is
    /// cleared, the post is not.</summary>
    [Fact]
    public void A_box_is_cleared_by_what_was_observed_where_all_of_it_is_recorded()
    {
        Edit[] seen =
        [
            Saw("o1", Resets, SeenCase.TripsAtOnce),
            Saw("o2", Resets, SeenCase.TripsAtOnce, new(Unplugged: true)),
            Saw("o3", Resets, SeenCase.TripsAtOnce, new(["shed.a"])),
            Saw("o4", Resets, SeenCase.Holds, new(["buried.a"])),
        ];
        ShareCase Of(Job job, string box) => Tell(job).Where.Single(w => w.Id == box).Case;
        Assert.Equal(ShareCase.Cleared, Of(Yard(seen), "s"));
        Assert.Equal(ShareCase.May, Of(Yard(seen), "post"));

        // The same box, and nobody said that all of it is recorded: nothing clears it.
        Assert.Equal(ShareCase.NotRecorded, Of(Yard([.. seen, new SetContents("s", Contents.Partial)]), "s"));

        // The boxes hang on each other as the feed goes, and the cable that lies apart is the one between these two.
        var tree = Tell(Yard(seen)).Where.ToDictionary(w => w.Id.Text, w => (w.From?.Text, w.Cut));
        Assert.Equal("b", Assert.Single(tree, w => w.Value.Text is null).Key);
        Assert.Equal(("k", true), tree["post"]);
        Assert.False(Tell(Yard([.. seen, new PutBackApart("t", "buried.a")])).Where.Single(w => w.Id == "post").Cut);

        // What lies apart is told until it is back.
        Assert.Equal(["buried.a", "shed.a"], Tell(Yard(seen)).Apart.Select(a => a.End).Order());
        Assert.Equal(["buried.a"], Tell(Yard([.. seen, new PutBackApart("t", "shed.a")])).Apart.Select(a => a.End));
        Assert.NotNull(new CloseComplaint("t", Now).Check(Yard(seen)));
    }

    /// <summary>While nothing the program knows explains it, no box is cleared.</summary>
    [Fact]
    public void Nothing_is_cleared_while_nothing_explains_it()
    {
        var row = SmallHouse.Rows(1, 4).Do(new OpenComplaint("t", "It glares", "Ines", "2026-10-01T08:00:00Z"));
        for (var b = 0; b < 4; b++)
        {
            var look = new Look(LookKind.Outlet, Points.Face($"b0.{b}", "d", "upperhot"), Points.Face($"b0.{b}", "d", "upperneutral"));
            row = row.Do(Saw($"o{b}", look, SeenCase.TooBright));
        }

        var told = Tell(row);
        Assert.Equal(3, told.Nothing.Count);
        Assert.DoesNotContain(told.Where, w => w.Case == ShareCase.Cleared);
        Assert.False(told.Found);
    }

    [Fact]
    public void A_test_that_opens_a_box_asks_for_its_proof_and_one_that_switches_on_for_everybodys_hands()
    {
        var tripping = Yard(Saw("o1", Resets, SeenCase.TripsAtOnce), Saw("o2", Resets, SeenCase.TripsAtOnce, new(Unplugged: true)));
        var lift = Tell(tripping).Next.First(t => t.Case == TrialCase.LiftPair);
        Assert.NotEmpty(lift.Prove);
        Assert.Empty(lift.Waits);

        // Tomas holds the breaker: nothing is switched on behind his back.
        var held = tripping.Do(new SwitchBreaker("p", 1, "Tomas", Now, false));
        Assert.Contains(Tell(held).Next.First(t => t.Look.Look.Kind == LookKind.Guard).Waits, w =>
            w.Contains("Tomas", StringComparison.Ordinal)
        );
        Assert.Empty(Tell(held, by: "Tomas").Next.First(t => t.Look.Look.Kind == LookKind.Guard).Waits);
    }

    [Fact]
    public void Who_may_not_open_a_box_is_asked_for_no_test_that_does()
    {
        var tripping = Yard(Saw("o1", Resets, SeenCase.TripsAtOnce));
        Assert.All(Tell(tripping, means: Means.Usual with { Opens = false }).Next, t => Assert.Empty(t.Opens));
        Assert.All(Tell(tripping, means: new([], true)).Next, t =>
            Assert.DoesNotContain(t.Case, new[] { TrialCase.Read, TrialCase.PlugInTester, TrialCase.DeadLoop })
        );
    }

    /// <summary>A shock comes first, and that it was used before clears nothing.</summary>
    [Fact]
    public void A_shock_says_first_what_to_do_now()
    {
        var shock = new Observed(
            new(LookKind.Touch, Points.Metal("b")),
            SeenCase.Felt,
            "Ines",
            Now,
            Shock: new(WetSkin: true, Shoes: false, WetGround: true, UsedBefore: true)
        );
        var house = TroubledHouse.TwoWire().Do(new OpenComplaint("t", "It bit", "Ines", Now), new Observe("t", "o1", shock));
        var told = Tell(house);
        Assert.Contains(told.Urgent, u => u.Now.Contains("off now", StringComparison.Ordinal));
        Assert.Contains(told.Suspects, s => s.Hurts && s.Does.Contains("mA through a person", StringComparison.Ordinal));
    }

    /// <summary>The same looks again, each once however often it was made, judged by what the sound wiring shows.</summary>
    [Fact]
    public void Once_a_cause_is_found_each_look_is_asked_again_once_and_judged_by_the_wiring()
    {
        var tripping = Yard(
            Saw("o1", Resets, SeenCase.TripsAtOnce),
            Saw("o2", Resets, SeenCase.Holds, new(["safe.a"])),
            Saw("o3", Resets, SeenCase.TripsAtOnce)
        );
        Assert.Empty(Tell(tripping).Again);
        var found = tripping.Do(new FindCause("t", "f", Found(Tell(tripping))));
        var asked = Assert.Single(Tell(found).Again);
        Assert.Null(asked.Fits);
        Assert.Equal("holds", asked.Predicted);
        Assert.Empty(asked.Look.Setup.Apart);
        Assert.False(Assert.Single(Tell(found.Do(Saw("o4", Resets, SeenCase.TripsAtOnce, again: "o3"))).Again).Fits);
        Assert.True(Assert.Single(Tell(found.Do(Saw("o4", Resets, SeenCase.Holds, again: "o1"))).Again).Fits);
    }

    /// <summary>Every other box of that hand, likeliest first, until somebody looked into it; practice blames nobody.</summary>
    [Fact]
    public void The_hand_that_made_it_is_followed_into_its_other_boxes()
    {
        var tripping = Yard(
            Saw("o1", Resets, SeenCase.TripsAtOnce),
            new SayWorked("t", "w1", new("s", "Tomas")),
            new SayWorked("t", "w2", new("k", " tomas"))
        );
        var found = Found(Tell(tripping), "Tomas") with { Box = "post" };
        var job = tripping.Do(new FindCause("t", "f", found));
        Assert.Equal(["k", "s"], SameHand.Of(job, found).Select(b => b.Text).Order());
        var inside = Saw("o9", new(LookKind.Inside, "s"), SeenCase.Sound);
        var looked = job.Do(inside with { Observed = inside.Observed with { At = Now } });
        Assert.Equal(["k"], SameHand.Of(looked, found).Select(b => b.Text));
        Assert.Empty(SameHand.Of(job, found with { Who = null }));
        var practice = job with { Complaints = job.Complaints.Each((_, c) => c with { Hidden = 3 }) };
        Assert.Empty(SameHand.Of(practice, found));
    }

    /// <summary>The same number hides the same fault, and one that is noticed.</summary>
    [Fact]
    public void A_number_hides_one_fault_that_shows_where_it_is_noticed()
    {
        var job = TroubledHouse.YardPost();
        var scene = Scene.Of(job, []);
        foreach (var number in Enumerable.Range(1, 12))
        {
            var hidden = HiddenFault.Of(job, number)!;
            Assert.Equal(hidden.Fault.Key, HiddenFault.Of(job, number)!.Fault.Key);
            var sound = Predicting.Of(scene, Suspect.Sound, [hidden.Noticed])[0];
            Assert.False(sound.Same(Predicting.Of(scene, hidden.Fault, [hidden.Noticed])[0]));
        }

        Assert.True(Enumerable.Range(1, 12).Select(n => HiddenFault.Of(job, n)!.Fault.Key).Distinct().Count() > 5);
        Assert.Null(HiddenFault.Of(Job.Blank("empty"), 1));
    }

    /// <summary>A fault along a cable is looked for at both its ends.</summary>
    [Fact]
    public void A_fault_along_a_cable_belongs_to_both_its_ends()
    {
        var scene = Scene.Of(TroubledHouse.YardPost(), []);
        var along = HiddenFault
            .Faults(scene)
            .Select(f => f.Faults[0])
            .Where(f => f.Offer.Case == OfferCase.NailThrough && f.Offer.About.ToString().Contains("buried", StringComparison.Ordinal));
        Assert.Equal(["k", "post"], Assert.Single(along).Boxes(scene.Job).Select(b => b.Text).Order());
    }

    /// <summary>A Change with no box proves nothing, not everything; what was tested before it was worked on counts no more.</summary>
    [Fact]
    public void What_was_tested_before_the_work_proves_nothing_of_it()
    {
        var house = TroubledHouse.YardPost();
        var told = AcceptanceTeller.Tell(house, null, Means.Usual);
        var test = told.Tests[0];
        var seen = new Observed(test.Look.Look, test.Look.Answers[0].Case, "Ines", "2026-10-01T10:00:00Z", test.Look.Setup);
        var tested = house.Do(new LogTested("a", new(seen)));
        Assert.Equal(1, AcceptanceTeller.Tell(tested, null, Means.Usual).Made);
        Assert.Equal("Ines", AcceptanceTeller.Tell(tested, null, Means.Usual).Tests.Single(t => t.Fits is not null).By);
        var worked = tested.Do(
            new OpenChange("c", "Later"),
            new RecordDone("c", "d", new NoteBox("b", "moved")),
            new TickStep("c", "b", "note", "Ines", "2026-10-01T11:00:00Z", "d")
        );
        Assert.Equal(0, AcceptanceTeller.Tell(worked, null, Means.Usual).Made);

        var empty = AcceptanceTeller.Tell(house.Do(new OpenChange("none", "Nothing yet")), "none", Means.Usual);
        Assert.Equal((0, 0), (empty.Faults, empty.Tests.Count));
    }

    /// <summary>What is recorded wrongly is proved by no test: metal that is live as recorded shows what is expected of it.</summary>
    [Fact]
    public void Where_a_stop_stands_nothing_is_proved_by_its_tests()
    {
        Assert.NotNull(AcceptanceTeller.Tell(Demo.Present, "upstairs", Means.Usual).Stands);
        var sound = SmallHouse.Rows(1, 2);
        Assert.Null(AcceptanceTeller.Tell(sound, null, Means.Usual).Stands);

        // Nor where somebody said that not all of it is recorded.
        var partly = sound.Do(new SetContents("b0.1", Contents.Partial));
        Assert.NotNull(AcceptanceTeller.Tell(partly, null, Means.Usual).Stands);
    }
}
