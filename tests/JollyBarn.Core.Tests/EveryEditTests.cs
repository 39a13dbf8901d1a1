using System.Reflection;
using System.Text.Json;
using System.Text.Json.Serialization;
using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Telling;
using JollyBarn.Telling.History;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>One good and one impossible example of every kind of edit, on a job that has one of everything.</summary>
public class EveryEditTests
{
    private static readonly Landing Screw = new(LandingAt.Terminal, null, "d", "hot-upper/screw");
    private const string At = "2026-09-14T08:10:00Z";
    private static readonly Sighting Seen = new("b", ["panel/1"], SightingShows.Dead, "Ines", At);
    private static readonly Reading Read = new(
        "two-pole",
        "panel lug",
        "cellar ground",
        "121 V",
        "Ines",
        At,
        "b",
        "proof",
        ReadingStep.KnownBefore,
        121
    );
    private static readonly Ruling Accepted = new("b", "free-length", "r0.a0", "It is short.", "May it stay?", "the office", "2026-10-02");

    private static readonly Photo Picture = new("b", new string('a', 64), 800, 600, 1000);

    internal static readonly Job Rich = Jobs.WithBox("nm-2g-32")
        .Do([
            new PutPlace("p", new Place("Pantry", Wetness.Dry, "kitchen")),
            new PutPlace("empty", new Place("Loft")),
            .. Jobs.NorthWall,
            new PutSource("s", new Source("Service", SourceKind.Service)),
            new PutCircuit("c", new Circuit("Lights")),
            new PutPanel(
                "panel",
                new Panel("Panel", SupplySystem.SplitPhase, 20, 100, "s", "p")
                {
                    Breakers = [new Breaker(1, 1, 15, BreakerKind.Standard, "c")],
                }
            ),
            new PlaceBox("b", "p"),
            new AddBox("square", "Square", "square-4x1-1/2", "p"),
            new AddPart("square", "ring", "ring-4-1g-1/2"),
            new AddBox("binned", "Old box", "nm-1g-18"),
            new BinBox("binned"),
            new AddBox("wide", "Wide", "nm-2g-35", null, null, Contents.Complete),
            new AddDevice("b", "d", "receptacle", 1),
            new AddDevice("wide", "sw", "switch", 1),
            new AddPartition("b", "part", 1),
            new AddBlock("b", "block", "block", Gauge.Awg(12)),
            new AddEntry("b", "spare", EntrySide.Left),
        ])
        .Cables(3, 12, 2)
        .Do(
            new JoinLeads("b", "j", "twist-on-medium", ["r0.a0", "r1.a0"], "hots"),
            new AddPigtail("b", "tail", new Landing(LandingAt.Joint, "j"), Screw),
            new OpenChange("plan", "Plan"),
            new PlanEdit("plan", "e1", new RenameBox("b", "Planned name")),
            new RecordDone("plan", "d1", new NoteBox("b", "done")),
            new TickStep("plan", "b", "cleanup", "Ines", At),
            new KeepPattern("kept", "Blank", "wide", "Ines", At),
            new WaitFor("plan", "w1", EditsOfCards.Board),
            new BeginProof("proof", "b", "Ines", "two-pole", At, "panel lug", "cellar ground"),
            new LogReading("reading", Read),
            new LogSighting("seen", Seen),
            new PutAppliance("pot", new Appliance("glue pot", 300)),
            new LogMinutes("t", new Timed("op.joint", 1, 3, "Ines", "2026-09-20T09:00:00Z")),
            new LeaveInterim("i", new Interim("one box, capped", "2026-09-21T09:00:00Z", "Ines", "2026-09-20T09:00:00Z")),
            new AssumeMake("b", new AssumedMake(UsualMake.FedThrough)),
            new HearSaid("b", "heard", "never used it"),
            new RecordRuling("ruling", Accepted),
            new AddReport("report", "Buyer", ["Box is loose"]),
            new AddPhoto("photo", Picture),
            new PinPhoto("photo", "pin", new PhotoPin(500, 500, "j")),
            new EndAtLoad("r2", RunSide.B, "range"),
            new HurtRun("r1", "nick", new RunHurt(HurtKind.Nicked))
        )
        .Do(EditsOfTroubles.Before);

