using JollyBarn.CodeBook;
using JollyBarn.Inspection;
using JollyBarn.Practice;
using JollyBarn.Practice.Spot;
using JollyBarn.Telling;
using JollyBarn.Telling.Practised;

namespace JollyBarn.Core.Tests.Practising;

/// <summary>Boxes with mistakes in them: exactly those, each seen by the rules, each to be pointed at and named. Two thousand of them run
/// in <c>bench/run --long</c>.</summary>
public class SpotDrillTests
{
    private static readonly Edition[] Editions = Enum.GetValues<Edition>();

    private static readonly Lazy<IReadOnlyList<SpotDrill>> Some = new(() => [.. Many(12)]);

    private static IEnumerable<SpotDrill> Many(int seeds) =>
        from level in Enumerable.Range(1, SpotDrill.Levels)
        from seed in Enumerable.Range(1, seeds)
        select SpotDrill.Make(seed, level, Editions[seed % Editions.Length]);

    /// <summary>What the rules and the network say of the box is what was planted, each verdict once and none besides; before it was
    /// planted they said nothing that is to be stopped or fixed.</summary>
    [Fact]
    public void The_rules_find_what_was_planted_and_nothing_else()
    {
        Assert.All(Some.Value, d => Assert.Empty(SpotDrill.Wrong(d.Sound, d.Box)));
        Assert.All(Some.Value, d =>
            Assert.Equal(
                SpotDrill.Wrong(d.Job, d.Box).Select(f => f.Key).Order(StringComparer.Ordinal),
                d.Planted.SelectMany(p => p.Findings).Select(f => f.Key).Order(StringComparer.Ordinal)
            )
        );
        Assert.All(Some.Value, d => Assert.InRange(d.Planted.Count, 1, 6));
        Assert.Equal(1, Some.Value.Where(d => d.Level == 1).Max(d => d.Planted.Count));
        Assert.True(Some.Value.Where(d => d.Level == SpotDrill.Levels).Min(d => d.Planted.Count) >= 4);
    }

    /// <summary>Whoever points at the part a verdict is about finds its rule among what can be said of such a part, and is right; a list
    /// gives nothing away, for it is the same for every part of its kind.</summary>
    [Fact]
    public void Every_mistake_can_be_pointed_at_and_named_and_is_then_found()
    {
        foreach (var drill in Some.Value)
        {
            var said = Said(drill);
            var choices = SpotChoices.For(drill);
            var box = drill.Job.Boxes[drill.Box];
            Assert.All(said, s => Assert.Contains(s.Rule, choices[SpotParts.Of(box, s.Part)!.Value]));
            var marked = SpotMarked.Of(drill, said);
            Assert.True(marked.Right, $"{drill.Seed} {drill.Level}: {string.Join(", ", marked.Lines.Select(l => (l.Said, l.Outcome)))}");
            Assert.DoesNotContain(SpotSkills.Graded(marked), g => g.Grade == Grade.Again);
        }
    }

    private static List<SpotSaid> Said(SpotDrill drill) =>
        [
            .. drill.Planted.Select(p =>
            {
                var worst = p.Findings.First(f => f.Verdict == p.Worst);
                return new SpotSaid(SpotParts.About(drill.Job.Boxes[drill.Box], worst).First(), worst.Rule, worst.Verdict);
            }),
        ];

    /// <summary>What a rule holds is a false alarm with the reason; what it did not judge is not called fine; what was missed is
    /// told.</summary>
    [Fact]
    public void What_holds_is_a_false_alarm_with_the_reason_and_what_was_missed_is_told()
    {
        var alarms = 0;
        foreach (var drill in Some.Value.Take(30))
        {
            var box = drill.Job.Boxes[drill.Box];
            foreach (var fine in SpotDrill.All(drill.Job, drill.Box).Where(f => f.Verdict == Verdict.Fine).Take(5))
            {
                var part = SpotParts.About(box, fine).FirstOrDefault();
                if (
                    part is null
                    || drill.Planted.Any(p => p.Findings.Any(f => SpotParts.About(box, f).Contains(part) || f.Rule == fine.Rule))
                )
                {
                    continue;
                }

                var marked = SpotMarked.Of(drill, [new(part, fine.Rule, Verdict.Fix)]);
                Assert.Equal(SpotOutcome.FalseAlarm, Assert.Single(marked.Lines).Outcome);
                Assert.Equal(drill.Planted.Count, marked.Missed.Count);
                var told = SpotTeller.Tell(drill, marked);
                Assert.NotEmpty(told.Lines[0].Why ?? "");
                Assert.Equal(0, told.Found);
                alarms++;
            }
        }

        Assert.True(alarms > 40, $"{alarms}");
    }

    /// <summary>Facts of the trade, common practice: what a look close up shows stands with its part, and what following the wire shows
    /// stands in the picture alone.</summary>
    [Fact]
    public void What_a_tape_would_tell_is_seen_close_up()
    {
        var close = Some.Value.Where(d => d.Planted.Any(p => p.Mistake == Mistake.SetTooDeep)).ToList();
        Assert.NotEmpty(close);
        Assert.All(close, d => Assert.Contains(SpotTeller.Tell(d).Parts[0].Seen, s => s.Contains("3/8 in", StringComparison.Ordinal)));
        Assert.All(Some.Value, d => Assert.All(SpotTeller.Tell(d).Parts, p => Assert.NotEmpty(p.Name)));
    }

