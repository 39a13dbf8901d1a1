using JollyBarn.Connection.Sheet;
using JollyBarn.Edits;
using JollyBarn.Inspection.Judging;
using JollyBarn.Measures;
using JollyBarn.Planning.Ways;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests.Ways;

/// <summary>Cases of the trade, each with the ways a good electrician names and those they reject for their reason: common practice, with
/// the articles beside them from memory.</summary>
public sealed class TradeCaseTests
{
    private static readonly StandInShop Shop = new();

    /// <summary>Behind a deep ring the leads of a box end less than 3 in past the opening (300.14): each is made longer, where the edition
    /// lets it.</summary>
    [Fact]
    public void Leads_too_short_past_a_deep_ring_are_made_longer()
    {
        var house = DeepRing();
        var short4 = Inspector
            .Judge(house, "b", house.Boxes["b"])
            .Where(f => f is { Rule: "reach", Verdict: Inspection.Verdict.Fix })
            .ToList();
        Assert.Equal(4, short4.Count);
        var answer = WaySearch.Find(house, new Wish(WishKind.LongerLeads, "b"), Shop);
        // All four at once, not one after another.
        var way = Assert.Single(answer.Ways, w => w.Choice.Remedy is { Kind: "LongerLead", Case: "JoinOn" });
        Assert.Equal(4, way.Choice.Targets.Count);
        Assert.DoesNotContain(Inspector.Judge(way.After, "b", way.After.Boxes["b"]), f =>
            f is { Rule: "reach", Verdict: Inspection.Verdict.Fix }
        );
        Assert.Equal(4, way.After.Boxes["b"].Pigtails.Count - house.Boxes["b"].Pigtails.Count);
        Assert.True(way.Parts.Where(p => p.Part.Sort == PartSort.Connector).Sum(p => p.Count) >= 4);
        // Or cable is pulled in from outside, where there is some.
        Assert.Contains(answer.Ways, w => w.Choice.Remedy is { Case: "PullIn" });
    }

    /// <summary>A downlight's own box takes what its maker says: with more cables than that the joints go to a junction box beside it, and
    /// no bigger box takes its place.</summary>
    [Fact]
    public void Joints_of_a_downlight_go_to_a_box_beside_it()
    {
        var house = Downlight();
        var answer = WaySearch.Find(house, new Wish(WishKind.Bigger, "b"), Shop);
        Assert.Contains(answer.Ways, w => w.Choice.Remedy?.Kind == "JointsAside");
        Assert.DoesNotContain(answer.Ways, w => w.Choice.Instead is { Keeps: false });
        Assert.All(answer.Ways.Where(w => w.Choice.Remedy?.Kind == "JointsAside"), w =>
        {
            // Two cables less come to the light, and one goes on from the new box to it.
            Assert.Equal(1, Cables(w.After.Boxes["b"]));
            Assert.Equal(1, w.After.Boxes.Count - house.Boxes.Count);
        });
    }

    /// <summary>Two-slot receptacles on old two-wire cable, one after the other (406.4(D)(2)): protection at the first covers both when
    /// what
    /// goes on hangs on its load side, and itself alone when it does not; at the last there is nothing to cover.</summary>
    [Theory]
    [InlineData("b", new[] { Shield.None, Shield.LoadSide })]
    [InlineData("far", new[] { Shield.None })]
    public void Protection_at_the_first_of_a_chain_covers_what_hangs_behind(string at, Shield[] shields)
    {
        var answer = WaySearch.Find(Chain(), new Wish(WishKind.ReplaceDevice, at, Device: "protective"), Shop);
        Assert.Equal(shields, answer.Ways.Select(w => w.Choice.Shield).Order());
        Assert.All(answer.Ways, w =>
        {
            Assert.Contains(w.Parts, p => p.Part.Sort == PartSort.Label);
            // By the run sheet, which is read from the links the network is solved from.
            var stop = RunSheet.Of(w.After).Rails.SelectMany(r => r.Stops).Single(s => s.Id == "far");
            Assert.Equal(w.Choice.Shield == Shield.LoadSide, stop.Behind.Any(g => g.In == "b"));
            Assert.True(stop.Seen);
        });
    }

    /// <summary>Blocking below: no way goes under the floor, and the others stay.</summary>
    [Fact]
    public void Blocking_below_leaves_the_ways_that_do_not_go_down()
    {
        var house = SmallHouse
            .Followed(SmallHouse.Receptacle("protective", box: "ow-1g-20.5"))
            .Do(new PutPlace("in", new Place("Bindery", Wetness.Dry, "workshop")), new PlaceBox("b", "in"), new PlaceBox("j", "in"));
        Wish wish = new(WishKind.MoreOutlets, "b") { Closed = true };
        var (open, blocked) = (WaySearch.Find(house, wish, Shop), WaySearch.Find(house, wish with { Under = false }, Shop));
        Assert.Contains(open.Ways, w => w.Choice.Route == WayRoute.UnderFloor);
        // Nobody looked under the floor: such a way waits, and is never first while another is known to work.
        Assert.All(open.Ways.Where(w => w.Choice.Route == WayRoute.UnderFloor), w => Assert.False(w.Decided));
        Assert.NotEmpty(blocked.Ways);
        Assert.DoesNotContain(blocked.Ways, w => w.Choice.Route == WayRoute.UnderFloor);
    }

