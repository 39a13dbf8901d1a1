using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Telling.Filled;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

public class BookTests
{
    /// <summary>Table 314.16(B), (B)(1) from 2020: allowance of one conductor, in³; typed from memory, the same in all three
    /// editions.</summary>
    [Theory]
    [InlineData(18, 1.50)]
    [InlineData(16, 1.75)]
    [InlineData(14, 2.00)]
    [InlineData(12, 2.25)]
    [InlineData(10, 2.50)]
    [InlineData(8, 3.00)]
    [InlineData(6, 5.00)]
    public void Allowances_are_the_tables(int gauge, decimal volume)
    {
        foreach (var edition in Enum.GetValues<Edition>())
        {
            Assert.Equal(Volume.Of(volume), LimitTable.For(CodeProfile.Default with { Edition = edition }).Allowance(Gauge.Awg(gauge)));
        }
    }

    [Theory]
    [InlineData(4)]
    [InlineData(20)]
    public void Gauges_outside_the_table_have_no_allowance(int gauge) =>
        Assert.Null(LimitTable.For(CodeProfile.Default).Allowance(Gauge.Awg(gauge)));

    [Fact]
    public void Later_editions_bring_their_own_numbers()
    {
        bool Has(Edition edition, string key) => LimitTable.For(CodeProfile.Default with { Edition = edition }).Has(key);
        Assert.Equal(
            (false, true, true),
            (
                Has(Edition.Nec2017, "fill.ground.further"),
                Has(Edition.Nec2020, "fill.ground.further"),
                Has(Edition.Nec2023, "fill.ground.further")
            )
        );
        Assert.Equal(
            (false, false, true),
            (Has(Edition.Nec2017, "fill.block"), Has(Edition.Nec2020, "fill.block"), Has(Edition.Nec2023, "fill.block"))
        );
    }

    [Fact]
    public void Every_number_names_an_article_and_every_school_its_reason()
    {
        Assert.All(FillLimits.All, l => Assert.Matches("314|300", l.Article));
        Assert.All(PracticeBook.Questions, q => Assert.Contains(q.Choices, c => c.Value == q.Default));
        Assert.All(PracticeBook.Questions.SelectMany(q => q.Choices), c => Assert.EndsWith(".", c.Reason, StringComparison.Ordinal));
    }

    [Fact]
    public void Kinds_have_ids_of_their_own_and_a_range_from_six_to_seventy_five()
    {
        Assert.Equal(BoxKinds.All.Count, BoxKinds.All.Select(k => k.Id).Distinct().Count());
        Assert.Equal(PartKinds.All.Count, PartKinds.All.Select(k => k.Id).Distinct().Count());
        Assert.Equal(
            (6m, 75m),
            (
                BoxKinds.All.Min(k => k.Volume?.CubicInches),
                BoxKinds.All.Where(k => k.Material == BoxMaterial.Nonmetallic).Max(k => k.Volume?.CubicInches)
            )
        );
        Assert.Equal(
            [1, 2, 3, 4, 5, 6],
            BoxKinds
                .All.Where(k => k is { Material: BoxMaterial.Nonmetallic, Shape: BoxShape.Device })
                .Select(k => k.Gangs)
                .Distinct()
                .Order()
        );
    }

    [Fact]
    public void Push_in_holes_take_fourteen_solid_only()
    {
        // Listing of push-in terminals: 14 AWG solid copper only.
        var holes = DeviceKinds
            .All.SelectMany(d => d.Terminals)
            .SelectMany(t => t.Landings)
            .Where(l => l.Kind == LandingKind.PushIn)
            .ToList();
        Assert.NotEmpty(holes);
        Assert.All(holes, h => Assert.Equal((Gauge.Awg(14), Gauge.Awg(14), true), (h.Thinnest, h.Thickest, h.SolidOnly)));
    }

    [Fact]
    public void A_protective_receptacle_has_line_and_load_each_with_hot_and_neutral() =>
        Assert.Equal(
            [TerminalRole.LineHot, TerminalRole.LineNeutral, TerminalRole.LoadHot, TerminalRole.LoadNeutral, TerminalRole.Ground],
            DeviceKinds.Find("protective")!.Terminals.Select(t => t.Role)
        );

