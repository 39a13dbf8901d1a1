using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Planning.Ways;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests.Ways;

/// <summary>A device that is replaced, a box that is made up, a circuit more: which ways there are is common practice, what they must be is
/// NEC 406.4(D), 408.54 and 110.3(B), from memory.</summary>
public sealed class DeviceWayTests
{
    private static readonly StandInShop Shop = new();

    /// <summary>406.4(D)(3): where protection is required now, what is put in has it, whatever stood there; elsewhere one like the old will
    /// do, and nothing is bought that nobody asks for.</summary>
    [Theory]
    [InlineData("bathroom", false)]
    [InlineData("hall", true)]
    public void A_receptacle_is_replaced_with_what_is_required_there_now(string use, bool plain)
    {
        var house = Room(SmallHouse.Followed(SmallHouse.Receptacle(box: "ow-1g-18")), use);
        var answer = WaySearch.Find(house, new Wish(WishKind.ReplaceDevice, "b"), Shop);
        Assert.Equal(plain, answer.Ways.Any(w => w.Choice.Device == "receptacle"));
        Assert.Equal(!plain, answer.Rejected.Any(r => r is { Why: WayMiss.Required, Choice.Device: "receptacle", By.Rule: "gfci" }));
        var protective = answer.Ways.First(w => w.Choice.Device == "protective");
        Assert.Contains(protective.Parts, p => p.Part == new PartId(PartSort.Device, "protective"));
        // What fed the old one feeds the line side, by the solved network.
        Assert.True(Volts(protective.After, "b", "r", "hot") > 100);
        Assert.Equal("line-hot", protective.After.Boxes["b"].Leads["on.b0"].Lands.Terminal);
    }

    /// <summary>406.4(D)(2): without a ground a two-slot one, or a protective one with its labels; a grounding one has to be behind
    /// protection.</summary>
    [Theory]
    [InlineData(false)]
    [InlineData(true)]
    public void Without_a_ground_a_two_slot_one_gives_way_to_two_slots_or_protection(bool behindProtection)
    {
        var house = SmallHouse.Receptacle("receptacle-two-slot", ground: false, box: "nm-1g-18").Do(SmallHouse.OldFeed());
        house = Room(behindProtection ? house.Do(Guarded()) : house, "hall");
        var answer = WaySearch.Find(house, new Wish(WishKind.ReplaceDevice, "b"), Shop);
        Assert.Contains(answer.Ways, w => w.Choice.Device == "receptacle-two-slot");
        var protective = answer.Ways.First(w => w.Choice.Device == "protective");
        Assert.Contains(protective.Parts, p => p.Part.Sort == PartSort.Label);
        Assert.DoesNotContain(answer.Ways, w => w is { Choice.Device: "receptacle", Decided: true } && !behindProtection);
    }

    /// <summary>Both halves of a split receptacle have a feed of their own: one that cannot part them is no heir, and one like it has
    /// its tab
    /// broken again.</summary>
    [Fact]
    public void A_split_receptacle_is_parted_again()
    {
        var house = SmallHouse.Followed(SmallHouse.Receptacle()).Do(new SetDevice("b", "r", BrokenTabs: ["hot"]));
        var answer = WaySearch.Find(house, new Wish(WishKind.ReplaceDevice, "b"), Shop);
        Assert.Contains(answer.Rejected, r => r is { Why: WayMiss.NoPlace, Choice.Device: "protective" });
        Assert.All(answer.Ways.Where(w => w.Choice.Device == "receptacle"), w =>
            Assert.Equal(["hot"], w.After.Boxes["b"].Devices["r"].BrokenTabs)
        );
    }

    /// <summary>A dimmer's own leads lie where those of the old one lay.</summary>
    [Fact]
    public void What_has_leads_of_its_own_is_joined_again()
    {
        var box = Demo.Present.Boxes.First(b => b.Value.Devices.Values.Any(d => DeviceKinds.Find(d.Kind)?.Leads.Count > 0));
        var old = box.Value.Devices.First(d => DeviceKinds.Find(d.Value.Kind)?.Leads.Count > 0);
        var wish = new Wish(WishKind.ReplaceDevice, box.Key, Of: old.Key, Device: old.Value.Kind);
        var answer = WaySearch.Find(Demo.Present, wish, Shop);
        Assert.True(answer.Ways.Count + answer.Rejected.Count > 0);
        Assert.All(answer.Ways, w =>
            Assert.Equal(
                box.Value.Leads.Values.Where(l => l.Device == old.Key).Select(l => (l.Colour, l.Lands)).OrderBy(l => l.Colour),
                w.After.Boxes[box.Key].Leads.Values.Where(l => l.Device == old.Key).Select(l => (l.Colour, l.Lands)).OrderBy(l => l.Colour)
            )
        );
    }

