using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Telling;
using JollyBarn.Wiring;

namespace JollyBarn.Testing;

/// <summary>Findings in words, for tests that look at what a person reads.</summary>
public static class InWords
{
    public static IReadOnlyList<ToldFinding> Told(this Job job, string box = "b") =>
        new Teller(job, box).Tell(Inspector.JudgeAll(job, box, job.Boxes[box]));

    public static ToldFinding Told(this Job job, Finding finding, string box = "b") => new Teller(job, box).Tell(finding);
}
