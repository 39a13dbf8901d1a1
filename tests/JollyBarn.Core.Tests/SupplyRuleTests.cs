using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Inspection.Rules;
using JollyBarn.Inspection.Supply;
using JollyBarn.Telling;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;
using static JollyBarn.Inspection.Verdict;

namespace JollyBarn.Core.Tests;

/// <summary>Rules of circuits and panels, on small houses: a panel, a junction box <c>j</c> and a receptacle <c>r</c> in box <c>b</c>
/// behind it, 30 ft and 20 ft of 14-2 on 15 A.</summary>
public partial class SupplyRuleTests
{
    /// <summary>One case: what is done to the house, and what the rule says of one thing.</summary>
    /// <param name="Source">Where the expectation comes from: an article of the NEC, from memory, or common practice.</param>
    public sealed record Case(string Rule, string Of, Verdict? Verdict, string Source, params Edit[] Edits)
    {
        public Job House { get; init; } = SmallHouse.Receptacle();

        /// <summary>Which of the rule's cases it is; null where the verdict says enough.</summary>
        public string? Which { get; init; }
    }

    public static IEnumerable<TheoryDataRow<int>> Numbers() =>
        Cases.Select(
            (c, i) => new TheoryDataRow<int>(i) { TestDisplayName = $"{i}: {c.Rule} {c.Verdict?.ToString() ?? "nothing"}: {c.Source}" }
        );

    [Theory]
    [MemberData(nameof(Numbers))]
    public void A_rule_says_what_the_article_says(int number)
    {
        var one = Cases[number];
        var found = All(one.House.Do(one.Edits)).Where(f => f.Rule == one.Rule && f.Of == one.Of).ToList();
        Assert.True(
            (one.Verdict is null && found.Count == 0) || (found.Count == 1 && found[0].Verdict == one.Verdict),
            $"{one.Rule}, {one.Source}: {(found.Count == 0 ? "nothing" : string.Join("; ", found.Select(f => $"{f.Verdict} {f.Key}")))}"
        );
        Assert.True(one.Which is null || one.Which == found[0].Case, $"{one.Rule}, {one.Source}: {found.FirstOrDefault()?.Key}");
        Assert.True(found.Count == 0 || found[0].Verdict != Stop || new Teller(one.House, "c").Tell(found[0]).Now.Count >= 2);
    }

    [Fact]
    public void Every_rule_of_circuits_and_panels_has_a_case_that_finds_something()
    {
        string[] elsewhere = ["hots-apart", "neutrals-joined", "together"];
        var found = Cases.Where(c => c.Verdict is Stop or Fix or Better or Measure).Select(c => c.Rule).Concat(elsewhere);
        Assert.Empty(SupplyRules.Circuits.Select(r => r.Id).Concat(SupplyRules.Panels.Select(r => r.Id)).Except(found));
        Assert.Equal(Inspector.All.Count(), Inspector.All.Select(r => r.Id).Distinct().Count());
        Assert.All(Inspector.All, r => Assert.Matches("^[A-Z].*[.]$", Teller.RuleWhy(r.Id)));
    }

    /// <summary>domain.md 2: replacing an unknown by a value never changes a verdict that was already decided.</summary>
    [Fact]
    public void An_answer_never_changes_what_was_decided()
    {
        var asked = 0;
        foreach (var job in Cases.Select(c => c.House.Do(c.Edits)).Where(j => j.Circuits.Has("c") && j.Boxes.Has("b")))
        {
            var before = All(job);
            foreach (var ask in before.SelectMany(f => f.Asks).Concat(Unasked(job)).Distinct())
            {
                foreach (var answer in ask.Fact.Type == FactType.Number ? ["0", "600", "1500", "3000"] : ask.Fact.Answers)
                {
                    var fact = new Observation(Known.Measured, answer);
                    Edit edit =
                        ask.Box is { } box ? new NoteFact(box, ask.Of, ask.Fact.Id, fact)
                        : ask.Of == Subjects.Circuit ? new NoteCircuit("c", ask.Fact.Id, fact)
                        : new NotePanel("p", ask.Of, ask.Fact.Id, fact);
                    asked++;
                    var after = All(job.Do(edit));
                    Assert.All(
                        before.Where(f =>
                            f.Verdict != Measure && (f.Verdict != Fine || after.Exists(a => a.Rule == f.Rule && a.Of == f.Of))
                        ),
                        f =>
                            Assert.True(
                                after.Exists(a => a.Rule == f.Rule && a.Of == f.Of && a.Verdict == f.Verdict),
                                $"{f.Rule} of {f.Of} was {f.Verdict} ({f.Key}); after {ask.Fact} = {answer}: "
                                    + $"{after.Find(a => a.Rule == f.Rule && a.Of == f.Of)?.Key}"
                            )
                    );
                }
            }
        }

        Assert.True(asked > 1000, $"{asked} answers tried");
    }

