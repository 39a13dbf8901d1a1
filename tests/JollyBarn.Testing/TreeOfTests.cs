using System.Numerics;
using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Testing;

/// <summary>Tests it takes to tell apart what a first look leaves, where no look errs: as the program chooses them, and in the best tree of
/// tests there can be, searched.</summary>
/// <param name="Classes">What no test tells apart is one.</param>
/// <param name="Ours">Tests on the average, each class as likely as its faults are together.</param>
/// <param name="Best">The same of the best tree.</param>
public sealed record TreeOfTests(int Classes, double Ours, double Best)
{
    /// <summary>More classes than this are not searched.</summary>
    private const int Most = 14;

    /// <summary>Of every fault of a scene that somebody notices, by what it is noticed by.</summary>
    public static IReadOnlyList<TreeOfTests> All(Scene scene, Means means) =>
        [
            .. HiddenFault
                .Faults(scene)
                .Select(f => (Fault: f, First: HiddenFault.First(scene, means, f)))
                .Where(f => f.First is not null)
                .Select(f => (First: f.First!, Shows: Predicting.Of(scene, f.Fault, [f.First!])[0]))
                .Where(f => f.Shows.All.Count == 1)
                .DistinctBy(f => (f.First.Key, f.Shows.Likeliest))
                .Select(f => Of(scene, means, f.First, f.Shows.Likeliest))
                .OfType<TreeOfTests>(),
        ];

    /// <summary>Null where the first look leaves too little to choose among, or too much to search.</summary>
    public static TreeOfTests? Of(Scene scene, Means means, AskedLook first, Sight shows)
    {
        var trials = Trials.Of(scene, means);
        var asked = trials.Select(t => t.Asked).Prepend(first).ToList();
        var left = HiddenFault
            .Faults(scene)
            .Select(f => (Fault: f, Row: Predicting.Of(scene, f, asked)))
            .Where(f => f.Row.All(p => p.All.Count == 1) && f.Row[0].Likeliest.Same(shows))
            .ToList();
        var classes = new List<(Suspect Fault, IReadOnlyList<Prediction> Row, double Weight)>();
        foreach (var (fault, row) in left)
        {
            var at = classes.FindIndex(c => c.Row.Zip(row).All(p => p.First.Same(p.Second)));
            if (at < 0)
            {
                classes.Add((fault, row, fault.Prior));
            }
            else
            {
                classes[at] = classes[at] with { Weight = classes[at].Weight + fault.Prior };
            }
        }

        if (classes.Count is < 3 or > Most)
        {
            return null;
        }

        var search = new Search([.. classes.Select(c => c.Row)], [.. classes.Select(c => c.Weight)]);
        var whole = classes.Sum(c => c.Weight);
        var ours = classes.Select((c, i) => c.Weight * Walk(scene, means, search, trials, first, i)).Sum() / whole;
        return new(classes.Count, ours, search.Fewest((1 << classes.Count) - 1));
    }

    /// <summary>How many tests the program asks for until one class is left.</summary>
    private static int Walk(Scene scene, Means means, Search search, IReadOnlyList<Trial> trials, AskedLook first, int hidden)
    {
        var complaint = Seen(new("something is wrong", "Ines", "2026-10-01T08:00:00Z"), first, search.Sight(hidden, 0));
        var (mask, made) = (search.All, 0);
        while (BitOperations.PopCount((uint)mask) > 1 && made < trials.Count)
        {
            if (NextTrial.Of(Suspects.Of(scene, complaint, pairs: false), means).Ranked is not [var next, ..])
            {
                break;
            }

            made++;
            var at = trials.ToList().FindIndex(t => t.Key == next.Trial.Key) + 1;
            mask = search.Split(mask, at).Single(g => (g & (1 << hidden)) != 0);
            complaint = Seen(complaint, next.Trial.Asked, search.Sight(hidden, at));
        }

        return made;
    }

    private static Complaint Seen(Complaint complaint, AskedLook asked, Sight sight)
    {
        var n = complaint.Observed.Count;
        var figure = sight.Case == SeenCase.Figure ? (decimal?)Math.Round(sight.Value, 1) : null;
        var seen = new Observed(asked.Look, sight.Case, "Ines", $"2026-10-01T08:{n:00}:00Z", asked.Setup, figure);
        return complaint with { Observed = complaint.Observed.With($"o{n:00}", seen) };
    }

    /// <summary>Every tree, by the classes that are left; column 0 is the first look.</summary>
    private sealed class Search(IReadOnlyList<IReadOnlyList<Prediction>> rows, IReadOnlyList<double> weights)
    {
        private readonly Dictionary<int, double> known = [];

        public int All => (1 << rows.Count) - 1;

        public Sight Sight(int row, int column) => rows[row][column].Likeliest;

        public IEnumerable<int> Split(int mask, int column)
        {
            var groups = new List<(Sight Sight, int Mask)>();
            foreach (var row in Enumerable.Range(0, rows.Count).Where(r => (mask & (1 << r)) != 0))
            {
                var at = groups.FindIndex(g => g.Sight.Same(Sight(row, column)));
                if (at < 0)
                {
                    groups.Add((Sight(row, column), 1 << row));
                }
                else
                {
                    groups[at] = groups[at] with { Mask = groups[at].Mask | (1 << row) };
                }
            }

            return groups.Select(g => g.Mask);
        }

        public double Fewest(int mask)
        {
            if (BitOperations.PopCount((uint)mask) < 2)
            {
                return 0;
            }

            if (!known.TryGetValue(mask, out var fewest))
            {
                known[mask] = fewest =
                    1
                    + Enumerable
                        .Range(1, rows[0].Count - 1)
                        .Select(c => Split(mask, c).ToList())
                        .Where(g => g.Count > 1)
                        .DistinctBy(g => string.Join(',', g.Order()))
                        .Min(g => g.Sum(part => Weight(part) / Weight(mask) * Fewest(part)));
            }

            return fewest;
        }

        private double Weight(int mask) => Enumerable.Range(0, rows.Count).Where(r => (mask & (1 << r)) != 0).Sum(r => weights[r]);
    }
}
