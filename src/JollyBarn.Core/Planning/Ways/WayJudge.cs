using System.Collections.Concurrent;
using JollyBarn.CodeBook;
using JollyBarn.Connection;
using JollyBarn.Fill;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Inspection.Supply;
using JollyBarn.Planning.Remedies;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>Judges built ways by the same rules and the same network as everything else, and weighs them.</summary>
internal sealed class WayJudge(Job job, Wish wish, Stock stock)
{
    /// <summary>Rules whose open questions decide whether a way is good; how well something is made is seen when it is made.</summary>
    private static readonly HashSet<string> Deciding = new(StringComparer.Ordinal)
    {
        "fill",
        "gfci",
        "afci",
        "no-ground",
        "load",
        "wire-breaker",
        "box-bonded",
        "ground-path",
        "aluminum",
        "concealed-splice",
        "purpose",
    };

    /// <summary>Rules of what a receptacle is replaced with.</summary>
    private static readonly HashSet<string> Replacing = new(
        ["gfci", "afci", "no-ground", "device-bonded", "tamper", "weather"],
        StringComparer.Ordinal
    );

    /// <summary>Rules of a panel that another breaker may break; what hangs on its circuits is judged circuit by circuit.</summary>
    private static readonly HashSet<string> OfSlots = new(["tandem", "breaker-listed", "slots-closed"], StringComparer.Ordinal);

    private readonly Against against = new(job);
    private readonly ConcurrentDictionary<Id<Box>, IReadOnlyList<Finding>> was = [];
    private readonly ConcurrentDictionary<Id<Circuit>, IReadOnlyList<Finding>> circuitsWere = [];

    /// <summary>The way, or what rejects it.</summary>
    public (FoundWay? Way, Rejected? Rejected) Of(string key, BuiltWay built)
    {
        if (built is not { Edit: { } edit, Choice: var choice })
        {
            return (null, built.Rejected);
        }

        if (edit.Check(job) is { } refusal)
        {
            return (null, Rejected.Of(choice, WayMiss.Refused, ("refusal", refusal)));
        }

        var after = edit.Apply(job);
        var boxes = Boxes(after);
        var then = boxes.Where(after.Boxes.Has).ToDictionary(b => b, b => Inspector.Judge(after, b, after.Boxes[b]));
        if (Bad(after, choice, then) is { } rejected)
        {
            return (null, rejected);
        }

        // What is put in the place of another is what is required there now, whatever stood there, 406.4(D).
        var now = choice is { Old: { } put, From: { } there }
            ? then[there].Where(f => f.Of == put && Replacing.Contains(f.Rule)).ToList()
            : [];
        if (now.Find(f => f.Verdict is Verdict.Stop or Verdict.Fix) is { } wants)
        {
            var box = Details.Of([("box", new Thing(ThingKind.Box, choice.From!.Value))]);
            return (null, new(choice, WayMiss.Required, box, wants) { After = after });
        }

        var parts = PartsOf.Between(job, after, choice, [edit]);
        if (parts.FirstOrDefault(p => !stock.Covers(p)) is { } missing)
        {
            return (null, Rejected.Of(choice, WayMiss.NoPart, ("part", missing.Part)));
        }

        var (worse, works) = against.Near(after);
        if (worse)
        {
            return (null, Rejected.Of(choice, WayMiss.Network));
        }

        // Marks and colours say that power comes there; the recorded wiring does not reach it.
        choice = works && Followed(after, boxes) ? choice : choice with { Open = [.. choice.Open, WayOpen.Feed] };
        var gone = boxes
            .SelectMany(b => Brought.By(then.GetValueOrDefault(b) ?? [], Was(b)).Where(f => !Waits(b, f)).Select(f => f with { Box = b }))
            .ToList();
        // What is not known any more is not settled.
        bool Waits(Id<Box> b, Finding f) => then.GetValueOrDefault(b)?.Any(x => x.Verdict == Verdict.Measure && Same(x, f)) == true;

        var still = choice is { From: { } at }
            ? (then.GetValueOrDefault(at) ?? []).Where(f => choice.Targets.Any(t => Same(f, t))).ToList()
            : [];
        if (still.Exists(f => f.Verdict is Verdict.Stop or Verdict.Fix))
        {
            return (null, Rejected.Of(choice, WayMiss.NotSettled));
        }

        var measure = then.SelectMany(b =>
                b.Value.Where(f =>
                        f.Verdict == Verdict.Measure
                        && (still.Contains(f) || now.Contains(f) || (Deciding.Contains(f.Rule) && (Fresh(b.Key) || !Had(b.Key, f))))
                    )
                    .Select(f => (b.Key, f))
            )
            .ToList();
        var work = WayWork.Of(job, after, choice, wish.Closed ?? true, [edit]);
        return (
            new FoundWay(
                key,
                choice,
                edit,
                after,
                gone,
                [
                    .. Touched
                        .Boxes(job, after)
                        .Where(b => job.Boxes.Has(b) && then.ContainsKey(b))
                        .SelectMany(b => then[b].Where(f => f.Verdict is Verdict.Stop or Verdict.Fix).Select(f => f with { Box = b })),
                ],
                measure,
                [.. Notices(after, choice)],
                parts,
                work.Ops,
                work.Off,
                work.Damage,
                Scores(choice, parts, work, measure.Count)
            ),
            null
        );
    }

    private IEnumerable<WayNotice> Notices(Job after, WayChoice choice)
    {
        var panel = job.Panels.Any(p => !ReferenceEquals(p.Value, after.Panels.Find(p.Key)));
        if (panel)
        {
            yield return WayNotice.Licensed;
        }

        // A piece of a cable that was there is a repair; a cable that was not is new wiring.
        if (panel || (choice.Repair is null && after.Runs.Ids.Any(r => !job.Runs.Has(r))))
        {
            yield return WayNotice.Permit;
        }

        if (choice.Route == WayRoute.Outside)
        {
            yield return WayNotice.Dig;
        }
    }

