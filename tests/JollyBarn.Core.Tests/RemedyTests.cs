using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Measures;
using JollyBarn.Planning.Remedies;
using JollyBarn.Telling;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using static JollyBarn.Testing.RuleBoxes;

namespace JollyBarn.Core.Tests;

/// <summary>Remedies with the amounts one would work out on the back of a box lid. Limits are those named in <see cref="RuleCases"/>; parts
/// are common practice.</summary>
public class RemedyTests
{
    /// <summary>One verdict and what is to be done about it.</summary>
    /// <param name="How">How the amount comes about.</param>
    public sealed record Case(string Rule, string Box, string Of, string Says, string How, params Edit[] Edits);

    /// <summary>Two breakers of one pole on the circuit of the multiwire box, in slot 1 and another.</summary>
    private static PutPanel TwoPoles(int other) =>
        new(
            "p",
            new Panel("Panel", SupplySystem.SplitPhase, 20, 100, "s")
            {
                Breakers = [new(1, 1, 20, BreakerKind.Standard, "c"), new(other, 1, 20, BreakerKind.Standard, "c")],
            }
        );

    private static readonly IReadOnlyList<Case> Cases =
    [
        new("setback", "metal", "box", "extender. By 1 3/8 in.", "as far as it is behind the face", Note("box", "setback", "1 3/8")),
        new("proud", "metal", "box", "back to the face. By 3/8 in.", "as far as it stands out", Note("box", "proud", "3/8")),
        new("gap", "metal", "box", "Fill the gap to the box. By 1/2 in.", "the whole gap", Note("box", "gap", "1/2")),
        new("sheath", "metal", "r0.a", "Pull 3/16 in more cable in, so that 1/4 in", "1/4 − 1/16", Note("r0.a", "sheath", "1/16")),
        new("sheath", "metal", "r0.a", "Pull 1/4 in more cable in, so that 1/4 in", "it ends outside", Note("r0.a", "sheath", "0")),
        new("sheath-long", "metal", "r0.a", "Trim 1 1/2 in of sheath.", "2 1/2 − 1", Note("r0.a", "sheath", "2 1/2")),
        new(
            "slack",
            "metal",
            "r0.a",
            "first support 6 in nearer",
            "24 − 18, 334.30",
            Note("r0.a", "slack", "24"),
            Note("r0.a", "fastener", "8")
        ),
        new("fastener", "metal", "r0.a", "A fastener within 12 in", "334.30", Note("r0.a", "fastener", "20")),
        new(
            "fastener",
            "metal",
            "r0.a",
            "A fastener within 9 in",
            "a local amendment of 334.30",
            Note("r0.a", "fastener", "20"),
            Amended("cable.fastener", 9)
        ),
        new(
            "spacing",
            "metal",
            "r0.a",
            "Fasteners every 54 in",
            "4 1/2 ft, 334.30",
            Note("r0.a", "spacing", "70"),
            Note("r0.a", "fastener", "8")
        ),
        new(
            "buried",
            "buried",
            "r0.a",
            "Lower it by 8 in, to 24 in.",
            "24 − 16, Table 300.5",
            Note("r0.a", "buried", "16"),
            Note("r0.a", "cover", "soil"),
            Note("box", "gfci-ahead", "no")
        ),
        new(
            "entry-open",
            "blank",
            "hole",
            "A 3/4 in knockout plug.",
            "its own size",
            new AddEntry("b", "hole", EntrySide.Left, EntryState.Open, Size: "3/4")
        ),
        new(
            "cable-held",
            "gfci",
            "feed.a",
            "Fasten the cable within 8 in along the sheath.",
            "314.17(C) exception",
            Note("feed.a", "fastener", "10")
        ),
        new("free-length", "gfci", "safe.a0", "Pull 3 1/2 in more cable in", "8 − 4 1/2, practice", Note("safe.a0", "length", "4 1/2")),
        new(
            "free-length",
            "gfci",
            "safe.a0",
            "Join 12 AWG black of 8 in on",
            "the house's pigtail, of the lead's gauge and colour",
            Note("safe.a0", "length", "4 1/2")
        ),
        new(
            "free-length",
            "gfci",
            "safe.a0",
            "Join 12 AWG black of 9 in on",
            "a house that cuts 9",
            Note("safe.a0", "length", "4 1/2"),
            new SetPractice(PracticeBook.PigtailLength.Key, "9")
        ),
        new("pigtail-gauge", "metal", "t0", "A 12 AWG pigtail of 8 in", "20 A, 240.4(D)", Tail(14)),
        new("pigtail-gauge", "metal", "t0", "A 10 AWG pigtail of 8 in", "30 A, 240.4(D)", Tail(12), Breaker(30)),
        new("pigtail-gauge", "metal", "t0", "A 15 A breaker in slot 1", "what 14 may carry", Tail(14)),
        new("wire-breaker", "switch", "r0.a", "A 15 A breaker in slot 1", "what 14 may carry", Breaker(20)),
        new("wire-breaker", "metal", "r0.a", "A 20 A breaker in slot 1", "what 12 may carry", Breaker(30)),
        new("rating", "metal", "r", "a receptacle of 20 A", "210.21(B)(3)", Note("r", "rating", "30")),
        new(
            "joint-connector",
            "metal",
            "hots",
            "A medium twist-on for its 3 conductors.",
            "two cables and a pigtail",
            new SetJoint("b", "hots", "bare", "hots")
        ),
        new(
            "joint-connector",
            "metal",
            "hots",
            "A three-port lever connector for its 3 conductors.",
            "a port each",
            new SetJoint("b", "hots", "bare", "hots")
        ),
        new(
            "entry-size",
            "range",
            "r0.a",
            "Punch the knockout out to 3/4 in",
            "a 3/4 in connector takes 6-3",
            new SetEntry("b", "k0", Holding: Holding.OutsideConnector, Size: "1/2")
        ),
        new(
            "gfci",
            "two-legs",
            "r",
            "A two-pole ground-fault breaker",
            "practice: two single-pole ones on a shared neutral see each other's current as a leak",
            [TwoPoles(3), .. Room("bathroom")]
        ),
        new(
            "multiwire-tied",
            "two-legs",
            "on.a",
            "Move breaker 8 to slot 3, next to breaker 1",
            "210.4(B): a tie joins neighbours, two slots on one side",
            TwoPoles(8)
        ),
        new(
            "box-bonded",
            "metal",
            "box",
            "A bare 12 AWG pigtail",
            "from the grounds, so that the receptacle can come off",
            [
                new RemoveCable("b", "r1"),
                new RemovePigtail("b", "t2"),
                new RemovePigtail("b", "bond"),
                new MoveLead("b", "r0.a2", GfciBox.At("ground/screw", "r")),
                new AddPigtail("b", "bond", GfciBox.At("ground/screw", "r"), new(LandingAt.BondingScrew)),
            ]
        ),
        new("joint-near", "gfci", "hots", "A large twist-on for its 3 conductors.", "three 12 AWG are the most of a medium"),
        new(
            "joint-connector",
            "joints",
            "hots",
            "Two joints and a jumper of 8 in: 3 conductors go to the second.",
            "six, half to each",
            [.. More("r3"), .. More("r4"), .. More("r5"), new SetJoint("b", "hots", "bare", "hots")]
        ),
        new(
            "box-bonded",
            "metal",
            "box",
            "A bare 12 AWG pigtail, 8 in, from the grounds to a 10-32 screw",
            "the largest ground in the box",
            new RemovePigtail("b", "bond")
        ),
        new(
            "device-bonded",
            "metal",
            "r",
            "A ground pigtail, 8 in, from the grounds to the duplex receptacle.",
            "the house's pigtail",
            new RemovePigtail("b", "t2"),
            Note("r", "self-ground", "no")
        ),
        new(
            "landing",
            "metal",
            "r0.a2",
            "Join the 2, with a pigtail of 8 in to the ground.",
            "one to a screw, 110.14(A)",
            new RemovePigtail("b", "t2"),
            new MoveLead("b", "r0.a2", GfciBox.At("ground/screw", "r")),
            new MoveLead("b", "r1.a2", GfciBox.At("ground/screw", "r"))
        ),
        new(
            "neutrals-apart",
            "joints",
            "neutrals",
            "Part the neutrals: cap the white of",
            "one neutral of another circuit",
            new PutCircuit("d", new Circuit("Lights")),
            new SetRun("r2", Circuit: "d")
        ),
        new(
            "neutrals-apart",
            "joints",
            "neutrals",
            "Part the neutrals: the 2 of Lights to a joint of their own",
            "two neutrals of another circuit",
            new AddCable("b", "r3", "k3", Jobs.Nm(12, 2)),
            new MoveLead("b", "r3.a1", GfciBox.In("neutrals")),
            new PutCircuit("d", new Circuit("Lights")),
            new SetRun("r2", Circuit: "d"),
            new SetRun("r3", Circuit: "d")
        ),
        new("plate-bonded", "two-wire", "box", "Put on a plate of plastic", "406.6(B)", Note("box", "plate-metal", "yes")),
    ];

