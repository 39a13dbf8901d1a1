using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Faults;
using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Planning;
using JollyBarn.Telling;
using JollyBarn.Terms;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>What cannot be is refused with its own reason, at the field that a screen marks. Limits are the program's own.</summary>
public class RefusalTests
{
    private const string At = "2026-09-14T08:10:00Z";

    private static readonly Job Rich = EveryEditTests.Rich;

    private static readonly Amendment Local = new("cable.fastener", "local", 9);

    private static readonly Reading Read = new("two-pole", "a", "b", "0 V", "Ines", At, "b", "proof", ReadingStep.Pair, 0);

    /// <summary>An edit on the job that has one of everything, after others, and why it is refused.</summary>
    private sealed record Row(Why Why, string? Field, Edit Edit, params Edit[] First);

    private static readonly IReadOnlyList<Row> Edits =
    [
        new(Why.AmendedByWhom, "profile.amendments", Amended("cable.fastener", 9, " ")),
        new(Why.AmendedTooFar, "profile.amendments", Amended("cable.fastener", 10_001, "local")),
        new(Why.NoSuchNumber, "profile.amendments", Amended("cable.nothing", 9, "local")),
        new(
            Why.ManyAmendments,
            "profile.amendments",
            new SetProfile(CodeProfile.Default with { Amendments = [.. Enumerable.Repeat(Local, 201)] })
        ),
        new(Why.NoSuchEdition, "profile.edition", new SetProfile(CodeProfile.Default with { Edition = (Edition)1999 })),
        new(Why.NoSuchPractice, "key", new SetPractice("how-to-whistle", "yes")),
        new(Why.NotThatNumber, "answer", new SetPractice(ElectricsBook.UnknownFeet.Key, "0")),
        new(Why.NotThatChoice, "answer", new SetPractice(PracticeBook.LongLeads.Key, "sometimes")),
        new(Why.BatchInBatch, "edits[0]", new Batch([new Batch([new NoteBox("b", "x")])])),
        new(Why.ReadingsAlone, "edits", new Batch([new LogReading("r8", Read), new LogReading("r9", Read)])),
        new(Why.NotAnId, "id", new AddBox("Two words", "Box", "nm-1g-18")),
        new(Why.IdTaken, "id", new AddBox("b", "Box", "nm-1g-18")),
        new(Why.InTheBin, "box", new NoteBox("binned", "x")),
        new(Why.GangsTaken, "kind", new SetBoxKind("wide", "nm-1g-18"), new AddDevice("wide", "s2", "switch", 2)),
        new(Why.NoOpening, "gang", new AddDevice("blind", "x", "switch", 1), new AddBox("blind", "Blind", "square-4x1-1/2")),
        new(Why.StandsThere, "gang", new AddDevice("b", "x", "switch", 1)),
        new(Why.TakesNoGang, "gang", new AddDevice("b", "x", "luminaire", 1)),
        new(Why.TooFewGangs, "gang", new AddDevice("b", "x", "switch", 3)),
        new(Why.DeviceIdTooLong, "id", new AddDevice("b", new string('d', 41), "switch", 2)),
        new(Why.CableIdTooLong, "run", new AddCable("b", new string('r', 59), "k9", Jobs.Nm(12, 2))),
        new(
            Why.ColourEach,
            "cable.colours",
            new AddCable("b", "r9", "k9", new CableSpec(CableType.NmB, 2, GroundKind.Bare, Gauge.Awg(12), Colours: ["black"]))
        ),
        new(Why.CopiedCableTaken, "id", new CopyBox("b", "c1", "Copy"), new AddBox("o", "O", "nm-1g-18"), Cable("o", "c1.r0")),
        new(Why.DevicesStandHere, "id", new RemovePart("square", "ring"), new AddDevice("square", "s", "switch", 1)),
        new(Why.PartitionBetween, "afterGang", new AddPartition("b", "p2", 2)),
        new(Why.EntryOrder, "place", new SetEntry("b", "spare", Place: 61)),
        new(Why.NothingHere, "of", new NoteFact("b", "r7.a", "sheath", new Observation(Known.Measured, "1/4"))),
        new(Why.NeedsAnswer, "fact.value", new NoteFact("b", "r0.a", "sheath", new Observation(Known.Measured))),
        new(Why.NoValueHere, "fact.value", new NoteFact("b", "r0.a", "sheath", new Observation(Known.NotApplicable, "1/4"))),
        new(Why.NotALength, "fact.value", new NoteFact("b", "r0.a", "sheath", new Observation(Known.Measured, "a bit"))),
        new(Why.NotANumber, "fact.value", new NoteFact("b", "d", "load", new Observation(Known.Measured, "much"))),
        new(Why.NotAnAnswer, "fact.value", new NoteFact("b", "d", "rigid", new Observation(Known.Measured, "perhaps"))),
        new(Why.HoursOfDay, "appliance.hours", new PutAppliance("a", new Appliance("kettle", 1500, 25))),
        new(Why.PluggedTooMuch, "appliance.watts", new PutAppliance("a", new Appliance("kettle", 20_001))),
        new(Why.NoSuchOperation, "timed.op", new LogMinutes("m", new Timed("op.lunch", 1, 30, "Ines", At))),
        new(Why.TimedRange, "timed.minutes", new LogMinutes("m", new Timed("op.joint", 0, 30, "Ines", At))),
        new(
            Why.InspectionLines,
            "inspected.lines",
            new RecordInspection("plan", "i", new(ChangeStage.Rough, true, "the office", "Ines", At, ["a staple"]))
        ),
        new(Why.StockLines, "lines", new PutStock(new Dictionary<string, StockLine?>())),
        new(Why.StockPart, "lines", new PutStock(new Dictionary<string, StockLine?> { ["nothing"] = new(1) })),
        new(Why.StockAmount, "lines", new PutStock(new Dictionary<string, StockLine?> { ["box.nm-1g-18"] = new(1, Pack: 0) })),
        new(Why.NotAnOutlet, "appliance.device", new PutAppliance("a", new Appliance("kettle", 1500, Box: "b", Device: "none"))),
        new(Why.NeedsValue, "length.value", new SetLeadLength("b", "r0.a0", new Fact<Length>(Known.Measured))),
        new(Why.NoValueHere, "length.value", new SetLeadLength("b", "r0.a0", new Fact<Length>(Known.Unknown, Length.Inches(6)))),
        new(Why.NoEndHere, "lead", new MoveLead("b", "r0.a0", Landing.Loose), Through()),
        new(Why.GoesOn, "leads", new JoinLeads("b", "j9", "twist-on-medium", ["r0.a0", "r2.a0"]), Through()),
        new(Why.NotAnEnd, "form", new PassThrough("b", "r0", "r1", LeadForm.Ended)),
        new(Why.CableIsHere, "run", new SplitRun("b", "r0", "x", "in", "on")),
        new(Why.CableIsHere, "to", new MoveRunEnd("b", "r0", RunSide.A, "b", "k")),
        new(Why.SameCable, "leavesBy", new PassThrough("b", "r0", "r0", LeadForm.Loop)),
        new(Why.FireRating, "wall.fireRating", new PutWall("w", new Wall("Wall") { FireRating = 13 })),
        new(Why.TapeStart, "thing.across.from", new PutOnWall("w", "x", new(WallThingKind.Stud) { Across = Held(TapeStart.Ceiling) })),
        new(Why.TapeCircle, "thing", new PutOnWall("w", "stud", new(WallThingKind.Stud) { Across = Held(TapeStart.Thing, "stud") })),
        new(Why.TapesHeld, "id", new TakeOffWall("w", "door")),
        new(Why.SpotNeedsWall, "wall", new SetBoxWall("b", null, new(Held(TapeStart.LeftCorner), Held(TapeStart.Ceiling)))),
        new(
            Why.ManyThings,
            "wall.things",
            new PutWall(
                "w",
                new Wall("Wall")
                {
                    Things = ById<string, WallThing>.From(
                        Enumerable.Range(0, 401).Select(i => KeyValuePair.Create($"t{i}", new WallThing(WallThingKind.Stud)))
                    ),
                }
            )
        ),
        new(
            Why.ManyLayers,
            "wall.layers",
            new PutWall("w", new Wall("Wall") { Layers = [.. Enumerable.Repeat(new WallLayer("board", Fact<Length>.Unknown, false), 21)] })
        ),
        new(Why.NoBoxInRoom, "place", new ForRoom("empty", new SetContents("x", Contents.Complete))),
        new(Why.PanelSlots, "panel.slots", new PutPanel("panel", new Panel("Panel", SupplySystem.SplitPhase, 85))),
        new(Why.BreakerSlot, "panel.breakers", Breakers(new Breaker(21, 1))),
        new(Why.BreakerRating, "panel.breakers", Breakers(new Breaker(1, 1, 401))),
        new(Why.TwoInASlot, "panel.breakers", Breakers(new Breaker(1, 1, 15), new Breaker(1, 1, 15))),
        new(Why.TwoInASlot, "panel.breakers", Breakers(new Breaker(1, 1, 15) { Lower = true })),
        new(Why.CablesEndHere, "id", new RemovePanel("panel"), new EndAtPanel("r0", RunSide.B, "panel")),
        new(Why.NoSuchBreaker, "slot", new SwitchBreaker("panel", 2, "Ines", At, true)),
        new(Why.StillHeld, "on", new SwitchBreaker("panel", 1, "Ines", At, true), new SwitchBreaker("panel", 1, "Tomas", At, false)),
        new(Why.StepWithoutProof, "reading.proof", new LogReading("r9", Read with { Proof = null })),
        new(Why.WhichStep, "reading.step", new LogReading("r9", Read with { Step = ReadingStep.None })),
        new(Why.ProofInVolts, "reading.volts", new LogReading("r9", Read with { Volts = null })),
        new(Why.ManyVolts, "reading.volts", new LogReading("r9", Read with { Volts = 1001 })),
        new(Why.NotOfThatProof, "reading.proof", new LogReading("r9", Read with { By = "Tomas" })),
        new(Why.ProofEnded, "reading.proof", new LogReading("r9", Read), new EndVisit("Ines", At)),
        new(Why.RulingNamed, "id", new NameRuling("ruling", "Other", ""), new NameRuling("ruling", "OnlyThroughJoint", "at=7 in")),
        new(Why.EmptyLine, "lines[1]", new AddReport("r9", "Buyer", ["Box is loose", " "])),
        new(Why.NotWorkButChange, "edit", new PlanEdit("plan", "e9", new OpenChange("inner", "Inner"))),
        new(Why.NotWorkButReading, "edit", new PlanEdit("plan", "e9", new SwitchBreaker("panel", 1, "Ines", At, true))),
        new(Why.NotWorkButList, "edit", new PlanEdit("plan", "e9", new RemovePhoto("photo"))),
        new(Why.DoneAlready, "planned", new RecordDone("plan", "d9", new RenameBox("b", "x"), "e1"), Done("d8")),
        new(
            Why.ChangeClosed,
            "change",
            new PlanEdit("plan", "e9", new NoteBox("b", "x")),
            Done("d8"),
            new CloseChange("plan", "2026-09-30")
        ),
        new(Why.ClosedAlready, "change", new CloseChange("plan", "2026-10-01"), Done("d8"), new CloseChange("plan", "2026-09-30")),
        new(Why.NoSuchClosing, "v", new CloseChange("plan", "2026-09-30") { V = 3 }),
    ];

