using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Records that the office accepted something: it settles the verdict it is about.</summary>
public sealed record RecordRuling(string Id, Ruling Ruling) : Edit
{
    public override Refusal? Check(Job job) =>
        Refuse.NewId(Id, job.Rulings.Has(Id), "id")
        ?? (
            job.Boxes.Has(Ruling.Box) || job.Circuits.Has(Ruling.Box) || job.Panels.Has(Ruling.Box)
                ? null
                : Refuse.Missing(What.Box, Ruling.Box, "ruling.box")
        )
        ?? Refuse.BadText(Ruling.Rule, "ruling.rule")
        ?? Refuse.BadText(Ruling.Of, "ruling.of")
        ?? Refuse.BadNote(Ruling.About, "ruling.about", 1000)
        ?? Refuse.BadNote(Ruling.Case, "ruling.case")
        ?? Refuse.BadNote(Ruling.Details, "ruling.details", 1000)
        ?? Refuse.BadText(Ruling.Asked, "ruling.asked")
        ?? Refuse.BadText(Ruling.AcceptedBy, "ruling.acceptedBy")
        ?? Refuse.BadText(Ruling.When, "ruling.when");

    public override Job Apply(Job job) => job with { Rulings = job.Rulings.With(Id, Ruling) };
}

/// <summary>Says which case of its rule a ruling of an earlier program is about, so that it goes by the case and not by a
/// sentence.</summary>
public sealed record NameRuling(string Id, string Case, string Details) : Edit
{
    public override Refusal? Check(Job job) =>
        !job.Rulings.TryFind(Id, out var ruling) ? Refuse.Missing(What.Ruling, Id, "id")
        : ruling.Case is not null ? new(Why.RulingNamed, "id")
        : Refuse.BadText(Case, "case") ?? Refuse.BadNote(Details, "details", 1000);

    public override Job Apply(Job job) =>
        job.Rulings.TryFind(Id, out var ruling)
            ? job with
            {
                Rulings = job.Rulings.With(Id, ruling with { Case = Case, Details = Details }),
            }
            : job;
}

public sealed record RemoveRuling(string Id) : Edit
{
    public override Refusal? Check(Job job) => job.Rulings.Has(Id) ? null : Refuse.Missing(What.Ruling, Id, "id");

    public override Job Apply(Job job) => job with { Rulings = job.Rulings.Without(Id) };
}

/// <summary>Takes in somebody else's list.</summary>
public sealed record AddReport(string Id, string Name, IReadOnlyList<string> Lines, string? From = null, string? Date = null) : Edit
{
    private const int Most = 500;

    public override Refusal? Check(Job job) =>
        Refuse.NewId(Id, job.Reports.Has(Id), "id")
        ?? Refuse.BadText(Name, "name")
        ?? Refuse.BadNote(From, "from")
        ?? Refuse.BadNote(Date, "date")
        ?? (Lines.Count is 0 or > Most ? new Refusal(Why.ListSize, "lines", ("most", Most)) : null)
        ?? Lines
            .Select(
                (l, i) =>
                    string.IsNullOrWhiteSpace(l)
                        ? new Refusal(Why.EmptyLine, $"lines[{i}]", ("line", i + 1))
                        : Refuse.BadNote(l, $"lines[{i}]", 1000)
            )
            .FirstOrDefault(r => r is not null);

    public override Job Apply(Job job) =>
        job with
        {
            Reports = job.Reports.With(
                Id,
                new Report(Name.Trim(), From, Date)
                {
                    Lines = ById<string, ReportLine>.From(
                        Lines.Select((l, i) => KeyValuePair.Create($"l{i + 1:000}", new ReportLine(l.Trim(), i)))
                    ),
                }
            ),
        };
}

/// <summary>Ties a line of a list to a box and a rule, answers it, or closes it.</summary>
public sealed record SetReportLine(
    string Report,
    string Line,
    Id<Box>? Box = null,
    string? Rule = null,
    string? Answer = null,
    string? Closed = null
) : Edit
{
    public override Refusal? Check(Job job) =>
        job.Reports.Find(Report)?.Lines.Has(Line) != true ? Refuse.Missing(What.Line, Line, "line")
        : Box is not null && !job.Boxes.Has(Box) ? Refuse.Missing(What.Box, Box, "box")
        : Refuse.BadNote(Rule, "rule") ?? Refuse.BadNote(Answer, "answer", 2000) ?? Refuse.BadNote(Closed, "closed");

    public override Job Apply(Job job) =>
        job.Reports.TryFind(Report, out var report) && report.Lines.TryFind(Line, out var line)
            ? job with
            {
                Reports = job.Reports.With(
                    Report,
                    report with
                    {
                        Lines = report.Lines.With(Line, line with { Box = Box, Rule = Rule, Answer = Answer, Closed = Closed }),
                    }
                ),
            }
            : job;
}

public sealed record RemoveReport(string Id) : Edit
{
    public override Refusal? Check(Job job) => job.Reports.Has(Id) ? null : Refuse.Missing(What.List, Id, "id");

    public override Job Apply(Job job) => job with { Reports = job.Reports.Without(Id) };
}
