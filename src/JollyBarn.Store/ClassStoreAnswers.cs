using System.Globalization;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using JollyBarn.Practice.Classes;
using JollyBarn.Practice.Sheets;
using JollyBarn.Terms;
using Microsoft.EntityFrameworkCore;

namespace JollyBarn.Store;

/// <content>Who sits in a class, and what was answered.</content>
public sealed partial class ClassStore
{
    /// <summary>A learner sits down; one whom the teacher lets in again gets the old place.</summary>
    /// <param name="token">What the learner's phone shows from then on; only its hash is kept.</param>
    /// <returns>The number of the place, or why there is none.</returns>
    public (int Number, Refusal? Refusal) Sit(string id, string name, string token)
    {
        ArgumentNullException.ThrowIfNull(name);
        var (number, plain, hash) = (0, name.Trim(), Hash(token));
        var refusal = OfClass(id, (db, row) =>
        {
            var all = db.Learners.Where(l => l.ClassId == id).ToList();
            var there = all.Find(l => string.Equals(l.Name, plain, StringComparison.OrdinalIgnoreCase));
            if (row.Closed is not null)
            {
                return new(Why.ClassClosed);
            }

            if (there is { Token.Length: > 0 })
            {
                return new(Why.LearnerSits, "name");
            }

            if (there is null && all.Count >= PracticeSheet.MostLearners)
            {
                return new(Why.RoomFull, null, ("most", PracticeSheet.MostLearners));
            }

            number = there?.Number ?? all.Select(l => l.Number).DefaultIfEmpty().Max() + 1;
            if (there is null)
            {
                db.Learners.Add(
                    new LearnerRow
                    {
                        ClassId = id,
                        Number = number,
                        Name = plain,
                        Token = hash,
                        Came = Now(),
                    }
                );
            }
            else
            {
                there.Token = hash;
            }

            return null;
        });
        return (number, refusal);
    }

    /// <summary>Lets a learner in again whose phone is lost: the next who comes by this name has the place, and the old phone
    /// none.</summary>
    public Refusal? LetIn(string id, int learner) => OfClass(id, (db, _) =>
        {
            if (db.Learners.Find(id, learner) is not { } row)
            {
                return new(Why.NothingAtAddress, null, ("what", What.Learner));
            }

            row.Token = "";
            return null;
        });

    /// <summary>The learner whose phone shows this; null where there is none.</summary>
    public KeptLearner? Seated(string id, string token)
    {
        var hash = Hash(token);
        using var db = file.Db();
        return token.Length > 0 && db.Learners.AsNoTracking().FirstOrDefault(l => l.ClassId == id && l.Token == hash) is { } row
            ? Read(row)
            : null;
    }

    public IReadOnlyList<KeptLearner> Learners(string id)
    {
        using var db = file.Db();
        return [.. db.Learners.AsNoTracking().Where(l => l.ClassId == id).OrderBy(l => l.Number).AsEnumerable().Select(Read)];
    }

    /// <summary>What was begun and answered in a class.</summary>
    /// <param name="learner">Of one learner; null of all.</param>
    public IReadOnlyList<KeptAnswer> Answers(string id, int? learner = null)
    {
        using var db = file.Db();
        return
        [
            .. db
                .Answers.AsNoTracking()
                .Where(a => a.ClassId == id && (learner == null || a.Learner == learner))
                .OrderBy(a => a.Learner)
                .AsEnumerable()
                .Select(Read),
        ];
    }

    /// <summary>Begins work on the Bench: the first job that is begun for a place stays.</summary>
    /// <returns>The job it is worked on in, or why there is none.</returns>
    public (string? Job, Refusal? Refusal) Begin(string id, int learner, string item, Func<string> job)
    {
        ArgumentNullException.ThrowIfNull(job);
        if (Answers(id, learner).FirstOrDefault(a => a.Item == item)?.Job is { } there)
        {
            return (there, null);
        }

        var begun = job();
        var refusal = OfClass(id, (db, row) =>
        {
            if (row.Closed is not null)
            {
                return new(Why.ClassClosed);
            }

            if (db.Answers.Find(id, learner, item) is { } other)
            {
                begun = other.Job!;
                return null;
            }

            db.Answers.Add(
                new AnswerRow
                {
                    ClassId = id,
                    Learner = learner,
                    Item = item,
                    Job = begun,
                    Begun = Now(),
                }
            );
            return null;
        });
        return refusal is null ? (begun, null) : (null, refusal);
    }

