using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Measures;
using JollyBarn.Planning.Remedies;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Unmarked rings, and what may stand in a full box's place: of the right kind for where it is.</summary>
public sealed class RightKindTests
{
    private static readonly Job FullSwitch = Jobs.WithBox("nm-1g-14")
        .Clamps(ClampStyle.Flap)
        .Cables(3, 14, 2)
        .Do(new AddDevice("b", "s", "switch", 1));

    private static InsteadAnswer Instead(Job job)
    {
        var look = new BoxLook(job, "b", job.Boxes["b"]);
        return Fill.Instead.Find(InsteadQuestion.Ask(look.Box, look.Input, look.Right), job.Profile, job.Practice);
    }

    /// <summary>NEC 314.16(A): the parts' volumes count as they are marked, or are made from boxes of the table. 4 × 1½ square 21.0,
    /// Table 314.16(A).</summary>
    [Fact]
    public void A_ring_that_nobody_read_a_mark_on_adds_nothing_and_one_without_a_mark_adds_nothing_surely()
    {
        var square = Jobs.WithBox("square-4x1-1/2");
        var unread = square.Do(new AddPart("b", "ring", "ring-4-1g-1/2")).Fill().Available;
        Assert.Equal((Volume.Of(21.0m), null), (unread.Low, unread.High));
        var unmarked = square.Do(new AddPart("b", "ring", "ring-4-1g-1/2", Fact<Volume>.NotApplicable)).Fill().Available;
        Assert.Equal((Volume.Of(21.0m), Volume.Of(21.0m)), (unmarked.Low, unmarked.High));
        var marked = square.Do(new AddPart("b", "ring", "ring-4-1g-1/2", Fact<Volume>.Marked(Volume.Of(3.5m)))).Fill().Available;
        Assert.Equal((Volume.Of(24.5m), Volume.Of(24.5m)), (marked.Low, marked.High));
    }

    /// <summary>Four 14-2 and a device are 8 + 1 + 2 at 2.00, 22.0: more than 21.0, so that a ring's mark decides.</summary>
    [Fact]
    public void Where_the_mark_decides_it_is_asked_and_never_assumed()
    {
        var job = Jobs.WithBox("square-4x1-1/2")
            .Clamps(ClampStyle.Outside)
            .Cables(4, 14, 2)
            .Do(new AddPart("b", "ring", "ring-4-1g-1/2"), new AddDevice("b", "d", "receptacle", 1));
        Assert.Equal(Fit.CannotTell, job.Fill().Fit);
        Assert.Equal(Fit.Over, job.Do(new SetPart("b", "ring", Fact<Volume>.NotApplicable)).Fill().Fit);
        Assert.Equal(Fit.Fits, job.Do(new SetPart("b", "ring", Fact<Volume>.Marked(Volume.Of(3.5m)))).Fill().Fit);
    }

    [Fact]
    public void A_ring_in_quick_fit_adds_what_is_marked_on_it_only()
    {
        var plain = new PlainBox { Kind = "square-4x1-1/2", Parts = [new PlainPart("ring-4-1g-1/2")] };
        Assert.Equal(Volume.Of(21.0m), BoxFill.Evaluate(plain.Read(), plain.Profile(), plain.House()).Available.Low);
        plain = plain with { Parts = [new PlainPart("ring-4-1g-1/2", Volume.Of(3.5m))] };
        Assert.Equal(Volume.Of(24.5m), BoxFill.Evaluate(plain.Read(), plain.Profile(), plain.House()).Available.Low);
    }

    /// <summary>Common practice: a flush switch keeps a flush plate.</summary>
    [Fact]
    public void Flush_stays_flush()
    {
        Assert.All(Instead(FullSwitch).Options.Concat(Instead(Metal(FullSwitch)).Options), o =>
        {
            Assert.DoesNotContain("surface", InsteadKind(o)?.Name ?? "", StringComparison.Ordinal);
            Assert.NotEqual(Mounted.Surface, InsteadKind(o)?.Mounted);
            Assert.NotEqual(PartRole.RaisedCover, PartKinds.Find(o.Ring)?.Role);
            Assert.DoesNotContain("surface", PartKinds.Find(o.Extension)?.Name ?? "", StringComparison.Ordinal);
        });
    }

    private static Job Metal(Job job) => job.Do(new SetBoxKind("b", "device-3x2x2-1/2"));

    private static BoxKind? InsteadKind(InsteadOption option) => BoxKinds.Find(option.Box);

    /// <summary>NEC 314.3, 314.4: a metal part has to be bonded, and a nonmetallic box bonds nothing.</summary>
    [Theory]
    [InlineData("nm-1g-14")]
    [InlineData("ow-round-14")]
    public void No_metal_extension_is_ever_put_on_a_nonmetallic_box(string kind) =>
        Assert.DoesNotContain(Instead(FullSwitch.Do(new RemoveDevice("b", "s"), new SetBoxKind("b", kind))).Options, o =>
            o is { Keeps: true, Extension: not null }
        );

