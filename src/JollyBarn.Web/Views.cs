using JollyBarn.CodeBook;
using JollyBarn.Fill;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Measures;
using JollyBarn.Store;
using JollyBarn.Telling;
using JollyBarn.Telling.Filled;
using JollyBarn.Web.Endpoints;
using JollyBarn.Wiring;

namespace JollyBarn.Web;

/// <summary>A job in a list.</summary>
/// <param name="Working">The numbers are of an earlier version; those of the newest are being worked out.</param>
public sealed record JobSummary(
    string Id,
    string Name,
    long Version,
    string Created,
    string Changed,
    string? Binned,
    int Boxes,
    int Over,
    int Full,
    int Unknown,
    int Stop,
    int Fix,
    bool Working
);

/// <summary>The job without its boxes and runs.</summary>
public sealed record JobHead(
    string Id,
    long Version,
    string Name,
    JobKind Kind,
    CodeProfile Profile,
    HousePractice Practice,
    IReadOnlyDictionary<string, Place> Places,
    IReadOnlyDictionary<string, Wall> Walls,
    IReadOnlyDictionary<string, Source> Sources,
    IReadOnlyDictionary<string, Panel> Panels,
    IReadOnlyDictionary<string, Circuit> Circuits,
    IReadOnlyDictionary<string, string> Changes,
    Exercise? Exercise
);

/// <summary>A box in a list, with what fill says of it.</summary>
public sealed record BoxSummary(
    string Id,
    string Name,
    string? PlaceId,
    string? Place,
    string Kind,
    string KindName,
    Contents Contents,
    bool Binned,
    Fit Fit,
    VolumeSpan Needed,
    VolumeSpan Available,
    VolumeSpan Left,
    int Cables,
    int Devices,
    bool Estimate,
    int Stop,
    int Fix,
    int Measure,
    int Better
);

/// <summary>One box with everything a page of it shows.</summary>
/// <param name="CutOffWithout">For each device, the runs with a conductor that is cut off from the feed when it is taken out with nothing
/// joined in its place.</param>
/// <param name="Findings">What is wrong or could be better, worst first; open questions are in <paramref name="Questions"/>.</param>
/// <param name="Questions">Facts that would decide an open verdict, in the order of a tape.</param>
/// <param name="Open">Verdicts that wait for a fact.</param>
/// <param name="Holds">How many verdicts were judged and hold.</param>
/// <param name="Settled">Verdicts a ruling settled.</param>
/// <param name="Working">What the solved network says of it is still being worked out.</param>
/// <param name="Protected">Runs that hang on the load side of a protective device here.</param>
public sealed record BoxView(
    string Id,
    long Version,
    Box Box,
    string? Place,
    string KindName,
    int OpenGangs,
    IReadOnlyList<CableView> Cables,
    ToldReport Report,
    ToldNames Names,
    IReadOnlyList<ToldFinding> Findings,
    IReadOnlyDictionary<string, IReadOnlyList<Id<Run>>> CutOffWithout,
    IReadOnlyList<Id<Run>> Protected,
    IReadOnlyList<ToldQuestion> Questions,
    IReadOnlyList<ToldFinding> Open,
    int Holds,
    IReadOnlyList<ToldFinding> Settled,
    bool Working = false
);

/// <summary>What an edit brought.</summary>
/// <param name="Boxes">Changed boxes as they are after it; the first few when many.</param>
/// <param name="Undo">What the sender's next undo would be, as a sentence; null when there is none.</param>
/// <param name="Redo">What the sender's next redo would be.</param>
/// <param name="Stops">What can hurt somebody now; null while all of the job is being judged, known by a request of its own.</param>
/// <param name="Step">The line of the log.</param>
/// <param name="Head">The job without its boxes, where the edit changed that; null where it did not.</param>
public sealed record EditAnswer(
    long Version,
    string EditId,
    bool Again,
    JobChanged Changed,
    IReadOnlyList<BoxView> Boxes,
    string? Undo,
    string? Redo,
    JobStops? Stops,
    LogLine Step,
    JobHead? Head
);

/// <summary>Puts a job's parts into the shapes the interface reads.</summary>
internal static class Views
{
    /// <summary>How long an answer waits for the solved network, ms.</summary>
    public const int Patience = 15;

    private const int MostBoxes = 12;

    public static JobHead Head(string id, long version, Job job) =>
        new(
            id,
            version,
            job.Name,
            job.Kind,
            job.Profile,
            job.Practice,
            Map(job.Places),
            Map(job.Walls),
            Map(job.Sources),
            Map(job.Panels),
            Map(job.Circuits),
            job.Changes.ToDictionary(c => c.Key, c => c.Value.Name),
            job.Exercise
        );

    /// <param name="solved">Stops of the network; null while they are being worked out.</param>
    public static BoxSummary Summary(Job job, Id<Box> id, Box box, Judged judged, ILookup<Id<Box>, Finding>? solved)
    {
        var fill = judged.Reports.FillOf(job, box);
        var verdicts = Verdicts(judged, job, id, box, solved);
        int Count(Verdict verdict) => verdicts.Count(f => f.Verdict == verdict);
        return new(
            id,
            box.Name,
            box.Place,
            job.Places.Find(box.Place)?.Name,
            box.Kind,
            BoxKinds.Find(box.Kind)?.Name ?? box.Kind,
            box.Contents,
            box.Binned,
            fill.Fit,
            fill.Needed,
            fill.Available,
            fill.Left,
            box.Leads.Values.Select(l => l.Run).OfType<Id<Run>>().Distinct().Count(),
            box.Devices.Count,
            fill.Estimate,
            Count(Verdict.Stop),
            Count(Verdict.Fix),
            Count(Verdict.Measure),
            Count(Verdict.Better)
        );
    }

