using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Practice.Houses;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Spot;

/// <summary>A mistake in a box, with what the rules say of it that they did not say before.</summary>
/// <param name="Findings">Stops and what is to be fixed; at least one.</param>
public sealed record Planted(Mistake Mistake, IReadOnlyList<Finding> Findings)
{
    /// <summary>The worst that is said of it.</summary>
    public Verdict Worst => Findings.Min(f => f.Verdict);
}

/// <summary>A box with mistakes in it: the rules find these, and nothing else that is to be stopped or fixed.</summary>
/// <param name="Seed">The same seed, level and edition give the same box.</param>
/// <param name="Sound">The house before anything was made wrong.</param>
/// <param name="Job">The house with the mistakes.</param>
public sealed record SpotDrill(int Seed, int Level, Job Sound, Job Job, Id<Box> Box, IReadOnlyList<Planted> Planted)
{
    public const int Levels = 5;

    private const int Tries = 60;

    /// <summary>Houses tried for one rule.</summary>
    private const int Houses = 200;

    /// <summary>Of so many facts no rule asks about, one is shown.</summary>
    private const int Shown = 5;

    /// <summary>Of so many boxes, this part stands in a place with demands of its own.</summary>
    private const double Sited = 0.6;

    /// <summary>How many mistakes a level has, at least and at most.</summary>
    private static readonly (int Least, int Most)[] Counts = [(1, 1), (1, 2), (2, 3), (3, 4), (4, 6)];

    /// <summary>Up to this level only what a glance shows; up to the other also what following a wire shows.</summary>
    private const int Glance = 1;
    private const int Follow = 2;

    /// <summary>True where a mistake may be one that only a look close up or a tape shows.</summary>
    public bool IsCloseUp => Level > Follow;

    /// <summary>What the rules and the solved network say of a box that is to be stopped or fixed.</summary>
    public static IReadOnlyList<Finding> Wrong(Job job, Id<Box> box) => Wrong(job, box, ExpectedLive.Judge(job));

    private static List<Finding> Wrong(Job job, Id<Box> box, ILookup<Id<Box>, Finding> solved) =>
        [.. All(job, box, solved).Where(f => f.Verdict is Verdict.Stop or Verdict.Fix)];

    /// <summary>Every verdict of a box, what the solved network says among them.</summary>
    public static IReadOnlyList<Finding> All(Job job, Id<Box> box) => All(job, box, ExpectedLive.Judge(job));

    private static IReadOnlyList<Finding> All(Job job, Id<Box> box, ILookup<Id<Box>, Finding> solved) =>
        ExpectedLive.With(Inspector.JudgeAll(job, box, job.Boxes[box]), solved[box]);

