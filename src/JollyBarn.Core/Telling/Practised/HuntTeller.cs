using JollyBarn.Practice;
using JollyBarn.Practice.Hunted;
using JollyBarn.Telling.Hunting;
using JollyBarn.Telling.Phrases;
using JollyBarn.Tracing.Hunting;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Practised;

/// <summary>A box of a hunt.</summary>
/// <param name="From">The box before it in feed order; null for the first.</param>
/// <param name="What">What is in it.</param>
public sealed record ToldHuntBox(Id<Box> Id, string Name, Id<Box>? From, string What);

/// <summary>A test that can be made.</summary>
/// <param name="At">Boxes it is made at; none at the panel.</param>
/// <param name="Inside">Made in an open box.</param>
/// <param name="Bears">Whether what is left of the budget bears it.</param>
public sealed record ToldHuntTest(
    string Key,
    IReadOnlyList<Id<Box>> At,
    string Title,
    string Says,
    string Minds,
    bool Inside,
    double Minutes,
    int Openings,
    HuntDanger? Danger,
    bool Bears
);

/// <summary>A fault it might be.</summary>
public sealed record ToldHuntFault(string Key, IReadOnlyList<Id<Box>> At, string Says);

/// <summary>A test that was made.</summary>
/// <param name="Left">Faults that explain everything seen until then; null before it is marked.</param>
/// <param name="Better">What the program would have tested there instead.</param>
public sealed record ToldHuntStep(
    string Title,
    string Says,
    string Shows,
    double Minutes,
    IReadOnlyList<ToldBoxName> Opened,
    HuntDanger? Danger,
    int? Left = null,
    string? Better = null
);

/// <summary>A way through a hunt.</summary>
public sealed record ToldHuntPath(int Start, IReadOnlyList<ToldHuntStep> Steps, HuntBudget Used);

/// <summary>A hunt that was ended, marked, in words.</summary>
/// <param name="Truth">What it was.</param>
/// <param name="At">Where.</param>
/// <param name="Does">What it would do to a person; null where no metal becomes live.</param>
/// <param name="Mends">How it is mended.</param>
/// <param name="Against">Own tests that speak against what was said, counted from one.</param>
/// <param name="Apart">What would have told the two apart.</param>
public sealed record ToldHuntMark(
    HuntOutcome Outcome,
    string Claim,
    string Truth,
    IReadOnlyList<Id<Box>> At,
    string? Does,
    IReadOnlyList<string> Mends,
    IReadOnlyList<int> Against,
    string? Apart,
    bool Fair,
    ToldHuntPath Mine,
    ToldHuntPath Own,
    IReadOnlyList<SkillGrade> Skills
);

/// <summary>A hunt in words.</summary>
/// <param name="Noticed">What somebody noticed.</param>
/// <param name="Mark">Once it was ended.</param>
public sealed record ToldHunt(
    string Noticed,
    IReadOnlyList<ToldHuntBox> Boxes,
    IReadOnlyList<ToldHuntTest> Tests,
    IReadOnlyList<ToldHuntFault> Faults,
    IReadOnlyList<ToldHuntStep> Made,
    HuntBudget Budget,
    HuntBudget Used,
    ToldHuntMark? Mark
);

/// <summary>Tells hunts for hidden faults.</summary>
public static class HuntTeller
{
    /// <summary>What is complained of.</summary>
    public static string Noticed(HuntDrill drill)
    {
        ArgumentNullException.ThrowIfNull(drill);
        return LookWords.Observed(drill.Job, drill.Hidden.Shows.Observed(drill.Hidden.Noticed, "", ""));
    }

    /// <summary>The job it is hunted in, with the complaint open.</summary>
    public static Job Job(HuntDrill drill) =>
        drill.Job with
        {
            Complaints = drill.Job.Complaints.With(HuntDrill.Complaint, drill.Noticed(Noticed(drill), "Owner")),
        };

    /// <param name="mark">Null while it goes on.</param>
    public static ToldHunt Tell(HuntDrill drill, IReadOnlyList<HuntStep> made, HuntMarked? mark)
    {
        ArgumentNullException.ThrowIfNull(drill);
        ArgumentNullException.ThrowIfNull(made);
        var job = drill.Job;
        return new(
            Noticed(drill),
            [.. drill.Scene.Boxes.Select(b => new ToldHuntBox(b, job.Boxes[b].Name, drill.Scene.Feed(b)?.From, What(job, b)))],
            mark is not null ? [] : [.. drill.Trials.Select(t => Test(drill, made, t))],
            mark is not null
                ? []
                :
                [
                    .. drill
                        .Faults.Select(f => new ToldHuntFault(f.Key, Boxes(job, f), SuspectWords.Of(job, f)))
                        .OrderBy(f => f.Says, StringComparer.Ordinal),
                ],
            [.. made.Select(s => Step(job, s))],
            drill.Budget,
            HuntPath.Used(made),
            mark is null ? null : Mark(drill, mark)
        );
    }

    private static ToldHuntMark Mark(HuntDrill drill, HuntMarked mark) =>
        new(
            mark.Outcome,
            SuspectWords.Of(drill.Job, mark.Claim),
            SuspectWords.Of(drill.Job, drill.Hidden.Fault),
            Boxes(drill.Job, drill.Hidden.Fault),
            Harm.Of(drill.Scene, drill.Hidden.Fault) is { } harm ? LookWords.Does(drill.Job, harm) : null,
            [.. drill.Hidden.Fault.Faults.Select(f => SuspectWords.Mend(f.Offer.Case)).Distinct()],
            [.. mark.Against.Select(a => a + 1)],
            mark.Apart is { } apart ? Named(drill.Job, apart) : null,
            mark.Fair,
            Path(drill.Job, mark.Mine),
            Path(drill.Job, mark.Own),
            mark.Graded()
        );

    private static ToldHuntPath Path(Job job, HuntPath path) =>
        new(
            path.Start,
            [
                .. path.Steps.Select(k =>
                    Step(job, k.Step) with
                    {
                        Left = k.Left,
                        Better = k.Better is { } better ? Named(job, better) : null,
                    }
                ),
            ],
            path.Use
        );

    private static ToldHuntTest Test(HuntDrill drill, IReadOnlyList<HuntStep> made, Trial trial)
    {
        var next = drill.Next(made, trial);
        return new(
            trial.Key,
            [.. Places.Of(drill.Job, trial)],
            TrialWords.Title(trial.Case),
            Line.Start(TrialWords.Where(drill.Job, trial, named: false)),
            TrialWords.Minds(trial.Case),
            trial.Opens.Count > 0,
            next.Minutes,
            next.Opened.Count,
            next.Danger,
            drill.Bears([.. made, next])
        );
    }

    private static ToldHuntStep Step(Job job, HuntStep step) =>
        new(
            TrialWords.Title(step.Trial.Case),
            Line.Start(TrialWords.Where(job, step.Trial)),
            LookWords.Of(step.Shows),
            step.Minutes,
            [.. step.Opened.Select(b => new ToldBoxName(b, job.Boxes[b].Name))],
            step.Danger
        );

    private static string Named(Job job, Trial trial) => $"{TrialWords.Title(trial.Case)}: {TrialWords.Where(job, trial)}";

    private static IReadOnlyList<Id<Box>> Boxes(Job job, Suspect suspect) => [.. suspect.Faults.SelectMany(f => f.Boxes(job)).Distinct()];

    private static string What(Job job, Id<Box> box) =>
        string.Join(", ", job.Boxes[box].Devices.Values.Select(d => CodeBook.DeviceKinds.Find(d.Kind)?.Name ?? d.Kind));
}