    /// <summary>Two cables and a protective receptacle, nothing landed: fed by either, the other behind it, or both before it; each lands
    /// every lead, and only what the record followed to the panel is called good.</summary>
    [Fact]
    public void A_box_whose_cables_are_in_is_made_up()
    {
        var house = SmallHouse
            .Followed(SmallHouse.Receptacle("protective", box: "nm-1g-22.5"))
            .Do(
                new AddCable("b", "far", "k9", Jobs.Nm(14, 2), EntrySide.Bottom, null, "on to the porch", Feeds.FeedsOn),
                new SetRun("far", Circuit: "c", Length: SmallHouse.Feet(10)),
                new MoveLead("b", "on.b0", new Landing(LandingAt.Loose)),
                new MoveLead("b", "on.b1", new Landing(LandingAt.Loose)),
                new MoveLead("b", "on.b2", new Landing(LandingAt.Loose))
            );
        var answer = WaySearch.Find(house, new Wish(WishKind.MakeUpBox, "b"), Shop);
        Assert.Contains(answer.Ways, w => w.Choice.Make is { Make: UsualMake.LineAndLoad, Cable: "on.b" });
        Assert.Contains(answer.Ways, w => w.Choice.Make is { Make: UsualMake.FedThrough });
        Assert.All(answer.Ways, w =>
        {
            Assert.DoesNotContain(w.After.Boxes["b"].Leads.Values, l => l.Lands.At is LandingAt.Loose or LandingAt.Unknown);
            Assert.Equal(w.Choice.Make!.Cable != "far.a", Volts(w.After, "b", "r", "hot") > 100);
        });
        // Fed by the cable that goes on nothing would come: never called good.
        Assert.All(answer.Ways.Where(w => w.Choice.Make!.Cable == "far.a"), w => Assert.False(w.Decided));
        Assert.Contains(answer.Ways, w => w.Choice.Make!.Cable != "far.a" && !w.Choice.Open.Contains(WayOpen.Feed));
        // Behind the load side the far cable is protected; fed through it is not.
        Assert.All(answer.Ways, w =>
            Assert.Equal(
                w.Choice.Make!.Make == UsualMake.LineAndLoad,
                w.After.Boxes["b"].Leads["far.a0"].Lands.Terminal is "load-hot" or "line-hot"
            )
        );
    }

    /// <summary>Where there is nothing to replace or to make up, that is said.</summary>
    [Fact]
    public void Where_there_is_nothing_to_do_it_says_so()
    {
        var house = SmallHouse.Receptacle();
        WayMiss Why(WishKind kind, string box) => Assert.Single(WaySearch.Find(house, new Wish(kind, box), Shop).Rejected).Why;
        Assert.Equal(WayMiss.NoDevice, Why(WishKind.ReplaceDevice, "j"));
        Assert.Equal(WayMiss.NoMake, Why(WishKind.MakeUpBox, "b"));
    }

    /// <summary>A free slot on each leg; where there is none, half of a tandem, and only where the label takes one (408.54).</summary>
    [Theory]
    [InlineData(20, null, false)]
    [InlineData(2, null, true)]
    [InlineData(2, "yes", true)]
    [InlineData(2, "no", true)]
    public void A_new_breaker_has_a_slot_or_half_of_one(int slots, string? tandem, bool full)
    {
        var house = SmallHouse.Followed(SmallHouse.Receptacle());
        var panel = house.Panels["p"] with { Slots = slots };
        house = house.Do(
            new PutPanel(
                "p",
                full ? panel with { Breakers = [.. panel.Breakers, new Breaker(2, 1, 15, BreakerKind.Standard, "c", "more", true)] } : panel
            ),
            new NotePanel("p", Subjects.Panel, SupplyFacts.BreakersListed.Id, new Observation(Known.Measured, "yes"))
        );
        house = tandem is null
            ? house
            : house.Do(new NotePanel("p", Subjects.Panel, SupplyFacts.TakesTandem.Id, new Observation(Known.Measured, tandem)));
        var answer = WaySearch.Find(house, new Wish(WishKind.NewBreaker), Shop);
        Assert.Equal(full, answer.Rejected.Any(r => r.Why == WayMiss.NoSlot));
        Assert.All(answer.Ways, w => Assert.Equal(full, w.Choice.Breaker!.Kind == BreakerKind.Tandem));
        Assert.All(answer.Ways, w => Assert.Equal([WayNotice.Licensed, WayNotice.Permit], w.First));
        if (!full)
        {
            // One on either leg, of every kind, and no two breakers in one slot.
            Assert.Equal(2, answer.Ways.Select(w => SupplyLegs.Of(panel, w.Choice.Breaker!).Single()).Distinct().Count());
            Assert.Equal(4, answer.Ways.Select(w => w.Choice.Breaker!.Kind).Distinct().Count());
        }

        Assert.Equal(tandem != "no", answer.Ways.Count > 0);
        Assert.Equal(!full || tandem == "yes", answer.Ways.Any(w => w.Decided));
    }

    private static Edit[] Guarded() => [new NoteFact("b", Subjects.Box, WallFacts.GfciAhead.Id, new Observation(Known.Measured, "yes"))];

    private static Job Room(Job house, string use) =>
        house.Do(new PutPlace("room", new Place("Room", Wetness.Dry, use)), new PlaceBox("b", "room"), new PlaceBox("j", "room"));

    private static double Volts(Job job, Id<Box> box, Id<Device> device, string face) =>
        Live.Solve(job, Situation.AsRecorded).Volts(Points.Face(box, device, face)).Magnitude;
}
