using JollyBarn.CodeBook;
using JollyBarn.Fill;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Store;
using JollyBarn.Wiring;

namespace JollyBarn.Web;

/// <summary>A job in a list.</summary>
public sealed record JobSummary(string Id, string Name, long Version, string Created, string Changed, string? Binned, int Boxes, int Over, int Full, int Unknown);

/// <summary>The job without its boxes and runs.</summary>
public sealed record JobHead(
    string Id, long Version, string Name, JobKind Kind, CodeProfile Profile, HousePractice Practice,
    IReadOnlyDictionary<string, Place> Places, IReadOnlyDictionary<string, Wall> Walls, IReadOnlyDictionary<string, Source> Sources, IReadOnlyDictionary<string, Panel> Panels, IReadOnlyDictionary<string, Circuit> Circuits,
    IReadOnlyDictionary<string, string> Changes);

/// <summary>A box in a list, with what fill says of it.</summary>
public sealed record BoxSummary(string Id, string Name, string? PlaceId, string? Place, string Kind, string KindName, Contents Contents, bool Binned, Fit Fit, VolumeSpan Needed, VolumeSpan Available, VolumeSpan Left, int Cables, int Devices, bool Estimate);

/// <summary>A cable as one box sees it.</summary>
/// <param name="Says">What it is called here.</param>
/// <param name="Far">Where its other end is, in words; null when nobody knows.</param>
/// <param name="FarBox">Id of the box its other end is in.</param>
public sealed record CableView(string Run, RunSide Side, string? Entry, string Size, string? Says, Feeds Feeds, string? Far, string? FarBox, CableType Type, Fact<Length> Length, string? Sheath, string? Circuit, IReadOnlyList<string> Leads);

/// <summary>One box with everything a page of it shows.</summary>
/// <param name="CutOffWithout">For each device, the runs with a conductor that is cut off from the feed when it is taken out with nothing joined in its place.</param>
/// <param name="Protected">Runs that hang on the load side of a protective device here.</param>
public sealed record BoxView(string Id, long Version, Box Box, string? Place, string KindName, int OpenGangs, IReadOnlyList<CableView> Cables, BoxReport Report, IReadOnlyList<Finding> Findings, IReadOnlyDictionary<string, IReadOnlyList<string>> CutOffWithout, IReadOnlyList<string> Protected);

/// <summary>What an edit brought.</summary>
/// <param name="Boxes">Changed boxes as they are after it; the first few when many.</param>
public sealed record EditAnswer(long Version, string EditId, bool Again, JobChanged Changed, IReadOnlyList<BoxView> Boxes);

/// <summary>Puts a job's parts into the shapes the interface reads.</summary>
internal static class Answers
{
    private const int MostBoxes = 12;

    public static JobHead Head(string id, long version, Job job) => new(
        id, version, job.Name, job.Kind, job.Profile, job.Practice, Map(job.Places), Map(job.Walls), Map(job.Sources), Map(job.Panels), Map(job.Circuits),
        job.Changes.ToDictionary(c => c.Key, c => c.Value.Name));

    public static BoxSummary Summary(Job job, string id, Box box, BoxReports reports)
    {
        var fill = reports.FillOf(job, box);
        return new(
            id, box.Name, box.Place, job.Places.Find(box.Place)?.Name, box.Kind, BoxKinds.Find(box.Kind)?.Name ?? box.Kind, box.Contents, box.Binned, fill.Fit, fill.Needed, fill.Available, fill.Left,
            box.Leads.Values.Select(l => l.Run).OfType<string>().Distinct().Count(), box.Devices.Count, fill.Estimate);
    }

