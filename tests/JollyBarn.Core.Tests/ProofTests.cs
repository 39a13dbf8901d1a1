using JollyBarn.Edits;
using JollyBarn.Telling;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Proof of dead: live–dead–live on all pairs and to an independent ground; when it lapses. Common practice of the trade, after
/// NFPA 70E 120.6.</summary>
public class ProofTests
{
    private const string Morning = "2026-09-14T08:00:00Z";

    [Fact]
    public void Three_two_wire_cables_with_grounds_ask_eighteen_pairs()
    {
        // Three conductors a cable: three pairs among themselves and three to the independent ground.
        var job = Jobs.WithBox("device-3x2x3-1/2").Cables(3, 14, 2);
        Assert.Equal(18, Proofs.Pairs(job.Boxes["b"]).Count);
        Assert.Equal(9, Proofs.Pairs(job.Boxes["b"]).Count(p => p.To == Proofs.IndependentGround));
    }

    /// <summary>Two 14-2 and a 14-3, grounds, neutrals and blacks each under one connector, the red alone: four points. Every two points
    /// and each to the independent ground, by counting: 6 + 4. Common practice: leads under one connector are touched once.</summary>
    [Fact]
    public void Leads_that_are_joined_are_one_point()
    {
        var job = Joined();
        var pairs = Proofs.Pairs(job.Boxes["b"]);
        Assert.Equal((10, 4), (pairs.Count, pairs.Count(p => p.To == Proofs.IndependentGround)));
        Assert.Equal([3, 3, 3, 1], pairs.Where(p => p.To == Proofs.IndependentGround).Select(p => p.FromAll.Count).OrderDescending());
    }

    [Fact]
    public void When_a_joint_comes_apart_each_of_its_leads_is_read_before_the_next_step()
    {
        var job = Read(Joined());
        Assert.Equal(ProofStanding.Proved, State(job).Standing);
        var apart = job.Do(new RemoveJoint("b", "neutrals"));
        Assert.Equal((ProofStanding.Begun, ProofCase.CameApart), (State(apart).Standing, State(apart).Case));
        // What is still one point need not be read against another that is.
        var whites = apart.Boxes["b"].Leads.Where(l => l.Value.Colour == "white").Select(l => (string)l.Key).ToList();
        Assert.All(State(apart).Missing, p => Assert.Contains(new[] { p.From, p.To }, whites.Contains));
        Assert.All(whites, w => Assert.Contains(State(apart).Missing, p => p.From == w && p.To == Proofs.IndependentGround));
    }

    /// <summary>Many two-pole testers show a lamp and no figure: nothing and something are readings.</summary>
    [Theory]
    [InlineData(ReadingShows.Nothing, ReadingShows.Something, ProofStanding.Proved)]
    [InlineData(ReadingShows.Something, ReadingShows.Something, ProofStanding.Failed)]
    [InlineData(ReadingShows.Nothing, ReadingShows.Nothing, ProofStanding.Failed)] // The instrument is blind.
    public void Nothing_and_something_are_readings(ReadingShows pair, ReadingShows known, ProofStanding standing) =>
        Assert.Equal(standing, State(Read(Joined(), pair, known)).Standing);

    /// <summary>A lamp that is dark beside a figure that is none is no absence of voltage.</summary>
    [Fact]
    public void Nothing_with_a_figure_of_voltage_is_not_dead()
    {
        var job = Known(Joined(), "k1", ReadingStep.KnownBefore, 121, 1);
        var pair = Proofs.Pairs(job.Boxes["b"])[0];
        var log = Reading("p", pair, 118, 2);
        Assert.Equal(
            ProofStanding.Failed,
            State(job.Do(log with { Reading = log.Reading with { Shows = ReadingShows.Nothing } })).Standing
        );
        Assert.NotNull((log with { Reading = log.Reading with { Volts = null } }).Check(job));
    }

