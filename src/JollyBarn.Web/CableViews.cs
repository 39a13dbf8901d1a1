using System.Text.Json.Serialization;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Web;

/// <summary>A cable as one box sees it.</summary>
/// <param name="Says">What it is called here.</param>
/// <param name="FarAt">What is at its other end.</param>
/// <param name="Far">Where its other end is, in words; null when nobody knows.</param>
/// <param name="FarBox">Id of the box its other end is in.</param>
/// <param name="Like">What brings another like it in.</param>
public sealed record CableView(
    Id<Run> Run,
    RunSide Side,
    string? Entry,
    string Size,
    string? Says,
    Feeds Feeds,
    EndAt FarAt,
    string? Far,
    string? FarBox,
    CableSpec Like,
    CableType Type,
    Fact<Length> Length,
    string? Sheath,
    Id<Circuit>? Circuit,
    IReadOnlyList<Id<Lead>> Leads,
    [property: JsonConverter(typeof(ByIdJson<string, RunHurt>))] ById<string, RunHurt> Hurts
);

/// <summary>Puts the cables of a box into the shape the interface reads.</summary>
internal static class CableViews
{
    /// <summary>The ends of cables in a box, in the order of their entries.</summary>
    public static IReadOnlyList<CableView> Of(Job job, Id<Box> id, Box box) =>
        [
            .. box
                .Leads.Values.SelectMany(l => new[] { l.Run, l.LeavesBy })
                .OfType<Id<Run>>()
                .Distinct()
                .SelectMany(run => Ends(job, id, box, run))
                .OrderBy(c => Order(box, c))
                .ThenBy(c => c.Run),
        ];

    private static IEnumerable<CableView> Ends(Job job, Id<Box> boxId, Box box, Id<Run> runId)
    {
        if (!job.Runs.TryFind(runId, out var run))
        {
            yield break;
        }

        foreach (var side in run.SidesIn(boxId))
        {
            var (here, far) = (run.End(side), run.End(side == RunSide.A ? RunSide.B : RunSide.A));
            var farName = new ShortNames(job, boxId, box).Far(far);
            var leads = box
                .Leads.Where(l => (l.Value.Run == runId && l.Value.Side == side) || l.Value.LeavesBy == runId)
                .OrderBy(l => l.Value.Index)
                .Select(l => l.Key)
                .ToList();
            yield return new(
                runId,
                side,
                here.Entry,
                CableNames.Size(run),
                here.Says,
                here.Feeds,
                far.At,
                farName,
                far.At == EndAt.Box ? far.Id : null,
                CableSpec.Like(run),
                run.Type,
                run.Length,
                run.Sheath,
                run.Circuit,
                leads,
                run.Hurts
            );
        }
    }

    private static int Order(Box box, CableView cable) =>
        box.Entries.Find(cable.Entry) is { } entry ? ((int)entry.Side * 100) + entry.Place : 1000;
}
