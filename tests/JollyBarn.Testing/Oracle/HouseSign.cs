using JollyBarn.CodeBook;
using JollyBarn.Electrics;
using JollyBarn.Electrics.Seen;
using JollyBarn.Wiring;

namespace JollyBarn.Testing.Oracle;

/// <summary>A house as it is found with an instrument: at every outlet, lamp and piece of metal, in every position of its switches; what
/// opens on a fault held to ground and on 8 mA; what the neutrals and the grounds carry.</summary>
public static class HouseSign
{
    private const int Most = 16;

    /// <summary>More than this in a ground is no coupling of cables, A.</summary>
    private const double Stray = 0.01;

    /// <summary>What differs between two states, by the name of the point; empty where nobody could tell them apart.</summary>
    public static IReadOnlyList<string> Differing(Job one, Job other)
    {
        var (a, b) = (Of(one), Of(other));
        return
        [
            .. a.Where(x => b.TryGetValue(x.Key, out var now) && now != x.Value).Select(x => $"{x.Key}: {x.Value} → {b[x.Key]}"),
            .. a.Keys.Except(b.Keys).Concat(b.Keys.Except(a.Keys)).Select(k => $"{k} only once"),
        ];
    }

    /// <summary>True where all that differs is which outlets a switch turns off: each that worked still does in some position. What
    /// somebody wanted switched no rule can know.</summary>
    public static bool AnotherUse(Job one, Job other)
    {
        var (a, b) = (Of(one), Of(other));
        return a.Keys.Order().SequenceEqual(b.Keys.Order())
            && a.Where(x => b[x.Key] != x.Value)
                .All(x => b[x.Key].Split(" | ").All(Sound) && b[x.Key].Contains("Works = True", StringComparison.Ordinal));
    }

    /// <summary>Points of both states that are worse in the second: an outlet that worked in some position and works in none, metal that is
    /// live in some where it was in none or off its ground where it always was on it, a fault that nothing opens any more, a conductor that
    /// carries what it may not.</summary>
    public static IEnumerable<string> Worse(Dictionary<string, string> one, Dictionary<string, string> other) =>
        from x in one
        let now = other.GetValueOrDefault(x.Key)
        where now is not null && now != x.Value && Worse(x.Key, x.Value, now)
        select $"{x.Key}: {x.Value} → {now}";

    private static bool Worse(string point, string was, string now)
    {
        bool Lost(string good) => was.Contains(good, StringComparison.Ordinal) && !now.Contains(good, StringComparison.Ordinal);
        bool Came(string bad) => !was.Contains(bad, StringComparison.Ordinal) && now.Contains(bad, StringComparison.Ordinal);
        // What opened by way of a neutral that lay on the metal was no protection.
        bool Opened(string found) =>
            found.Contains("Breaker", StringComparison.Ordinal) || found.Contains("Device", StringComparison.Ordinal);
        return point.StartsWith("fault ", StringComparison.Ordinal)
                ? was.StartsWith("by a ground", StringComparison.Ordinal) && Opened(was) && !Opened(now)
            : point.StartsWith("8 mA ", StringComparison.Ordinal) ? Opened(was) && !Opened(now)
            : Lost("Works = True") || Came(", live") || Came("not grounded") || Came("over");
    }

    /// <summary>An outlet that works, or one that is off altogether.</summary>
    private static bool Sound(string outlet) =>
        outlet.Contains("Works = True", StringComparison.Ordinal)
        || outlet == new OutletSign(Between.Nothing, Between.Nothing, Between.Nothing, Between.Nothing).ToString();

    /// <summary>What is found at each point over all positions: a three-way has no position called on, so in no order.</summary>
    public static Dictionary<string, string> Of(Job job)
    {
        var (all, faulted) = (new Dictionary<string, List<string>>(StringComparer.Ordinal), new HashSet<string>(StringComparer.Ordinal));
        void Found(string point, string what) => (all.TryGetValue(point, out var list) ? list : all[point] = []).Add(what);
        foreach (var position in Positions(job))
        {
            var live = Live.Fresh(job, new Situation { Breakers = Signature.AllOn(job), Switches = position });
            var sign = Signature.Of(live);
            foreach (var (point, outlet) in sign.Outlets)
            {
                Found(point, outlet.ToString());
                if (outlet.HotEarth >= Between.Leg && faulted.Add(point))
                {
                    Opens(live, sign, point, Found);
                }
            }

            foreach (var (point, metal) in sign.Metal)
            {
                Found(point, $"{(metal.Grounded ? "grounded" : "not grounded")}, {(metal.Live ? "live" : "dead")}");
            }

            Carries(job, position, Found);
        }

        return all.ToDictionary(a => a.Key, a => string.Join(" | ", a.Value.Order(StringComparer.Ordinal)), StringComparer.Ordinal);
    }

