using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Planning.Ways;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests.Ways;

/// <summary>What a plan uses and cuts: common practice, and NEC 300.14, 334.30, 406.4(D) and 200.7(C), from memory.</summary>
public sealed class PartTests
{
    private static readonly WayChoice Plain = new();

    /// <summary>A joint that is opened: its twist-on is bought new where the house never uses one again, and goes on again where it does;
    /// two more than it takes for spares.</summary>
    [Theory]
    [InlineData("never", 3, 0)]
    [InlineData("sound", 0, 1)]
    public void A_joint_that_is_opened_takes_a_new_twist_on_or_the_old_one(string reuse, int bought, int again)
    {
        var house = SmallHouse.Receptacle().Do(new SetPractice(PracticeBook.Reuse.Key, reuse));
        var after = house.Do(new AddPigtail("j", "more", GfciBox.In("hots"), new Landing(LandingAt.Cap)));
        var twist = PartsOf.Between(house, after, Plain, []).Where(p => p.Part.Sort == PartSort.Connector).ToList();
        Assert.Equal((bought, again), ((int)twist.Sum(p => p.Count), (int)twist.Sum(p => p.Reused)));
    }

    /// <summary>A lever opens and closes as often as one likes; what bites is used once.</summary>
    [Theory]
    [InlineData("lever-3", 0, 1)]
    [InlineData("push-in-4", 3, 0)]
    public void Levers_go_on_again_and_what_bites_does_not(string connector, int bought, int again)
    {
        var house = SmallHouse.Receptacle().Do(new SetJoint("j", "hots", connector, "hots", 0));
        var after = house.Do(new AddPigtail("j", "more", GfciBox.In("hots"), new Landing(LandingAt.Cap)));
        var parts = PartsOf.Between(house, after, Plain, []).Where(p => p.Part == new PartId(PartSort.Connector, connector)).ToList();
        Assert.Equal((bought, again), ((int)parts.Sum(p => p.Count), (int)parts.Sum(p => p.Reused)));
    }

    /// <summary>A joint nobody touches takes nothing.</summary>
    [Fact]
    public void What_is_not_opened_takes_no_part()
    {
        var house = SmallHouse.Receptacle();
        Assert.Empty(PartsOf.Between(house, house.Do(new RenameBox("j", "Other name")), Plain, []));
    }

    /// <summary>110.12(A): a hole that is closed takes a plug, and so does one a cable left.</summary>
    [Fact]
    public void A_hole_takes_a_plug()
    {
        var house = SmallHouse.Receptacle().Do(new AddEntry("j", "hole", EntrySide.Left, State: EntryState.Open));
        PartId plug = new(PartSort.Plug, "knockout");
        decimal Plugs(Job before, Edit edit) =>
            PartsOf.Between(before, before.Do(edit), Plain, [edit]).Where(p => p.Part == plug).Sum(p => p.Count);
        Assert.Equal(1, Plugs(house, new SetEntry("j", "hole", State: EntryState.Plugged)));
        Assert.Equal(1, Plugs(house, new RemoveCable("j", "on")));
        Assert.Equal(0, Plugs(house, new RenameBox("j", "Other name")));
    }

    /// <summary>White that is marked as a hot takes tape; so do terminals in a metal box where the house puts it there.</summary>
    [Fact]
    public void Tape_is_taken_where_it_is_used()
    {
        var house = SmallHouse.Receptacle();
        PartId tape = new(PartSort.Tape, "electrical");
        bool Takes(Edit edit) => PartsOf.Between(house, house.Do(edit), Plain, [edit]).Any(p => p.Part == tape);
        Assert.True(Takes(new IdentifyLead("b", "on.b1", "white", ConductorUse.Hot, "black")));
        Assert.True(Takes(new SwapDevice("b", "r", "protective")));
        Assert.False(Takes(new AddJoint("b", "spare", "twist-on-medium")));
        house = house.Do(new SetPractice(PracticeBook.Tape.Key, "never"));
        Assert.False(Takes(new SwapDevice("b", "r", "protective")));
    }

    /// <summary>Single conductors are drawn into raceway: as many feet of it as the way is, and each conductor with its ends.</summary>
    [Fact]
    public void Raceway_is_cut_and_its_conductors_too()
    {
        var house = SmallHouse.Receptacle();
        var after = house.Do(
            new AddCable("j", "new", "k5", new CableSpec(CableType.Raceway, 2, GroundKind.Insulated, Gauge.Awg(14)), EntrySide.Bottom),
            new SetRun("new", Length: SmallHouse.Feet(10))
        );
        var cuts = Cuts.Between(house, after);
        Assert.Equal(Length.Inches(120), cuts.Single(c => c.Part.Sort == PartSort.Raceway).Length);
        var wires = cuts.Where(c => c.Part.Sort == PartSort.Wire).ToList();
        Assert.Equal(["14-black", "14-green", "14-white"], wires.Select(w => w.Part.Kind).Order());
        // 300.14: 6 in at least at the end that is in a box.
        Assert.All(wires, w => Assert.True(w.Length >= Length.Inches(120 + 6)));
    }

