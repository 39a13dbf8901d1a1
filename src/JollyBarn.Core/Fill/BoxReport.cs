using System.Runtime.CompilerServices;
using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Fill;

/// <summary>Everything fill says of one box, save the search for something else.</summary>
public sealed record BoxReport(FillAnswer Fill, CrowdAnswer Crowding, IReadOnlyList<DepthLine> Depth, IReadOnlyList<Addition> StillFits);

/// <summary>Reports kept as long as the box, profile and practice they were made from live; nothing is cached in the records
/// themselves.</summary>
public sealed class BoxReports
{
    private readonly ConditionalWeakTable<Box, Entry> kept = [];

    public FillAnswer FillOf(Job job, Box box) => For(job, box).Fill;

    public BoxReport ReportOf(Job job, Box box)
    {
        var entry = For(job, box);
        return entry.Report ??= Make(job, box, entry.Input, entry.Fill);
    }

    /// <summary>A report made anew, without keeping it.</summary>
    public static BoxReport Make(Job job, Box box)
    {
        var input = FillOfBox.Read(box, job.Profile);
        return Make(job, box, input, BoxFill.Evaluate(input, job.Profile, job.Practice));
    }

    private static BoxReport Make(Job job, Box box, FillInput input, FillAnswer fill) =>
        new(
            fill,
            Crowding.Judge(box, input, job.Practice),
            BoxDepth.Judge(box, input, job.Profile),
            Fill.StillFits.Try(input, job.Profile, job.Practice)
        );

    private Entry For(Job job, Box box)
    {
        if (
            kept.TryGetValue(box, out var entry)
            && ReferenceEquals(entry.Profile, job.Profile)
            && ReferenceEquals(entry.Practice, job.Practice)
        )
        {
            return entry;
        }

        var input = FillOfBox.Read(box, job.Profile);
        var made = new Entry(job.Profile, job.Practice, input, BoxFill.Evaluate(input, job.Profile, job.Practice));
        kept.AddOrUpdate(box, made);
        return made;
    }

    private sealed record Entry(CodeProfile Profile, HousePractice Practice, FillInput Input, FillAnswer Fill)
    {
        public BoxReport? Report { get; set; }
    }
}