    public static IEnumerable<TheoryDataRow<int>> Numbers() =>
        Edits.Select((r, i) => new TheoryDataRow<int>(i) { TestDisplayName = $"{i}: {r.Why} at {r.Field}" });

    [Theory]
    [MemberData(nameof(Numbers))]
    public void An_edit_that_cannot_be_is_refused_for_its_reason_at_its_field(int number)
    {
        var row = Edits[number];
        var refusal = row.Edit.Check(Rich.Do(row.First));
        Assert.NotNull(refusal);
        Assert.Equal(row.Why, refusal.Why);
        Assert.Equal(row.Field, refusal.Field);
        Assert.Matches(@"^[A-Z""].*[.!]$", refusal.Tell().Says);
    }

    /// <summary>What is refused in one box of a room says in which, and why there.</summary>
    [Fact]
    public void What_one_box_of_a_room_refuses_is_told_with_its_name()
    {
        var job = Rich.Do(new PlaceBox("wide", "p"), new BinBox("square"));
        var refusal = new ForRoom("p", new SetBoxKind("x", "nm-1g-18")).Check(job.Do(new AddDevice("wide", "s2", "switch", 2)));
        Assert.Equal((Why.InBox, Why.GangsTaken), (refusal?.Why, refusal?.Inner?.Why));
        Assert.Contains("Wide", refusal!.Tell().Says, StringComparison.Ordinal);
    }

