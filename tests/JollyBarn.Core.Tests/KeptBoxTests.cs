using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Planning;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>A plainly described box put into a job holds what was described, and counts the same.</summary>
public class KeptBoxTests
{
    public static TheoryData<string> Templates() => [.. BoxTemplate.All.Select(t => t.Id)];

    private static Job Kept(PlainBox plain, Job? into = null)
    {
        var edits = KeptBox.Edits(plain, "b", "Box", null);
        var job = into ?? Job.Blank("house");
        foreach (var edit in edits)
        {
            Assert.Null(edit.Check(job));
            job = edit.Apply(job);
        }

        return job;
    }

    /// <summary>314.16(B) by hand, 14 AWG at 2.00 in³: two cables that end 4, one that passes through 2, a loop of 14 in unbroken 4, all
    /// their grounds one allowance for up to four, a stud 1: what was asked at the wall is what the kept box comes to.</summary>
    [Fact]
    public void Cables_that_pass_through_or_loop_and_a_stud_are_kept_as_asked()
    {
        var wire = Gauge.Awg(14);
        var plain = new PlainBox
        {
            Kind = "square-4x2-1/8",
            Clamps = ClampStyle.Outside,
            Studs = 1,
            Cables = [new(2, wire, 2, 0), new(1, wire, 2, 0, Form: LeadForm.PassingThrough), new(1, wire, 1, 0, Form: LeadForm.Loop)],
            Height = Length.Inches(4),
            Width = Length.Inches(4),
            Depth = Length.Inches(2, 1, 8),
        };
        var paper = BoxFill.Evaluate(plain.Read(), plain.Profile(), plain.House());
        var job = Kept(plain);
        var box = job.Boxes["b"];
        Assert.Equal((1, Length.Inches(2, 1, 8)), (box.Studs, box.Depth.OrNull!.Value));
        Assert.Equal([LeadForm.Ended, LeadForm.PassingThrough, LeadForm.Loop], box.Leads.Values.Select(l => l.Form).Distinct().Order());
        Assert.Equal(paper.Needed.Low, BoxReports.Make(job, box).Fill.Needed.Low);
        Assert.Equal(paper.Needed.High, BoxReports.Make(job, box).Fill.Needed.High);
    }

    /// <summary>What was picked at the wall is what is kept: armour that is its own ground stays that, and no ground wire is made
    /// up.</summary>
    [Theory]
    [InlineData(CableType.Ac, 0, GroundKind.Sheath, GroundKind.Sheath)]
    [InlineData(CableType.Mc, 1, GroundKind.Insulated, GroundKind.Insulated)]
    [InlineData(CableType.Cord, 0, GroundKind.None, GroundKind.None)]
    [InlineData(CableType.Raceway, 0, GroundKind.Sheath, GroundKind.Sheath)]
    [InlineData(CableType.UfB, 1, GroundKind.Bare, GroundKind.Bare)]
    [InlineData(CableType.Ac, 0, GroundKind.Bare, GroundKind.None)]
    [InlineData(CableType.Unknown, 0, GroundKind.Unknown, GroundKind.None)]
    [InlineData(CableType.Unknown, 1, GroundKind.Unknown, GroundKind.Bare)]
    public void A_kept_cable_is_what_it_was(CableType type, int grounds, GroundKind ground, GroundKind kept)
    {
        PlainBox plain = new() { Kind = "square-4x2-1/8", Cables = [new(1, Gauge.Awg(12), 2, grounds, Type: type, Ground: ground)] };
        var job = Kept(plain);
        var run = job.Runs.Values.Single();
        var usual = grounds == 0 ? CableType.OldTwoWire : CableType.NmB;
        Assert.Equal((type == CableType.Unknown ? usual : type, kept), (run.Type, run.Ground));
        Assert.Equal(2 + grounds, job.Boxes["b"].Leads.Count);
    }

    /// <summary>The templates are boxes that pass: each fits, by the plain sum and by the sum of what was put in.</summary>
    [Theory]
    [MemberData(nameof(Templates))]
    public void A_template_counts_in_a_job_as_it_does_on_paper_and_fits(string id)
    {
        var plain = BoxTemplate.All.Single(t => t.Id == id).Box;
        Assert.Null(plain.Check());
        var paper = BoxFill.Evaluate(plain.Read(), plain.Profile(), plain.House());
        var job = Kept(plain);
        var report = BoxReports.Make(job, job.Boxes["b"]).Fill;
        // Before a lead lands on the device, its own two volumes may still be those of the thinnest wire of a branch circuit.
        Assert.Equal(paper.Needed.High, report.Needed.High);
        Assert.Equal(Fit.Fits, report.Fit);
        Assert.Equal(plain.Cables.Sum(c => c.Count), job.Runs.Count);
        Assert.Equal(plain.Devices.Sum(d => d.Count), job.Boxes["b"].Devices.Count);
    }

    /// <summary>314.16(B): 3 × 14-2 take 6 × 2.0 in³ and 2.0 for their grounds, each device 4.0; a device on a square box
    /// takes a ring, and the ring's gang is the device's.</summary>
    [Theory]
    [InlineData("receptacle", 1, "ring-4-1g-1/4")]
    [InlineData("switch", 2, "ring-4-2g-1/4")]
    public void A_square_box_with_devices_gets_the_flattest_ring_that_opens_to_them(string device, int count, string ring)
    {
        var plain = new PlainBox
        {
            Kind = "square-4x2-1/8",
            Clamps = ClampStyle.Outside,
            Cables = [new(3, Gauge.Awg(14), 2)],
            Devices = [new(count, device)],
        };
        var box = Kept(plain).Boxes["b"];
        Assert.Equal(ring, Assert.Single(box.Parts).Value.Kind);
        Assert.Equal(Enumerable.Range(1, count), box.Devices.Values.Select(d => d.Gang).Order());
        Assert.Equal(
            VolumeSpan.Exactly(Volume.Of(14.0m + (4.0m * count))),
            BoxFill.Evaluate(plain.Read(), plain.Profile(), plain.House()).Needed
        );
    }

    /// <summary>A range receptacle takes two gangs; what comes after it stands beside it, what hangs on the box takes none, and where
    /// nothing is free the edit is refused and says what stands there.</summary>
    [Fact]
    public void A_device_with_no_gang_named_takes_the_first_that_is_free()
    {
        var job = Jobs.WithBox("nm-3g-44").Do(new AddDevice("b", "wide", "range-receptacle"));
        Assert.Equal(1, job.Boxes["b"].Devices["wide"].Gang);
        job = job.Do(new AddDevice("b", "one", "switch"));
        Assert.Equal(3, job.Boxes["b"].Devices["one"].Gang);
        Assert.Equal("gang", new AddDevice("b", "more", "switch").Check(job)?.Field);
        job = Jobs.WithBox("round-4x1-1/2").Do(new AddDevice("b", "lamp", "luminaire"));
        Assert.Equal(0, job.Boxes["b"].Devices["lamp"].Gang);
    }

    /// <summary>An edit of a log written before, with its gang, still says the same.</summary>
    [Fact]
    public void A_gang_that_is_named_stays()
    {
        var job = Jobs.WithBox("nm-3g-44").Do(new AddDevice("b", "d", "switch", 2)).Do(new AddDevice("b", "e", "switch"));
        Assert.Equal((2, 1), (job.Boxes["b"].Devices["d"].Gang, job.Boxes["b"].Devices["e"].Gang));
    }
}
