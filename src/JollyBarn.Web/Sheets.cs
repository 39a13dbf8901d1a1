using JollyBarn.Connection.Sheet;
using JollyBarn.Electrics;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Store;
using JollyBarn.Telling.Live;
using JollyBarn.Telling.Phrases;
using JollyBarn.Tracing;
using JollyBarn.Wiring;

namespace JollyBarn.Web;

/// <summary>A breaker at the head of a rail.</summary>
/// <param name="Key">As <c>panel/7</c>.</param>
/// <param name="Slot">What people call it: <c>7</c>, <c>10 lower</c>, <c>2, 4</c>.</param>
/// <param name="Legs">Legs of its poles: A, B, AB.</param>
/// <param name="Says">What is written for it.</param>
/// <param name="On">Null where nobody said.</param>
public sealed record SheetBreaker(
    string Key,
    string Slot,
    string Legs,
    decimal? Amperes,
    BreakerKind Kind,
    bool? On,
    IReadOnlyList<string> HeldBy,
    string? Says,
    Id<Circuit>? Circuit
);

/// <summary>A stop of a rail with what stands there.</summary>
/// <param name="Name">The box, the load, or where an end that nobody followed is said to go.</param>
/// <param name="Side">The end of that cable that is here.</param>
/// <param name="Size">Gauge and conductors of the cable it comes by.</param>
/// <param name="Guards">What protects it from ground faults, in words.</param>
/// <param name="Expected">What the solved network expects of the hot that comes in; unknown where nobody followed one.</param>
/// <param name="Judged">False for a box nobody opened, and for the end of a cable.</param>
/// <param name="Worst">Its worst verdict, where it is judged.</param>
/// <param name="Opened">How much of the box is recorded.</param>
/// <param name="Also">Other rails it stands on.</param>
/// <param name="Drop">Share of the leg's volts lost on the way at the house's load, %; the worst outlet there.</param>
/// <param name="FaultAmperes">Least current of a hot on ground there, A.</param>
public sealed record SheetStopView(
    string Key,
    StopAt At,
    Id<Box>? Box,
    string Name,
    string? Place,
    string? From,
    Id<Run>? By,
    RunSide Side,
    string? Size,
    Fact<Length>? Length,
    Brings Brings,
    bool Seen,
    IReadOnlyList<string> Guards,
    bool Protects,
    Expected Expected,
    bool Judged,
    Verdict Worst,
    Contents Opened,
    IReadOnlyList<string> Also,
    double? Drop,
    double? FaultAmperes,
    Surely? AtOnce
);

/// <param name="Name">What the circuit is called.</param>
/// <param name="Amperes">What its breaker is for.</param>
/// <param name="KnownLoad">Loads somebody recorded, A; null for several circuits on one rail.</param>
public sealed record RailView(
    string Key,
    string? Panel,
    IReadOnlyList<SheetBreaker> Breakers,
    string? Name,
    Id<Circuit>? Circuit,
    decimal? Amperes,
    decimal? KnownLoad,
    IReadOnlyList<SheetStopView> Stops,
    IReadOnlyList<SheetTie> Ties
);

/// <summary>A box no cable is recorded to.</summary>
public sealed record ApartView(Id<Box> Box, string Name, string? Place, Contents Opened);

/// <summary>What can feed a panel.</summary>
/// <param name="Sources">Its own and those that stand by.</param>
/// <param name="OneAtATime">Whether only one of several can be on; null where nobody looked.</param>
public sealed record PanelFeed(string Panel, IReadOnlyList<string> Sources, bool? OneAtATime);

/// <param name="Across">Cables between boxes of different rails.</param>
/// <param name="Feeds">What comes before the rails, by panel.</param>
/// <param name="Working">What the solved network says is still being worked out.</param>
public sealed record SheetView(
    long Version,
    IReadOnlyList<RailView> Rails,
    IReadOnlyList<ApartView> Apart,
    IReadOnlyList<SheetTie> Across,
    IReadOnlyList<PanelFeed> Feeds,
    bool Working
);

/// <summary>The run sheet in words and figures.</summary>
internal static class Sheets
{
    public static SheetView View(OpenJob open)
    {
        var now = open.Now;
        var job = now.Job;
        var sheet = RunSheet.Of(job);
        var solved = open.Judged.Expected.Of(job, Views.Patience);
        var view = new Making(
            job,
            open.Judged.Supply.Circuits(job).Select(c => c.Look).ToDictionary(l => l.Id),
            open.Judged.Live.Of(job, Situation.AsRecorded),
            id => Views.Verdicts(open.Judged, job, id, job.Boxes[id], solved),
            sheet
                .Rails.SelectMany(r => r.Stops.Where(s => s.At == StopAt.Box).Select(s => (s.Key, Rail: r.Key)))
                .ToLookup(s => s.Key, s => s.Rail)
        );
        // What no cable is recorded to may have been found by looking: it hangs on its breaker, unseen.
        var found = StopOrder.Found(job);
        var placed = found.SelectMany(f => f.Select(w => w.Box)).ToHashSet();
        return new(
            now.Version,
            [.. sheet.Rails.Select(r => view.Rail(r, [.. r.Breakers.SelectMany(b => found[b].Select(w => w.Box)).Distinct()]))],
            [
                .. sheet
                    .Apart.Where(id => !placed.Contains(id))
                    .Select(id => new ApartView(id, job.Boxes[id].Name, PlaceOf(job, job.Boxes[id]), job.Boxes[id].Contents)),
            ],
            sheet.Across,
            [
                .. job.Panels.Select(p => new PanelFeed(
                    p.Key,
                    [.. PanelSources.Reaching(job, p.Value).OrderByDescending(s => s == p.Value.Source)],
                    PanelSources.OneAtATime(p.Value)
                )),
            ],
            solved is null
        );
    }

