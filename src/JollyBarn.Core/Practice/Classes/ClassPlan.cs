using System.Text.Json.Serialization;
using JollyBarn.Edits;
using JollyBarn.Practice.Sheets;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Practice.Classes;

/// <summary>When learners see how it went.</summary>
public enum MarksShown
{
    /// <summary>After each answer.</summary>
    AtOnce,

    /// <summary>When the room is closed.</summary>
    AtTheEnd,
}

/// <summary>A question a teacher wrote.</summary>
/// <param name="After">It stands after so many of the generated ones; 0 before the first.</param>
/// <param name="Right">Which of the answers, from 0.</param>
/// <param name="Why">What the teacher says about it; may be empty.</param>
public sealed record OwnQuestion(string Id, int After, string Asks, IReadOnlyList<string> Options, int Right, string Why);

/// <summary>A box to be made with real wire.</summary>
/// <param name="Job">The job it is drawn in.</param>
/// <param name="Points">What is looked at, as it stood when the box was set.</param>
public sealed record BenchTask(string Id, string Name, string Job, Id<Box> Box, IReadOnlyList<BenchPoint> Points);

/// <summary>What a class does: a sheet with own numbers for each, the teacher's own questions between, boxes of real wire.</summary>
public sealed record ClassPlan(
    string Name,
    SheetAsk Sheet,
    MarksShown Shown,
    IReadOnlyList<OwnQuestion> Own,
    IReadOnlyList<BenchTask> Bench
)
{
    public const int MostOwn = 40;
    public const int MostBench = 12;
    public const int MostPoints = 120;
    public const int MostOptions = 8;

    /// <summary>Places of the class, in the order in which they are gone through: the same for every learner.</summary>
    [JsonIgnore]
    public IEnumerable<ClassPlace> Places =>
        [
            .. After(0),
            .. Enumerable.Range(1, Sheet.Items).SelectMany(n => After(n).Prepend(ClassPlace.Of(Sheet, n))),
            .. Bench.Select(ClassPlace.Of),
        ];

    /// <summary>Why this is no plan; null where it is one.</summary>
    public Refusal? Check() =>
        Refuse.BadText(Name, "name")
        ?? Refuse.BadEnum(Shown, "shown")
        ?? Sheet.Check()
        ?? If(Own.Count > MostOwn, () => new(Why.AtMostEach, "own", ("most", MostOwn)))
        ?? If(Bench.Count > MostBench, () => new(Why.AtMostEach, "bench", ("most", MostBench)))
        ?? First(Own.Select(Check).Concat(Bench.Select(Check)))
        ?? If(!OnceEach(Own.Select(q => q.Id).Concat(Bench.Select(b => b.Id))), () => new(Why.IdTaken, "id", ("id", "")));

    /// <summary>Why nobody can be called that; null where one can.</summary>
    public static Refusal? CheckName(string name) => Refuse.BadText(name, "name");

    private static Refusal? Check(OwnQuestion own) =>
        BadId(own.Id, "own.id")
        ?? Refuse.BadText(own.Asks, "own.asks")
        ?? If(own.Options.Count is < 2 or > MostOptions, () => new(Why.OwnOptions, "own.options", ("most", MostOptions)))
        ?? First(own.Options.Select(o => Refuse.BadText(o, "own.options")))
        ?? If(!OnceEach(own.Options), () => new(Why.OwnAlike, "own.options"))
        ?? If(own.Right < 0 || own.Right >= own.Options.Count, () => new(Why.OwnRight, "own.right"))
        ?? Refuse.BadNote(own.Why, "own.why")
        ?? If(own.After is < 0 or > PracticeSheet.MostItems, () => new(Why.CountRange, "own.after", ("most", PracticeSheet.MostItems)));

    private static Refusal? Check(BenchTask task) =>
        BadId(task.Id, "bench.id")
        ?? Refuse.BadText(task.Name, "bench.name")
        ?? If(task.Points.Count is 0 or > MostPoints, () => new(Why.ListSize, "bench.points", ("most", MostPoints)))
        ?? If(!OnceEach(task.Points.Select(p => p.Id)), () => new(Why.IdTaken, "bench.points", ("id", "")));

    private static Refusal? BadId(string id, string field) =>
        Refuse.BadId(id, field) ?? If(IsSheetId(id), () => new(Why.IdTaken, field, ("id", id)));

    private static Refusal? If(bool bad, Func<Refusal> why) => bad ? why() : null;

    private static Refusal? First(IEnumerable<Refusal?> all) => all.FirstOrDefault(r => r is not null);

    private static bool OnceEach(IEnumerable<string> all) => all.GroupBy(a => a, StringComparer.Ordinal).All(g => g.Count() == 1);

    /// <summary>Whether an id is one of the generated items' own.</summary>
    private static bool IsSheetId(string id) => id[0] == 's' && id[1..].All(char.IsAsciiDigit);

    /// <summary>Own questions that stand after so many generated ones; those after more than there are stand at the end.</summary>
    private IEnumerable<ClassPlace> After(int n) => Own.Where(q => Math.Min(q.After, Sheet.Items) == n).Select(ClassPlace.Of);
}

/// <summary>A place of a class: a generated item of a kind, a teacher's own question, or a box of real wire.</summary>
/// <param name="Number">Which of the generated items, from 1.</param>
public sealed record ClassPlace(string Id, int? Number, SheetKind? Kind, OwnQuestion? Own, BenchTask? Bench)
{
    public static ClassPlace Of(SheetAsk sheet, int number) =>
        new($"s{number}", number, PracticeSheet.KindAt(sheet, number - 1), null, null);

    public static ClassPlace Of(OwnQuestion own) => new((own ?? throw new ArgumentNullException(nameof(own))).Id, null, null, own, null);

    public static ClassPlace Of(BenchTask task) => new((task ?? throw new ArgumentNullException(nameof(task))).Id, null, null, null, task);
}
