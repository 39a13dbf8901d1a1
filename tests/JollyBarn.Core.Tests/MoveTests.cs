using System.Text.Json;
using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Planning;
using JollyBarn.Telling;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Picking an end: every place it may go, and what would follow there.</summary>
public class MoveTests
{
    private static readonly Job Gfci = GfciBox.Make();

    [Fact]
    public void An_end_may_go_to_every_joint_and_landing_place_to_a_new_joint_a_cap_or_loose()
    {
        var keys = Of(Gfci, Lead("safe.a0")).Select(m => m.Key).ToList();
        var places = DeviceKinds.Find("protective")!.Terminals.SelectMany(t => t.Landings).Select(p => $"at:g:{p.Id}");
        Assert.Equal(new[] { "joint:hots", "joint:neutrals", "joint:grounds", "new", "cap", "loose" }.Concat(places).Order(), keys.Order());
    }

    [Fact]
    public void A_metal_box_offers_its_bonding_screw_too() =>
        Assert.Contains(Of(Jobs.WithBox("square-4x2-1/8").Cables(1, 14, 2), Lead("r0.a2")), m => m.Key == "screw");

    [Fact]
    public void Where_it_lies_now_is_known() =>
        Assert.Equal(["at:g:load-hot/plate"], Of(Gfci, Lead("safe.a0")).Where(m => m.Here).Select(m => m.Key));

    [Fact]
    public void Moved_from_load_to_the_joint_of_the_feed_the_cable_is_no_longer_protected_and_the_verdict_says_so()
    {
        var move = Of(Gfci, Lead("safe.a0")).Single(m => m.Key == "joint:hots");
        Assert.Contains(move.Follows, f => f == new Follow(Following.NoLongerProtected, new(ThingKind.RunHere, "safe")));
        Assert.Contains(move.New, f => f.Rule == "line-load");
        Assert.Equal(Gfci.Fill().Needed, move.Needed);
    }

    private static IReadOnlyList<string> Told(Job job, Move move) => MoveTeller.Tell(job, "b", [move])[0].Follows;

    [Fact]
    public void A_white_over_the_hot_joint_is_a_stop_before_it_is_made() =>
        Assert.Contains(Of(Gfci, Lead("on.a1")).Single(m => m.Key == "joint:hots").New, f =>
            f is { Rule: "polarity", Verdict: Verdict.Stop }
        );

    [Fact]
    public void Putting_a_loose_end_right_settles_its_verdict()
    {
        var loose = Gfci.Do(new MoveLead("b", "on.a0", Landing.Loose));
        var move = Of(loose, Lead("on.a0")).Single(m => m.Key == "joint:hots");
        Assert.Contains(move.Settled, f => f.Rule == "loose-end");
        Assert.Contains("black of the cable on to the porch is joined to the feed", Told(loose, move));
    }

    [Fact]
    public void Capping_the_feed_on_cuts_it_off_and_nothing_is_called_dead()
    {
        var follows = Of(Gfci, Lead("on.a0")).Single(m => m.Key == "cap").Follows;
        Assert.Equal([new Follow(Following.CutOff, Thing.Lead("on.a0"))], follows);
    }

    [Fact]
    public void With_its_neutral_taken_away_a_cable_is_said_to_stay_live()
    {
        // An open neutral leaves the hot beyond it live: common knowledge of the trade, and how people get hurt.
        var follows = Of(Gfci, Lead("on.a1")).Single(m => m.Key == "cap").Follows;
        Assert.Equal([new Follow(Following.CutOffHotLive, Thing.Lead("on.a1"))], follows);
    }

    [Fact]
    public void Three_leads_join_in_one_new_joint_called_by_their_use()
    {
        var job = Jobs.WithBox("nm-1g-22.5").Cables(3, 14, 2);
        var move = Of(job, new Held(["r0.a1", "r1.a1", "r2.a1"], null, false, null, "new1")).Single(m => m.Key == "new");
        var after = move.Edit!.Apply(job).Boxes["b"];
        Assert.Equal("neutrals", after.Joints["new1"].Name);
        Assert.All(["r0.a1", "r1.a1", "r2.a1"], id => Assert.True(after.Leads[id].Lands.IsIn("new1")));
    }

    [Fact]
    public void A_pigtail_pulled_from_a_joint_takes_its_gauge_colour_and_use()
    {
        var move = Of(Gfci, new Held([], null, false, "neutrals", "p1")).Single(m => m.Key == "at:g:line-neutral/plate");
        var tail = move.Edit!.Apply(Gfci).Boxes["b"].Pigtails["p1"];
        Assert.Equal(("white", 12, ConductorUse.Neutral), (tail.Colour, tail.Gauge!.Value.Number, tail.Use));
        Assert.Equal(Gfci.Fill().Needed, move.Needed); // A conductor that never leaves the box does not count, 314.16(B)(1).
    }

    [Fact]
    public void One_end_of_a_pigtail_moves_and_the_other_stays()
    {
        var move = Of(Gfci, new Held([], "tail-hot", true, null, "x")).Single(m => m.Key == "at:g:load-hot/plate");
        var tail = move.Edit!.Apply(Gfci).Boxes["b"].Pigtails["tail-hot"];
        Assert.Equal((GfciBox.In("hots"), GfciBox.At("load-hot/plate")), (tail.From, tail.To));
    }

    [Fact]
    public void A_conductor_that_goes_on_unbroken_is_refused_with_a_reason()
    {
        var job = Jobs.WithBox("nm-1g-22.5").Cables(2, 14, 2).Do(new PassThrough("b", "r0", "r1"));
        Assert.All(Of(job, Lead("r0.a0")), m => Assert.NotNull(m.Refusal));
    }

    [Fact]
    public void A_lead_that_is_not_there_is_refused() => Assert.All(Of(Gfci, Lead("nobody")), m => Assert.NotNull(m.Refusal));

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void What_is_foretold_is_what_happens_on_generated_boxes(int part)
    {
        for (var seed = part; seed <= 60; seed += 3)
        {
            var job = SomeBoxes.Make(seed);
            foreach (var lead in job.Boxes["b"].Leads.Where(l => l.Value.Form == LeadForm.Ended).Select(l => l.Key).Take(4))
            {
                foreach (var move in Of(job, Lead(lead)).Where(m => m.Edit is not null))
                {
                    var after = job.Do(
                        JsonSerializer.Deserialize(JsonSerializer.Serialize(move.Edit!, JobJson.Default.Edit), JobJson.Default.Edit)!
                    );
                    var findings = Inspector.Judge(after, "b", after.Boxes["b"]);
                    Assert.Equal((move.Fit, move.Needed), (after.Fill().Fit, after.Fill().Needed));
                    Assert.All(move.New, f => Assert.Contains(findings, x => x.Key == f.Key));
                    Assert.All(move.Settled, f => Assert.DoesNotContain(findings, x => x.Key == f.Key));
                }
            }
        }
    }

    private static Held Lead(string id) => new([id], null, false, null, "new1");

    private static IReadOnlyList<Move> Of(Job job, Held held) => Moves.Find(job, "b", held);
}
