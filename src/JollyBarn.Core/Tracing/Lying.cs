using JollyBarn.Connection.Sheet;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Tracing;

/// <summary>How the breakers of a job lie, and which of them somebody who searches may throw.</summary>
internal sealed class Lying
{
    private readonly HashSet<string> off;
    private readonly HashSet<string> kept;
    private readonly HashSet<string> stays;

    /// <param name="by">Who searches.</param>
    public Lying(Job job, string by)
    {
        var breakers = job
            .Panels.SelectMany(p => p.Value.Breakers.Select(b => (Key: BreakerKey.Of(p.Key, b), Breaker: b, Panel: p.Value)))
            .ToList();
        // Whoever proved something dead and has not left may hold breakers off for that: they stay as they are.
        var proving = job.Proofs.Values.Any(p => p.By == by && p.Ended is null);
        All = [.. breakers.Select(b => b.Key)];
        off = [.. breakers.Where(b => b.Breaker.On == false).Select(b => b.Key)];
        stays =
        [
            .. breakers.Where(b => b.Breaker.On == false && (proving || b.Breaker.HeldBy is not [var one] || one != by)).Select(b => b.Key),
        ];
        var minded = Minded(job);
        kept =
        [
            .. breakers
                .Where(b => b.Breaker.On != false)
                .Where(b =>
                    b.Breaker.HeldBy.Any(h => h != by)
                    || minded.Contains(b.Key)
                    || b.Panel.Noted.Find(b.Breaker.Key)?.Facts.Find(SupplyFacts.KeepOn.Id)?.Value == "yes"
                )
                .Select(b => b.Key),
        ];
    }

    /// <summary>Breakers that feed something that must not lose power without warning, where the wiring or looks have shown
    /// which.</summary>
    private static HashSet<string> Minded(Job job)
    {
        var boxes = job.Appliances.Values.Where(a => a.Minds == PowerLoss.AskFirst).Select(a => a.Box).OfType<Id<Box>>().ToHashSet();
        return boxes.Count == 0
            ? []
            :
            [
                .. RunSheet
                    .Of(job)
                    .Rails.SelectMany(r => r.Stops.Where(s => s is { At: StopAt.Box, Seen: true } && boxes.Contains(s.Id!)))
                    .SelectMany(s => s.Breakers),
                .. boxes.Select(b => BreakerWalk.Walked(job, b)).Where(w => w.Sure >= BreakerSearch.Enough).SelectMany(w => w.Feeding),
            ];
    }

    /// <summary>Every breaker, as <c>panel/7</c>.</summary>
    public IReadOnlyList<string> All { get; }

    /// <summary>Those that are off now.</summary>
    public IReadOnlySet<string> Off => off;

    /// <summary>Those off now that stay so: others hold them, nobody says why they are off, or the searcher holds them for a
    /// proof.</summary>
    public IReadOnlySet<string> Stays => stays;

    /// <summary>Those that are on and stay so until somebody is asked: what hangs on them must not lose power without warning.</summary>
    public IReadOnlySet<string> Kept => kept;

    /// <summary>Those left alone, off or on.</summary>
    public IReadOnlyList<string> Alone => [.. kept.Union(stays).Order(StringComparer.Ordinal)];

    public bool MayThrow(string key) => !stays.Contains(key) && !kept.Contains(key);

    /// <summary>What is off once those that may be thrown lie so, and what is thrown for it: true for off.</summary>
    public (IReadOnlyList<string> Off, IReadOnlyDictionary<string, bool> Throw) With(IReadOnlySet<string> should)
    {
        var thrown = All.Where(k => MayThrow(k) && should.Contains(k) != off.Contains(k)).ToDictionary(k => k, should.Contains);
        return ([.. All.Where(k => thrown.TryGetValue(k, out var now) ? now : off.Contains(k)).Order(StringComparer.Ordinal)], thrown);
    }
}
