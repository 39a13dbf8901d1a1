using JollyBarn.Wiring;

namespace JollyBarn.Tracing;

/// <summary>Where a stop hangs as far as openings have shown.</summary>
/// <param name="After">The nearest box known to feed it; null where only the breaker is known.</param>
/// <param name="Settled">True when nothing that was not opened yet can lie between the two.</param>
/// <param name="Likely">What readings and lengths of cable make of it, while openings leave it open.</param>
public sealed record OrderedStop(Id<Box> Box, Id<Box>? After, bool Settled, OrderHint? Likely);

/// <summary>Which outlet of a breaker feeds which, learned from what goes dead when what leads on from one of them is parted, or when its
/// protective device opens: what goes dead then hangs behind it.</summary>
/// <param name="Stops">Each after the one it hangs on.</param>
/// <param name="Open">The box to open next; null when nothing is left to learn.</param>
/// <param name="Look">What to look at then.</param>
/// <param name="Again">It only looks again at what contradicts something else.</param>
public sealed record StopOrder(IReadOnlyList<OrderedStop> Stops, Id<Box>? Open, IReadOnlyList<Id<Box>> Look, bool Again)
{
    /// <summary>The order of boxes that hang on one breaker with no cable recorded between them.</summary>
    public static StopOrder Of(Job job, IReadOnlyCollection<Id<Box>> boxes)
    {
        var learned = new Learned(job, [.. boxes.Distinct().Order()]);
        var stops = learned.Stops();
        if (learned.Doubt() is var (opened, box))
        {
            return new(stops, opened, [box], true);
        }

        return learned.Next() is var (next, look) ? new(stops, next, look, false) : new(stops, null, [], false);
    }

    /// <summary>Boxes no cable is recorded to that looking has put on a breaker, by the breaker.</summary>
    public static ILookup<string, WalkedBox> Found(Job job) =>
        Connection
            .Sheet.RunSheet.Of(job)
            .Apart.Select(id => BreakerWalk.Walked(job, id))
            .Where(w => w is { Feeding.Count: > 0, Sure: >= BreakerSearch.Enough })
            .SelectMany(w => w.Feeding.Select(key => (Key: key, Box: w)))
            .ToLookup(f => f.Key, f => f.Box);

    /// <summary>Looks with something opened, as they stand.</summary>
    private sealed class Learned
    {
        private readonly Job job;
        private readonly IReadOnlyList<Id<Box>> boxes;
        private readonly Dictionary<Id<Box>, HashSet<Id<Box>>> behind;
        private readonly Dictionary<Id<Box>, OrderHint> hints;
        private readonly Dictionary<Id<Box>, int> along;
        private readonly Dictionary<(Id<Box> Opened, Id<Box> Box), (int Dead, int Live)> votes;

        public Learned(Job job, IReadOnlyList<Id<Box>> boxes)
        {
            (this.job, this.boxes) = (job, boxes);
            votes = job
                .Sightings.Values.Where(s => s.Opened is { } o && o != s.Box && boxes.Contains(o) && boxes.Contains(s.Box))
                .GroupBy(s => (s.Opened!.Value, s.Box))
                .ToDictionary(g => g.Key, g => (g.Count(s => s.Shows == SightingShows.Dead), g.Count(s => s.Shows == SightingShows.Live)));
            behind = boxes.ToDictionary(b => b, b => boxes.Where(x => x != b && Votes(b, x) > 0).ToHashSet());
            Close();
            hints = OrderHint.Of(job, boxes).ToDictionary(h => h.Box);
            along = OrderHint.Along(job, boxes).Index().ToDictionary(b => b.Item, b => b.Index);
        }

        /// <summary>How many more looks say that it goes dead than that it stays live.</summary>
        private int Votes(Id<Box> opened, Id<Box> box) => votes.TryGetValue((opened, box), out var v) ? v.Dead - v.Live : 0;

        private bool Looked(Id<Box> opened, Id<Box> box) => votes.ContainsKey((opened, box));

