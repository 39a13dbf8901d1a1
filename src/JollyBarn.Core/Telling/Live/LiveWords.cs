using System.Globalization;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Telling.Phrases;

namespace JollyBarn.Telling.Live;

/// <summary>The words of what is solved.</summary>
public static class LiveWords
{
    private static readonly Dictionary<AssumedCase, Line> Taken = new()
    {
        [AssumedCase.Takes] = "{what} takes {watts} W.",
        [AssumedCase.RunLength] = "Runs nobody measured are {feet:0} ft long.",
        [AssumedCase.FromBreaker] = "{cable} is taken to come from the breaker of {circuit}.",
        [AssumedCase.BringsNothingBack] = "Cables that feed on to where nobody has looked are taken to bring nothing back.",
        [AssumedCase.DrawsNothing] = new(f =>
            $"Nobody said what {(f.Has("load") ? f["load"] : "what hangs at the end of a cable")} takes: it is taken to draw nothing."
        ),
        [AssumedCase.FedAtOnce] = "{sources} feed {panel} at once: whoever works on the line of one is fed by the other.",
        [AssumedCase.BondedAtSupply] = "Neutral and ground of {panel} are joined where its supply comes from.",
        [AssumedCase.Floats] = "{source} floats: its neutral is joined to nothing.",
        [AssumedCase.LegsInStep] = "{source} feeds the legs of {panel} in step: what shares a neutral adds up in it.",
        [AssumedCase.BreakerOn] = "Breaker {breaker:slot} is taken to be on: nobody recorded it.",
        [AssumedCase.ArcsOnly] =
            "Breaker {breaker:slot} is taken to act on arcs only; some arc-fault breakers open on 30 mA to ground too.",
    };

    internal static Line Of(AssumedCase taken) => Taken[taken];

    public static string Of(TouchCase means) =>
        means switch
        {
            TouchCase.NotFelt => "not felt",
            TouchCase.Start => "felt, a start",
            TouchCase.SharpThenOpens => "a sharp shock, then it opens",
            TouchCase.SomeCannotLetGo => "children and some others cannot let go",
            TouchCase.CannotLetGo => "cannot let go",
            TouchCase.StopsBreathing => "cannot let go, and unbroken it can stop breathing",
            TouchCase.CannotLetGoUntilOpens => "cannot let go until it opens",
            _ => "can kill",
        };

    public static string Of(CardWord card) =>
        card switch
        {
            CardWord.Correct => "correct",
            CardWord.OpenGround => "open ground",
            CardWord.OpenNeutral => "open neutral",
            CardWord.OpenHot => "open hot",
            CardWord.Reversed => "reversed",
            CardWord.HotGroundExchanged => "hot–ground exchanged",
            _ => "not on the card",
        };

    /// <summary>How an outlet really is, and what of it is live or off just now.</summary>
    public static string Of(Truth truth, bool metalLive) =>
        Of(truth)
        + (
            truth.OffNow ? "; off now, not proved"
            : metalLive ? "; metal live"
            : ""
        );

    public static string Of(ShownCase means) =>
        means switch
        {
            ShownCase.OwnCurrentOpened => "The instrument's own current opened the protection: it was live.",
            ShownCase.Ghost => "A ghost: it is gone under a load. It may lie beside a live conductor.",
            ShownCase.Live => "Live between these two.",
            ShownCase.NoVoltage => "No voltage between these two. That alone proves nothing dead: read each to an independent ground, and "
                + "the known source before and after.",
            ShownCase.ButtonOpened => "Its current found no way back but the ground, and something opened. Press the device's own button "
                + "too: that is the test its maker asks for.",
            ShownCase.ButtonNothingOpens =>
                "Its current goes to ground and nothing opens: no ground-fault protection works ahead of this outlet.",
            ShownCase.ButtonNoGround =>
                "There is no ground for its current to go to, so it says nothing of the protection, and while it is "
                    + "pressed the metal here is live. Use the device's own button.",
            ShownCase.ButtonNoWay => "There is no way for its current: it says nothing of the protection. Use the device's own button.",
            ShownCase.PenGlows => "Something near it is at a potential. It does not say which, or whether it can drive a current.",
            ShownCase.PenDark => "Not proof: a screened or far conductor keeps a pen dark.",
            ShownCase.TakeItOff => "It is live. Take the tester off: it is for dead circuits only.",
            ShownCase.Joined => "Joined, perhaps through a load or by the bond at the panel: lift one end to be sure.",
            _ => "Not joined by anything of few ohms.",
        };

