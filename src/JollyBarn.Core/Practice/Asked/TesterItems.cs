using JollyBarn.CodeBook;
using JollyBarn.Practice.Houses;
using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Asked;

/// <summary>An instrument in the hand, at wiring nobody sees.</summary>
/// <param name="Job">The house as it is recorded, sound.</param>
/// <param name="Look">Where the instrument is held.</param>
/// <param name="Truth">What is wrong.</param>
/// <param name="Sights">What it may show, where that is asked.</param>
/// <param name="Suspects">What may be behind it, where that is asked.</param>
/// <param name="Shows">What it shows, by the solved network.</param>
/// <param name="Blind">It shows what it shows where nothing is wrong.</param>
/// <param name="Tests">Tests one may make next, and how many of the suspects each tells apart, where that is asked.</param>
public sealed record Tested(
    Job Job,
    AskedLook Look,
    Suspect Truth,
    IReadOnlyList<Sight> Sights,
    IReadOnlyList<Suspect> Suspects,
    Sight Shows,
    bool Blind,
    IReadOnlyList<(AskedLook Look, int Apart)> Tests
);

/// <summary>Questions of what a tester shows and what is behind it: the network with the fault planted answers.</summary>
public static class TesterItems
{
    /// <summary>Faults that are looked at for one question.</summary>
    private const int Faults = 14;
    private const int Options = 4;

    private static readonly AskedKind[] Kinds = [AskedKind.TesterShows, AskedKind.TesterBehind, AskedKind.TesterNext];

    private static readonly Means Hands = new(["plug-in", "two-pole", "meter"], Opens: false);

    /// <param name="only">What it is to ask; null where either may be.</param>
    public static AskedItem Make(int seed, int level, Edition edition, AskedKind? only = null)
    {
        var random = new Random(Seeds.Mixed(seed, level, 300 + (int)edition));
        while (true)
        {
            var job = WiredHouse.One(random.Next());
            var scene = Scene.Apart(job, [])[0];
            var looks = Trials.Outside(scene, Hands).Select(t => t.Asked).Where(IsRead).ToList();
            var all = HiddenFault.Faults(scene).ToArray();
            random.Shuffle(all);
            if (looks.Count == 0 || all.Length < Options)
            {
                continue;
            }

            // The lamps first, then figures as well.
            var lamps = looks.Where(l => l.Look.Kind == LookKind.Lamps).ToList();
            var asked = level < 3 && lamps.Count > 0 ? lamps[random.Next(lamps.Count)] : looks[random.Next(looks.Count)];
            var seen = all.Take(Faults).Select(f => (Fault: f, Sight: Sure(scene, f, asked))).Where(f => f.Sight is not null).ToList();
            var sound = Sure(scene, Suspect.Sound, asked);
            var kind = only ?? Kinds[random.Next(Kinds.Length)];
            var drawn = kind switch
            {
                AskedKind.TesterShows => Shows(job, asked, seen, sound, random),
                AskedKind.TesterBehind => Behind(job, asked, seen, sound, random),
                _ => Next(scene, looks, [.. all.Take(Options)], random),
            };
            if (drawn is { } made)
            {
                return made with { Seed = seed, Level = level, Edition = edition };
            }
        }
    }

    /// <summary>The test that tells most of some suspects apart, beside others that tell fewer.</summary>
    private static AskedItem? Next(Scene scene, List<AskedLook> looks, Suspect[] suspects, Random random)
    {
        var shown = suspects.Select(s => Predicting.Of(scene, s, looks)).ToList();
        var tests = looks
            .Select((look, n) => (Look: look, Sights: shown.Select(p => p[n]).ToList()))
            .Where(t => t.Sights.TrueForAll(p => p.All.Count == 1))
            .Select(t => (t.Look, Apart: Different(t.Sights.Select(p => p.Likeliest)).Count))
            .ToArray();
        random.Shuffle(tests);
        var best = tests.Length == 0 ? default : tests.MaxBy(t => t.Apart);
        var others = tests.Where(t => t.Apart < best.Apart).Take(Options - 1).ToList();
        if (best.Apart < 3 || others.Count < Options - 1)
        {
            return null;
        }

        (AskedLook, int)[] all = [best, .. others];
        random.Shuffle(all);
        return new(0, 0, default, AskedKind.TesterNext, best.Look.Key, Numbers(all.Length), Array.IndexOf(all, best))
        {
            Tested = new(scene.Job, best.Look, suspects[0], [], suspects, shown[0][looks.IndexOf(best.Look)].Likeliest, false, all),
        };
    }

