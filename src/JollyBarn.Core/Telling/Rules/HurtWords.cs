using JollyBarn.Telling.Phrases;

namespace JollyBarn.Telling.Rules;

/// <summary>What is said of what can hurt somebody now: shorts, crossed conductors, metal.</summary>
internal static class HurtWords
{
    public static RuleWords[] All =>
        [
            new("short", "Short", "The breaker opens, or does not and something burns.")
            {
                { "OneJoint", Short("{Hot} and {other} lie in one joint{joint:tail}: a short{basis}.") },
                { "OnDevice", Short("{Hot} and {other} meet on the {device}: a short{basis}.") },
                { "Elsewhere", Short("{Hot} and {other} are joined: a short{basis}.") },
                { "WhenSwitched", Short("{Hot} and {other} meet when a switch is turned: a short{basis}.") },
                { "TwoLegs", Short("{Hot} and {other} come from different legs and are joined: a short of both legs.") },
            },
            new("live-metal", "Live metal", "Whoever touches it and anything earthed is in the circuit.")
            {
                { "Device", Touched("The metal of the {device} hangs on a hot and on no ground: it is live{basis}.") },
                { "DeviceWhenOn", Touched("The metal of the {device} is live when a switch is on, and on no ground{basis}.") },
                { "Box", Touched("The metal box hangs on a hot and on no ground: it is live{basis}.") },
                { "ExpectedDevice", Expected("the metal of the {device}") },
                { "ExpectedBox", Expected("the metal box") },
                { "ExpectedPlate", Expected("the metal plate") },
                { "ExpectedFar", Expected("the metal of what {cable} feeds") },
                { "BoxWhenOn", Touched("The metal box is live when a switch is on, and on no ground{basis}.") },
            },
            new("polarity", "Polarity", "The shell of a lamp, and what is switched off, stay live.")
            {
                {
                    "Crossed",
                    Crossed("What is off stays live: {lead} is {use} and lies on {terminal} of the {device}, polarity is reversed{basis}.")
                },
                {
                    "GroundAsNeutral",
                    Crossed("{Lead} is a ground and lies on {terminal} of the {device}: a ground carries the current back{basis}.")
                },
                { "GroundAsHot", Crossed("{Lead} is a ground and lies on {terminal} of the {device}, where a hot belongs{basis}.") },
                { "GoesOn", Crossed("{Lead} goes on as {as} and is {use} here: polarity is reversed from here on{basis}.") },
                { "Followed", "Hot and neutral of the {device} are followed to the panel." },
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
                    new("{Lead} is a neutral and lies on the {device}: off, what it switches stays live{basis}.")
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
                { "AskWhich", "Both conductors of one cable lie on the {device}: follow {lead} to see which of them is the feed." },
            },
            new("neutrals-apart", "Neutrals of two circuits", "With one breaker off, the borrowed neutral still carries the other circuit.")
            {
                {
                    "Joined",
                    new("A neutral may be live with its breaker off: neutrals of {circuits} are joined here.")
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
            new("yoke-together", "Circuits of one device", "One breaker off, and half of the device still bites.")
            {
                { "OneBreaker", "One breaker opens all that feeds the {device}{basis}." },
                {
                    "CannotBeTied",
                    "Breakers {breakers:slot} feed the {device}: they do not stand one below the other, and no tie joins them."
                },
                { "Ask", "Breakers {breakers:slot} feed the {device}{basis}: do they open together?" },
                { "AskFeeds", "The halves of the {device} are fed apart: do all its breakers open together?" },
                { "Apart", "The breakers that feed the {device} do not open together." },
                { "Tied", "The breakers that feed the {device} open together." },
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
                { "KnobTube", "Knob-and-tube: {cable}. Nothing is added to it; bring a licensed electrician." },
            },
        ];

    private static Words Short(string says) =>
        new(says)
        {
            Now = ["Leave the breaker off and tag it.", "Prove it dead.", "Take them apart and put each conductor with its own kind."],
        };

    /// <summary>Metal that the solved network expects live: how much, what that does, and what feeds it.</summary>
    private static Words Expected(string what)
    {
        var (says, fed) = (new Line("Live at {volts} V, {milliamperes} mA through a person: " + what), new Line(", fed by {breakers}"));
        return Touched(
            new Line(f =>
                says.Make(f)
                + (
                    f["breakers"].Length > 0 ? fed.Make(f)
                    : f.Has("breakers") ? ", and no one breaker makes it dead"
                    : ""
                )
                + (f.Has("off") ? ". That is off now: live again when it goes on." : ".")
            )
        );
    }

    private static Words Touched(string says) => Touched(new Line(says));

    private static Words Touched(Line says) =>
        new(says)
        {
            Now =
            [
                "Touch nothing of it. Switch the breaker off and tag it.",
                "Prove it dead, to an independent ground.",
                "Take the hot off the metal, and bond the metal.",
            ],
        };

    private static Words Crossed(string says) =>
        new(says)
        {
            Now =
            [
                "Unplug what is in it, switch the breaker off and tag it.",
                "Prove it dead.",
                "Put each on its own, and look upstream for where they were crossed.",
            ],
        };

    private static Words Carries(string what) =>
        new($"{{Lead}} is joined to {what}: ground parts carry neutral current{{basis}}.")
        {
            Now =
            [
                "Switch the breaker off and tag it.",
                "Prove it dead, to an independent ground.",
                "Part neutral and ground; put each with its own kind.",
            ],
        };
}
