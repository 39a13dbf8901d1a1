using System.Globalization;
using JollyBarn.Inspection;
using JollyBarn.Telling.Phrases;

namespace JollyBarn.Telling.Rules;

/// <summary>What is said of a panel and its breakers.</summary>
internal static class PanelWords
{
    private const string Write = "Write the room and what it feeds there, so that nobody has to ask.";

    public static RuleWords[] All =>
        [
            new("transfer", "One source at a time", "What one source gives must not go out into the line by another.")
            {
                {
                    "Wrong",
                    new("{sources} can be on {panel} together: what stands by feeds back into the line, where somebody may be at work.")
                    {
                        Now =
                        [
                            "Do not start or plug in what stands by.",
                            "Take its cord off its inlet, or tag and lock its breaker off.",
                            "Have a licensed electrician put in a transfer switch or an interlock made for the panel.",
                        ],
                    }
                },
            },
            new("did-not-trip", "Opens on a short", "What it should stop goes on until something burns.")
            {
                {
                    "Held",
                    new("Of {panel}, {breaker} was seen not to trip on a short.")
                    {
                        Now =
                        [
                            "Use nothing on its circuit; pull the plugs and switch off what can be switched off.",
                            "Switch that breaker off; if it does not let go, switch off the main.",
                            "Have a licensed electrician replace it and look for what it did not stop.",
                            "Feel for heat and smell along the circuit before anything is switched on.",
                        ],
                    }
                },
                { "Opened", "{Breaker} was seen to open on a short." },
            },
            new("test-button", "Test button", "Protection that does not open is none.")
            {
                {
                    "Wrong",
                    new("The test button of {breaker} does not open it: its protection does not work.")
                    {
                        Mend = "A licensed electrician replaces it.",
                    }
                },
            },
            new("tandem", "Tandem breakers", "A panel carries as many circuits as it was made for.")
            {
                { "Taken", "{panel} takes the tandem breaker in slot {breaker:slot}." },
                {
                    "NotTaken",
                    new("Slot {breaker:slot} of {panel} holds a tandem breaker, and its label takes none.")
                    {
                        Mend = "A licensed electrician gives its circuits slots of their own, or a second panel.",
                    }
                },
                { "Ask", "Slot {breaker:slot} holds a tandem breaker: does the panel take one there?" },
            },
            new("breaker-listed", "Breakers the panel names", "A breaker that was not made for the panel may not grip its bars.")
            {
                {
                    "Wrong",
                    new("Not all breakers of {panel} are of types its label names.")
                    {
                        Mend = "A licensed electrician changes what the label does not name.",
                    }
                },
            },
            new("neutral-screws", "A screw for each neutral", "Taking one off loosens the other, and an open neutral with it.")
            {
                {
                    "Wrong",
                    new("Not every neutral of {panel} has a screw of its own.")
                    {
                        Mend = "A licensed electrician gives each its own screw.",
                    }
                },
            },
            new("slots-closed", "Openings of the panel", "A finger or a mouse reaches the bars.")
            {
                {
                    "Wrong",
                    new("Unused openings of {panel} are not closed.") { Mend = "Plugs made for the panel, from its maker's list." }
                },
            },
            new("directory", "Directory", "In a hurry the wrong breaker is switched off.")
            {
                {
                    "Nothing",
                    new("Nothing is written for breaker {breaker:slot}.") { Mend = Write }
                },
                {
                    "Vague",
                    new("What is written for breaker {breaker:slot} does not tell what it feeds.") { Mend = Write }
                },
                { "Clear", "It is written what breaker {breaker:slot} feeds." },
                {
                    "Twice",
                    new("Breakers {breaker:slot} and {other:slot} both read \"{says}\": nobody can tell which is which.") { Mend = Write }
                },
                { "Reads", "Breaker {breaker:slot} reads \"{says}\"." },
                { "Ask", "What does the directory say of breaker {breaker:slot}?" },
            },
            new("leg-balance", "Balance of the legs", "What the legs differ by flows back in the neutral.")
            {
                {
                    "AskRest",
                    new Words(new Line(f => $"Known loads of {f["panel"]}: {Legs(f)}. The rest is not recorded.")) { Sum = new(Legs) }
                },
                {
                    "Apart",
                    new("The legs of {panel} are {apart:0.0} A apart.")
                    {
                        Sum = new(Legs),
                        Mend = "A licensed electrician moves {half:0.0} A of load to the lighter leg.",
                    }
                },
                {
                    "Within",
                    new("The legs of {panel} are within {share:0} %.") { Sum = new(Legs) }
                },
            },
            new("drop-all", "Voltage drop in all", "What the feeder loses is lost at every outlet behind it.")
            {
                {
                    "Over",
                    Drop("With the {outlet} on {circuit}, {all:0.0} % is lost from the service; {limit:0.#} % is what one keeps to.")
                },
                {
                    "AtLeastOver",
                    Drop(
                        "With the {outlet} on {circuit}, at least {all:0.0} % is lost from the service; {limit:0.#} % is what one keeps to."
                    )
                },
                {
                    "Within",
                    new("From the service to the {outlet}, {all:0.0} % is lost.") { Sum = new(Feeder) }
                },
                { "AskFeeder", "How much is lost on the way to {panel}? Its circuits lose {branch:0.0} % more." },
                {
                    "AskLengths",
                    new("At least {all:0.0} % is lost from the service; cables nobody measured lie on the way.") { Sum = new(Feeder) }
                },
            },
        ];

    private static string Legs(Filling f) =>
        string.Join(
            ", ",
            (f.Get<Amounts>("legs")?.Each ?? []).Select(
                (a, i) => $"leg {(char)('A' + i)} {a.ToString("0.0", CultureInfo.InvariantCulture)} A"
            )
        );

    private static Words Drop(string says) =>
        new(says) { Sum = new(Feeder), Mend = "A thicker feeder, or a thicker or shorter branch circuit." };

    private static string Feeder(Filling f) =>
        f.Has("feeder") ? $"{f.Text("feeder", "0.0")} % + {f.Text("branch", "0.0")} % = {f.Text("all", "0.0")} %" : "";
}
