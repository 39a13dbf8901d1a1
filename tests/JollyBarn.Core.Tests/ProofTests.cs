using JollyBarn.Edits;
using JollyBarn.Telling;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Proof of dead: live–dead–live on all pairs and to an independent ground; when it lapses. Common practice of the trade, after
/// NFPA 70E 120.6.</summary>
public class ProofTests
{
    internal const string Morning = "2026-09-14T08:00:00Z";

    [Fact]
    public void Three_two_wire_cables_with_grounds_ask_eighteen_pairs()
    {
        // Three conductors a cable: three pairs among themselves and three to the independent ground.
        var job = Jobs.WithBox("device-3x2x3-1/2").Cables(3, 14, 2);
        Assert.Equal(18, Proofs.Pairs(job.Boxes["b"]).Count);
        Assert.Equal(9, Proofs.Pairs(job.Boxes["b"]).Count(p => p.To == Proofs.IndependentGround));
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

    private static Job Begun() =>
        Jobs.WithBox("device-3x2x3-1/2")
            .Cables(1, 14, 2)
            .Do(
                new PutPanel("panel", new Panel("Panel", SupplySystem.SplitPhase, 20) { Breakers = [new Breaker(1, 1, 20)] }),
                new BeginProof("proof", "b", "Ines", "two-pole", Morning, "panel lug", "cellar rod")
            );

    internal static Job Proved()
    {
        var job = Known(Begun(), "k1", ReadingStep.KnownBefore, 121, 1);
        foreach (var (pair, i) in Proofs.Pairs(job.Boxes["b"]).Select((p, i) => (p, i)))
        {
            job = Pair(job, $"p{i}", pair, 0, 2 + i);
        }

        return Known(job, "k2", ReadingStep.KnownAfter, 121, 40);
    }

    internal static ProofState State(Job job) => Proofs.Judge(job, "b", "Ines", "2026-09-14T09:00:00Z");

    internal static Job Known(Job job, string id, ReadingStep step, int volts, int second) =>
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

    internal static LogReading Reading(string id, ProofPair pair, int volts, int second) =>
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
