using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Measures;
using JollyBarn.Planning.Ways;
using JollyBarn.Practice.Houses;
using JollyBarn.Testing;
using JollyBarn.Testing.Oracle;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests.Ways;

/// <summary>Wishes with the ways a good electrician names for them and the ones they reject, each for its reason. What a way counts is held
/// against published numbers (NEC 314.16, from memory); which ways there are is common practice.</summary>
public sealed class WayTests
{
    private static readonly StandInShop Shop = new();

    /// <summary>Three 14-2, a receptacle: six conductors, the grounds, two for the yoke at 2 in³ each: 18 in³ without, 20 with a clamp
    /// inside (314.16(B)).</summary>
    [Theory]
    [InlineData("nm-1g-18", true)]
    [InlineData("nm-1g-20", true)]
    [InlineData("nm-1g-16", false)]
    public void Three_cables_and_a_receptacle_fit_exactly_in_18(string kind, bool fits)
    {
        var after = Crammed().Do(new SetBoxKind("b", kind));
        Assert.Equal(18m, after.Fill().Needed.Low.CubicInches);
        Assert.Equal(fits, after.Fill().Fit != Fit.Over);
        Assert.Equal(20m, after.Clamps(ClampStyle.Internal).Fill().Needed.Low.CubicInches);
    }

    /// <summary>The shop decides the way: with an 18 or a 20 to be had the box is changed; with 14s alone the joints go to a junction box
    /// beside it.</summary>
    [Fact]
    public void With_only_small_boxes_in_the_shop_the_joints_go_to_a_junction_box()
    {
        var wish = new Wish(WishKind.Bigger, "b");
        var open = WaySearch.Find(Crammed(), wish, Shop);
        Assert.Contains(open.Ways, w => w.Choice.Instead?.Box is { } box && BoxKinds.Find(box)?.Volume == Volume.Of(18));
        Assert.Contains(open.Ways, w => w.Choice.Remedy?.Kind == "JointsAside");

        var shut = Crammed()
            .Do(
                new PutStock(
                    BoxKinds
                        .All.Where(k => k.Id is not ("nm-1g-14" or "square-4x2-1/8"))
                        .Select(k => new PartId(PartSort.Box, k.Id))
                        .Concat(PartKinds.All.Where(p => p.Role != PartRole.FlatCover).Select(p => new PartId(PartSort.Fitting, p.Id)))
                        .ToDictionary(p => p.ToString(), _ => (StockLine?)new StockLine(0, 0))
                )
            );
        var small = WaySearch.Find(shut, wish, Shop);
        Assert.All(small.Ways, w => Assert.Equal("JointsAside", w.Choice.Remedy?.Kind));
        Assert.NotEmpty(small.Ways);
        Assert.Contains(small.Rejected, r => r.Why == WayMiss.NoPart);
        // Plugged where the cables left, bonded, covered: nothing it makes due is left open.
        Assert.All(small.Ways, w => Assert.All(w.After.Boxes["b"].Entries.Values, e => Assert.NotEqual(EntryState.Open, e.State)));
    }

    /// <summary>One gang becomes two: a protective and a plain receptacle, in an old-work box where the wall is finished; screwed to the
    /// stud where there is one (house practice, domain.md 6).</summary>
    [Theory]
    [InlineData(null, HeldBy.Ears)]
    [InlineData(true, HeldBy.Stud)]
    public void A_second_receptacle_wants_a_box_of_two_gangs(bool? stud, HeldBy held)
    {
        var house = SmallHouse.Followed(SmallHouse.Receptacle("protective", box: "ow-1g-18"));
        var answer = WaySearch.Find(house, new Wish(WishKind.AddDevice, "b", Device: "receptacle") { Stud = stud, Closed = true }, Shop);
        var first = answer.Ways[0];
        Assert.Equal(held, first.Choice.Held);
        var box = first.After.Boxes["b"];
        Assert.Equal((2, true), (BoxKinds.Find(box.Kind)!.Gangs, BoxKinds.Find(box.Kind)!.OldWork));
        Assert.Equal(["protective", "receptacle"], box.Devices.Values.Select(d => d.Kind).Order());
        Assert.Contains(first.Parts, p => p.Part == new PartId(PartSort.Plate, "2g"));
        // 14 AWG at 2 in³: hot and neutral, the ground, two yokes for two each, a clamp inside: 8 × 2 = 16 in³ (314.16(B)).
        Assert.Equal(16m, OutletFill(first.After).CubicInches);
        Assert.True(LiveAt(first.After, "b", "added"));
    }

