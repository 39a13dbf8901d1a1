using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Testing;

/// <summary>A protective receptacle in a one-gang box as the trade makes it up: feed and feed-on joined with pigtails to line, a protected
/// cable on load.</summary>
public static class GfciBox
{
    public static Job Make() => Job.Blank("test").Do([.. Edits()]);

    /// <summary>The edits that make it, in order.</summary>
    public static IReadOnlyList<Edit> Edits() =>
        [
            new AddBox("b", "Bench", "nm-1g-22.5", null, null, Contents.Complete),
            new AddCable("b", "feed", "k1", Jobs.Nm(12, 2), EntrySide.Top, null, "from the pantry", Feeds.FeedsIn),
            new AddCable("b", "on", "k2", Jobs.Nm(12, 2), EntrySide.Top, null, "on to the porch", Feeds.FeedsOn),
            new AddCable("b", "safe", "k3", Jobs.Nm(12, 2), EntrySide.Bottom, null, "on to the bench", Feeds.Protected),
            new AddDevice("b", "g", "protective", 1),
            new JoinLeads("b", "hots", "twist-on-medium", ["feed.a0", "on.a0"], "hots"),
            new JoinLeads("b", "neutrals", "twist-on-medium", ["feed.a1", "on.a1"], "neutrals"),
            new JoinLeads("b", "grounds", "twist-on-medium", ["feed.a2", "on.a2", "safe.a2"], "grounds"),
            Tail("tail-hot", "hots", "line-hot/plate"),
            Tail("tail-neutral", "neutrals", "line-neutral/plate"),
            Tail("tail-ground", "grounds", "ground/screw"),
            new MoveLead("b", "safe.a0", At("load-hot/plate")),
            new MoveLead("b", "safe.a1", At("load-neutral/plate")),
        ];

    public static Landing At(string place, string device = "g") => new(LandingAt.Terminal, null, device, place);

    public static Landing In(string joint) => new(LandingAt.Joint, joint);

    private static AddPigtail Tail(string id, string joint, string place) =>
        new("b", id, In(joint), At(place), Length: new(Known.Measured, Length.Inches(8)));
}
