using JollyBarn.Wiring;

namespace JollyBarn.Tracing.Hunting;

/// <summary>What one outcome of a test would leave.</summary>
/// <param name="Chance">How likely it is.</param>
/// <param name="Left">Suspects of those looked at that would be left, likeliest first.</param>
public sealed record Leaves(Sight Sight, double Chance, IReadOnlyList<Believed> Left);

/// <summary>A test with what it tells.</summary>
/// <param name="Gain">Bits it is expected to tell of which suspect it is.</param>
/// <param name="Made">How often it was made already.</param>
/// <param name="Cost">What it costs as things lie: a box that lies open is not opened again.</param>
public sealed record RankedTrial(Trial Trial, double Gain, int Made, double Cost, IReadOnlyList<Leaves> Outcomes)
{
    /// <summary>What a test is worth that was made before, beside one that was not: who erred once may err again, and what trips is not
    /// switched on for nothing. <em>Practice</em>.</summary>
    private const double Again = 0.3;

    /// <summary>What every test takes beside its own minutes, min: to go there, and to note what it showed. <em>Practice</em>. Without it
    /// many quick tests would go before one that tells.</summary>
    public const double Going = 2;

    /// <summary>Bits for a minute.</summary>
    public double Worth => Gain / (Cost + Going) * Math.Pow(Again, Made);
}

/// <summary>The tests that would split the suspects best for what they cost, best first.</summary>
/// <param name="Found">So sure of one class of suspects that nothing more need be tested but to see it.</param>
/// <param name="Alike">Suspects that no test that is allowed tells from the likeliest, itself first.</param>
public sealed record NextTrial(IReadOnlyList<RankedTrial> Ranked, bool Found, IReadOnlyList<Believed> Alike)
{
    /// <summary>So sure the search ends.</summary>
    public const double Enough = 0.95;

    /// <summary>Suspects beyond so much belief are left out of the next test, and more than so many; later tests bring them
    /// back.</summary>
    private const double Looked = 0.995;

    private const int Most = 64;

    /// <summary>A test that tells less than this is none, bits.</summary>
    private const double LeastGain = 0.01;

    /// <summary>Nobody is asked for the same more often: what errs once is tried again.</summary>
    private const int Times = 3;

    private const int Shown = 6;

    /// <summary>What was seen is taken at its word while those that explain all of it hold so much of the belief, and a test splits them by
    /// so many bits.</summary>
    private const double Trusted = 0.6,
        Splits = 0.1;

    public static NextTrial Of(Suspects suspects, Means means)
    {
        ArgumentNullException.ThrowIfNull(suspects);
        var trials = Trials.Of(suspects.Scene, means).ToList();
        var table = Table.Of(suspects.Scene, Likeliest(suspects.All), trials);
        var alike = table.Suspects.Count == 0 ? [] : table.Suspects.Where((_, s) => table.Alike(0, s)).ToList();

        // First among those that explain everything: what was seen is not asked for again while something is left to split.
        var explaining = table.Suspects.Where(s => s.Against.Count == 0).ToList();
        var ranked = explaining.Sum(s => s.Belief) >= Trusted ? Order(suspects, Table.Of(suspects.Scene, explaining, trials)) : [];
        ranked = ranked is [{ Gain: >= Splits }, ..] ? ranked : Order(suspects, table);
        return new([.. ranked.Take(Shown)], ranked.Count == 0 || alike.Sum(a => a.Belief) >= Enough, alike);
    }

    private static List<RankedTrial> Order(Suspects suspects, Table table)
    {
        var asked = suspects.Observed.CountBy(o => Key(o.Seen)).ToDictionary(StringComparer.Ordinal);
        var open = table.Trials.Where(t => asked.ContainsKey(t.Key)).SelectMany(t => t.Opens).ToHashSet();
        return
        [
            .. Enumerable
                .Range(0, table.Trials.Count)
                .Where(t => asked.GetValueOrDefault(table.Trials[t].Key) < Times)
                .Select(t => Rank(table, t, asked.GetValueOrDefault(table.Trials[t].Key), table.Trials[t].After(open)))
                .Where(r => r.Gain >= LeastGain)
                .OrderByDescending(r => r.Worth)
                .ThenBy(r => r.Trial.Key, StringComparer.Ordinal),
        ];
    }

    /// <summary>Names a look in its setup as a trial does.</summary>
    private static string Key(Observed seen) => new AskedLook(seen.Setup ?? Setup.AsItIs, seen.Look).Key;

    private static List<Believed> Likeliest(IReadOnlyList<Believed> all)
    {
        var (list, sum) = (new List<Believed>(), 0.0);
        foreach (var one in all.Where(a => a.Suspect.Kind == SuspectKind.Fault))
        {
            if (sum >= Looked || list.Count == Most)
            {
                break;
            }

            list.Add(one);
            sum += one.Belief;
        }

        return list;
    }

    private static RankedTrial Rank(Table table, int trial, int made, double cost)
    {
        var groups = table.Split(trial);
        var whole = table.Suspects.Sum(s => s.Belief);
        var of = table.Trials[trial];
        if (whole <= 0 || groups.Count < 2)
        {
            return new(of, 0, made, cost, []);
        }

        var gain = Gain(groups, table.Suspects, Odds.Errs(of.Asked.Look.Kind));
        return new(
            of,
            gain,
            made,
            cost,
            [
                .. groups
                    .OrderByDescending(g => g.Weight)
                    .Select(g => new Leaves(
                        g.Sight,
                        g.Weight / whole,
                        [.. g.Suspects.Select(s => table.Suspects[s]).OrderByDescending(s => s.Belief)]
                    )),
            ]
        );
    }

    /// <summary>What the outcome tells of the suspect, bits: how uncertain the outcome is, less how uncertain it stays where the suspect is
    /// known, by what comes and goes and by observers who err.</summary>
    private static double Gain(IReadOnlyList<Group> groups, IReadOnlyList<Believed> suspects, double errs)
    {
        var chances = new double[suspects.Count, groups.Count];
        for (var g = 0; g < groups.Count; g++)
        {
            foreach (var (suspect, weight) in groups[g].Suspects.Zip(groups[g].Weights))
            {
                chances[suspect, g] += weight;
            }
        }

        var whole = suspects.Sum(s => s.Belief);
        var (outcome, known) = (new double[groups.Count], 0.0);
        for (var s = 0; s < suspects.Count; s++)
        {
            var belief = suspects[s].Belief / whole;
            for (var g = 0; g < groups.Count; g++)
            {
                var seen = (chances[s, g] * (1 - errs)) + ((1 - chances[s, g]) * errs / (groups.Count - 1));
                outcome[g] += belief * seen;
                known += belief * Bits(seen);
            }
        }

        return Math.Max(0, outcome.Sum(Bits) - known);
    }

    private static double Bits(double chance) => chance <= 0 ? 0 : -chance * Math.Log2(chance);
}
