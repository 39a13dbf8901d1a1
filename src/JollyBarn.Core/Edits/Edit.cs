using System.Text.Json.Serialization;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>One thing a person can change. Applied to a job it gives the next job.</summary>
/// <remarks>
/// <see cref="Check"/> refuses only what cannot physically be; what is wrong but real is recorded and judged.
/// <see cref="Apply"/> never refuses and never throws for an edit that reads, because replay must not: what no longer has a target changes
/// nothing.
/// A new kind is a new record and one line below.
/// </remarks>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "do")]
[JsonDerivedType(typeof(Batch), "batch")]
[JsonDerivedType(typeof(Restore), "restore")]
[JsonDerivedType(typeof(BinJob), "binJob")]
[JsonDerivedType(typeof(BringBackJob), "bringBackJob")]
[JsonDerivedType(typeof(ReplaceJob), "replaceJob")]
[JsonDerivedType(typeof(RenameJob), "renameJob")]
[JsonDerivedType(typeof(SetProfile), "setProfile")]
[JsonDerivedType(typeof(SetPractice), "setPractice")]
[JsonDerivedType(typeof(PutPlace), "putPlace")]
[JsonDerivedType(typeof(RemovePlace), "removePlace")]
[JsonDerivedType(typeof(PutWall), "putWall")]
[JsonDerivedType(typeof(RemoveWall), "removeWall")]
[JsonDerivedType(typeof(PutOnWall), "putOnWall")]
[JsonDerivedType(typeof(TakeOffWall), "takeOffWall")]
[JsonDerivedType(typeof(PutSource), "putSource")]
[JsonDerivedType(typeof(RemoveSource), "removeSource")]
[JsonDerivedType(typeof(PutPanel), "putPanel")]
[JsonDerivedType(typeof(RemovePanel), "removePanel")]
[JsonDerivedType(typeof(PutCircuit), "putCircuit")]
[JsonDerivedType(typeof(RemoveCircuit), "removeCircuit")]
[JsonDerivedType(typeof(AddBox), "addBox")]
[JsonDerivedType(typeof(CopyBox), "copyBox")]
[JsonDerivedType(typeof(RenameBox), "renameBox")]
[JsonDerivedType(typeof(PlaceBox), "placeBox")]
[JsonDerivedType(typeof(SetBoxWall), "setBoxWall")]
[JsonDerivedType(typeof(SetBoxKind), "setBoxKind")]
[JsonDerivedType(typeof(SetBoxMark), "setBoxMark")]
[JsonDerivedType(typeof(SetBoxSize), "setBoxSize")]
[JsonDerivedType(typeof(SetContents), "setContents")]
[JsonDerivedType(typeof(SetClamps), "setClamps")]
[JsonDerivedType(typeof(SetFittings), "setFittings")]
[JsonDerivedType(typeof(SetGroundingPlaces), "setGroundingPlaces")]
[JsonDerivedType(typeof(SetPrintedCounts), "setPrintedCounts")]
[JsonDerivedType(typeof(NoteBox), "noteBox")]
[JsonDerivedType(typeof(BinBox), "binBox")]
[JsonDerivedType(typeof(BringBackBox), "bringBackBox")]
[JsonDerivedType(typeof(ForRoom), "forRoom")]
[JsonDerivedType(typeof(AddPart), "addPart")]
[JsonDerivedType(typeof(SetPart), "setPart")]
[JsonDerivedType(typeof(RemovePart), "removePart")]
[JsonDerivedType(typeof(AddPartition), "addPartition")]
[JsonDerivedType(typeof(RemovePartition), "removePartition")]
[JsonDerivedType(typeof(AddBlock), "addBlock")]
[JsonDerivedType(typeof(RemoveBlock), "removeBlock")]
[JsonDerivedType(typeof(AddEntry), "addEntry")]
[JsonDerivedType(typeof(SetEntry), "setEntry")]
[JsonDerivedType(typeof(RemoveEntry), "removeEntry")]
[JsonDerivedType(typeof(AddCable), "addCable")]
[JsonDerivedType(typeof(NameCable), "nameCable")]
[JsonDerivedType(typeof(SetRun), "setRun")]
[JsonDerivedType(typeof(ConnectRun), "connectRun")]
[JsonDerivedType(typeof(EndAtPanel), "endAtPanel")]
[JsonDerivedType(typeof(EndAtLoad), "endAtLoad")]
[JsonDerivedType(typeof(LoseEnd), "loseEnd")]
[JsonDerivedType(typeof(RemoveCable), "removeCable")]
[JsonDerivedType(typeof(PassThrough), "passThrough")]
[JsonDerivedType(typeof(SplitRun), "splitRun")]
[JsonDerivedType(typeof(MoveRunEnd), "moveRunEnd")]
[JsonDerivedType(typeof(HurtRun), "hurtRun")]
[JsonDerivedType(typeof(MendRun), "mendRun")]
[JsonDerivedType(typeof(MoveLead), "moveLead")]
[JsonDerivedType(typeof(JoinLeads), "joinLeads")]
[JsonDerivedType(typeof(SetLeadLength), "setLeadLength")]
[JsonDerivedType(typeof(SetLeadForm), "setLeadForm")]
[JsonDerivedType(typeof(IdentifyLead), "identifyLead")]
[JsonDerivedType(typeof(SetLeadWire), "setLeadWire")]
[JsonDerivedType(typeof(AddJoint), "addJoint")]
[JsonDerivedType(typeof(SetJoint), "setJoint")]
[JsonDerivedType(typeof(RemoveJoint), "removeJoint")]
[JsonDerivedType(typeof(AddPigtail), "addPigtail")]
[JsonDerivedType(typeof(GoOn), "goOn")]
[JsonDerivedType(typeof(SetPigtail), "setPigtail")]
[JsonDerivedType(typeof(LandPigtail), "landPigtail")]
[JsonDerivedType(typeof(RemovePigtail), "removePigtail")]
[JsonDerivedType(typeof(AddDevice), "addDevice")]
[JsonDerivedType(typeof(SwapDevice), "swapDevice")]
[JsonDerivedType(typeof(MoveDevice), "moveDevice")]
[JsonDerivedType(typeof(SetDevice), "setDevice")]
[JsonDerivedType(typeof(RemoveDevice), "removeDevice")]
[JsonDerivedType(typeof(ThrowSwitch), "throwSwitch")]
[JsonDerivedType(typeof(NotePanel), "notePanel")]
[JsonDerivedType(typeof(LogSighting), "logSighting")]
[JsonDerivedType(typeof(StrikeSighting), "strikeSighting")]
[JsonDerivedType(typeof(OpenComplaint), "openComplaint")]
[JsonDerivedType(typeof(Observe), "observe")]
[JsonDerivedType(typeof(StrikeObserved), "strikeObserved")]
[JsonDerivedType(typeof(SayWorked), "sayWorked")]
[JsonDerivedType(typeof(UnsayWorked), "unsayWorked")]
[JsonDerivedType(typeof(PutBackApart), "putBackApart")]
[JsonDerivedType(typeof(FindCause), "findCause")]
[JsonDerivedType(typeof(DropCause), "dropCause")]
[JsonDerivedType(typeof(CloseComplaint), "closeComplaint")]
[JsonDerivedType(typeof(ReopenComplaint), "reopenComplaint")]
[JsonDerivedType(typeof(LogTested), "logTested")]
[JsonDerivedType(typeof(StrikeTested), "strikeTested")]
[JsonDerivedType(typeof(PutAppliance), "putAppliance")]
[JsonDerivedType(typeof(RemoveAppliance), "removeAppliance")]
[JsonDerivedType(typeof(PutStock), "putStock")]
[JsonDerivedType(typeof(LogMinutes), "logMinutes")]
[JsonDerivedType(typeof(StrikeMinutes), "strikeMinutes")]
[JsonDerivedType(typeof(LeaveInterim), "leaveInterim")]
[JsonDerivedType(typeof(EndInterim), "endInterim")]
[JsonDerivedType(typeof(NoteCircuit), "noteCircuit")]
[JsonDerivedType(typeof(OpenChange), "openChange")]
[JsonDerivedType(typeof(PlanEdit), "planEdit")]
[JsonDerivedType(typeof(DropPlanned), "dropPlanned")]
[JsonDerivedType(typeof(CloseChange), "closeChange")]
[JsonDerivedType(typeof(NoteFact), "noteFact")]
[JsonDerivedType(typeof(AssumeMake), "assumeMake")]
[JsonDerivedType(typeof(HearSaid), "hearSaid")]
[JsonDerivedType(typeof(ForgetSaid), "forgetSaid")]
[JsonDerivedType(typeof(BeginProof), "beginProof")]
[JsonDerivedType(typeof(LogReading), "logReading")]
[JsonDerivedType(typeof(StrikeReading), "strikeReading")]
[JsonDerivedType(typeof(EndVisit), "endVisit")]
[JsonDerivedType(typeof(LetGoTogether), "letGoTogether")]
[JsonDerivedType(typeof(HandOver), "handOver")]
[JsonDerivedType(typeof(SwitchBreaker), "switchBreaker")]
[JsonDerivedType(typeof(RecordRuling), "recordRuling")]
[JsonDerivedType(typeof(NameRuling), "nameRuling")]
[JsonDerivedType(typeof(RemoveRuling), "removeRuling")]
[JsonDerivedType(typeof(AddReport), "addReport")]
[JsonDerivedType(typeof(SetReportLine), "setReportLine")]
[JsonDerivedType(typeof(RemoveReport), "removeReport")]
[JsonDerivedType(typeof(AddPhoto), "addPhoto")]
[JsonDerivedType(typeof(SetPhoto), "setPhoto")]
[JsonDerivedType(typeof(RemovePhoto), "removePhoto")]
[JsonDerivedType(typeof(PinPhoto), "pinPhoto")]
[JsonDerivedType(typeof(UnpinPhoto), "unpinPhoto")]
[JsonDerivedType(typeof(CorrectAsFound), "correctAsFound")]
[JsonDerivedType(typeof(RecordDone), "recordDone")]
[JsonDerivedType(typeof(TakeBackDone), "takeBackDone")]
[JsonDerivedType(typeof(TickStep), "tickStep")]
[JsonDerivedType(typeof(UntickStep), "untickStep")]
[JsonDerivedType(typeof(CarryOut), "carryOut")]
[JsonDerivedType(typeof(KeepPattern), "keepPattern")]
[JsonDerivedType(typeof(RemovePattern), "removePattern")]
[JsonDerivedType(typeof(SetStages), "setStages")]
[JsonDerivedType(typeof(WaitFor), "waitFor")]
[JsonDerivedType(typeof(EndWait), "endWait")]
[JsonDerivedType(typeof(RecordInspection), "recordInspection")]
[JsonDerivedType(typeof(ForgetMinutes), "forgetMinutes")]
[JsonDerivedType(typeof(ShowExercise), "showExercise")]
public abstract record Edit
{
    /// <summary>Version of this kind's meaning; a later meaning gets a later number and the old one still replays.</summary>
    public int V { get; init; } = 1;

