using JollyBarn.Telling.Phrases;

namespace JollyBarn.Telling.Rules;

/// <summary>What is said of gauges, lengths and colours of conductors.</summary>
internal static class ConductorWords
{
    public static RuleWords[] All =>
        [
            new("wire-breaker", "Wire on its breaker", "The breaker lets through more than the wire can carry.")
            {
                Words.OnBreaker("{gauge} AWG in {cable}"),
                {
                    "Motor",
                    "{gauge} AWG in {cable} feeds a motor or air conditioner: the rule differs, its nameplate says wire and breaker."
                },
                { "AskMetal", "{gauge} AWG in {cable}: copper or aluminum? On this breaker it decides." },
                { "AskTerminals", "{gauge} AWG in {cable}: are the terminals at both ends marked 75 °C?" },
                { "UnderLeast", "{gauge} AWG in {cable}: it is under the least for building wiring." },
                { "AskOne", "Which breaker feeds {cable}?" },
                { "AskMany", "Which breaker feeds these {count} cables?" },
            },
            new("pigtail-gauge", "Pigtail gauge", "The thin piece is the fuse.")
            {
                Words.OnBreaker("{gauge} AWG, {lead}"),
                { "Tap", "{Lead} is a tap to a luminaire, {at} long: up to {limit} it may be thinner than the circuit." },
                { "AskTap", "{Lead} is a tap to a luminaire: is it {limit} or shorter?" },
            },
            new("ground-gauge", "Ground gauge", "A thin ground burns off before the breaker opens.")
            {
                Words.OnBreaker("{gauge} AWG ground of {cable}"),
                { "AsItsHots", "{gauge} AWG ground of {cable}, as thick as the conductors it goes with: no thicker one is asked." },
                { "UnderLeast", "{gauge} AWG ground of {cable}: 14 AWG is the least." },
            },
            new("gauge-mixed", "Mixed gauges", "The next person sees 12 and puts in a 20 A breaker.")
            {
                {
                    "Mixed",
                    new("14 and 12 AWG meet in {joint}: the breaker must suit the 14.")
                    {
                        Mend = "Write 15 A at most beside its breaker, or run 12 AWG in place of the 14.",
                    }
                },
            },
            new("free-length", "Free length", "A lead too short cannot be made up twice, and pulls on what it holds.")
            {
                Words.AtLeast("{Lead}, free length"),
                { "AskOne", "How long is the lead that was not measured?" },
                { "AskMany", "How long are the {count} leads that were not measured? The shortest decides." },
                { "AskPath", "{Lead} is {at} and goes on through a joint: how long is its whole path?" },
                {
                    "OnlyThroughJoint",
                    "{Lead} reaches {at} only through its joint. NEC {edition} does not say whether that counts: ask "
                        + "the office, and record its ruling."
                },
                { "ThroughJointWithin", "{Lead}, length through its joint: {at}, {limit} needed." },
                {
                    "ThroughJointShort",
                    new("{Lead}, length through its joint: {at}; {limit} needed.") { Sum = "{limit} − {at} = {by} short" }
                },
            },
            new("reach", "Past the opening", "A device that cannot be pulled out is made up blind.")
            {
                Words.AtLeast("{Lead}, past the opening"),
                {
                    "TooShortAnyway",
                    new("{Lead} is only {length} long: it cannot reach {limit} past the opening.")
                    {
                        Sum = "{limit} − {length} = {by} short, wherever it comes out",
                    }
                },
                {
                    "AtLeast",
                    new("{Lead} reaches {at} past the opening at least.") { Sum = "{length} − {depth} = {at}" }
                },
                { "Ask", "How far does the {lead} reach past the opening?" },
            },
            new("pigtail-length", "Pigtail length", "A short pigtail holds the device against the box.")
            {
                { "Enough", "The {lead} is {at}." },
                {
                    "TooShort",
                    new("The {lead} is {at}; the house wants {house}.") { Sum = "{house} − {at} = {by} short" }
                },
            },
            new("white-hot", "White used as hot", "White says neutral to whoever opens the box next.")
            {
                { "Return", "{Lead} is the return of a switch loop: white may only be the feed to the switch{basis}." },
                { "NotMarked", "{Lead} is hot and not marked so{basis}." },
                { "InRaceway", "{Lead} is hot; in a raceway white is not re-marked: pull another colour." },
                { "AsGround", "{Lead} is white and used as a ground{basis}." },
                { "Marked", "{Lead} is marked {mark}." },
            },
            new("colour", "Colour", "Black says hot to whoever opens the box next.")
            {
                { "AsNeutral", "{Lead} goes back as a neutral; a neutral is white or grey{basis}." },
                { "AsGround", "{Lead} is used as a ground; a ground is bare or green{basis}." },
            },
            new("green", "Green or bare", "Everybody touches what is green.")
            {
                { "Live", Bare("{Lead} is {use}{basis}.") },
                { "BareNeutral", Bare("{Lead} is bare and carries the current back as a neutral{basis}.") },
                { "Neutral", "{Lead} is used as neutral{basis}." },
                { "Ground", "{Lead} is a ground." },
            },
            new("lead-damage", "Lead hurt", "A nick is where it breaks when the device is folded in.")
            {
                { "Insulation", "The insulation of the {lead} is hurt." },
                { "Nick", "The copper of the {lead} is nicked." },
                {
                    "Burnt",
                    new("{Lead} is burnt or crumbles: what burnt it is still there, and it goes on further than one sees.")
                    {
                        Now =
                        [
                            "Switch the breaker off and tag it; leave it off.",
                            "Prove it dead.",
                            "Have a licensed electrician find what burnt it before anything is cut back or joined on.",
                        ],
                    }
                },
                { "Whole", "{Lead} is whole." },
            },
            new("loose-end", "Loose end", "A loose end is live the day somebody switches on.")
            {
                { "Loose", "{Lead} ends loose. Land it, or put a cap on it." },
            },
            new("hook", "Hook", "The other way the screw pushes it out.")
            {
                { "Clockwise", "Its hook goes clockwise." },
                { "Other", "The hook of the {lead} does not go clockwise round its screw." },
            },
            new("bare-past", "Bare past the screw", "It touches the box when the device is pushed in.")
            {
                Words.AtMost("Bare copper, {lead}"),
            },
        ];

    private static Words Bare(string says) =>
        new(says)
        {
            Now =
            [
                "Switch the breaker off and tag it.",
                "Prove it dead.",
                "Free the bare or green conductor, cap it, and run a cable with conductors enough.",
            ],
        };
}
