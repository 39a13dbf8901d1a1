using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Telling.History;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests;

/// <summary>What the Logbook says of each kind of edit. The sentences are what a person reads years later: they name the thing, never a key
/// of the program. Read one by one; a sentence that is changed is changed here too.</summary>
public class LogSentenceTests
{
    private static readonly Dictionary<Type, string> Sentences = new()
    {
        [typeof(NotePanel)] = "Panel, breaker 1: Does the directory say what it feeds? clearly",
        [typeof(NoteCircuit)] = "Lights: What is the circuit for? the laundry",
        [typeof(Batch)] = "Bench: now called x, and 1 more",
        [typeof(RenameJob)] = "Job named House",
        [typeof(SetProfile)] = "Judged by NEC 2017",
        [typeof(SetPractice)] = "House practice, A nonmetallic box's own flap counts as a clamp: yes (local)",
        [typeof(PutPlace)] = "Place Porch",
        [typeof(RemovePlace)] = "Loft removed",
        [typeof(PutWall)] = "Wall South wall",
        [typeof(RemoveWall)] = "Wall North wall removed",
        [typeof(PutOnWall)] = "North wall: pipe",
        [typeof(TakeOffWall)] = "North wall: stud taken off",
        [typeof(PutSource)] = "Source Generator",
        [typeof(RemoveSource)] = "Source Service removed",
        [typeof(PutPanel)] = "Panel Panel",
        [typeof(RemovePanel)] = "Panel Panel removed",
        [typeof(PutCircuit)] = "Circuit Stove",
        [typeof(RemoveCircuit)] = "Circuit Lights removed",
        [typeof(AddBox)] = "Box New added",
        [typeof(CopyBox)] = "Bench copied as Copy",
        [typeof(RenameBox)] = "Bench: now called Bench, left",
        [typeof(SetBoxWall)] = "Bench: set in North wall",
        [typeof(PlaceBox)] = "Bench: in no room",
        [typeof(SetBoxKind)] = "Bench: is a two-gang nonmetallic, 35 in³",
        [typeof(SetBoxMark)] = "Bench: marked 34 in³",
        [typeof(SetBoxSize)] = "Bench: measured inside",
        [typeof(SetContents)] = "Bench: partly recorded",
        [typeof(SetClamps)] = "Bench: no clamps inside",
        [typeof(SetFittings)] = "Bench: 1 stud, 1 hickey",
        [typeof(SetGroundingPlaces)] = "Square: 2 grounding holes, 1 ground clip",
        [typeof(SetPrintedCounts)] = "Bench: printed counts noted",
        [typeof(NoteBox)] = "Bench: note written",
        [typeof(BinBox)] = "Bench: put in the bin",
        [typeof(BringBackBox)] = "Old box: brought back from the bin",
        [typeof(ForRoom)] = "Pantry, every box: Bench: not opened yet",
        [typeof(AddPart)] = "Square: 4 square extension, 1 1/2 deep put on",
        [typeof(SetPart)] = "Square: one-gang ring, 1/2 in rise, for 4 square measured",
        [typeof(RemovePart)] = "Square: one-gang ring, 1/2 in rise, for 4 square taken off",
        [typeof(AddPartition)] = "Wide: partition after gang 1",
        [typeof(RemovePartition)] = "Bench: partition taken out",
        [typeof(AddBlock)] = "Bench: terminal block ground bar",
        [typeof(RemoveBlock)] = "Bench: terminal block block taken out",
        [typeof(AddEntry)] = "Bench: entry at the right",
        [typeof(SetEntry)] = "Bench: entry plugged",
        [typeof(RemoveEntry)] = "Bench: entry removed",
        [typeof(AddCable)] = "Bench: 14-3 brought in from the pantry",
        [typeof(NameCable)] = "Bench: cable from the porch, feeds in",
        [typeof(SetRun)] = "A cable: MC, grey sheath, on Lights",
        [typeof(ThrowSwitch)] = "Wide: single-pole switch thrown by Ines",
        [typeof(EndAtPanel)] = "A cable ends at Panel",
        [typeof(EndAtLoad)] = "A cable ends at water heater",
        [typeof(LoseEnd)] = "Nobody knows where a cable ends",
        [typeof(ConnectRun)] = "Square: cable followed to here",
        [typeof(RemoveCable)] = "Bench: a cable pulled out",
        [typeof(SplitRun)] = "Square: put into a cable, which goes on from here",
        [typeof(MoveRunEnd)] = "Bench: a cable pulled out, and brought into Square",
        [typeof(HurtRun)] = "A cable: cut through",
        [typeof(MendRun)] = "A cable: no longer hurt there",
        [typeof(PassThrough)] = "Bench: a cable passes through",
        [typeof(MoveLead)] = "Bench: black: from nobody knows where to hot, upper of the duplex receptacle",
        [typeof(JoinLeads)] = "Bench: 2 joined under a two-port lever connector",
        [typeof(SetLeadLength)] = "Bench: black: 7 1/2 in long",
        [typeof(SetLeadForm)] = "Bench: white: an unbroken loop",
        [typeof(IdentifyLead)] = "Bench: white: marked black",
        [typeof(SetLeadWire)] = "Bench: white: 10 AWG",
        [typeof(AddJoint)] = "Bench: a joint begun",
        [typeof(SetJoint)] = "Bench: joint under a three-port lever connector",
        [typeof(RemoveJoint)] = "Bench: joint hots opened",
        [typeof(AddPigtail)] = "Bench: pigtail from joint hots to loose",
        [typeof(GoOn)] = "Bench: black goes on to hot, upper of the duplex receptacle",
        [typeof(SetPigtail)] = "Bench: black pigtail, 12 AWG",
        [typeof(LandPigtail)] = "Bench: black pigtail to a cap",
        [typeof(RemovePigtail)] = "Bench: black pigtail taken out",
        [typeof(AddDevice)] = "Bench: single-pole switch put in",
        [typeof(SwapDevice)] = "Bench: duplex receptacle swapped for a GFCI receptacle",
        [typeof(MoveDevice)] = "Bench: duplex receptacle moved to gang 2",
        [typeof(SetDevice)] = "Bench: duplex receptacle: tab broken, hot",
        [typeof(RemoveDevice)] = "Bench: duplex receptacle taken out",
        [typeof(OpenChange)] = "Change Other plan opened",
        [typeof(PlanEdit)] = "planned in Plan: Planned name: note written",
        [typeof(DropPlanned)] = "an edit dropped from Plan",
        [typeof(CloseChange)] = "Change Plan closed",
        [typeof(NoteFact)] = "Bench: a cable: How much sheath is inside the box, past any clamp? 3/8",
        [typeof(AssumeMake)] = "Bench: begun as usual, switch loop",
        [typeof(HearSaid)] = "Bench: somebody says: worked until last week",
        [typeof(ForgetSaid)] = "Bench: no longer kept: never used it",
        [typeof(BeginProof)] = "Bench: Tomas begins to prove it dead, low-impedance meter",
        [typeof(LogReading)] = "Bench: 0.0 V between black of a cable and white of a cable",
        [typeof(LogSighting)] = "Bench: part of it went dead with 1 off",
        [typeof(OpenComplaint)] = "Something is wrong: Half the room is dead",
        [typeof(Observe)] = "It flickers: A hand at Bench: warm, or it smells",
        [typeof(StrikeObserved)] = "It flickers: an observation taken back",
        [typeof(SayWorked)] = "It flickers: Tomas is said to have worked in Bench",
        [typeof(UnsayWorked)] = "It flickers: a word about late work taken back",
        [typeof(PutBackApart)] = "It flickers: a cable in Bench put back",
        [typeof(FindCause)] = "It flickers: the cause found, Bench",
        [typeof(DropCause)] = "It flickers: it was not that",
        [typeof(CloseComplaint)] = "It hums: closed",
        [typeof(ReopenComplaint)] = "It tripped: open again",
        [typeof(LogTested)] = "Tested: A hand at Bench: warm, or it smells",
        [typeof(StrikeTested)] = "a test taken back",
        [typeof(PutAppliance)] = "Bench: kettle, 1500 W, hangs here",
        [typeof(LogMinutes)] = "10 min: a joint made, 4 of them",
        [typeof(StrikeMinutes)] = "Minutes struck",
        [typeof(LeaveInterim)] = "Left energised, not finished: cap on the porch feed",
        [typeof(EndInterim)] = "Finished: one box, capped",
        [typeof(PutStock)] = "Stock of one-gang nonmetallic, 18 in³",
        [typeof(RemoveAppliance)] = "glue pot taken off the list",
        [typeof(StrikeSighting)] = "a look at a box taken back",
        [typeof(StrikeReading)] = "reading struck: 121 V",
        [typeof(EndVisit)] = "Ines leaves: their proofs of dead end",
        [typeof(HandOver)] = "Bench: handed from Ines to Tomas",
        [typeof(SwitchBreaker)] = "Breaker 1 off, held by Ines",
        [typeof(RecordRuling)] = "Bench: accepted by the office",
        [typeof(RemoveRuling)] = "ruling of the office taken back",
        [typeof(NameRuling)] = "ruling of the office: kept for the case it was asked about",
        [typeof(AddReport)] = "List Inspector, 2 lines",
        [typeof(SetReportLine)] = "Buyer: answered, Box is loose",
        [typeof(RemoveReport)] = "List Buyer removed",
        [typeof(AddPhoto)] = "Bench: picture",
        [typeof(SetPhoto)] = "picture called as found",
        [typeof(PinPhoto)] = "Bench: pin in a picture",
        [typeof(UnpinPhoto)] = "Bench: pin taken out of a picture",
        [typeof(RemovePhoto)] = "picture taken away",
        [typeof(CorrectAsFound)] = "as found corrected, 2026-09-15: Bench: note written",
        [typeof(RecordDone)] = "done in Plan: Bench: now called Planned name",
        [typeof(TakeBackDone)] = "not done after all, in Plan",
        [typeof(TickStep)] = "Bench, Plan: Join hots, marked as done",
        [typeof(UntickStep)] = "Bench, Plan: a step is not done after all",
        [typeof(KeepPattern)] = "Wide: kept as a standard make, Feed-through",
        [typeof(RemovePattern)] = "Standard make Blank taken off the list",
        [typeof(SetStages)] = "Plan: the wall is open, permit granted",
        [typeof(WaitFor)] = "Plan waits: the board",
        [typeof(EndWait)] = "Plan, no longer waited for: the board",
        [typeof(RecordInspection)] = "Plan: not passed, the office",
        [typeof(CarryOut)] = "Plan: 1 planned edit is carried out",
        [typeof(ForgetMinutes)] = "Minutes forgotten: a joint made",
    };

