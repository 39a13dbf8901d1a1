using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Planning;
using JollyBarn.Practice;
using JollyBarn.Practice.Made;
using JollyBarn.Practice.Spot;
using JollyBarn.Telling;
using JollyBarn.Telling.Practised;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests.Practising;

/// <summary>Boxes to be made up: marked by what works then and by what the rules say, not by likeness to one answer.</summary>
public class MakeDrillTests
{
    private static readonly Lazy<IReadOnlyList<MakeDrill>> Some = new(() =>
        [
            .. from level in Enumerable.Range(1, SpotDrill.Levels)
            from seed in Enumerable.Range(1, 3)
            select MakeDrill.Make(seed, level, Edition.Nec2023),
        ]
    );

    /// <summary>There is a way to do it that is right in everything; and apart, no wish is kept and nothing is called fine.</summary>
    [Fact]
    public void Every_box_can_be_made_right_and_apart_it_is_not()
    {
        foreach (var drill in Some.Value)
        {
            var (apart, sound) = (drill.Job.Boxes[drill.Box], drill.Sound.Boxes[drill.Box]);
            var right = MakeMarked.Of(drill, drill.Sound, [apart, sound]);
            Assert.True(right.Right, $"{drill.Seed} {drill.Level}: {string.Join("; ", right.Found.Select(f => f.Finding.Key))}");
            Assert.True(right.Done);
            Assert.All(right.Graded(), g => Assert.Equal(Grade.Good, g.Grade));

            var nothing = MakeMarked.Of(drill, drill.Job, [apart]);
            Assert.False(nothing.Right);
            Assert.All(nothing.Wishes, w => Assert.Equal(WishOutcome.NeverWorks, w.Outcome));
            Assert.NotEmpty(nothing.Found);
            Assert.Empty(right.Bare);
            Assert.DoesNotContain(nothing.Graded(), g => g.Skill == Skill.MakeOrder || g.Grade == Grade.Good);
        }
    }

    /// <summary>What is apart keeps cables, devices and the box, and gives no answer away.</summary>
    [Fact]
    public void Apart_nothing_of_the_answer_is_left()
    {
        foreach (var drill in Some.Value)
        {
            var (apart, sound) = (drill.Job.Boxes[drill.Box], drill.Sound.Boxes[drill.Box]);
            Assert.Equal(sound.Leads.Ids, apart.Leads.Ids);
            Assert.Equal(sound.Devices.Ids, apart.Devices.Ids);
            Assert.Empty(apart.Joints);
            Assert.Empty(apart.Pigtails);
            Assert.All(apart.Leads.Values, l => Assert.True(l is { Lands.At: LandingAt.Loose, MarkedAs: null }));
            Assert.All(apart.Leads.Values.Where(l => l is { Run: not null, Colour: "white" }), l =>
                Assert.Equal(ConductorUse.Neutral, l.Use)
            );
            var gone = sound.Joints.Ids.Select(j => j.Text).Concat(sound.Pigtails.Ids.Select(p => p.Text));
            Assert.Empty(apart.Noted.Ids.Intersect(gone));
        }
    }

    private static MakeDrill Drill(Func<MakeDrill, bool> suits, int level) =>
        Enumerable.Range(1, 300).Select(s => MakeDrill.Make(s, level, Edition.Nec2023)).First(suits);

    private static bool Has(MakeDrill drill, string kind) => drill.Job.Boxes[drill.Box].Devices.Values.Any(d => d.Kind == kind);

    private static MakeMarked Marked(MakeDrill drill, params Edit[] edits)
    {
        var made = drill.Sound.Do(edits);
        return MakeMarked.Of(drill, made, [drill.Job.Boxes[drill.Box], made.Boxes[drill.Box]]);
    }

    private static Id<Lead> At(MakeDrill drill, string terminal) =>
        drill.Sound.Boxes[drill.Box].Leads.First(l => l.Value.Lands.Terminal == terminal).Key;

