using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Asked;

/// <summary>What is heard on the job.</summary>
public enum Saying
{
    SheathQuarterAtMost,
    FirstStapleTwelveAnyBox,
    YellowMeansTwenty,
    FourTwelvesFit,
    OnlyProtectiveReplacesTwoSlot,
    TapedWhiteAnywhere,
    GroundsCountOnce,
    PushInTakesTwelve,
    CoverScrewBonds,
    QuarterBehindAnyWall,
    NeverThroughTheDevice,
    CalibratedToolOnly,
    GaugesNeverMixed,
    FinishedBasementNeedsNone,
    TwoUnderOneScrew,
    ExactlyFullFits,
    ThinSwitchLeg,
    SixInchesFree,
    BareTwistedGrounds,
    StapleWithinEight,
}

/// <summary>What a saying is worth.</summary>
public enum Truth
{
    True,
    False,

    /// <summary>It forbids what the text allows, and allows nothing the text forbids.</summary>
    Stricter,

    /// <summary>It is so in one edition and not in another.</summary>
    ByEdition,
}

/// <summary>A case that shows what a saying is worth.</summary>
/// <param name="Good">What the saying would have of it: that it is as it should be.</param>
/// <param name="Rule">The rule that decides.</param>
internal sealed record SayingCase(bool Good, string Rule, Func<Edition, SayingHouse> Make)
{
    /// <summary>Whether the rule finds something to stop or fix.</summary>
    public bool Bad(Edition edition) => Make(edition).By(Rule).Any(f => f.Verdict is Verdict.Stop or Verdict.Fix);
}

/// <summary>A saying as the rules see it in an edition.</summary>
/// <param name="Truth">What it is worth over all editions.</param>
/// <param name="Here">What it is worth in this one.</param>
/// <param name="House">The job of the case that shows it, and the verdict on it.</param>
public sealed record SayingJudged(Saying Saying, Truth Truth, Truth Here, Job House, Id<Box> Box, Finding Shown);

/// <summary>Sayings, each worth what the rules say of cases made for it: never a list of answers, so that they change with the
/// edition.</summary>
public static class Sayings
{
    private static readonly Edition[] Editions = Enum.GetValues<Edition>();

    private static readonly Dictionary<Saying, SayingCase[]> Cases = new()
    {
        [Saying.SheathQuarterAtMost] = [Sheath(true, "1/8"), Sheath(false, "1/2")],
        [Saying.FirstStapleTwelveAnyBox] =
        [
            new(true, "fastener", e => Clamped(e).Fastened("12")),
            new(true, "cable-held", e => Plain(e).Held(Holding.Nothing).Fastened("12")),
        ],
        [Saying.StapleWithinEight] =
        [
            new(true, "fastener", e => Clamped(e).Fastened("8")),
            new(false, "fastener", e => Clamped(e).Fastened("11")),
        ],
        [Saying.YellowMeansTwenty] = [new(false, "wire-breaker", e => Plain(e, 12, 15))],
        [Saying.FourTwelvesFit] = [new(true, "fill", e => SayingHouse.Of(e, "nm-1g-22.5", 2, 12, 20).WithReceptacle())],
        [Saying.OnlyProtectiveReplacesTwoSlot] = [new(false, "no-ground", TwoWire)],
        [Saying.TapedWhiteAnywhere] = [White(CableType.NmB), White(CableType.Raceway)],
        [Saying.GroundsCountOnce] = [new(true, "fill", e => Marked(e, 5, 22m))],
        [Saying.ExactlyFullFits] = [new(true, "fill", e => Marked(e, 4, 18m)), new(false, "fill", e => Marked(e, 4, 17.75m))],
        [Saying.PushInTakesTwelve] = [new(true, "landing", e => OnHole(e, 14)), new(true, "landing", e => OnHole(e, 12))],
        [Saying.CoverScrewBonds] =
        [
            new(true, "bond-screw", e => Metal(e).Noted("box", BoxFacts.BondScrew, Choice.Text(GroundScrew.Cover))),
        ],
        [Saying.QuarterBehindAnyWall] = [Behind(Finish.DoesNot), Behind(Finish.Burns)],
        [Saying.NeverThroughTheDevice] =
        [
            new(false, "fed-through", Through),
            new(true, "fed-through", e => SayingHouse.Of(e, "nm-1g-22.5", 2, 12, 20).WithReceptacle()),
        ],
        [Saying.CalibratedToolOnly] = [Torque(true, Tightened.Tool), Torque(false, Tightened.Means)],
        [Saying.GaugesNeverMixed] = [new(false, "gauge-mixed", Mixed)],
        [Saying.FinishedBasementNeedsNone] = [new(true, "gfci", Basement)],
        [Saying.TwoUnderOneScrew] = [new(true, "landing", Doubled)],
        [Saying.ThinSwitchLeg] = [new(true, "wire-breaker", e => Plain(e, 14, 20))],
        [Saying.SixInchesFree] = [Free(true, 6), Free(false, 5)],
        [Saying.BareTwistedGrounds] = [new(true, "joint-connector", e => Metal(e).With(new SetJoint("b0", "grounds", "bare", "grounds")))],
    };