    [Fact]
    public void A_full_octagon_is_offered_its_extension_first()
    {
        var job = Jobs.WithBox("round-4x1-1/2").Clamps(ClampStyle.Outside).Cables(4, 14, 2).Do(new AddDevice("b", "l", "luminaire", 0));
        var first = Instead(job).Options[0];
        Assert.True(first.Keeps);
        Assert.Equal("ext-round-1-1/2", first.Extension);
    }

    /// <summary>NEC 314.27(C): a fan hangs from a box marked for fans.</summary>
    [Fact]
    public void A_fan_keeps_a_fan_box()
    {
        var job = Jobs.WithBox("pan-4x1/2").Clamps(ClampStyle.Outside).Cables(2, 14, 3).Do(new AddDevice("b", "f", "fan", 0));
        var options = Instead(job).Options;
        Assert.NotEmpty(options);
        Assert.All(options, o => Assert.True(InsteadKind(o)!.Fan && o.Extension is null));
    }

    /// <summary>NEC 314.15: listed for wet locations.</summary>
    [Fact]
    public void What_stands_in_the_wet_stays_weatherproof()
    {
        var job = FullSwitch.Do(
            new NoteFact("b", Subjects.Box, WallFacts.Wetness.Id, new(Known.Measured, "wet", "wet")),
            new SetBoxKind("b", "fs-1"),
            new SetClamps("b", Fact<ClampStyle>.Marked(ClampStyle.Outside))
        );
        var options = Instead(job).Options;
        Assert.NotEmpty(options);
        Assert.All(options, o => Assert.Equal(BoxShape.Weatherproof, InsteadKind(o)!.Shape));
    }

    /// <summary>Common practice: a box nailed to a stud needs the wall open.</summary>
    [Fact]
    public void In_a_finished_wall_old_work_comes_before_what_is_nailed_from_inside()
    {
        static bool Nailed(InsteadOption option) => InsteadKind(option) is { OldWork: false };
        var open = Instead(FullSwitch).Options;
        Assert.True(Nailed(open[0]));
        var closed = Instead(
            FullSwitch.Do(new NoteFact("b", Subjects.Box, WallFacts.Setback.Id, new(Known.Measured, "1/8", "1/8")))
        ).Options;
        Assert.True(InsteadKind(closed[0])!.OldWork);
        Assert.Equal(closed.Select(Nailed), closed.Select(Nailed).Order());
    }

    /// <summary>Two cables joined in a downlight's own box of 10 in³: nothing takes its place, and a junction box takes the joints. Solved
    /// before and after: every point that was fed is fed alike.</summary>
    [Theory]
    [InlineData(EndAt.Unknown)]
    [InlineData(EndAt.Box)]
    public void A_downlights_own_box_gets_its_joints_moved_to_a_junction_box(EndAt onTo)
    {
        var job = Jobs.WithBox("canless-box", 10)
            .Do(
                new AddCable("b", "in", "k1", Jobs.Nm(14, 2), Holding: Holding.InternalClamp, Feeds: Feeds.FeedsIn),
                new AddCable("b", "on", "k2", Jobs.Nm(14, 2), Holding: Holding.InternalClamp, Feeds: Feeds.FeedsOn),
                new AddDevice("b", "l", "luminaire", 0)
            );
        if (onTo == EndAt.Box)
        {
            job = job.Do(new AddBox("far", "Far", "nm-1g-18"), new ConnectRun("far", "on", RunSide.B, "k"));
        }

        foreach (var (i, own) in new[] { (0, "hot"), (1, "neutral"), (2, "ground") })
        {
            job = job.Do(new JoinLeads("b", $"j{i}", "twist-on-medium", [$"in.a{i}", $"on.a{i}", $"l.{own}"], $"joint {i}"));
        }

        var full = Inspector.JudgeAll(job, "b", job.Boxes["b"]).Single(f => f.Rule == "fill");
        Assert.Equal(Verdict.Fix, full.Verdict);
        var remedy = Assert.Single(RemedyList.Weigh(job, "b", full).Remedies);
        Assert.Equal(nameof(JointsAside), remedy.Remedy.Kind);
        Assert.True(remedy.Settles);
        var next = job.Do(remedy.Remedy.Edit);
        Assert.Equal((Fit.Fits, Fit.Fits), (next.Fill().Fit, next.Fill("b-joints").Fit));
        Assert.Equal(3, next.Boxes["b"].Leads.Values.Count(l => l.Run is not null));
        Assert.True(next.Runs["on"].SidesIn("b-joints").Any());
        Assert.DoesNotContain(Inspector.JudgeAll(next, "b-joints", next.Boxes["b-joints"]), f => f.Verdict is Verdict.Stop or Verdict.Fix);
        if (onTo == EndAt.Box)
        {
            Assert.Equal(3, next.Boxes["far"].Leads.Count);
        }
    }
}
