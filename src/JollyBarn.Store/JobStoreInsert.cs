using JollyBarn.Edits;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Store;

/// <content>Jobs made, copied and taken in.</content>
public sealed partial class JobStore
{
    /// <summary>Makes a job. Making one that exists with the same id and name again is the same as once.</summary>
    public Refusal? Create(string id, string name) =>
        new RenameJob(name).Check(Job.Blank(""))
        ?? Insert(id, Job.Blank(name.Trim()), Job.Blank(name.Trim()), [], existing => Is(existing, name));

    /// <summary>Copies a job as it is now, without its history.</summary>
    public Refusal? Copy(string id, string newId, string name)
    {
        if (Find(id) is not { } job)
        {
            return new(Why.NoSuchJob, "id");
        }

        var copy = job.Now.Job with { Name = name.Trim() };
        var photos = copy
            .Photos.Values.Select(p => p.Sha)
            .Distinct()
            .Select(sha => (Sha: sha, Bytes: Photo(id, sha)))
            .Where(p => p.Bytes is not null)
            .ToDictionary(p => p.Sha, p => p.Bytes!);
        return new RenameJob(name).Check(copy) ?? Insert(newId, copy, copy, [], existing => Is(existing, name), photos);
    }

    /// <summary>Takes in a job made to learn by.</summary>
    /// <returns>Its id; a new one each time, so that nobody's work is another's.</returns>
    public string Practise(Job job)
    {
        ArgumentNullException.ThrowIfNull(job);
        var id = $"practice-{Guid.NewGuid():N}";
        return Insert(id, job, job, [], _ => false) is { } refusal ? throw new StoreException(refusal.ToString()) : id;
    }

    /// <summary>Shows what the rules say of a job made to learn by, once it was graded.</summary>
    public void ShowExercise(string id) => Find(id)?.DoFor($"shown-{Guid.NewGuid():N}", Program, new ShowExercise());

    /// <summary>True for a job of an exercise: whoever has its address may work on it.</summary>
    public bool IsExercise(string id) => Find(id) is { Now.Job.Exercise: not null };

    /// <summary>What a learner does in a job made to learn by; null where there is none.</summary>
    public PostResult? DoExercise(string id, string by, Edit edit) =>
        Find(id) is { Now.Job.Exercise: not null } job ? job.DoFor($"practice-{Guid.NewGuid():N}", by, edit) : null;

    /// <summary>Takes a file in as a job that is not here yet.</summary>
    /// <param name="photos">Bytes of its pictures by hash.</param>
    public Refusal? Import(string id, JobFile file, IReadOnlyDictionary<string, byte[]>? photos = null) =>
        Insert(id, file.Start, file.Present, file.History, _ => false, photos);

    /// <summary>Puts the job of a file in the place of one that is here, as a step of its log.</summary>
    /// <returns>What came of it; null when there is no such job.</returns>
    public PostResult? Replace(string id, JobFile file, StepPost step, IReadOnlyDictionary<string, byte[]>? photos = null)
    {
        ArgumentNullException.ThrowIfNull(file);
        ArgumentNullException.ThrowIfNull(step);
        if (Held(id) is not { } job)
        {
            return null;
        }

        foreach (var (sha, bytes) in photos ?? new Dictionary<string, byte[]>())
        {
            if (KeepPhoto(id, sha, bytes) is { } refusal)
            {
                return new Refused(refusal);
            }
        }

        var start = JobJson.Text(file.Start) == JobJson.Text(job.JobAt(0)!) ? null : file.Start;
        return job.DoFor(step.Id, step.By, new ReplaceJob(file.Present, [.. file.History.Where(l => !job.Has(l.Id))], start));
    }

    private static bool Is(JobRow existing, string name) => existing.Binned is null && existing.Name == name.Trim();

    private Refusal? Insert(
        string id,
        Job start,
        Job present,
        IReadOnlyList<HistoryLine> history,
        Func<JobRow, bool> same,
        IReadOnlyDictionary<string, byte[]>? photos = null
    )
    {
        if (!Ids.IsGood(id))
        {
            return new(Why.NotAnId, "id", ("id", Ids.Shown(id)));
        }

        if (photos?.Values.Sum(p => (long)p.Length) > MostOfPictures)
        {
            return new(Why.ManyPictures, null, ("most", MostOfPictures / (1024 * 1024)));
        }

        var rows = Rows(id, start, history);
        var refusal = file.Write(db =>
        {
            if (db.Jobs.Find(id) is { } existing)
            {
                return same(existing) ? null : new Refusal(Why.JobThere, "id");
            }

            db.Jobs.Add(
                new JobRow
                {
                    Id = id,
                    Name = present.Name,
                    Version = history.Count,
                    Created = Now(),
                    Changed = history.Count > 0 ? history[^1].At : Now(),
                    Binned = present.Binned ? Now() : null,
                    Projected = -1,
                    Exercise = present.Exercise is not null,
                }
            );
            db.Snapshots.Add(Snapshots.Of(id, 0, start));
            if (history.Count > 0)
            {
                db.Snapshots.Add(Snapshots.Of(id, history.Count, present));
            }

            db.Edits.AddRange(rows);
            db.Photos.AddRange((photos ?? new Dictionary<string, byte[]>()).Select(p => Photo(id, p.Key, p.Value)));
            return null;
        });
        projector.Behind(id);
        return refusal;
    }

    private static List<EditRow> Rows(string id, Job start, IReadOnlyList<HistoryLine> history)
    {
        var rows = new List<EditRow>(history.Count);
        var (job, last) = (start, "");
        foreach (var line in history)
        {
            var next = line.Edit.Apply(job);
            rows.Add(LogRows.Make(id, rows.Count + 1, (line.Id, line.By, line.At), line.Edit, job, next, "", last, out _));
            (job, last) = (next, rows[^1].Sum);
        }

        return rows;
    }
}
