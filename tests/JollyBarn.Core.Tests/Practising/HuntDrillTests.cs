using JollyBarn.CodeBook;
using JollyBarn.Practice;
using JollyBarn.Practice.Hunted;
using JollyBarn.Practice.Spot;
using JollyBarn.Telling.Practised;
using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests.Practising;

/// <summary>Hunts for hidden faults: found by whoever tests as the program does, marked by the network and not by words.</summary>
public class HuntDrillTests
{
    private static readonly Lazy<IReadOnlyList<(HuntDrill Drill, HuntMarked Marked)>> Some = new(() =>
        [
            .. from level in Enumerable.Range(1, 2)
            from seed in Enumerable.Range(1, 2)
            let drill = HuntDrill.Make(seed, level, Edition.Nec2023)
            select (drill, HuntMarked.Of(drill, drill.Own(), drill.Hidden.Fault)),
        ]
    );

    /// <summary>The record is sound; what somebody noticed is what the fault does and what a sound circuit does not; testing as the program
    /// does finds it within the budget, and ends with few faults left of those there were.</summary>
    [Fact]
    public void Every_hunt_can_be_won_within_its_budget()
    {
        foreach (var (drill, marked) in Some.Value)
        {
            var sound = Predicting.Of(drill.Scene, Suspect.Sound, [drill.Hidden.Noticed])[0];
            Assert.False(sound.Likeliest.Same(drill.Hidden.Shows));
            Assert.True(marked.Fair);
            Assert.Equal(HuntOutcome.Found, marked.Outcome);
            Assert.Empty(marked.Against);
            Assert.InRange(marked.Mine.Start, 1, drill.Faults.Count);
            Assert.InRange(marked.Mine.Steps[^1].Left, 1, marked.Mine.Start);
            Assert.All(marked.Mine.Steps, s => Assert.Null(s.Better));
            Assert.Equal(marked.Own.Cost, marked.Mine.Cost, 6);
            Assert.All(marked.Graded(), g => Assert.Equal(Grade.Good, g.Grade));
        }
    }

    /// <summary>A fault elsewhere is no find, and the test that is named then shows one thing of it and another of the
    /// hidden one.</summary>
    [Fact]
    public void Whoever_is_wrong_learns_which_test_would_have_told()
    {
        foreach (var (drill, _) in Some.Value)
        {
            var truth = drill.Hidden.Fault.Faults.SelectMany(f => f.Boxes(drill.Job)).ToHashSet();
            var other = drill.Faults.First(f => !f.Faults.SelectMany(x => x.Boxes(drill.Job)).Any(truth.Contains));
            var marked = HuntMarked.Of(drill, [], other);
            Assert.Equal(HuntOutcome.Elsewhere, marked.Outcome);
            var asked = marked.Apart!.Asked;
            Assert.False(Predicting.Of(drill.Scene, other, [asked])[0].Same(Predicting.Of(drill.Scene, drill.Hidden.Fault, [asked])[0]));
            Assert.Equal(Grade.Again, marked.Graded().Single(g => g.Skill == Skill.HuntFind).Grade);
            Assert.DoesNotContain(marked.Graded(), g => g.Skill is Skill.HuntThrift or Skill.HuntSafely);
        }
    }

    /// <summary>Common practice: where one outlet of a row works and the next is dead, the fault is in one of the two boxes or in the cable
    /// between. What is left after every outlet was tried lies there.</summary>
    [Fact]
    public void In_a_dead_row_it_lies_between_the_last_that_works_and_the_first_that_is_dead()
    {
        var rows = 0;
        for (var seed = 1; rows < 3; seed++)
        {
            var drill = HuntDrill.Make(seed, 4, Edition.Nec2023);
            var outlets = drill
                .Trials.Where(t => t.Case == TrialCase.TryOutlet)
                .Select(t => (Trial: t, Shows: Predicting.Of(drill.Scene, drill.Hidden.Fault, [t.Asked])[0]))
                .ToList();
            var dead = outlets.FindIndex(o => o.Shows.Likeliest.Case == SeenCase.Dead);
            if (
                dead < 0
                || drill.Hidden.Shows.Case != SeenCase.Dead
                || outlets.Any(o => o.Shows.All.Count > 1)
                || outlets.Skip(dead).Any(o => o.Shows.Likeliest.Case != SeenCase.Dead)
            )
            {
                continue;
            }

            var steps = outlets.Aggregate(new List<HuntStep>(), (all, o) => [.. all, drill.Next(all, o.Trial)]);
            var there = outlets[Math.Max(0, dead - 1)..(dead + 1)].SelectMany(o => Places.Of(drill.Job, o.Trial)).ToHashSet();
            var known = drill.Noticed("dead", "Ines");
            foreach (var step in steps)
            {
                known = known with
                {
                    Observed = known.Observed.With(
                        HuntDrill.Id(known.Observed.Count),
                        step.Shows.Observed(step.Trial.Asked, "Ines", "2026-01-05T09:00:00Z")
                    ),
                };
            }

            var left = Suspects
                .Of(drill.Scene, known, pairs: false)
                .All.Where(s => s is { Suspect.Kind: SuspectKind.Fault, Against.Count: 0, Belief: > 0.001 });
            Assert.All(left, s => Assert.Contains(s.Suspect.Faults.SelectMany(f => f.Boxes(drill.Job)), there.Contains));
            rows++;
        }
    }

