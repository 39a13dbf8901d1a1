namespace JollyBarn.Tracing.Hunting;

/// <summary>Suspects that a test shows alike.</summary>
/// <param name="Weight">Their belief, as far as they show so.</param>
/// <param name="Suspects">By their numbers in the table.</param>
/// <param name="Weights">How surely each shows so.</param>
internal sealed record Group(Sight Sight, double Weight, IReadOnlyList<int> Suspects, IReadOnlyList<double> Weights);

/// <summary>What every test would show for every suspect.</summary>
internal sealed class Table
{
    private readonly IReadOnlyList<Prediction>[] rows;

    private Table(IReadOnlyList<Believed> suspects, IReadOnlyList<Trial> trials, IReadOnlyList<Prediction>[] rows) =>
        (Suspects, Trials, this.rows) = (suspects, trials, rows);

    public IReadOnlyList<Believed> Suspects { get; }

    public IReadOnlyList<Trial> Trials { get; }

    public static Table Of(Scene scene, IReadOnlyList<Believed> suspects, IReadOnlyList<Trial> trials)
    {
        var asked = trials.Select(t => t.Asked).ToList();
        var rows = new IReadOnlyList<Prediction>[suspects.Count];
        Parallel.For(0, suspects.Count, i => rows[i] = Predicting.Of(scene, suspects[i].Suspect, asked));
        return new(suspects, trials, rows);
    }

    public Prediction At(int suspect, int trial) => rows[suspect][trial];

    /// <summary>True where no test tells the two apart.</summary>
    public bool Alike(int one, int other) => one == other || Enumerable.Range(0, Trials.Count).All(t => At(one, t).Same(At(other, t)));

    /// <summary>The suspects by what the test would show; where it may show several things, a suspect is in the group of the
    /// likeliest.</summary>
    public IReadOnlyList<Group> Split(int trial)
    {
        var groups = new List<(Sight Sight, double Weight, List<int> Suspects, List<double> Weights)>();
        for (var s = 0; s < Suspects.Count; s++)
        {
            foreach (var (sight, weight) in At(s, trial).All)
            {
                var at = groups.FindIndex(g => g.Sight.Same(sight));
                if (at < 0)
                {
                    at = groups.Count;
                    groups.Add((sight, 0, [], []));
                }

                var group = groups[at];
                group.Suspects.Add(s);
                group.Weights.Add(weight);
                groups[at] = group with { Weight = group.Weight + (weight * Suspects[s].Belief) };
            }
        }

        return [.. groups.Where(g => g.Weight > 0).Select(g => new Group(g.Sight, g.Weight, g.Suspects, g.Weights))];
    }
}
