using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.OpenFile;
using JollyBarn.Practice.Classes;
using JollyBarn.Practice.Hunted;
using JollyBarn.Practice.Made;
using JollyBarn.Practice.Sheets;
using JollyBarn.Practice.Spot;
using JollyBarn.Store;
using JollyBarn.Telling.Practised;
using JollyBarn.Wiring;

namespace JollyBarn.Testing.Forced;

/// <summary>A small house with something of everything that questions name.</summary>
public static class QuestionedHouse
{
    public const string Id = "asked";

    /// <summary>A job for the questions of the bin, so that the other one stays.</summary>
    public const string Spare = "spare";

    /// <summary>A job made to learn by.</summary>
    public const string Practised = "practised";
    public const string Hunted = "hunted";
    public const string Apart = "apart";

    /// <summary>Every job that questions name.</summary>
    public static IReadOnlyList<string> Ids { get; } = [Id, Spare, Practised, Hunted, Apart];

    public static Job Made() =>
        SmallHouse
            .Followed(SmallHouse.Receptacle())
            .Do([
                new PutPlace("p", new Place("Pantry")),
                .. Jobs.NorthWall,
                new PutPlace("p1", new Place("Bench room")),
                new PlaceBox("b", "p1"),
                new KeepPattern("feed-through", "Bench", "b", "Ines", "2026-09-14T08:10:00Z"),
                new OpenChange("bench-row", "Bench row"),
                new PlanEdit("bench-row", "u1", new NoteBox("b", "planned")),
                new OpenComplaint("hum", "It hums", "Ines", "2026-09-14T08:20:00Z", 7),
                new Observe("hum", "o1", new(new(LookKind.Warmth, "b"), SeenCase.Warm, "Ines", "2026-09-14T08:21:00Z")),
            ]);

    /// <summary>The house as a file; or the job of an exercise.</summary>
    public static JobFile AsFile(string id = Id)
    {
        var job = id switch
        {
            Practised when SpotDrill.Make(21, 2, Edition.Nec2023) is var drill => drill.Job with
            {
                Exercise = new(ExerciseKind.Spot, 21, 2, drill.Box),
            },
            Hunted => HuntTeller.Job(HuntDrill.Make(21, 1, Edition.Nec2023)) with { Exercise = new(ExerciseKind.Hunt, 21, 1, "b0") },
            Apart when MakeDrill.Make(21, 1, Edition.Nec2023) is var drill => drill.Job with
            {
                Exercise = new(ExerciseKind.Make, 21, 1, drill.Box),
            },
            _ => Made(),
        };
        return new(JobFile.FormatName, JobFile.CurrentVersion, id, job, job, []);
    }

    /// <summary>Makes each exercise anew, and names it so.</summary>
    public static void Practise(IDictionary<string, string> names, Func<Job, string> made)
    {
        ArgumentNullException.ThrowIfNull(names);
        ArgumentNullException.ThrowIfNull(made);
        names["exercise"] = made(AsFile(Practised).Present);
        names["hunt"] = made(AsFile(Hunted).Present);
        names["make"] = made(AsFile(Apart).Present);
        (names["person"], names["invitation"]) = ("p1", "i1");
    }

    /// <summary>Opens a class with a learner in it, and names it so.</summary>
    public static void Open(IDictionary<string, string> names, ClassStore classes)
    {
        ArgumentNullException.ThrowIfNull(names);
        ArgumentNullException.ThrowIfNull(classes);
        var id = names["class"] = $"evening-{classes.List().Count}";
        SheetAsk sheet = new([SheetKind.Heard, SheetKind.Count], 1, 2, 7, Edition.Nec2023);
        BenchTask task = new("b1", "Bench", Id, "b", [new("polarity", false), new("sheath", false, null, 0.25m)]);
        if ((classes.Make(id, new("Evening", sheet, MarksShown.AtOnce, [], [task])) ?? classes.Sit(id, "Mara", "t").Refusal) is { } why)
        {
            throw new InvalidOperationException(why.ToString());
        }

        (names["code"], names["task"], names["learner"], names["item"]) = (classes.Find(id)!.Code, task.Id, "1", "s1");
    }

    /// <summary>What stands for a name in a question; <c>job</c> is of the house.</summary>
    public static Dictionary<string, string> Names() =>
        new(StringComparer.Ordinal)
        {
            ["job"] = Id,
            ["exercise"] = Practised,
            ["hunt"] = Hunted,
            ["make"] = Apart,
            ["class"] = "evening",
            ["code"] = "nocode",
            ["task"] = "b1",
            ["learner"] = "1",
            ["item"] = "s1",
            ["box"] = "b",
            ["edition"] = "Nec2023",
            ["change"] = "bench-row",
            ["step"] = "u1",
            ["trouble"] = "hum",
            ["pattern"] = "feed-through",
            ["rule"] = "fed",
            ["of"] = "b",
            ["run"] = "on",
            ["panel"] = "p",
            ["wall"] = "w",
            ["kind"] = "pdf",
            ["label"] = "1",
            ["lead"] = "on.a0",
            ["sha"] = new('0', 64),
            ["hot"] = "leg:p/0",
            ["neutral"] = "neutral:p",
            ["file"] = System.Text.Encoding.UTF8.GetString(JobFiles.Write(AsFile())),
        };
}