    /// <summary>Facts nobody knows and nobody asked for, of the panel, its breakers and what hangs on the circuit. What a breaker reads is
    /// known once its words are recorded; a circuit nobody said the purpose of is taken for a common one, and for one that feeds nothing
    /// straight from the panel.</summary>
    private static IEnumerable<FactAsked> Unasked(Job job)
    {
        var panel = job.Panels["p"];
        bool Open(ById<string, Observation>? facts, FactKey key) => facts?.Find(key.Id) is null;
        foreach (var kind in FactKeys.All)
        {
            var asks = kind.Of switch
            {
                FactOf.Panel when Open(panel.Noted.Find(Subjects.Panel)?.Facts, kind) => [new(Subjects.Panel, kind)],
                FactOf.Breaker => panel
                    .Breakers.Where(b => kind != SupplyFacts.Written || b.Says is null)
                    .Select(b => b.Key)
                    .Where(b => Open(panel.Noted.Find(b)?.Facts, kind))
                    .Select(b => new FactAsked(b, kind)),
                FactOf.Device when kind.Id.StartsWith("load", StringComparison.Ordinal) => job.Boxes["b"]
                    .Devices.Ids.Where(d => job.Boxes["b"].Fact(d, kind.Id) is null)
                    .Select(d => new FactAsked(d, kind, "b")),
                _ => Array.Empty<FactAsked>().AsEnumerable(),
            };
            foreach (var ask in asks)
            {
                yield return ask;
            }
        }
    }

    /// <summary>NEC 300.3(B): the neutral of a receptacle goes back by another cable of the circuit than its hot came by.</summary>
    [Fact]
    public void A_neutral_that_goes_back_another_way_than_its_hot_came_is_found_by_the_currents()
    {
        // Two cables from the panel into the junction box; the hot by one, the neutral by the other.
        var job = SmallHouse
            .Receptacle()
            .Do([
                .. AtPanel,
                new AddCable("j", "second", "k3", Jobs.Nm(14, 2), EntrySide.Top, null, "from the panel too", Feeds.FeedsIn),
                new SetRun("second", Circuit: "c", Length: SmallHouse.Feet(30)),
                new EndAtPanel("second", RunSide.B, "p"),
                new MoveLead("j", "feed.a1", new Landing(LandingAt.Loose)),
                new MoveLead("j", "second.a1", GfciBox.In("neutrals")),
                new MoveLead("j", "second.a0", new Landing(LandingAt.Cap)),
                new MoveLead("j", "second.a2", GfciBox.In("grounds")),
            ]);
        Assert.Equal(
            ["feed", "second"],
            All(job).Where(f => f is { Rule: "together", Verdict: Fix }).Select(f => f.Of).Order(StringComparer.Ordinal)
        );
    }

    /// <summary>NEC 210.8(A): a protective receptacle in the junction box protects what hangs on its load side.</summary>
    [Fact]
    public void Protection_upstream_is_seen_through_the_wiring()
    {
        var job = SmallHouse
            .Receptacle()
            .Do([.. AtPanel, .. Bathroom, new AddPart("j", "ring", "ring-4-1g-1/2"), new AddDevice("j", "g", "protective", 1)]);
        job = job.Do(
            new MoveLead("j", "feed.a0", GfciBox.At("line-hot/plate", "g")),
            new MoveLead("j", "feed.a1", GfciBox.At("line-neutral/plate", "g")),
            new MoveLead("j", "on.a0", GfciBox.At("load-hot/plate", "g")),
            new MoveLead("j", "on.a1", GfciBox.At("load-neutral/plate", "g"))
        );
        Assert.Equal(Fine, Of(job).Verdict);
        var fed = job.Do(
            new MoveLead("j", "on.a0", GfciBox.At("line-hot/plate", "g")),
            new MoveLead("j", "on.a1", GfciBox.At("line-neutral/plate", "g"))
        );
        Assert.Equal(Fix, Of(fed).Verdict);

        // With the neutral alone moved over, one conductor goes each way.
        var half = job.Do(new MoveLead("j", "on.a1", GfciBox.At("line-neutral/plate", "g")));
        Assert.True(Of(half).Is("gfci", GfciByPlace.Case.Bypassed));

        static Finding Of(Job house) => Inspector.JudgeAll(house, "b", house.Boxes["b"]).Single(f => f.Rule == "gfci");
    }