    /// <summary>A plan whose step has become impossible is not closed as done.</summary>
    [Fact]
    public void A_change_whose_steps_no_longer_go_is_not_closed()
    {
        var job = Rich.Do(new PlanEdit("plan", "gone", new RemoveDevice("b", "d")), Done("d8"), new RemoveDevice("b", "d"));
        var refusal = new CloseChange("plan", "2026-09-30").Check(job);
        Assert.Equal(Why.PlannedNoLongerGoes, refusal?.Why);
        Assert.NotNull(refusal?.Inner);
    }

    public static TheoryData<string, Why> Situations() =>
        new()
        {
            { "a bridge of no ohms", Why.FaultOhms },
            { "moved to nowhere", Why.FaultWhere },
            { "coming and going of itself", Why.FaultWhich },
            { "eleven in one", Why.FaultsTogether },
            { "a bridge from a point to itself", Why.TwoPoints },
            { "a nail through a conductor there is not", Why.NailRange },
            { "forty-one faults", Why.ManyFaults },
            { "no fault at all in the list", Why.EmptyFault },
            { "a plug of 20,001 W", Why.PluggedTooMuch },
            { "151 degrees", Why.Celsius },
        };

    /// <summary>What is asked about power and faults is refused before anything is solved.</summary>
    [Theory]
    [MemberData(nameof(Situations))]
    public void A_situation_that_cannot_be_is_refused(string what, Why why)
    {
        Fault open = new OpenLink("land:b/r0.a0");
        var asked = what switch
        {
            "a bridge of no ohms" => Of(new Bridged("a", "b", 0)),
            "moved to nowhere" => Of(new Moved("land:b/r0.a0", "")),
            "coming and going of itself" => Of(new ComesAndGoes(new ComesAndGoes(open))),
            "eleven in one" => Of(new Several([.. Enumerable.Repeat(open, 11)])),
            "a bridge from a point to itself" => Of(new ParallelArc("a", "a")),
            "a nail through a conductor there is not" => Of(new Nail("r0", [0, 31])),
            "forty-one faults" => Of([.. Enumerable.Repeat(open, 41)]),
            "no fault at all in the list" => Of([null!]),
            "a plug of 20,001 W" => new Situation { Plugged = new Dictionary<string, double> { ["b/d"] = 20_001 } },
            _ => new Situation { Celsius = 151 },
        };
        Assert.Equal(why, asked.Check()?.Why);
        Assert.Null(Of(open).Check());
    }

