using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Planning;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using static JollyBarn.Core.Tests.ReachedLiveTests;

namespace JollyBarn.Core.Tests;

/// <summary>What box fill, moves and differences can say is said of some made-up box.</summary>
public class ReachedBoxTests
{
    private static readonly Lazy<IReadOnlyList<Job>> Boxes = new(() => [.. Enumerable.Range(1, 250).Select(SomeBoxes.Make)]);

    [Fact]
    public void Every_remark_and_every_question_of_box_fill_is_made_of_some_box()
    {
        var box = new PlainBox { Kind = "nm-round-22.5", Cables = [new(2, Gauge.Awg(14), 2)] };
        PlainBox[] described =
        [
            box with
            {
                Canopy = [new(5, Gauge.Awg(16))],
            },
            box with
            {
                Canopy = [new(2, Gauge.Awg(14))],
            },
            box with
            {
                Canopy = [new(3, Gauge.Awg(18))],
            },
            box with
            {
                Canopy = [new(2, Gauge.Awg(18)), new(1, Gauge.Awg(18), true)],
            },
            box with
            {
                Devices = [new(1, "switch", 2, Gauge.Awg(14))],
                Clamps = null,
                Kind = "device-2g",
            },
            box with
            {
                Edition = Edition.Nec2017,
                Grounds = [new(1, Gauge.Awg(14), true, true)],
                Blocks = [Gauge.Awg(12)],
                Studs = 1,
                Hickeys = 1,
            },
            box with
            {
                Cables = [new(1, Gauge.Awg(14), 2, Form: LeadForm.Loop, Length: Length.Inches(14)), new(6, Gauge.Awg(14), 2)],
            },
        ];
        described =
        [
            .. described,
            box with
            {
                Blocks = [Gauge.Awg(12)],
            },
            box with
            {
                Mark = Volume.Of(10m),
                Clamps = ClampStyle.Outside,
            },
            box with
            {
                Cables = [new(1, Gauge.Awg(4), 2)],
            },
            box with
            {
                Kind = "splice-kit",
            },
            box with
            {
                Clamps = ClampStyle.Flap,
                Practices = new Dictionary<string, string> { ["fill.flap"] = "yes" },
            },
        ];
        var recorded = Jobs.WithBox("nm-1g-18").Cables(1, 14, 2).Do(new AddDevice("b", "d", "receptacle", 1));
        var loop = Jobs.WithBox("nm-1g-18", 8).Cables(2, 14, 2).Do(new PassThrough("b", "r0", "r1", LeadForm.Loop));
        var tight = Jobs.WithBox("nm-1g-18", 10).Clamps(ClampStyle.Outside).Cables(2, 14, 2).Do(new SetLeadWire("b", "r0.a0"));
        var fills = described
            .Select(d => BoxFill.Evaluate(d.Read(), d.Profile(), d.House()))
            .Concat(
                Boxes
                    .Value.Take(60)
                    .SelectMany(Variants)
                    .Append(tight)
                    .Append(recorded)
                    .Append(loop)
                    .Append(recorded.Do(new SetLeadWire("b", "r0.a0")))
                    .Append(recorded.Do(new MoveLead("b", "r0.a0", GfciBox.At("hot-upper/screw", "d")), new SetLeadWire("b", "r0.a0")))
                    .Select(j => j.Fill())
            )
            .ToList();
        All(fills.SelectMany(f => f.Lines).SelectMany(l => l.Remark is { } r ? [r.Case] : Array.Empty<RemarkCase>()));
        All(fills.SelectMany(f => f.Asks).Select(a => a.Case));
        All(fills.SelectMany(f => f.Lines).Select(l => l.Kind));
        All(fills.Select(f => f.Fit));
    }

    [Fact]
    public void Everything_that_can_follow_from_a_move_follows_from_some() =>
        All(
            Boxes
                .Value.Take(50)
                .SelectMany(j =>
                    j.Boxes["b"]
                        .Leads.Where(l => l.Value.Form == LeadForm.Ended)
                        .Take(6)
                        .SelectMany(l => Moves.Find(j, "b", new([l.Key], null, false, null, "n")))
                )
                .SelectMany(m => m.Follows)
                .Select(f => f.What)
        );

    [Fact]
    public void Every_difference_there_can_be_is_between_some_two_states()
    {
        var found = new HashSet<BoxDifference.Case>();
        foreach (var seed in Enumerable.Range(1, 60))
        {
            var edits = new RandomEdits(seed);
            var job = edits.Grow(Job.Blank("j"), 40);
            var later = edits.Grow(job, 30);
            found.UnionWith(
                job.Boxes.Ids.Where(b => later.Boxes.Has(b)).SelectMany(b => BoxDifference.Between(job, later, b)).Select(d => d.Case)
            );
        }

        var gone = SmallHouse.Receptacle();
        Edit[] rest =
        [
            new SetBoxKind("b", "device-3x2x2-1/2"),
            new SetDevice("b", "r", BrokenTabs: ["hot"]),
            new SetLeadWire("b", "on.b0", Gauge.Awg(12)),
        ];
        found.UnionWith(rest.SelectMany(e => BoxDifference.Between(gone, gone.Do(e), "b")).Select(d => d.Case));
        var wide = Jobs.WithBox("nm-2g-32").Do(new AddDevice("b", "d", "switch", 1));
        found.UnionWith(BoxDifference.Between(wide, wide.Do(new MoveDevice("b", "d", 2)), "b").Select(d => d.Case));
        found.UnionWith(BoxDifference.Between(gone, gone with { Boxes = gone.Boxes.Without("b") }, "b").Select(d => d.Case));
        found.UnionWith(BoxDifference.Between(gone with { Boxes = gone.Boxes.Without("b") }, gone, "b").Select(d => d.Case));
        All(found);
    }

    /// <summary>A made-up box, and the same as other houses count it.</summary>
    private static IEnumerable<Job> Variants(Job job) =>
        [job, job.Do(new SetContents("b", Contents.Partial)), job.Do(new SetContents("b", Contents.NotOpened))];
}
