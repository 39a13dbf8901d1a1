using JollyBarn.Telling.Phrases;

namespace JollyBarn.Telling.Rules;

/// <summary>What is said of how a box sits: held, set in its wall, reached, carried, dry.</summary>
internal static class SurroundWords
{
    public static RuleWords[] All =>
        [
            new("accessible", "Can be got at", "A fault in a joint nobody can reach burns until somebody smells it.")
            {
                { "Ask", "Can it be got at without taking the building apart?" },
                { "Buried", "The box is buried behind a finish." },
                { "Reachable", "It can be got at." },
            },
            new("box-held", "Held fast", "A loose box works its connections loose.") { { "Wrong", "The box is loose." } },
            new("ears", "Ears backed", "Ears on crumbling plaster let go at the first tug of a plug.")
            {
                { "Wrong", "There is nothing sound behind the ears." },
            },
            new("nails", "Nails through the box", "A screw in the middle of a box finds a conductor.")
            {
                { "Ask", "Do nails or screws go through the inside?" },
                { "Middle", "A fastener goes through the middle of the box." },
                { "Clear", "No fastener goes through where conductors lie." },
            },
            new("weight", "Weight", "What is too heavy comes down.")
            {
                { "FanOnPlainBox", "A fan hangs on a box that is not marked for one." },
                { "AskWeight", "How heavy is the {device}?" },
                {
                    "TooHeavy",
                    new("The {device} weighs {weight} lb; {limit} lb at most here.")
                    {
                        Sum = "{weight} − {limit} = {by} lb too much",
                        Mend = "Hang one {by} lb lighter, or carry it from the structure and not from the box.",
                    }
                },
                { "AskFanBox", "Is the box marked for a fan?" },
                {
                    "AskMark",
                    new("The fan weighs {weight} lb: over {limit} lb the mark of the box must name its weight. Read it.")
                    {
                        Mend = "Read the mark inside the box; without one, change the box for one marked for the weight.",
                    }
                },
                { "Bears", "{weight} lb, {limit} lb at most." },
            },
            new("setback", "Setback", "Sparks that leave a sunken box reach what burns in the wall.")
            {
                Words.AtMost("{Face}"),
                { "Ask", "How far behind the finished face does it sit?" },
                { "AskFinish", "It sits {at} back: right in plaster or gypsum board, wrong in wood. Does the surface burn?" },
            },
            new("proud", "Stands out", "A plate that cannot lie on the wall leaves a way in.") { Words.AtMost("Out of the wall") },
            new("gap", "Gap round the box", "A gap lets fire into the wall.")
            {
                Words.AtMost("Gap round the box"),
                { "Ask", "How wide is the gap round it?" },
            },
            new("box-wet", "Box in the wet", "Water in a box makes its metal live and its joints rot.")
            {
                { "Suits", "The box suits the place." },
                { "Marked", "The box is marked for damp or wet places." },
                { "AskPlace", "Is the place dry, damp or wet?" },
                { "AskMark", "The place is {place}. Is the box marked for it?" },
                { "NotListed", "The place is {place}, and the box is not listed for it." },
            },
            new("fire-seal", "Fire wall sealed", "A cable hole is a chimney.")
            {
                { "Wrong", "Openings through the fire wall are not sealed at the annulus." },
            },
            new("fire-opposite", "Fire wall, other face", "Two boxes back to back are one hole through the wall.")
            {
                Words.AtLeast("To the box in the other face of a fire wall"),
                { "Protected", "Protected by a listed means." },
                { "NoneThere", "No box in the other face." },
                { "AskWay", "How far to the nearest box in the other face?" },
                { "AskProtected", "Only {at} to a box in the other face. Is it protected by a listed means?" },
            },
            new("stub", "Box on a stub", "A plug pulled sideways snaps a plastic stub.")
            {
                { "Ask", "What carries this box?" },
                { "AskWhat", "Two raceways carry the box: threaded metal, or plastic?" },
                { "One", "One raceway carries the box; two or more threaded metal ones do, or a wall." },
                { "OnePlastic", "The receptacle box stands on one plastic raceway." },
                { "Carried", "The box is carried." },
            },
            new("height", "Height outdoors", "Who cannot reach it runs a cord through a door.") { Words.AtMost("Above the ground") },
            Along("wall-spacing", "Receptacles along a wall", "wall"),
            Along("counter-spacing", "Receptacles along a counter", "counter"),
        ];

    private static RuleWords Along(string id, string name, string along)
    {
        var next = $"Along the {along}, {{way}} to the next receptacle";
        var edge = $"Along the {along}, {{way}} to where the {along} ends";
        const string sum = "{way} − {allowed} = {by} too far";
        const string mend = "Another receptacle on the way, so that no point is over {most} from one: plan it on the wall, or as a Change.";
        return new(id, name, "A cord laid across a door or through a room is what wears and burns.")
        {
            {
                "NextTooFar",
                new Words(next + "; {allowed} at most.") { Sum = sum, Mend = mend }
            },
            {
                "EdgeTooFar",
                new Words(edge + "; {allowed} at most.") { Sum = sum, Mend = mend }
            },
            { "AskEdge", next + ": and the other way?" },
            { "AskNext", edge + ": and the other way?" },
            { "NextWithin", next + ", {allowed} at most." },
            { "EdgeWithin", edge + ", {allowed} at most." },
        };
    }
}
