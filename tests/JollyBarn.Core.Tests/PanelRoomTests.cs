using JollyBarn.Edits;
using JollyBarn.Inspection.Supply;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>What hangs on the legs of a panel and what room is left, by how panels are built (common practice): slots count across, odd
/// left and even right, and each row is the other leg.</summary>
public sealed class PanelRoomTests
{
    [Fact]
    public void Rows_alternate_between_the_legs_and_two_poles_take_one_below_the_other()
    {
        var room = Room(new Panel("Panel", SupplySystem.SplitPhase, 6) { Breakers = [new(3, 1, 15, BreakerKind.Standard)] });
        Assert.Equal(
            [(1, "A"), (2, "A"), (5, "A"), (6, "A"), (4, "B")],
            Of(room, SlotTakes.OnePole).OrderBy(o => o.Legs[0]).Select(o => (o.Slot, Legs(o)))
        );
        Assert.Equal([(2, "AB"), (4, "BA")], Of(room, SlotTakes.TwoPoles).Select(o => (o.Slot, Legs(o))));
    }

    /// <summary>NEC 110.3(B), 408.54: a tandem only where the panel is listed for it; nobody looked is neither yes nor no.</summary>
    [Theory]
    [InlineData(null, true)]
    [InlineData("yes", true)]
    [InlineData("no", false)]
    public void A_tandem_goes_in_only_where_the_panel_is_marked_for_it(string? said, bool offered)
    {
        Panel panel = new("Panel", SupplySystem.SplitPhase, 4)
        {
            Breakers =
            [
                new(1, 1, 15, BreakerKind.Standard),
                new(2, 1, 15, BreakerKind.Tandem),
                new(2, 1, 15, BreakerKind.Tandem) { Lower = true },
                new(3, 1, 20, BreakerKind.Gfci),
            ],
        };
        var room = Room(panel, said);
        Assert.Equal(offered ? [1] : [], Of(room, SlotTakes.Tandem).Select(o => o.Slot));
        Assert.All(Of(room, SlotTakes.Tandem), o => Assert.Equal(said is null ? null : true, o.Listed));
    }

    /// <summary>1200 W at 120 V is 10 A of one leg; 4800 W between two hots of 240 V is 20 A of both (Ohm's law, P = U · I).</summary>
    [Fact]
    public void Loads_stand_on_the_legs_they_draw_from_and_the_lighter_leg_is_offered_first()
    {
        var job = SmallHouse.Followed(SmallHouse.Receptacle());
        job = job.Do(
            new Edits.NoteFact("b", "r", "load", new Observation(Known.Measured, "1200")),
            new Edits.PutCircuit("h", new Circuit("Heater")),
            new Edits.PutPanel(
                "p",
                job.Panels["p"] with
                {
                    Breakers = [.. job.Panels["p"].Breakers, new(5, 2, 30, BreakerKind.Standard, "h")],
                }
            ),
            new Edits.NoteCircuit("h", "direct-load", new Observation(Known.Measured, "4800"))
        );
        var room = PanelRoom.Of(new PanelLook(job, "p"));
        Assert.Equal([30m, 20m], room.Legs.Select(l => Math.Round(l.Amperes, 3)));
        Assert.Equal([0, 0], room.Legs.Select(l => l.Unsaid));
        Assert.Equal("B", Legs(Of(room, SlotTakes.OnePole).First()));
    }

    private static PanelRoom Room(Panel panel, string? tandem = null)
    {
        var job = Job.Blank("test").Do(new Edits.PutPanel("p", panel));
        job = tandem is null ? job : job.Do(new Edits.NotePanel("p", "panel", "takes-tandem", new Observation(Known.Measured, tandem)));
        return PanelRoom.Of(new PanelLook(job, "p"));
    }

    private static IEnumerable<SlotOffer> Of(PanelRoom room, SlotTakes takes) => room.Offers.Where(o => o.Takes == takes);

    private static string Legs(SlotOffer offer) => string.Concat(offer.Legs.Select(l => (char)('A' + l)));
}
