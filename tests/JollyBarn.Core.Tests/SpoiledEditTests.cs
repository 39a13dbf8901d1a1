using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization.Metadata;
using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Fill;
using JollyBarn.Inspection.Judging;
using JollyBarn.OpenFile;
using JollyBarn.Telling;
using JollyBarn.Telling.History;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Every kind of edit with something in it spoiled: it does not read, it is refused with a sentence, or the job it makes can be
/// counted, judged, solved and undone.</summary>
public class SpoiledEditTests
{
    private const int Each = 20;

    /// <summary>As the program reads what is sent to it: nulls where none belong are refused.</summary>
    private static readonly JsonTypeInfo<Edit> Reads =
        (JsonTypeInfo<Edit>)
            new JsonSerializerOptions(JobJson.Default.Options)
            {
                TypeInfoResolver = JobJson.Default.WithAddedModifier(NoNulls.Refused),
            }.GetTypeInfo(typeof(Edit));

    public static IEnumerable<TheoryDataRow<int>> Examples() => EveryEditTests.All();

    [Theory]
    [MemberData(nameof(Examples))]
    public void Whatever_is_sent_the_job_holds_together(int example)
    {
        var good = JsonSerializer.SerializeToNode(EveryEditTests.Examples[example].Good, JobJson.Default.Edit)!;
        var random = new Random(example);
        for (var i = 0; i < Each; i++)
        {
            var spoiled = good.DeepClone();
            var where = string.Join(" and ", Enumerable.Range(0, random.Next(1, 3)).Select(_ => Spoiler.Spoil(spoiled, random)));
            if (Read(spoiled) is not { } edit)
            {
                continue;
            }

            var what = $"{where} of {spoiled.ToJsonString()[..Math.Min(300, spoiled.ToJsonString().Length)]}";
            var refusal = Try(() => edit.Check(EveryEditTests.Rich), what);
            if (refusal is not null)
            {
                Assert.True(
                    refusal.Tell().Says.Length > 5 && ".!?".Contains(refusal.Tell().Says[^1], StringComparison.Ordinal),
                    $"{what}: {refusal.Tell().Says}"
                );
                continue;
            }

            Try(() => HoldsTogether(edit), what);
        }
    }

    /// <summary>What an accepted edit makes can be shown on every screen, written and read again, and taken back.</summary>
    private static string HoldsTogether(Edit edit)
    {
        var before = EveryEditTests.Rich;
        Assert.False(string.IsNullOrWhiteSpace(edit.Tell(before)));
        var after = edit.Apply(before);
        foreach (var (id, box) in after.Boxes)
        {
            _ = (BoxReports.Make(after, box), Inspector.JudgeAll(after, id, box), BoxLive.Read(after, id, box, Situation.AsRecorded));
        }

        var supply = new SupplyVerdicts();
        _ = (supply.Circuits(after), supply.Panels(after));
        Assert.Null(JobCheck.Check(after)?.Tell().Says);
        var (file, refusal) = JobFiles.Read(JobFiles.Write(new(JobFile.FormatName, 1, "job", after, after, [])));
        Assert.Null(refusal?.Tell().Says);
        Assert.Equal(JobJson.Text(after), JobJson.Text(file!.Present));
        var back = new Restore("e", Cells.Between(before, after), false, "").Apply(after);
        Assert.Equal(Ids(before), Ids(back));
        return "";
    }

    private static IEnumerable<string> Ids(Job job) =>
        job
            .Boxes.Ids.Texts()
            .Concat(job.Runs.Ids.Texts())
            .Concat(job.Panels.Ids)
            .Concat(job.Circuits.Ids.Texts())
            .Concat(job.Places.Ids)
            .Concat(job.Changes.Ids);

    private static Edit? Read(JsonNode node)
    {
        try
        {
            return node.Deserialize(Reads);
        }
        catch (Exception problem) when (problem is JsonException or NotSupportedException)
        {
            return null;
        }
    }

    private static T Try<T>(Func<T> done, string what)
    {
        try
        {
            return done();
        }
        catch (Exception problem)
        {
            throw new InvalidOperationException(what, problem);
        }
    }
}