    private static string? PlaceOf(Job job, Box box) => box.Place is { } place ? job.Places.Find(place)?.Name : null;

    private sealed class Making(
        Job job,
        Dictionary<Id<Circuit>, Inspection.Supply.CircuitLook> looks,
        Electrics.Live live,
        Func<Id<Box>, IReadOnlyList<Finding>> verdicts,
        ILookup<string, string> standsOn
    )
    {
        private readonly Names names = new(job);

        public RailView Rail(Rail rail, IReadOnlyList<Id<Box>> looked)
        {
            var breakers = rail.Breakers.Select(key => BreakerKey.Find(job, key)!.Value).ToList();
            Id<Circuit>[] circuits = [.. breakers.Select(b => b.Breaker.Circuit).OfType<Id<Circuit>>().Distinct()];
            Inspection.Supply.CircuitLook[] of =
            [
                .. circuits.Select(c => looks.GetValueOrDefault(c)).OfType<Inspection.Supply.CircuitLook>(),
            ];
            return new(
                rail.Key,
                breakers.Count > 0 ? breakers[0].Panel : null,
                [.. breakers.Select(b => Told(b.Panel, b.Breaker))],
                circuits.Length > 0 ? string.Join(" and ", circuits.Select(c => job.Circuits.Find(c)?.Name ?? c.Text)) : null,
                circuits.Length > 0 ? (Id<Circuit>?)circuits[0] : null,
                breakers.Count > 0 ? breakers[0].Breaker.Amperes : null,
                of is [var one] ? Math.Round(one.KnownLoad, 1) : null,
                [.. rail.Stops.Concat(StopOrder.Of(job, looked).Stops.Select(Looked)).Select(s => Stop(rail, s, of))],
                rail.Ties
            );
        }

        /// <summary>A box that looks alone put on a rail, behind what openings showed to feed it.</summary>
        private static SheetStop Looked(OrderedStop stop) =>
            new(
                $"b:{stop.Box}",
                StopAt.Box,
                stop.Box.Text,
                stop.After is { } after ? $"b:{after}" : null,
                null,
                RunSide.A,
                Brings.Unknown,
                false,
                [],
                false,
                [],
                null
            );

        private SheetBreaker Told(string panel, Breaker breaker) =>
            new(
                BreakerKey.Of(panel, breaker),
                string.Join(", ", breaker.Slots),
                string.Concat(SupplyLegs.Of(job.Panels[panel], breaker).Select(l => (char)('A' + l))),
                breaker.Amperes,
                breaker.Kind,
                breaker.On,
                breaker.HeldBy,
                breaker.Says,
                breaker.Circuit
            );

        private SheetStopView Stop(Rail rail, SheetStop stop, Inspection.Supply.CircuitLook[] of)
        {
            Id<Box>? id = stop is { At: StopAt.Box, Id: { } text } ? text : null;
            var box = job.Boxes.Find(id);
            var run = job.Runs.Find(stop.By);
            var ways = of.SelectMany(l => l.Ways.Where(w => w.Box.Text == stop.Id).Select(w => (Look: l, Way: w))).ToList();
            var weakest = ways.Where(w => w.Way.FaultAmperes is not null).OrderBy(w => w.Way.FaultAmperes).FirstOrDefault();
            return new(
                stop.Key,
                stop.At,
                id,
                StopNames.Of(job, stop),
                box is null ? null : PlaceOf(job, box),
                stop.From,
                stop.By,
                stop.Side,
                run is null ? null : CableNames.Size(run),
                run?.Length,
                stop.Brings,
                stop.Seen,
                [.. stop.Behind.Select(g => GuardWords.Of(names, g))],
                stop.Protects,
                stop.Point is { } point && stop.Seen ? live.Expect(point) : Expected.Unknown,
                box is { Contents: not Contents.NotOpened },
                box is { Contents: not Contents.NotOpened } ? Worst(id!.Value) : Verdict.Fine,
                box?.Contents ?? Contents.NotOpened,
                [.. standsOn[stop.Key].Where(r => r != rail.Key)],
                ways.Max(w => Drop(w.Look, w.Way)) is { } drop ? Math.Round(drop, 1) : null,
                weakest.Way?.FaultAmperes is { } a ? Math.Round(a) : null,
                weakest.Way?.FaultAmperes is { } current && weakest.Look.Amperes is { } rating
                    ? Trips.Magnetic(current, (double)rating)
                    : null
            );
        }

        /// <summary>Share of the leg's volts lost on the way at the house's load, %; null where nothing can be worked out.</summary>
        private double? Drop(Inspection.Supply.CircuitLook look, OutletWay way) =>
            100 * way.Ohms * (double?)(look.Amperes * CodeBook.ElectricsBook.DropLoad.Of(job.Practice) / 100) / look.LegVolts;

        private Verdict Worst(Id<Box> id) => verdicts(id) is { Count: > 0 } found ? found.Min(f => f.Verdict) : Verdict.Fine;
    }
}