    /// <summary>Out through the wall from a receptacle whose box is full: with the box made roomier, never as it is; protected
    /// (210.8(A)(3)),
    /// in a box and a cable for the wet.</summary>
    [Fact]
    public void Outside_wants_room_protection_and_what_suits_the_weather()
    {
        var house = SmallHouse
            .Followed(SmallHouse.Receptacle(box: "device-3x2x2"))
            .Do(
                new PutPlace("in", new Place("Bindery", Wetness.Dry, "workshop")),
                new PutPlace("out", new Place("Porch side", Wetness.Wet, "outdoors")),
                new PlaceBox("b", "in"),
                new PlaceBox("j", "in")
            );
        var answer = WaySearch.Find(house, new Wish(WishKind.MoreOutlets, "b", Place: "out") { Closed = true }, Shop);
        Assert.Contains(answer.Rejected, r => r is { Why: WayMiss.Over, Choice: { Room: MakeRoom.AsIs, From: { Text: "b" } } });
        Assert.NotEmpty(answer.Ways);
        Assert.All(answer.Ways.Where(w => w.Decided), w =>
        {
            var at = w.After.Boxes[w.Choice.New!.Value];
            Assert.Equal(BoxShape.Weatherproof, at.Shape);
            Assert.Equal(CableType.UfB, w.After.Runs[w.Choice.Run!.Value].Type);
            Assert.NotEqual(Shield.None, w.Choice.Shield);
            Assert.Contains(w.Parts, p => p.Part == new PartId(PartSort.Plate, "wet-1g"));
        });
        // Unprotected it is rejected by the rule, or waits for what would protect it.
        Assert.DoesNotContain(answer.Ways, w => w is { Decided: true, Choice.Shield: Shield.None });
    }

    /// <summary>A switch loop brings no neutral: it is no source, whatever is hot there (common practice; 404.2(C)).</summary>
    [Fact]
    public void A_switch_loop_gives_no_power()
    {
        var house = Demo.Present;
        var answer = WaySearch.Find(house, new Wish(WishKind.MoreOutlets, "sewing", Place: "bindery"), Shop);
        Assert.DoesNotContain(answer.Ways, w => w.Choice.From == "press-lamps");
        Assert.Contains(WaySearch.Find(house, new Wish(WishKind.MoreOutlets, "press-lamps", Place: "press"), Shop).Rejected, r =>
            r.Why == WayMiss.Tap && r.Choice.From == "press-lamps" && r.Details["tap"] is TapMiss.OnlySwitched
        );
    }

    /// <summary>Old two-wire cable brings no ground: a grounding receptacle there fails 406.4, a protective one does not.</summary>
    [Fact]
    public void Without_a_ground_a_plain_receptacle_is_rejected_for_it()
    {
        var house = SmallHouse.Receptacle("receptacle-two-slot", ground: false, box: "ow-1g-18").Do(SmallHouse.OldFeed());
        house = house.Do(
            new PutPlace("in", new Place("East bedroom", Wetness.Dry, "bedroom")),
            new PlaceBox("b", "in"),
            new PlaceBox("j", "in")
        );
        var answer = WaySearch.Find(house, new Wish(WishKind.MoreOutlets, "b", Place: "in") { Closed = true, Under = false }, Shop);
        var plain = answer.Rejected.Where(r => r is { Why: WayMiss.Brings, Choice: { Shield: Shield.None, From: not null } }).ToList();
        Assert.NotEmpty(plain);
        Assert.All(plain, r => Assert.Contains(r.By!.Rule, new[] { "no-ground", "device-bonded", "box-bonded", "ground-path" }));
        Assert.DoesNotContain(answer.Ways, w => w.Choice is { Shield: Shield.None, From: not null } && w.Decided);
    }

