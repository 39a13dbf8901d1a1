using System.Text;
using JollyBarn.CodeBook;
using JollyBarn.Fill;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Measures;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Making;

/// <summary>A strand of the map of a box: a lead or pigtail, by its words, and where it ends.</summary>
/// <param name="Group">The cable, or the joint a pigtail begins in.</param>
/// <param name="To">The joint, terminal, screw or cap it ends at.</param>
public sealed record ToldStrand(string Group, string Says, string To, Length? Length);

/// <summary>A verdict on a card.</summary>
/// <param name="Ruling">What the office accepted; null where nobody asked.</param>
public sealed record ToldVerdict(Verdict Verdict, string Says, string Article, string? Ruling);

/// <summary>What one sheet says of a box to whoever opens it next.</summary>
/// <param name="Label">What the label in its cover says.</param>
/// <param name="Map">Its strands, cable by cable.</param>
/// <param name="Fit">Volume needed, and given.</param>
/// <param name="Holds">How many verdicts were judged and hold.</param>
/// <param name="NotLooked">What was not looked at: these verdicts nobody can give.</param>
/// <param name="Note">For the next person.</param>
/// <param name="Said">What people said, unconfirmed.</param>
public sealed record ToldBoxCard(
    Id<Box> Box,
    string Name,
    string? Place,
    string Kind,
    IReadOnlyList<string> Label,
    IReadOnlyList<ToldStrand> Map,
    string Fit,
    IReadOnlyList<ToldVerdict> Verdicts,
    int Holds,
    IReadOnlyList<string> NotLooked,
    string? Note,
    IReadOnlyList<string> Said
)
{
    /// <summary>Most bytes of a card as a code that a phone reads: what a code of a size one can print on a label holds.</summary>
    public const int MostBytes = 800;

    public static ToldBoxCard Tell(Job job, Id<Box> id)
    {
        ArgumentNullException.ThrowIfNull(job);
        var box = job.Boxes[id];
        var findings = Inspector.JudgeAll(job, id, box);
        var fill = BoxFill.Evaluate(FillOfBox.Read(box, job.Profile), job.Profile, job.Practice);
        var teller = new Teller(job, id);
        return new(
            id,
            box.Name,
            job.Places.Find(box.Place ?? "")?.Name,
            BoxKinds.Find(box.Kind)?.Name ?? box.Kind,
            ToldLabel.Tell(job, id).Lines,
            [.. Strands(job, id, box)],
            $"{Span(fill.Needed)} needed, {Span(fill.Available)} in the box",
            [
                .. findings
                    .Where(f => f.Verdict is Verdict.Stop or Verdict.Fix or Verdict.Better || f.Ruling is not null)
                    .Select(f => (f.Verdict, Told: teller.Tell(f), f.Ruling))
                    .Select(f => new ToldVerdict(
                        f.Verdict,
                        f.Told.Says,
                        f.Told.Article,
                        job.Rulings.Find(f.Ruling ?? "") is { } ruling
                            ? $"Accepted by {ruling.AcceptedBy}, {ruling.When}: {ruling.Asked}"
                            : null
                    )),
            ],
            findings.Count(f => f is { Verdict: Verdict.Fine, Ruling: null }),
            [.. teller.Tell(findings.Where(f => f.Verdict == Verdict.Measure)).Select(f => f.Says).Distinct()],
            box.Note,
            [.. box.Said.Values.Select(s => s.Who is null ? s.Text : $"{s.Text} ({s.Who})")]
        );
    }

    /// <summary>The card as text that fits a code: what it is, what feeds it, its strands as far as they go.</summary>
    public string AsText()
    {
        var text = new StringBuilder(Name);
        foreach (
            var line in Label.Skip(1).Concat(Map.Select(s => $"{s.Group}: {s.Says} > {s.To}")).Append(Note is null ? null : $"Note: {Note}")
        )
        {
            if (line is null)
            {
                continue;
            }

            if (Encoding.UTF8.GetByteCount(text.ToString()) + Encoding.UTF8.GetByteCount(line) + 1 > MostBytes - 4)
            {
                text.Append("\n...");
                break;
            }

            text.Append('\n').Append(line);
        }

        return text.ToString();
    }

    private static string Span(VolumeSpan span) =>
        span.High is not { } high ? $"{span.Low} or more"
        : high == span.Low ? $"{span.Low}"
        : $"{span.Low} to {high}";

    private static IEnumerable<ToldStrand> Strands(Job job, Id<Box> id, Box box)
    {
        var names = new ShortNames(job, id, box);
        foreach (
            var of in box
                .Leads.Values.OrderBy(l => l.Device is null ? 0 : 1)
                .ThenBy(l => l.Run?.Text, StringComparer.Ordinal)
                .ThenBy(l => l.Side)
                .ThenBy(l => l.Index)
        )
        {
            var group = of.Device is { } device ? names.Device(device) : names.Cable(of.Run ?? "", of.Side);
            var colour = of.MarkedAs is { } mark ? $"{of.Colour} marked {mark}" : of.Colour;
            var to = of.Form == LeadForm.Ended ? names.Lies(of.Lands) : "goes on unbroken";
            yield return new(group, of.Gauge is { } gauge ? $"{colour} {gauge}" : colour, to, of.Length.OrNull);
        }

        foreach (var (_, tail) in box.Pigtails)
        {
            var of = tail.Of is null ? "pigtail" : "goes on";
            yield return new(names.Lies(tail.From), $"{tail.Colour} {of}", names.Lies(tail.To), tail.Length.OrNull);
        }
    }
}
