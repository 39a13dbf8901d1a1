using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Planning.Ways;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests.Ways;

/// <summary>The wishes of the ferry keeper's house: for each the ways a good electrician names, and what they reject for which reason.
/// Which
/// ways there are is common practice; the articles are from memory.</summary>
public sealed class DemoWishTests
{
    private static readonly StandInShop Shop = new();

    /// <summary>One more in the press room, the wall finished: from the box with room, protected there; behind the protection by the
    /// door in
    /// a roomier box; from the panel, which costs most.</summary>
    [Fact]
    public void One_more_in_the_press_room()
    {
        var answer = Find(new(WishKind.MoreOutlets, Place: "press") { Closed = true, Under = false });
        Assert.Equal(("press-left", Shield.Here), (answer.Ways[0].Choice.From?.Text, answer.Ways[0].Choice.Shield));
        Assert.Contains(answer.Ways, w => w.Choice is { From.Text: "press-door", Shield: Shield.LoadSide, Instead.Keeps: false });
        Assert.Contains(answer.Ways, w => w.Choice.Panel == "panel" && w.First.Contains(WayNotice.Licensed));
        // The pan over the lamps has only a switched hot; the splice in the open has no box to bring a cable into.
        TapMiss? Tap(string from) =>
            answer
                .Rejected.Where(r => r.Why == WayMiss.Tap && r.Choice.From == from)
                .Select(r => (TapMiss?)r.Details["tap"])
                .FirstOrDefault();
        Assert.Equal((TapMiss.OnlySwitched, TapMiss.NoBox), (Tap("press-lamps"), Tap("drying")));
        Assert.DoesNotContain(answer.Ways, w => w.Choice.From?.Text is "press-lamps" or "drying" or "case");
        Assert.Contains(answer.Rejected, r => r is { Why: WayMiss.NotOpened, Choice.From.Text: "case" });
    }

    /// <summary>On the porch, by the kettle's wall: the counter's circuits are for the counter alone (210.11(C)(1)), the porch's own box
    /// gives
    /// nothing but through its switch, and what is left wants a circuit of its own or a look first.</summary>
    [Fact]
    public void One_on_the_porch_does_not_hang_on_the_counter()
    {
        var answer = Find(new(WishKind.MoreOutlets, "kettle", Place: "porch") { Closed = true });
        Assert.DoesNotContain(answer.Ways, w => w.Choice.From == "kettle");
        Assert.Contains(answer.Rejected, r => r is { Why: WayMiss.Over, Choice: { From.Text: "kettle", Room: MakeRoom.AsIs } });
        Assert.Contains(answer.Rejected, r => r is { Why: WayMiss.Brings, By.Rule: "purpose", Choice.From.Text: "kettle" });
        Assert.Contains(answer.Rejected, r => r is { Why: WayMiss.Brings, By.Rule: "gfci", Choice.Shield: Shield.None });
        var good = answer.Ways.Where(w => w.Decided).ToList();
        Assert.All(good, w => Assert.Equal("panel", w.Choice.Panel));
        Assert.All(good, w => Assert.Equal([WayNotice.Licensed, WayNotice.Permit, WayNotice.Dig], w.First));
        Assert.All(answer.Ways, w => Assert.Equal(BoxShape.Weatherproof, w.After.Boxes[w.Choice.New!.Value].Shape));
    }

    /// <summary>The full box at the press: a roomier one; one of plastic needs no bond, one of metal keeps what it lacks; what is still too
    /// small is rejected.</summary>
    [Fact]
    public void The_full_box_at_the_press()
    {
        var answer = Find(new(WishKind.Bigger, "press-right") { Closed = true });
        Assert.All(answer.Ways, w => Assert.Contains(w.Gone, g => g.Rule == "fill"));
        Assert.Contains(answer.Ways, w => w.Gone.Any(g => g.Rule == "box-bonded") && w.Stays.Count == 0);
        Assert.Contains(answer.Ways, w => w.Stays.Any(f => f.Rule == "box-bonded"));
        Assert.Contains(answer.Rejected, r => r.Why == WayMiss.NotSettled);
    }