    /// <summary>What stands in the window.</summary>
    public static string Shows(Shown shown) =>
        shown.Display switch
        {
            Display.Volts => $"{Tenths(shown.Value)} V",
            Display.Ohms => $"{Tenths(shown.Value)} Ω",
            Display.NothingOpens => "nothing opens",
            var display => display.ToString().ToLowerInvariant(),
        };

    /// <summary>What made it open.</summary>
    public static string Because(Opening opening) =>
        opening.By switch
        {
            OpensBy.Overcurrent => $"{Whole(opening.Amperes)} A on {Whole(opening.Rating ?? 0)} A",
            // Never up to the 6 mA from which it surely opens.
            OpensBy.Missing when opening.Sure == Surely.Perhaps =>
                $"{(Math.Floor(opening.Amperes * 10_000) / 10).ToString("0.0", CultureInfo.InvariantCulture)} mA missing on the way back",
            OpensBy.Missing => $"{Whole(opening.Amperes * 1000)} mA missing on the way back",
            OpensBy.Loop => "neutral and ground are joined behind it",
            OpensBy.ArcInJoint => $"an arc of {Whole(opening.Amperes)} A in a joint",
            _ => $"an arc of {Whole(opening.Amperes)} A across conductors",
        };

    /// <summary>A time as people say it: within 9 ms, within 40 s, within 20 min.</summary>
    public static string Within(Opening opening) =>
        (opening.By, opening.Sure) switch
        {
            (OpensBy.Missing, Surely.Perhaps) => "perhaps: between 4 and 6 mA it may open or not",
            (_, Surely.Perhaps) => Within(opening.Seconds) + "; perhaps at once",
            _ => Within(opening.Seconds),
        };

    private static string Within(double seconds) =>
        seconds < 1 ? $"within {Whole(seconds * 1000)} ms"
        : seconds < 100 ? $"within {seconds.ToString("0.#", CultureInfo.InvariantCulture)} s"
        : $"within {Whole(seconds / 60)} min";

    private static string Of(Truth truth) =>
        truth.Wiring switch
        {
            OutletWiring.Correct => "correct",
            OutletWiring.TwoSlot => "two-slot, no ground",
            OutletWiring.ReversedHotOnGround => "reversed, and hot on the ground",
            OutletWiring.HotOnGround => "hot on the ground",
            OutletWiring.OpenGround => "open ground",
            OutletWiring.NeutralGroundExchanged => "neutral and ground exchanged",
            OutletWiring.Reversed => "reversed",
            OutletWiring.ReversedOpenGround => "reversed, open ground",
            OutletWiring.HotGroundExchanged => "hot–ground exchanged",
            OutletWiring.JumperNoGround => "neutral–ground jumper, no ground",
            OutletWiring.ReversedJumper => "reversed, with a neutral–ground jumper and no ground",
            OutletWiring.NeutralGroundJoined => "neutral and ground joined here",
            OutletWiring.OpenNeutral => "open neutral",
            OutletWiring.OpenNeutralJumper => "open neutral, neutral–ground jumper, no ground: hot is live, metal floats",
            OutletWiring.OpenBoth => "open neutral and open ground: hot is live",
            OutletWiring.HotUntraced => "hot is live by a way not traced",
            OutletWiring.HotOpen => "hot open or circuit off; not proof",
            _ => $"hot slot on {Of(truth.Hot)}, neutral slot on {Of(truth.Neutral)}, ground on {Of(truth.Ground)}",
        };

    private static string Of(Bars reached) =>
        reached switch
        {
            Bars.None => "nothing",
            Bars.Hot => "a hot",
            Bars.Neutral => "the neutral",
            Bars.Ground => "the ground",
            _ => "several",
        };

    private static string Tenths(double? value) => (value ?? 0).ToString("0.0", CultureInfo.InvariantCulture);

    private static string Whole(double value) => value.ToString("0", CultureInfo.InvariantCulture);
}