    private static readonly PlainBox Sound = new() { Kind = "nm-1g-18", Cables = [new(2, Gauge.Awg(14), 2)] };

    private static readonly IReadOnlyList<(Why Why, string? Field, PlainBox Box)> Described =
    [
        (Why.NoSuchBoxKind, "kind", Sound with { Kind = "shoe" }),
        (Why.AtMostEach, "cables", Sound with { Cables = [.. Enumerable.Repeat(new PlainCable(1, Gauge.Awg(14), 2), 201)] }),
        (Why.CountRange, "cables[0].count", Sound with { Cables = [new(-1, Gauge.Awg(14), 2)] }),
        (Why.CountRange, "cables[0].conductors", Sound with { Cables = [new(1, Gauge.Awg(14), 31)] }),
        (Why.CountRange, "cables[0].grounds", Sound with { Cables = [new(1, Gauge.Awg(14), 2, 3)] }),
        (Why.Missing, "devices[0].kind", Sound with { Devices = [new(1, "kettle")] }),
        (Why.CountRange, "devices[0].count", Sound with { Devices = [new(201, "switch")] }),
        (Why.CountRange, "studs", Sound with { Studs = 5 }),
        (Why.CountRange, "grounds[0].count", Sound with { Grounds = [new(-2, Gauge.Awg(14))] }),
        (Why.Missing, "parts[0].kind", Sound with { Parts = [new("lid")] }),
        (Why.MarkRange, "mark", Sound with { Mark = Volume.Zero }),
        (Why.InsideRange, "height", Sound with { Depth = Length.Inches(201) }),
        (Why.ClampChoices, "clamps", Sound with { Clamps = (ClampStyle)9 }),
        (Why.PartitionChoices, "partitions", Sound with { Partitions = [(BoxMaterial)77] }),
        (Why.ManyPractices, "practices", Sound with { Practices = Enumerable.Range(0, 51).ToDictionary(i => $"p{i}", _ => "x") }),
        (Why.NoSuchEdition, "edition", Sound with { Edition = (Edition)1999 }),
    ];

