using JollyBarn.Planning.Remedies;
using JollyBarn.Telling.Phrases;
using JollyBarn.Terms;

namespace JollyBarn.Telling;

/// <summary>What each way to settle a verdict says to do.</summary>
internal static class RemedyWords
{
    private static readonly Dictionary<string, Line> ByWay = new(StringComparer.Ordinal)
    {
        ["AnotherBox.Instead"] = "{Option}: {left} left.",
        ["JointsAside.JunctionBox"] =
            "Join {cables:0} of its cables in a {kind} beside it that stays within reach, bonded and with a flat cover, and bring one "
            + "{tail:0}-conductor cable from there.",
        ["BondTheBox.Pigtail"] = "A bare {gauge} AWG pigtail, {tail}, from the grounds to a 10-32 screw used for nothing else.",
        ["JoinTheGrounds.Join"] = "Join all grounds under one connector, and a pigtail of {tail} to each device that held one.",
        ["JoinTheGrounds.JoinThere"] = "In {box}: join all grounds under one connector.",
        ["BondTheDevice.Pigtail"] = "A ground pigtail, {tail}, from the grounds to the {device}.",
        ["BringAGround.FromPanel"] =
            "Run a {gauge} AWG green conductor from the ground bar of {panel} to this box, and join it with its grounds (250.130(C)).",
        ["BondTheDevice.OwnLead"] = "Join the ground lead of the {device} with the grounds.",
        ["ConnectorFor.Another"] = "A {connector} for its {count} conductors.",
        ["ConnectorFor.TwoJoints"] = "Two joints and a jumper of {tail}: {count} conductors go to the second.",
        ["CapIt.OnlyOne"] = "Cap it: it holds one conductor only.",
        ["CapIt.IntoJoint"] = "Into {joint}, if it belongs there.",
        ["CapIt.Cap"] = "Put a cap on it.",
        ["CapIt.TakeOut"] = "Take the pigtail out.",
        ["HoldTheCable.LargerHole"] = "Punch the knockout out to {size} and take a connector listed for the cable.",
        ["HoldTheCable.FastenNear"] = "Fasten the cable within {at} along the sheath.",
        ["HoldTheCable.Connector"] = "A {size} in connector listed for the cable in its knockout.",
        ["CloseTheHole.Plug"] = "A {size} in knockout plug.",
        ["PullOrTrim.Pull"] = "Pull {by} more cable in, so that {wanted} of sheath shows past the clamp.",
        ["PullOrTrim.Trim"] = "Trim {by} of sheath.",
        ["PullOrTrim.Support"] = "Set the first support {by} nearer, or take up the slack.",
        ["Fastened.Near"] = "A fastener within {at} of the box.",
        ["Fastened.Every"] = "Fasteners every {at}.",
        ["Fastened.Straighten"] = "Pull the bend out to a hand's breadth; change the cable if it is kinked.",
        ["Fastened.Lower"] = "Lower it by {by}, to {at}.",
        ["Fastened.GfciAhead"] = "Put a GFCI ahead of the buried part.",
        ["Fastened.LowerWithGfci"] = "Lower it by {by}, to {at}, and put a GFCI ahead of the buried part.",
        ["Fastened.Apart"] = "Give the cables holes of their own, at most two in one.",
        ["LongerLead.NewPigtail"] = "A new pigtail of {tail}.",
        ["LongerLead.JoinOn"] = "Join {gauge} AWG {colour} of {tail} on, with an inline connector.",
        ["LongerLead.PullIn"] = "Pull {by} more cable in, if there is slack.",
        ["ThickerOrSmaller.Receptacle"] = "Put in a receptacle of {rating:0} A.",
        ["ThickerOrSmaller.Pigtail"] = "A {gauge} AWG pigtail of {tail} in its place.",
        ["ThickerOrSmaller.Breaker"] = "A {amperes:0} A breaker in slot {breaker:slot} (licensed work).",
        ["JoinTheNeutrals.Join"] = "Join the neutrals, with a pigtail of {tail} to the device.",
        ["FeedIt.FromJoints"] = "Feed the {device} from the joints here, with pigtails of {tail}.",
        ["Reconnect.TakeOut"] = "Take the {lead} out.",
        ["Reconnect.ChangeOver"] = "Change the two over: {one} and {other}.",
        ["Reconnect.IntoJoint"] = "Put the {lead} into {joint}.",
        ["Reconnect.Onto"] = "Put the {lead} on {terminal:of}.",
        ["OneToAPlace.Under"] = "Under the {place} instead.",
        ["OneToAPlace.Join"] = "Join the {count}, with a pigtail of {tail} to the {terminal}.",
        ["OneToAPlace.IntoJoint"] = "Into {joint}, which has a pigtail here already.",
        ["SayWhatItDoes.FeedsIn"] = "Mark {cable} as feeding in, if it was followed rightly.",
        ["SayWhatItDoes.FeedsOn"] = "Mark {cable} as feeding on, if it was followed rightly.",
        ["PigtailThese.Pigtail"] = "Pigtail these: join what goes on, with a pigtail of {tail} to each terminal of the {device}.",
        ["MarkTheWhite.Tape"] = "Tape it black or red, round and round, as far as it shows.",
        ["MarkTheWhite.ChangeOver"] = "Change the two over at both ends: white, taped, feeds the switch, and the other is the return.",
        ["TurnLineAndLoad.ChangeOver"] = "Change line and load over.",
        ["TurnLineAndLoad.OnlyFeedsOn"] = "It only feeds on: say so, and protect it elsewhere.",
        ["TurnLineAndLoad.OntoLoad"] = "Move its hot and neutral to the load side of the {device}.",
        ["TieThem.MoveNextTo"] = "Move {breaker} to slot {slot}, next to {other}, and fit an identified tie (licensed work).",
        ["ProtectIt.Protective"] = "Put a protective receptacle in its place.",
        ["ProtectIt.Upstream"] = "Protect it upstream: a GFCI breaker or the first receptacle of the run, and test it.",
        ["ProtectIt.GfciBreaker"] = new(f =>
            $"A {(f.Get<int>("poles") > 1 ? "two-pole " : "")}ground-fault breaker: {f["breakers"]} (licensed work). Test it."
        ),
        ["ProtectIt.AfciBreaker"] = "An AFCI or dual-function breaker: {breakers} (licensed work).",
        ["ProtectIt.AfciUpstream"] = "Put arc-fault protection at the first outlet of the run, and test it.",
        ["ProtectIt.TwoSlot"] = "Put a two-slot receptacle back.",
        ["ProtectIt.ForTheWeather"] = "A weather-resistant receptacle and a cover for the place.",
        ["BoxForTheSplice.FanBox"] = "Change the box for one marked for fans, braced to the joists.",
        ["BoxForTheSplice.CeilingBox"] = "Hang it from a ceiling box on a brace.",
        ["BoxForTheSplice.BoxRound"] = "Put a {kind} box round it, where it stays in reach.",
        ["OtherCable.NmB"] = "Run NM-B of the same size in its place.",
        ["OtherCable.UfB"] = "Run UF-B of the same size in its place.",
        ["OtherTab.Break"] = "Break the tab between its hot terminals.",
        ["NotedRight.Mended"] = new(f => HandWords.Of(f["rule"], f["house"])),
        ["NotedRight.MendedBy"] = new(f => $"{HandWords.Of(f["rule"], f["house"])} By {f["by"]}."),
        ["PartCircuits.Part"] = new(f => $"Part the neutrals: {string.Join("; ", [.. Capped(f), .. Joined(f)])}."),
    };

    public static Line Of(Remedy remedy) => ByWay[$"{remedy.Kind}.{remedy.Case}"];

    private static IEnumerable<string> Capped(Filling f) =>
        (f.Get<List<(Thing Lead, Thing Circuit)>>("capped") ?? []).Select(c =>
            $"cap the {f.Named(c.Lead)} until its own hot is found, {f.Named(c.Circuit)}"
        );

    private static IEnumerable<string> Joined(Filling f) =>
        (f.Get<List<(int Count, Thing Circuit)>>("joined") ?? []).Select(j =>
            $"the {j.Count} of {f.Named(j.Circuit)} to a joint of their own"
        );
}
