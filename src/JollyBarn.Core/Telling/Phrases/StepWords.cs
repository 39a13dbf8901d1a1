using JollyBarn.CodeBook;
using JollyBarn.Making;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Phrases;

/// <summary>What the steps of a make-up card say: a few words in large type, and a sentence or two under them.</summary>
internal static class StepWords
{
    private static readonly Dictionary<StepCase, Line> Titles = new()
    {
        [StepCase.Off] = "Off, tagged, held",
        [StepCase.Prove] = "Prove it dead",
        [StepCase.PlateOff] = new(f => $"{(f.Has("part") ? f["part"] : "plate")} off"),
        [StepCase.PullOut] = "Pull out the {device}",
        [StepCase.Mark] = "Mark what comes off",
        [StepCase.TakeOff] = new(f => f.Has("device") ? $"Leads off the {f["device"]}" : "Leads off"),
        [StepCase.OpenJoint] = "Open {joint}",
        [StepCase.TailOut] = "{Lead} out",
        [StepCase.CableOut] = "Pull out {cable}",
        [StepCase.PartOff] = "{Part} off",
        [StepCase.SetBox] = "Set the box",
        [StepCase.BoxChange] = "Change the box",
        [StepCase.PartOn] = "{Part} on",
        [StepCase.Entry] = new(f =>
            f.Get<EntryState>("state") switch
            {
                EntryState.Plugged => "Plug the hole",
                EntryState.Closed => "Close the opening",
                _ => "Open a knockout",
            }
        ),
        [StepCase.CutLoop] = "Cut the loop",
        [StepCase.StaplesOut] = "Staples out",
        [StepCase.Sheath] = "Open the sheath",
        [StepCase.Nicks] = "Look for nicks",
        [StepCase.CutLength] = "Cut the leads to length",
        [StepCase.BringIn] = "Bring it in",
        [StepCase.Fasten] = "Fasten it",
        [StepCase.PassThrough] = "Through unbroken",
        [StepCase.Identify] = "Mark the wire",
        [StepCase.TrimLead] = "Trim the lead",
        [StepCase.Joint] = new(f => $"Join {f.Text("joint", "tail").TrimStart(',', ' ')}"),
        [StepCase.Screw] = "Ground on {at}",
        [StepCase.Cap] = "Cap what waits",
        [StepCase.FoldBack] = "Fold it away",
        [StepCase.BreakTab] = "Break the tab",
        [StepCase.Device] = "Take the {device}",
        [StepCase.Terminal] = new(f => Role(f.Get<TerminalRole>("role"))),
        [StepCase.Unused] = "Unused screws in",
        [StepCase.Tape] = "Tape round the terminals",
        [StepCase.Fix] = "Fold in and fix",
        [StepCase.PlateOn] = new(f => $"{(f.Has("part") ? f["part"] : "plate")} on"),
        [StepCase.LooseEnds] = "Loose ends",
        [StepCase.PowerOn] = "Power on",
        [StepCase.Reset] = "Reset the {device}",
        [StepCase.Readings] = "Test it",
        [StepCase.Button] = "Press the test button",
        [StepCase.Label] = "Label inside the cover",
        [StepCase.CleanUp] = "Clean up",
        [StepCase.Note] = "Write down the rest",
        [StepCase.Beyond] = "Not on this card",
    };

