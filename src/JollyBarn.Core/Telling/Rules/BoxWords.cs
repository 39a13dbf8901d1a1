using JollyBarn.Telling.Phrases;

namespace JollyBarn.Telling.Rules;

/// <summary>What is said of a box itself and its volume, bond, cover and openings.</summary>
internal static class BoxWords
{
    public static RuleWords[] All =>
        [
            new("fill", "Fill", "An over-full box nicks insulation when it is closed and cannot shed its heat.")
            {
                {
                    "Fits",
                    new("It fits by count.") { Sum = "{needed} needed, {there} there" }
                },
                {
                    "ExactlyFull",
                    new("It is exactly full and fits.") { Sum = "{needed} needed, {there} there" }
                },
                {
                    "Over",
                    new("The box is over-full by {by}.") { Sum = "{needed} needed, {there} there" }
                },
                {
                    "AskFact",
                    new("Does it fit? Not known yet: {first}.") { Sum = "{needed} or more needed" }
                },
                {
                    "AskMore",
                    new("Does it fit? Not everything in it is recorded.") { Sum = "{needed} or more needed" }
                },
            },
            new("depth", "Depth", "A device that presses on conductors cuts them in time.")
            {
                { "DeepDevice", Deep },
                { "ByGauge", OnGauge },
                { "GaugeUnknown", Unknown },
                {
                    "DeepDeviceTooDeep",
                    new(Deep) { Sum = Short }
                },
                {
                    "TooShallow",
                    new(OnGauge) { Sum = Short }
                },
                {
                    "TooShallowGaugeUnknown",
                    new(Unknown) { Sum = Short }
                },
            },
            new("box-bonded", "Metal box bonded", "A hot that touches an unbonded box makes it live, and nothing trips.")
            {
                { "Bonded", "The metal box is bonded, and its ground is followed to the panel." },
                { "Tested", "The metal box is bonded as far as {cables}, whose ground was tested and not followed." },
                { "Ask", "Is the metal box bonded? Look for a ground on a screw in the box that holds nothing else." },
                { "AskFollow", "Does the ground of the metal box reach the panel? Nobody followed {cables}." },
                {
                    "NotBonded",
                    "The metal box is not bonded. Run a pigtail from the ground joint to a grounding screw used for nothing else."
                },
                { "ThroughDevice", "The metal box is bonded only through the {device}: taking it off leaves the box without a bond." },
                { "DeadGround", Words.Ends("The metal box is on a ground that reaches no panel") },
            },
            new("ground-path", "Way of the ground", "A ground on nothing opens no breaker, and holds the metal live.")
            {
                { "Reaches", "{Lead} is followed to the panel's ground." },
                { "Tested", "{Lead} is a ground as far as {cables}, tested and not followed." },
                { "AskFollow", "Does {lead} reach the panel's ground? Nobody followed {cables}." },
                { "TestedNone", "{Lead} comes from {cables}, whose ground was tested and carries nothing." },
                {
                    "Extended",
                    new("{Feed} brings no ground, and {lead} goes on as if it did: the circuit was extended without one.")
                    {
                        Mend = "Bring a ground to this box, or run a cable with one from the panel.",
                    }
                },
                { "EndsAt", Words.Ends("{Lead} reaches no panel") },
            },
            new("bond-screw", "Bonding screw", "A screw that holds something else is loosened with it, and the bond with it.")
            {
                { "Ask", "What screw holds the ground to the box?" },
                { "OfItsOwn", "The bond has a screw or clip of its own." },
                { "Wood", "The ground is under a wood or sheet-metal screw." },
                { "Shared", "The ground is under a {screw} screw." },
            },
            new("bond-count", "Grounds under a screw", "The second under a screw for one is the loose one.")
            {
                { "Wrong", "{count} grounds lie under a screw for one." },
            },
            new("bonded-through", "Bonded through", "The sheath is the ground; a plastic box breaks it.")
            {
                { "Wrong", "Metal cables come into a plastic box and are not bonded through it." },
            },
            new("splice-box", "Splice in a box", "A joint in the open has nothing round it when it gets hot.")
            {
                { "OneOpen", "A joint lies open with no box round it." },
                { "SeveralOpen", "{count} joints lie open with no box round them." },
                { "InBox", "The joints are in a box." },
            },
            new("concealed-splice", "Concealed splice", "Its listing is for a repair; anywhere else nothing says it holds.")
            {
                { "Repair", "A repair of wiring that was concealed." },
                { "AskBoth", "Is this splice concealed, and is it a repair?" },
                { "AskRepair", "Is this concealed splice a repair of wiring that was concealed already?" },
                { "NoRepair", "A concealed splice that is no repair of concealed wiring." },
            },
            new("covered", "Cover", "Sparks from a joint must stay in the box.")
            {
                { "Open", "Nothing closes this box." },
                { "Closed", "It is closed." },
                { "Ask", "Is it closed by a cover?" },
            },
            new("plate", "Plate", "What can be reached past a plate can be touched live.")
            {
                { "Wrong", "The plate does not cover the opening or does not seat on the wall." },
            },
            new("entry-open", "Open hole", "Mice, sparks and fingers go through a hole.")
            {
                { "Open", "A hole in the box is open." },
                { "Closed", "This opening is closed or in use." },
            },
            new("clean", "Clean inside", "Paint on a terminal is a bad joint; foam holds heat.")
            {
                { "Wrong", "Paint, plaster or foam is in the box." },
            },
            new("recorded", "All recorded", "What nobody wrote down is not judged.")
            {
                { "All", "Everything in it is recorded." },
                { "Ask", "Is everything in it recorded? What is not is not judged." },
            },
            new("followed", "Leads followed", "The lead nobody followed is the one that is live.")
            {
                { "AskOne", "Where does the {lead} go?" },
                { "AskMany", "Where do {count} leads go that nobody has followed?" },
                { "All", "Every lead was followed." },
            },
        ];

    private const string Deep = "{Device} is {body} deep and wants {behind} behind it: {needed} needed, {depth} deep.";

    private const string OnGauge = "{Device} on {gauge} AWG: {needed} needed, {depth} deep.";

    private const string Unknown = "{Device} on conductors not known yet: {needed} needed, {depth} deep.";

    private const string Short = "{needed} − {depth} = {by} short";
}