    /// <summary>Sayings of what a thing means, not of what is allowed: what they forbid and the text allows makes them false.</summary>
    private static readonly HashSet<Saying> OfMeaning = [Saying.YellowMeansTwenty];

    /// <summary>What a saying is worth in an edition, with the case that shows it.</summary>
    public static SayingJudged Judge(Saying saying, Edition edition)
    {
        var cases = Cases[saying];
        var here = Worth(saying, edition);
        var shows = cases.FirstOrDefault(c => c.Good == c.Bad(edition)) ?? cases[0];
        var house = shows.Make(edition);
        var found = house.By(shows.Rule);
        return new(saying, Editions.All(e => Worth(saying, e) == here) ? here : Truth.ByEdition, here, house.Now, house.Tried, found[0]);
    }

    private static Truth Worth(Saying saying, Edition edition) =>
        Cases[saying].Any(c => c.Good && c.Bad(edition)) ? Truth.False
        : Cases[saying].All(c => c.Good || c.Bad(edition)) ? Truth.True
        : OfMeaning.Contains(saying) ? Truth.False
        : Truth.Stricter;

    private static SayingHouse Plain(Edition e, int gauge = 14, int amperes = 15) => SayingHouse.Of(e, "nm-1g-22.5", 1, gauge, amperes);

    private static SayingHouse Metal(Edition e) => SayingHouse.Of(e, "device-3x2x3-1/2", 2, 12, 20).WithReceptacle();

    private static SayingHouse Clamped(Edition e) => SayingHouse.Of(e, "device-3x2x3-1/2", 1, 12, 20).Held(Holding.InternalClamp);

    private static SayingHouse Held(this SayingHouse house, Holding holding) =>
        house.With(new SetEntry(house.Tried, house.Now.Boxes[house.Tried].Entries.Ids.First(), Holding: holding));

    private static SayingHouse Fastened(this SayingHouse house, string inches) => house.Noted(house.CableEnd, CableFacts.Fastener, inches);

    private static SayingCase Sheath(bool good, string inches) => new(good, "sheath", e =>
        {
            var house = Plain(e);
            return house.Noted(house.CableEnd, CableFacts.Sheath, inches);
        });

    /// <summary>A three-slot receptacle on old cable without a ground, behind protection and marked as one that has none.</summary>
    private static SayingHouse TwoWire(Edition e)
    {
        var house = SayingHouse.Of(e, "nm-1g-22.5", 0, 14, 15);
        return house
            .With(
                new AddCable(house.Tried, "old", "k", new CableSpec(CableType.OldTwoWire, 2, GroundKind.None, Gauge.Awg(14))),
                new AddDevice(house.Tried, "r", "receptacle", 1)
            )
            .Noted("box", WallFacts.GfciAhead, "yes")
            .Noted("r", DeviceFacts.Labelled, "yes");
    }