    private static readonly Dictionary<StepCase, Line> Bodies = new()
    {
        [StepCase.Off] = "Switch off, tag it, and say who holds it. Nobody switches on what another holds.",
        [StepCase.Prove] =
            "Known source, every pair, known source again. What touches a conductor is shown once it stands, and not after it lapses.",
        [StepCase.PlateOff] = "Keep its screws. Score paint round it first.",
        [StepCase.PullOut] = "By its yoke, straight out, nothing strained. Then look: burns, nicks, loose ends?",
        [StepCase.Mark] = "Tape or pen, each with the place it comes from. A picture as well.",
        [StepCase.TakeOff] = new(f => f.Get<bool>("gone") ? "It comes out; its leads hang free." : "They hang free, ends apart."),
        [StepCase.OpenJoint] = new(f =>
            $"The {f["connector"]} comes off. {(f.Get<bool>("again") ? "More leads come into it." : "Keep the ends apart.")}"
        ),
        [StepCase.TailOut] = "It is not used again.",
        [StepCase.CableOut] = new(f => f.Has("to") ? $"Loosen its clamp. It goes to {f["to"]}." : "Loosen its clamp first."),
        [StepCase.PartOff] = "It is not used again here.",
        [StepCase.SetBox] = "{Kind}. Look on every face before the saw.",
        [StepCase.BoxChange] = "Enlarge the hole before prying the old one out. Loosen clamps. In goes a {kind}, cables as they came.",
        [StepCase.PartOn] = "Flush with the finish that will be there.",
        [StepCase.Entry] = "Drive it out from inside where you can; no sharp edge stays.",
        [StepCase.CutLoop] = "{Lead}: both ends stay long enough for the rule.",
        [StepCase.StaplesOut] = "{Cable} is stapled already: staples out, strip, feed again, fasten again.",
        [StepCase.Sheath] = "{Cable}.",
        [StepCase.Nicks] = "{Cable}: turn every conductor in the light. A nick is cut off, or the cable is changed.",
        [StepCase.CutLength] = "{Cable}: fold it to length first, then cut.",
        [StepCase.BringIn] = "{Cable}.",
        [StepCase.Fasten] = "{Cable}: flat, not crushed.",
        [StepCase.PassThrough] = "{Lead} goes through without a break.",
        [StepCase.Identify] = new(f =>
            f.Has("as") ? $"{Line.Start(f["lead"])}: tape it {f["as"]}, at every end it is seen." : "Take the tape off."
        ),
        [StepCase.TrimLead] = "{Lead}, to {length}.",
        [StepCase.Joint] = new(f => Joined(f.Get<int>("count"), f.Get<int>("tails"))),
        [StepCase.Screw] = "Clockwise, under the head, nothing else under it.",
        [StepCase.Cap] = new(f => $"{Count(f.Get<int>("count"), "end")}, each under a cap of its own."),
        [StepCase.FoldBack] = "Into the back of the box, at least {reach} behind the face: a board cutter goes no deeper.",
        [StepCase.BreakTab] = new(f =>
            $"The tab on the {string.Join(" and the ", f.Get<IReadOnlyList<string>>("tabs") ?? [])} side. Bend it off whole."
        ),
        [StepCase.Device] = "In the hand, before the wall. Its leads and screws are looked at first.",
        [StepCase.Terminal] = "{Device}.",
        [StepCase.Unused] = "{Device}: every screw without a lead is driven in.",
        [StepCase.Tape] = "{Device}: two turns over the terminals, so that a ground cannot touch one.",
        [StepCase.Fix] = "{Device}: grounds deepest, hots last; fold, do not push.",
        [StepCase.PlateOn] = "Right way up, nothing pinched.",
        [StepCase.LooseEnds] = new(f =>
            $"The plan leaves {Count(f.Get<int>("count"), "end").ToLowerInvariant()} on nothing. A cap on each before anybody switches on."
        ),
        [StepCase.PowerOn] = "Everybody who holds the breaker lets go first. Hands out of every box on it.",
        [StepCase.Reset] = "Many arrive tripped. If it does not set, the feed may be on its load side: off again, and look.",
        [StepCase.Readings] = "Each reading beside what the wiring should give.",
        [StepCase.Button] = "Press test: it opens and what hangs behind it is dead. Reset it again.",
        [StepCase.Label] = "What feeds it, and where what protects it is reset.",
        [StepCase.CleanUp] = "No scraps in the box or the wall; tag off the breaker; what is left over goes back to the van.",
        [StepCase.Note] = "What else the plan says of this box is recorded with it.",
        [StepCase.Beyond] = new(f => $"{Count(f.Get<int>("count"), "thing")} of the plan wait for something else: look at the difference."),
    };

    private static readonly Dictionary<StepCase, string> Warnings = new()
    {
        [StepCase.CutLoop] = "A cut cannot be taken back.",
        [StepCase.Sheath] = "A sheath that is open cannot be closed. Mark, measure again, then cut.",
        [StepCase.CutLength] = "A cut cannot be taken back: leave it long where you doubt.",
        [StepCase.TrimLead] = "A cut cannot be taken back.",
        [StepCase.BreakTab] = "A tab that is snapped cannot be put back. Which side?",
        [StepCase.SetBox] =
            "The hole is cut in the finish, and the wings of an old-work box can drop into the wall: set it once, straight.",
        [StepCase.BoxChange] = "The old box does not come out whole: what stands in it must be free first.",
    };

    public static string Title(CardStep step, Filling fill) => Line.Start(Titles[step.Case].Make(fill));

    public static string Body(CardStep step, Filling fill) => Line.Start(Bodies[step.Case].Make(fill));

    /// <summary>What is said before a step that cannot be taken back.</summary>
    public static string? Warning(CardStep step) => step.Final ? Warnings[step.Case] : null;

    public static string Role(TerminalRole role) =>
        role switch
        {
            TerminalRole.LoadHot => "Load side: hot",
            TerminalRole.LoadNeutral => "Load side: neutral",
            TerminalRole.LineHot => "Line side: hot",
            TerminalRole.LineNeutral => "Line side: neutral",
            TerminalRole.Ground => "Ground on the device",
            TerminalRole.Neutral => "Neutral on the device",
            TerminalRole.Common => "Common",
            TerminalRole.Traveler => "Travelers",
            TerminalRole.Switched => "Switched leg",
            _ => "Hot on the device",
        };

    private static string Joined(int leads, int tails) =>
        (leads, tails) switch
        {
            (0, _) => $"{Count(tails, "pigtail")}.",
            (_, 0) => $"{Count(leads, "lead")}.",
            _ => $"{Count(leads, "lead")} and {Count(tails, "pigtail").ToLowerInvariant()}.",
        };

    private static string Count(int count, string what) => count == 1 ? $"One {what}" : $"{count} {what}s";
}