    public static SpotDrill Make(int seed, int level, Edition edition)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(level, 1);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(level, Levels);
        var random = new Random(Seeds.Mixed(seed, level, (int)edition));
        while (true)
        {
            if (SoundOne(random, edition) is var (sound, box) && Spoilt(sound, box, level, random) is { } spoilt)
            {
                return new(seed, level, sound, spoilt.Job, box, spoilt.Planted);
            }
        }
    }

    /// <summary>A box with one mistake that breaks a rule; null for a rule that no mistake there is breaks.</summary>
    public static SpotDrill? About(string rule, int seed, Edition edition)
    {
        var random = new Random(Seeds.Mixed(seed, 0, (int)edition));
        var seldom = Seldom.Rules.GetValueOrDefault(rule);
        for (var n = 0; n < Houses && SpotChoices.Taught.Contains(rule); n++)
        {
            if (SoundOne(random, edition, seldom?.Site) is not var (sound, box))
            {
                continue;
            }

            foreach (var planter in Mistakes.All.Where(m => seldom?.Mistakes.Contains(m.Mistake) ?? true))
            {
                if (
                    Made(sound, box, planter, random) is { } job
                    && Wrong(job, box, ExpectedLive.Judge(sound, job)) is var wrong
                    && wrong.Exists(f => f.Rule == rule)
                )
                {
                    return new(seed, 1, sound, job, box, [new(planter.Mistake, wrong)]);
                }
            }
        }

        return null;
    }

    /// <summary>A house of one circuit.</summary>
    internal static Job House(Random random, Edition edition)
    {
        var house = WiredHouse.One(random.Next());
        return house with { Profile = house.Profile with { Edition = edition } };
    }

    /// <summary>A box of a house with nothing to stop or fix in it; null where the one that was drawn has something.</summary>
    /// <param name="site">Where it is to be; null where any place does.</param>
    private static (Job Job, Id<Box> Box)? SoundOne(Random random, Edition edition, Site? site = null)
    {
        var house = House(random, edition);
        var ids = house.Boxes.Ids.ToList();
        var box = ids[random.Next(ids.Count)];
        var there =
            site is { } asked ? Sites.Put(asked, house, box)
            : random.NextDouble() < Sited ? Sites.Some(house, box, random)
            : house;
        if (site is not null && ReferenceEquals(there, house))
        {
            return null;
        }

        var sound = SoundBox.Answered(SoundBox.Seen(there, box), box);
        foreach (var close in CloseUps.All.Where(c => c.Sound is not null && random.Next(Shown) == 0))
        {
            sound = sound.Do([.. close.Show(new(sound, box, random)) ?? []]);
        }

        return Wrong(sound, box).Count == 0 ? (sound, box) : null;
    }

    /// <summary>The house with as many mistakes in the box as the level asks; null where the box has no room for them.</summary>
    private static (Job Job, IReadOnlyList<Planted> Planted)? Spoilt(Job sound, Id<Box> box, int level, Random random)
    {
        var (least, most) = Counts[level - 1];
        var count = random.Next(least, most + 1);
        var (job, planted, wrong) = (sound, new List<Planted>(), (IReadOnlyList<Finding>)[]);
        var left = Mistakes
            .All.Where(m =>
                m.Hard
                <= (
                    level <= Glance ? 1
                    : level <= Follow ? 2
                    : 3
                )
            )
            .ToList();
        for (var n = 0; n < Tries && planted.Count < count && left.Count > 0; n++)
        {
            var planter = Drawn(left, random);
            left.Remove(planter);
            if (Made(job, box, planter, random) is not { } next)
            {
                continue;
            }

            var now = Wrong(next, box, ExpectedLive.Judge(sound, next));
            if (Brought(wrong, now) is { Count: > 0 } brought)
            {
                planted.Add(new(planter.Mistake, brought));
                (job, wrong) = (next, now);
            }
        }

        return planted.Count >= least ? (job, planted) : null;
    }

    private static Planter Drawn(List<Planter> of, Random random)
    {
        var at = random.Next(of.Sum(p => p.Often));
        return of.First(p => (at -= p.Often) < 0);
    }

    private static Job? Made(Job job, Id<Box> box, Planter planter, Random random)
    {
        var made = job;
        foreach (var edit in planter.Edits(new(job, box, random)) ?? [])
        {
            if (edit.Check(made) is not null)
            {
                return null;
            }

            made = edit.Apply(made);
        }

        return Seen(job.Boxes[box].Noted, made, box);
    }

    /// <summary>What was seen of a thing before is seen of it still: what is no longer known of it would tell where a hand had
    /// been.</summary>
    private static Job Seen(ById<string, Noted> before, Job made, Id<Box> box) =>
        before
            .SelectMany(n => n.Value.Facts.Select(f => new NoteFact(box, n.Key, f.Key, f.Value)))
            .Where(e => made.Boxes[box].Noted.Find(e.Of)?.Facts.Has(e.Key) != true)
            .Aggregate(made, (job, edit) => edit.Check(job) is null ? edit.Apply(job) : job);

    /// <summary>What is said now and was not; nothing where something that was said is not said any more, for then one mistake hides or
    /// alters another.</summary>
    private static List<Finding> Brought(IReadOnlyList<Finding> was, IReadOnlyList<Finding> now)
    {
        var (before, after) = (was.CountBy(f => f.Key).ToDictionary(), now.CountBy(f => f.Key).ToDictionary());
        return before.Any(b => after.GetValueOrDefault(b.Key) < b.Value) ? [] : [.. now.Where(f => !before.ContainsKey(f.Key))];
    }
}