    /// <summary>Common practice: a switch that is bridged leaves the lamp always on; one in the neutral switches it all the same, and is
    /// wrong, NEC 404.2(B).</summary>
    [Fact]
    public void A_bridged_switch_and_a_switched_neutral_are_told_apart()
    {
        var drill = Drill(d => Has(d, "switch") && d.Wishes is [{ Levers.Count: 1 }] && d.Sound.Boxes[d.Box].Leads.Count == 6, 4);
        var (hot, on) = (At(drill, "hot"), At(drill, "switched"));
        var bridged = Marked(drill, new JoinLeads(drill.Box, "bridge", "twist-on-medium", [hot, on], "bridge"));
        Assert.Equal(WishOutcome.NeverOff, Assert.Single(bridged.Wishes).Outcome);
        Assert.False(bridged.Right);

        var whites = drill.Sound.Boxes[drill.Box].Leads.Where(l => l.Value.Colour == "white").Select(l => l.Key).ToList();
        var neutral = Marked(
            drill,
            new JoinLeads(drill.Box, "blacks", "twist-on-medium", [hot, on], "blacks"),
            new MoveLead(drill.Box, whites[0], new(LandingAt.Terminal, null, "s", "hot/screw")),
            new MoveLead(drill.Box, whites[1], new(LandingAt.Terminal, null, "s", "switched/screw"))
        );
        Assert.False(neutral.Right);
        Assert.Contains(neutral.Found, f => f.Finding.Rule == "switch-neutral-cut");
    }

    /// <summary>Common practice: travelers may lie either way on a three-way switch; the common may not lie among them.</summary>
    [Fact]
    public void Travelers_may_be_exchanged_and_the_common_may_not()
    {
        var drill = Drill(d => Has(d, "switch-3way"), 5);
        var (one, two, common) = (At(drill, "traveler-1"), At(drill, "traveler-2"), At(drill, "common"));
        Landing Place(string name) => new(LandingAt.Terminal, null, "s", name + "/screw");
        var exchanged = Marked(
            drill,
            new MoveLead(drill.Box, one, Landing.Loose),
            new MoveLead(drill.Box, two, Place("traveler-1")),
            new MoveLead(drill.Box, one, Place("traveler-2"))
        );
        Assert.All(exchanged.Wishes, w => Assert.Equal(WishOutcome.Kept, w.Outcome));
        Assert.True(exchanged.Right);
        var mixed = Marked(
            drill,
            new MoveLead(drill.Box, one, Landing.Loose),
            new MoveLead(drill.Box, common, Place("traveler-1")),
            new MoveLead(drill.Box, one, Place("common"))
        );
        Assert.Contains(mixed.Wishes, w => w.Outcome == WishOutcome.OtherSwitch);
    }

    /// <summary>Common practice: with line and load exchanged a protective receptacle has power and guards nothing behind it.</summary>
    [Fact]
    public void Line_on_load_is_found()
    {
        var drill = Drill(d => Has(d, "protective") && d.Sound.Boxes[d.Box].Leads.Values.Any(l => l.Lands.Terminal == "load-hot"), 4);
        string[] sides = ["line-hot", "load-hot", "line-neutral", "load-neutral"];
        var at = sides.ToDictionary(s => s, s => At(drill, s));
        Landing On(string side) => new(LandingAt.Terminal, null, "g", side + "/plate");
        var marked = Marked(
            drill,
            [
                .. sides.Select(s => (Edit)new MoveLead(drill.Box, at[s], Landing.Loose)),
                new MoveLead(drill.Box, at["line-hot"], On("load-hot")),
                new MoveLead(drill.Box, at["load-hot"], On("line-hot")),
                new MoveLead(drill.Box, at["line-neutral"], On("load-neutral")),
                new MoveLead(drill.Box, at["load-neutral"], On("line-neutral")),
            ]
        );
        Assert.Contains(marked.Found, f => f.Finding.Rule == "line-load" || f.Finding.Verdict == Verdict.Stop);
        Assert.False(marked.Right);
    }

    /// <summary>Apart, the black of a cable from the panel lies bare at 120 V, and far more than is felt would go through whoever takes
    /// hold of it; white and bare of it are not live. A cap ends that, and makes nothing work.</summary>
    [Fact]
    public void A_live_end_that_lies_bare_is_told()
    {
        var drill = Drill(d => d.Sound.Boxes[d.Box].Leads.Count == 3 && Has(d, "receptacle"), 1);
        var bare = Assert.Single(MakeMarked.Of(drill, drill.Job, [drill.Job.Boxes[drill.Box]]).Bare);
        Assert.Equal("black", drill.Job.Boxes[drill.Box].Leads[bare.Lead].Colour);
        Assert.InRange(bare.Volts, 115, 125);
        Assert.True(bare.Milliamperes > 30);
        Assert.Contains(
            "lies bare",
            MakeTeller.Tell(drill, drill.Job, MakeMarked.Of(drill, drill.Job, [])).Touched[0],
            StringComparison.Ordinal
        );
        var capped = drill.Job.Do(new MoveLead(drill.Box, bare.Lead, new(LandingAt.Cap)));
        var marked = MakeMarked.Of(drill, capped, [capped.Boxes[drill.Box]]);
        Assert.Empty(marked.Bare);
        Assert.False(marked.Right);
    }

