using JollyBarn.Telling.Phrases;

namespace JollyBarn.Telling.Rules;

/// <summary>What is said of devices: how they land, are held, bonded and tightened.</summary>
internal static class DeviceWords
{
    public static RuleWords[] All =>
        [
            new("line-load", "Line and load", "What was meant to be protected is not, and an old one leaves its own face live.")
            {
                { "FeedOnLoad", FeedOnLoad() },
                {
                    "NeutralOnLoad",
                    "The neutral of the feed lands on the load side of the {device}. Hot and neutral of the feed go to line."
                },
                {
                    "HalfOnLoad",
                    "Only {lead} of its cable hangs on the load side of the {device}: it opens at the first load, or does not protect."
                },
                { "NotOnLoad", "Said to be protected, but not on the load side of the {device}: {lead}." },
                { "AskLoad", "{Cable} is said to be protected: do its hot and neutral lie on the load side of the {device}? Nobody saw." },
                { "OnLine", "The feed of the {device} is on its line side." },
            },
            new("fed", "Fed", "A dead outlet with an open neutral is live inside.")
            {
                { "Nothing", "Nothing feeds the {device}: neither hot nor neutral goes anywhere." },
                { "NoHot", "No breaker reaches the hot of the {device}." },
                { "NoNeutral", "The {device} has a hot and its neutral goes nowhere: its slots stay live through whatever is plugged in." },
            },
            new("switch-works", "Switching", "What somebody takes to be off is live.")
            {
                { "Works", "The {device} switches what hangs behind it." },
                { "Nothing", "However the {device} lies, nothing changes: it is bridged, or leads nowhere." },
                { "NotAlways", "The {device} works only as another switch lies: a traveler or a common is on the wrong terminal." },
            },
            new("landing", "Landing place", "A screw made for one holds neither of two.")
            {
                {
                    "TooMany",
                    new("{count} conductors on {where}; it is identified for {most}. Join them and land a pigtail.")
                    {
                        Sum = "{count} there, {most} at most",
                    }
                },
                { "WrongGauge", "{Lead} is {gauge} AWG; {where}, takes {thinnest} to {thickest} AWG." },
                { "OnlyOneGauge", "{Lead} is {gauge} AWG; {where}, takes {thinnest} AWG." },
                { "SolidOnly", "{Lead} is stranded; {where}, takes solid only." },
            },
            new("device-bonded", "Device bonded", "The ground pin of a plug that goes nowhere protects nobody.")
            {
                { "Bonded", "The {device} is bonded: its ground is followed to the panel." },
                { "Tested", "The {device} is bonded as far as {cables}, whose ground was tested and not followed." },
                { "ByBox", "The {device} is bonded by the metal box it is screwed to." },
                { "AskWhere", "Where does the ground of the {device} go?" },
                { "AskFollow", "Does the ground of the {device} reach the panel? Nobody followed {cables}." },
                { "AskYoke", "No ground lands on the {device}. Does its yoke ground itself?" },
                { "AskScrews", "No ground lands on the {device}. Do metal screws hold it to the box?" },
                { "NotBonded", "The {device} is not bonded, and a ground is in the box." },
                { "NoExposedMetal", "No ground comes to the {device}; no metal of it can be touched, or it is ground-fault protected." },
                { "AskMetal", "No ground comes to the {device}: has it metal that one can touch?" },
                { "NoGround", "No ground comes to the {device}, and its metal can be touched." },
                { "LeadLoose", "The ground of the {device} is joined to nothing." },
                { "DeadGround", Words.Ends("The ground on the {device} reaches no panel") },
            },
            new("plate-bonded", "Metal plate bonded", "A loose hot behind it makes the plate live, and nothing opens.")
            {
                { "ByYoke", "Whatever the plate is made of, a yoke bonds it." },
                { "NotBonded", "The plate is metal, and no device under it is bonded." },
                { "NotMetal", "The plate is not metal." },
                { "Ask", "No device here is bonded: is the plate metal?" },
                { "AskFollow", "Is the plate metal, and does a ground reach it? Nobody followed {cables}." },
            },
            new("rating", "Receptacle rating", "A 20 A slot on a 15 A circuit invites what the circuit cannot carry.")
            {
                { "Suits", "{rating:0} A on a {breaker:0} A circuit." },
                {
                    "AskAlone",
                    "A {rating:0} A {device} on a {breaker:0} A circuit: does anything else hang on it? Nobody followed it to the panel."
                },
                { "DoesNotSuit", "A {rating:0} A receptacle on a {breaker:0} A circuit." },
            },
            new("rigid", "Device firm", "A receptacle that gives works its screws loose.")
            {
                { "Wrong", "The {device} is not firm at the face." },
            },
            new("device-screws", "Screws", "A drywall screw strips the box and cuts what it meets.")
            {
                { "Machine", "Machine screws hold it." },
                { "Other", "The {device} is held by screws that are no machine screws." },
            },
            new("torque", "Torque", "By feel is loose as often as tight.")
            {
                { "Ask", "A torque is marked on the {device}. How was it tightened?" },
                { "ByTool", "Tightened with a calibrated tool." },
                { "ByMeans", "Tightened by an approved means." },
                { "NotByMeans", "The {device} was not tightened to its mark by an approved means." },
                { "NotByTool", "The {device} was not tightened to its mark with a calibrated tool." },
            },
            new("dimmer", "Dimmer and receptacle", "What is plugged in burns, or the dimmer does.")
            {
                { "Wrong", "The {device} feeds a receptacle." },
            },
            new("neutral-at-switch", "Neutral at the switch", "The next switch will want one, and somebody will take the ground.")
            {
                { "Present", "A neutral is in the box." },
                { "AskPresent", "Is a neutral in this switch box?" },
                { "StandsAsBuilt", "No neutral at this switch; it stands as built." },
                { "AskWhy", "No neutral is at this switch. Why may that be?" },
                { "Excepted", "An exception holds." },
                { "Missing", "No neutral at this switch, and no exception holds." },
                { "AskBuilt", "No neutral at this switch and no exception: has it stood as built?" },
            },
            new("taped", "Tape round terminals", "A bare ground folded against a screw finds it.")
            {
                { "Wrong", "No tape round the terminals of the {device} in a metal box." },
            },
            new("fed-through", "Through the device", "Take it out, and what hangs behind it is dead or half dead.")
            {
                { "Hangs", "{Cables} hangs on the {device}: taken out, it is cut off." },
                { "Listed", "{Cables} goes through the {device}, as the house has it." },
            },
            new("push-in", "Push-in holes", "A spring holds what a screw would clamp; they fail early.")
            {
                { "Used", "{Lead} is in a push-in hole of the {device}." },
            },
        ];

    private static Words FeedOnLoad() =>
        new(
            new Line(f =>
                f.Get<Terms.Thing?>("lead") is { } lead
                    ? $"The feed lands on the load side: {f.Named(lead)}. Feed goes to line; what is to be protected goes to load."
                    : $"The feed comes to the load side of the {f["device"]}. Feed goes to line; what is to be protected goes to load."
            )
        );
}
