using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Electrics.Seen;
using JollyBarn.Practice.Houses;
using JollyBarn.Testing;
using JollyBarn.Tracing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>A real reading that differs: a fault is hidden in a copy, the instrument reads the copy, and the record is asked why.</summary>
public sealed class ExplainingTests
{
    private const string Hot = "hot";

    /// <summary>Whatever fault is hidden, it is among the causes named, whenever it shows at all; and every cause that is named shows what
    /// was read.</summary>
    [Theory]
    [InlineData(3)]
    [InlineData(5)]
    [InlineData(11)]
    public void The_fault_that_is_there_is_among_those_named(int seed)
    {
        var job = WiredHouse.Make(seed);
        var recorded = Live.Solve(job, Situation.AsRecorded);
        var asked = 0;
        foreach (var (box, device) in Receptacles(job).Take(2))
        {
            var offers = FaultOffers.At(recorded, box, job.Boxes[box]).Where(o => o.Case != OfferCase.OffNowAndThen).ToList();
            foreach (var offer in offers.Where((_, i) => i % 2 == seed % 2))
            {
                var (from, to) = Slots(recorded, box, device);
                var shown = Instruments.Between(Story.Unfold(recorded.With(offer.Fault)).End, "low-impedance", from, to)!;
                var compared = Explaining.Of(
                    job,
                    Situation.AsRecorded,
                    box,
                    new("low-impedance", from, to, shown.Display, shown.Volts),
                    default
                )!;
                if (compared.Agrees)
                {
                    Assert.Empty(compared.Causes);
                    continue;
                }

                asked++;
                if (offer.Case is not (OfferCase.ArcsInJoint or OfferCase.LessonCrossed))
                {
                    Assert.Contains(compared.Causes, c => c.Box == box && c.Offer?.Case == offer.Case && c.Offer.About.Equals(offer.About));
                }

                foreach (var cause in compared.Causes.Where(c => c.Kind == CauseKind.Fault))
                {
                    var then = Instruments.Between(Story.Unfold(recorded.With(cause.Offer!.Fault)).End, "low-impedance", from, to)!;
                    Assert.InRange(then.Value!.Value, shown.Volts!.Value - 6.5, shown.Volts.Value + 6.5);
                }
            }
        }

        Assert.True(asked > 1);
    }

    /// <summary>No voltage at a receptacle: its breaker off is named before any fault, and faults from near to far (common practice: the
    /// likeliest and the nearest first).</summary>
    [Fact]
    public void A_dead_receptacle_is_first_its_breaker_then_what_is_near()
    {
        var job = SmallHouse.Followed(SmallHouse.Receptacle());
        var compared = Read(job, new("two-pole", Face(Hot), Face("neutral"), Display.Volts, 0));
        Assert.False(compared.Agrees);
        Assert.Equal((CauseKind.Breaker, "1", false), (compared.Causes[0].Kind, compared.Causes[0].Thing.Id, compared.Causes[0].On));
        var faults = compared.Causes.Where(c => c.Kind == CauseKind.Fault).ToList();
        Assert.Equal(faults.Select(f => f.Away).Order(), faults.Select(f => f.Away));
        Assert.Equal(["b", "j"], faults.Select(f => f.Box!.Value.Text).Distinct());
        Assert.Contains(faults, f => f.Offer!.Case == OfferCase.BrokenAlong);
    }

    /// <summary>What agrees needs no cause: 119.2 V where 120 are expected.</summary>
    [Fact]
    public void What_agrees_is_left_alone()
    {
        var compared = Read(SmallHouse.Followed(SmallHouse.Receptacle()), new("meter", Face(Hot), Face("neutral"), Display.Volts, 119.2));
        Assert.True(compared.Agrees);
        Assert.Empty(compared.Causes);
    }

    /// <summary>120 V from hot to ground and none to neutral is an open neutral (electrics: tester truth table): no breaker explains
    /// it.</summary>
    [Fact]
    public void An_open_neutral_is_not_taken_for_a_breaker()
    {
        var compared = Read(
            SmallHouse.Followed(SmallHouse.Receptacle()),
            new("low-impedance", Face(Hot), Face("neutral"), Display.Volts, 0)
        );
        Assert.Contains(compared.Causes, c => c.Kind == CauseKind.Breaker);
        var grounded = Read(
            SmallHouse.Followed(SmallHouse.Receptacle()),
            new("low-impedance", Face("neutral"), Face("ground"), Display.Volts, 120)
        );
        Assert.DoesNotContain(grounded.Causes, c => c.Kind == CauseKind.Breaker);
    }

    /// <summary>What nothing recorded explains is said so, and never made up.</summary>
    [Fact]
    public void What_no_single_thing_explains_has_no_cause()
    {
        var compared = Read(SmallHouse.Followed(SmallHouse.Receptacle()), new("two-pole", Face(Hot), Face("neutral"), Display.Volts, 208));
        Assert.False(compared.Agrees);
        Assert.Empty(compared.Causes);
    }

    private static string Face(string slot) => Points.Face("b", "r", "upper" + slot);

    private static Compared Read(Job job, RealReading real) => Explaining.Of(job, Situation.AsRecorded, "b", real, default)!;

    private static IEnumerable<(Id<Box> Box, Id<Device> Device)> Receptacles(Job job) =>
        job.Boxes.SelectMany(b => b.Value.Devices.Where(d => d.Value.Kind == "receptacle").Select(d => (b.Key, d.Key)));

    private static (string From, string To) Slots(Live live, Id<Box> box, Id<Device> device)
    {
        var half = live.Has(Points.Face(box, device, "upperhot")) ? "upper" : "";
        return (Points.Face(box, device, half + "hot"), Points.Face(box, device, half + "neutral"));
    }
}
