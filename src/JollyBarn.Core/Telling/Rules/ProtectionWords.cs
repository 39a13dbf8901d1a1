using JollyBarn.Telling.Phrases;

namespace JollyBarn.Telling.Rules;

/// <summary>What is said of protection by place: GFCI, AFCI, tamper and weather.</summary>
internal static class ProtectionWords
{
    public static RuleWords[] All =>
        [
            new("gfci", "GFCI by place", "Wet hands and earth make a person the shortest way.")
            {
                { "NotAsked", "Nothing asks GFCI protection of the {device} here." },
                { "Protected", "The {device} is GFCI-protected, by {guard}." },
                { "ProtectedByMark", "The {device} is GFCI-protected, as far as the mark of a cable nobody followed." },
                { "ProtectedByAnswer", "The {device} is GFCI-protected, as somebody said; nobody followed the wiring there." },
                { "Unprotected", "The {device} is not GFCI-protected, and the place asks it." },
                {
                    "SaidProtected",
                    "The {device} is said to be GFCI-protected; the recorded wiring goes round every protective device, and "
                        + "the place asks one."
                },
                {
                    "Bypassed",
                    "Only one conductor of the {device} comes from the load side of a protective device: it is not "
                        + "protected, and the place asks it."
                },
                { "AskProtected", "The place asks GFCI protection of the {device}: is it protected?" },
                { "AskPlace", "Does the place ask GFCI protection of the {device}, and has it any?" },
            },
            new("no-ground", "Three slots, no ground", "The third slot promises what is not there.")
            {
                { "GroundComesIn", "A ground that reaches the panel comes in." },
                { "GroundTested", "A ground comes in that was tested and not followed." },
                { "AskFollow", "Does a ground come to the {device}? Nobody followed {cables} to the panel." },
                {
                    "RunsOn",
                    "No ground comes to the {device}, and {lead} hangs on its ground screw: what is further on takes it for a ground."
                },
                { "AskProtected", "No ground comes to the {device}: does a GFCI protect it?" },
                { "Unprotected", "The {device} has a ground slot, no ground comes in and no GFCI protects it." },
                { "AskMarked", "Is it marked for having no ground?" },
                { "Marked", "Is it marked for having no ground? Yes." },
                { "NotMarked", "The {device} is protected without a ground and not marked so." },
            },
            new("device-test", "Test button", "Protection that does not open is none.")
            {
                { "Wrong", "The test button of the {device} does not open it: it protects nothing." },
            },
            new("ready-access", "Within reach", "What nobody reaches, nobody tests or resets.")
            {
                { "Wrong", "The {device} cannot be reached without moving things, a ladder or a tool." },
            },
            new("bath-zone", "Tub and shower", "Wet skin carries many times what dry skin does.")
            {
                { "Wrong", "A receptacle is where none may be: in the tub or shower, over it, or within its zone." },
            },
            new("feed-mark", "Mark and wiring", "Who trusts the mark opens the wrong breaker.")
            {
                { "BringsNothing", "{Cable} is marked as feeding in, and by the recorded wiring it brings no hot." },
                { "BringsPower", "{Cable} is marked as feeding on, and by the recorded wiring it brings power in." },
                { "NotProtected", "{Cable} is marked as protected, and by the recorded wiring nothing protects it." },
                { "Agrees", "The mark of {cable} and its wiring agree." },
            },
            new("tub-space", "Tub and shower space", "Whoever stands in water must not reach a switch or pull a light down.")
            {
                { "Ask", "Is this switch inside the space of a tub or shower?" },
                { "Switch", "The {device} is inside the space of a tub or shower." },
                { "AskKind", "How is the {device} made? Within the zone of a tub nothing may hang." },
                { "AskZone", "Is the {device} within 3 ft of a tub or shower and 8 ft above it?" },
                { "Hangs", "The {device} hangs within the zone of a tub or shower." },
                { "Outside", "Outside the space of tub and shower." },
            },
            new("closet", "Closet light", "A hot lamp among clothes.")
            {
                { "AskKind", "How is the {device} made? A closet takes only some." },
                { "NotAllowed", "The {device} is an open or hanging lamp in a closet." },
                { "Ask", "How far is the {device} from the nearest shelf or rod?" },
                Words.AtLeast("From the {device} to what is stored"),
            },
            new("supply-heat", "Heat at the luminaire", "Old insulation bakes above a lamp and falls off.")
            {
                { "Ask", "Does the supply wire stand the heat the {device} is marked for?" },
                { "TooCool", "The supply wire is not rated for the heat of the {device}." },
                { "Stands", "The supply wire is rated for the {device}." },
            },
            new("fan-ready", "Box for a fan", "The next person hangs a fan where a lamp hung.")
            {
                { "Ready", "A fan can hang here, or no fan can." },
                { "Ask", "Is there framing to hang a fan from?" },
                { "AskListed", "No framing to hang a fan from: is the box marked for one?" },
                { "AskBuilt", "The box is not marked for a fan and no framing is in reach. Has it stood as built?" },
                { "NotReady", "The box overhead is not marked for a fan, and no framing is in reach." },
                { "StandsAsBuilt", "The box overhead is not marked for a fan; it stands as built, until it is changed." },
            },
            new("through-luminaire", "Through a luminaire", "Its heat cooks what only passes by.")
            {
                { "Wrong", "The circuit goes on through a luminaire that is not listed for it." },
            },
            new("low-voltage", "Low voltage", "A bell wire brings mains to a hand.")
            {
                { "Beside", "Low-voltage wires lie beside power in this box." },
                { "Apart", "Low-voltage wires are kept apart, or there are none." },
            },
            new("joint-made", "Joint made", "What shows can be touched; what is short lets go.")
            {
                { "CopperBelow", "Copper shows below the connector of {joint}." },
                { "ShellHurt", "The connector of {joint} is split or pierced." },
                { "EndShort", "An end in {joint} does not reach the window of its connector." },
                { "Sound", "{Joint} is made as it should be." },
            },
            new("weather", "Weather", "Rain runs down the cord into the slots.")
            {
                { "NotAsked", "No weather cover is asked here." },
                { "AskPlace", "Is the place dry, damp or wet? The cover goes by it." },
                { "NotResistant", "The {device} is not weather-resistant, and the place is {place}." },
                { "WetCover", "A wet place needs an extra-duty cover that closes on the plug." },
                { "DampCover", "A damp place needs a cover that is tight when closed." },
                { "Ask", "Is the {device} right for a {place} place?" },
                { "Suits", "The {device} suits a {place} place." },
            },
            new("tamper", "Tamper-resistant", "A child with a key.")
            {
                { "NotAsked", "Tamper resistance is not asked here." },
                { "Resistant", "The {device} is tamper-resistant." },
                { "Ask", "Is the {device} tamper-resistant?" },
                { "AskExempt", "The {device} is not tamper-resistant. How high is it, what is it for, and has it stood as built?" },
                { "StandsAsBuilt", "The {device} is not tamper-resistant; it stands as built, until it is replaced." },
                { "NotResistant", "The {device} is not tamper-resistant." },
            },
            new("afci", "AFCI by room", "A loose joint behind a bed arcs for hours before it trips anything else.")
            {
                { "NotAsked", "No arc-fault protection is asked here." },
                { "Protected", "Arc-fault protected." },
                { "AskUse", "What is the room used as? Arc-fault protection goes by it." },
                { "AskProtection", "The room asks arc-fault protection: is there any?" },
                { "AskBuilt", "No arc-fault protection, and the room asks it: has it stood as built?" },
                { "StandsAsBuilt", "No arc-fault protection; it stands as built, until it is extended by an outlet or over 6 ft." },
                { "Unprotected", "No arc-fault protection, and the room asks it." },
                { "SaidProtected", "Arc-fault protection is said to be there; its breaker is none, and the room asks it." },
            },
            new("tagged", "Tagged", "Nobody can tell line from load in a year.")
            {
                { "Tagged", "{Cable} is protected here and tagged so." },
                { "NotTagged", "{Cable} is protected here and not tagged." },
                { "Ask", "{Cable} is protected here: is it tagged so?" },
            },
        ];
}