    /// <summary>True where the hot of every device that was not there is followed through the record to a panel.</summary>
    private bool Followed(Job after, IReadOnlyList<Id<Box>> boxes) =>
        boxes
            .Where(after.Boxes.Has)
            .Select(b => (Was: job.Boxes.Find(b), Look: new BoxLook(after, b, after.Boxes[b])))
            .All(b =>
                b.Look.Devices.Where(d => Against.MadeUp(b.Was, b.Look.Box, d.Id))
                    .All(d =>
                        d.Kind.Points()
                            .Where(p => p.Role is TerminalRole.LineHot or TerminalRole.Hot)
                            .All(p => Sourced.Of(b.Look.Sources.At(d.Id, d.Kind, p.Name)) is { Kinds: Carries.Hot, Basis: Basis.Wiring })
                    )
            );

    private static bool Same(Finding finding, Finding target) => finding.Rule == target.Rule && finding.Of == target.Of;

    private bool Fresh(Id<Box> box) => !job.Boxes.Has(box);

    private bool Had(Id<Box> box, Finding finding) => Was(box).Any(f => f.Rule == finding.Rule && f.Of == finding.Of);

    private IReadOnlyList<Finding> Was(Id<Box> id) =>
        was.GetOrAdd(id, b => job.Boxes.TryFind(b, out var box) ? Inspector.Judge(job, b, box) : []);

    /// <summary>Boxes that may read otherwise: what is altered, and what hangs together with it.</summary>
    private IReadOnlyList<Id<Box>> Boxes(Job after)
    {
        var (then, now) = (Connected.Of(job), Connected.Of(after));
        return
        [
            .. Touched
                .Boxes(job, after)
                .Concat(Connected.Near(job, after).Where(b => after.Boxes.Has(b) && !then.In(b).Equals(now.In(b))))
                .Distinct()
                .Order(),
        ];
    }

    /// <summary>A stop or fix that was not there, in a box or a circuit, or a box that was over-full and is more so.</summary>
    private Rejected? Bad(Job after, WayChoice choice, Dictionary<Id<Box>, IReadOnlyList<Finding>> then)
    {
        foreach (var (id, findings) in then)
        {
            if (Brought.By(Was(id), findings) is [var first, ..])
            {
                return new(choice, WayMiss.Brings, Details.Of([("box", new Thing(ThingKind.Box, id))]), first with { Box = id })
                {
                    After = after,
                };
            }

            if (
                job.Boxes.Has(id)
                && OutletBuild.Filled(after, id) is { Fit: Fit.Over } full
                && full.Left.Low < OutletBuild.Filled(job, id).Left.Low
            )
            {
                return Rejected.Of(choice, WayMiss.Over, ("box", new Thing(ThingKind.Box, id)), ("left", full.Left.High ?? full.Left.Low));
            }
        }

        var circuits = after
            .Runs.Where(r => !ReferenceEquals(job.Runs.Find(r.Key), r.Value))
            .Select(r => r.Value.Circuit)
            .OfType<Id<Circuit>>()
            .Distinct()
            .Order();
        var panels = after.Panels.Where(p => !ReferenceEquals(job.Panels.Find(p.Key), p.Value)).Select(p => p.Key);
        return
            circuits
                .SelectMany(c => Brought.By(Was(c), Of(after, c)).Select(f => (Name: "circuit", Thing: Thing.Circuit(c), Finding: f)))
                .Concat(panels.SelectMany(p => Brought.By(Of(job, p), Of(after, p)).Select(f => ("panel", Thing.Panel(p), f))))
                .FirstOrNull()
                is var (name, thing, bad)
            ? new(choice, WayMiss.Brings, Details.Of([(name, thing)]), bad) { After = after }
            : null;
    }

    private static IReadOnlyList<Finding> Of(Job of, string panel) =>
        of.Panels.Has(panel) ? SupplyVerdicts.Judge(new PanelLook(of, panel), OfSlots) : [];

    private IReadOnlyList<Finding> Was(Id<Circuit> id) => circuitsWere.GetOrAdd(id, c => Of(job, c));

    private static IReadOnlyList<Finding> Of(Job of, Id<Circuit> id) =>
        of.Circuits.Has(id) ? SupplyVerdicts.Judge(new CircuitLook(of, id)) : [];

    private IReadOnlyList<WayScore> Scores(WayChoice choice, IReadOnlyList<PartNeed> parts, WayWork work, int open)
    {
        var (minutes, damage) = (work.Ops.Sum(o => o.Minutes), work.Damage.Sum(d => d.Holes));
        var money = parts.Sum(stock.Price);
        var off = work.Off.Sum(o => o.Minutes * o.Circuits);
        var trips = parts.Any(p => stock.ToBuy(p) > 0) ? 1 : 0;
        var looks = open + choice.Open.Count + (choice.Held == HeldBy.Stud && wish.Stud is null ? 1 : 0);
        decimal By(Assumption weight) => wish.Weights?.TryGetValue(weight.Key, out var own) == true ? own : weight.Of(job.Practice);
        return
        [
            new(WayPoint.Damage, damage, damage * By(WayBook.Damage)),
            new(WayPoint.Time, minutes, minutes * By(WayBook.Rate) / 60),
            new(WayPoint.Money, money, money),
            new(WayPoint.Outage, off, off * By(WayBook.Outage) / 60),
            new(WayPoint.Trips, trips, trips * By(WayBook.Trip)),
            new(WayPoint.Looks, looks, looks * By(WayBook.Look)),
        ];
    }
}
