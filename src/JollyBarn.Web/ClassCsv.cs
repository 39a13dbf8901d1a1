using System.Globalization;
using JollyBarn.Web.Endpoints;

namespace JollyBarn.Web;

/// <summary>Results of a class as CSV.</summary>
internal static class ClassCsv
{
    /// <summary>A line for each learner and place: who, which place, how it went, how long it took. A place nobody came to says nothing of
    /// right or wrong.</summary>
    public static IEnumerable<string[]> Results(ClassView view) =>
        view
            .Learners.SelectMany(l => view.Places.Select((p, i) => Row(l, i + 1, p, l.Cells.FirstOrDefault(c => c.Item == p.Place.Id))))
            .Prepend(["number", "name", "item", "what", "state", "right", "steps", "of", "seconds"]);

    /// <summary>A line for each place, skill and point, the most missed skills and points first.</summary>
    public static IEnumerable<string[]> Misses(ClassView view) =>
        view
            .Places.Select(
                (p, i) => (string[])["item", $"{Text(i + 1)} {p.Place.Says}", Text(p.Answered), Text(p.Answered - p.Right), Text(p.Seconds)]
            )
            .Concat(view.Skills.Select(s => (string[])["skill", s.Skill.ToString(), Text(s.Asked), Text(s.Missed), ""]))
            .Concat(view.Points.Select(p => (string[])["point", $"{p.Box}: {p.Name}", Text(p.Looked), Text(p.Faults), ""]))
            .Prepend(["kind", "what", "asked", "missed", "seconds"]);

    private static string[] Row(LearnerLine learner, int place, PlaceLine line, LearnerCell? cell) =>
        [
            Text(learner.Number),
            learner.Name,
            Text(place),
            line.Place.Says,
            cell is null ? "not begun"
            : cell.Right is null ? "begun"
            : "answered",
            cell?.Right switch
            {
                true => "yes",
                false => "no",
                null => "",
            },
            cell?.Right is null ? "" : Text(cell.Steps),
            cell?.Right is null ? "" : Text(cell.All),
            cell?.Right is null ? "" : Text(cell.Seconds),
        ];

    private static string Text(int? number) => number?.ToString(CultureInfo.InvariantCulture) ?? "";
}
