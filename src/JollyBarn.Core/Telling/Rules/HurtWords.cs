using JollyBarn.Telling.Phrases;

namespace JollyBarn.Telling.Rules;

/// <summary>What is said of what can hurt somebody now: shorts, crossed conductors, metal.</summary>
internal static class HurtWords
{
    public static RuleWords[] All =>
        [
            new("short", "Short", "The breaker opens, or does not and something burns.")
            {
                {
                    "OneJoint",
                    new("{Hot} and {other} lie in one joint{joint:tail}: a short.")
                    {
                        Now =
                        [
                            "Leave the breaker off and tag it.",
                            "Prove it dead.",
                            "Take the joint apart and put each conductor with its own kind.",
                        ],
                    }
                },
            },
            new("polarity", "Polarity", "The shell of a lamp, and what is switched off, stay live.")
            {
                {
                    "Crossed",
                    new("{Lead} is used as {use} and lies on {terminal} of the {device}: polarity is reversed.")
                    {
                        Now =
                        [
                            "Unplug what is in it, switch the breaker off and tag it.",
                            "Prove it dead.",
                            "Change the two over, and look upstream for where they were crossed.",
                        ],
                    }
                },
            },
            new("neutral-ground", "Neutral and ground", "Everything meant to be safe to touch carries current.")
            {
                { "OnGround", Carries("{ground}") },
                { "OnDeviceGround", Carries("the ground of the {device}") },
                { "OnBox", Carries("the metal box") },
            },
            new("switch-neutral-cut", "Switch in the hot", "Off, the lamp is dark and its socket live.")
            {
                {
                    "InNeutral",
                    new("{Lead} is a neutral and lies on the {device}: off, what it switches stays live.")
                    {
                        Now =
                        [
                            "Switch the breaker off and tag it.",
                            "Prove it dead, at the lamp too.",
                            "Put the neutrals together and the hot on the switch.",
                        ],
                    }
                },
                { "InHot", "The switch is in the hot." },
            },
            new("neutrals-apart", "Neutrals of two circuits", "With one breaker off, the borrowed neutral still carries the other circuit.")
            {
                {
                    "Joined",
                    new("Neutrals of {circuits} are joined here: one may be live with the breaker of the other off.")
                    {
                        Now =
                        [
                            "Switch off every circuit named, and tag each breaker.",
                            "Prove dead to an independent ground, every neutral too.",
                            "Part the neutrals so that each goes back with its own hot.",
                        ],
                    }
                },
                { "OneCircuit", "The neutrals joined here are of one circuit, as far as circuits are recorded." },
            },
            new("multiwire-legs", "Legs of a multiwire", "On one leg the neutral carries both loads, and no breaker watches it.")
            {
                {
                    "Same",
                    new("Both hots of {cable} are on one leg: the neutral carries both.")
                    {
                        Now =
                        [
                            "Switch both breakers off and tag them.",
                            "Have a licensed electrician move one of them to the other leg.",
                            "Read 240 V between the hots before anything is plugged in.",
                        ],
                    }
                },
                { "Different", "Its hots are on different legs." },
                { "Ask", "Are the two hots of {cable} on different legs?" },
            },
            new("split-tab", "Tab", "A tab left whole joins two circuits behind the plate.")
            {
                {
                    "TwoCircuits",
                    new("The hot tab of the {device} is whole, and two circuits land on its halves.")
                    {
                        Now =
                        [
                            "Switch both circuits off and tag both breakers.",
                            "Prove it dead on both halves.",
                            "Break the tab, or take one circuit off.",
                        ],
                    }
                },
                { "WholeOnSplit", "The {device} is meant to be split and its hot tab is whole." },
                { "Broken", "Its hot tab is broken." },
            },
            new("aluminum", "Aluminum", "Aluminum creeps out of a joint that is not made for it, and burns.")
            {
                { "Marked", "It lies on what is marked for aluminum." },
                {
                    "NotMarked",
                    new("{Lead} is aluminum on what is not marked for it.")
                    {
                        Now =
                        [
                            "Switch the breaker off and tag it.",
                            "Bring a licensed electrician: aluminum branch wiring is made up with tools and parts listed for it.",
                        ],
                    }
                },
                { "Ask", "{Lead} is aluminum: is what it lies on marked for it?" },
            },
            new("licensed", "Bring an electrician", "Some faults are made worse by mending them.")
            {
                { "Burnt", "Burnt or crumbling conductors go on beyond the box: bring a licensed electrician." },
                { "Aluminum", "Aluminum branch wiring: bring a licensed electrician." },
            },
        ];

    private static Words Carries(string what) =>
        new($"{{Lead}} is joined to {what}: ground parts carry neutral current.")
        {
            Now =
            [
                "Switch the breaker off and tag it.",
                "Prove it dead, to an independent ground.",
                "Part neutral and ground; put each with its own kind.",
            ],
        };
}
