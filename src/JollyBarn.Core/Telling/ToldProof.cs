using JollyBarn.CodeBook;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>Where a proof of dead stands, in words.</summary>
/// <param name="Proof">Its id, null when there is none.</param>
/// <param name="Missing">Pairs still to read.</param>
/// <param name="Says">One sentence.</param>
/// <param name="At">When the last reading was taken.</param>
public sealed record ToldProof(
    ProofStanding Standing,
    IReadOnlyList<ProofPair> Missing,
    string Says,
    string? Proof = null,
    string? At = null,
    string? Instrument = null
);

/// <summary>Turns the state of a proof into words.</summary>
public static class ProofTeller
{
    private static readonly Names NoNames = new(Job.Blank(""));

    private static readonly Dictionary<ProofCase, Line> Words = new()
    {
        [ProofCase.Nothing] = "Nothing is proved dead here.",
        [ProofCase.Ended] = "The proof no longer holds: {why}",
        [ProofCase.Live] = "{says} between {from} and {to}: it is not dead. Stop, find what feeds it, and begin again.",
        [ProofCase.InstrumentBlind] = "The known source read {says}: the instrument proved nothing. Begin again with one that reads it.",
        [ProofCase.KnownFirst] = "Read the known source first.",
        [ProofCase.ReadingsToGo] = "{count} readings to go.",
        [ProofCase.CameApart] = "A joint came apart: read each of its leads before the next step. {count} readings to go.",
        [ProofCase.KnownAgain] = "Read the known source again.",
        [ProofCase.Late] =
            "What arrived late, or from a device whose clock is off by more than 2 minutes ({late}), is kept and proves nothing now. "
            + "Take it again.",
        [ProofCase.TooOld] = "The proof is older than {hours} hours. Prove it dead again.",
        [ProofCase.NoLeads] = new(f =>
            (f.Has("tested") ? $"Only {f["tested"]} was tested" : "Nothing but the known source was read")
            + ": that proves nothing for what is behind. Open the box, record its leads and read every pair."
        ),
        [ProofCase.NotComplete] =
            "{count} pairs read dead, and not everything in the box is recorded: it is not proved dead. Record the rest and read it.",
        [ProofCase.Proved] = new(f => $"Proved dead with the {InstrumentKinds.Find(f["instrument"])?.Name ?? f["instrument"]}."),
    };

    public static ToldProof Tell(ProofState state) =>
        new(state.Standing, state.Missing, Words[state.Case].Make(new(state.About, NoNames)), state.Proof, state.At, state.Instrument);
}
