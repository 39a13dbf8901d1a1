using JollyBarn.Electrics.Faults;
using JollyBarn.Wiring;

namespace JollyBarn.Tracing.Hunting;

/// <summary>A suspect with how likely it is, and how it stands to each observation.</summary>
/// <param name="Belief">0 to 1; all of a list add up to 1.</param>
/// <param name="Predicted">What it makes of each observation, in their order; none of what makes nothing of any.</param>
/// <param name="Explains">Ids of observations it explains.</param>
/// <param name="Against">Ids of those it does not.</param>
public sealed record Believed(
    Suspect Suspect,
    double Belief,
    IReadOnlyList<Prediction> Predicted,
    IReadOnlyList<string> Explains,
    IReadOnlyList<string> Against
);

/// <summary>What may be behind a complaint, likeliest first: single faults, pairs of them, wiring nobody recorded, and none of what the
/// program knows. Each is planted and solved, and weighed by how well it explains every observation; one that errs lowers belief and
/// empties nothing.</summary>
public sealed class Suspects
{
    /// <summary>So many single faults are paired with all.</summary>
    private const int Paired = 100;

    /// <summary>So many of the likeliest are looked at for what none explains.</summary>
    private const int Looked = 12;

    /// <summary>Single faults are enough where one of them explains so much of what any could, observers being who they are: then a second
    /// is not looked for.</summary>
    private const double Explained = 0.5;

    /// <summary>Pairs that together could not hold more of the belief than this are left out.</summary>
    private const double Nothing = 0.02;

    private const int AtOnce = 256;

    private Suspects(Scene scene, IReadOnlyList<(string Id, Observed Seen)> observed, IReadOnlyList<Believed> all) =>
        (Scene, Observed, All) = (scene, observed, all);

    public Scene Scene { get; }

    public IReadOnlyList<(string Id, Observed Seen)> Observed { get; }

    /// <summary>Likeliest first.</summary>
    public IReadOnlyList<Believed> All { get; }

    /// <summary>Ids of the observations that the likeliest faults leave unexplained, most of them first: what says that it is none of what
    /// the program knows.</summary>
    public IReadOnlyList<string> Unexplained =>
        [
            .. All.Where(a => a.Suspect.Kind == SuspectKind.Fault)
                .Take(Looked)
                .SelectMany(a => a.Against)
                .CountBy(o => o)
                .OrderByDescending(o => o.Value)
                .ThenBy(o => o.Key, StringComparer.Ordinal)
                .Select(o => o.Key),
        ];

    /// <summary>Every single fault on offer in a scene, with what is no fault, unweighed.</summary>
    public static IReadOnlyList<Suspect> Singles(Scene scene, IReadOnlySet<Id<Box>> worked)
    {
        ArgumentNullException.ThrowIfNull(scene);
        var faults = scene
            .Boxes.SelectMany(b => FaultOffers.At(scene.Recorded, b, scene.Job.Boxes[b]).Select(o => (Box: b, Offer: o)))
            .DistinctBy(f => f.Offer.Fault)
            .Select(f => new Suspect(SuspectKind.Fault, [new Planted(f.Box, f.Offer)], Odds.Of(scene.Job, f.Box, f.Offer, worked)))
            .ToList();
        var whole = faults.Sum(f => f.Prior);
        return
        [
            .. faults,
            .. scene.Recorded.Plan.Unknown.Any() ? new[] { new Suspect(SuspectKind.NotRecorded, [], Odds.NotRecorded * whole) } : [],
            new Suspect(SuspectKind.None, [], Odds.None * whole),
        ];
    }

    /// <param name="pairs">Whether two faults at once are looked at, where one does not explain it all.</param>
    /// <param name="at">Hears how far it is, 0 to 1.</param>
    /// <exception cref="OperationCanceledException">Somebody stopped it.</exception>
    public static Suspects Of(
        Scene scene,
        Complaint complaint,
        bool pairs = true,
        Action<double>? at = null,
        CancellationToken stop = default
    )
    {
        ArgumentNullException.ThrowIfNull(scene);
        ArgumentNullException.ThrowIfNull(complaint);
        var observed = complaint
            .Observed.Where(o => o.Value.Again is null)
            .OrderBy(o => o.Value.At, StringComparer.Ordinal)
            .Select(o => (o.Key, o.Value))
            .ToList();
        var singles = Singles(scene, complaint.Worked.Values.Select(w => w.Box).ToHashSet());
        var weighed = Weigh(scene, singles, observed, done => at?.Invoke(done * (pairs ? 0.2 : 1)), stop);
        var best = observed.Aggregate(1.0, (all, o) => all * (1 - Odds.Errs(o.Value)));
        if (pairs && observed.Count > 1 && weighed.Max(w => w.Fit) < Explained * best)
        {
            WeighPairs(
                scene,
                Pairs(weighed, singles.Sum(s => s.Prior), best),
                observed,
                weighed,
                done => at?.Invoke(0.2 + (0.8 * done)),
                stop
            );
        }

        var sum = weighed.Sum(w => w.Weight);
        return new(
            scene,
            observed,
            [
                .. weighed
                    .OrderByDescending(w => w.Weight)
                    .ThenBy(w => w.Suspect.Key, StringComparer.Ordinal)
                    .Select(w => new Believed(
                        w.Suspect,
                        sum > 0 ? w.Weight / sum : 0,
                        w.Predicted,
                        [.. Which(w, observed, true)],
                        [.. Which(w, observed, false)]
                    )),
            ]
        );
    }