    /// <summary>Takes a learner's answer: the first counts, and the same again is the same as once.</summary>
    public Refusal? Answer(string id, int learner, string item, ClassAnswer answer, ClassMark mark, int seconds) => OfClass(id, (db, row) =>
        {
            var text = Text(answer);
            if (db.Answers.Find(id, learner, item) is { } there)
            {
                return there.Answer == text ? null : new Refusal(Why.Answered);
            }

            if (row.Closed is not null)
            {
                return new(Why.ClassClosed);
            }

            db.Answers.Add(Answered(id, learner, item, text, mark, seconds, null));
            return null;
        });

    /// <summary>Keeps what the teacher found at a box of real wire; found anew it is the new.</summary>
    public Refusal? Found(string id, int learner, string item, ClassAnswer answer, ClassMark mark, int seconds, string? photo) =>
        OfClass(id, (db, _) =>
        {
            if (db.Learners.Find(id, learner) is null)
            {
                return new(Why.NothingAtAddress, null, ("what", What.Learner));
            }

            if (db.Answers.Find(id, learner, item) is { } there)
            {
                db.Answers.Remove(there);
                db.SaveChanges();
            }

            db.Answers.Add(Answered(id, learner, item, Text(answer), mark, seconds, photo));
            return null;
        });

    /// <summary>Keeps how work on the Bench went where it belongs to a class; the first mark counts.</summary>
    public void Marked(string job, ClassMark mark)
    {
        using var db = file.Db();
        var begun = db.Answers.AsNoTracking().FirstOrDefault(a => a.Job == job);
        if (begun is not null)
        {
            OfClass(begun.ClassId, (write, row) =>
            {
                var now = Now();
                if (row.Closed is null && write.Answers.Find(begun.ClassId, begun.Learner, begun.Item) is { At: null } there)
                {
                    (there.At, there.Mark) = (now, JsonSerializer.Serialize(mark, ClassJson.Default.ClassMark));
                    there.Seconds = Between(there.Begun, now);
                }
            });
        }
    }

    private AnswerRow Answered(string id, int learner, string item, string answer, ClassMark mark, int seconds, string? photo) =>
        new()
        {
            ClassId = id,
            Learner = learner,
            Item = item,
            Begun = Now(),
            At = Now(),
            Answer = answer,
            Mark = JsonSerializer.Serialize(mark, ClassJson.Default.ClassMark),
            Seconds = Math.Clamp(seconds, 0, MostSeconds),
            Photo = photo,
        };

    private static KeptLearner Read(LearnerRow row) =>
        row.Sum == row.Summed ? new(row.Number, row.Name, row.Came, row.Token.Length == 0) : throw Damage.List("list of learners");

    private static KeptAnswer Read(AnswerRow row) =>
        row.Sum == row.Summed
            ? new(
                row.Learner,
                row.Item,
                row.Job,
                row.Begun,
                row.At,
                row.Answer.Length > 0 ? Read(row.Answer, ClassJson.Default.ClassAnswer) : null,
                row.Mark.Length > 0 ? Read(row.Mark, ClassJson.Default.ClassMark) : null,
                row.Seconds,
                row.Photo
            )
            : throw Damage.List("list of answers");

    private static string Text(ClassAnswer answer) => JsonSerializer.Serialize(answer, ClassJson.Default.ClassAnswer);

    private static string Hash(string token) => Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(token)));

    private static int Between(string from, string to) => (int)Math.Clamp((Time(to) - Time(from)).TotalSeconds, 0, MostSeconds);

    private static DateTimeOffset Time(string text) => DateTimeOffset.Parse(text, CultureInfo.InvariantCulture);
}
