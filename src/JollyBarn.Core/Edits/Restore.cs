using System.Text.Json.Serialization;
using System.Text.Json.Nodes;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Puts back what an earlier edit changed (undo), or changes it again (redo). Made by the log, never by a client.</summary>
/// <param name="Of">Id of the edit that is undone or redone.</param>
/// <param name="Cells">What that edit changed.</param>
/// <param name="Again">False to undo, true to redo.</param>
/// <param name="What">The sentence of the edit that is undone or redone.</param>
public sealed record Restore(string Of, IReadOnlyList<Cell> Cells, bool Again, string What) : Edit
{
    [JsonIgnore]
    public override IEnumerable<string> OfBoxes => Cells.Where(c => c.Path.StartsWith("boxes/", StringComparison.Ordinal)).Select(c => c.Path.Split('/')[1]).Distinct();

    public override Refusal? Check(Job job) => Blocking(job) is null ? null : new Refusal("What this would put back has been changed since.");

    /// <summary>The first place that no longer is as the edit left it, or null.</summary>
    public string? Blocking(Job job) =>
        Cells.FirstOrDefault(c => !JsonNode.DeepEquals(Edits.Cells.At(job, c.Path), Edits.Cells.Node(Again ? c.Was : c.Now)))?.Path;

    public override Job Apply(Job job) => Edits.Cells.Put(job, Cells.Select(c => (c.Path, Again ? c.Now : c.Was)));

    public override string Tell(Job before) => $"{(Again ? "Redone" : "Undone")}: {What}";
}