    [Fact]
    public void A_device_on_its_own_leads_counts_by_what_they_are_spliced_to()
    {
        var job = Jobs.WithBox("nm-1g-22.5").Clamps(ClampStyle.Outside).Cables(1, 12, 2).Do(new Edits.AddDevice("b", "d", "dimmer", 1));
        Assert.False(job.Fill().Needed.IsExact);
        var spliced = job.Do(new Edits.JoinLeads("b", "j", "twist-on-small", ["d.hot", "r0.a0"]));
        // 2 + 1 + 2 = 5 of 2.25; the dimmer's own leads never leave the box
        Assert.Equal(VolumeSpan.Exactly(Volume.Of(11.25m)), spliced.Fill().Needed);
    }

    [Fact]
    public void A_device_measured_wider_than_two_inches_counts_by_the_gang()
    {
        var job = Jobs.WithBox("nm-2g-32")
            .Clamps(ClampStyle.Outside)
            .Cables(1, 12, 2)
            .Do(
                new Edits.AddDevice("b", "d", "switch", 1),
                new Edits.MoveLead("b", "r0.a0", new Landing(LandingAt.Terminal, null, "d", "hot/screw"))
            );
        decimal Wide(string width) =>
            job.Do(new Edits.SetDevice("b", "d", Width: new Fact<Length>(Known.Measured, Length.Parse(width))))
                .Fill()
                .Lines.Single(l => l.Kind == FillKind.Device)
                .Low;
        Assert.Equal((2m, 4m), (Wide("2"), Wide("2 1/16")));
    }

    [Fact]
    public void Crowding_opens_to_its_parts_and_its_assumptions_are_the_houses()
    {
        var job = Jobs.WithBox("nm-1g-18")
            .Cables(2, 14, 2)
            .Do(new Edits.AddDevice("b", "d", "protective", 1), new Edits.JoinLeads("b", "j", "twist-on-medium", ["r0.a0", "r1.a0"]));
        var crowd = BoxReports.Make(job, job.Boxes["b"]).Crowding;
        Assert.Equal(crowd.Taken, crowd.Lines.Sum(l => l.Room));
        Assert.Contains(crowd.Lines, l => l is { Of: CrowdOf.Connector, Kind: "twist-on-medium" });
        var longer = job.Do(new Edits.SetPractice(CrowdingBook.LeadLength.Key, "16"));
        var after = BoxReports.Make(longer, longer.Boxes["b"]).Crowding;
        Assert.True(after.Taken > crowd.Taken);
        Assert.Contains(after.Assumptions, a => a.House && a.Value == 16m);
        var unknown = longer.Do(new Edits.SetBoxMark("b", Fact<Volume>.Unknown), new Edits.SetBoxKind("b", "device-1g"));
        Assert.Equal(Crowd.CannotTell, BoxReports.Make(unknown, unknown.Boxes["b"]).Crowding.Crowd);
    }

    [Theory]
    [InlineData("14", 9, "agrees")]
    [InlineData("14", 12, "More is printed")]
    [InlineData("14", 8, "Less is printed")]
    public void Printed_counts_are_a_cross_check(string gauge, int printed, string says)
    {
        var job = Jobs.WithBox("nm-1g-18").Do(new Edits.SetPrintedCounts("b", new Dictionary<string, int> { [gauge] = printed }));
        Assert.Contains(says, Assert.Single(FillTeller.Tell(job.Fill()).Printed).Says, StringComparison.Ordinal);
    }

    [Fact]
    public void What_would_still_fit_looks_into_the_roomiest_space()
    {
        var job = Jobs.WithBox("nm-2g-32")
            .Clamps(ClampStyle.Outside)
            .Do(new Edits.AddPartition("b", "w", 1, BoxMaterial.Nonmetallic), new Edits.AddDevice("b", "s", "switch", 1))
            .Cables(3, 12, 2);
        var one = BoxReports.Make(job, job.Boxes["b"]).StillFits.Single(a => a.Id == "cable-14-2");
        Assert.Equal(Fit.Fits, one.Fit); // 6.0 needed of the right-hand 15.5
        Assert.Equal(Volume.Of(9.5m), one.Left.Low);
    }
}
