using System.Text.Json.Serialization;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Keeps the way a box is made up as a standard make. Everything in it must be recorded: a make with a hole in it is
/// none.</summary>
public sealed record KeepPattern(string Id, string Name, Id<Box> Box, string By, string At) : Edit
{
    private const int Most = 60;

    [JsonIgnore]
    public override string? Doer => By;

    public override Edit Arrived(string at) => this with { At = at };

    public override Refusal? Check(Job job) =>
        Refuse.NewId(Id, job.Patterns.Has(Id), "id")
        ?? Refuse.BadText(Name, "name")
        ?? Refuse.BadText(By, "by")
        ?? Refuse.BadTime(At, "at")
        ?? (job.Patterns.Count >= Most ? new Refusal(Why.ManyPatterns, "id", ("most", Most)) : null)
        ?? (
            job.Boxes.Find(Box) is not { } box ? Refuse.Missing(What.Box, Box, "box")
            : box.Contents != Contents.Complete || box.Leads.Values.Any(l => l.Lands.At == LandingAt.Unknown && l.Form == LeadForm.Ended)
                ? new Refusal(Why.MakeNotWhole, "box", ("box", box.Name))
            : null
        );

    public override Job Apply(Job job)
    {
        if (!job.Boxes.TryFind(Box, out var box))
        {
            return job;
        }

        var feeds = box
            .Leads.Values.Where(l => l.Run is not null)
            .Select(l => (End: Subjects.CableEnd(l.Run!.Value, l.Side), Feeds: job.Runs.Find(l.Run)?.End(l.Side).Feeds ?? Feeds.CannotTell))
            .Distinct()
            .ToDictionary(f => f.End, f => f.Feeds, StringComparer.Ordinal);
        // What was noted and said of that box is not part of the make.
        var made = box with { Noted = ById<string, Noted>.Empty, Said = ById<string, Said>.Empty, Note = null, Spot = null, Wall = null };
        return job with { Patterns = job.Patterns.With(Id, new(Name.Trim(), By, At, made, feeds)) };
    }
}

/// <summary>Takes a standard make off the list. What was made by it stays.</summary>
public sealed record RemovePattern(string Id) : Edit
{
    public override Refusal? Check(Job job) => job.Patterns.Has(Id) ? null : Refuse.Missing(What.Pattern, Id, "id");

    public override Job Apply(Job job) => job with { Patterns = job.Patterns.Without(Id) };
}