    /// <summary>Every position of the switches, or so many drawn.</summary>
    private static IEnumerable<Dictionary<string, bool>> Positions(Job job)
    {
        var switches = job
            .Boxes.SelectMany(b => b.Value.Devices.Select(d => (Key: $"{b.Key}/{d.Key}", d.Value.Kind)))
            .Where(d => DeviceKinds.Find(d.Kind)?.Switches == true)
            .Select(d => d.Key)
            .ToList();
        var count = 1 << Math.Min(switches.Count, 20);
        var random = new Random(7);
        foreach (var n in count <= Most ? Enumerable.Range(0, count) : Enumerable.Range(0, Most).Select(_ => random.Next(count)))
        {
            yield return switches.Select((s, i) => (s, On: (n >> i & 1) == 0)).ToDictionary(s => s.s, s => s.On, StringComparer.Ordinal);
        }
    }

    /// <summary>What opens when a hot is held to the ground beside it, and when 8 mA go to earth.</summary>
    private static void Opens(Live live, Signature sign, string hot, Action<string, string> found)
    {
        var (box, device) = live
            .Job.Boxes.SelectMany(b => b.Value.Devices.Ids.Select(d => (Box: b.Key, Device: d)))
            .First(d => hot.Contains($":{d.Box}/{d.Device}", StringComparison.Ordinal));
        // What opens by itself opens for no fault that is put there.
        var anyway = Story.Unfold(live).Openings.Select(o => o.Guard).ToHashSet();
        string Told(double ohms, string to) =>
            string.Join(
                ",",
                Story
                    .Unfold(live.With(new Electrics.Faults.Bridged(hot, to, ohms)))
                    .Openings.Where(o => !anyway.Contains(o.Guard))
                    .Select(o => $"{o.Guard.Kind} {o.Rating}")
                    .Order()
            );
        var ground = sign.Metal.TryGetValue(Points.Yoke(box, device), out var metal) && metal.Grounded ? "by a ground" : "by none";
        found($"fault {hot}", $"{ground}: {Told(0.001, Points.Yoke(box, device))}");
        found($"8 mA {hot}", Told(120 / 0.008, Points.Earth));
    }

    /// <summary>Which neutrals carry more than their gauge may, and which grounds carry current, with 12 A and more drawn at every
    /// receptacle, at no two the
    /// same.</summary>
    private static void Carries(Job job, Dictionary<string, bool> position, Action<string, string> found)
    {
        var plugged = job
            .Boxes.SelectMany(b => b.Value.Devices.Where(d => DeviceKinds.Find(d.Value.Kind)!.Receptacle).Select(d => $"{b.Key}/{d.Key}"))
            .Select((k, i) => (k, Watts: 1400.0 + (170 * i)))
            .ToDictionary(k => k.k, k => k.Watts, StringComparer.Ordinal);
        var live = Live.Fresh(
            job,
            new Situation
            {
                Breakers = Signature.AllOn(job),
                Switches = position,
                Plugged = plugged,
            }
        );
        foreach (var (id, run) in job.Runs)
        {
            for (var i = 0; i <= run.Conductors.Count; i++)
            {
                var neutral = i < run.Conductors.Count && run.Conductors[i].Use == ConductorUse.Neutral;
                if ((neutral || i == run.Conductors.Count) && live.Plan.Find($"wire:{id}/{i}") is { } wire)
                {
                    var amperes = live.Amperes(wire).Magnitude;
                    // A neutral that carries what its hot does is loaded, not wrong.
                    var hots = Enumerable
                        .Range(0, run.Conductors.Count)
                        .Where(c => run.Conductors[c].Use != ConductorUse.Neutral)
                        .Select(c => live.Plan.Find($"wire:{id}/{c}") is { } hot ? live.Amperes(hot).Magnitude : 0)
                        .DefaultIfEmpty(0)
                        .Max();
                    var most =
                        !neutral ? Stray
                        : run.Gauge?.Number == 14 ? 15
                        : 20;
                    found($"carries {id}/{i}", amperes > most && (!neutral || amperes > hots + 1) ? "over" : "within");
                }
            }
        }
    }
}
