using JollyBarn.CodeBook;
using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Sums worked by hand with the allowances of Table 314.16(B): 14 AWG 2.00, 12 AWG 2.25, 10 AWG 2.50 in³. Common practice of the
/// trade.</summary>
public class WorkedCases
{
    private static PlainCable Nm(int count, int gauge, int conductors) => new(count, Gauge.Awg(gauge), conductors);

    private static FillAnswer Of(PlainBox box)
    {
        Assert.Null(box.Check());
        return BoxFill.Evaluate(box.Read(), box.Profile(), box.House());
    }

    [Theory]
    [InlineData(Edition.Nec2017, 45.0)]
    [InlineData(Edition.Nec2020, 45.5625)]
    [InlineData(Edition.Nec2023, 45.5625)]
    public void Fourteen_twelves_five_grounds_clamps_and_two_devices(Edition edition, decimal needed)
    {
        var answer = Of(
            new PlainBox
            {
                Mark = Volume.Of(50m),
                Clamps = ClampStyle.Internal,
                Edition = edition,
                Cables = [new PlainCable(14, Gauge.Awg(12), 1, 0)],
                Grounds = [new PlainGround(5, Gauge.Awg(12))],
                Devices = [new PlainDevice(2)],
            }
        );
        Assert.Equal(Volume.Of(needed), answer.Needed.Low);
        Assert.True(answer.Needed.IsExact);
    }

    [Fact]
    public void Two_12_2_and_a_12_3_with_a_device_fill_22_and_a_half_exactly()
    {
        var answer = Of(
            new PlainBox
            {
                Mark = Volume.Of(22.5m),
                Clamps = ClampStyle.Outside,
                Cables = [Nm(2, 12, 2), Nm(1, 12, 3)],
                Devices = [new PlainDevice(1)],
            }
        );
        Assert.Equal((Volume.Of(22.5m), Fit.ExactlyFull), (answer.Needed.Low, answer.Fit));
        Assert.Equal(Volume.Zero, answer.Left.Low);
    }

    [Fact]
    public void Two_10_2_and_a_device_two_gangs_wide_take_22_and_a_half() =>
        Assert.Equal(
            Volume.Of(22.5m),
            Of(
                new PlainBox
                {
                    Mark = Volume.Of(30m),
                    Clamps = ClampStyle.Outside,
                    Cables = [Nm(2, 10, 2)],
                    Devices = [new PlainDevice(1, "range-receptacle")],
                }
            ).Needed.Low
        );

    [Fact]
    public void Mixed_gauges_take_their_own_allowance_and_the_largest_for_clamps_and_grounds() =>
        Assert.Equal(
            Volume.Of(21.5m),
            Of(
                new PlainBox
                {
                    Mark = Volume.Of(22.5m),
                    Clamps = ClampStyle.Internal,
                    Cables = [Nm(1, 14, 2), Nm(2, 12, 2)],
                    Devices = [new PlainDevice(1, Gauge: Gauge.Awg(14))],
                }
            ).Needed.Low
        );

    [Fact]
    public void A_14_3_overfills_a_ceiling_pan_and_fits_with_an_octagon_extension()
    {
        var pan = new PlainBox
        {
            Kind = "pan-4x1/2",
            Clamps = ClampStyle.Outside,
            Cables = [Nm(1, 14, 3)],
        };
        Assert.Equal((Volume.Of(8m), Fit.Over), (Of(pan).Needed.Low, Of(pan).Fit));
        Assert.Equal(Fit.Fits, Of(pan with { Parts = [new PlainPart("ext-pan-1-1/2")] }).Fit);
    }

    [Fact]
    public void An_unmarked_box_of_a_listed_size_takes_the_table()
    {
        var box = new PlainBox
        {
            Kind = "device-3x2x2-1/4",
            Clamps = ClampStyle.Outside,
            Cables = [Nm(2, 14, 2)],
        };
        Assert.Equal((Volume.Of(10m), Volume.Of(10.5m), Fit.Fits), (Of(box).Needed.Low, Of(box).Available.Low, Of(box).Fit));
        var withReceptacle = Of(box with { Devices = [new PlainDevice(1, "receptacle")] });
        Assert.Equal((Volume.Of(14m), Fit.Over), (withReceptacle.Needed.Low, withReceptacle.Fit));
    }

    [Fact]
    public void An_unlisted_box_is_measured_and_never_rounded_up()
    {
        var answer = Of(
            new PlainBox
            {
                Kind = "unlisted",
                Height = Length.Inches(3),
                Width = Length.Inches(2),
                Depth = Length.Inches(1, 5, 8),
                Clamps = ClampStyle.Outside,
                Cables = [Nm(2, 14, 2)],
            }
        );
        Assert.Equal((Volume.Of(9.75m), Fit.Over), (answer.Available.Low, answer.Fit));
        Assert.Equal(Volume.Of(-0.25m), answer.Left.High);
        Assert.True(answer.Estimate);
    }

    [Fact]
    public void Three_14_2_a_receptacle_and_clamps_are_two_over_in_eighteen()
    {
        var answer = Of(
            new PlainBox
            {
                Mark = Volume.Of(18m),
                Clamps = ClampStyle.Internal,
                Cables = [Nm(3, 14, 2)],
                Devices = [new PlainDevice(1, "receptacle")],
            }
        );
        Assert.Equal(Volume.Of(20m), answer.Needed.Low);
        Assert.Equal(Volume.Of(-2m), answer.Left.High);
        Assert.Equal(
            ["Conductors 12", "Clamps 2", "Device 4", "Grounds 2"],
            answer.Lines.Select(l => $"{l.Kind} {l.Volume.Low.CubicInches}")
        );
    }