    /// <summary>The splice over the drying rack: a box for a ceiling, old-work where the boards stay; the cables are held by it.</summary>
    [Fact]
    public void The_splice_over_the_drying_rack()
    {
        var answer = Find(new(WishKind.BoxForSplice, "drying"));
        Assert.Equal("ow-round-14", answer.Ways[0].After.Boxes["drying"].Kind);
        Assert.All(answer.Ways, w =>
            Assert.Superset(new HashSet<string> { "splice-box", "cable-held" }, w.Gone.Select(g => g.Rule).ToHashSet())
        );
    }

    /// <summary>The metal box at the press: a bare pigtail from the grounds to a screw of its own (250.148(C)); joining the grounds
    /// alone does
    /// not bond it.</summary>
    [Fact]
    public void The_box_that_nothing_bonds()
    {
        var answer = Find(new(WishKind.BondBox, "press-right"));
        var way = Assert.Single(answer.Ways);
        Assert.Contains(way.Parts, p => p.Part == new PartId(PartSort.Screw, "ground-10-32"));
        Assert.Contains(answer.Rejected, r => r.Why == WayMiss.NotSettled);
    }

    /// <summary>By the bed nobody knows where the ground goes: nothing is called wrong or right, and what would tell is said.</summary>
    [Fact]
    public void By_the_bed_it_waits_for_a_look()
    {
        var answer = Find(new(WishKind.Protect, "east-bed"));
        Assert.Empty(answer.Ways);
        Assert.Equal(["afci", "gfci", "no-ground"], answer.Rejected.Where(r => r.Why == WayMiss.Waits).Select(r => r.By!.Rule).Order());
        Assert.Contains(Find(new(WishKind.UndoJumper, "east-bed")).Rejected, r => r.Why == WayMiss.NothingWrong);
    }

    /// <summary>A second device at the press: a box of two gangs, old-work where the wall is finished, the tighter one first by its
    /// price.</summary>
    [Fact]
    public void A_second_device_at_the_press()
    {
        var answer = Find(new(WishKind.AddDevice, "press-left") { Closed = true });
        Assert.NotEmpty(answer.Ways);
        Assert.All(answer.Ways, w =>
        {
            var box = w.After.Boxes["press-left"];
            Assert.Equal((2, true), (BoxKinds.Find(box.Kind)!.Gangs, BoxKinds.Find(box.Kind)!.OldWork));
            Assert.Equal(2, box.Devices.Count);
            Assert.Contains(w.Parts, p => p.Part == new PartId(PartSort.Plate, "2g"));
        });
    }

    /// <summary>A saw through a cable of the press room, 2 in of slack on one side and 3 on the other: one box is short of slack, tails
    /// or two
    /// boxes or a new cable are not, and the splice stays where it is.</summary>
    [Fact]
    public void A_saw_through_a_cable_of_the_press_room()
    {
        static Fact<Length> Slack(string inches) => new(Known.Measured, Length.Parse(inches));
        var run = Demo.Present.Runs.First(r => r.Value is { A.IsBox: true, B.IsBox: true, Type: CableType.NmB }).Key;
        var sawn = Demo.Present.Do(new HurtRun(run, "saw", new RunHurt(HurtKind.Cut, null, Slack("2"), Slack("3"))));
        var answer = WaySearch.Find(sawn, new Wish(WishKind.MendCable, Run: run, Hurt: "saw"), Shop);
        Assert.Contains(answer.Rejected, r => r is { Why: WayMiss.Slack, Choice.Repair: Repair.OneBox });
        Assert.Superset(
            new HashSet<Repair?> { Repair.TwoBoxes, Repair.NewRun, Repair.ListedSplice },
            answer.Ways.Select(w => w.Choice.Repair).ToHashSet()
        );
        // A repair is no new wiring; a cable from end to end is what was there.
        Assert.All(answer.Ways, w => Assert.DoesNotContain(WayNotice.Licensed, w.First));
        Assert.All(answer.Ways, w => Assert.DoesNotContain(w.After.Runs.Values, r => r.IsCut));
    }

    private static WayAnswer Find(Wish wish) => WaySearch.Find(Demo.Present, wish, Shop);
}
