using JollyBarn.Planning.Ways;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Ways;

/// <summary>What is sent to whoever wrote a line of a list, before the work.</summary>
internal static class WayMessage
{
    /// <summary>Which line, how it would be mended, what that settles, and the question; null where no line is asked about.</summary>
    public static string? Of(Job job, Wish wish, string title, FoundWay way)
    {
        if (wish.Line is not { } line || job.Reports.Find(line.Report) is not { } report || report.Lines.Find(line.Line) is not { } of)
        {
            return null;
        }

        var teller = new Teller(job, way.Choice.From?.Text ?? "");
        var settles = way
            .Gone.Select(f => teller.Tell(f))
            .Select(t => t.Article is { Length: > 0 } article ? $"{t.Says} ({article})" : t.Says);
        var place = job.Boxes.Find(of.Box)?.Name is { } name ? $", {name}" : "";
        return string.Join(
            '\n',
            [
                $"{report.Name}, line {Number(report, line.Line)}{place}: \"{of.Text}\"",
                $"We would mend it this way: {title}.",
                .. settles.Select(s => $"It settles: {s}"),
                $"Mended this way, does line {Number(report, line.Line)} come off?",
            ]
        );
    }

    private static int Number(Report report, string line) => report.Lines.Values.Count(l => l.Order <= report.Lines[line].Order);
}