    internal static readonly (Edit Good, Edit Impossible)[] Examples =
    [
        (
            new NotePanel("panel", "1", "written", new Observation(Known.Measured, "clear")),
            new NotePanel("panel", "2", "written", new Observation(Known.Measured, "clear"))
        ),
        (
            new NoteCircuit("c", "purpose", new Observation(Known.Measured, "laundry")),
            new NoteCircuit("c", "purpose", new Observation(Known.Measured, "dancing"))
        ),
        (new Batch([new RenameBox("b", "x"), new NoteBox("b", "n")]), new Batch([])),
        (new RenameJob("House"), new RenameJob("")),
        (
            new SetProfile(CodeProfile.Default with { Edition = Edition.Nec2017 }),
            new SetProfile(CodeProfile.Default with { Amendments = [new Amendment("no.such.number", "x", 1)] })
        ),
        (new SetPractice("fill.flap", "yes"), new SetPractice("fill.flap", "perhaps")),
        (new PutPlace("new", new Place("Porch", Wetness.Damp)), new PutPlace("new", new Place(""))),
        (new RemovePlace("empty"), new RemovePlace("p")),
        (
            new PutWall("w2", new Wall("South wall") { Layers = [new WallLayer("board", Fact<Length>.Unknown, false)] }),
            new PutWall("w2", new Wall("South", "nowhere"))
        ),
        (new RemoveWall("w"), new RemoveWall("none")),
        (new PutOnWall("w", "t2", new WallThing(WallThingKind.Pipe)), new PutOnWall("none", "t2", new WallThing(WallThingKind.Pipe))),
        (new TakeOffWall("w", "stud"), new TakeOffWall("w", "none")),
        (new PutSource("g", new Source("Generator", SourceKind.Generator)), new PutSource("g", new Source(" ", SourceKind.Generator))),
        (new RemoveSource("s"), new RemoveSource("none")),
        (
            new PutPanel("panel", new Panel("Panel", SupplySystem.SplitPhase, 24)),
            new PutPanel("panel", new Panel("Panel", SupplySystem.SplitPhase, 4) { Breakers = [new Breaker(9, 1)] })
        ),
        (new RemovePanel("panel"), new RemovePanel("none")),
        (new PutCircuit("c2", new Circuit("Stove", "panel")), new PutCircuit("c2", new Circuit("Stove", "nowhere"))),
        (new RemoveCircuit("c"), new RemoveCircuit("none")),
        (new AddBox("n", "New", "nm-1g-18", "p", Fact<Volume>.Marked(Volume.Of(19m))), new AddBox("n", "New", "no-such-kind")),
        (new CopyBox("b", "copy", "Copy"), new CopyBox("none", "copy", "Copy")),
        (new RenameBox("b", "Bench, left"), new RenameBox("none", "x")),
        (new SetBoxWall("b", "w"), new SetBoxWall("b", "no-wall")),
        (new PlaceBox("b"), new PlaceBox("b", "nowhere")),
        (new SetBoxKind("b", "nm-2g-35"), new SetBoxKind("b", "no-such-kind")),
        (new SetBoxMark("b", Fact<Volume>.Marked(Volume.Of(34m))), new SetBoxMark("b", Fact<Volume>.Marked(Volume.Of(0m)))),
        (
            new SetBoxSize("b", Depth: new Fact<Length>(Known.Measured, Length.Inches(3), "3")),
            new SetBoxSize("b", Depth: new Fact<Length>(Known.Measured, Length.Inches(-3)))
        ),
        (new SetContents("b", Contents.Partial), new SetContents("b", (Contents)9)),
        (new SetClamps("b", Fact<ClampStyle>.Marked(ClampStyle.Outside)), new SetClamps("b", new Fact<ClampStyle>(Known.Marked))),
        (new SetFittings("b", 1, 1), new SetFittings("b", -1, 0)),
        (new SetGroundingPlaces("square", 2, 1), new SetGroundingPlaces("square", 0, 1)),
        (
            new SetPrintedCounts("b", new Dictionary<string, int> { ["14"] = 16 }),
            new SetPrintedCounts("b", new Dictionary<string, int> { ["thick"] = 1 })
        ),
        (new NoteBox("b", "tight"), new NoteBox("b", new string('x', 5000))),
        (new BinBox("b"), new BinBox("none")),
        (new BringBackBox("binned"), new BringBackBox("b")),
        (new ForRoom("p", new SetContents("each", Contents.NotOpened)), new ForRoom("p", new RenameBox("each", "same name"))),
        (new AddPart("square", "ext", "ext-square-1-1/2"), new AddPart("square", "ext", "no-such-part")),
        (new SetPart("square", "ring", Fact<Volume>.Marked(Volume.Of(4m))), new SetPart("square", "none")),
        (new RemovePart("square", "ring"), new RemovePart("square", "none")),
        (new AddPartition("wide", "x", 1), new AddPartition("b", "x", 1)),
        (new RemovePartition("b", "part"), new RemovePartition("b", "none")),
        (new AddBlock("b", "x", "ground bar", Gauge.Awg(12)), new AddBlock("b", "x", "bar", null, 7)),
        (new RemoveBlock("b", "block"), new RemoveBlock("b", "none")),
        (new AddEntry("b", "x", EntrySide.Right), new AddEntry("b", "spare", EntrySide.Right)),
        (new SetEntry("b", "spare", State: EntryState.Plugged), new SetEntry("b", "k0", State: EntryState.Plugged)),
        (new RemoveEntry("b", "spare"), new RemoveEntry("b", "k0")),
        (new AddCable("b", "x", "kx", Jobs.Nm(14, 3), Says: "from the pantry"), new AddCable("b", "r0", "kx", Jobs.Nm(14, 3))),
        (new NameCable("b", "r0", RunSide.A, "from the porch", Feeds.FeedsIn), new NameCable("b", "r0", RunSide.B, "x")),
        (new SetRun("r0", CableType.Mc, Sheath: "grey", Circuit: "c"), new SetRun("r0", Circuit: "nowhere")),
        (new ThrowSwitch("wide", "sw", false, "Ines", At), new ThrowSwitch("wide", "sw", true, "Ines", At, "lower")),
        (new EndAtPanel("r0", RunSide.B, "panel", "home run"), new EndAtPanel("r0", RunSide.B, "none")),
        (new EndAtLoad("r0", RunSide.B, "water heater"), new EndAtLoad("r0", RunSide.A, "water heater")),
        (new LoseEnd("r2", RunSide.B), new LoseEnd("r0", RunSide.A)),
        (new ConnectRun("square", "r0", RunSide.B, "in"), new ConnectRun("square", "r0", RunSide.A, "in")),
        (new RemoveCable("b", "r0"), new RemoveCable("square", "r0")),
        (new SplitRun("square", "r0", "r0-on", "in", "on"), new SplitRun("b", "r0", "r0-on", "in", "on")),
        (new MoveRunEnd("b", "r0", RunSide.A, "square", "in"), new MoveRunEnd("b", "r0", RunSide.B, "square", "in")),
        (new HurtRun("r0", "cut", new RunHurt(HurtKind.Cut)), new HurtRun("none", "cut", new RunHurt(HurtKind.Cut))),
        (new MendRun("r1", "nick"), new MendRun("r0", "nick")),
        (new PassThrough("b", "r1", "r2"), new PassThrough("b", "r1", "r1")),
        (new MoveLead("b", "r2.a0", Screw), new MoveLead("b", "r2.a0", Screw with { Place = "load-hot/plate" })),
        (new JoinLeads("b", "k", "lever-2", ["r0.a1", "r1.a1"], "neutrals"), new JoinLeads("b", "k", "lever-2", ["none"])),
        (
            new SetLeadLength("b", "r0.a0", new Fact<Length>(Known.Measured, Length.Inches(7, 1, 2), "7 1/2")),
            new SetLeadLength("b", "none", Fact<Length>.Unknown)
        ),
        (new SetLeadForm("b", "r0.a1", LeadForm.Loop), new SetLeadForm("b", "r0.a1", (LeadForm)7)),
        (new IdentifyLead("b", "r0.a1", "white", ConductorUse.Hot, "black"), new IdentifyLead("b", "r0.a1", "", ConductorUse.Hot)),
        (new SetLeadWire("b", "r0.a1", Gauge.Awg(10), true), new SetLeadWire("b", "none")),
        (new AddJoint("b", "x", "push-in-4"), new AddJoint("b", "x", "glue")),
        (new SetJoint("b", "j", "lever-3", "hots"), new SetJoint("b", "none", "lever-3")),
        (new RemoveJoint("b", "j"), new RemoveJoint("b", "none")),
        (
            new AddPigtail("b", "x", new Landing(LandingAt.Joint, "j"), Landing.Loose),
            new AddPigtail("b", "x", new Landing(LandingAt.Joint, "none"), Landing.Loose)
        ),
        (new GoOn("b", "r0.a0", "x", Screw), new GoOn("b", "r0.a1", "x", Screw)),
        (
            new SetPigtail("b", "tail", "black", new Fact<Length>(Known.Measured, Length.Inches(8)), Gauge.Awg(12)),
            new SetPigtail("b", "none", "black", Fact<Length>.Unknown)
        ),
        (
            new LandPigtail("b", "tail", true, new Landing(LandingAt.Cap)),
            new LandPigtail("b", "tail", true, new Landing(LandingAt.BondingScrew))
        ),
        (new RemovePigtail("b", "tail"), new RemovePigtail("b", "none")),
        (new AddDevice("b", "x", "switch", 2), new AddDevice("b", "x", "switch", 3)),
        (new SwapDevice("b", "d", "protective"), new SwapDevice("b", "d", "no-such-device")),
        (new MoveDevice("b", "d", 2), new MoveDevice("b", "d", 9)),
        (new SetDevice("b", "d", "by the door", BrokenTabs: ["hot"]), new SetDevice("b", "d", BrokenTabs: ["ground"])),
        (new RemoveDevice("b", "d"), new RemoveDevice("b", "none")),
        (new OpenChange("other", "Other plan", "2026-09-01"), new OpenChange("plan", "Again")),
        (new PlanEdit("plan", "e2", new NoteBox("b", "planned")), new PlanEdit("plan", "e2", new OpenChange("inner", "Inner"))),
        (new DropPlanned("plan", "e1"), new DropPlanned("plan", "none")),
        (new CloseChange("plan", "2026-09-30"), new CloseChange("plan") { V = 2 }),
        (
            new NoteFact("b", "r0.a", "sheath", new Observation(Known.Measured, "3/8", "3/8")),
            new NoteFact("b", "r0.a", "sheath", new Observation(Known.Measured, "about so"))
        ),
        (new AssumeMake("b", new AssumedMake(UsualMake.SwitchLoop)), new AssumeMake("b", new AssumedMake((UsualMake)99))),
        (new HearSaid("b", "h2", "worked until last week"), new HearSaid("b", "heard", "again")),
        (new ForgetSaid("b", "heard"), new ForgetSaid("b", "none")),
        (
            new BeginProof("p2", "b", "Tomas", "low-impedance", At, "panel lug", "rod"),
            new BeginProof("p2", "b", "Tomas", "pen", At, "panel lug", "rod")
        ),
        (
            new LogReading("r2", Read with { Step = ReadingStep.Pair, From = "r0.a0", To = "r0.a1", Says = "0.0 V", Volts = 0 }),
            new LogReading("r2", Read with { By = "Tomas" })
        ),
        (new StrikeReading("reading"), new StrikeReading("none")),
        (new LogSighting("s2", Seen with { Shows = SightingShows.PartDead }), new LogSighting("s2", Seen with { Off = ["panel/99"] })),
        (new StrikeSighting("seen"), new StrikeSighting("none")),
        (
            new PutAppliance("kettle", new Appliance("kettle", 1500, 0.2m, Box: "b", Device: "d")),
            new PutAppliance("kettle", new Appliance("kettle", 1500, 0.2m, Box: "wide", Device: "sw"))
        ),
        .. EditsOfStock.Examples,
        (new RemoveAppliance("pot"), new RemoveAppliance("none")),
        (new EndVisit("Ines", At), new EndVisit("Ines", "noon")),
        (new HandOver("b", "Ines", "Tomas", At), new HandOver("none", "Ines", "Tomas", At)),
        (new SwitchBreaker("panel", 1, "Ines", At, false), new SwitchBreaker("panel", 3, "Ines", At, false)),
        (new RecordRuling("r3", Accepted), new RecordRuling("r3", Accepted with { AcceptedBy = "" })),
        (new RemoveRuling("ruling"), new RemoveRuling("none")),
        (new NameRuling("ruling", "OnlyThroughJoint", "at=7 in"), new NameRuling("none", "OnlyThroughJoint", "")),
        (new AddReport("r4", "Inspector", ["Open hole", "No plate"], "office", "2026-10-01"), new AddReport("r4", "Inspector", [])),
        (new SetReportLine("report", "l001", "b", "box-held", "fastened"), new SetReportLine("report", "l009")),
        (new RemoveReport("report"), new RemoveReport("none")),
        (new AddPhoto("p3", Picture with { Lead = "r0.a0" }), new AddPhoto("p3", Picture with { Sha = "x" })),
        (new SetPhoto("photo", "as found"), new SetPhoto("photo", null, "none")),
        (new RemovePhoto("photo"), new RemovePhoto("none")),
        (new PinPhoto("photo", "p", new PhotoPin(10, 990, "r0.a0")), new PinPhoto("photo", "p", new PhotoPin(10, 1001, "r0.a0"))),
        (new UnpinPhoto("photo", "pin"), new UnpinPhoto("photo", "none")),
        (
            new CorrectAsFound("plan", "c1", new NoteBox("b", "seen better"), "2026-09-15"),
            new CorrectAsFound("plan", "c1", new OpenChange("x", "X"), "2026-09-15")
        ),
        (
            new RecordDone("plan", "d2", new RenameBox("b", "Planned name"), "e1"),
            new RecordDone("plan", "d2", new RenameBox("b", "x"), "none")
        ),
        (new TakeBackDone("plan", "d1"), new TakeBackDone("plan", "none")),
        .. EditsOfCards.Examples,
    ];