    [Fact]
    public void It_is_proved_only_when_every_pair_was_read_between_two_readings_of_the_known_source()
    {
        var job = Begun();
        Assert.Equal(ProofStanding.Begun, State(job).Standing);
        job = Known(job, "k1", ReadingStep.KnownBefore, 121, 1);
        var pairs = Proofs.Pairs(job.Boxes["b"]);
        for (var i = 0; i < pairs.Count; i++)
        {
            job = Pair(job, $"p{i}", pairs[i], 0, 2 + i);
        }

        Assert.Equal(ProofStanding.Begun, State(job).Standing);
        Assert.Equal(ProofCase.KnownAgain, State(job).Case);
        var proved = Known(job, "k2", ReadingStep.KnownAfter, 121, 40);
        Assert.Equal(ProofStanding.Proved, State(proved).Standing);
        var struck = proved.Do(new StrikeReading("p3"));
        Assert.Equal(ProofStanding.Begun, State(struck).Standing);
        Assert.Single(State(struck).Missing);
    }

    /// <summary>Two readings of a known source prove the instrument and nothing else. Common practice.</summary>
    [Fact]
    public void Without_pairs_nothing_is_proved()
    {
        var job = Jobs.WithBox("device-3x2x3-1/2").Do(new BeginProof("proof", "b", "Ines", "two-pole", Morning, "panel lug", "cellar rod"));
        job = Known(Known(job, "k1", ReadingStep.KnownBefore, 121, 1), "k2", ReadingStep.KnownAfter, 121, 3);
        Assert.Equal((ProofStanding.Begun, ProofCase.NoLeads), (State(job).Standing, State(job).Case));
        Assert.Contains("proves nothing for what is behind", ProofTeller.Tell(State(job)).Says, StringComparison.Ordinal);
    }

    /// <summary>What is not recorded was not read.</summary>
    [Fact]
    public void With_contents_partly_recorded_nothing_is_proved()
    {
        var job = Begun().Do(new SetContents("b", Contents.Partial));
        job = Known(job, "k1", ReadingStep.KnownBefore, 121, 1);
        var pairs = Proofs.Pairs(job.Boxes["b"]);
        for (var i = 0; i < pairs.Count; i++)
        {
            job = Pair(job, $"p{i}", pairs[i], 0, 2 + i);
        }

        job = Known(job, "k2", ReadingStep.KnownAfter, 121, 40);
        Assert.Equal((ProofStanding.Begun, ProofCase.NotComplete), (State(job).Standing, State(job).Case));
        Assert.Equal(ProofStanding.Proved, State(job.Do(new SetContents("b", Contents.Complete))).Standing);
    }

    [Fact]
    public void A_reading_before_the_known_source_does_not_count()
    {
        var job = Begun();
        var pairs = Proofs.Pairs(job.Boxes["b"]);
        for (var i = 0; i < pairs.Count; i++)
        {
            job = Pair(job, $"p{i}", pairs[i], 0, 1 + i);
        }

        job = Known(Known(job, "k1", ReadingStep.KnownBefore, 121, 30), "k2", ReadingStep.KnownAfter, 121, 40);
        Assert.Equal(ProofStanding.Begun, State(job).Standing);
    }

    [Theory]
    [InlineData(118, 121)] // A conductor reads live.
    [InlineData(0, 0)] // The known source reads nothing: the instrument proved nothing.
    public void A_live_reading_or_a_blind_instrument_fails(int pair, int known)
    {
        var job = Known(Begun(), "k1", ReadingStep.KnownBefore, known, 1);
        job = Pair(job, "p0", Proofs.Pairs(job.Boxes["b"])[0], pair, 2);
        Assert.Equal(ProofStanding.Failed, State(job).Standing);
    }

    [Theory]
    [InlineData("2026-09-14T12:00:40Z", ProofStanding.Proved)] // At four hours it still holds.
    [InlineData("2026-09-14T12:00:41Z", ProofStanding.Lapsed)]
    public void It_lapses_after_four_hours(string now, ProofStanding standing) =>
        Assert.Equal(standing, Proofs.Judge(Proved(), "b", "Ines", now).Standing);