    /// <summary>No kind of fact stands in a box only because a mistake does: what is seen of a spoilt box is also seen of some sound one.
    /// Why a receptacle is not tamper-resistant is asked only of one that is not.</summary>
    [Fact]
    public void What_is_seen_gives_no_mistake_away()
    {
        static IEnumerable<(string Of, string Fact)> Seen(Wiring.Box box) =>
            box.Noted.SelectMany(n => n.Value.Facts.Ids.Select(f => (n.Key, f.ToString()!)));
        var sound = Some.Value.SelectMany(d => Seen(d.Sound.Boxes[d.Box])).Select(s => s.Fact).ToHashSet();
        var brought = Some.Value.SelectMany(d => Seen(d.Job.Boxes[d.Box]).Except(Seen(d.Sound.Boxes[d.Box])));
        Assert.DoesNotContain(brought, b => !sound.Contains(b.Fact) && b.Fact != "tamper-why");
        Assert.All(Some.Value, d =>
            Assert.Empty(Seen(d.Sound.Boxes[d.Box]).Select(s => s.Fact).Except(Seen(d.Job.Boxes[d.Box]).Select(s => s.Fact)))
        );
    }

    /// <summary>What no picture shows is told of the part: the gauge of a wire, the tabs of a receptacle, the print of a cable.</summary>
    [Theory]
    [InlineData("split-tab", "tab: whole")]
    [InlineData("ground-gauge", "14 AWG")]
    [InlineData("pigtail-gauge", "14 AWG")]
    [InlineData("cord", ", cord")]
    [InlineData("aluminum", "AWG, aluminum")]
    [InlineData("depth", " deep")]
    public void What_no_picture_shows_is_told(string rule, string says)
    {
        var drill = SpotDrill.About(rule, 5, Edition.Nec2023)!;
        var said = drill.Planted[0].Findings.First(f => f.Rule == rule);
        var parts = SpotTeller.Tell(drill).Parts.Where(p => SpotParts.About(drill.Job.Boxes[drill.Box], said).Contains(p.Part));
        Assert.Contains(parts, p => p.Seen.Any(s => s.Contains(says, StringComparison.Ordinal)));
    }

    /// <summary>The same seed, level and edition give the same box; others another.</summary>
    [Fact]
    public void A_seed_gives_its_box_again()
    {
        foreach (var drill in Some.Value.Take(10))
        {
            var again = SpotDrill.Make(drill.Seed, drill.Level, drill.Job.Profile.Edition);
            Assert.Equal(Edits.JobJson.Text(drill.Job), Edits.JobJson.Text(again.Job));
        }

        var different = Some.Value.Select(d => Edits.JobJson.Text(d.Job)).Distinct().Count();
        Assert.Equal(Some.Value.Count, different);
    }

    /// <summary>A learner who sees what a glance shows, then what following a wire shows, then all, finds less the higher the level. One
    /// who overlooks every second thing misses more where there is more.</summary>
    [Fact]
    public void Higher_levels_are_harder_for_those_who_see_less()
    {
        var random = new Random(7);
        double Found(int level) =>
            Some.Value.Where(d => d.Level == level).Average(d => Said(d).Count(_ => random.Next(3) > 0) == d.Planted.Count ? 1.0 : 0.0);
        var (low, high) = (Found(1) + Found(2), Found(4) + Found(SpotDrill.Levels));
        Assert.True(low > high, $"{low} {high}");
    }

    /// <summary>Each rule of which there is said to be a box has one, whose one mistake breaks it; of others there is none.</summary>
    [Theory]
    [InlineData("setback")]
    [InlineData("bond-screw")]
    [InlineData("polarity")]
    [InlineData("gfci")]
    [InlineData("green")]
    [InlineData("edge")]
    [InlineData("weather")]
    [InlineData("ears")]
    [InlineData("multiwire-legs")]
    [InlineData("cord")]
    [InlineData("fan-ready")]
    [InlineData("riser")]
    [InlineData("slack")]
    [InlineData("depth")]
    [InlineData("joint-wet")]
    [InlineData("aluminum")]
    [InlineData("feed-mark")]
    public void A_rule_is_taught_by_a_box_that_breaks_it(string rule)
    {
        var drill = SpotDrill.About(rule, 3, Edition.Nec2023)!;
        Assert.Contains(Assert.Single(drill.Planted).Findings, f => f.Rule == rule);
        Assert.True(SpotMarked.Of(drill, Said(drill)).Right);
        Assert.Null(SpotDrill.About("ground-path", 3, Edition.Nec2023));
        // Metal that comes to be live takes two mistakes: no box has it alone.
        var taught = SpotChoices.Taught.Append("live-metal").ToHashSet();
        Assert.All(Some.Value.SelectMany(d => d.Planted).SelectMany(p => p.Findings), f => Assert.Contains(f.Rule, taught));
    }

    [Fact]
    public void Every_rule_that_can_be_said_has_words()
    {
        var rules = Some.Value.Take(2).SelectMany(d => SpotChoices.For(d).Values.SelectMany(r => r)).Distinct().ToList();
        Assert.All(rules, r => Assert.NotEqual(r, Teller.RuleName(r)));
    }
}
