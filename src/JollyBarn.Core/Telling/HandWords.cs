namespace JollyBarn.Telling;

/// <summary>What a hand does at the wall to mend what a rule found.</summary>
internal static class HandWords
{
    private static readonly Dictionary<string, string> ByRule = new(StringComparer.Ordinal)
    {
        ["plate"] = "Set the box or device so that the plate lies on the wall, or take a larger plate.",
        ["plate-bonded"] = "Put on a plate of plastic, or bond a device under this one.",
        ["covered"] = "Put a cover on it.",
        ["accessible"] = "Open the finish over it and put a cover or hatch that stays in reach.",
        ["concealed-splice"] = "Leave the splice where it can be got at.",
        ["bond-screw"] = "Drive a 10-32 machine screw into a tapped hole of its own and move the ground to it.",
        ["box-held"] = "Fasten the box to the stud.",
        ["ears"] = "Screw the box to a stud, or back the board behind the ears.",
        ["nails"] = "Draw the fastener and drive another within 1/4 in of the back or an end.",
        ["gap"] = "Fill the gap to the box.",
        ["setback"] = "Bring the opening to the face with an extender.",
        ["proud"] = "Set the box back to the face.",
        ["bonded-through"] = "Put a bonding bushing on each metal cable and a jumper between them.",
        ["box-wet"] = "Change the box for one listed for the place.",
        ["fire-seal"] = "Seal the annulus round each cable with a listed seal.",
        ["fire-opposite"] = "Put listed putty pads round the box.",
        ["clean"] = "Clean it out; change what paint or foam has got into.",
        ["stub"] = "Carry the box on a second raceway or a post.",
        ["height"] = "Move it down.",
        ["fastener-sound"] = "Draw the fastener and set one that fits; change what it has cut.",
        ["stacked"] = "Give each cable a fastener of its own, or a stacker.",
        ["grommet"] = "Snap a listed grommet into the hole.",
        ["edge"] = "Nail a 1/16 in steel plate over it.",
        ["bushing"] = "Push an anti-short bushing into the end of the armour.",
        ["riser"] = "Cover it with heavy raceway from 18 in down to 8 ft up.",
        ["multiwire-tied"] = "Fit an identified handle tie or a two-pole breaker (licensed work).",
        ["entry-listed"] = "Take a clamp listed for so many cables.",
        ["joint-tight"] = "Cut back, strip and make the joint again; tug each conductor.",
        ["joint-reused"] = "Put on a new twist-on.",
        ["cable-damage"] = "Change the damaged piece, or cut it out between two boxes that stay within reach.",
        ["cable-damage.new"] = "Run a new cable in its place from where it comes from.",
        ["cable-damage.box"] = "Cut the damaged piece out and join the ends in one box that stays within reach, where the slack reaches.",
        ["cable-damage.two"] = "Cut the damaged piece out between two boxes that stay within reach, with a new piece between them.",
        ["cable-damage.splice"] = "Join it with a listed splice where the rules allow one: a repair in an existing building, or in reach.",
        ["box-held.stud"] = "Screw it to the stud beside it; where there is none, tighten its ears on sound board.",
        ["box-held.ears"] = "Tighten its ears on sound board, backed where the board gives.",
        ["rigid"] = "Shim the yoke to the face.",
        ["device-screws"] = "Put in machine screws of its own thread.",
        ["torque"] = "Tighten to the mark with a calibrated tool.",
        ["taped"] = "Two turns of tape round the terminals.",
        ["tamper"] = "Put in a tamper-resistant one.",
        ["hook"] = "Form the hook again, clockwise.",
        ["bare-past"] = "Cut the bare end to length.",
        ["dimmer"] = "Feed the receptacle unswitched, or change the dimmer for a switch.",
        ["bath-zone"] = "Move the receptacle out of the zone.",
        ["tagged"] = "Tag it: what protects it, and where that is.",
        ["no-ground"] = "Put on the marks: GFCI Protected, No Equipment Ground.",
        ["lead-damage"] = "Cut back past the place; if it gets too short, join a piece on.",
    };

    /// <param name="house">Answer of house practice that says which way; empty where it is mended one way.</param>
    public static string Of(string rule, string house) => ByRule.TryGetValue($"{rule}.{house}", out var way) ? way : ByRule[rule];
}