    public static IEnumerable<TheoryDataRow<int>> Numbers() =>
        EveryEditTests.Examples.Select((e, i) => new TheoryDataRow<int>(i) { TestDisplayName = e.Good.GetType().Name });

    [Theory]
    [MemberData(nameof(Numbers))]
    public void Each_kind_of_edit_reads_so(int number)
    {
        var edit = EveryEditTests.Examples[number].Good;
        Assert.Equal(Sentences[edit.GetType()], edit.Tell(EveryEditTests.Rich));
    }

    private static readonly Job House = RuleBoxes
        .Make("metal")
        .Do(
            new PutPlace("hall", new Place("Hall", Wetness.Dry, "hall")),
            new PutWall("stair", new Wall("Stair wall", "hall")),
            new AddDevice("b", "lamp", "luminaire", 0)
        );

    /// <summary>The same kinds of edit where there is more to name, or nothing.</summary>
    private static readonly IReadOnlyList<(Edit Edit, string Says)> Others =
    [
        (new SetPractice(PracticeBook.LongLeads.Key, null), "House practice, Count long leads twice in fill: as it comes"),
        (new SetPractice(ElectricsBook.UnknownFeet.Key, "45"), "House practice, length of a run nobody measured: 45 ft"),
        (new PlaceBox("b", "hall"), "Bench: moved to Hall"),
        (new SetBoxWall("b"), "Bench: in no wall"),
        (new SetBoxWall("b", "stair"), "Bench: set in Stair wall"),
        (
            new SetBoxWall("b", "stair", new(Jobs.Left(30), new Tape(TapeStart.Ceiling, Fact<Length>.Unknown))),
            "Bench: set in Stair wall, middle 30 in from the left corner, from the ceiling, not measured"
        ),
        (
            new PutOnWall("stair", "x", new WallThing(WallThingKind.Stud) { Across = Jobs.Left(16) }),
            "Stair wall: stud, middle 16 in from the left corner"
        ),
        (new SetBoxMark("b", Fact<Volume>.NotApplicable), "Bench: has no mark"),
        (new SetBoxMark("b", Fact<Volume>.Unknown), "Bench: mark not known"),
        (new SetContents("b", Contents.Complete), "Bench: everything in it is recorded"),
        (new SetClamps("b", Fact<ClampStyle>.Marked(ClampStyle.Internal)), "Bench: clamps inside"),
        (new SetClamps("b", Fact<ClampStyle>.Unknown), "Bench: clamps not known"),
        (new SetFittings("b", 2, 0), "Bench: 2 studs, 0 hickeys"),
        (new RemoveCable("b", "r0"), "Bench: the cable from the pantry pulled out"),
        (new PassThrough("b", "r0", "r1", LeadForm.Loop), "Bench: the cable from the pantry left in loops"),
        (new PassThrough("b", "r0", "r1", LeadForm.PassingThrough), "Bench: the cable from the pantry passes through"),
        (new SetRun("r1", Length: SmallHouse.Feet(9)), "The cable on to the porch (Bench): 108 in long"),
        (new SetRun("r1", Length: Fact<Length>.Unknown), "The cable on to the porch (Bench): length not known"),
        (new SetRun("r1", CableType.UfB, Circuit: "c"), "The cable on to the porch (Bench): UF-B, on Circuit"),
        (new SetRun("r1", Circuit: ""), "The cable on to the porch (Bench): on no circuit"),
        (new SetRun("r1"), "The cable on to the porch (Bench): as it was"),
        (new EndAtPanel("r0", RunSide.B, "panel"), "The cable from the pantry (Bench) ends at Panel"),
        (new LoseEnd("r0", RunSide.B), "Nobody knows where the cable from the pantry (Bench) ends"),
        (new NameCable("b", "r0", RunSide.A, null, Feeds.CannotTell), "Bench: cable without a name, cannot tell"),
        (new MoveLead("b", "r0.a0", Landing.Loose), "Bench: black: from joint hots to loose"),
        (new SetLeadForm("b", "r0.a0", LeadForm.PassingThrough), "Bench: black: passes through"),
        (new SetLeadLength("b", "r0.a0", Fact<Length>.Unknown), "Bench: black: length not known"),
        (new IdentifyLead("b", "r0.a1", "white", ConductorUse.Switched), "Bench: white: white, used as switched hot"),
        (new AddJoint("b", "new", "twist-on-small", "travelers"), "Bench: joint travelers begun"),
        (new RemoveDevice("b", "lamp"), "Bench: luminaire on a canopy taken out"),
        (new SetDevice("b", "r", "by the door"), "Bench: duplex receptacle described"),
        (new NoteFact("b", "box", "setback"), "Bench: How far behind the finished face is its rim? Not known"),
        (RuleBoxes.Skip("r", "rigid"), "Bench: duplex receptacle: Does it sit firm at the finished face? Does not apply"),
        (RuleBoxes.Note("hots", "tight", "yes"), "Bench: joint hots: Does every conductor hold when tugged? Yes"),
        (
            RuleBoxes.Note("r0.a", "sheath", "1/2"),
            "Bench: the cable from the pantry: How much sheath is inside the box, past any clamp? 1/2"
        ),
        (RuleBoxes.Note("r0.a0", "damage", "nick"), "Bench: black of the cable from the pantry: Is it hurt? the copper is nicked"),
    ];

    public static IEnumerable<TheoryDataRow<int>> OtherNumbers() =>
        Others.Select((o, i) => new TheoryDataRow<int>(i) { TestDisplayName = o.Says });

    [Theory]
    [MemberData(nameof(OtherNumbers))]
    public void An_edit_names_what_it_is_about(int number) => Assert.Equal(Others[number].Says, Others[number].Edit.Tell(House));

    /// <summary>No sentence holds a key of the program: something with a dot or a slash between lower-case words, or an id.</summary>
    [Fact]
    public void No_sentence_of_the_log_shows_a_key()
    {
        var said = Sentences.Values.Concat(Others.Select(o => o.Says)).ToList();
        Assert.All(said, s => Assert.DoesNotMatch(@"[a-z]\.[a-z]|[a-z]/[a-z]|\b[a-z]\d\b|  |: $", s));
    }
}
