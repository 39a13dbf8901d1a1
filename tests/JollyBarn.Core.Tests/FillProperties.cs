using CsCheck;
using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

public class FillProperties
{
    private static readonly Gen<PlainCable> Cable = Gen.Select(
        Gen.Int[0, 4],
        Gen.Int[0, 6].Select(i => new[] { 18, 16, 14, 12, 10, 8, 6 }[i]),
        Gen.Int[0, 4],
        Gen.Int[0, 1],
        (count, gauge, conductors, grounds) => new PlainCable(count, Gauge.Awg(gauge), conductors, grounds)
    );

    private static readonly Gen<PlainBox> Box = Gen.Select(
        Cable.List[0, 5],
        Gen.Int[0, 3],
        Gen.Int[0, 3].Select(i => i == 3 ? (ClampStyle?)null : (ClampStyle)i),
        Gen.Int[0, 2].Select(i => Enum.GetValues<Edition>()[i]),
        Gen.Int[0, 2],
        (cables, devices, clamps, edition, studs) =>
            new PlainBox
            {
                Mark = Volume.Of(40m),
                Cables = cables,
                Devices = [new PlainDevice(devices)],
                Clamps = clamps,
                Edition = edition,
                Studs = studs,
            }
    );

    private static FillAnswer Of(PlainBox box) => BoxFill.Evaluate(box.Read(), box.Profile(), box.House());

    [Fact]
    public void Needed_never_falls_when_something_is_added() =>
        Gen.Select(Box, Cable)
            .Sample(
                (box, more) =>
                {
                    var before = Of(box).Needed;
                    foreach (
                        var after in new[]
                        {
                            box with
                            {
                                Cables = [.. box.Cables, more],
                            },
                            box with
                            {
                                Devices = [.. box.Devices, new PlainDevice(1)],
                            },
                            box with
                            {
                                Studs = box.Studs + 1,
                            },
                            box with
                            {
                                Grounds = [new PlainGround(1, Gauge.Awg(14))],
                            },
                        }
                    )
                    {
                        Assert.True(Of(after).Needed.Low >= before.Low, $"{Of(after).Needed} after {before}");
                    }
                },
                iter: 2000
            );

    [Fact]
    public void Order_does_not_matter() =>
        Box.Sample(
            box =>
            {
                var turned = box with { Cables = [.. box.Cables.Reverse()], Devices = [.. box.Devices.Reverse()] };
                Assert.Equal(Of(box).Needed, Of(turned).Needed);
                Assert.Equal(Of(box).Fit, Of(turned).Fit);
            },
            iter: 2000
        );

    /// <summary>NEC Table 314.16(B), in³ a conductor.</summary>
    private static readonly (int Gauge, decimal Each)[] Table = [(14, 2.00m), (12, 2.25m), (10, 2.50m), (8, 3.00m), (6, 5.00m)];

    /// <summary>314.16(B)(1), (5): one more cable beside a thicker one brings its conductors by the table, and no allowance for its ground
    /// while there are no more than four; each ground past four is a quarter of the largest (2020 on).</summary>
    [Fact]
    public void A_cable_more_adds_what_the_table_gives_for_its_conductors() =>
        Gen.Select(Gen.Int[0, Table.Length - 1], Gen.Int[0, Table.Length - 1], Gen.Int[2, 4], Gen.Int[1, 6])
            .Sample(
                (thin, thick, conductors, before) =>
                {
                    (thin, thick) = (Math.Min(thin, thick), Math.Max(thin, thick));
                    var (more, there) = (Table[thin], Table[thick]);
                    var box = new PlainBox
                    {
                        Mark = Volume.Of(200m),
                        Clamps = ClampStyle.Internal,
                        Cables = [new PlainCable(before, Gauge.Awg(there.Gauge), 2)],
                        Devices = [new PlainDevice(1)],
                    };
                    var after = box with { Cables = [.. box.Cables, new PlainCable(1, Gauge.Awg(more.Gauge), conductors)] };
                    var ground = before >= 4 ? there.Each / 4 : 0;
                    Assert.Equal(Volume.Of((conductors * more.Each) + ground), Of(after).Needed.Low - Of(box).Needed.Low);
                },
                iter: 500
            );

    /// <summary>314.16(B)(2) to (4): clamps are one of the largest conductor however many there are, a stud and a hickey one each, a device
    /// two for its yoke.</summary>
    [Fact]
    public void Clamps_studs_hickeys_and_devices_add_their_allowances() =>
        Gen.Int[0, Table.Length - 1]
            .Sample(
                row =>
                {
                    var each = Table[row].Each;
                    var box = new PlainBox
                    {
                        Mark = Volume.Of(200m),
                        Clamps = ClampStyle.Outside,
                        Cables = [new PlainCable(2, Gauge.Awg(Table[row].Gauge), 2)],
                    };
                    decimal More(PlainBox after) => (Of(after).Needed.Low - Of(box).Needed.Low).CubicInches;
                    Assert.Equal(each, More(box with { Clamps = ClampStyle.Internal }));
                    Assert.Equal(each, More(box with { Studs = 1 }));
                    Assert.Equal(2 * each, More(box with { Studs = 1, Hickeys = 1 }));
                    Assert.Equal(2 * each, More(box with { Devices = [new PlainDevice(1)] }));
                    Assert.Equal(4 * each, More(box with { Devices = [new PlainDevice(1, Gangs: 2)] }));
                },
                iter: 50
            );

