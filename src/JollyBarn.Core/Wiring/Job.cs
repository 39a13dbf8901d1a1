using System.Text.Json;
using System.Text.Json.Serialization;
using JollyBarn.CodeBook;

namespace JollyBarn.Wiring;

public enum JobKind
{
    Building,
    Vehicle,
}

public enum Wetness
{
    Unknown,
    Dry,
    Damp,
    Wet,
}

/// <summary>A room or outdoor spot.</summary>
/// <param name="Use">What it is used as, which decides protection: bathroom, kitchen, bedroom, outdoors and so on.</param>
public sealed record Place(string Name, Wetness Wetness = Wetness.Unknown, string? Use = null);

public enum SourceKind
{
    Service,
    SecondPanel,
    Generator,
    Inverter,
    ShoreCord,
}

/// <summary>What can make a conductor live.</summary>
public sealed record Source(string Name, SourceKind Kind, SupplySystem System = SupplySystem.SplitPhase);

public enum SupplySystem
{
    SplitPhase,
    Wye,
    SingleLeg,
}

/// <summary>What one breaker, or a two-pole pair, feeds.</summary>
public sealed record Circuit(string Name, string? Panel = null, string? Note = null)
{
    /// <summary>Answers about it.</summary>
    [JsonConverter(typeof(ByIdJson<string, Observation>))]
    public ById<string, Observation> Facts
    {
        get;
        init => field = value ?? ById<string, Observation>.Empty;
    } = ById<string, Observation>.Empty;
}

/// <summary>A named plan: an ordered list of edits on top of the present.</summary>
public sealed record Change
{
    public required string Name { get; init; }

    /// <summary>Day it was opened, year-month-day.</summary>
    public string? Opened { get; init; }

    /// <summary>Day it was closed; null while it is open.</summary>
    public string? Closed { get; init; }

    public IReadOnlyList<PlannedEdit> Edits { get; init; } = [];

    /// <summary>Each touched box as it was recorded when work on it began.</summary>
    [JsonConverter(typeof(ByIdJson<Id<Box>, Box>))]
    public ById<Id<Box>, Box> AsFound { get; init; } = ById<Id<Box>, Box>.Empty;

    /// <summary>Corrections to what was found, in order; each is in the present and in <see cref="AsFound"/> too.</summary>
    public IReadOnlyList<Correction> Corrections
    {
        get;
        init => field = value ?? [];
    } = [];

    /// <summary>What was recorded as done, in order: as left is as found with these.</summary>
    public IReadOnlyList<DoneEdit> Done
    {
        get;
        init => field = value ?? [];
    } = [];

    /// <summary>Whether the wall it works in is open.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public WallIs Wall { get; init; }

    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public PermitIs Permit { get; init; }

    /// <summary>What its stages wait for.</summary>
    [JsonConverter(typeof(ByIdJson<string, Hold>))]
    public ById<string, Hold> Holds
    {
        get;
        init => field = value ?? ById<string, Hold>.Empty;
    } = ById<string, Hold>.Empty;

    [JsonConverter(typeof(ByIdJson<string, Inspected>))]
    public ById<string, Inspected> Inspections
    {
        get;
        init => field = value ?? ById<string, Inspected>.Empty;
    } = ById<string, Inspected>.Empty;

    /// <summary>Steps of make-up cards that were marked as done, in order.</summary>
    public IReadOnlyList<Tick> Ticks
    {
        get;
        init => field = value ?? [];
    } = [];

    /// <summary>When something was last recorded as done with a step of a box, ISO 8601; null where nothing was.</summary>
    public string? LastDoneIn(Id<Box> box) =>
        Ticks.Where(t => t.Box == box && t.Done is not null).Select(t => t.At).Order(StringComparer.Ordinal).LastOrDefault();
}

/// <summary>A step of a box's make-up card, marked as done.</summary>
/// <param name="Step">Key of the step.</param>
/// <param name="At">When, ISO 8601, UTC.</param>
/// <param name="Done">Id of what was recorded as done with it; null for a step that changes nothing of the record.</param>
/// <param name="Op">Operation it is timed as, as <c>op.joint</c>; null for one that is not.</param>
/// <param name="Of">Which of them: steps of one device are timed together.</param>
public sealed record Tick(
    Id<Box> Box,
    string Step,
    string By,
    string At,
    string? Done = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] string? Op = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] string? Of = null
);

/// <summary>A correction to as found.</summary>
/// <param name="On">Day, year-month-day.</param>
public sealed record Correction(string Id, string On, JsonElement Edit);

/// <summary>One edit recorded as done.</summary>
/// <param name="Planned">Id of the planned edit it carries out; null when it was not planned.</param>
public sealed record DoneEdit(string Id, JsonElement Edit, string? Planned = null, string? On = null);

/// <summary>One planned edit of a Change, with the id it can be dropped by.</summary>
/// <param name="Edit">The edit as the open format writes it; the layer of edits gives it meaning.</param>
/// <param name="Carried">What was recorded as done brought it about, step by step or otherwise: it is not done again.</param>
public sealed record PlannedEdit(
    string Id,
    JsonElement Edit,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)] bool Carried = false
);

/// <summary>One building or vehicle: its recorded present and the Changes planned on top of it.</summary>
/// <remarks>A file of an earlier program lacks what came later; such a property takes nothing for empty.</remarks>
public sealed record Job
{
    public required string Name { get; init; }

    public JobKind Kind { get; init; }

