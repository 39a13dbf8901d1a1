using JollyBarn.Edits;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Points of a proof of dead: what is joined is read once, and each lead by itself when it comes apart; nothing and something are
/// readings. Common practice of the trade.</summary>
public class ProofPointTests
{
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
        Assert.Equal(ProofStanding.Proved, ProofTests.State(job).Standing);
        var apart = job.Do(new RemoveJoint("b", "neutrals"));
        Assert.Equal((ProofStanding.Begun, ProofCase.CameApart), (ProofTests.State(apart).Standing, ProofTests.State(apart).Case));
        // What is still one point need not be read against another that is.
        var whites = apart.Boxes["b"].Leads.Where(l => l.Value.Colour == "white").Select(l => (string)l.Key).ToList();
        Assert.All(ProofTests.State(apart).Missing, p => Assert.Contains(new[] { p.From, p.To }, whites.Contains));
        Assert.All(whites, w => Assert.Contains(ProofTests.State(apart).Missing, p => p.From == w && p.To == Proofs.IndependentGround));
    }

    /// <summary>Many two-pole testers show a lamp and no figure: nothing and something are readings.</summary>
    [Theory]
    [InlineData(ReadingShows.Nothing, ReadingShows.Something, ProofStanding.Proved)]
    [InlineData(ReadingShows.Something, ReadingShows.Something, ProofStanding.Failed)]
    [InlineData(ReadingShows.Nothing, ReadingShows.Nothing, ProofStanding.Failed)] // The instrument is blind.
    public void Nothing_and_something_are_readings(ReadingShows pair, ReadingShows known, ProofStanding standing) =>
        Assert.Equal(standing, ProofTests.State(Read(Joined(), pair, known)).Standing);

    /// <summary>A lamp that is dark beside a figure that is none is no absence of voltage.</summary>
    [Fact]
    public void Nothing_with_a_figure_of_voltage_is_not_dead()
    {
        var job = ProofTests.Known(Joined(), "k1", ReadingStep.KnownBefore, 121, 1);
        var pair = Proofs.Pairs(job.Boxes["b"])[0];
        var log = ProofTests.Reading("p", pair, 118, 2);
        Assert.Equal(
            ProofStanding.Failed,
            ProofTests.State(job.Do(log with { Reading = log.Reading with { Shows = ReadingShows.Nothing } })).Standing
        );
        Assert.NotNull((log with { Reading = log.Reading with { Volts = null } }).Check(job));
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

        return job.Do(new BeginProof("proof", "b", "Ines", "two-pole", ProofTests.Morning, "panel lug", "cellar rod"));
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
}