    private static string[] Numbers(int count) => [.. Enumerable.Range(0, count).Select(n => n.ToString(Invariant))];

    private static bool IsRead(AskedLook asked) =>
        asked.Look.Kind is LookKind.Lamps or LookKind.Instrument && asked.Setup.Key == Setup.AsItIs.Key;

    /// <summary>What a look surely shows; null where it may show several things.</summary>
    private static Sight? Sure(Scene scene, Suspect suspect, AskedLook asked) =>
        Predicting.Of(scene, suspect, [asked])[0] is { All.Count: 1 } one ? one.Likeliest : null;

    private static AskedItem? Shows(Job job, AskedLook asked, List<(Suspect Fault, Sight? Sight)> seen, Sight? sound, Random random)
    {
        var sights = Different(seen.Select(s => s.Sight!.Value).Concat(sound is { } s ? [s] : []));
        return sights.Count < 2 ? null : Made(AskedKind.TesterShows, job, asked, seen[0], sights, [], sound, random);
    }

    private static AskedItem? Behind(Job job, AskedLook asked, List<(Suspect Fault, Sight? Sight)> seen, Sight? sound, Random random)
    {
        var truth = seen.FirstOrDefault(s => sound is { } right && !Alike(s.Sight!.Value, right));
        if (truth.Fault is null)
        {
            return null;
        }

        // None of the others shows the same.
        var others = seen.Where(s => !Alike(s.Sight!.Value, truth.Sight!.Value)).Select(s => s.Fault).Take(Options - 1).ToList();
        return others.Count < 2 ? null : Made(AskedKind.TesterBehind, job, asked, truth, [], [truth.Fault, .. others], sound, random);
    }

    private static AskedItem Made(
        AskedKind kind,
        Job job,
        AskedLook asked,
        (Suspect Fault, Sight? Sight) truth,
        List<Sight> sights,
        IReadOnlyList<Suspect> suspects,
        Sight? sound,
        Random random
    )
    {
        var order = Enumerable.Range(0, Math.Max(sights.Count, suspects.Count)).ToArray();
        random.Shuffle(order);
        var at = kind == AskedKind.TesterBehind ? 0 : sights.FindIndex(s => Alike(s, truth.Sight!.Value));
        return new(0, 0, default, kind, asked.Key, [.. order.Select(o => o.ToString(Invariant))], Array.IndexOf(order, at))
        {
            Tested = new(
                job,
                asked,
                truth.Fault,
                sights,
                suspects,
                truth.Sight!.Value,
                sound is { } right && Alike(right, truth.Sight.Value),
                []
            ),
        };
    }

    private static readonly System.Globalization.CultureInfo Invariant = System.Globalization.CultureInfo.InvariantCulture;

    /// <summary>True of two sights nobody would tell apart from memory: figures within a volt.</summary>
    private static bool Alike(Sight one, Sight other) =>
        one.Same(other) || (one.Case == SeenCase.Figure && other.Case == SeenCase.Figure && Math.Abs(one.Value - other.Value) < 1);

    private static List<Sight> Different(IEnumerable<Sight> sights)
    {
        var different = new List<Sight>();
        foreach (var sight in sights)
        {
            if (different.Count < Options && !different.Exists(d => Alike(d, sight)))
            {
                different.Add(sight);
            }
        }

        return different;
    }
}