    /// <summary>A view; of a job to learn by without verdicts, until it was graded.</summary>
    public static BoxView View(Job job, long version, Id<Box> id, Box box, BoxReport report, IReadOnlyList<Finding> found) =>
        Judged(job, version, id, box, report, job.Exercise is { Shown: false } ? [] : found);

    private static BoxView Judged(Job job, long version, Id<Box> id, Box box, BoxReport report, IReadOnlyList<Finding> verdicts) =>
        new(
            id,
            version,
            box,
            job.Places.Find(box.Place)?.Name,
            BoxKinds.Find(box.Kind)?.Name ?? box.Kind,
            box.OpenGangs,
            CableViews.Of(job, id, box),
            FillTeller.Tell(report),
            ToldNames.Tell(job, id, box),
            Told(job, id, verdicts.Where(f => f.Verdict is Verdict.Stop or Verdict.Fix or Verdict.Better)),
            box.Devices.Ids.ToDictionary(d => d.Text, d => Continuity.CutOffWithout(job, id, box, d)),
            Continuity.Protected(box),
            QuestionTeller.Tell(job, id, box, Questions.Ask(verdicts)),
            Told(job, id, verdicts.Where(f => f.Verdict == Verdict.Measure)),
            verdicts.Count(f => f is { Verdict: Verdict.Fine, Ruling: null }),
            Told(job, id, verdicts.Where(f => f.Ruling is not null))
        );

    private static IReadOnlyList<ToldFinding> Told(Job job, Id<Box> box, IEnumerable<Finding> findings) =>
        new Teller(job, box).Tell(findings);

    /// <summary>A view made from what is kept of the job.</summary>
    public static BoxView View(Job job, long version, Id<Box> id, Box box, Judged judged)
    {
        var solved = judged.Expected.Of(job, Patience);
        return View(job, version, id, box, judged.Reports.ReportOf(job, box), Verdicts(judged, job, id, box, solved)) with
        {
            Working = solved is null,
        };
    }

    /// <summary>Verdicts of a box by the wiring, and by the network as far as it is solved.</summary>
    public static IReadOnlyList<Finding> Verdicts(Judged judged, Job job, Id<Box> id, Box box, ILookup<Id<Box>, Finding>? solved) =>
        ExpectedLive.With(judged.Verdicts.Of(job, id, box), solved?[id] ?? []);

    /// <summary>A box to be drawn, without what the rules say of it.</summary>
    public static BoxView ViewBare(Job job, Id<Box> id) => Judged(job, 0, id, job.Boxes[id], BoxReports.Make(job, job.Boxes[id]), []);

    /// <summary>A view of a state that will not be asked for again.</summary>
    public static BoxView ViewOnce(Job job, long version, Id<Box> id, Box box) =>
        View(job, version, id, box, BoxReports.Make(job, box), Inspector.JudgeAll(job, id, box));

    public static JobChanged ChangedOf(Accepted accepted)
    {
        return new(
            accepted.Version,
            accepted.EditId,
            [.. Touched.Boxes(accepted.Before, accepted.After)],
            Touched.Everything(accepted.Before, accepted.After)
        );
    }

    /// <param name="by">Who sent it.</param>
    public static EditAnswer Answer(OpenJob job, Accepted accepted, string by)
    {
        var changed = ChangedOf(accepted);
        var (undo, redo) = job.Steps(by);
        var views = changed
            .Boxes.Where(accepted.After.Boxes.Has)
            .Take(MostBoxes)
            .Select(id => View(accepted.After, accepted.Version, id, accepted.After.Boxes[id], job.Judged));
        return new(
            accepted.Version,
            accepted.EditId,
            accepted.Again,
            changed,
            [.. views],
            undo,
            redo,
            changed.Everything ? null : VerdictEndpoints.Stops(job, accepted.After),
            job.Log(accepted.Version + 1, 1)[0],
            SameHead(accepted.Before, accepted.After) ? null : Head(job.Id, accepted.Version, accepted.After)
        );
    }

    private static bool SameHead(Job a, Job b) =>
        a.Name == b.Name
        && a.Kind == b.Kind
        && ReferenceEquals(a.Profile, b.Profile)
        && ReferenceEquals(a.Practice, b.Practice)
        && ReferenceEquals(a.Places, b.Places)
        && ReferenceEquals(a.Walls, b.Walls)
        && ReferenceEquals(a.Sources, b.Sources)
        && ReferenceEquals(a.Panels, b.Panels)
        && ReferenceEquals(a.Circuits, b.Circuits)
        && ReferenceEquals(a.Changes, b.Changes);

    private static Dictionary<string, T> Map<TId, T>(ById<TId, T> items)
        where TId : IParsable<TId>, IComparable<TId>
        where T : class => items.ToDictionary(p => p.Key.ToString()!, p => p.Value);
}