    public static IEnumerable<TheoryDataRow<int>> DescribedNumbers() =>
        Described.Select((d, i) => new TheoryDataRow<int>(i) { TestDisplayName = $"{i}: {d.Why}" });

    [Theory]
    [MemberData(nameof(DescribedNumbers))]
    public void A_box_described_so_is_neither_counted_nor_kept(int number)
    {
        var (why, field, box) = Described[number];
        Assert.Equal((why, field), (box.Check()?.Why, box.Check()?.Field));
        Assert.Equal(why, KeptBox.Check(box)?.Why);
        Assert.Null(Sound.Check());
        Assert.Null(KeptBox.Check(Sound));
    }

    [Fact]
    public void A_described_box_that_cannot_be_laid_out_is_counted_and_not_kept()
    {
        var nameless = Sound with { Devices = [new(1)] };
        var parted = Sound with { Partitions = [BoxMaterial.Metal] };
        Assert.Null(nameless.Check());
        Assert.Null(parted.Check());
        Assert.Equal((Why.DevicesWithoutKind, "holds.devices"), (KeptBox.Check(nameless)!.Why, KeptBox.Check(nameless)!.Field));
        Assert.Equal((Why.KeptTooMuch, "holds"), (KeptBox.Check(parted)!.Why, KeptBox.Check(parted)!.Field));
    }

    private static Tape Held(TapeStart from, string? of = null) => new(from, new(Known.Measured, Length.Inches(6)), Of: of);

    private static SetProfile Amended(string key, decimal value, string note) =>
        new(CodeProfile.Default with { Amendments = [new Amendment(key, note, value)] });

    private static PutPanel Breakers(params Breaker[] breakers) =>
        new("panel", new Panel("Panel", SupplySystem.SplitPhase, 20) { Breakers = breakers });

    private static AddCable Cable(Id<Box> box, Id<Run> run) => new(box, run, "k9", Jobs.Nm(12, 2));

    private static PassThrough Through() => new("b", "r0", "r1", LeadForm.PassingThrough);

    private static RecordDone Done(string id) => new("plan", id, new RenameBox("b", "Planned name"), "e1");

    private static Situation Of(params Fault[] faults) => new() { Faults = faults };
}
