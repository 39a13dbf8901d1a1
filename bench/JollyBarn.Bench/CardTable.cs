using System.Diagnostics;
using System.Text;
using JollyBarn.Edits;
using JollyBarn.Making;
using JollyBarn.OpenFile;
using JollyBarn.Telling.Making;
using JollyBarn.Testing;
using JollyBarn.Web.Printed;
using JollyBarn.Wiring;

namespace JollyBarn.Bench;

/// <summary>Make-up cards: how long one takes, and five hundred generated Changes walked to their end; a hand-over of forty
/// boxes.</summary>
internal static class CardTable
{
    private const int Walks = 500;
    private const string At = "2026-10-01T08:00:00Z";

    public static void Print(string demo)
    {
        Console.WriteLine("| | Median, ms | 95th percentile, ms | |");
        Console.WriteLine("|---|---|---|---|");
        var (made, leads, devices) = Largest();
        Row($"card of a box of {leads} leads, {devices} devices, made from nothing", 200, () =>
            MakeUpCard.Of(made, "plan", "n", "Ines", At)
        );
        var job = JobFiles.Read(File.ReadAllBytes(demo)).File!.Present;
        Row("the same in words, the demo's type store", 200, () =>
            ToldCard.Tell(job, "bench-row", MakeUpCard.Of(job, "bench-row", "type-door", "Ines", At))
        );
        Row("readings of that box with every likely slip", 20, () => ExpectedTests.Of(ChangeWork.Planned(job, "bench-row"), "type-door"));
        Row("stages of that Change", 50, () => StagePlan.Of(job, "bench-row", "Ines", At));
        Row("outage over all Changes of the demo, two hands", 20, () => Outage.Of(job, 2, "Ines", At));
        Handover(job);
        Walked();
    }

    /// <summary>The boxes of the demo handed over, forty of them.</summary>
    private static void Handover(Job job)
    {
        ToldHandover Forty() =>
            ToldHandover.Tell(job, "upstairs") with
            {
                Boxes = [.. job.Boxes.Ids.Take(40).Select(b => new ToldHandedBox(ToldBoxCard.Tell(job, b), [], [], 0, Proved(job, b)))],
            };
        var size = 0;
        Row("PDF of a hand-over of 40 boxes", 5, () => size = Page.Pdf("all", HandoverPages.Of(Forty())).Length, () => $"{size / 1024} kB");
        Row("HTML of the same", 5, () => size = Encoding.UTF8.GetByteCount(HandoverPack.Of(Forty())), () => $"{size / 1024} kB");
    }

    /// <summary>What the readings of a box say of it, as the hand-over asks.</summary>
    private static ToldTested Proved(Job job, Id<Box> box) =>
        ToldTested.Of(TestsTaken.Of(job, "upstairs", box, ExpectedTests.Of(job, box, slips: false)));

    /// <summary>The generated box with most leads, laid anew as a plan.</summary>
    private static (Job Job, int Leads, int Devices) Largest()
    {
        var from = Enumerable.Range(1, 120).Select(SomeBoxes.Make).MaxBy(j => (j.Boxes["b"].Devices.Count, j.Boxes["b"].Leads.Count))!;
        var plan = from.Do(new OpenChange("plan", "Plan"), new PlanEdit("plan", "p", new CopyBox("b", "n", "New")));
        return (plan, from.Boxes["b"].Leads.Count, from.Boxes["b"].Devices.Count);
    }

    private static void Walked()
    {
        var (steps, differ, open) = (0, 0, 0);
        for (var seed = 1; seed <= Walks; seed++)
        {
            var job = PlannedBoxes.Make(seed);
            foreach (var box in ChangeWork.Planned(job, "plan").Boxes.Ids)
            {
                var walk = new CardWalk("plan");
                job = walk.Through(job, box);
                steps += walk.Walked.Count;
                differ += walk.Differences(job, box).Count;
                open += walk.Steps(job, box).Count;
            }
        }

        Console.WriteLine();
        Console.WriteLine(
            $"{Walks} generated Changes, {steps} steps done one by one: {differ} differences from the plan, {open} steps left."
        );
    }

    private static void Row(string name, int times, Action act, Func<string>? says = null)
    {
        act();
        var each = new List<double>();
        for (var i = 0; i < times; i++)
        {
            var from = Stopwatch.GetTimestamp();
            act();
            each.Add(Stopwatch.GetElapsedTime(from).TotalMilliseconds);
        }

        each.Sort();
        Console.WriteLine(
            FormattableString.Invariant(
                $"| {name} | {each[each.Count / 2]:0.0} | {each[(int)(each.Count * 0.95)]:0.0} | {says?.Invoke()} |"
            )
        );
    }
}
