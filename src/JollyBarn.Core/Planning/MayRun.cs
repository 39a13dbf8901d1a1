using JollyBarn.Connection.Sheet;
using JollyBarn.Edits;
using JollyBarn.Electrics;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Inspection.Supply;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning;

/// <summary>May this run here, with that on: by what is recorded, and saying what it rests on.</summary>
public static class MayRun
{
    /// <summary>A motor takes about this many times its running current when it starts, <em>practice</em>.</summary>
    private const decimal Starting = 6;

    /// <summary>What of the question cannot be, or null.</summary>
    public static Refusal? Check(Job job, RunAsk ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        return new PutAppliance("asked", new("asked", ask.Watts, ask.Hours, ask.How, ask.Motor, ask.Box, ask.Device)).Check(job);
    }

    /// <summary>One answer for each circuit the outlet hangs on.</summary>
    /// <exception cref="KeyNotFoundException">There is no such box.</exception>
    /// <param name="verdicts">Verdicts of a box, those of the solved network among them; as the rules alone see it when null.</param>
    public static IReadOnlyList<RunAnswer> Of(Job job, RunAsk ask, Func<Id<Box>, IReadOnlyList<Finding>>? verdicts = null)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var of = $"{ask.Box}/{ask.Device}";
        var looks = job
            .Circuits.Ids.Select(id => new CircuitLook(job, id))
            .Where(l => l.Outlets.Any(o => o.Of == of))
            .Select(l => Of(job, ask, of, l, verdicts ?? (id => Inspector.Judge(job, id, job.Boxes[id]))))
            .ToList();
        return looks.Count > 0 ? looks : [new(null, null, 0, 0, null, null, [new(RunCase.NotFollowed, May.CannotTell, Details.None)], [])];
    }

    private static RunAnswer Of(Job job, RunAsk ask, string of, CircuitLook look, Func<Id<Box>, IReadOnlyList<Finding>> verdicts)
    {
        var idle = ask.Idle ?? [];
        var own = ask.Instead is { } id && job.Appliances.Find(id) is { } thing && thing.Hangs(ask.Box, ask.Device) ? thing.Watts : 0;
        var beside = look
            .Draws.Select(d => new RunBeside(d.Of, d.Thing, d.Of == of ? d.Watts - own : d.Watts, !idle.Contains(d.Of)))
            .ToList();
        var draws = look.Draws.ToDictionary(d => d.Of);
        decimal Amperes(RunBeside b) => b is { Runs: true, Watts: { } w } ? w / PerWatt(look, draws[b.Of]) : 0;
        var volts = PerWatt(look, draws[of]);
        var (now, asked) = (beside.Sum(Amperes), ask.Watts / volts);
        var more = look.Limits.Number("circuit.long") / 100;
        var longer = beside.Where(b => draws[b.Of].Lasting == true).Sum(Amperes) * (more - 1);
        var live = Solved(job, ask, of, beside);
        var reasons = new List<RunReason>();
        void Add(RunCase @case, May says, params (string, object?)[] about) => reasons.Add(new(@case, says, Details.Of(about)));

        var stops = Stops(look, verdicts);
        if (stops > 0)
        {
            Add(RunCase.Stopped, May.No, ("count", stops));
        }

        decimal? left = null;
        if (look.Amperes is not { } rating)
        {
            Add(RunCase.NoRating, May.CannotTell);
        }
        else
        {
            left = rating - now - longer;
            Weigh(ask, look, rating, now, asked, more, longer, beside, () => Opens(live, look), Add);
            (left, var shared) = Share(ask, look, rating, asked, ask.How == Hangs.Fixed ? own : 0, left.Value);
            if (shared is { } over)
            {
                Add(over.Case, May.No, ("amperes", over.Amperes), ("most", over.Most), ("rating", rating));
            }

            if (ask.Motor && (asked * Starting) + now >= (decimal)Trips.PicksUpFrom * rating)
            {
                Add(RunCase.Starts, May.Yes, ("amperes", asked * Starting));
            }
        }

        Known(job, ask, of, look, beside, Add);
        var there = live is null ? (double?)null : VoltsAt(live, ask);
        if (live is not null && there is null && !reasons.Exists(r => r.Case == RunCase.Over))
        {
            Add(RunCase.NoVolts, May.No);
        }

        if (there is { } v && v < look.LegVolts * (1 - ((double)look.Limits.Number("circuit.drop") / 100)))
        {
            Add(RunCase.Low, May.Yes, ("volts", v), ("of", look.LegVolts));
        }

        if (look.Ways.Where(w => w.Of == of).Any(w => look.Wiring.Open(w).Count > 0))
        {
            Add(RunCase.Assumed, May.Yes);
        }

        return new(
            look.Id,
            look.Amperes,
            Math.Round(now, 1),
            Math.Round(now + asked, 1),
            there is { } at ? Math.Round(at, 1) : null,
            left is { } l && stops == 0 ? Math.Max(0, Math.Round(l * volts / 10) * 10) : null,
            reasons,
            [.. beside.Where(b => b.Of != of || b.Watts > 0)]
        );
    }

    private static void Weigh(
        RunAsk ask,
        CircuitLook look,
        decimal rating,
        decimal now,
        decimal asked,
        decimal more,
        decimal longer,
        List<RunBeside> beside,
        Func<double?> opens,
        Action<RunCase, May, (string, object?)[]> add
    )
    {
        var sum = now + asked;
        if (sum > rating)
        {
            add(RunCase.Over, May.No, [("amperes", sum), ("rating", rating), ("minutes", opens() / 60)]);
            return;
        }

        bool? lasting = ask.Hours is { } h ? h >= Appliance.LongFrom : null;
        var counted = sum + longer + (lasting == true ? asked * (more - 1) : 0);
        if (counted > rating)
        {
            add(RunCase.OverLong, May.No, [("amperes", counted), ("rating", rating)]);
            return;
        }

        var unsaid = beside.Where(b => b is { Runs: true, Watts: > 0 }).Select(b => look.Draws.First(d => d.Of == b.Of));
        var most = unsaid.Where(d => d.Lasting is null).Sum(d => look.AmperesOf(d) ?? 0) * (more - 1);
        most += counted + (lasting is null ? asked * (more - 1) : 0);
        if (most > rating)
        {
            add(RunCase.HowLong, May.CannotTell, [("amperes", most), ("rating", rating)]);
        }
    }

    /// <summary>When one of the circuit's breakers opens at the latest, s; null where none does.</summary>
    private static double? Opens(Live? live, CircuitLook look)
    {
        var guards = look.Breakers.Select(b => GuardKey.Breaker(b.Panel, b.Breaker.Key)).ToHashSet();
        return live is null ? null : Story.Unfold(live).Openings.FirstOrDefault(o => guards.Contains(o.Guard))?.Seconds;
    }

    /// <summary>What is left of the circuit for a thing of this kind, A, and what of its share it goes over.</summary>
    private static (decimal Left, (RunCase Case, decimal Amperes, decimal Most)? Over) Share(
        RunAsk ask,
        CircuitLook look,
        decimal rating,
        decimal asked,
        decimal own,
        decimal left
    )
    {
        var shared = look.Draws.Count > 1;
        if (ask.How == Hangs.Cord)
        {
            var most = rating * look.Limits.Number("circuit.cord") / 100;
            return (shared ? Math.Min(left, most) : left, shared && asked > most ? (RunCase.Cord, asked, most) : null);
        }

        var half = rating * look.Limits.Number("circuit.fixed") / 100;
        var fastened = look.Draws.Where(d => d.Fastened == true).Sum(d => look.AmperesOf(d) ?? 0) - (own / (decimal)look.LegVolts);
        var withOthers = look.Draws.Any(d => d.Fastened != true && d.Of != $"{ask.Box}/{ask.Device}");
        return (
            withOthers ? Math.Min(left, half - fastened) : left,
            withOthers && fastened + asked > half ? (RunCase.Fixed, fastened + asked, half) : null
        );
    }

    private static void Known(
        Job job,
        RunAsk ask,
        string of,
        CircuitLook look,
        List<RunBeside> beside,
        Action<RunCase, May, (string, object?)[]> add
    )
    {
        var keys = look.Breakers.Select(b => BreakerKey.Of(b.Panel, b.Breaker)).ToHashSet();
        var seen = RunSheet
            .Of(job)
            .Rails.Where(r => r.Breakers.Any(keys.Contains))
            .Any(r => r.Stops.Any(s => s.At == StopAt.Box && s.Id == ask.Box.Text && s.Seen));
        if (!seen)
        {
            add(RunCase.ByMark, May.CannotTell, []);
        }

        var unsaid = beside.Count(b => b is { Watts: null, Runs: true } && b.Of != of);
        if (unsaid > 0)
        {
            add(ask.RestIdle ? RunCase.RestIdle : RunCase.Unsaid, ask.RestIdle ? May.Yes : May.CannotTell, [("count", unsaid)]);
        }

        if (look.Breakers.Any(b => b.Breaker.On == false))
        {
            add(RunCase.Off, May.Yes, []);
        }
    }

    /// <summary>Stops at any box of the circuit, and of the circuit itself.</summary>
    private static int Stops(CircuitLook look, Func<Id<Box>, IReadOnlyList<Finding>> verdicts) =>
        look.Boxes.Sum(b => verdicts(b.Id).Count(f => f.Verdict == Verdict.Stop))
        + SupplyVerdicts.Judge(look).Count(f => f.Verdict == Verdict.Stop);

    /// <summary>W to the ampere: volts between what it hangs on.</summary>
    private static decimal PerWatt(CircuitLook look, CircuitDraw draw) => (decimal)look.VoltsOf(draw);

    /// <summary>The job with breakers on and what runs plugged in; null where the outlet is no receptacle of the network.</summary>
    private static Live? Solved(Job job, RunAsk ask, string of, List<RunBeside> beside)
    {
        var plugged = beside
            .Where(b => b is { Runs: true, Watts: > 0, Thing.Kind: ThingKind.Device })
            .ToDictionary(b => b.Of, b => (double)b.Watts!, StringComparer.Ordinal);
        plugged[of] = plugged.GetValueOrDefault(of) + (double)ask.Watts;
        var breakers = job
            .Panels.SelectMany(p => p.Value.Breakers.Select(b => BreakerKey.Of(p.Key, b)))
            .Distinct()
            .ToDictionary(k => k, _ => true);
        var live = Live.Solve(
            job,
            new Situation
            {
                Stray = false,
                Plugged = plugged,
                Breakers = breakers,
            }
        );
        return live.Has(Points.Face(ask.Box, ask.Device, "hot")) || live.Has(Points.Face(ask.Box, ask.Device, "upperhot")) ? live : null;
    }

    private static double? VoltsAt(Live live, RunAsk ask)
    {
        var half = live.Has(Points.Face(ask.Box, ask.Device, "hot")) ? "" : "upper";
        var volts = live.Between(Points.Face(ask.Box, ask.Device, half + "hot"), Points.Face(ask.Box, ask.Device, half + "neutral"));
        return volts > Live.LiveVolts ? volts : null;
    }
}
