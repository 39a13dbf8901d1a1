using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <content>What the office accepted.</content>
public partial class RuleTests
{
    [Fact]
    public void A_ruling_settles_the_verdict_it_was_about_and_no_other()
    {
        var job = RuleBoxes
            .Make("gfci")
            .Do(
                RuleBoxes.Note("feed.a0", "length", "4"),
                RuleBoxes.Note("feed.a0", "path", "12"),
                new SetProfile(CodeProfile.Default with { Edition = Edition.Nec2020 })
            );
        var asked = All(job).Single(f => f is { Rule: "free-length", Of: "feed.a0" });
        var settled = job.Do(
            new RecordRuling(
                "r",
                new Ruling(
                    "b",
                    asked.Rule,
                    asked.Of,
                    "as it read",
                    "Does the path through a joint count?",
                    "the office",
                    "2026-10-02",
                    asked.Case,
                    asked.Details.ToString()
                )
            )
        );
        Assert.Equal(
            (Verdict.Fine, "r"),
            (
                All(settled).Single(f => f is { Rule: "free-length", Of: "feed.a0" }).Verdict,
                All(settled).Single(f => f is { Rule: "free-length", Of: "feed.a0" }).Ruling
            )
        );
        var shorter = settled.Do(RuleBoxes.Note("feed.a0", "path", "7"));
        Assert.Equal(Verdict.Better, All(shorter).Single(f => f is { Rule: "free-length", Of: "feed.a0" }).Verdict);
        var stop = RuleBoxes.Make("metal").Do(RuleBoxes.Note("hots", "tight", "no"));
        var hurts = All(stop).Single(f => f.Verdict == Verdict.Stop);
        Assert.Contains(
            All(
                stop.Do(
                    new RecordRuling(
                        "r",
                        new Ruling(
                            "b",
                            hurts.Rule,
                            hurts.Of,
                            "as it read",
                            "May it stay?",
                            "somebody",
                            "2026-10-02",
                            hurts.Case,
                            hurts.Details.ToString()
                        )
                    )
                )
            ),
            f => f.Verdict == Verdict.Stop
        );
    }
}
