using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Telling;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Sources, panels, circuits, rooms, walls: what cannot be is refused with a sentence, and removing one leaves nothing pointing at
/// it.</summary>
public class SupplyTests
{
    private static readonly Job House = Job.Blank("house")
        .Do(
            new PutSource("service", new Source("Service", SourceKind.Service)),
            new PutPlace("cellar", new Place("Cellar", Wetness.Damp, "basement")),
            new PutCircuit("lights", new Circuit("Lights")),
            new PutPanel("panel", Panel(new Breaker(1, 1, 15, BreakerKind.Standard, "lights"))),
            new PutWall("wall", new Wall("North wall", "cellar")),
            new AddBox("b", "Bench", "nm-1g-18", "cellar"),
            new SetBoxWall("b", "wall")
        );

    public static TheoryData<string, Breaker[]> Impossible() =>
        new()
        {
            { "stands in slot 1 to 20", [new Breaker(21, 1, 15)] },
            { "stands in slot 1 to 20", [new Breaker(0, 1, 15)] },
            { "1 to 3 poles", [new Breaker(1, 4, 15)] },
            { "over 0 and at most 400 A", [new Breaker(1, 1, 0)] },
            { "over 0 and at most 400 A", [new Breaker(1, 1, 401)] },
            { "no circuit", [new Breaker(1, 1, 15, BreakerKind.Standard, "nobody")] },
            { "only a tandem has two", [new Breaker(3, 1, 15), new Breaker(3, 1, 20)] },
            { "only a tandem has two", [new Breaker(3, 1, 15, BreakerKind.Tandem), new Breaker(3, 1, 20, BreakerKind.Tandem)] },
            { "only a tandem has two", [new Breaker(3, 1, 15) { Lower = true }] },
        };

    [Theory]
    [MemberData(nameof(Impossible))]
    public void A_breaker_that_cannot_stand_there_is_refused_with_the_reason(string says, Breaker[] breakers) =>
        Assert.Contains(says, new PutPanel("panel", Panel(breakers)).Check(House)!.Tell().Says, StringComparison.Ordinal);

    [Fact]
    public void Two_tandem_breakers_share_a_slot() =>
        Assert.Null(
            new PutPanel(
                "panel",
                Panel(new Breaker(3, 1, 15, BreakerKind.Tandem), new Breaker(3, 1, 20, BreakerKind.Tandem) { Lower = true })
            ).Check(House)
        );

    [Theory]
    [InlineData(0)]
    [InlineData(85)]
    public void A_panel_has_one_to_eighty_four_slots(int slots) =>
        Assert.NotNull(new PutPanel("x", Panel() with { Slots = slots }).Check(House));

    [Fact]
    public void A_circuit_that_goes_leaves_its_breaker_and_its_cables_without_one()
    {
        var job = House.Do(new AddCable("b", "r", "k", Jobs.Nm(14, 2)), new SetRun("r", Circuit: "lights"), new RemoveCircuit("lights"));
        Assert.Null(job.Runs["r"].Circuit);
        Assert.Null(job.Panels["panel"].Breakers[0].Circuit);
        Assert.Equal(15, job.Panels["panel"].Breakers[0].Amperes);
    }

    [Fact]
    public void A_source_that_goes_leaves_its_panel_without_one() =>
        Assert.Null(House.Do(new RemoveSource("service")).Panels["panel"].Source);

    [Fact]
    public void A_wall_that_goes_leaves_its_box_in_none() => Assert.Null(House.Do(new RemoveWall("wall")).Boxes["b"].Wall);

    [Fact]
    public void A_room_in_use_stays_and_says_by_how_many()
    {
        var refusal = new RemovePlace("cellar").Check(House);
        Assert.Contains("2 boxes, walls or panels", refusal!.Tell().Says, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(-1)]
    [InlineData(13)]
    public void A_fire_rating_is_between_none_and_twelve_hours(int hours) =>
        Assert.NotNull(new PutWall("wall", new Wall("North wall") { FireRating = hours }).Check(House));

    [Fact]
    public void A_layer_without_a_name_is_refused() =>
        Assert.Equal(
            "wall.layers",
            new PutWall("wall", new Wall("North wall") { Layers = [new WallLayer(" ", Fact<Length>.Unknown, false)] }).Check(House)!.Field
        );

    private static Panel Panel(params Breaker[] breakers) =>
        new("Cellar panel", SupplySystem.SplitPhase, 20, 100, "service", null) { Breakers = breakers };

    [Fact]
    public void A_panel_taken_anew_keeps_what_was_seen_of_the_breakers_it_still_has()
    {
        var job = SmallHouse
            .Receptacle()
            .Do(
                new NotePanel("p", "1", "written", new Observation(Known.Measured, "clear")),
                new NotePanel("p", "panel", "slots-closed", new Observation(Known.Measured, "yes"))
            );
        var kept = job.Do(new PutPanel("p", job.Panels["p"] with { Name = "Cellar" }));
        Assert.Equal("clear", kept.Panels["p"].Noted["1"].Facts["written"].Value);
        var without = kept.Do(new PutPanel("p", kept.Panels["p"] with { Breakers = [] }));
        Assert.Equal(["panel"], without.Panels["p"].Noted.Ids);
    }
}
