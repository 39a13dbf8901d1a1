using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Electrics.Seen;
using JollyBarn.Telling.Live;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>What one who touches live metal gets, and what a leak opens.</summary>
public sealed class TouchTests
{
    /// <summary>NEC 406.6(B) and common practice: a metal plate takes the potential of the yoke it is screwed to.</summary>
    [Fact]
    public void A_hot_on_an_unbonded_yoke_makes_a_metal_plate_live()
    {
        var job = SmallHouse
            .Receptacle(ground: false, box: "nm-1g-22.5")
            .Do(new NoteFact("b", "box", "plate-metal", new Observation(Known.Measured, "yes")));
        var story = Story.Unfold(
            Live.Solve(job, new Situation { Faults = [new Bridged(Points.End("on", RunSide.B, 0), Points.Yoke("b", "r"))] })
        );
        Assert.Empty(story.Openings);
        Assert.InRange(story.End.Volts(Points.Plate("b")).Magnitude, 118, 121);
    }

    /// <summary>IEC 60479-1, from memory: felt from 0.5 mA, children and some cannot let go from 5, most cannot from 10, breathing can stop
    /// from 20 unbroken, the heart from 40 over 3 s.</summary>
    [Theory]
    [InlineData(0.4, null, TouchCase.NotFelt)]
    [InlineData(4.9, null, TouchCase.Start)]
    [InlineData(7.5, null, TouchCase.SomeCannotLetGo)]
    [InlineData(12, null, TouchCase.CannotLetGo)]
    [InlineData(20, null, TouchCase.StopsBreathing)]
    [InlineData(20, 1.0, TouchCase.CannotLetGoUntilOpens)]
    [InlineData(45, null, TouchCase.CanKill)]
    [InlineData(45, 20.0, TouchCase.CanKill)]
    [InlineData(120, 0.025, TouchCase.SharpThenOpens)]
    public void So_much_for_so_long_does_this(double milliamperes, double? seconds, TouchCase means) =>
        Assert.Equal(means, Touch.Does(milliamperes, seconds));

    /// <summary>The same of somebody who touches live metal behind it: 1000 Ω and shoes of 23 kΩ, 5 mA. UL 943.</summary>
    [Theory]
    [InlineData(23_000, null, true)]
    [InlineData(40_000, null, false)]
    [InlineData(9_000, 0, false)]
    public void One_who_gets_four_to_six_milliamperes_is_told_that_it_may_open(int shoes, int? opens, bool may)
    {
        var job = SmallHouse.Receptacle("protective").Do(new SetPractice(CodeBook.ElectricsBook.ShoeOhms.Key, $"{shoes}"));
        var touch = Touch.Feel(Live.Fresh(job, new Situation { Stray = false }), Points.Face("b", "r", "hot"));
        Assert.Equal((opens is not null, may), (touch.Seconds is not null, touch.MayOpen));
    }

    /// <summary>UL 943: never under 4 mA, always from 6 mA; between them perhaps. 20 kΩ to ground drives 5.998 mA.</summary>
    [Theory]
    [InlineData(20_000, false, true)]
    [InlineData(19_900, true, false)]
    [InlineData(31_000, false, false)]
    public void A_leak_between_four_and_six_milliamperes_opens_it_perhaps(double ohms, bool opens, bool perhaps)
    {
        var live = Live.Fresh(SmallHouse.Receptacle("protective"), new Situation { Stray = false });
        var story = Story.Unfold(live.With(new Bridged(Points.Face("b", "r", "hot"), Points.Earth, ohms)));
        Assert.Equal((opens, perhaps), (story.Openings.Count > 0, story.Perhaps.Count > 0));
        var box = BoxLive.Read(story.Start, "b", live.Job.Boxes["b"]);
        var said = new LiveTeller(live.Job, "b").Tell(box).MayOpen.Select(o => o.Says);
        Assert.Equal(perhaps ? ["the protective receptacle of Bench may open: 5.9 mA missing on the way back"] : [], said);
    }
}
