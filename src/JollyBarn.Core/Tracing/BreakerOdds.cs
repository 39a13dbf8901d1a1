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
    /// <summary>One look in a hundred is written down wrongly, <em>practice</em>.</summary>
    public const double Wrong = 0.01;

    /// <summary>Boxes that two breakers feed, and boxes that something else feeds, among all, <em>practice</em>.</summary>
    private const double Shared = 0.03;
    private const double Elsewhere = 0.01;

    /// <param name="ranked">How likely each breaker was before any look.</param>
    /// <param name="seen">What was seen there.</param>
    public static BreakerOdds Of(IReadOnlyList<RankedBreaker> ranked, IEnumerable<Sighting> seen)
    {
        var looks = seen.Select(s => (Off: s.Off.ToHashSet(), s.Shows)).ToList();
        var total = ranked.Sum(r => r.Weight);
        double[] prior = [.. ranked.Select(r => r.Weight / total)];
        // One breaker, two of them, or none.
        var answers = new List<(int One, int Two, double Odds)> { (-1, -1, Elsewhere) };
        for (var i = 0; i < prior.Length; i++)
        {
            answers.Add((i, -1, prior[i] * (1 - Shared - Elsewhere)));
            for (var k = i + 1; k < prior.Length; k++)
            {
                answers.Add((i, k, 2 * prior[i] * prior[k] * Shared));
            }
        }

        foreach (var (off, shows) in looks)
        {
            bool Off(int i) => i >= 0 && off.Contains(ranked[i].Key);
            for (var n = 0; n < answers.Count; n++)
            {
                var (one, two, odds) = answers[n];
                var dead = (Off(one) ? 1 : 0) + (Off(two) ? 1 : 0);
                var fed = (one >= 0 ? 1 : 0) + (two >= 0 ? 1 : 0);
                var right =
                    dead == 0 ? SightingShows.Live
                    : dead == fed ? SightingShows.Dead
                    : SightingShows.PartDead;
                // A part that went dead is easily overlooked, and hardly ever seen where there is none.
                var likely =
                    shows == right ? 1 - Wrong
                    : right == SightingShows.PartDead ? Wrong * 5
                    : shows == SightingShows.PartDead ? Wrong / 10
                    : Wrong;
                answers[n] = (one, two, odds * likely);
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
        );
    }
}