    private static int Cables(Box box) => box.Leads.Values.Where(l => l.Run is not null).Select(l => (l.Run, l.Side)).Distinct().Count();

    /// <summary>A 4 in box, 2⅛ deep, behind a ring of 1¼ in: four leads that end 2⅜ in past the opening.</summary>
    private static Job DeepRing() =>
        Job.Blank("test")
            .Do([
                new AddBox("b", "Counter", "square-4x2-1/8", null, null, Contents.Complete),
                new AddPart("b", "ring", "ring-4-1g-1-1/4"),
                new AddCable("b", "feed", "k1", Jobs.Nm(14, 2), EntrySide.Top, null, "from the panel", Feeds.FeedsIn),
                new AddCable("b", "on", "k2", Jobs.Nm(14, 2), EntrySide.Top, null, "on to the window", Feeds.FeedsOn),
                new JoinLeads("b", "hots", "twist-on-medium", ["feed.a0", "on.a0"], "hots"),
                new JoinLeads("b", "neutrals", "twist-on-medium", ["feed.a1", "on.a1"], "neutrals"),
                new JoinLeads("b", "grounds", "twist-on-medium", ["feed.a2", "on.a2"], "grounds"),
                .. new[] { "feed.a0", "feed.a1", "on.a0", "on.a1" }.Select(l => new NoteFact(
                    "b",
                    l,
                    LeadFacts.PastOpening.Id,
                    new Observation(Known.Measured, "2 3/8")
                )),
            ]);

    private static Job Downlight() =>
        Job.Blank("test")
            .Do(
                new AddBox("b", "Landing light", "canless-box", null, Fact<Volume>.Marked(Volume.Of(12)), Contents.Complete),
                new AddCable("b", "feed", "k1", Jobs.Nm(14, 2), EntrySide.Top, null, "from the switch", Feeds.FeedsIn),
                new AddCable("b", "on", "k2", Jobs.Nm(14, 2), EntrySide.Top, null, "on to the next", Feeds.FeedsOn),
                new AddCable("b", "far", "k3", Jobs.Nm(14, 2), EntrySide.Bottom, null, "on to the stair", Feeds.FeedsOn),
                new AddDevice("b", "lamp", "luminaire"),
                new JoinLeads("b", "hots", "twist-on-medium", ["feed.a0", "on.a0", "far.a0", "lamp.hot"], "hots"),
                new JoinLeads("b", "neutrals", "twist-on-medium", ["feed.a1", "on.a1", "far.a1", "lamp.neutral"], "neutrals"),
                new JoinLeads("b", "grounds", "twist-on-medium", ["feed.a2", "on.a2", "far.a2", "lamp.ground"], "grounds")
            );

    /// <summary>Two two-slot receptacles on old cable, the second fed through the first's box.</summary>
    private static Job Chain()
    {
        CableSpec old = new(CableType.OldTwoWire, 2, GroundKind.None, Gauge.Awg(14));
        return SmallHouse
            .Receptacle("receptacle-two-slot", ground: false, box: "nm-1g-22.5")
            .Do(SmallHouse.OldFeed())
            .Do(
                new PutPlace("in", new Place("East bedroom", Wetness.Dry, "bedroom")),
                new AddCable("b", "further", "k7", old, EntrySide.Bottom, null, "on to the window", Feeds.FeedsOn),
                new SetRun("further", Circuit: "c", Length: SmallHouse.Feet(12)),
                new MoveLead("b", "further.a0", GfciBox.At("hot-lower/screw", "r")),
                new MoveLead("b", "further.a1", GfciBox.At("neutral-lower/screw", "r")),
                new AddBox("far", "Window", "nm-1g-22.5", null, null, Contents.Complete),
                new ConnectRun("far", "further", RunSide.B, "k", EntrySide.Top, "from the bed", Feeds.FeedsIn),
                new AddDevice("far", "r", "receptacle-two-slot", 1),
                new MoveLead("far", "further.b0", GfciBox.At("hot-upper/screw", "r")),
                new MoveLead("far", "further.b1", GfciBox.At("neutral-upper/screw", "r")),
                new PlaceBox("b", "in"),
                new PlaceBox("far", "in"),
                new PlaceBox("j", "in")
            );
    }

    private static Fact<Length> Measured(string length) => new(Known.Measured, Length.Parse(length));
}