        /// <summary>Opened, with a look at every other box it may feed.</summary>
        private bool Opened(Id<Box> box) => Rivals(box).All(x => Looked(box, x) || behind[box].Contains(x) || behind[x].Contains(box));

        /// <summary>What hangs behind what is behind it hangs behind it too.</summary>
        private void Close()
        {
            for (var more = true; more; )
            {
                more = false;
                foreach (var a in boxes)
                {
                    var found = behind[a].SelectMany(b => behind[b]).Where(c => c != a && !behind[a].Contains(c)).ToList();
                    more |= found.Count > 0;
                    behind[a].UnionWith(found);
                }
            }
        }

        private IEnumerable<Id<Box>> Ahead(Id<Box> box) => boxes.Where(a => behind[a].Contains(box));

        /// <summary>Boxes with the same ones known ahead of them, itself not among them: which feeds which of these is open.</summary>
        private IEnumerable<Id<Box>> Rivals(Id<Box> box)
        {
            var ahead = Ahead(box).ToHashSet();
            return boxes.Where(x => x != box && ahead.SetEquals(Ahead(x)));
        }

        public IReadOnlyList<OrderedStop> Stops() =>
            [
                .. boxes
                    .Select(b => (Box: b, Ahead: Ahead(b).ToList()))
                    .OrderBy(b => b.Ahead.Count)
                    .ThenBy(b => b.Box)
                    .Select(b => (b.Box, After: Nearest(b.Ahead), Settled: Rivals(b.Box).All(Opened)))
                    .Select(b => new OrderedStop(b.Box, b.After, b.Settled, b.Settled ? null : Likely(b.Box, b.After))),
            ];

        private Id<Box>? Nearest(IEnumerable<Id<Box>> ahead) => ahead.OrderByDescending(a => Ahead(a).Count()).ThenBy(a => a).FirstOrNull();

        /// <summary>Its hint, unless openings have told the same already or the contrary.</summary>
        private OrderHint? Likely(Id<Box> box, Id<Box>? after) =>
            hints.GetValueOrDefault(box) is { } hint && hint.After != after && !behind[box].Contains(hint.After) ? hint : null;

        /// <summary>Two looks that cannot both be right: told dead behind what it feeds, or live behind what goes dead ahead of
        /// it.</summary>
        public (Id<Box> Opened, Id<Box> Box)? Doubt() =>
            boxes
                .SelectMany(a => boxes.Where(b => b != a).Select(b => (Opened: a, Box: b)))
                .Where(p =>
                    (behind[p.Opened].Contains(p.Box) && (behind[p.Box].Contains(p.Opened) || Votes(p.Opened, p.Box) < 0))
                    || (Looked(p.Opened, p.Box) && Votes(p.Opened, p.Box) == 0)
                )
                .OrderBy(p => votes.TryGetValue(p, out var v) ? v.Dead + v.Live : 0)
                .FirstOrNull();

        /// <summary>Where most is open; of those the one readings put nearest to the middle of what is open, behind which half of it
        /// lies; then one that was opened for other reasons before, which costs least.</summary>
        public (Id<Box> Open, IReadOnlyList<Id<Box>> Look)? Next()
        {
            var open = boxes
                .Where(b => !Opened(b))
                .Select(b => (Box: b, Look: Rivals(b).Where(x => !Looked(b, x)).ToList()))
                .OrderByDescending(b => b.Look.Count)
                .ThenBy(b => FromMiddle(b.Box, b.Look))
                .ThenBy(b => job.Boxes[b.Box].Contents == Contents.NotOpened)
                .ThenBy(b => b.Box)
                .FirstOrNull();
            return open is { } next ? (next.Box, next.Look) : null;
        }

        /// <summary>How many more of those to look at lie on one side of it than on the other, by readings; as many as there are where
        /// nobody read it.</summary>
        private int FromMiddle(Id<Box> box, List<Id<Box>> look) =>
            along.TryGetValue(box, out var at)
                ? Math.Abs(look.Sum(b => along.TryGetValue(b, out var there) ? Math.Sign(there - at) : 0))
                : look.Count;
    }
}
