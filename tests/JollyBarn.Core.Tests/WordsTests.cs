using System.Text.Json.Serialization;
using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.OpenFile;
using JollyBarn.Telling;
using JollyBarn.Telling.Filled;
using JollyBarn.Telling.History;
using JollyBarn.Telling.Live;
using JollyBarn.Telling.Phrases;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>Whatever the program can say has words, and says what it was given.</summary>
public sealed class WordsTests
{
    public static TheoryData<Why> Reasons() => [.. Enum.GetValues<Why>()];

    [Fact]
    public void Every_kind_of_edit_has_words_and_none_has_them_for_nothing()
    {
        var kinds = typeof(Edit)
            .GetCustomAttributes(typeof(JsonDerivedTypeAttribute), false)
            .Cast<JsonDerivedTypeAttribute>()
            .Select(a => a.DerivedType.Name);
        Assert.Equal(kinds.Order(StringComparer.Ordinal), EditTeller.Kinds.Select(k => k.Name).Order(StringComparer.Ordinal));
    }

    [Theory]
    [MemberData(nameof(Reasons))]
    public void Every_reason_to_refuse_is_a_sentence_with_no_hole_in_it(Why why)
    {
        Assert.Contains(why, RefusalTeller.Reasons);
        if (why is Why.NotDoneYet or Why.NotAnAnswer or Why.InBox or Why.PlannedNoLongerGoes or Why.Missing or Why.NothingAtAddress)
        {
            return; // Their details are things, tested where they are refused.
        }

        var said = new Refusal(why).Tell().Says;
        Assert.EndsWith(".", said, StringComparison.Ordinal);
        Assert.DoesNotContain('{', said);
        Assert.DoesNotContain('}', said);
    }

    [Fact]
    public void A_reason_passed_on_is_said_with_what_passes_it_on()
    {
        var job = Job.Blank("x").Do(new PutPlace("p", new Place("Net loft")), new AddBox("b", "Bench", "nm-1g-18", "p"));
        var refusal = new ForRoom("p", new SetBoxKind("b", "no such kind")).Check(job);
        Assert.Equal(Why.InBox, refusal?.Why);
        Assert.Equal(Why.Missing, refusal?.Inner?.Why);
        Assert.Equal("Bench: There is no kind of box no such kind here.", refusal?.Tell().Says);
    }

    [Fact]
    public void What_is_neither_done_nor_dropped_is_named_in_the_words_of_the_job_it_was_planned_on()
    {
        var job = Job.Blank("x")
            .Do(
                new AddBox("b", "Bench", "nm-1g-18"),
                new OpenChange("c", "New name"),
                new PlanEdit("c", "p1", new RenameBox("b", "Bench, left")),
                new PlanEdit("c", "p2", new NoteBox("b", "x"))
            );
        Assert.Equal(
            "Planned and neither done nor dropped: 2, first Bench: now called Bench, left. Record or drop them first.",
            (new CloseChange("c") { V = 2 }).Check(job)?.Tell().Says
        );
    }

    [Fact]
    public void A_lead_that_moves_is_told_by_where_it_lay_and_where_it_goes()
    {
        var job = GfciBox.Make();
        var lead = job.Boxes["b"].Leads.Ids.First();
        var told = new MoveLead("b", lead, new Landing(LandingAt.Cap)).Tell(job);
        Assert.EndsWith("to a cap", told, StringComparison.Ordinal);
        Assert.StartsWith(job.Boxes["b"].Name + ": " + job.Boxes["b"].Leads[lead].Colour, told, StringComparison.Ordinal);
    }

    [Fact]
    public void Several_leads_to_one_place_are_told_as_one()
    {
        var job = GfciBox.Make();
        var leads = job.Boxes["b"].Leads.Ids.Take(2).Select(l => new MoveLead("b", l, new Landing(LandingAt.Loose)));
        Assert.EndsWith("2 leads to loose", new Batch([.. leads], For: BatchFor.LeadsTo).Tell(job), StringComparison.Ordinal);
    }

    [Fact]
    public void Everything_taken_for_given_is_a_sentence()
    {
        var teller = new LiveTeller(SmallHouse.Receptacle(), "b");
        var said = Enum.GetValues<AssumedCase>().Select(c => teller.Tell(new Assumed(c, Details.None))).ToList();
        Assert.Equal(said.Count, said.Distinct().Count());
        Assert.All(said, s => Assert.Matches(@"^[^a-z{][^{}]*\.$", s));
    }