    /// <summary>The likeliest single faults with every other that explains something they do not. Faults that would have to help each other
    /// to show what neither shows alone are paired where they are of one box or lie on one cable.</summary>
    private static List<(Suspect Pair, double Most)> Pairs(IReadOnlyList<Weighed> singles, double whole, double best)
    {
        var faults = singles.Where(s => s.Suspect.Kind == SuspectKind.Fault).OrderByDescending(s => s.Weight).ToList();
        var pairs = new List<(Suspect, double)>();
        for (var i = 0; i < Math.Min(Paired, faults.Count); i++)
        {
            for (var j = i + 1; j < faults.Count; j++)
            {
                var (one, two) = (faults[i], faults[j]);
                var near = one.Suspect.Faults[0].Box == two.Suspect.Faults[0].Box;
                if (near || Fill(one, two))
                {
                    var prior = Odds.Second * one.Suspect.Prior * two.Suspect.Prior / whole;
                    pairs.Add(
                        (
                            new(SuspectKind.Fault, [.. one.Suspect.Faults, .. two.Suspect.Faults], prior),
                            prior * (near ? best : one.Likely.Zip(two.Likely, Math.Max).Aggregate(1.0, (all, l) => all * l))
                        )
                    );
                }
            }
        }

        return pairs;
    }

    /// <summary>Weighs pairs, likeliest before anything was seen first, until what is left could not come to anything.</summary>
    private static void WeighPairs(
        Scene scene,
        List<(Suspect Pair, double Most)> pairs,
        IReadOnlyList<(string Id, Observed Seen)> observed,
        List<Weighed> weighed,
        Action<double> at,
        CancellationToken stop
    )
    {
        var left = pairs.Sum(p => p.Most);
        var sum = weighed.Sum(w => w.Weight);
        var done = 0;
        foreach (var some in pairs.OrderByDescending(p => p.Most).Chunk(AtOnce))
        {
            if (left < Nothing * sum)
            {
                break;
            }

            weighed.AddRange(Weigh(scene, [.. some.Select(s => s.Pair)], observed, _ => { }, stop));
            left -= some.Sum(p => p.Most);
            sum += weighed.TakeLast(some.Length).Sum(w => w.Weight);
            done += some.Length;
            at((double)done / pairs.Count);
        }
    }

    /// <summary>True where each explains something the other does not.</summary>
    private static bool Fill(Weighed one, Weighed two)
    {
        var (first, second) = (false, false);
        for (var i = 0; i < one.Likely.Count; i++)
        {
            first |= one.Likely[i] > two.Likely[i];
            second |= two.Likely[i] > one.Likely[i];
        }

        return first && second;
    }

    private static List<Weighed> Weigh(
        Scene scene,
        IReadOnlyList<Suspect> suspects,
        IReadOnlyList<(string Id, Observed Seen)> observed,
        Action<double> at,
        CancellationToken stop
    )
    {
        var asked = observed.Select(o => new AskedLook(o.Seen.Setup ?? Setup.AsItIs, o.Seen.Look, o.Seen.Shock)).ToList();
        var (all, done) = (new Weighed[suspects.Count], 0);
        Parallel.For(0, suspects.Count, new ParallelOptions { CancellationToken = stop }, i =>
        {
            var suspect = suspects[i];
            IReadOnlyList<Prediction> predicted = suspect.Kind == SuspectKind.Fault ? Predicting.Of(scene, suspect, asked) : [];
            all[i] = new(
                suspect,
                predicted,
                [.. observed.Select((o, n) => Likelihood.Of(o.Seen, predicted.Count > 0 ? predicted[n] : null))]
            );
            if (Interlocked.Increment(ref done) % 64 == 0)
            {
                at((double)done / suspects.Count);
            }
        });
        return [.. all];
    }

    private static IEnumerable<string> Which(Weighed weighed, IReadOnlyList<(string Id, Observed Seen)> observed, bool explains) =>
        observed
            .Where((o, i) => weighed.Predicted.Count > 0 && Likelihood.Explains(o.Seen, weighed.Predicted[i]) == explains)
            .Select(o => o.Id);

    private sealed record Weighed(Suspect Suspect, IReadOnlyList<Prediction> Predicted, IReadOnlyList<double> Likely)
    {
        /// <summary>How well it explains all of it, 0 to 1.</summary>
        public double Fit { get; } = Likely.Aggregate(1.0, (all, one) => all * one);

        public double Weight => Suspect.Prior * Fit;
    }
}