    [Fact]
    public void What_is_kept_of_circuits_and_panels_is_what_judging_anew_gives()
    {
        var edits = new RandomEdits(11);
        var kept = new SupplyVerdicts();
        var job = Job.Blank("j")
            .Do(
                new PutPlace("p", new Place("Room")),
                new PutCircuit("c", new Circuit("Circuit")),
                new PutPanel(
                    "panel",
                    new Panel("Panel", SupplySystem.SplitPhase, 20) { Breakers = [new Breaker(1, 1, 15, BreakerKind.Standard, "c")] }
                )
            );
        for (var i = 0; i < 300; i++)
        {
            var edit = edits.Next(job);
            job = edit.Check(job) is null ? edit.Apply(job) : job;
            job = job.Runs.Count > 0 && i % 7 == 0 ? job.Do(new SetRun(job.Runs.Ids.ElementAt(i % job.Runs.Count), Circuit: "c")) : job;
            Assert.Equal(
                All(job).Select(f => f.Key).Order(StringComparer.Ordinal),
                kept.Circuits(job)
                    .SelectMany(c => c.Findings)
                    .Concat(kept.Panels(job).SelectMany(p => p.Findings))
                    .Select(f => f.Key)
                    .Order(StringComparer.Ordinal)
            );
        }
    }

    [Fact]
    public void A_ruling_settles_a_verdict_of_a_circuit_until_it_says_something_else()
    {
        var job = SmallHouse.Receptacle().Do(Load("r", 1500), Said("r", "load-how", "cord"));
        var found = All(job).Single(f => f.Rule == "load-cord");
        Assert.Equal(Fix, found.Verdict);
        var settled = job.Do(
            new RecordRuling(
                "u",
                new Ruling(
                    "c",
                    found.Rule,
                    found.Of,
                    "as it read",
                    "May the heater stay?",
                    "the office",
                    "2026-10-02",
                    found.Case,
                    found.Details.ToString()
                )
            )
        );
        Assert.Equal(
            (Fine, "u"),
            (All(settled).Single(f => f.Rule == "load-cord").Verdict, All(settled).Single(f => f.Rule == "load-cord").Ruling)
        );
        Assert.Equal(Fix, All(settled.Do(Load("r", 1700))).Single(f => f.Rule == "load-cord").Verdict);
    }

    /// <summary>Cases of rules that the rows say.</summary>
    internal static IEnumerable<string> Said() =>
        Cases.SelectMany(c => All(c.House.Do(c.Edits)).Where(f => f.Rule == c.Rule && f.Of == c.Of)).Select(f => $"{f.Rule}: {f.Case}");

    private static List<Finding> All(Job job) =>
        [
            .. job.Circuits.SelectMany(c => SupplyVerdicts.Judge(new CircuitLook(job, c.Key))),
            .. job.Panels.SelectMany(p => SupplyVerdicts.Judge(new PanelLook(job, p.Key))),
        ];

    private static Edit[] Breakers(params Breaker[] breakers) => Breakers(SupplySystem.SplitPhase, breakers);

    private static Edit[] Breakers(SupplySystem system, params Breaker[] breakers) =>
        [new PutPanel("p", new Panel("Panel", system, 20, 100, "s") { Breakers = breakers })];

    private static Edit Standby => new PutSource("g", new Source("Generator", SourceKind.Generator));

    private static Edit[] AtPanel => [new EndAtPanel("feed", RunSide.B, "p")];

    private static PutSource Second => new("s", new Source("House panel", SourceKind.SecondPanel));

    private static Edit[] Bathroom => [new PutPlace("bath", new Place("Bathroom", Wetness.Damp, "bathroom")), new PlaceBox("b", "bath")];

    private static NoteFact Load(string device, int watts) => new("b", device, "load", new Observation(Known.Measured, $"{watts}"));

    private static NoteFact Said(string device, string key, string value) => new("b", device, key, new Observation(Known.Measured, value));

    private static Edit[] Fixed(int watts) => [Load("r", watts), Said("r", "load-how", "fixed")];

    private static NoteCircuit For(string purpose) => new("c", "purpose", new Observation(Known.Measured, purpose));

    private static NotePanel Panel(string of, string key, string value) => new("p", of, key, new Observation(Known.Measured, value));
}