    public static BoxView View(Job job, long version, string id, Box box, BoxReport report) => new(
        id, version, box, job.Places.Find(box.Place)?.Name, BoxKinds.Find(box.Kind)?.Name ?? box.Kind, box.OpenGangs,
        [.. box.Leads.Values.SelectMany(l => new[] { l.Run, l.LeavesBy }).OfType<string>().Distinct().SelectMany(run => Cables(job, id, box, run)).OrderBy(c => Order(box, c)).ThenBy(c => c.Run, StringComparer.Ordinal)], report,
        Inspector.Judge(job, id, box), box.Devices.Ids.ToDictionary(d => d, d => Continuity.CutOffWithout(job, id, box, d)), Continuity.Protected(box));

    public static JobChanged ChangedOf(Accepted accepted)
    {
        var boxes = Touched(accepted.Before, accepted.After).ToList();
        var (before, after) = (accepted.Before, accepted.After);
        var everything = !ReferenceEquals(before.Profile, after.Profile) || !ReferenceEquals(before.Practice, after.Practice) || !ReferenceEquals(before.Places, after.Places);
        return new(accepted.Version, accepted.EditId, boxes, everything);
    }

    public static EditAnswer Answer(OpenJob job, Accepted accepted)
    {
        var changed = ChangedOf(accepted);
        var views = changed.Boxes.Where(accepted.After.Boxes.Has).Take(MostBoxes)
            .Select(id => View(accepted.After, accepted.Version, id, accepted.After.Boxes[id], job.Reports.ReportOf(accepted.After, accepted.After.Boxes[id])));
        return new(accepted.Version, accepted.EditId, accepted.Again, changed, [.. views]);
    }

    /// <summary>Boxes that differ between two states, or whose cables do.</summary>
    public static IEnumerable<string> Touched(Job before, Job after)
    {
        var boxes = ReferenceEquals(before.Boxes, after.Boxes) ? [] : before.Boxes.Ids.Union(after.Boxes.Ids).Where(id => !ReferenceEquals(before.Boxes.Find(id), after.Boxes.Find(id)));
        var runs = ReferenceEquals(before.Runs, after.Runs) ? [] : before.Runs.Ids.Union(after.Runs.Ids).Where(id => !ReferenceEquals(before.Runs.Find(id), after.Runs.Find(id)))
            .SelectMany(id => new[] { before.Runs.Find(id), after.Runs.Find(id) }).OfType<Run>().SelectMany(r => new[] { r.A, r.B }).Where(e => e.At == EndAt.Box).Select(e => e.Id!);
        return boxes.Concat(runs).Distinct();
    }

    private static IEnumerable<CableView> Cables(Job job, string boxId, Box box, string runId)
    {
        if (!job.Runs.TryFind(runId, out var run))
        {
            yield break;
        }

        foreach (var side in run.SidesIn(boxId))
        {
            var (here, far) = (run.End(side), run.End(side == RunSide.A ? RunSide.B : RunSide.A));
            var farName = far.At switch { EndAt.Box => job.Boxes.Find(far.Id)?.Name, EndAt.Panel => job.Panels.Find(far.Id)?.Name, EndAt.Load => far.Says ?? "a load", _ => null };
            var leads = box.Leads.Where(l => (l.Value.Run == runId && l.Value.Side == side) || l.Value.LeavesBy == runId).OrderBy(l => l.Value.Index).Select(l => l.Key).ToList();
            yield return new(runId, side, here.Entry, Size(run), here.Says, here.Feeds, farName, far.At == EndAt.Box ? far.Id : null, run.Type, run.Length, run.Sheath, run.Circuit, leads);
        }
    }

    /// <summary>A cable's trade name: 14-2, or 14-2, no ground.</summary>
    public static string Size(Run run) => $"{run.Gauge?.ToString() ?? "?"}-{run.Conductors.Count}{(run.Ground == GroundKind.None ? ", no ground" : "")}";

    private static int Order(Box box, CableView cable) => box.Entries.Find(cable.Entry) is { } entry ? ((int)entry.Side * 100) + entry.Place : 1000;

    private static Dictionary<string, T> Map<T>(ById<T> items)
        where T : class => items.ToDictionary(p => p.Key, p => p.Value);
}
