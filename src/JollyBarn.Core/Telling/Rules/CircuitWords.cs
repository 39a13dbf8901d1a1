using JollyBarn.Telling.Phrases;

namespace JollyBarn.Telling.Rules;

/// <summary>What is said of a circuit: its breaker, its wire, what is joined to it, what protects it.</summary>
internal static class CircuitWords
{
    public static RuleWords[] All =>
        [
            new("hots-apart", "Hots of two circuits", "With one breaker off, the other still feeds it.")
            {
                {
                    "Joined",
                    new("Hots of {circuit} and {other} are joined somewhere: with either breaker off it is live from the other.")
                    {
                        Now =
                        [
                            "Switch off both circuits and tag both breakers.",
                            "Prove dead to an independent ground at each box of both.",
                            "Find where they meet and part them, each with its own neutral.",
                        ],
                    }
                },
            },
            new("neutrals-joined", "Borrowed neutral", "With one breaker off, the borrowed neutral still carries the other circuit.")
            {
                {
                    "Joined",
                    new("A neutral may be live with its breaker off: neutrals of {circuit} and {other} are joined outside the panel.")
                    {
                        Now =
                        [
                            "Switch off both circuits and tag both breakers.",
                            "Prove dead to an independent ground, every neutral too.",
                            "Part the neutrals so that each goes back with its own hot.",
                        ],
                    }
                },
            },
            new("legs", "Legs by the panel", "On one leg the neutral carries both loads, and no breaker watches it.")
            {
                {
                    "Parallel",
                    new("Breakers {breakers:slot} feed {circuit}, which has one hot: breakers do not stand in parallel.")
                    {
                        Mend = "Keep one of them; a licensed electrician frees the other.",
                    }
                },
                {
                    "OneLeg",
                    new(
                        "Breakers {breakers:slot} of {circuit} are on one leg by their slots: its neutral carries "
                            + "both loads, and no breaker watches it."
                    )
                    {
                        Now =
                        [
                            "Switch both breakers off and tag them.",
                            "Have a licensed electrician move one of them to the other leg.",
                            "Read the full voltage between the hots before anything is plugged in.",
                        ],
                    }
                },
                { "Different", "The hots of {circuit} are on different legs by their slots." },
            },
            new("circuit-breaker", "Its breaker", "Whoever works on it must know which one to switch off.")
            {
                { "AskWhich", "Which breaker feeds {circuit}?" },
                { "AskHandle", "What does the handle of breaker {breakers:slot} say, in amperes?" },
                { "Known", "Fed by breaker {breakers:slot}, {rating:0} A." },
            },
            new("wire-pieces", "Wire on its breaker, every piece", "The breaker lets through more than the thinnest piece can carry.")
            {
                Words.OnBreaker(
                    "{gauge} AWG in {run}, which the hot of {circuit} reaches",
                    "A breaker that suits the thinnest piece, or thicker wire there."
                ),
            },
            new(
                "together",
                "Hot and neutral together",
                "One without the other heats metal beside it, trips arc-fault protection, and leaves a neutral live."
            )
            {
                {
                    "Apart",
                    new("With everything on {circuit} in use, {run} carries more one way than back: hot and neutral go different ways.")
                    {
                        Mend = "Land the neutral of each outlet with the hot it came with, in every box on the way.",
                        Sum = "{amperes:0.0} A do not come back in it",
                    }
                },
            },
            new("purpose", "Circuits with a purpose", "What else hangs on it takes what the room was given.")
            {
                { "AskPurpose", "What is {circuit} for? It feeds a room that is given circuits of its own." },
                { "Common", "{circuit} is for {purpose}." },
                {
                    "AnotherRoom",
                    new("The {outlet} hangs on {circuit}, which is for {purpose} and nothing else.") { Mend = Elsewhere }
                },
                {
                    "NoReceptacle",
                    new("The {outlet} is no receptacle, and {circuit} is for {purpose} and nothing else.") { Mend = Elsewhere }
                },
                { "AskRoom", "What is the room of the {outlet} used as? {circuit} is for {purpose}." },
                { "Belongs", "The {outlet} belongs on {circuit}." },
                {
                    "FixedLoad",
                    new("{Load} hangs on {circuit}, which is for {purpose} and nothing else.") { Mend = Elsewhere }
                },
            },
            new("out-of-scope", "Pools, spas, fountains", "Water and bonding there have rules of their own, which nothing here knows.")
            {
                { "Pool", "{circuit} is for a pool, spa or fountain: nothing here judges it. Bring a licensed electrician." },
            },
        ];

    private const string Elsewhere = "Take its power from a circuit of no such purpose.";
}
