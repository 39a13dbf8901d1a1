using static JollyBarn.CodeBook.FactKinds;

namespace JollyBarn.CodeBook;

/// <summary>Facts of leads, pigtails and joints.</summary>
public static class LeadFacts
{
    /// <summary>Length of a lead: kept on the lead itself.</summary>
    public const string Length = "length";

    public static IReadOnlyList<FactKind> All { get; } =
    [
        Tape(Length, FactOf.Lead, 300, "How long is it?", "From where it leaves the sheath to its end, straightened.", "lead"),
        Tape("past-opening", FactOf.Lead, 301, "How far does it reach past the opening?", "Pull it straight out; measure from the front of the box or ring to its end.", "reach"),
        Choice("damage", FactOf.Lead, 302, "Is it hurt?", "Look where it was stripped and where it lay under a screw.", ("none", "no"), ("insulation", "its insulation"), ("nick", "the copper is nicked"), ("burnt", "it is burnt, or crumbles when it is bent")),
        Choice("hook", FactOf.Lead, 303, "Which way does its hook go round the screw?", "As seen on the screw: clockwise is drawn in as it is tightened.", ("clockwise", "clockwise"), ("other", "the other way, or not round")),
        Tape("bare", FactOf.Lead, 304, "How much bare copper shows past the screw?", "From the edge of the terminal to the insulation.", "bare"),
        Tape("path", FactOf.Lead, 305, "How long is its whole path through the joint?", "From the sheath through the connector to the end of what was spliced on.", "path"),
        Tape("tail-length", FactOf.Pigtail, 310, "How long is the pigtail?", "End to end, straightened.", "lead"),
        YesNo("tight", FactOf.Joint, 320, "Does every conductor hold when tugged?", "One after another, with the breaker off.", "yes"),
        YesNo("joint-listed", FactOf.Joint, 321, "Is the connector listed for these conductors?", "The package lists how many of which gauge.", "yes"),
        YesNo("reused", FactOf.Joint, 322, "Is the twist-on one that was used before?", "Taken off and put on again.", "no"),
        YesNo("joint-aluminum", FactOf.Joint, 323, "Is the connector marked for aluminum?", "AL or AL-CU on it, and its paste inside.", "yes"),
    ];
}
