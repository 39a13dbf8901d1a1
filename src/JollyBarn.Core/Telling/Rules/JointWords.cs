using JollyBarn.Telling.Phrases;

namespace JollyBarn.Telling.Rules;

/// <summary>What is said of joints and their connectors.</summary>
internal static class JointWords
{
    public static RuleWords[] All =>
        [
            new("joint-tight", "Joint holds", "A loose joint is a heater.")
            {
                {
                    "Wrong",
                    new("A conductor slips out of {joint}.")
                    {
                        Now =
                        [
                            "Leave the breaker off and tag it.",
                            "Prove it dead.",
                            "Make the joint again with a new connector; cut back what is burnt.",
                        ],
                    }
                },
            },
            new("joint-connector", "Connector", "A joint that is not gripped heats.")
            {
                { "None", "{Joint} has no connector: {count} conductors twisted or laid together bare." },
                {
                    "TooManyForPorts",
                    new("{Joint}: {count} conductors, and the {connector} has {most} ports.") { Sum = "{count} − {most} = {by} too many" }
                },
                {
                    "AskPackage",
                    "{Joint}: {count} conductors under a {connector}; of the thickest among them most take {most}. "
                        + "Read what its package lists."
                },
                {
                    "AskThickness",
                    "{Joint}: {gauge} AWG in a {connector}; most take no thicker than {most} AWG. Read what its package lists."
                },
                {
                    "TooThin",
                    new("{Joint}: {count} conductors are too thin for a {connector}: it does not grip them. A {better} does.")
                    {
                        Sum = "{copper} of at least {least} circular mils",
                    }
                },
                { "Roomy", "{Joint}: a {connector} is roomy for {count} conductors of {gauge} AWG at most; a {better} grips better." },
                { "One", "{Joint} holds one conductor only." },
            },
            new("joint-listed", "Connector listed", "A connector too big or too small does not grip.")
            {
                { "Wrong", "The connector of {joint} is not listed for its conductors." },
            },
            new("joint-near", "Joint at its limit", "The last conductor in is the first one out.")
            {
                {
                    "AtLimit",
                    new("{Joint}: {count} conductors, the most a {connector} usually takes.") { Sum = "{count} of {count}" }
                },
            },
            new("joint-reused", "Used twist-on", "The spring has taken its set.")
            {
                { "Wrong", "The twist-on of {joint} was used before." },
            },
            new("joint-wet", "Joint in the wet", "Water climbs into a twist-on and eats the copper.")
            {
                { "Suits", "The joint suits the place." },
                { "NotSealed", "{Joint} lies in a wet place and is not sealed." },
            },
            new("grounds-joined", "Grounds joined", "Downstream of here nothing opens the breaker.")
            {
                { "Apart", "{Lead} is not joined to the other grounds." },
                { "ThroughDevice", "The grounds meet only on the {device}: taking it off breaks the path. Join them and run a pigtail." },
            },
            new("multiwire-neutral", "Shared neutral", "Take that device off and 240 V lies across what is plugged in.")
            {
                { "Ask", "Where does the shared neutral go?" },
                { "ThroughDevice", "The shared neutral of {cable} runs through the {device}." },
                { "Apart", "The shared neutral does not run through a device." },
            },
            new("multiwire-tied", "Breakers tied", "One breaker off leaves the other hot on the same neutral.")
            {
                { "Wrong", "The two breakers of {cable} do not open together." },
                { "OneBreaker", "One breaker opens both hots of {cable}{basis}." },
                { "CannotBeTied", "Breakers {breakers:slot} feed {cable}: they do not stand one below the other, and no tie joins them." },
            },
        ];
}