    /// <summary>True while it lies in the bin, from where it can be brought back.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public bool Binned { get; init; }

    /// <summary>What it is to learn by; null for a job that is real.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Exercise? Exercise { get; init; }

    public CodeProfile Profile { get; init; } = CodeProfile.Default;

    public HousePractice Practice { get; init; } = HousePractice.Default;

    [JsonConverter(typeof(ByIdJson<string, Place>))]
    public ById<string, Place> Places { get; init; } = ById<string, Place>.Empty;

    [JsonConverter(typeof(ByIdJson<string, Wall>))]
    public ById<string, Wall> Walls { get; init; } = ById<string, Wall>.Empty;

    [JsonConverter(typeof(ByIdJson<string, Source>))]
    public ById<string, Source> Sources { get; init; } = ById<string, Source>.Empty;

    [JsonConverter(typeof(ByIdJson<string, Panel>))]
    public ById<string, Panel> Panels { get; init; } = ById<string, Panel>.Empty;

    [JsonConverter(typeof(ByIdJson<Id<Circuit>, Circuit>))]
    public ById<Id<Circuit>, Circuit> Circuits { get; init; } = ById<Id<Circuit>, Circuit>.Empty;

    [JsonConverter(typeof(ByIdJson<Id<Run>, Run>))]
    public ById<Id<Run>, Run> Runs { get; init; } = ById<Id<Run>, Run>.Empty;

    [JsonConverter(typeof(ByIdJson<Id<Box>, Box>))]
    public ById<Id<Box>, Box> Boxes { get; init; } = ById<Id<Box>, Box>.Empty;

    [JsonConverter(typeof(ByIdJson<string, Change>))]
    public ById<string, Change> Changes { get; init; } = ById<string, Change>.Empty;

    [JsonConverter(typeof(ByIdJson<string, Reading>))]
    public ById<string, Reading> Readings
    {
        get;
        init => field = value ?? ById<string, Reading>.Empty;
    } = ById<string, Reading>.Empty;

    /// <summary>What was seen at boxes while breakers lay so.</summary>
    [JsonConverter(typeof(ByIdJson<string, Sighting>))]
    public ById<string, Sighting> Sightings
    {
        get;
        init => field = value ?? ById<string, Sighting>.Empty;
    } = ById<string, Sighting>.Empty;

    /// <summary>What is or was wrong, with what was observed of it.</summary>
    [JsonConverter(typeof(ByIdJson<string, Complaint>))]
    public ById<string, Complaint> Complaints
    {
        get;
        init => field = value ?? ById<string, Complaint>.Empty;
    } = ById<string, Complaint>.Empty;

    /// <summary>Tests that proved what is finished.</summary>
    [JsonConverter(typeof(ByIdJson<string, Tested>))]
    public ById<string, Tested> Tested
    {
        get;
        init => field = value ?? ById<string, Tested>.Empty;
    } = ById<string, Tested>.Empty;

    /// <summary>What somebody has that takes current, and where it hangs.</summary>
    [JsonConverter(typeof(ByIdJson<string, Appliance>))]
    public ById<string, Appliance> Appliances
    {
        get;
        init => field = value ?? ById<string, Appliance>.Empty;
    } = ById<string, Appliance>.Empty;

    /// <summary>What the van holds and the shop has, where it is other than the shop says, by part.</summary>
    [JsonConverter(typeof(ByIdJson<string, StockLine>))]
    public ById<string, StockLine> Stock
    {
        get;
        init => field = value ?? ById<string, StockLine>.Empty;
    } = ById<string, StockLine>.Empty;

    /// <summary>Standard makes of this shop.</summary>
    [JsonConverter(typeof(ByIdJson<string, Pattern>))]
    public ById<string, Pattern> Patterns
    {
        get;
        init => field = value ?? ById<string, Pattern>.Empty;
    } = ById<string, Pattern>.Empty;

    /// <summary>How long operations took.</summary>
    [JsonConverter(typeof(ByIdJson<string, Timed>))]
    public ById<string, Timed> Timed
    {
        get;
        init => field = value ?? ById<string, Timed>.Empty;
    } = ById<string, Timed>.Empty;

    /// <summary>What is energised and not finished, until a time.</summary>
    [JsonConverter(typeof(ByIdJson<string, Interim>))]
    public ById<string, Interim> Interims
    {
        get;
        init => field = value ?? ById<string, Interim>.Empty;
    } = ById<string, Interim>.Empty;

    [JsonConverter(typeof(ByIdJson<string, Proof>))]
    public ById<string, Proof> Proofs
    {
        get;
        init => field = value ?? ById<string, Proof>.Empty;
    } = ById<string, Proof>.Empty;

    [JsonConverter(typeof(ByIdJson<string, Ruling>))]
    public ById<string, Ruling> Rulings
    {
        get;
        init => field = value ?? ById<string, Ruling>.Empty;
    } = ById<string, Ruling>.Empty;

    [JsonConverter(typeof(ByIdJson<string, Report>))]
    public ById<string, Report> Reports
    {
        get;
        init => field = value ?? ById<string, Report>.Empty;
    } = ById<string, Report>.Empty;

    [JsonConverter(typeof(ByIdJson<string, Photo>))]
    public ById<string, Photo> Photos
    {
        get;
        init => field = value ?? ById<string, Photo>.Empty;
    } = ById<string, Photo>.Empty;

    public static Job Blank(string name) => new() { Name = name };
}