    public static TheoryData<string, Edit> Endings() =>
        new()
        {
            { "a breaker is switched", new SwitchBreaker("panel", 1, "Tomas", Morning, false) },
            { "a source is recorded", new PutSource("gen", new Source("Generator", SourceKind.Generator)) },
            {
                "the panel is recorded otherwise",
                new PutPanel("panel", new Panel("Panel", SupplySystem.SplitPhase, 20) { Breakers = [new Breaker(1, 1, 20, On: true)] })
            },
            { "work is handed over", new HandOver("b", "Ines", "Tomas", Morning) },
            { "the visit ends", new EndVisit("Ines", Morning) },
        };

    [Theory]
    [MemberData(nameof(Endings))]
    public void It_lapses_when(string what, Edit edit)
    {
        var after = Proved().Do(edit);
        Assert.True(State(after).Standing == ProofStanding.Lapsed, what);
    }

    [Theory]
    [MemberData(nameof(Endings))]
    public void Undoing_and_redoing_what_ended_it_never_brings_it_back(string what, Edit edit)
    {
        var proved = Proved();
        var ended = proved.Do(edit);
        var cells = Cells.Between(proved, ended);
        var undone = new Restore("e", cells, false, "").Apply(ended);
        Assert.True(State(undone).Standing == ProofStanding.Lapsed, what);
        var redo = new Restore("e", cells, true, "");
        Assert.Null(redo.Blocking(undone));
        Assert.Equal(ProofStanding.Lapsed, State(redo.Apply(undone)).Standing);
    }

    [Fact]
    public void A_proof_made_after_a_breaker_was_recorded_ends_when_that_record_is_undone()
    {
        var before = Begun();
        var switched = before.Do(new SwitchBreaker("panel", 1, "Tomas", Morning, false));
        var undo = new Restore("e", Cells.Between(before, switched), false, "");
        var proved = Proved() with { Panels = switched.Panels };
        Assert.Equal(ProofStanding.Proved, State(proved).Standing);
        Assert.Equal(ProofStanding.Lapsed, State(undo.Apply(proved)).Standing);
    }

    [Fact]
    public void No_Change_plans_corrects_or_records_a_reading_or_a_switched_breaker()
    {
        var job = Begun().Do(new OpenChange("plan", "Plan"));
        var pair = Proofs.Pairs(job.Boxes["b"])[0];
        foreach (
            var edit in new Edit[]
            {
                Reading("a", pair, 0, 1),
                new SwitchBreaker("panel", 1, "Ines", Morning, false),
                new Batch([Reading("a", pair, 0, 1)]),
                new EndVisit("Ines", Morning),
            }
        )
        {
            Assert.NotNull(new PlanEdit("plan", "q", edit).Check(job));
            Assert.NotNull(new RecordDone("plan", "q", edit).Check(job));
            Assert.NotNull(new CorrectAsFound("plan", "q", edit, "2026-09-14").Check(job));
        }
    }

    [Fact]
    public void It_is_of_one_person_and_one_box_and_another_visit_does_not_end_it()
    {
        var job = Proved();
        Assert.Equal(ProofStanding.None, Proofs.Judge(job, "b", "Tomas", Morning).Standing);
        Assert.Equal(ProofStanding.Proved, State(job.Do(new EndVisit("Tomas", Morning))).Standing);
        Assert.Equal(ProofStanding.None, Proofs.Judge(job.Do(new AddBox("c", "Other", "nm-1g-18")), "c", "Ines", Morning).Standing);
    }

    [Fact]
    public void No_single_edit_enters_two_readings_of_a_proof()
    {
        var job = Begun();
        var pairs = Proofs.Pairs(job.Boxes["b"]);
        Assert.NotNull(new Batch([Reading("a", pairs[0], 0, 1), Reading("c", pairs[1], 0, 2)]).Check(job));
    }

    [Fact]
    public void A_breaker_goes_on_when_everyone_has_let_go()
    {
        var job = Begun().Do(new SwitchBreaker("panel", 1, "Ines", Morning, false), new SwitchBreaker("panel", 1, "Tomas", Morning, false));
        Assert.Equal(["Ines", "Tomas"], job.Panels["panel"].Breakers[0].HeldBy);
        Assert.Contains("Tomas", new SwitchBreaker("panel", 1, "Ines", Morning, true).Check(job)!.Tell().Says, StringComparison.Ordinal);
        var on = job.Do(new SwitchBreaker("panel", 1, "Tomas", Morning), new SwitchBreaker("panel", 1, "Ines", Morning, true));
        Assert.True(on.Panels["panel"].Breakers[0].On);
        Assert.Empty(on.Panels["panel"].Breakers[0].HeldBy);
    }

