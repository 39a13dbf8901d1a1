namespace JollyBarn.Testing.Oracle;

/// <summary>Many houses spoilt in every way, told in a table.</summary>
public sealed class Trials
{
    private Trials(IReadOnlyList<Trial> all) => All = all;

    public IReadOnlyList<Trial> All { get; }

    /// <summary>Every kind of spoil in the house of each seed.</summary>
    public static Trials Run(IEnumerable<int> seeds) =>
        new([.. seeds.SelectMany(s => Enum.GetValues<SpoilKind>().Select(k => Trial.Run(s, k))).OfType<Trial>()]);

    /// <summary>What no rule said, and what a rule stopped that nobody could have found.</summary>
    public IReadOnlyList<string> Wrong =>
        [
            .. All.Where(t => t.Missed || t.FalseStop)
                .Select(t =>
                    $"{(t.Missed ? "missed" : "false stop")}, house {t.Seed}, {t.Spoil.Kind}: {t.Spoil.Says}; "
                    + $"{string.Join("; ", t.Differs.Take(2))}; {string.Join("; ", t.New.Select(n => n.Finding.Key).Take(3))}"
                ),
        ];

    /// <summary>Lines of a table: of each kind of spoil how many were tried, differ, were said, missed, stopped without cause.</summary>
    public IEnumerable<string> Table =>
        All.GroupBy(t => t.Spoil.Kind)
            .Select(g =>
                $"| {g.Key} | {g.Count()} | {g.Count(t => t.Differs.Count > 0)} | {g.Count(t => t.Differs.Count == 0)} "
                + $"| {g.Count(t => t.AnotherUse && t.Differs.Count > 0)} | {g.Count(t => t.Missed)} | {g.Count(t => t.FalseStop)} |"
            );

    /// <summary>Rules without which something would be missed, with how often each alone said it.</summary>
    public IEnumerable<(string Rule, int Alone)> Needed =>
        All.Where(t => t.Differs.Count > 0)
            .Select(t => t.Hits.Select(h => h.Rule).Distinct().ToList())
            .Where(rules => rules.Count == 1)
            .GroupBy(rules => rules[0])
            .Select(g => (g.Key, g.Count()))
            .OrderByDescending(g => g.Item2);
}
