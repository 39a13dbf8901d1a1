using System.Text.Json.Serialization;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>One line of a job's history.</summary>
/// <param name="Id">Made by whoever made the edit.</param>
/// <param name="By">Who made it.</param>
/// <param name="At">When, ISO 8601, UTC.</param>
public sealed record HistoryLine(string Id, string By, string At, Edit Edit);

/// <summary>An edit that only the program makes, never a client: of the job as a whole, or of its log.</summary>
public abstract record ProgramEdit : Edit
{
    [JsonIgnore]
    public override bool ByProgram => true;
}

/// <summary>Puts the job in the bin.</summary>
public sealed record BinJob : ProgramEdit
{
    public override Refusal? Check(Job job) => job.Binned ? new(Why.JobMoved) : null;

    public override Job Apply(Job job) => job with { Binned = true };
}

/// <summary>Brings the job back from the bin.</summary>
public sealed record BringBackJob : ProgramEdit
{
    public override Refusal? Check(Job job) => null;

    public override Job Apply(Job job) => job with { Binned = false };
}

/// <summary>Puts the job of a file in the place of what is there.</summary>
/// <param name="With">The job of the file.</param>
/// <param name="Lines">Lines of the file's history that this log does not have.</param>
/// <param name="Start">What the file's own history begins from, where it is another than this log's.</param>
public sealed record ReplaceJob(Job With, IReadOnlyList<HistoryLine> Lines, Job? Start = null) : ProgramEdit
{
    [JsonIgnore]
    public override IEnumerable<Id<Box>> OfBoxes => With.Boxes.Ids;

    /// <summary>A file does not take a breaker out of somebody's hold.</summary>
    public override Refusal? Check(Job job) =>
        job
            .Panels.SelectMany(p => p.Value.Breakers.Select(b => (Panel: p.Key, Breaker: b)))
            .Where(b => b.Breaker.HeldBy.Except(Comes(b.Panel, b.Breaker)).Any())
            .Select(b => new Refusal(Why.HeldBreaker, "replace", ("slot", b.Breaker.Where), ("by", string.Join(", ", b.Breaker.HeldBy))))
            .FirstOrDefault();

    public override Job Apply(Job job) => With with { Binned = false };

    /// <summary>Who holds a breaker off in the file.</summary>
    private IReadOnlyList<string> Comes(string panel, Breaker breaker) =>
        With.Panels.Find(panel)?.Breakers.FirstOrDefault(b => b.Key == breaker.Key) is { } there && there.On == breaker.On
            ? there.HeldBy
            : [];
}
