using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Telling.Filled;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

public class InsteadTests
{
    private static InsteadAnswer For(PlainBox box) => Instead.Find(InsteadQuestion.Ask(box, box.Read()), box.Profile(), box.House());

    private static readonly PlainBox TwoOver = new()
    {
        Mark = Volume.Of(18m),
        Clamps = ClampStyle.Internal,
        Cables = [new PlainCable(3, Gauge.Awg(14), 2)],
        Devices = [new PlainDevice(1, "receptacle")],
    };

    [Fact]
    public void Clamps_outside_make_the_eighteen_exactly_full_and_come_first()
    {
        var first = For(TwoOver).Options[0];
        Assert.True(first.Keeps);
        Assert.Equal((ClampStyle.Outside, Fit.ExactlyFull), (first.Clamps, first.Fit));
    }

    [Fact]
    public void Every_option_fits_when_it_is_counted_again_from_scratch()
    {
        foreach (var option in For(TwoOver).Options.Where(o => o.Box is not null))
        {
            var parts = new[] { option.Ring, option.Extension }
                .OfType<string>()
                .Select(p => new PlainPart(p, PartMarks.Bought(PartKinds.Find(p)).OrNull))
                .ToList();
            var again = TwoOver with { Kind = option.Box, Mark = null, Parts = parts, Clamps = option.Clamps };
            var fill = BoxFill.Evaluate(again.Read(), again.Profile(), again.House());
            Assert.Equal((option.Available, option.Needed), (fill.Available.Low, fill.Needed.Low));
            Assert.NotEqual(Fit.Over, fill.Fit);
        }
    }

    [Fact]
    public void Options_come_by_parts_opened_then_price_then_volume_and_the_next_smaller_says_why_not()
    {
        var answer = For(TwoOver);
        Assert.Equal(
            answer.Options,
            answer
                .Options.OrderBy(o => o.Opens)
                .ThenBy(o => o.PriceClass)
                .ThenBy(o => o.Available.CubicInches)
                .ThenBy(o => o.Box, StringComparer.Ordinal)
                .ThenBy(o => o.Ring, StringComparer.Ordinal)
                .ThenBy(o => o.Extension, StringComparer.Ordinal)
        );
        Assert.True(answer.NextSmaller!.Left < Volume.Zero);
        Assert.Contains("short by", FillTeller.Tell(answer).WhyNot, StringComparison.Ordinal);
        Assert.True(answer.Searched > 100);
    }

    [Fact]
    public void A_square_box_that_holds_a_device_is_offered_with_a_ring_that_opens_to_it()
    {
        var square = For(TwoOver).Options.First(o => BoxKinds.Find(o.Box)?.Shape == BoxShape.Square);
        Assert.Equal(1, PartKinds.Find(square.Ring)!.Opens);
    }

    [Fact]
    public void A_ring_is_offered_on_the_square_box_at_hand()
    {
        var job = Jobs.WithBox("square-4x1-1/4")
            .Clamps(ClampStyle.Outside)
            .Do(new Edits.AddPart("b", "ring", "ring-4-1g-1/4", Fact<Volume>.NotApplicable))
            .Cables(3, 12, 2)
            .Do(new Edits.AddDevice("b", "d", "receptacle", 1));
        Assert.Equal(Fit.Over, job.Fill().Fit); // 20.25 in 18.0
        var input = FillOfBox.Read(job.Boxes["b"], job.Profile);
        var answer = Instead.Find(InsteadQuestion.Ask(job.Boxes["b"], input), job.Profile, job.Practice);
        Assert.Contains(answer.Options, o => o.Keeps && o.Ring is not null && o.Ring != "ring-4-1g-1/4");
    }

    [Fact]
    public void A_box_only_partly_recorded_gets_no_promise()
    {
        var job = Jobs.WithBox("nm-1g-18").Do(new Edits.SetContents("b", Contents.Partial));
        var answer = Instead.Find(
            InsteadQuestion.Ask(job.Boxes["b"], FillOfBox.Read(job.Boxes["b"], job.Profile)),
            job.Profile,
            job.Practice
        );
        Assert.Empty(answer.Options);
        Assert.True(answer.Incomplete);
    }

    [Fact]
    public void What_would_still_fit_agrees_with_adding_it()
    {
        var job = Jobs.WithBox("nm-1g-18").Clamps(ClampStyle.Outside).Cables(2, 14, 2);
        var said = BoxReports.Make(job, job.Boxes["b"]).StillFits.Single(a => a.Id == "cable-14-2");
        var done = job.Cables(1, 14, 2).Fill();
        Assert.Equal((done.Fit, done.Left.Low), (said.Fit, said.Left.Low));
    }
}
