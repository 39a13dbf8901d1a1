using System.Globalization;
using System.Security.Cryptography;
using System.Text.Json;
using System.Text.Json.Serialization.Metadata;
using JollyBarn.Practice.Classes;
using JollyBarn.Terms;
using JollyBarn.Wiring;
using Microsoft.EntityFrameworkCore;

namespace JollyBarn.Store;

/// <summary>Classes of a data file: what they do, who sits in them, what was answered. What is kept is on the disk when a call
/// returns.</summary>
public sealed partial class ClassStore
{
    /// <summary>More classes than these nobody keeps apart.</summary>
    public const int MostClasses = 500;

    public const int MostSeconds = 86_400;

    /// <summary>Letters of a code: none that is read for another.</summary>
    private const string Letters = "abcdefghkmnpqrstuvwxyz";
    private const int CodeLength = 6;

    private readonly DataFile file;
    private readonly TimeProvider clock;

    internal ClassStore(DataFile file, TimeProvider clock) => (this.file, this.clock) = (file, clock);

    /// <summary>What the pictures of a class are kept with: the id of no job.</summary>
    public static string Pictures(string id) => $"class:{id}";

    /// <summary>Raised with its id when anything of a class changed.</summary>
    public event Action<string>? Changed;

    /// <summary>All classes, the youngest first.</summary>
    public IReadOnlyList<KeptClass> List()
    {
        using var db = file.Db();
        return [.. db.Classes.AsNoTracking().OrderByDescending(c => c.Made).AsEnumerable().Select(Read)];
    }

    public KeptClass? Find(string id)
    {
        using var db = file.Db();
        return db.Classes.AsNoTracking().FirstOrDefault(c => c.Id == id) is { } row ? Read(row) : null;
    }

    /// <summary>The class a code leads into, whatever its letters' case; null where there is none.</summary>
    public KeptClass? ByCode(string code)
    {
        ArgumentNullException.ThrowIfNull(code);
        var plain = code.Trim().ToLowerInvariant();
        using var db = file.Db();
        return db.Classes.AsNoTracking().FirstOrDefault(c => c.Code == plain) is { } row ? Read(row) : null;
    }

    /// <summary>Makes a class; made again with the same id and plan it is the same.</summary>
    public Refusal? Make(string id, ClassPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        if (!Ids.IsGood(id))
        {
            return new(Why.NotAnId, "id", ("id", Ids.Shown(id)));
        }

        var text = Text(plan);
        return plan.Check() ?? Did(id, db =>
            {
                if (db.Classes.Find(id) is { } there)
                {
                    return there.Plan == text ? null : new Refusal(Why.IdTaken, "id", ("id", id));
                }

                if (db.Classes.Count() >= MostClasses)
                {
                    return new(Why.ManyClasses, null, ("most", MostClasses));
                }

                db.Classes.Add(
                    new ClassRow
                    {
                        Id = id,
                        Code = NewCode(db),
                        Made = Now(),
                        Plan = text,
                    }
                );
                return null;
            });
    }

    /// <summary>Changes what a class does; what was answered stays, and so does the sheet once somebody sits over it.</summary>
    public Refusal? Plan(string id, ClassPlan plan) => plan.Check() ?? OfClass(id, (db, row) =>
        {
            if (db.Learners.Any(l => l.ClassId == id) && !plan.Sheet.Same(Read(row).Plan.Sheet))
            {
                return new(Why.SheetStays, "sheet");
            }

            row.Plan = Text(plan);
            return null;
        });

    /// <summary>Stops taking answers, or takes them again.</summary>
    public Refusal? Close(string id, bool closed) => OfClass(id, (_, row) => row.Closed = closed ? row.Closed ?? Now() : null);

    /// <summary>Takes a class away, with its learners, answers and pictures.</summary>
    public Refusal? Remove(string id) => OfClass(id, (db, row) =>
        {
            db.Answers.Where(a => a.ClassId == id).ExecuteDelete();
            db.Learners.Where(l => l.ClassId == id).ExecuteDelete();
            var pictures = Pictures(id);
            db.Photos.Where(p => p.JobId == pictures).ExecuteDelete();
            db.Classes.Remove(row);
        });

    private Refusal? OfClass(string id, Action<JobDb, ClassRow> work) => OfClass(id, (db, row) =>
        {
            work(db, row);
            return null;
        });

    private Refusal? OfClass(string id, Func<JobDb, ClassRow, Refusal?> work) =>
        Did(id, db => db.Classes.Find(id) is { } row ? work(db, row) : new(Why.NothingAtAddress, null, ("what", What.Class)));

    private Refusal? Did(string id, Func<JobDb, Refusal?> work)
    {
        var refusal = file.Write(work);
        if (refusal is null)
        {
            Changed?.Invoke(id);
        }

        return refusal;
    }

    private static string NewCode(JobDb db)
    {
        while (true)
        {
            var code = RandomNumberGenerator.GetString(Letters, CodeLength);
            if (!db.Classes.Any(c => c.Code == code))
            {
                return code;
            }
        }
    }

    private static KeptClass Read(ClassRow row) =>
        row.Sum == row.Summed
            ? new(row.Id, row.Code, row.Made, row.Closed, Read(row.Plan, ClassJson.Default.ClassPlan))
            : throw Damage.List("list of classes");

    /// <summary>What is kept as JSON. What does not read is trouble with the file, and nobody's request.</summary>
    private static T Read<T>(string json, JsonTypeInfo<T> kind)
    {
        try
        {
            return JsonSerializer.Deserialize(json, kind) ?? throw Damage.List("list of classes");
        }
        catch (JsonException)
        {
            throw Damage.List("list of classes");
        }
    }

    private static string Text(ClassPlan plan) => JsonSerializer.Serialize(plan, ClassJson.Default.ClassPlan);

    private string Now() => clock.GetUtcNow().ToString("yyyy-MM-ddTHH:mm:ss.fffZ", CultureInfo.InvariantCulture);
}
