using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Store;

/// <summary>An edit as somebody sends it.</summary>
/// <param name="Id">Made by the sender; sending it twice does it once.</param>
/// <param name="By">Who sends it.</param>
/// <param name="Base">Version of the job the sender saw; null for whatever is newest.</param>
public sealed record EditPost(string Id, string By, Edit Edit, long? Base = null) : ISent
{
    public ISent As(string by) => this with { By = by };
}

/// <summary>A step that is made for somebody: undo, redo, the bin. The id is the sender's, so that sending it twice does it once.</summary>
public sealed record StepPost(string Id, string By) : ISent
{
    public ISent As(string by) => this with { By = by };
}

/// <summary>One line of the log without its edit.</summary>
public sealed record LogLine(long Version, string Id, string By, string At, string Says);

/// <summary>What became of a post.</summary>
public abstract record PostResult;

/// <summary>It is in the log.</summary>
/// <param name="Again">True when it had been posted before; the answer is the first one.</param>
/// <param name="Before">The job before it.</param>
/// <param name="After">The job after it.</param>
public sealed record Accepted(long Version, string EditId, bool Again, Job Before, Job After) : PostResult;

public sealed record Refused(Refusal Refusal) : PostResult;

/// <summary>Somebody changed the same things since the version the sender saw.</summary>
/// <param name="Theirs">The edits that did.</param>
/// <param name="Yours">The sender's edit as a sentence.</param>
/// <param name="Places">Where they meet, such as <c>boxes/b1/mark</c>.</param>
public sealed record Conflict(IReadOnlyList<LogLine> Theirs, string Yours, IReadOnlyList<string> Places, long Version) : PostResult;