    /// <summary>A guessed way between boxes at 16 in and 48 in is longer by what lies between; one that was measured along the cable is
    /// not.</summary>
    [Theory]
    [InlineData(Known.Assumed, 32)]
    [InlineData(Known.Measured, 0)]
    public void What_is_guessed_is_longer_by_the_difference_in_height(Known how, int rise)
    {
        var (before, after) = Between(how);
        var cut = Cuts.Between(before, after).Single(c => c.Run == "new");
        Assert.Equal(Length.Inches(rise), cut.Rise);
        Assert.Equal(how == Known.Measured, cut.Added == Length.Zero);
        Assert.True(cut.Length > cut.Way + cut.Rise);
    }

    /// <summary>Behind a cabinet the house leaves its leads longer: by so much at each end that stands behind one.</summary>
    [Theory]
    [InlineData("cabinet", 10)]
    [InlineData("appliance", 10)]
    [InlineData("nothing", 0)]
    public void Behind_a_cabinet_leads_are_cut_longer(string front, int inches)
    {
        var (before, after) = Between(Known.Measured);
        var plain = Cuts.Between(before, after).Single(c => c.Run == "new").Length;
        Edit[] seen =
        [
            new SetPractice(WayBook.Front.Key, "10"),
            new NoteFact("b", Subjects.Box, WallFacts.InFront.Id, new Observation(Known.Measured, front)),
        ];
        Assert.Equal(plain + Length.Inches(inches), Cuts.Between(before.Do(seen), after.Do(seen)).Single(c => c.Run == "new").Length);
    }

    /// <summary>Stripped ½ in for a port or a plate, ¾ in to go round a screw: common practice.</summary>
    [Fact]
    public void A_pigtail_is_stripped_for_where_it_lands()
    {
        var house = SmallHouse.Receptacle();
        var after = house.Do(
            new AddPigtail("j", "t1", GfciBox.In("grounds"), new Landing(LandingAt.BondingScrew)),
            new AddPigtail("j", "t2", GfciBox.In("hots"), new Landing(LandingAt.Cap))
        );
        var cuts = Cuts.Between(house, after).ToDictionary(c => c.Tail!.Value.Id.Text);
        Assert.Equal([Length.Inches(0, 1, 2), Length.Inches(0, 3, 4)], cuts["t1"].Strips);
        Assert.Equal([Length.Inches(0, 1, 2), Length.Inches(0, 1, 2)], cuts["t2"].Strips);
    }

    /// <summary>What was done is what is billed: nothing of what is only planned, and after the Change is closed the same as
    /// before.</summary>
    [Fact]
    public void Only_what_is_recorded_as_done_is_billed()
    {
        var house = SmallHouse.Receptacle();
        Edit swap = new SwapDevice("b", "r", "protective");
        Edit pigtail = new AddPigtail("j", "more", GfciBox.In("hots"), new Landing(LandingAt.Cap));
        var open = house.Do(new OpenChange("c1", "Bench", "2026-03-02"), new PlanEdit("c1", "p1", swap), new PlanEdit("c1", "p2", pigtail));
        Assert.Empty(DoneWork.Of(open, "c1").Parts);
        var done = open.Do(new RecordDone("c1", "d1", swap, "p1", "2026-03-02"));
        var parts = DoneWork.Of(done, "c1").Parts;
        Assert.Contains(parts, p => p.Part == new PartId(PartSort.Device, "protective"));
        Assert.DoesNotContain(parts, p => p.Part.Sort is PartSort.Wire or PartSort.Connector);
        Assert.Contains(DoneWork.Of(done, "c1").Ops, o => o.Op == WayBook.Device);
        var closed = done.Do(new DropPlanned("c1", "p2"), new CloseChange("c1", "2026-03-03") { V = 2 });
        Assert.Equal(parts, DoneWork.Of(closed, "c1").Parts);
        // What another Change does there later is not billed with it.
        Assert.Equal(parts, DoneWork.Of(closed.Do(pigtail), "c1").Parts);
    }

    /// <summary>One like the old is new all the same: in the one list over all Changes, and on the bill.</summary>
    [Fact]
    public void One_like_the_old_is_bought_too()
    {
        Edit swap = new SwapDevice("b", "r", "receptacle");
        PartId part = new(PartSort.Device, "receptacle");
        var open = SmallHouse.Receptacle().Do(new OpenChange("c1", "Bench", "2026-03-02"), new PlanEdit("c1", "p1", swap));
        Assert.Equal(1, Shopping.Of(open, new StandInShop()).Parts.Single(p => p.Part == part).Count);
        var done = open.Do(new RecordDone("c1", "d1", swap, "p1", "2026-03-02"));
        Assert.Equal(1, DoneWork.Of(done, "c1").Parts.Single(p => p.Part == part).Count);
        Assert.DoesNotContain(Shopping.Of(done, new StandInShop()).Parts, p => p.Part == part);
    }

    private static (Job Before, Job After) Between(Known how)
    {
        static Edit High(string box, string inches) =>
            new NoteFact(box, Subjects.Box, WallFacts.Height.Id, new Observation(Known.Measured, inches));
        var before = SmallHouse.Receptacle().Do(High("j", "48"), High("b", "16"));
        var after = before.Do(
            new AddCable("j", "new", "k5", Jobs.Nm(14, 2), EntrySide.Bottom),
            new ConnectRun("b", "new", RunSide.B, "k6", EntrySide.Bottom),
            new SetRun("new", Length: new Fact<Length>(how, Length.Inches(120)))
        );
        return (before, after);
    }
}
