using System.Text.Json.Nodes;
using System.Text.Json.Serialization;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Puts back what an earlier edit changed (undo), or changes it again (redo). Made by the log, never by a client.</summary>
/// <remarks>A proof of dead that has ended stays ended, whatever is undone; and putting breakers or sources back is recording them as
/// changed, which ends every proof.</remarks>
/// <param name="Of">Id of the edit that is undone or redone.</param>
/// <param name="Cells">What that edit changed.</param>
/// <param name="Again">False to undo, true to redo.</param>
/// <param name="What">The sentence of the edit that is undone or redone.</param>
public sealed record Restore(string Of, IReadOnlyList<Cell> Cells, bool Again, string What) : ProgramEdit
{
    [JsonIgnore]
    public override IEnumerable<Id<Box>> OfBoxes =>
        Cells.Where(c => c.Path.StartsWith("boxes/", StringComparison.Ordinal)).Select(c => (Id<Box>)c.Path.Split('/')[1]).Distinct();

    public override Refusal? Check(Job job) => Blocking(job) is null ? null : new Refusal(Why.ChangedSince);

    /// <summary>The first place that no longer is as the edit left it, or null.</summary>
    public string? Blocking(Job job) =>
        Cells
            .FirstOrDefault(c =>
                !EndsProof(c) && !JsonNode.DeepEquals(Edits.Cells.At(job, c.Path), Edits.Cells.Node(Again ? c.Was : c.Now))
            )
            ?.Path;

    public override Job Apply(Job job)
    {
        var next = Edits.Cells.Put(job, Cells.Where(c => !EndsProof(c)).Select(c => (c.Path, Again ? c.Now : c.Was)));
        var supply = Cells.Any(c =>
            c.Path.StartsWith("panels/", StringComparison.Ordinal) || c.Path.StartsWith("sources/", StringComparison.Ordinal)
        );
        return supply ? Proofs.Lapse(next, ProofEnds.PutBack, null) : next;
    }

    private static bool EndsProof(Cell cell) =>
        cell.Path.StartsWith("proofs/", StringComparison.Ordinal) && cell.Path.EndsWith("/ended", StringComparison.Ordinal);
}