    private static Job Joined()
    {
        var job = Jobs.WithBox("device-3x2x3-1/2").Cables(2, 14, 2).Cables(1, 14, 3);
        var box = job.Boxes["b"];
        foreach (var (joint, colour) in new[] { ("hots", "black"), ("neutrals", "white"), ("grounds", "bare") })
        {
            var leads = box.Leads.Where(l => l.Value.Colour == colour).Select(l => l.Key).ToList();
            job = job.Do(new JoinLeads("b", joint, "twist-on-medium", leads, joint));
        }

        return job.Do(new BeginProof("proof", "b", "Ines", "two-pole", Morning, "panel lug", "cellar rod"));
    }

    /// <summary>Every pair read as the next one comes, as a version 2 reading.</summary>
    private static Job Read(Job job, ReadingShows pair = ReadingShows.Nothing, ReadingShows known = ReadingShows.Something)
    {
        LogReading Shown(string id, ReadingStep step, string from, string to, ReadingShows shows, int second) =>
            new(
                id,
                new Reading(
                    "two-pole",
                    from,
                    to,
                    "as it showed",
                    "Ines",
                    $"2026-09-14T08:00:{second:00}Z",
                    "b",
                    "proof",
                    step,
                    Shows: shows
                )
            )
            {
                V = 2,
            };
        job = job.Do(Shown("k1", ReadingStep.KnownBefore, "panel lug", "cellar rod", known, 1));
        foreach (var (p, i) in Proofs.Pairs(job.Boxes["b"]).Select((p, i) => (p, i)))
        {
            job = job.Do(Shown($"p{i}", ReadingStep.Pair, p.From, p.To, pair, 2 + i));
        }

        return job.Do(Shown("k2", ReadingStep.KnownAfter, "panel lug", "cellar rod", known, 40));
    }

    private static Job Begun() =>
        Jobs.WithBox("device-3x2x3-1/2")
            .Cables(1, 14, 2)
            .Do(
                new PutPanel("panel", new Panel("Panel", SupplySystem.SplitPhase, 20) { Breakers = [new Breaker(1, 1, 20)] }),
                new BeginProof("proof", "b", "Ines", "two-pole", Morning, "panel lug", "cellar rod")
            );

    private static Job Proved()
    {
        var job = Known(Begun(), "k1", ReadingStep.KnownBefore, 121, 1);
        foreach (var (pair, i) in Proofs.Pairs(job.Boxes["b"]).Select((p, i) => (p, i)))
        {
            job = Pair(job, $"p{i}", pair, 0, 2 + i);
        }

        return Known(job, "k2", ReadingStep.KnownAfter, 121, 40);
    }

    private static ProofState State(Job job) => Proofs.Judge(job, "b", "Ines", "2026-09-14T09:00:00Z");

    private static Job Known(Job job, string id, ReadingStep step, int volts, int second) =>
        job.Do(
            new LogReading(
                id,
                new Reading(
                    "two-pole",
                    "panel lug",
                    "cellar rod",
                    $"{volts} V",
                    "Ines",
                    $"2026-09-14T08:00:{second:00}Z",
                    "b",
                    "proof",
                    step,
                    volts
                )
            )
        );

    private static Job Pair(Job job, string id, ProofPair pair, int volts, int second) => job.Do(Reading(id, pair, volts, second));

    private static LogReading Reading(string id, ProofPair pair, int volts, int second) =>
        new(
            id,
            new Reading(
                "two-pole",
                pair.From,
                pair.To,
                $"{volts} V",
                "Ines",
                $"2026-09-14T08:00:{second:00}Z",
                "b",
                "proof",
                ReadingStep.Pair,
                volts
            )
        );
}