    public static IEnumerable<TheoryDataRow<int>> All() =>
        Cases.Select((c, i) => new TheoryDataRow<int>(i) { TestDisplayName = $"{i}: {c.Rule}, {c.How}" });

    [Theory]
    [MemberData(nameof(All))]
    public void It_says_what_to_do_and_by_how_much_and_doing_it_settles_the_verdict(int number)
    {
        var one = Cases[number];
        var job = RuleBoxes.Make(one.Box).Do(one.Edits);
        var found = Assert.Single(Inspector.JudgeAll(job, "b", job.Boxes["b"]), f =>
            f.Rule == one.Rule && f.Of == one.Of && f.Verdict is (Verdict.Stop or Verdict.Fix or Verdict.Better)
        );
        var answer = Told(job, found);
        var remedy = answer.Remedies.FirstOrDefault(r => r.Says.Contains(one.Says, StringComparison.Ordinal));
        Assert.True(
            remedy is not null,
            $"{one.Rule}, {one.How}: {string.Join(" | ", answer.Remedies.Select(r => r.Says))} {answer.WhyNone}"
        );
        Assert.Null(remedy.Edit.Check(job));
        var after = remedy.Edit.Apply(job);
        Assert.DoesNotContain(Inspector.JudgeAll(after, "b", after.Boxes["b"]), f =>
            f.Rule == one.Rule && f.Of == found.Of && (f.Verdict is Verdict.Stop or Verdict.Fix || f.Verdict == found.Verdict)
        );
    }

