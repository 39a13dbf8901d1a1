using System.Text.Json.Serialization;

namespace JollyBarn.Wiring;

/// <summary>What a reading is for.</summary>
public enum ReadingStep
{
    /// <summary>Only a reading.</summary>
    None,

    /// <summary>A source known to be live, read before a proof.</summary>
    KnownBefore,

    /// <summary>One pair of a proof of dead.</summary>
    Pair,

    /// <summary>The known source again, after.</summary>
    KnownAfter,
}

/// <summary>How an instrument says it: by a figure, or by a lamp that is lit or not.</summary>
public enum ReadingShows
{
    Figure,

    /// <summary>No lamp, no tone, no figure: absence of voltage as far as it can tell.</summary>
    Nothing,

    /// <summary>A lamp, a tone: voltage, how much it does not say.</summary>
    Something,
}

/// <summary>What an instrument said: one reading, entered on its own.</summary>
/// <param name="From">Point one, in words or as the id of a lead.</param>
/// <param name="To">Point two.</param>
/// <param name="Says">What it showed, as written down.</param>
/// <param name="Volts">The same as volts, where it is volts.</param>
/// <param name="At">When by the clock of the device it was written down on, ISO 8601, UTC.</param>
/// <param name="Arrived">When it arrived by the clock of the program; null in records of an older one.</param>
/// <param name="Shows">Whether it showed a figure, or only something or nothing, as most two-pole testers do.</param>
/// <param name="FromAll">Leads that were one point with the first when it was taken, itself among them; null in records of an older
/// program: that lead alone.</param>
/// <param name="ToAll">The same of the second.</param>
/// <param name="Asked">Which of the readings asked of a finished box it answers; null where none asked for it.</param>
public sealed record Reading(
    string Instrument,
    string From,
    string To,
    string Says,
    string By,
    string At,
    Id<Box>? Box = null,
    string? Proof = null,
    ReadingStep Step = ReadingStep.None,
    decimal? Volts = null,
    string? Note = null,
    string? Arrived = null,
    ReadingShows Shows = ReadingShows.Figure,
    IReadOnlyList<string>? FromAll = null,
    IReadOnlyList<string>? ToAll = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] AskedReading? Asked = null
);

/// <summary>A reading that is asked of a box a Change made up, by the points of the solved network it lies between.</summary>
/// <param name="Switch">The lever that is thrown for it; null where none is.</param>
/// <param name="On">How it lies.</param>
public sealed record AskedReading(string Change, string From, string To, string? Switch = null, bool On = true);

/// <summary>A proof of dead at one box by one person: its readings are entries of their own that name it.</summary>
/// <param name="KnownSource">The source known to be live that the instrument is tried on.</param>
/// <param name="Reference">The independent ground the conductors are read against.</param>
/// <param name="Ended">Why and when it no longer holds; null while it may.</param>
public sealed record Proof(
    Id<Box> Box,
    string By,
    string Instrument,
    string Begun,
    string KnownSource,
    string Reference,
    ProofEnd? Ended = null
);

/// <param name="At">When, ISO 8601; null when the edit that ended it carried no time.</param>
public sealed record ProofEnd(string Why, string? At = null);

/// <summary>A question of the code settled with the office: it ties to the verdict it is about.</summary>
/// <param name="Box">The box, circuit or panel that was judged.</param>
/// <param name="Rule">Rule whose verdict it settles.</param>
/// <param name="Of">Subject of that verdict.</param>
/// <param name="About">The verdict's sentence when it was asked, to read; nothing goes by it.</param>
/// <param name="Case">Which case of the rule it is about; null in a file of an earlier program until the case is found.</param>
/// <param name="Details">The details of that case: when they change the ruling no longer settles it.</param>
public sealed record Ruling(
    string Box,
    string Rule,
    string Of,
    string About,
    string Asked,
    string AcceptedBy,
    string When,
    string? Case = null,
    string? Details = null
)
{
    public bool Settles(string rule, string of, string @case, string details) =>
        Rule == rule && Of == of && Case == @case && Details == details;
}

/// <summary>Somebody else's list: an inspector's, a buyer's.</summary>
public sealed record Report(string Name, string? From = null, string? Date = null)
{
    [System.Text.Json.Serialization.JsonConverter(typeof(ByIdJson<string, ReportLine>))]
    public ById<string, ReportLine> Lines { get; init; } = ById<string, ReportLine>.Empty;
}

/// <summary>One line of somebody's list, tied to a box and a rule, and answered.</summary>
/// <param name="Order">Place in the list.</param>
/// <param name="Answer">What is said back.</param>
/// <param name="Closed">Day it was settled; null while it is open.</param>
public sealed record ReportLine(
    string Text,
    int Order,
    Id<Box>? Box = null,
    string? Rule = null,
    string? Answer = null,
    string? Closed = null
);

/// <summary>A picture of a box, pinned to a lead or not. Its bytes are kept under their hash.</summary>
/// <param name="Sha">SHA-256 of its bytes, hexadecimal.</param>
public sealed record Photo(
    Id<Box> Box,
    string Sha,
    int Width,
    int Height,
    int Bytes,
    Id<Lead>? Lead = null,
    string? Caption = null,
    string? When = null
)
{
    /// <summary>Where in it which things of the box are seen.</summary>
    [System.Text.Json.Serialization.JsonConverter(typeof(ByIdJson<string, PhotoPin>))]
    public ById<string, PhotoPin> Pins
    {
        get;
        init => field = value ?? ById<string, PhotoPin>.Empty;
    } = ById<string, PhotoPin>.Empty;
}

/// <summary>A place in a picture, and what is seen there.</summary>
/// <param name="X">From its left edge, thousandths of its width.</param>
/// <param name="Y">From its top, thousandths of its height.</param>
/// <param name="Of">Id of a lead, pigtail, joint or device of the box.</param>
public sealed record PhotoPin(int X, int Y, string Of);