    private static SayingCase White(CableType type) => new(true, "white-hot", e =>
        {
            var house = SayingHouse.Of(e, "nm-1g-22.5", 0, 14, 15);
            return house.With(
                new AddCable(house.Tried, "loop", "k", new CableSpec(type, 2, GroundKind.Bare, Gauge.Awg(14))),
                new AddDevice(house.Tried, "s", "switch", 1),
                new IdentifyLead(house.Tried, "loop.a1", "white", ConductorUse.Hot, "black"),
                new IdentifyLead(house.Tried, "loop.a0", "black", ConductorUse.Switched),
                new MoveLead(house.Tried, "loop.a1", new(LandingAt.Terminal, null, "s", "hot/screw")),
                new MoveLead(house.Tried, "loop.a0", new(LandingAt.Terminal, null, "s", "switched/screw"))
            );
        });

    private static SayingHouse Marked(Edition e, int cables, decimal mark)
    {
        var house = SayingHouse.Of(e, "nm-1g-22.5", cables, 14, 15);
        return house.With(
            new SetBoxMark(house.Tried, Fact<Volume>.Marked(Volume.Of(mark))),
            new SetClamps(house.Tried, Fact<ClampStyle>.Marked(ClampStyle.Outside))
        );
    }

    private static SayingHouse OnHole(Edition e, int gauge)
    {
        var house = SayingHouse.Of(e, "nm-1g-22.5", 1, gauge, 15).WithReceptacle();
        return house.With(new MoveLead(house.Tried, house.Cables[0][0], SayingHouse.On("hot-upper/push")));
    }

    private static SayingCase Behind(Finish finish) =>
        new(true, "setback", e => Plain(e).Noted("box", WallFacts.Finish, Choice.Text(finish)).Noted("box", WallFacts.Setback, "1/4"));

    private static SayingHouse Through(Edition e)
    {
        var house = SayingHouse.Of(e, "nm-1g-22.5", 2, 12, 20);
        return house.With(
            new AddDevice(house.Tried, "r", "receptacle", 1),
            new MoveLead(house.Tried, house.Cables[0][0], SayingHouse.On("hot-upper/screw")),
            new MoveLead(house.Tried, house.Cables[1][0], SayingHouse.On("hot-lower/screw")),
            new MoveLead(house.Tried, house.Cables[0][1], SayingHouse.On("neutral-upper/screw")),
            new MoveLead(house.Tried, house.Cables[1][1], SayingHouse.On("neutral-lower/screw"))
        );
    }

    private static SayingCase Torque(bool good, Tightened how) =>
        new(good, "torque", e =>
            Plain(e).WithReceptacle().Noted("r", DeviceFacts.TorqueMarked, "yes").Noted("r", DeviceFacts.Torqued, Choice.Text(how))
        );

    private static SayingHouse Mixed(Edition e)
    {
        var house = SayingHouse.Of(e, "nm-1g-22.5", 1, 14, 15);
        return house.With(
            new AddCable(house.Tried, "thick", "k", new CableSpec(CableType.NmB, 2, GroundKind.Bare, Gauge.Awg(12))),
            new JoinLeads(house.Tried, "hots", "twist-on-medium", [house.Cables[0][0], "thick.a0"], "hots")
        );
    }

    private static SayingHouse Basement(Edition e)
    {
        var house = SayingHouse.Of(e, "nm-1g-22.5", 1, 12, 20).WithReceptacle();
        return house
            .Noted("box", WallFacts.Use, Choice.Text(RoomUse.Basement))
            .Noted("box", WallFacts.Finished, "yes")
            .Noted("box", WallFacts.Wetness, Choice.Text(Damp.Dry));
    }

    private static SayingHouse Doubled(Edition e)
    {
        var house = SayingHouse.Of(e, "nm-1g-22.5", 2, 12, 20);
        return house.With(
            new AddDevice(house.Tried, "r", "receptacle", 1),
            new MoveLead(house.Tried, house.Cables[0][0], SayingHouse.On("hot-upper/screw")),
            new MoveLead(house.Tried, house.Cables[1][0], SayingHouse.On("hot-upper/screw"))
        );
    }

    private static SayingCase Free(bool good, int inches) => new(good, "free-length", e =>
        {
            var house = Plain(e);
            return house.With([.. house.Cables[0].Select(l => new SetLeadLength(house.Tried, l, SayingHouse.Inches(inches)))]);
        });
}