    /// <summary>In houses as they should be and in spoilt ones: a stop or fix is never brought, what was wrong in a box that is worked
    /// in and
    /// is not settled is told to stay, applying gives what was shown, undo gives what was; every lead of a new box lies
    /// somewhere.</summary>
    [Fact]
    public void Ways_of_generated_houses_bring_nothing_and_are_undone()
    {
        var (seen, stays) = (0, 0);
        var houses = Enumerable.Range(1, 3).Select(WiredHouse.Make).Concat(RemedyTrials.Spoilt([4]).Select(s => s.Job));
        foreach (var house in houses)
        {
            foreach (var (id, box) in house.Boxes.Where(b => b.Value.Contents == Contents.Complete).Take(2))
            {
                var kinds = new List<WishKind> { WishKind.MoreOutlets, WishKind.AddDevice, WishKind.Bigger, WishKind.Protect };
                kinds.AddRange(box.Devices.Count > 0 ? [WishKind.ReplaceDevice] : []);
                foreach (var kind in kinds)
                {
                    foreach (var way in WaySearch.Find(house, new Wish(kind, id), Shop, most: 3).Ways)
                    {
                        seen++;
                        stays += way.Stays.Count;
                        Assert.Null(way.Edit.Check(house));
                        var after = way.Edit.Apply(house);
                        Assert.Equal(Text(way.After), Text(after));
                        Assert.Empty(Bad(house, after));
                        Assert.Equal(
                            Touched.Boxes(house, after).Where(house.Boxes.Has).Where(after.Boxes.Has).Sum(b => Failing(after, b)),
                            way.Stays.Count
                        );
                        Assert.All(after.Boxes.Where(b => !house.Boxes.Has(b.Key)).SelectMany(b => b.Value.Leads.Values), l =>
                            Assert.DoesNotContain(l.Lands.At, new[] { LandingAt.Loose, LandingAt.Unknown })
                        );
                    }
                }
            }
        }

        Assert.True(seen > 40 && stays > 5, $"{seen} ways, {stays} stay");
    }

    private static int Failing(Job job, Id<Box> id) =>
        Inspector.Judge(job, id, job.Boxes[id]).Count(f => f.Verdict is Verdict.Stop or Verdict.Fix);

    /// <summary>Where every way is built, none is worth less than the first of those the bounded search shows.</summary>
    [Fact]
    public void Building_every_way_finds_nothing_better_than_the_first()
    {
        foreach (var seed in new[] { 2, 5 })
        {
            var house = WiredHouse.Make(seed);
            var wish = new Wish(WishKind.MoreOutlets, house.Boxes.First(b => b.Value.Contents == Contents.Complete).Key) { Under = true };
            var (bounded, all) = (WaySearch.Find(house, wish, Shop), WaySearch.Find(house, wish, Shop, most: 10_000));
            Assert.True(all.Looked >= bounded.Looked);
            if (all.Ways.Count > 0)
            {
                Assert.Equal(all.Ways[0].Decided, bounded.Ways[0].Decided);
                Assert.True(bounded.Ways[0].Worth <= all.Ways[0].Worth + 0.01m, $"{bounded.Ways[0].Worth} against {all.Ways[0].Worth}");
            }
        }
    }

    /// <summary>What counts is moved while one looks: where walls are worth everything the first spoils least, where hours are, it takes
    /// least time.</summary>
    [Fact]
    public void What_a_thing_is_worth_orders_the_ways()
    {
        var wish = new Wish(WishKind.MoreOutlets, "press-left", Place: "press", Device: "protective") { Closed = true, Under = false };
        IReadOnlyList<FoundWay> With(decimal damage, decimal rate) =>
            [
                .. WaySearch
                    .Find(
                        Demo.Present,
                        wish with
                        {
                            Weights = new Dictionary<string, decimal> { [WayBook.Damage.Key] = damage, [WayBook.Rate.Key] = rate },
                        },
                        Shop
                    )
                    .Ways.Where(w => w.Decided),
            ];
        var (walls, hours) = (With(1000, 1), With(0, 1000));
        Assert.True(walls.Count > 2 && hours.Count > 2);
        Assert.Equal(walls.Min(w => w.Amount(WayPoint.Damage)), walls[0].Amount(WayPoint.Damage));
        Assert.Equal(hours.Min(w => w.Amount(WayPoint.Time)), hours[0].Amount(WayPoint.Time));
    }