    /// <summary>Ids of the boxes it is an edit of; none for what is of the whole job.</summary>
    [JsonIgnore]
    public virtual IEnumerable<Id<Box>> OfBoxes => [];

    /// <summary>Edits it holds, each with the field it stands in.</summary>
    [JsonIgnore]
    public virtual IEnumerable<(string Field, Edit Edit)> Inner => [];

    /// <summary>True for what only the program makes.</summary>
    [JsonIgnore]
    public virtual bool ByProgram => false;

    /// <summary>Who does it, where it says so itself; null where only its envelope does.</summary>
    [JsonIgnore]
    public virtual string? Doer => null;

    /// <summary>True when it would put a whole record in the place of one that is there: whoever sends it says which version they saw, so
    /// that what somebody else changed in it since is not written over.</summary>
    public virtual bool PutsOver(Job job) => false;

    /// <summary>The reason it cannot be done on this job, or null.</summary>
    public abstract Refusal? Check(Job job);

    /// <summary>The same as it arrives: what is kept with the time of the program, ISO 8601, UTC, gets it.</summary>
    public virtual Edit Arrived(string at) => this;

    /// <summary>Why it cannot come from a person, or null: something in it, at any depth, is the program's to make or says another
    /// doer.</summary>
    /// <param name="by">Who sends it.</param>
    public Refusal? NotFrom(string by)
    {
        if (ByProgram)
        {
            return new(Why.MadeByProgram, "do");
        }

        if (Doer is { } doer && doer.Trim() != by.Trim())
        {
            return new(Why.OtherDoer, "by", ("doer", doer), ("by", by));
        }

        foreach (var (field, edit) in Inner)
        {
            if (edit?.NotFrom(by) is { } refusal)
            {
                return refusal with { Field = $"{field}.{refusal.Field}" };
            }
        }

        return null;
    }

    /// <summary>The next job.</summary>
    public abstract Job Apply(Job job);
}
