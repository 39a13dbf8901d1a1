using System.Text;
using JollyBarn.Edits;
using JollyBarn.OpenFile;
using JollyBarn.Telling;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

public class OpenFileTests
{
    private static JobFile Good(byte[] bytes)
    {
        var (file, refusal) = JobFiles.Read(bytes);
        Assert.True(refusal is null, $"{refusal?.Tell().Says} {refusal?.Field}");
        return file!;
    }

    [Fact]
    public void The_demo_reads_replays_and_writes_the_same_bytes_twice()
    {
        var written = JobFiles.Write(Good(Demo.Bytes));
        Assert.Equal(written, JobFiles.Write(Good(written)));
        Assert.True(Good(Demo.Bytes).Present.Boxes.Count >= 16);
    }

    [Theory]
    [InlineData("log-of-0.1.json", 23)]
    public void A_log_written_by_an_earlier_version_replays_to_the_job_it_made(string log, int boxes)
    {
        var file = Good(File.ReadAllBytes(Path.Combine(AppContext.BaseDirectory, "Data", log)));
        var replayed = file.History.Aggregate(file.Start, (job, line) => line.Edit.Apply(job));
        Assert.Equal(JobJson.Text(file.Present), JobJson.Text(replayed));
        Assert.Equal(boxes, replayed.Boxes.Count);
    }

    /// <summary>A program of before kept a ruling by the sentence it was about. Its log opens, the ruling is named by its case once, and
    /// settles that verdict whatever the sentence reads like from then on.</summary>
    [Fact]
    public void A_log_with_a_ruling_kept_by_its_sentence_opens_and_the_ruling_holds_by_its_case()
    {
        var file = Good(File.ReadAllBytes(Path.Combine(AppContext.BaseDirectory, "Data", "log-with-old-ruling.json")));
        var replayed = file.History.Aggregate(file.Start, (before, line) => line.Edit.Apply(before));
        Assert.Equal(JobJson.Text(file.Present), JobJson.Text(replayed));
        var (id, ruling) = Assert.Single(replayed.Rulings);
        Assert.Null(ruling.Case);
        var named = Assert.IsType<NameRuling>(Assert.Single(OldRulings.Named(replayed)));
        Assert.Equal((id, "free-length", "TooLittle"), (named.Id, ruling.Rule, named.Case));
        var job = replayed.Do(named);
        Assert.Empty(OldRulings.Named(job));
        var settled = Inspection
            .Judging.Inspector.JudgeAll(job, "bench", job.Boxes["bench"])
            .Single(f => f.Rule == ruling.Rule && f.Of == ruling.Of);
        Assert.Equal((Inspection.Verdict.Fine, id), (settled.Verdict, settled.Ruling));
    }

    [Fact]
    public void The_demo_has_three_over_full_boxes_and_two_exactly_full()
    {
        var job = Good(Demo.Bytes).Present;
        var fits = job.Boxes.Ids.Select(id => job.Fill(id).Fit).ToList();
        Assert.Equal((3, 2), (fits.Count(f => f == Fill.Fit.Over), fits.Count(f => f == Fill.Fit.ExactlyFull)));
    }

    [Fact]
    public void A_job_of_three_hundred_boxes_goes_round_byte_for_byte()
    {
        var job = BigJob.Make();
        var bytes = JobFiles.Write(new JobFile(JobFile.FormatName, 1, "big", job, job, []));
        Assert.Equal(bytes, JobFiles.Write(Good(bytes)));
    }

    [Theory]
    [InlineData("jolly-barn-job", "somebody-elses-job", "format")]
    [InlineData("\"version\": 1,", "\"version\": 99,", "version")]
    [InlineData("\"place\": \"type\"", "\"place\": \"nowhere\"", "place")]
    [InlineData("\"name\": \"Window bench\"", "\"name\": 7", "name")]
    [InlineData("\"name\": \"Window bench\"", "\"name\": \"Bent by hand\"", "history")]
    [InlineData("\"kind\": \"nm-1g-18\",", "\"kind\": \"nm-1g-18\", \"colour\": \"blue\",", "colour")]
    public void A_bad_file_is_refused_with_reason_and_place(string old, string bad, string where)
    {
        var text = Encoding.UTF8.GetString(Demo.Bytes);
        var at = text.IndexOf(old, StringComparison.Ordinal);
        Assert.True(at >= 0);
        var (file, refusal) = JobFiles.Read(Encoding.UTF8.GetBytes(string.Concat(text.AsSpan(0, at), bad, text.AsSpan(at + old.Length))));
        Assert.Null(file);
        Assert.Contains(where, refusal!.Field + refusal.Tell().Says, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(0)]
    [InlineData(1)]
    [InlineData(1000)]
    public void A_cut_file_is_refused(int length) => Assert.NotNull(JobFiles.Read(Demo.Bytes.AsSpan(0, length)).Refusal);

    [Fact]
    public void Damaged_bytes_never_throw()
    {
        var random = new Random(7);
        for (var i = 0; i < 300; i++)
        {
            var bytes = (byte[])Demo.Bytes.Clone();
            for (var k = 0; k < 3; k++)
            {
                bytes[random.Next(bytes.Length)] = (byte)random.Next(256);
            }

            var (file, refusal) = JobFiles.Read(bytes);
            Assert.True(file is null != refusal is null);
        }
    }

    [Fact]
    public void The_log_of_format_version_1_replays()
    {
        var file = Good(Demo.Bytes);
        var job = file.History.Aggregate(file.Start, (j, line) => line.Edit.Apply(j));
        Assert.Equal(JobJson.Text(file.Present), JobJson.Text(job));
        Assert.True(file.History.Count > 15);
        Assert.Equal(Job.Blank("Ferry keeper's house").Name, file.Start.Name);
    }
}
