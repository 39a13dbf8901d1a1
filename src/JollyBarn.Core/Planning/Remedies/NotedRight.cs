using JollyBarn.CodeBook;

namespace JollyBarn.Planning.Remedies;

/// <summary>What is mended at the wall by hand, so that a fact is right afterwards.</summary>
public sealed class NotedRight : IRemedies
{
    private static readonly Dictionary<string, (string Key, string Value, string Says)> Hand = new(StringComparer.Ordinal)
    {
        ["plate"] = ("plate-seats", "yes", "Set the box or device so that the plate lies on the wall, or take a larger plate."),
        ["plate-bonded"] = ("plate-metal", "no", "Put on a plate of plastic, or bond a device under this one."),
        ["covered"] = ("covered", "yes", "Put a cover on it."),
        ["accessible"] = ("access", "tile", "Open the finish over it and put a cover or hatch that stays in reach."),
        ["concealed-splice"] = ("access", "tile", "Leave the splice where it can be got at."),
        ["bond-screw"] = ("bond-screw", "screw", "Drive a 10-32 machine screw into a tapped hole of its own and move the ground to it."),
        ["box-held"] = ("held", "yes", "Fasten the box to the stud."),
        ["ears"] = ("ears-backed", "yes", "Screw the box to a stud, or back the board behind the ears."),
        ["nails"] = ("nails", "edge", "Draw the fastener and drive another within 1/4 in of the back or an end."),
        ["gap"] = ("gap", "0", "Fill the gap to the box."),
        ["setback"] = ("setback", "0", "Bring the opening to the face with an extender."),
        ["proud"] = ("proud", "0", "Set the box back to the face."),
        ["bonded-through"] = ("bonded-through", "yes", "Put a bonding bushing on each metal cable and a jumper between them."),
        ["box-wet"] = ("box-wet-listed", "yes", "Change the box for one listed for the place."),
        ["fire-seal"] = ("sealed", "yes", "Seal the annulus round each cable with a listed seal."),
        ["fire-opposite"] = ("fire-protected", "yes", "Put listed putty pads round the box."),
        ["clean"] = ("clean", "yes", "Clean it out; change what paint or foam has got into."),
        ["stub"] = ("stub", "two", "Carry the box on a second raceway or a post."),
        ["height"] = ("height", "48", "Move it down."),
        ["fastener-sound"] = ("fastener-sound", "yes", "Draw the fastener and set one that fits; change what it has cut."),
        ["stacked"] = ("stacked", "no", "Give each cable a fastener of its own, or a stacker."),
        ["grommet"] = ("grommet", "yes", "Snap a listed grommet into the hole."),
        ["edge"] = ("plated", "yes", "Nail a 1/16 in steel plate over it."),
        ["bushing"] = ("bushing", "yes", "Push an anti-short bushing into the end of the armour."),
        ["riser"] = ("riser", "yes", "Cover it with heavy raceway from 18 in down to 8 ft up."),
        ["multiwire-tied"] = ("tied", "yes", "Fit an identified handle tie or a two-pole breaker (licensed work)."),
        ["entry-listed"] = ("two-listed", "yes", "Take a clamp listed for so many cables."),
        ["joint-tight"] = ("tight", "yes", "Cut back, strip and make the joint again; tug each conductor."),
        ["joint-reused"] = ("reused", "no", "Put on a new twist-on."),
        ["rigid"] = ("rigid", "yes", "Shim the yoke to the face."),
        ["device-screws"] = ("screws", "machine", "Put in machine screws of its own thread."),
        ["torque"] = ("torqued", "tool", "Tighten to the mark with a calibrated tool."),
        ["taped"] = ("taped", "yes", "Two turns of tape round the terminals."),
        ["tamper"] = ("tamper", "yes", "Put in a tamper-resistant one."),
        ["hook"] = ("hook", "clockwise", "Form the hook again, clockwise."),
        ["bare-past"] = ("bare", "0", "Cut the bare end to length."),
        ["dimmer"] = ("dims-receptacle", "no", "Feed the receptacle unswitched, or change the dimmer for a switch."),
        ["bath-zone"] = ("bath-zone", "no", "Move the receptacle out of the zone."),
        ["tagged"] = ("tagged", "yes", "Tag it: what protects it, and where that is."),
        ["no-ground"] = ("labelled", "yes", "Put on the marks: GFCI Protected, No Equipment Ground."),
        ["lead-damage"] = ("damage", "none", "Cut back past the place; if it gets too short, join a piece on."),
    };

    public IReadOnlyList<string> Rules { get; } = [.. Hand.Keys];

    public IEnumerable<Remedy> For(RemedyAsk ask)
    {
        if (ask.Finding.Verdict == Inspection.Verdict.Stop && ask.Finding.Rule != "joint-tight")
        {
            yield break;
        }

        var (key, value, says) = Hand[ask.Finding.Rule];
        if (FactKinds.Find(key) is not null)
        {
            var amount = ask.Finding.Rule is "setback" or "proud" or "gap" or "bare-past" && ask.Look.Tape(ask.Of, key) is { } by ? $"{says} By {by}." : says;
            yield return new(amount, ask.Note(ask.Of, key, value));
        }
    }
}
