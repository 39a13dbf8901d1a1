using JollyBarn.Wiring;

namespace JollyBarn.Tracing.Hunting;

/// <summary>A test of an acceptance, and what it should show.</summary>
/// <param name="Reveals">How many of the faults it reveals that no test before it does.</param>
public sealed record AcceptanceTest(Trial Trial, Sight Expected, int Reveals)
{
    /// <summary>What it showed when it was made last, since the last step of the Change, or of any, was recorded as done, and whether that
    /// is as expected; nulls where nobody made it.</summary>
    public (Observed? Seen, bool? Fits) Read(Job job, string? change)
    {
        ArgumentNullException.ThrowIfNull(job);
        var worked = job
            .Changes.Where(c => change is null || c.Key == change)
            .SelectMany(c => c.Value.Ticks)
            .Where(t => t.Done is not null)
            .Select(t => t.At)
            .Max(StringComparer.Ordinal);
        var seen = job
            .Tested.Values.Where(t => t.Change == change && string.CompareOrdinal(t.Seen.At, worked ?? "") >= 0)
            .Select(t => t.Seen)
            .Where(s => new AskedLook(s.Setup ?? Setup.AsItIs, s.Look).Key == Trial.Key)
            .MaxBy(s => s.At, StringComparer.Ordinal);
        return (seen, seen is null ? null : Likelihood.Explains(seen, Prediction.Sure(Expected)));
    }
}

/// <summary>A fault that the tests do not reveal, and a test that would, where there is one.</summary>
public sealed record Unseen(Planted Fault, Trial? Would)
{
    /// <summary>True for what is there only at times: it shows only then, whatever is tested.</summary>
    public bool Passes => Fault.Offer.Fault is Electrics.Faults.ComesAndGoes or Electrics.Faults.InTheWet;
}

/// <summary>The smallest set of tests that reveals every single fault the program knows, in walking order.</summary>
/// <param name="Faults">How many faults were planted, one at a time.</param>
/// <param name="Revealed">How many of them some test of the set reveals.</param>
public sealed record Acceptance(IReadOnlyList<AcceptanceTest> Tests, IReadOnlyList<Unseen> NotSeen, int Faults, int Revealed)
{
    /// <summary>Of some boxes of a job, or all. What only panels join is looked at apart: no test of one circuit shows a fault of
    /// another.</summary>
    /// <param name="of">Boxes whose faults are to be revealed; null for all.</param>
    public static Acceptance Of(Job job, IReadOnlyCollection<Id<Box>>? of, Means means)
    {
        ArgumentNullException.ThrowIfNull(job);
        var boxes = (of ?? [.. job.Boxes.Ids]).ToHashSet();
        var all = boxes.Count == 0 ? [] : Scene.Apart(job, boxes).Select(s => Of(s, boxes, means)).ToList();
        return new(
            [.. all.SelectMany(a => a.Tests)],
            [.. all.SelectMany(a => a.NotSeen)],
            all.Sum(a => a.Faults),
            all.Sum(a => a.Revealed)
        );
    }

    private static Acceptance Of(Scene scene, IReadOnlySet<Id<Box>> of, Means means)
    {
        var (suspects, trials, rows) = Rows(scene, of, Trials.Outside(scene, means));
        var chosen = SetCover.Of(rows, t => trials[t].Cost);
        var tests = chosen.Select(t => trials[t]).ToList();
        var expected = Expected(scene, tests);
        var (seen, list) = (new HashSet<int>(), new List<AcceptanceTest>());
        foreach (var (test, at) in tests.Select((t, i) => (t, i)).OrderBy(t => Walk(scene, t.t)).ThenBy(t => t.i))
        {
            var reveals = Enumerable.Range(0, rows.Count).Where(r => rows[r].Contains(chosen[at]) && seen.Add(r)).Count();
            list.Add(new(test, expected[at], reveals));
        }

        var open = Enumerable.Range(0, rows.Count).Where(r => rows[r].Count == 0).ToList();
        var would = Would(scene, [.. open.Select(r => suspects[r])]);
        return new(list, [.. open.Select((r, i) => new Unseen(suspects[r].Faults[0], would[i]))], rows.Count, rows.Count - open.Count);
    }

    /// <summary>For every fault the tests that reveal it.</summary>
    public static (IReadOnlyList<Suspect> Suspects, IReadOnlyList<Trial> Trials, IReadOnlyList<IReadOnlySet<int>> Rows) Rows(
        Scene scene,
        IReadOnlySet<Id<Box>> of,
        IReadOnlyList<Trial> trials
    )
    {
        ArgumentNullException.ThrowIfNull(of);
        ArgumentNullException.ThrowIfNull(trials);
        var suspects = HiddenFault.Faults(scene).Where(s => s.Faults[0].Boxes(scene.Job).Any(of.Contains)).ToList();
        return (suspects, trials, Revealing(scene, suspects, trials));
    }

    private static List<IReadOnlySet<int>> Revealing(Scene scene, IReadOnlyList<Suspect> suspects, IReadOnlyList<Trial> trials)
    {
        var expected = Expected(scene, trials);
        var table = Table.Of(scene, [.. suspects.Select(s => new Believed(s, 0, [], [], []))], trials);
        return
        [
            .. suspects.Select(
                (_, s) => (IReadOnlySet<int>)Enumerable.Range(0, trials.Count).Where(t => Reveals(table.At(s, t), expected[t])).ToHashSet()
            ),
        ];
    }

    /// <summary>Surely, whenever it is looked at, and whatever the weather.</summary>
    private static bool Reveals(Prediction prediction, Sight expected) => prediction.All.All(a => !a.Sight.Same(expected));

    private static IReadOnlyList<Sight> Expected(Scene scene, IReadOnlyList<Trial> trials) =>
        [.. Predicting.Of(scene, Suspect.Sound, [.. trials.Select(t => t.Asked)]).Select(p => p.Likeliest)];

    /// <summary>The cheapest test with everything there is that reveals each, where one does.</summary>
    private static IReadOnlyList<Trial?> Would(Scene scene, IReadOnlyList<Suspect> suspects)
    {
        var trials = Trials.Of(scene, new([.. CodeBook.InstrumentKinds.All.Select(k => k.Id), Means.Megohm]));
        return [.. Revealing(scene, suspects, trials).Select(r => r.Select(t => trials[t]).MinBy(t => t.Cost))];
    }

    private static int Walk(Scene scene, Trial trial)
    {
        var at = Places.Of(scene.Job, trial.Asked.Look).Select(b => scene.Boxes.ToList().IndexOf(b)).Where(i => i >= 0).DefaultIfEmpty(0);
        return at.Min();
    }
}
