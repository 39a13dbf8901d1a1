using System.Globalization;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Planning;
using JollyBarn.Telling.Phrases;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Live;

/// <summary>Turns what is solved of a box into words.</summary>
/// <param name="box">Id of the box.</param>
public sealed class LiveTeller(Job job, Id<Box> box)
{
    private readonly Names names = new(job, box);

    public ToldLive Tell(BoxLive live) =>
        new(
            live.Strands.ToDictionary(s => s.Key.Text, s => Tell(s.Value)),
            live.Joints.ToDictionary(j => j.Key.Text, j => Tell(j.Value)),
            live.Metal is { } metal ? Tell(metal) : null,
            live.Touch is { } touch ? new(touch.Point, touch.Milliamperes, touch.Seconds, touch.MayOpen, LiveWords.Of(touch.Means)) : null,
            [.. live.Outlets.Select(Tell)],
            Tell(live.Openings),
            Tell(live.MayOpen),
            [.. live.Points.Select(Tell)],
            [.. live.Sources.Select(Tell)],
            [.. live.Breakers.Select(Tell)],
            [.. live.Switches.Select(Tell)],
            [.. live.Offers.Select(o => new ToldOffer(OfferWords.Of(o).Make(new(o.About, names)), o.Fault))],
            [.. live.Assumed.Select(Tell)]
        );

    public ToldShown Tell(Shown shown) =>
        new(shown.Instrument, shown.From, shown.To, LiveWords.Shows(shown), shown.Volts, Tell(shown.Trips), LiveWords.Of(shown.Means));

    /// <summary>What a change would do with the power on, as sentences.</summary>
    public IReadOnlyList<string> Tell(IEnumerable<LiveFollow> follows) => [.. follows.Select(Tell)];

    public string Tell(Assumed assumed) => Line.Start(LiveWords.Of(assumed.Case).Make(new(assumed.About, names)));

    private ToldPoint Tell(PointLive point) => new(point.Point, names.Of(point.Thing, "of"), point.Volts, point.Expected);

    private ToldThrow Tell(Throw thrown) =>
        new(
            thrown.Key,
            names.Of(thrown.Thing, thrown.Thing.Kind == ThingKind.Breaker ? "short" : null) + (thrown.Lever is { } l ? $", {l}" : ""),
            thrown.On,
            thrown.Circuit
        );

    private IReadOnlyList<ToldOpening> Tell(IEnumerable<Opening> openings) =>
        [.. openings.Select(o => new ToldOpening(o.Seconds, o.Guard.ToString(), Says(o), o.Sure))];

    private static ToldOutlet Tell(Outlet outlet) =>
        new(
            outlet.Box,
            outlet.Device,
            outlet.Half,
            outlet.Lamps,
            LiveWords.Of(outlet.Card),
            LiveWords.Of(outlet.Really, outlet.MetalLive),
            outlet.Differ,
            outlet.MetalLive
        );

    private string Says(Opening opening) =>
        $"{GuardWords.Of(names, opening.Guard)} {(opening is { By: OpensBy.Missing, Sure: Surely.Perhaps } ? "may open" : "opens")}: "
        + LiveWords.Because(opening);

    private string Tell(LiveFollow follow) =>
        follow switch
        {
            LiveFollow.Opens { Opening: var opening } => $"{Line.Start(Says(opening))}, {LiveWords.Within(opening)}",
            LiveFollow.BecomesLive { Point: var point } => $"{Line.Start(names.Of(point.Thing))} becomes live, {Number(point.Volts)} V",
            LiveFollow.NoLongerLive { Point: var point } =>
                $"{Line.Start(names.Of(point.Thing))} is no longer expected live; that is no proof",
            LiveFollow.MetalLive { Metal: var metal, Touch: var touch } =>
                $"The metal box becomes live, {Number(metal.Volts)} V{Through(touch)}",
            _ => throw new ArgumentOutOfRangeException(nameof(follow), follow, null),
        };

    private static string Through(Touch? touch) =>
        touch is null ? "" : $": {Number(touch.Milliamperes)} mA through a person, {LiveWords.Of(touch.Means)}";

    private static string Number(double value) => value.ToString("0", CultureInfo.InvariantCulture);
}

/// <summary>What protection is called.</summary>
public static class GuardWords
{
    /// <summary>A breaker by its slot and what is written at it; a device by its box.</summary>
    public static string Of(Names names, GuardKey guard) =>
        guard.Kind == GuardKind.Breaker
            ? names.Of(Thing.Breaker(guard.In, guard.Of))
            : $"the protective receptacle of {names.Of(new Thing(ThingKind.Box, guard.In))}";
}
