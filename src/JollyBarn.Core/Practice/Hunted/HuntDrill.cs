using System.Globalization;
using JollyBarn.CodeBook;
using JollyBarn.Practice.Spot;
using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Hunted;

/// <summary>What a hunt may use up.</summary>
/// <param name="Minutes">Of work.</param>
/// <param name="Openings">Boxes, each once.</param>
/// <param name="Dangers">Readings on what is live, and resets onto what tripped.</param>
public sealed record HuntBudget(double Minutes, int Openings, int Dangers);

/// <summary>A hidden fault in a circuit, what somebody noticed of it, and every test that can be made.</summary>
public sealed class HuntDrill
{
    /// <summary>Id of the complaint in its job.</summary>
    public const string Complaint = "hunt";

    private const string First = "first";

    /// <summary>What each level may use up: about what the program itself uses at most, and more the lower the level.</summary>
    private static readonly HuntBudget[] Budgets = [new(200, 5, 15), new(180, 5, 14), new(170, 4, 13), new(160, 4, 12), new(150, 4, 12)];

    private HuntDrill(Job job, Scene scene, HiddenFault hidden, int seed, int level, int number)
    {
        (Job, Scene, Hidden, Seed, Level, Number) = (job, scene, hidden, seed, level, number);
        Budget = Budgets[level - 1];
        Trials = Tracing.Hunting.Trials.Of(scene, Means.Usual);
        Faults = HiddenFault.Faults(scene);
    }

    /// <summary>The house as it is recorded: nothing is wrong in the record.</summary>
    public Job Job { get; }

    public Scene Scene { get; }

    public HiddenFault Hidden { get; }

    public HuntBudget Budget { get; }

    public int Seed { get; }

    public int Level { get; }

    /// <summary>Number the fault is hidden by.</summary>
    public int Number { get; }

    public IReadOnlyList<Trial> Trials { get; }

    /// <summary>Every fault it might be.</summary>
    public IReadOnlyList<Suspect> Faults { get; }

