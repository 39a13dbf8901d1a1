using JollyBarn.CodeBook;
using JollyBarn.Electrics;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Inspection.Supply;
using JollyBarn.Measures;
using JollyBarn.Store;
using JollyBarn.Telling;
using JollyBarn.Telling.Live;
using JollyBarn.Telling.Phrases;
using JollyBarn.Terms;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollyBarn.Web.Endpoints;

/// <summary>An outlet of a circuit with what the wiring makes of it.</summary>
/// <param name="Watts">What it takes; null when nobody said.</param>
/// <param name="How">cord or fixed; null when nobody said.</param>
/// <param name="Lasting">yes when it runs three hours or more, no when not; null when nobody said.</param>
/// <param name="Drop">Share of the leg's volts lost on the way to it at the house's load, %; null where nothing can be worked out.</param>
/// <param name="FaultAmperes">Current of hot on ground there, A; null without a ground.</param>
/// <param name="AtOnce">Whether the breaker's magnet opens at that current.</param>
/// <param name="Guard">What protects it from ground faults; null when nothing that is recorded does.</param>
public sealed record CircuitOutletView(
    Id<Box> Box,
    string BoxName,
    string? Place,
    Id<Device> Device,
    string Name,
    bool Receptacle,
    decimal? Watts,
    string? How,
    string? Lasting,
    double? Drop,
    double? FaultAmperes,
    Surely? AtOnce,
    string? Guard
);

/// <summary>Something fixed at the end of a cable of the circuit.</summary>
/// <param name="Box">The box its cable comes from, where it is asked.</param>
/// <param name="End">The cable's end there: subject of what is answered about it.</param>
public sealed record CircuitLoadView(Id<Box> Box, string End, string Name, decimal? Watts, string? Lasting);

/// <summary>A cable of a circuit.</summary>
/// <param name="Box">A box it ends in; null when it ends in none that is known.</param>
public sealed record CircuitCableView(Id<Run> Run, string Name, string Size, Id<Box>? Box, Fact<Length> Length);

/// <param name="Slots">Slots its breakers take.</param>
/// <param name="KnownLoad">Loads somebody recorded, A.</param>
/// <param name="Measured">True when every cable of it has its length: the figures are then the circuit's own.</param>
/// <param name="Holds">How many verdicts hold.</param>
public sealed record CircuitView(
    string Id,
    IReadOnlyList<string> Slots,
    decimal? Amperes,
    decimal KnownLoad,
    bool Measured,
    IReadOnlyList<CircuitOutletView> Outlets,
    IReadOnlyList<CircuitLoadView> Loads,
    IReadOnlyList<CircuitCableView> Cables,
    IReadOnlyList<ToldFinding> Findings,
    int Holds
);

/// <param name="Legs">Leg of each breaker's first pole, by the breaker's key: A, B or C.</param>
/// <param name="Room">What hangs on each leg, and what a new circuit may take.</param>
public sealed record PanelView(
    string Id,
    IReadOnlyDictionary<string, string> Legs,
    PanelRoom Room,
    IReadOnlyList<ToldFinding> Findings,
    int Holds
);

public sealed record SupplyView(long Version, IReadOnlyList<CircuitView> Circuits, IReadOnlyList<PanelView> Panels);

/// <summary>Circuits and panels, judged.</summary>
internal static class SupplyEndpoints
{
    public static void MapSupply(this IEndpointRouteBuilder api) =>
        api.MapGet("/jobs/{job}/supply", Results<Ok<SupplyView>, NotFound> (JobStore store, string job) =>
            {
                if (store.Find(job) is not { } open)
                {
                    return TypedResults.NotFound();
                }

                var now = open.Now;
                return TypedResults.Ok(
                    new SupplyView(
                        now.Version,
                        [.. open.Judged.Supply.Circuits(now.Job).Select(c => View(now.Job, c))],
                        [.. open.Judged.Supply.Panels(now.Job).Select(p => View(now.Job, p))]
                    )
                );
            })
            .WithName("supply")
            .WithSummary("Circuits and panels with their verdicts, loads, drops, fault currents and protection.");

    private static CircuitView View(Job job, JudgedCircuit judged)
    {
        var look = judged.Look;
        var names = new Names(job, look.Id);
        return new(
            look.Id,
            [.. look.Breakers.SelectMany(b => b.Breaker.Slots)],
            look.Amperes,
            Math.Round(look.KnownLoad, 1),
            look.Ways.All(w => look.Wiring.Open(w).Count == 0),
            [.. look.Outlets.Select(o => View(look, o))],
            [
                .. look
                    .Draws.OfType<LoadAtEnd>()
                    .Select(l => new CircuitLoadView(l.Box.Id, l.End, names.Of(l.Thing), l.Watts, Said(l.Lasting))),
            ],
            [
                .. look.Runs.Select(r => new CircuitCableView(
                    r.Id,
                    names.Run(r.Id),
                    CableNames.Size(r.Run),
                    new[] { r.Run.A, r.Run.B }.FirstOrDefault(e => e.IsBox)?.Id,
                    r.Run.Length
                )),
            ],
            new Teller(job, look.Id).Tell(judged.Findings.Where(f => f.Verdict != Verdict.Fine)),
            judged.Findings.Count(f => f.Verdict == Verdict.Fine)
        );
    }

    private static CircuitOutletView View(CircuitLook look, CircuitOutlet outlet)
    {
        var ways = look.Ways.Where(w => w.Of == outlet.Of).ToList();
        var (ohms, fault) = (ways.Max(w => w.Ohms), ways.Min(w => w.FaultAmperes));
        var amperes = (double?)(look.Amperes * ElectricsBook.DropLoad.Of(look.Practice) / 100);
        return new(
            outlet.Box.Id,
            outlet.Box.Box.Name,
            outlet.Box.Place?.Name,
            outlet.Device,
            Names.Device(outlet.Box.Box.Devices[outlet.Device]),
            outlet.Receptacle,
            outlet.Watts,
            outlet.How is { } how ? Choice.Text(how) : null,
            Said(outlet.Lasting),
            ohms * amperes is { } volts ? Math.Round(100 * volts / look.LegVolts, 1) : null,
            fault is { } a ? Math.Round(a) : null,
            fault is { } current && look.Amperes is { } rating ? Trips.Magnetic(current, (double)rating) : null,
            ways.SelectMany(w => w.Guards).Select(g => Guarded(look, outlet, g)).FirstOrDefault()
        );
    }

    private static string Guarded(CircuitLook look, CircuitOutlet outlet, GuardKey guard) =>
        guard.Kind == GuardKind.Breaker ? "its breaker"
        : guard == GuardKey.Device(outlet.Box.Id, outlet.Device) ? "itself"
        : GuardWords.Of(new Names(look.Wiring.Part, outlet.Box.Id), guard);

    private static string? Said(bool? answer) =>
        answer switch
        {
            true => "yes",
            false => "no",
            null => null,
        };

    private static PanelView View(Job job, JudgedPanel judged)
    {
        var panel = judged.Look.Panel;
        return new(
            judged.Look.Id,
            panel
                .Breakers.DistinctBy(b => b.Key)
                .ToDictionary(b => b.Key, b => string.Concat(judged.Look.LegsOf(b).Select(l => (char)('A' + l)))),
            PanelRoom.Of(judged.Look),
            new Teller(job, judged.Look.Id).Tell(judged.Findings.Where(f => f.Verdict != Verdict.Fine)),
            judged.Findings.Count(f => f.Verdict == Verdict.Fine)
        );
    }
}