    /// <summary>A box that lies open is opened once; what tripped at once is not reset for nothing; and what the budget does not bear is
    /// not made.</summary>
    [Fact]
    public void What_it_costs_goes_by_how_things_lie()
    {
        var drill = Enumerable
            .Range(1, 200)
            .Select(s => HuntDrill.Make(s, 2, Edition.Nec2023))
            .First(d => d.Hidden.Noticed.Look.Kind == LookKind.Guard && d.Hidden.Shows.Case == SeenCase.TripsAtOnce);
        var box = drill.Scene.Boxes[0];
        var inside = drill.Trials.Where(t => t.Opens is [var only] && only == box).Take(2).ToList();
        var first = drill.Next([], inside[0]);
        Assert.Equal([box], first.Opened);
        Assert.Empty(drill.Next([first], inside[1]).Opened);
        Assert.Equal(inside[0].Minutes + RankedTrial.Going, first.Minutes);

        var reset = drill.Trials.First(t => t.Case == TrialCase.SwitchOn && t.Asked.Look.At == drill.Hidden.Noticed.Look.At);
        var once = drill.Next([], reset);
        Assert.Null(once.Danger);
        Assert.Equal(HuntDanger.ResetOntoFault, drill.Next([once], reset).Danger);
        var unplugged = drill.Trials.First(t => t.Case == TrialCase.Unplug && t.Asked.Look.At == drill.Hidden.Noticed.Look.At);
        Assert.Null(drill.Next([once], unplugged).Danger);

        List<HuntStep> blind = [once];
        while (drill.Bears(blind, reset))
        {
            blind.Add(drill.Next(blind, reset));
            Assert.True(blind.Count < 100);
        }

        Assert.True(drill.Bears(blind));
        var marked = HuntMarked.Of(drill, blind, drill.Hidden.Fault);
        Assert.Equal(Grade.Again, marked.Graded().Single(g => g.Skill == Skill.HuntSafely).Grade);
    }

    /// <summary>What was written down in the job is the hunt again: same tests, same order, same costs, same sights.</summary>
    [Fact]
    public void A_hunt_is_taken_up_again_from_its_record()
    {
        foreach (var (drill, marked) in Some.Value.Take(4))
        {
            var complaint = HuntTeller.Job(drill).Complaints[HuntDrill.Complaint];
            foreach (var step in marked.Mine.Steps)
            {
                var made = drill.Made(complaint);
                var seen = drill.Seen(step.Step.Trial, made, "Ines");
                complaint = complaint with { Observed = complaint.Observed.With(HuntDrill.Id(made.Count), seen) };
            }

            var again = drill.Made(complaint);
            Assert.Equal(marked.Mine.Steps.Select(s => s.Step.Trial.Key), again.Select(s => s.Trial.Key));
            Assert.Equal(marked.Mine.Steps.Select(s => s.Step.Minutes), again.Select(s => s.Minutes));
            Assert.All(marked.Mine.Steps.Zip(again), p => Assert.True(p.First.Step.Shows.Same(p.Second.Shows)));
        }
    }

    /// <summary>The same seed and level give the same hunt, others another; a higher level has a longer circuit and a smaller
    /// budget.</summary>
    [Fact]
    public void Hunts_are_repeatable_and_differ()
    {
        var (one, same) = (HuntDrill.Make(3, 2, Edition.Nec2023), HuntDrill.Make(3, 2, Edition.Nec2023));
        Assert.Equal(one.Hidden.Fault.Key, same.Hidden.Fault.Key);
        Assert.Equal(Edits.JobJson.Text(one.Job), Edits.JobJson.Text(same.Job));
        var many = Enumerable.Range(1, 24).Select(s => HuntDrill.Make(s, 2, Edition.Nec2023)).ToList();
        Assert.Equal(24, many.Select(d => Edits.JobJson.Text(d.Job) + d.Hidden.Fault.Key).Distinct().Count());
        Assert.True(many.SelectMany(d => d.Hidden.Fault.Faults).Select(f => f.Offer.Case).Distinct().Count() >= 5);
        var levels = Enumerable.Range(1, SpotDrill.Levels).Select(l => HuntDrill.Make(5, l, Edition.Nec2023)).ToList();
        Assert.Equal(levels.Select(l => l.Budget.Minutes).Distinct().OrderDescending(), levels.Select(l => l.Budget.Minutes));
        Assert.True(
            Enumerable.Range(1, 5).Average(s => HuntDrill.Make(s, 5, Edition.Nec2023).Scene.Boxes.Count)
                > 2 * Enumerable.Range(1, 5).Average(s => HuntDrill.Make(s, 1, Edition.Nec2023).Scene.Boxes.Count)
        );
    }

    /// <summary>Told, a hunt gives nothing away before it is ended: no fault, no share, no test that is better.</summary>
    [Fact]
    public void Nothing_is_given_away_before_it_is_ended()
    {
        var (drill, marked) = Some.Value[0];
        var made = marked.Mine.Steps.Select(s => s.Step).ToList();
        var during = HuntTeller.Tell(drill, made, null);
        Assert.Null(during.Mark);
        Assert.All(during.Made, s => Assert.True(s is { Left: null, Better: null }));
        Assert.Equal(drill.Faults.Count, during.Faults.Count);
        Assert.Equal(drill.Trials.Count, during.Tests.Count);
        var after = HuntTeller.Tell(drill, made, marked);
        Assert.Empty(after.Faults);
        Assert.NotNull(after.Mark);
        Assert.NotEmpty(after.Mark.Mends);
    }
}