    /// <summary>The same for the same seed, level and edition.</summary>
    public static HuntDrill Make(int seed, int level, Edition edition)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(level, 1);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(level, SpotDrill.Levels);
        for (var n = 0; ; n++)
        {
            var number = Seeds.Mixed(seed, level, 500 + n);
            var job = HuntHouse.Make(number, level);
            job = job with { Profile = job.Profile with { Edition = edition } };
            var scene = Scene.Apart(job, [])[0];
            if (HiddenFault.In([scene], number) is { } hidden)
            {
                return new(job, scene, hidden, seed, level, number);
            }
        }
    }

    /// <summary>What a test shows at its place in a hunt: the network with the fault, solved. What comes and goes is there or not by the
    /// number of the test.</summary>
    /// <param name="at">How many were made before.</param>
    public Sight Shows(Trial trial, int at)
    {
        ArgumentNullException.ThrowIfNull(trial);
        return Predicting.Of(Scene, Hidden.Fault, [trial.Asked])[0].Drawn(new Random(Seeds.Mixed(Number, at, 1)));
    }

    /// <summary>The complaint as it is before any test.</summary>
    /// <param name="says">In words.</param>
    public Complaint Noticed(string says, string by)
    {
        var complaint = new Complaint(says, by, At(0), Hidden: Number);
        return complaint with { Observed = complaint.Observed.With(First, Hidden.Shows.Observed(Hidden.Noticed, by, At(0))) };
    }

    /// <summary>A test that is made, as it is written down: its time is that of the hunt's own clock.</summary>
    /// <param name="steps">Those that were made before.</param>
    public Observed Seen(Trial trial, IReadOnlyList<HuntStep> steps, string by)
    {
        ArgumentNullException.ThrowIfNull(trial);
        ArgumentNullException.ThrowIfNull(steps);
        return Shows(trial, steps.Count).Observed(trial.Asked, by, At(steps.Sum(s => s.Minutes) + trial.Minutes));
    }

    /// <summary>The tests that a complaint holds, in their order, with what each cost as things lay.</summary>
    public IReadOnlyList<HuntStep> Made(Complaint complaint)
    {
        ArgumentNullException.ThrowIfNull(complaint);
        var byKey = Trials.ToDictionary(t => t.Key, StringComparer.Ordinal);
        var steps = new List<HuntStep>();
        foreach (var (_, seen) in complaint.Observed.Where(o => o.Key != First).OrderBy(o => Place(o.Key)))
        {
            if (byKey.TryGetValue(new AskedLook(seen.Setup ?? Setup.AsItIs, seen.Look).Key, out var trial))
            {
                steps.Add(Step(steps, trial, new(seen.Shows, (double)(seen.Value ?? 0))));
            }
        }

        return steps;
    }

    /// <summary>What a test costs that is made next.</summary>
    public HuntStep Next(IReadOnlyList<HuntStep> steps, Trial trial)
    {
        ArgumentNullException.ThrowIfNull(steps);
        return Step(steps, trial, Shows(trial, steps.Count));
    }

    /// <summary>Whether the budget bears a test.</summary>
    public bool Bears(IReadOnlyList<HuntStep> steps, Trial trial)
    {
        ArgumentNullException.ThrowIfNull(steps);
        return Bears([.. steps, Next(steps, trial)]);
    }

    /// <summary>Whether it bore all of them.</summary>
    public bool Bears(IReadOnlyList<HuntStep> steps)
    {
        var used = HuntPath.Used(steps);
        return used.Minutes <= Budget.Minutes && used.Openings <= Budget.Openings && used.Dangers <= Budget.Dangers;
    }

    /// <summary>Id of the observation after so many tests.</summary>
    public static string Id(int made) => string.Create(CultureInfo.InvariantCulture, $"t{made}");

    /// <summary>As the program goes about it.</summary>
    public IReadOnlyList<HuntStep> Own()
    {
        var steps = new List<HuntStep>();
        BestHunt.Of(Scene, Means.Usual, Noticed(Complaint, ""), trial =>
        {
            var seen = Seen(trial, steps, "");
            steps.Add(Next(steps, trial));
            return seen;
        });
        return steps;
    }

    /// <summary>What is known after so many steps of a hunt.</summary>
    public Complaint After(IEnumerable<HuntStep> steps) =>
        steps
            .Select((s, i) => (Id: Id(i), Seen: s.Shows.Observed(s.Trial.Asked, "", At(i))))
            .Aggregate(Noticed(Complaint, ""), (c, o) => c with { Observed = c.Observed.With(o.Id, o.Seen) });

    private static HuntStep Step(IReadOnlyList<HuntStep> steps, Trial trial, Sight shows)
    {
        var open = steps.SelectMany(s => s.Trial.Opens).ToHashSet();
        return new(
            trial,
            shows,
            trial.Minutes + RankedTrial.Going,
            [.. trial.Opens.Where(b => !open.Contains(b))],
            trial.Live ? HuntDanger.Live
                : Onto(steps, trial) ? HuntDanger.ResetOntoFault
                : null
        );
    }

    /// <summary>Reset as it tripped before, with nothing altered that could keep it in.</summary>
    private static bool Onto(IReadOnlyList<HuntStep> steps, Trial trial) =>
        trial.Asked.Look.Kind == LookKind.Guard
        && trial.Asked.Setup.Key == Setup.AsItIs.Key
        && steps.Any(s => s.Trial.Key == trial.Key && s.Shows.Case == SeenCase.TripsAtOnce);

    private static int Place(string id) => int.TryParse(id.AsSpan(1), CultureInfo.InvariantCulture, out var at) ? at : int.MaxValue;

    private static string At(double minutes) =>
        new DateTime(2026, 1, 5, 8, 0, 0, DateTimeKind.Utc)
            .AddMinutes(minutes)
            .ToString("yyyy-MM-ddTHH:mm:ssZ", CultureInfo.InvariantCulture);
}
