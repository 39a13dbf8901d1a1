using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>Makes the steps that lead a box from where it stands to where it is planned to be: each one's edits are done on what the steps
/// before it left, so that none asks for what is not there yet.</summary>
internal sealed class CardMaker
{
    private readonly List<CardStep> steps = [];
    private readonly List<Edit> quiet = [];
    private readonly HashSet<string> ticked;

    public CardMaker(Doing doing, Id<Box> id)
    {
        (Doing, Left, Now, Planned, Id) = (doing, doing.Left, doing.Left, doing.Planned, id);
        Goal = Making.Goal.Of(doing, id) ?? throw new KeyNotFoundException($"There is no box {id}.");
        ticked = doing.Ticks.Where(t => t.Box == id).Select(t => t.Step).ToHashSet(StringComparer.Ordinal);
    }

    public Doing Doing { get; }

    public Id<Box> Id { get; }

    /// <summary>As left so far.</summary>
    public Job Left { get; }

    public Job Planned { get; }

    /// <summary>As the steps so far leave it.</summary>
    public Job Now { get; private set; }

    /// <summary>The box as planned, with the ids of what is there already.</summary>
    public Box Goal { get; }

    /// <summary>The box as left; null where it is yet to be set.</summary>
    public Box? Was => Left.Boxes.Find(Id);

    /// <summary>The box as the steps so far leave it; nothing where it is yet to be set.</summary>
    public Box Box =>
        Now.Boxes.Find(Id)
        ?? Goal with
        {
            Leads = ById<Id<Lead>, Lead>.Empty,
            Joints = ById<Id<Joint>, Joint>.Empty,
            Pigtails = ById<Id<Lead>, Pigtail>.Empty,
            Devices = ById<Id<Device>, Device>.Empty,
            Entries = ById<string, Entry>.Empty,
            Parts = ById<string, Part>.Empty,
        };

    public HousePractice House => Left.Practice;

    public IReadOnlyList<CardStep> Steps => steps;

    /// <summary>True where a step of one of these cases was marked as done.</summary>
    public bool TickedAny(params IReadOnlyList<StepCase> cases) => ticked.Any(t => cases.Any(c => t.Split('.', '~')[0] == Key(c)));

    /// <summary>True where a hand was, or is to be, in the box: what was opened is closed again.</summary>
    public bool Worked =>
        steps.Exists(s => s.Touches)
        || TickedAny(
            StepCase.PlateOff,
            StepCase.PullOut,
            StepCase.TakeOff,
            StepCase.OpenJoint,
            StepCase.TailOut,
            StepCase.CableOut,
            StepCase.BringIn,
            StepCase.Joint,
            StepCase.Screw,
            StepCase.Cap,
            StepCase.Device,
            StepCase.Terminal
        );

    /// <summary>True for a device that goes, or is changed for another or for a new one of its kind.</summary>
    public bool Another(Id<Device> device) =>
        Was?.Devices.Find(device)?.Kind != Goal.Devices.Find(device)?.Kind || Doing.Renewed.Contains((Id, device));

    /// <summary>True where the step was marked as done.</summary>
    public bool Ticked(StepCase what, string of = "") => ticked.Contains(Key(what, of));

    /// <summary>A step that changes nothing of the record; nothing once it is marked as done.</summary>
    public void Say(CardStep step)
    {
        if (!ticked.Contains(step.Key))
        {
            steps.Add(step);
        }
    }

    /// <summary>A step with what is recorded as done with it. Edits that do not go here are left for what comes after; where none goes,
    /// there is no step.</summary>
    /// <returns>True where there is a step.</returns>
    /// <param name="last">True for the step that takes along whatever no other did.</param>
    public bool Do(CardStep step, IEnumerable<Edit> edits, bool last = false)
    {
        var goes = new List<Edit>(quiet);
        var before = goes.Count;
        foreach (var edit in edits.Where(e => e.Check(Now) is null))
        {
            if (Changes(edit))
            {
                goes.Add(edit);
            }
        }

        if (goes.Count == before && !(last && before > 0))
        {
            return false;
        }

        quiet.Clear();

        var key = step.Key;
        for (var n = 2; ticked.Contains(key) || steps.Exists(s => s.Key == key); n++)
        {
            key = $"{step.Key}~{n}";
        }

        steps.Add(step with { Key = key, Edit = new Batch(goes) });
        return true;
    }

    /// <summary>What is recorded with the next step, for no hand does it by itself.</summary>
    public void Quietly(Edit edit)
    {
        if (edit.Check(Now) is null && Changes(edit))
        {
            quiet.Add(edit);
        }
    }

    /// <summary>A step of the box.</summary>
    public static CardStep Step(
        StepStage stage,
        StepCase what,
        string of,
        IEnumerable<Id<Lead>> leads,
        IEnumerable<StepItem> items,
        params ReadOnlySpan<(string, object?)> about
    ) => new(Key(what, of), stage, what, Details.Of(about), [.. leads.Distinct()], [.. items]);

    /// <summary>Does an edit; false where it changes nothing.</summary>
    private bool Changes(Edit edit)
    {
        var next = edit.Apply(Now);
        var changes = Cells.Between(Now, next).Count > 0;
        Now = changes ? next : Now;
        return changes;
    }

    /// <summary>What a step is marked by.</summary>
    public static string Key(StepCase what, string of = "") =>
        of.Length == 0 ? what.ToString().ToLowerInvariant() : $"{what.ToString().ToLowerInvariant()}.{of}";
}