    [Theory]
    [InlineData(1, 2.0)]
    [InlineData(4, 2.0)]
    [InlineData(5, 2.5)]
    [InlineData(6, 3.0)]
    public void From_2020_each_ground_past_four_takes_a_quarter(int grounds, decimal needed) =>
        Assert.Equal(
            Volume.Of(needed),
            Of(
                new PlainBox
                {
                    Mark = Volume.Of(18m),
                    Clamps = ClampStyle.Outside,
                    Edition = Edition.Nec2020,
                    Grounds = [new PlainGround(grounds, Gauge.Awg(14))],
                }
            ).Needed.Low
        );

    [Theory]
    [InlineData(Edition.Nec2017, 4.5)] // a set of isolated grounds counts once more, 250.146(D)
    [InlineData(Edition.Nec2020, 2.25)] // among up to four
    public void An_isolated_set_counts_once_more_in_2017(Edition edition, decimal needed) =>
        Assert.Equal(
            Volume.Of(needed),
            Of(
                new PlainBox
                {
                    Mark = Volume.Of(18m),
                    Clamps = ClampStyle.Outside,
                    Edition = edition,
                    Grounds = [new PlainGround(1, Gauge.Awg(12)), new PlainGround(1, Gauge.Awg(12), Isolated: true)],
                }
            ).Needed.Low
        );

    [Theory]
    [InlineData(Edition.Nec2017, 2.5)] // largest present, pigtails too
    [InlineData(Edition.Nec2020, 2.0)] // largest entering
    public void A_larger_ground_pigtail_counts_only_in_2017(Edition edition, decimal needed) =>
        Assert.Equal(
            Volume.Of(needed),
            Of(
                new PlainBox
                {
                    Mark = Volume.Of(18m),
                    Clamps = ClampStyle.Outside,
                    Edition = edition,
                    Grounds = [new PlainGround(2, Gauge.Awg(14)), new PlainGround(1, Gauge.Awg(10), Entering: false)],
                }
            ).Needed.Low
        );

    [Theory]
    [InlineData(Edition.Nec2020, 9.0)]
    [InlineData(Edition.Nec2023, 11.25)] // 314.16(B)(6) is new in 2023
    public void Terminal_blocks_count_from_2023(Edition edition, decimal needed) =>
        Assert.Equal(
            Volume.Of(needed),
            Of(
                new PlainBox
                {
                    Mark = Volume.Of(18m),
                    Clamps = ClampStyle.Outside,
                    Edition = edition,
                    Cables = [new PlainCable(4, Gauge.Awg(12), 1, 0)],
                    Blocks = [Gauge.Awg(12)],
                }
            ).Needed.Low
        );

    [Theory]
    [InlineData("11 15/16", 2.0)]
    [InlineData("12", 4.0)]
    public void A_loop_counts_twice_from_twelve_inches(string length, decimal needed) =>
        Assert.Equal(
            Volume.Of(needed),
            Of(
                new PlainBox
                {
                    Mark = Volume.Of(18m),
                    Clamps = ClampStyle.Outside,
                    Cables = [new PlainCable(1, Gauge.Awg(14), 1, 0, Form: LeadForm.Loop, Length: Length.Parse(length))],
                }
            ).Needed.Low
        );

    [Fact]
    public void Up_to_four_thin_fixture_wires_and_a_ground_from_a_canopy_are_left_out()
    {
        var box = new PlainBox
        {
            Kind = "round-4x1-1/2",
            Clamps = ClampStyle.Outside,
            Cables = [Nm(1, 14, 2)],
            Canopy = [new PlainCanopy(4, Gauge.Awg(18)), new PlainCanopy(1, Gauge.Awg(18), true)],
        };
        Assert.Equal(Volume.Of(6m), Of(box).Needed.Low);
        Assert.Equal(Volume.Of(7.5m), Of(box with { Canopy = [new PlainCanopy(5, Gauge.Awg(18))] }).Needed.Low);
        Assert.Equal(Volume.Of(10m), Of(box with { Canopy = [new PlainCanopy(2, Gauge.Awg(14))] }).Needed.Low);
    }

    [Fact]
    public void Studs_and_hickeys_count_by_the_largest_conductor() =>
        Assert.Equal(
            Volume.Of(11.25m),
            Of(
                new PlainBox
                {
                    Mark = Volume.Of(21.5m),
                    Clamps = ClampStyle.Outside,
                    Studs = 1,
                    Hickeys = 1,
                    Cables = [Nm(1, 12, 2)],
                }
            ).Needed.Low
        );

    [Fact]
    public void An_amendment_moves_the_number_and_says_who()
    {
        var answer = Of(
            new PlainBox
            {
                Mark = Volume.Of(18m),
                Clamps = ClampStyle.Outside,
                Cables = [Nm(3, 14, 2)],
                Amendments = [new Amendment("fill.allowance.14", "county notice", 2.25m)],
            }
        );
        Assert.Equal(Volume.Of(15.75m), answer.Needed.Low);
    }
}
