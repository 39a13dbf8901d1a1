using CsCheck;
using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Inspection.Supply;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Verdicts that are kept while the job changes are those of judging it from nothing: whatever kind of record changes.</summary>
public class KeptVerdictTests
{
    /// <summary>A house through many edits of every kind, each judged twice: by what is kept, and anew.</summary>
    [Fact]
    public void What_is_kept_is_what_judging_from_nothing_gives() =>
        Gen.Int[0, 100_000]
            .Sample(
                seed =>
                {
                    var edits = new RandomEdits(seed);
                    var (boxes, supply) = (new Verdicts(new BoxReports()), new SupplyVerdicts());
                    var job = House();
                    for (var i = 0; i < 60; i++)
                    {
                        var edit = i % 2 == 0 ? edits.NextOfHouse(job) : edits.Next(job);
                        if (edit.Check(job) is not null)
                        {
                            continue;
                        }

                        // Every other state is only asked about, as a preview is, and the job stays where it was.
                        var asked = edit.Apply(job);
                        Same(boxes, supply, asked, edit);
                        job = i % 4 == 3 ? job : asked;
                        Same(boxes, supply, job, edit);
                    }
                },
                iter: 10
            );

    /// <summary>Every collection a job has is changed by the edits above: a kind of record that never changes proves nothing.</summary>
    [Fact]
    public void Every_kind_of_record_is_changed_by_those_edits()
    {
        var edits = new RandomEdits(7);
        var (job, changed) = (SmallHouse.Rows(2, 2), new HashSet<string>());
        for (var i = 0; i < 3000; i++)
        {
            var edit = i % 2 == 0 ? edits.NextOfHouse(job) : edits.Next(job);
            if (edit.Check(job) is not null)
            {
                continue;
            }

            var next = edit.Apply(job);
            changed.UnionWith(
                typeof(Job).GetProperties().Where(p => !ReferenceEquals(p.GetValue(job), p.GetValue(next))).Select(p => p.Name)
            );
            job = next.Boxes.Count > 60 ? SmallHouse.Rows(2, 2) : next;
        }

        string[] read = ["Profile", "Practice", "Rulings", "Sources", "Panels", "Circuits", "Places", "Walls", "Runs", "Boxes"];
        Assert.Empty(read.Except(changed));
    }

    /// <summary>Two rows of boxes, each in a room and a wall.</summary>
    private static Job House() =>
        SmallHouse
            .Rows(2, 2)
            .Do([
                .. Enumerable.Range(0, 3).Select(i => new PutPlace($"place{i}", new Place($"Room {i}"))),
                .. Enumerable.Range(0, 3).Select(i => new PutWall($"wall{i}", new Wall($"Wall {i}", $"place{i}"))),
            ])
            is var house
            ? house.Do([
                .. house.Boxes.Ids.SelectMany((b, i) => new Edit[] { new PlaceBox(b, $"place{i % 3}"), new SetBoxWall(b, $"wall{i % 3}") }),
            ])
            : house;

    /// <summary>A judgement that is done has let go of the job.</summary>
    [Fact]
    public void What_is_done_reads_nothing_more()
    {
        var reads = new Reads(SmallHouse.Rows(1, 1));
        Assert.NotNull(reads.Profile);
        reads.Close();
        Assert.NotNull(reads.Profile);
        Assert.Throws<InvalidOperationException>(() => reads.Practice);
    }

    /// <summary>314.20: a wall that turns out to burn wants the box flush, whatever else stayed as it was.</summary>
    [Fact]
    public void A_wall_that_turns_out_to_burn_judges_the_box_in_it_anew()
    {
        static Wall Of(bool burns) => new("Wall") { Layers = [new("face", new(Known.Measured, Length.Inches(0, 1, 2)), burns)] };
        var job = Jobs.WithBox("nm-1g-18")
            .Do(
                new PutWall("w", Of(false)),
                new SetBoxWall("b", "w"),
                new NoteFact("b", Subjects.Box, WallFacts.Setback.Id, new(Known.Measured, "1/8 in", "1/8 in", "tester"))
            );
        var kept = new Verdicts(new BoxReports());
        var before = kept.Of(job, "b", job.Boxes["b"]);
        Assert.Same(before, kept.Of(job.Do(new PutPlace("p", new Place("Elsewhere"))), "b", job.Boxes["b"]));
        var burning = job.Do(new PutWall("w", Of(true)));
        Verdict Set(IReadOnlyList<Finding> found) => found.Single(f => f.Rule == "setback").Verdict;
        Assert.Equal((Verdict.Fine, Verdict.Fix), (Set(before), Set(kept.Of(burning, "b", burning.Boxes["b"]))));
    }

    /// <summary>What was not read may change; what was read may not; and after that it is read where it stands now.</summary>
    [Fact]
    public void Only_what_was_read_counts()
    {
        var job = SmallHouse.Rows(1, 2);
        var (run, circuit) = (job.Runs.Ids.First(), job.Circuits.Ids.First());
        var reads = new Reads(job);
        Assert.Same(job.Runs[run], reads.Run(run));
        var renamed = job with { Circuits = job.Circuits.With(circuit, job.Circuits[circuit] with { Note = "other" }) };
        Assert.True(reads.Hold(renamed));
        Assert.Same(renamed.Circuits[circuit], reads.Circuit(circuit));
        Assert.False(reads.Hold(job));
        Assert.False(reads.Hold(renamed with { Runs = job.Runs.Without(run) }));
    }

    private static void Same(Verdicts boxes, SupplyVerdicts supply, Job job, Edit edit)
    {
        foreach (var (id, box) in job.Boxes)
        {
            Equal(Inspector.JudgeAll(job, id, box), boxes.Of(job, id, box), edit, id);
        }

        var (circuits, panels) = (supply.Circuits(job), supply.Panels(job));
        Assert.Equal(job.Circuits.Ids, circuits.Select(c => c.Look.Id));
        foreach (var kept in circuits)
        {
            Equal(SupplyVerdicts.Judge(new CircuitLook(job, kept.Look.Id)), kept.Findings, edit, kept.Look.Id);
        }

        foreach (var kept in panels)
        {
            Equal(SupplyVerdicts.Judge(new PanelLook(job, kept.Look.Id)), kept.Findings, edit, kept.Look.Id);
        }
    }

    private static void Equal(IReadOnlyList<Finding> fresh, IReadOnlyList<Finding> kept, Edit edit, string of)
    {
        static IEnumerable<string> Text(IReadOnlyList<Finding> found) =>
            found.Select(f => $"{f.Key} {f.Verdict} {f.Case} {f.Details} {f.Ruling} {string.Join(',', f.Ids)}");
        Assert.True(Text(fresh).SequenceEqual(Text(kept)), $"{of} after {edit.GetType().Name}: {edit}");
    }
}