    /// <summary>Common practice: each of these is told apart by whoever holds the tester.</summary>
    [Fact]
    public void No_two_cases_of_what_is_solved_read_alike()
    {
        Told(Enum.GetValues<CardWord>().Select(LiveWords.Of));
        Told(Enum.GetValues<ShownCase>().Select(LiveWords.Of));
        Told(Enum.GetValues<TouchCase>().Select(LiveWords.Of));
        Told(Enum.GetValues<OpensBy>().Select(b => LiveWords.Because(new(1, GuardKey.Breaker("p", "1"), b, 2, 3, Surely.Yes))));
        Told(Enum.GetValues<OutletWiring>().Select(w => LiveWords.Of(new Truth(w, Bars.Hot, Bars.Neutral, Bars.Ground, false), false)));
        Told(Enum.GetValues<ProofCase>().Select(c => ProofTeller.Tell(new(ProofStanding.None, [], c, Details.None)).Says));

        Told(Enum.GetValues<FillKind>().Select(k => FillWords.Of(default, k)));
        Told(Enum.GetValues<RemarkCase>().Select(c => FillWords.Of(new FillRemark(c, 5, 1, 0.25m))));
        Told(Enum.GetValues<HousingFrom>().Select(f => FillWords.From(new(HousingOf.Box, null, VolumeSpan.Exactly(Volume.Zero), f))));
        Told(Enum.GetValues<FillAskCase>().Select(c => FillWords.What(new(c))));
        Told(Enum.GetValues<FillAskCase>().Select(c => FillWords.How(new(c))));

        static void Told(IEnumerable<string> words)
        {
            var all = words.ToList();
            Assert.All(all, w => Assert.NotEqual("", w));
            Assert.Equal(all.Count, all.Distinct().Count());
        }
    }

    [Fact]
    public void Every_box_of_the_demo_is_told_with_names_and_no_keys()
    {
        foreach (var (id, box) in Demo.Present.Boxes)
        {
            var told = new LiveTeller(Demo.Present, id).Tell(BoxLive.Read(Demo.Present, id, box, Situation.AsRecorded));
            var names = told
                .Points.Concat(told.Strands.Values)
                .Concat(told.Joints.Values)
                .Select(p => p.Name)
                .Concat(told.Offers.Select(o => o.Name))
                .Concat(told.Sources.Concat(told.Breakers).Concat(told.Switches).Select(t => t.Name))
                .Concat(told.Assumed);
            Assert.All(names, n => Assert.Matches(@"^[^{}:/]+( [^{}/]*)?$", n));
            Assert.Equal(told.Offers.Count, told.Offers.Select(o => o.Fault).Distinct().Count());
        }
    }

    [Fact]
    public void A_box_of_some_other_kind_is_asked_about_as_the_box()
    {
        var fill = FillTeller.Tell(Jobs.WithBox("unlisted").Cables(2, 14, 2).Fill());
        Assert.Equal(Fit.CannotTell, fill.Fit);
        Assert.Equal("volume of the box", fill.Asks[0].What);
    }

    [Fact]
    public void A_device_counts_under_the_name_somebody_gave_it()
    {
        var job = Jobs.WithBox("nm-1g-18").Do(new AddDevice("b", "d", "switch", 1), new SetDevice("b", "d", "Lamp over the bench"));
        Assert.Contains(FillTeller.Tell(job.Fill()).Lines, l => l is { Kind: FillKind.Device, Name: "Lamp over the bench" });
    }

    [Fact]
    public void Another_assembly_is_named_by_what_it_changes()
    {
        InsteadOption option = new(
            "square-4x1-1/4",
            "ring-4-1g-1/2",
            null,
            ClampStyle.Outside,
            true,
            2,
            1,
            Volume.Of(21m),
            Volume.Of(20m),
            Volume.Of(1m),
            Fit.Fits,
            new(true, true)
        );
        string Says(InsteadOption o) => FillTeller.Tell(new InsteadAnswer([o], null, 1, false)).Options[0].Says;
        Assert.StartsWith("this box, clamps outside, a ", Says(option), StringComparison.Ordinal);
        Assert.Equal("this box, clamps outside", Says(option with { Change = new(true, false) }));
        Assert.StartsWith("4 square", Says(option with { Keeps = false, Change = default }), StringComparison.OrdinalIgnoreCase);
    }

    /// <summary>Whatever was ever done to the demo, and to the house of an earlier program, is told without a hole, an id of the program's
    /// own making or a name that is missing.</summary>
    [Theory]
    [InlineData("ferry-keepers-house.json")]
    [InlineData("log-of-0.1.json")]
    public void Every_line_of_a_history_is_told_whole(string log)
    {
        var file = JobFiles.Shipped(File.ReadAllBytes(Path.Combine(AppContext.BaseDirectory, "Data", log)));
        var job = file.Start;
        foreach (var edit in file.History.Select(l => l.Edit))
        {
            Whole(edit, job);
            job = edit.Apply(job);
        }

        static void Whole(Edit edit, Job job)
        {
            foreach (var one in edit is Batch batch ? batch.Edits : [edit])
            {
                var said = one.Tell(job);
                Assert.DoesNotMatch(@"[{}]|  |: *$|^ *:|, *$|\bnull\b", said);
                job = one.Apply(job);
            }
        }
    }

    [Theory]
    [InlineData("breaker:panel/3")]
    [InlineData("breaker:panel/3b")]
    [InlineData("gfci:glue/r")]
    public void The_key_of_what_opens_reads_back_as_written(string key) => Assert.Equal(key, GuardKey.Read(key)?.ToString());

    [Theory]
    [InlineData("")]
    [InlineData("breaker:panel")]
    [InlineData("breaker:a/b/c")]
    [InlineData("land:b/on.a0")]
    [InlineData(null)]
    public void What_is_no_such_key_is_none(string? text) => Assert.Null(GuardKey.Read(text));
}