    /// <summary>A ground that was left off leaves metal without a way back: everything works, and it is wrong.</summary>
    [Fact]
    public void A_ground_left_off_is_found_though_everything_works()
    {
        var drill = Drill(d => d.Sound.Boxes[d.Box] is { Material: BoxMaterial.Metal, Leads.Count: 3 } && Has(d, "receptacle"), 1);
        var ground = drill.Sound.Boxes[drill.Box].Leads.First(l => l.Value.IsGround).Key;
        var marked = Marked(drill, new MoveLead(drill.Box, ground, Landing.Loose));
        Assert.All(marked.Wishes, w => Assert.Equal(WishOutcome.Kept, w.Outcome));
        Assert.NotEmpty(marked.Ungrounded);
        Assert.False(marked.Right);
        Assert.False(marked.Done);
        Assert.Equal(Grade.Again, marked.Graded().Single(g => g.Skill == Skill.MakeRules).Grade);
    }

    /// <summary>Grounds, neutrals, hots, unless the house has it the other way round; and load side before line side.</summary>
    [Fact]
    public void What_is_out_of_turn_goes_by_the_practice_of_the_house()
    {
        var drill = Drill(d => Has(d, "protective"), 4);
        var sound = drill.Sound.Boxes[drill.Box];
        Box Only(Func<Lead, bool> lies) =>
            sound
                .Leads.Where(l => l.Value.Run is not null && !lies(l.Value))
                .Aggregate(sound, (b, l) => b with { Leads = b.Leads.With(l.Key, l.Value with { Lands = Landing.Loose }) });
        IReadOnlyList<Box> right =
        [
            Only(_ => false),
            Only(l => l.IsGround),
            Only(l => l.IsGround || l.Lands.Terminal == "load-neutral"),
            Only(l => l.IsGround || l.Use == ConductorUse.Neutral),
            Only(l => l.Lands.Terminal != "line-hot"),
            sound,
        ];
        Assert.Empty(MakeMarked.Of(drill, drill.Sound, right).Slips);
        IReadOnlyList<Box> back =
        [
            Only(_ => false),
            Only(l => !l.IsGround && l.Use != ConductorUse.Neutral),
            Only(l => !l.IsGround),
            sound,
        ];
        var slips = MakeMarked.Of(drill, drill.Sound, back).Slips;
        Assert.Contains(slips, s => s.Before == MakeTurn.Grounds);
        Assert.Contains(MakeTeller.Tell(drill, drill.Sound, MakeMarked.Of(drill, drill.Sound, back)).Slips, s =>
            s.Contains("the grounds", StringComparison.Ordinal)
        );
        var other = drill with { Job = drill.Job with { Practice = drill.Job.Practice.With(PracticeBook.Order.Key, "hng") } };
        Assert.DoesNotContain(MakeMarked.Of(other, drill.Sound, back).Slips, s => s.Before is MakeTurn.Grounds or MakeTurn.Hots);
        IReadOnlyList<Box> line =
        [
            Only(_ => false),
            Only(l => l.IsGround),
            Only(l => l.IsGround || l.Lands.Terminal == "line-neutral"),
            sound,
        ];
        Assert.Contains(MakeMarked.Of(drill, drill.Sound, line).Slips, s => s.Before == MakeTurn.LoadSide);
    }

    /// <summary>While it is not graded, a place a lead may go to is named and not judged; afterwards it is.</summary>
    [Fact]
    public void No_preview_judges_before_it_is_graded()
    {
        var drill = Some.Value.First(d => d.Level == 3);
        var lead = drill.Job.Boxes[drill.Box].Leads.First(l => l.Value is { Run: not null, IsGround: false }).Key;
        foreach (var shown in new[] { false, true })
        {
            var job = drill.Job with { Exercise = new(ExerciseKind.Make, drill.Seed, drill.Level, drill.Box, Shown: shown) };
            var told = MoveTeller.Tell(job, drill.Box, Moves.Find(job, drill.Box, new Held([lead], null, false, null, "x")));
            Assert.NotEmpty(told);
            Assert.Equal(shown, told.Any(m => m.New.Count + m.Settled.Count + m.Follows.Count > 0));
        }
    }
}
