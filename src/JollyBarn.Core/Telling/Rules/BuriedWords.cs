using JollyBarn.Telling.Phrases;

namespace JollyBarn.Telling.Rules;

/// <summary>What is said of where a cable runs: wet, warm, buried, hurt.</summary>
internal static class BuriedWords
{
    public static RuleWords[] All =>
        [
            new("cable-damage", "Cable hurt", "What is cut today arcs tomorrow.")
            {
                {
                    "Conductor",
                    new("{Cable} is hurt down to a conductor.")
                    {
                        Now =
                        [
                            "Switch the breaker off and tag it.",
                            "Prove it dead before touching the place.",
                            "Keep people and water away until it is repaired in a box or replaced.",
                        ],
                    }
                },
                {
                    "Cut",
                    new("{Cable} is cut through: an end of it may be live.")
                    {
                        Now =
                        [
                            "Switch the breaker off and tag it: either end may be fed.",
                            "Prove both ends dead before touching one.",
                            "Cap them, or keep everybody away, until they are joined in a box that stays within reach.",
                        ],
                    }
                },
                {
                    "Exposed",
                    new("Bare copper of {cable} can be touched.")
                    {
                        Now =
                        [
                            "Switch the breaker off and tag it.",
                            "Prove it dead before touching the place.",
                            "Keep people and water away until it is repaired in a box or replaced.",
                        ],
                    }
                },
                { "Sheath", "The sheath of {cable} is hurt." },
                { "Along", "{Cable} is nicked or crushed along its way." },
                { "Whole", "Not hurt: {cable}." },
                { "Ask", "Is {cable} hurt?" },
            },
            new("cord", "Cord", "A cord in a wall is crushed, warmed and forgotten.")
            {
                { "BoxToBox", "{Cable} is a cord used as fixed wiring. Run a cable in its place." },
                { "AskWhere", "Where does the cord go: {cable}?" },
                { "ToItsLoad", "The cord goes to what it feeds." },
            },
            new("cable-wet", "Cable in the wet", "The paper in it draws water to the box.")
            {
                { "Ask", "Is the place of {cable} dry?" },
                { "Wet", "NM cable in a wet place: {cable}." },
                { "Damp", "NM cable in a damp place: {cable}." },
                { "Armoured", "AC cable in a {place} place: {cable}." },
                { "Suits", "The cable suits the place." },
            },
            new("bundled", "Cables together", "Packed cables warm each other.")
            {
                { "AskBreaker", Adjusted + ": which breaker feeds {cable}?" },
                {
                    "TooHot",
                    new("{count:0} cables together leave {left} A for {cable} on a {breaker:0} A breaker.") { Sum = Adjusted }
                },
                {
                    "Carries",
                    new("{left} A left, the breaker is {breaker:0} A.") { Sum = Adjusted }
                },
            },
            new("buried", "Burial depth", "The next spade finds it.")
            {
                Words.AtLeast("Top of {cable} under ground"),
                { "AskCover", "{at} deep: what lies over {cable}?" },
                { "AskRaceway", "{at} deep is enough in threaded metal conduit only. What is the raceway of {cable}?" },
                { "AskBreaker", "{at} deep is enough only on one pole of at most 20 A behind a GFCI. Which breaker feeds {cable}?" },
                { "AskGfci", "{at} deep is enough only with a GFCI ahead of the buried part. Is there one?" },
                {
                    "SaidGuarded",
                    new(
                        "Top of {cable} under ground: {at}, {limit} needed. A GFCI is said to be ahead of it; "
                            + "the recorded wiring shows none."
                    )
                    {
                        Sum = "{limit} − {at} = {by} short",
                    }
                },
            },
            new("riser", "Out of the ground", "A mower cuts what stands bare.")
            {
                { "Wrong", "Nothing protects {cable} where it comes out of the ground." },
            },
            new("buried-end", "End in the ground", "Water creeps along the strands to the next joint, and copper rots out of sight.")
            {
                { "Taped", "The end of {cable} waits in the ground under tape: tape is no seal." },
                { "Open", "The end of {cable} waits in the ground, open." },
                { "Sealed", "The end of {cable} in the ground is sealed by listed means." },
            },
        ];

    private const string Adjusted = "{table:0} A × {share:0} % = {left} A for {carrying} conductors";
}
