using JollyBarn.Wiring;

namespace JollyBarn.Tracing;

/// <summary>A breaker with how likely it feeds the box, after all looks.</summary>
public sealed record BreakerOdd(string Key, double Odds, IReadOnlyList<RankReason> Reasons);

/// <summary>What feeds a box, as far as looks tell: by Bayes' rule from how likely each breaker was, each look wrong once in so
/// many.</summary>
/// <param name="Breakers">The likeliest first.</param>
/// <param name="Other">How likely something feeds it that no breaker here switches.</param>
/// <param name="Feeding">The likeliest whole answer: one breaker, two for a box that two feed, none for another source.</param>
/// <param name="Sure">How likely that answer is.</param>
public sealed record BreakerOdds(IReadOnlyList<BreakerOdd> Breakers, double Other, IReadOnlyList<string> Feeding, double Sure)
{
    /// <summary>One look in a hundred at one box is written down wrongly, and twice as many of a whole house's,
    /// <em>practice</em>.</summary>
    public const double WrongOfOne = 0.01;

    public const double WrongOfMany = 0.02;

    /// <summary>Boxes that two breakers feed, and boxes that something else feeds, among all, <em>practice</em>.</summary>
    private const double Shared = 0.03;

    /// <summary>Outlets that two breakers feed, among all of a house: a box may hold two circuits, an outlet seldom does,
    /// <em>practice</em>.</summary>
    public const double SharedOfMany = 0.005;

    private const double Elsewhere = 0.01;

    /// <param name="ranked">How likely each breaker was before any look.</param>
    /// <param name="seen">What was seen there.</param>
    /// <param name="wrong">How often a look is written down wrongly.</param>
    /// <param name="shared">How often two breakers feed one.</param>
    public static BreakerOdds Of(
        IReadOnlyList<RankedBreaker> ranked,
        IEnumerable<Sighting> seen,
        double wrong = WrongOfOne,
        double shared = Shared
    )
    {
        var looks = seen.Select(s => (Off: s.Off.ToHashSet(), s.Shows)).ToList();
        var total = ranked.Sum(r => r.Weight);
        double[] prior = [.. ranked.Select(r => r.Weight / total)];
        // One breaker, two of them, or none.
        var answers = new List<(int One, int Two, double Odds)> { (-1, -1, Elsewhere) };
        for (var i = 0; i < prior.Length; i++)
        {
            answers.Add((i, -1, prior[i] * (1 - shared - Elsewhere)));
            for (var k = i + 1; k < prior.Length; k++)
            {
                answers.Add((i, k, 2 * prior[i] * prior[k] * shared));
            }
        }

        foreach (var (off, shows) in looks)
        {
            for (var n = 0; n < answers.Count; n++)
            {
                var (one, two, odds) = answers[n];
                answers[n] = (one, two, odds * Likely(shows, Right(off.Contains, Key(one), Key(two)), wrong));
            }
        }

        var all = answers.Sum(a => a.Odds);
        var each = new double[prior.Length];
        foreach (var (one, two, odds) in answers)
        {
            foreach (var i in new[] { one, two }.Where(i => i >= 0))
            {
                each[i] += odds / all;
            }
        }

        var best = answers.MaxBy(a => a.Odds);
        return new(
            [.. ranked.Select((r, i) => new BreakerOdd(r.Key, each[i], r.Reasons)).OrderByDescending(b => b.Odds).ThenBy(b => b.Key)],
            answers[0].Odds / all,
            [.. new[] { best.One, best.Two }.Where(i => i >= 0).Select(i => ranked[i].Key)],
            best.Odds / all
        )
        {
            Answers = [.. answers.Select(a => (Key(a.One), Key(a.Two), a.Odds / all))],
            Wrong = wrong,
        };

        string? Key(int i) => i < 0 ? null : ranked[i].Key;
    }

    /// <summary>Every whole answer with how likely it is.</summary>
    private IReadOnlyList<(string? One, string? Two, double Odds)> Answers { get; init; } = [];

    private double Wrong { get; init; }

    /// <summary>How likely it is that two breakers feed it.</summary>
    public double Both => Answers.Where(a => a.Two is not null).Sum(a => a.Odds);

    /// <summary>How likely such a look is written down next.</summary>
    public double Shows(Sighting look)
    {
        ArgumentNullException.ThrowIfNull(look);
        var every = Enum.GetValues<SightingShows>().Sum(shows => Weight(shows));
        return Weight(look.Shows) / every;

        double Weight(SightingShows shows) =>
            Answers.Sum(a => a.Odds * Likely(shows, Right(k => look.Off.Contains(k), a.One, a.Two), Wrong));
    }

    /// <summary>How much a look with these off would tell on the average, in nats: how far what is likely before it falls short of what
    /// will be after (Shannon 1948).</summary>
    public double Tells(IReadOnlySet<string> off)
    {
        var after = 0.0;
        foreach (var shows in Enum.GetValues<SightingShows>())
        {
            var odds = Answers
                .Select(a => a.Odds * Likely(shows, Right(k => off.Contains(k), a.One, a.Two), Wrong))
                .Where(o => o > 0)
                .ToList();
            var sum = odds.Sum();
            after -= odds.Sum(o => o * Math.Log(o / sum));
        }

        return -Answers.Where(a => a.Odds > 0).Sum(a => a.Odds * Math.Log(a.Odds)) - after;
    }

    /// <summary>What is seen where these feed it.</summary>
    private static SightingShows Right<T>(Func<T, bool> off, T? one, T? two)
        where T : class =>
        (
            (one is not null && off(one) ? 1 : 0) + (two is not null && off(two) ? 1 : 0),
            (one is null ? 0 : 1) + (two is null ? 0 : 1)
        ) switch
        {
            (0, _) => SightingShows.Live,
            var (dead, fed) when dead == fed => SightingShows.Dead,
            _ => SightingShows.PartDead,
        };

    /// <summary>How likely that is written down. A part that went dead is easily overlooked, and hardly ever seen where there is
    /// none.</summary>
    private static double Likely(SightingShows shows, SightingShows right, double wrong) =>
        shows == right ? 1 - wrong
        : right == SightingShows.PartDead ? wrong * 5
        : shows == SightingShows.PartDead ? wrong / 10
        : wrong;
}
