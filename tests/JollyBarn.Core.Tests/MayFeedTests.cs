using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Which boxes a breaker or a switch may feed: what is not known not to be fed is. Common practice: a cable nobody followed may
/// come from anywhere, and a neutral may be shared.</summary>
public class MayFeedTests
{
    private const string Noon = "2026-09-14T12:00:00Z";

    [Fact]
    public void A_proof_ends_where_the_breaker_feeds_and_stays_where_it_is_known_not_to()
    {
        var job = House();
        var off = job.Do(Switch(1));
        Assert.NotNull(off.Proofs["near"].Ended);
        Assert.Null(off.Proofs["far"].Ended);
        Assert.NotNull(job.Do(Switch(3)).Proofs["far"].Ended);
        // An earlier program ended them all, and its log still leads to what it led to.
        Assert.All(job.Do(Switch(1) with { V = 1 }).Proofs.Values, p => Assert.NotNull(p.Ended));
    }

    [Fact]
    public void Letting_go_of_a_breaker_switches_nothing() =>
        Assert.All(House().Do(Switch(1) with { On = null }).Proofs.Values, p => Assert.Null(p.Ended));

    public static TheoryData<string, Edit> Unsure() =>
        new()
        {
            { "an end nobody followed", new AddCable("far", "stray", "k9", Cable) },
            { "a box that is not wholly recorded", new SetContents("far", Contents.Partial) },
            { "a box behind it nobody opened", new AddBox("dark", "Dark", "nm-1g-18") },
            { "a cable that says no circuit", new SetRun("r3", Circuit: "") },
            { "a circuit no breaker feeds", new Batch([new PutCircuit("five", new Circuit("Five")), new SetRun("r3", Circuit: "five")]) },
            { "a second panel, wherever it is fed from", new PutPanel("barn", new Panel("Barn", SupplySystem.SplitPhase, 8)) },
            { "a cable into the other island", new AddCable("far", "bridge", "k9", Cable) },
        };

    [Theory]
    [MemberData(nameof(Unsure))]
    public void What_is_not_known_not_to_be_fed_is_proved_again(string what, Edit edit)
    {
        var job = House().Do(edit);
        job = edit switch
        {
            AddBox => job.Do(new AddCable("far", "on", "k8", Cable), new ConnectRun("dark", "on", RunSide.B, "k1")),
            AddCable { Run: var run } when run == "bridge" => job.Do(new ConnectRun("near", "bridge", RunSide.B, "k9")),
            _ => job,
        };
        Assert.True(job.Do(Switch(1)).Proofs["far"].Ended is not null, what);
    }

    [Fact]
    public void A_thrown_switch_ends_proofs_at_what_cables_join_to_it()
    {
        var job = House().Do(new AddDevice("near", "s", "switch", 1));
        var thrown = job.Do(new ThrowSwitch("near", "s", true, "Tomas", Noon) { V = 2 });
        Assert.NotNull(thrown.Proofs["near"].Ended);
        Assert.Null(thrown.Proofs["far"].Ended);
        // With both not wholly followed, what is not known of one may lead into the other.
        var unsure = job.Do(new SetContents("near", Contents.Partial), new SetContents("far", Contents.Partial));
        Assert.NotNull(unsure.Do(new ThrowSwitch("near", "s", true, "Tomas", Noon) { V = 2 }).Proofs["far"].Ended);
    }

    private static CableSpec Cable => new(CableType.NmB, 2, GroundKind.Bare, Measures.Gauge.Awg(14));

    private static SwitchBreaker Switch(int slot) => new("panel", slot, "Tomas", Noon, false) { V = 2 };

    /// <summary>Two boxes, each on a breaker of its own, all recorded, a proof of dead begun at both.</summary>
    private static Job House()
    {
        var panel = new Panel("Panel", SupplySystem.SplitPhase, 20)
        {
            Breakers = [new Breaker(1, 1, 15, Circuit: "one", On: true), new Breaker(3, 1, 15, Circuit: "three", On: true)],
        };
        var job = Job.Blank("House").Do(new PutCircuit("one", new Circuit("One")), new PutCircuit("three", new Circuit("Three")));
        job = job.Do(new PutPanel("panel", panel));
        foreach (var (box, run, circuit, proof) in new[] { ("near", "r1", "one", "near"), ("far", "r3", "three", "far") })
        {
            job = job.Do(
                new AddBox(box, box, "nm-1g-18"),
                new AddCable(box, run, "k0", Cable),
                new EndAtPanel(run, RunSide.B, "panel"),
                new SetRun(run, Circuit: circuit),
                new SetContents(box, Contents.Complete),
                new BeginProof(proof, box, "Ines", "two-pole", "2026-09-14T08:00:00Z", "panel lug", "cellar rod")
            );
        }

        return job;
    }
}
