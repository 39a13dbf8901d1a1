using System.Text.Json.Serialization;
using JollyBarn.Measures;
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
[JsonDerivedType(typeof(RenameJob), "renameJob")]
[JsonDerivedType(typeof(SetProfile), "setProfile")]
[JsonDerivedType(typeof(SetPractice), "setPractice")]
[JsonDerivedType(typeof(PutPlace), "putPlace")]
[JsonDerivedType(typeof(RemovePlace), "removePlace")]
[JsonDerivedType(typeof(PutWall), "putWall")]
[JsonDerivedType(typeof(RemoveWall), "removeWall")]
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
[JsonDerivedType(typeof(NoteCircuit), "noteCircuit")]
[JsonDerivedType(typeof(OpenChange), "openChange")]
[JsonDerivedType(typeof(PlanEdit), "planEdit")]
[JsonDerivedType(typeof(DropPlanned), "dropPlanned")]
[JsonDerivedType(typeof(CloseChange), "closeChange")]
[JsonDerivedType(typeof(NoteFact), "noteFact")]
[JsonDerivedType(typeof(HearSaid), "hearSaid")]
[JsonDerivedType(typeof(ForgetSaid), "forgetSaid")]
[JsonDerivedType(typeof(BeginProof), "beginProof")]
[JsonDerivedType(typeof(LogReading), "logReading")]
[JsonDerivedType(typeof(StrikeReading), "strikeReading")]
[JsonDerivedType(typeof(EndVisit), "endVisit")]
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
[JsonDerivedType(typeof(CorrectAsFound), "correctAsFound")]
[JsonDerivedType(typeof(RecordDone), "recordDone")]
[JsonDerivedType(typeof(TakeBackDone), "takeBackDone")]
public abstract record Edit
{
    /// <summary>Version of this kind's meaning; a later meaning gets a later number and the old one still replays.</summary>
    public int V { get; init; } = 1;

    /// <summary>Ids of the boxes it is an edit of; none for what is of the whole job.</summary>
    [JsonIgnore]
    public virtual IEnumerable<string> OfBoxes => [];

    /// <summary>The reason it cannot be done on this job, or null.</summary>
    public abstract Refusal? Check(Job job);

    /// <summary>The next job.</summary>
    public abstract Job Apply(Job job);

    /// <summary>The edit as a sentence for history, in words of the job before it.</summary>
    public abstract string Tell(Job before);
}

/// <summary>Several edits that are done at once or not at all.</summary>
public sealed record Batch(IReadOnlyList<Edit> Edits, string? Name = null) : Edit
{
    private const int Most = 2000;

    [JsonIgnore]
    public override IEnumerable<string> OfBoxes => Edits.SelectMany(e => e.OfBoxes);

    public override Refusal? Check(Job job)
    {
        if (Edits.Count is 0 or > Most)
        {
            return new($"A batch has 1 to {Most} edits.", "edits");
        }

        if (Edits.OfType<LogReading>().Count(r => r.Reading?.Proof is not null) > 1)
        {
            return new("Each reading of a proof is written down on its own.", "edits");
        }

        for (var i = 0; i < Edits.Count; i++)
        {
            if (Edits[i] is null or Batch)
            {
                return new("A batch holds edits, not batches.", $"edits[{i}]");
            }

            if (Edits[i].Check(job) is { } refusal)
            {
                return refusal with { Field = $"edits[{i}]{(refusal.Field is null ? "" : "." + refusal.Field)}" };
            }

            job = Edits[i].Apply(job);
        }

        return null;
    }

    public override Job Apply(Job job) => Edits.Aggregate(job, (j, e) => e.Apply(j));

    public override string Tell(Job before) =>
        Name ?? (Edits.Count == 1 ? Edits[0].Tell(before) : $"{Edits[0].Tell(before)}, and {Edits.Count - 1} more");
}

/// <summary>Reasons that many edits share.</summary>
internal static class Refuse
{
    private const int LongestText = 200;

    public static Refusal? BadId(string? id, string field) =>
        Ids.IsGood(id) ? null : new Refusal($"\"{Ids.Shown(id)}\" is not an id. {Ids.Rule}", field);

    public static Refusal? NewId(string? id, bool taken, string field) =>
        BadId(id, field) ?? (taken ? new Refusal($"There is already something with the id {id}.", field) : null);

    /// <summary>A name or other text that must say something.</summary>
    public static Refusal? BadText(string? text, string field) =>
        string.IsNullOrWhiteSpace(text) ? new Refusal("A name is needed here.", field) : BadNote(text, field);

    /// <summary>Text that may be left out, but not be too long or hold control characters.</summary>
    public static Refusal? BadNote(string? text, string field, int longest = LongestText) =>
        text switch
        {
            null => null,
            { } t when t.Length > longest => new($"This is over {longest} characters; say it shorter.", field),
            { } t when t.Any(c => char.IsControl(c) && c is not '\n') => new("This holds characters that cannot be shown.", field),
            _ => null,
        };

    public static Refusal? BadTime(string? text, string field) =>
        DateTimeOffset.TryParse(text, System.Globalization.CultureInfo.InvariantCulture, out _)
            ? null
            : new Refusal("A time is written like 2026-09-14T08:10:00Z.", field);

    public static Refusal Missing(string what, string? id, string field) => new($"There is no {what} {Ids.Shown(id)} here.", field);

    public static Refusal? BadEnum<TEnum>(TEnum value, string field)
        where TEnum : struct, Enum => Enum.IsDefined(value) ? null : new Refusal("This is not one of the choices.", field);
}
