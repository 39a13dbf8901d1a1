using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Telling;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Findings are cases; sentences are made of them at the end, in one place.</summary>
public class TellingTests
{
    private static readonly string[] Shared = Enum.GetNames<Usual>();

    public static TheoryData<string> Rules() => [.. Inspector.All.Select(r => r.Id)];

    /// <summary>A case without words would be shown by its name; words without a case are never said.</summary>
    [Theory]
    [MemberData(nameof(Rules))]
    public void Each_case_of_a_rule_has_words_and_no_words_are_left_over(string id)
    {
        var rule = Inspector.Find(id)!.GetType();
        var cases = new[] { rule, rule.BaseType! }
            .Select(t => t.GetNestedType("Case"))
            .OfType<Type>()
            .SelectMany(Enum.GetNames)
            .Distinct()
            .ToList();
        var words = Teller.Cases(id).ToList();
        Assert.Equal([], cases.Except(words).Where(c => c != nameof(Usual.Ask)));
        Assert.Equal([], words.Except(cases).Except(Shared));
        Assert.NotEqual(id, Teller.RuleName(id));
    }

    [Fact]
    public void Every_verdict_on_every_case_reads_as_a_whole_sentence_with_its_details_in_it()
    {
        foreach (var one in RuleCases.All)
        {
            var job = RuleBoxes.Make(one.Box).Do(one.Edits);
            Assert.All(job.Told(), f => Assert.Matches(@"^[A-Z0-9""].*[.?]$", f.Says));
            Assert.All(job.Told(), f => Assert.DoesNotMatch(@"[{}]|  | ,|: ;|\bCase\b|^[a-z-]+:", f.Says + f.Sum + f.Mend));
        }
    }

    [Fact]
    public void A_ruling_of_an_earlier_program_is_found_again_by_what_it_said_then_and_goes_by_its_case()
    {
        var job = RuleBoxes
            .Make("gfci")
            .Do(
                RuleBoxes.Note("feed.a0", "length", "4"),
                RuleBoxes.Note("feed.a0", "path", "12"),
                new SetProfile(CodeProfile.Default with { Edition = Edition.Nec2020 })
            );
        const string then =
            "Black of the cable from the pantry reaches 12 in only through its joint. NEC 2020 does not say whether that counts: "
            + "ask the office, and record its ruling.";
        var old = job.Do(
            new RecordRuling("r", new Ruling("b", "free-length", "feed.a0", then, "Does it count?", "the office", "2025-03-01"))
        );
        Assert.Equal(Verdict.Better, Of(old).Verdict);
        var edit = Assert.Single(OldRulings.Named(old));
        var named = old.Do(edit);
        Assert.Equal((Verdict.Fine, "r"), (Of(named).Verdict, Of(named).Ruling));
        Assert.Empty(OldRulings.Named(named));
        Assert.Contains("Accepted by the office, 2025-03-01.", named.Told(Of(named)).Says, StringComparison.Ordinal);
    }

    [Fact]
    public void A_name_given_anew_unsettles_no_ruling()
    {
        var job = RuleBoxes
            .Make("gfci")
            .Do(
                RuleBoxes.Note("feed.a0", "length", "4"),
                RuleBoxes.Note("feed.a0", "path", "12"),
                new SetProfile(CodeProfile.Default with { Edition = Edition.Nec2020 })
            );
        var asked = Of(job);
        var settled = job.Do(
            new RecordRuling(
                "r",
                new Ruling(
                    "b",
                    asked.Rule,
                    asked.Of,
                    job.Told(asked).Says,
                    "Does it count?",
                    "the office",
                    "2026-03-01",
                    asked.Case,
                    asked.Details.ToString()
                )
            ),
            new NameCable("b", "feed", RunSide.A, "from the old forge", Feeds.FeedsIn)
        );
        Assert.Equal(Verdict.Fine, Of(settled).Verdict);
        Assert.Contains("old forge", settled.Told(Of(settled)).Says, StringComparison.Ordinal);
    }

    /// <summary>NEC 2020, from memory: 334.30 limits the cable before its first support from this edition on; before it the book has no
    /// such number.</summary>
    [Fact]
    public void A_number_the_edition_does_not_have_is_not_asked()
    {
        var long_ = RuleBoxes.Make("metal").Do(RuleBoxes.Note("r0.a", "fastener", "10"), RuleBoxes.Note("r0.a", "slack", "30"));
        Assert.Contains(long_.Told(), f => f is { Rule: "slack", Verdict: Verdict.Fix });
        Assert.DoesNotContain(long_.Do(new SetProfile(CodeProfile.Default with { Edition = Edition.Nec2017 })).Told(), f =>
            f.Rule == "slack"
        );
    }

    [Fact]
    public void Details_are_the_same_when_their_names_and_values_are()
    {
        Details Made(decimal at) => Details.Of([("at", at), ("lead", Thing.Lead("r0.a0")), ("circuits", (Thing[])[Thing.Circuit("c")])]);
        Assert.Equal(Made(2.50m), Made(2.5m));
        Assert.NotEqual(Made(2.5m), Made(2.51m));
        Assert.Equal("at=2.5;lead=Lead:r0.a0;circuits=Circuit:c", Made(2.5m).ToString());
    }

    private static Finding Of(Job job) =>
        Inspector.JudgeAll(job, "b", job.Boxes["b"]).Single(f => f is { Rule: "free-length", Of: "feed.a0" });
}