    /// <summary>Only what would change the answer is asked, and what was answered is not asked again.</summary>
    [Fact]
    public void A_question_is_asked_only_while_its_answer_matters()
    {
        var wish = new Wish(WishKind.MoreOutlets, "press-left", Place: "press");
        IReadOnlyList<WishAsk> Asked(Wish of) =>
            [.. WishAsks.Of(Demo.Present, of, WaySearch.Find(Demo.Present, of, Shop)).Select(a => a.Ask)];
        Assert.Contains(WishAsk.Closed, Asked(wish));
        Assert.DoesNotContain(WishAsk.Closed, Asked(wish with { Closed = true }));
        Assert.DoesNotContain(WishAsk.Under, Asked(wish with { Under = false }));
        Assert.All(WaySearch.Find(Demo.Present, wish with { Under = false }, Shop).Ways, w =>
            Assert.NotEqual(WayRoute.UnderFloor, w.Choice.Route)
        );
    }

    private static Volume OutletFill(Job job) =>
        BoxFill.Evaluate(FillOfBox.Read(job.Boxes["b"], job.Profile), job.Profile, job.Practice).Needed.Low;

    private static bool LiveAt(Job job, Id<Box> box, Id<Device> device) =>
        Electrics.Live.Solve(job, Electrics.Situation.AsRecorded).Volts(Electrics.Points.Face(box, device, "upperhot")).Magnitude > 100;

    private static string Text(Job job) => System.Text.Json.JsonSerializer.Serialize(job, JobJson.Default.Job);

    /// <summary>Stops and fixes of every box that were not there, counted by what they are.</summary>
    private static IEnumerable<string> Bad(Job before, Job after)
    {
        IEnumerable<string> Of(Job job) =>
            job.Boxes.SelectMany(b =>
                Inspector
                    .Judge(job, b.Key, b.Value)
                    .Where(f => f.Verdict is Verdict.Stop or Verdict.Fix)
                    .Select(f => $"{b.Key} {f.Rule} {f.Case}")
            );
        var had = Of(before).CountBy(x => x).ToDictionary();
        return Of(after).CountBy(x => x).Where(x => x.Value > had.GetValueOrDefault(x.Key)).Select(x => x.Key);
    }

    /// <summary>A receptacle in a 14 in³ box with three 14-2: the feed and two that go on, joined, with a pigtail each.</summary>
    private static Job Crammed() =>
        Job.Blank("test")
            .Do(
                new AddBox("b", "Bench", "nm-1g-14", null, Fact<Volume>.Marked(Volume.Of(14)), Contents.Complete),
                new SetClamps("b", Fact<ClampStyle>.Marked(ClampStyle.Flap)),
                new AddCable("b", "feed", "k1", Jobs.Nm(14, 2), EntrySide.Top, null, "from the panel", Feeds.FeedsIn),
                new AddCable("b", "on", "k2", Jobs.Nm(14, 2), EntrySide.Top, null, "on to the porch", Feeds.FeedsOn),
                new AddCable("b", "far", "k3", Jobs.Nm(14, 2), EntrySide.Bottom, null, "on to the loft", Feeds.FeedsOn),
                new AddDevice("b", "r", "receptacle", 1),
                new JoinLeads("b", "hots", "twist-on-medium", ["feed.a0", "on.a0", "far.a0"], "hots"),
                new JoinLeads("b", "neutrals", "twist-on-medium", ["feed.a1", "on.a1", "far.a1"], "neutrals"),
                new JoinLeads("b", "grounds", "twist-on-medium", ["feed.a2", "on.a2", "far.a2"], "grounds"),
                new AddPigtail("b", "th", GfciBox.In("hots"), GfciBox.At("hot-upper/screw", "r")),
                new AddPigtail("b", "tn", GfciBox.In("neutrals"), GfciBox.At("neutral-upper/screw", "r")),
                new AddPigtail("b", "tg", GfciBox.In("grounds"), GfciBox.At("ground/screw", "r"))
            );
}