    public static IEnumerable<TheoryDataRow<int>> All() =>
        Examples.Select((e, i) => new TheoryDataRow<int>(i) { TestDisplayName = $"{i}: {e.Good.GetType().Name}" });

    [Fact]
    public void Every_kind_of_edit_has_an_example()
    {
        var kinds = typeof(Edit).GetCustomAttributes<JsonDerivedTypeAttribute>().Select(a => a.DerivedType).ToList();
        Assert.Equal(
            typeof(Edit).Assembly.GetTypes().Where(t => t.IsSubclassOf(typeof(Edit)) && !t.IsAbstract).OrderBy(t => t.Name),
            kinds.OrderBy(t => t.Name)
        );
        // What the program makes itself nobody posts: the record's own tests do them.
        Assert.Equal(
            kinds.Where(t => t.IsSubclassOf(typeof(ProgramEdit))).OrderBy(t => t.Name),
            kinds.Except(Examples.Select(e => e.Good.GetType())).OrderBy(t => t.Name)
        );
    }

    [Theory]
    [MemberData(nameof(All))]
    public void The_good_one_changes_the_job_reads_as_a_sentence_and_is_undone(int example)
    {
        var edit = Examples[example].Good;
        Assert.True(edit.Check(Rich) is null, edit.Check(Rich)?.Tell().Says);
        var after = edit.Apply(Rich);
        var cells = Cells.Between(Rich, after);
        Assert.NotEmpty(cells);
        Assert.False(string.IsNullOrWhiteSpace(edit.Tell(Rich)));
        Assert.Equal(Unended(Rich), Unended(new Restore("e", cells, false, "").Apply(after)));
        var read = JsonSerializer.Deserialize(JsonSerializer.Serialize(edit, JobJson.Default.Edit), JobJson.Default.Edit)!;
        Assert.Equal(JobJson.Text(after), JobJson.Text(read.Apply(Rich)));
    }

    /// <summary>The job as text; that a proof of dead ended is not undone, and so left out.</summary>
    private static string Unended(Job job) => JobJson.Text(job with { Proofs = job.Proofs.Each((_, p) => p with { Ended = null }) });

    [Theory]
    [MemberData(nameof(All))]
    public void The_impossible_one_is_refused_with_a_sentence(int example)
    {
        var refusal = Examples[example].Impossible.Check(Rich);
        Assert.NotNull(refusal);
        Assert.Matches(@"^[A-Z""].*[.!]$", refusal.Tell().Says);
    }
}