    /// <summary>A rule nothing here can settle says with amounts what it wants.</summary>
    [Theory]
    [InlineData("wall-spacing", "metal", "box", "no point is over 72 in from one", "wall-next", "200")]
    [InlineData("weight", "ceiling", "l", "one 5 lb lighter", "weight", "55")]
    [InlineData("weight", "fan", "l", "one 10 lb lighter", "weight", "80")]
    public void Where_there_is_no_remedy_it_says_what_is_wanted(string rule, string box, string of, string says, string key, string value)
    {
        var job = RuleBoxes.Make(box).Do(Note(of, key, value));
        var answer = Told(job, Inspector.JudgeAll(job, "b", job.Boxes["b"]).Single(f => f.Rule == rule && f.Verdict == Verdict.Fix));
        Assert.Empty(answer.Remedies);
        Assert.Contains(says, answer.WhyNone, StringComparison.Ordinal);
    }

    /// <summary>A pigtail reaches 3 in past the opening from the back of the box: in one 3 1/2 in deep a house of 6 cuts 7.</summary>
    [Theory]
    [InlineData("6", "7 in")]
    [InlineData("8", "8 in")]
    [InlineData("9", "9 in")]
    public void A_pigtail_is_never_cut_shorter_than_it_must_reach(string house, string cut)
    {
        var job = RuleBoxes.Make("metal").Do(new RemovePigtail("b", "bond"), new SetPractice(PracticeBook.PigtailLength.Key, house));
        var remedy = Told(
            job,
            Inspector.JudgeAll(job, "b", job.Boxes["b"]).Single(f => f is { Rule: "box-bonded", Verdict: Verdict.Fix })
        ).Remedies[0];
        Assert.Contains($"pigtail, {cut},", remedy.Says, StringComparison.Ordinal);
        var made = ((Batch)remedy.Edit).Edits.OfType<AddPigtail>().Single();
        Assert.Equal(Length.Parse(cut), made.Length!.OrNull);
    }

    /// <summary>314.16: what would do instead fits by its own arithmetic: 8 conductors of 12, a ground and a device want 22.5 −
    /// 2.25.</summary>
    [Fact]
    public void What_would_do_instead_of_a_full_box_fits()
    {
        var job = RuleBoxes.Make("gfci").Do(new SetBoxKind("b", "nm-1g-14"));
        var fix = Inspector.JudgeAll(job, "b", job.Boxes["b"]).Single(f => f is { Rule: "fill", Verdict: Verdict.Fix });
        var remedies = Told(job, fix).Remedies;
        Assert.Contains(remedies, r => r.Says.StartsWith("One-gang nonmetallic, 22.5 in³: 2.25 in³ left", StringComparison.Ordinal));
        foreach (var remedy in remedies)
        {
            var after = remedy.Edit.Apply(job);
            var fill = Fill.BoxReports.Make(after, after.Boxes["b"]).Fill;
            Assert.True(fill.Needed.High <= fill.Available.Low, remedy.Says);
        }
    }

    private static ToldRemedies Told(Job job, Finding found) => RemedyTeller.Tell(job, "b", RemedyList.Weigh(job, "b", found));

    private static Edit[] More(string run) =>
        [new AddCable("b", run, "k" + run, Jobs.Nm(12, 2)), new MoveLead("b", run + ".a0", GfciBox.In("hots"))];

    private static SetProfile Amended(string key, decimal inches) =>
        new SetProfile(CodeProfile.Default with { Amendments = [new Amendment(key, "local", inches)] });

    private static SetPigtail Tail(int gauge) =>
        new SetPigtail("b", "t0", "black", new Fact<Length>(Known.Measured, Length.Inches(8)), Gauge.Awg(gauge), ConductorUse.Hot);

    private static PutPanel Breaker(int amperes) =>
        new PutPanel(
            "panel",
            new Panel("Panel", SupplySystem.SplitPhase, 20) { Breakers = [new Breaker(1, 1, amperes, BreakerKind.Standard, "c", "it")] }
        );
}