    [Fact]
    public void Finding_a_fact_out_never_overturns_a_verdict() =>
        Gen.Select(Box, Gen.Decimal[6m, 60m])
            .Sample(
                (box, mark) =>
                {
                    var unknown = Of(box with { Clamps = null, Mark = Volume.Of(decimal.Round(mark, 1)) });
                    foreach (var clamps in Enum.GetValues<ClampStyle>())
                    {
                        var known = Of(box with { Clamps = clamps, Mark = Volume.Of(decimal.Round(mark, 1)) });
                        Assert.True(
                            unknown.Fit == Fit.CannotTell
                                || unknown.Fit == known.Fit
                                || (unknown.Fit is Fit.Fits && known.Fit is Fit.ExactlyFull),
                            $"{unknown.Fit} became {known.Fit}"
                        );
                    }
                },
                iter: 1000
            );

    [Fact]
    public void What_is_kept_between_edits_is_what_is_made_anew() =>
        Gen.Int[0, 100_000]
            .Sample(
                seed =>
                {
                    var (random, reports, job) = (new RandomEdits(seed), new BoxReports(), Job.Blank("j"));
                    for (var i = 0; i < 60; i++)
                    {
                        job = random.Grow(job, 1);
                        foreach (var box in job.Boxes.Values)
                        {
                            _ = reports.ReportOf(job, box);
                        }
                    }

                    foreach (var box in job.Boxes.Values)
                    {
                        Assert.Equivalent(BoxReports.Make(job, box), reports.ReportOf(job, box), true);
                    }
                },
                iter: 10
            );

    [Fact]
    public void Partial_and_unopened_boxes_are_over_only_when_nothing_could_help()
    {
        var job = Jobs.WithBox("nm-1g-18").Clamps(ClampStyle.Outside).Cables(1, 14, 2);
        Assert.Equal(Fit.CannotTell, job.Do(new SetContents("b", Contents.Partial)).Fill().Fit);
        Assert.Equal(Fit.NotOpened, job.Do(new SetContents("b", Contents.NotOpened)).Fill().Fit);
        Assert.Equal(Fit.Over, job.Cables(4, 14, 2).Do(new SetContents("b", Contents.Partial)).Fill().Fit);
        Assert.NotEmpty(job.Do(new SetContents("b", Contents.Partial)).Fill().Asks);
    }

    [Fact]
    public void Missing_facts_that_do_not_matter_are_not_asked_for()
    {
        var roomy = Jobs.WithBox("nm-1g-22.5")
            .Cables(1, 14, 2)
            .Do(new SetClamps("b", Fact<ClampStyle>.Unknown), new SetEntry("b", "k0", Holding: Holding.Unknown));
        Assert.Equal((Fit.Fits, 0), (roomy.Fill().Fit, roomy.Fill().Asks.Count));
        var tight = roomy.Do(new SetBoxMark("b", Fact<Volume>.Marked(Volume.Of(7m))));
        Assert.Equal(Fit.CannotTell, tight.Fill().Fit);
        Assert.Contains(tight.Fill().Asks, a => a.Case == FillAskCase.Clamps);
    }

    [Fact]
    public void A_partition_fills_each_side_on_its_own()
    {
        var job = Jobs.WithBox("nm-2g-32")
            .Clamps(ClampStyle.Outside)
            .Do(
                new AddPartition("b", "w", 1, BoxMaterial.Nonmetallic),
                new AddDevice("b", "left", "receptacle", 1),
                new AddDevice("b", "right", "switch", 2)
            )
            .Cables(2, 14, 2);
        foreach (var lead in job.Boxes["b"].Leads.Ids.ToList())
        {
            job = lead.Text.EndsWith('0')
                ? job.Do(new MoveLead("b", lead, new Landing(LandingAt.Terminal, null, "right", "hot/screw")))
                : job;
        }

        // An unmarked nonmetallic partition takes 1 in³ (314.16(A)): 31 in³, half to each gang.
        Assert.Equal([Volume.Of(15.5m), Volume.Of(15.5m)], job.Fill().Spaces.Select(s => s.Available.Low));
        Assert.Equal(2, job.Fill().Spaces.Count(s => s.Needed.Low > Volume.Zero));
    }

    [Fact]
    public void Long_leads_counted_twice_stand_beside_the_text_not_in_its_place()
    {
        var job = Jobs.WithBox("nm-1g-18")
            .Clamps(ClampStyle.Outside)
            .Cables(2, 14, 2)
            .Do(new SetLeadLength("b", "r0.a0", new Fact<Length>(Known.Measured, Length.Inches(12))));
        Assert.Equal(Volume.Of(10m), job.Fill().Needed.Low);
        Assert.Contains(job.Fill().Practices, p => p.Needed.Low == Volume.Of(12m));
    }

    [Fact]
    public void Minimum_depth_is_a_rule_of_its_own()
    {
        // 314.24(B): 15/16 in for a device on 14 AWG, 1 3/16 in on 12 or 10 (from memory).
        var job = Jobs.WithBox("fs-1")
            .Do(new SetBoxSize("b", Depth: new Fact<Length>(Known.Measured, Length.Inches(1))))
            .Cables(1, 12, 2)
            .Do(new AddDevice("b", "d", "receptacle", 1));
        job = job.Do(new MoveLead("b", "r0.a0", new Landing(LandingAt.Terminal, null, "d", "hot-upper/screw")));
        var depth = Assert.Single(BoxReports.Make(job, job.Boxes["b"]).Depth);
        Assert.Equal((Length.Inches(1, 3, 16), false), (depth.Needed, depth.Passes));
    }
}
