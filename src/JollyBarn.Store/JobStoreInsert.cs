using System.Text.Json;
using JollyBarn.Edits;
using JollyBarn.OpenFile;
using JollyBarn.Telling.History;
using JollyBarn.Terms;
using JollyBarn.Wiring;
using Microsoft.EntityFrameworkCore;

namespace JollyBarn.Store;

/// <content>Jobs made, copied and taken in.</content>
public sealed partial class JobStore
{
    /// <summary>Makes a job. Making one that exists with the same id and name again is the same as once.</summary>
    public Refusal? Create(string id, string name) =>
        new RenameJob(name).Check(Job.Blank(""))
        ?? Insert(id, Job.Blank(name.Trim()), Job.Blank(name.Trim()), [], false, existing => existing.Name == name.Trim());

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
        return new RenameJob(name).Check(copy) ?? Insert(newId, copy, copy, [], false, existing => existing.Name == name.Trim(), photos);
    }

    /// <summary>Takes a file in.</summary>
    /// <param name="replace">True to put it in the place of a job with this id.</param>
    /// <param name="photos">Bytes of its pictures by hash.</param>
    public Refusal? Import(string id, JobFile file, bool replace, IReadOnlyDictionary<string, byte[]>? photos = null) =>
        Insert(id, file.Start, file.Present, file.History, replace, _ => false, photos);

    private Refusal? Insert(
        string id,
        Job start,
        Job present,
        IReadOnlyList<HistoryLine> history,
        bool replace,
        Func<JobRow, bool> same,
        IReadOnlyDictionary<string, byte[]>? photos = null
    )
    {
        if (!Ids.IsGood(id))
        {
            return new(Why.NotAnId, "id", ("id", Ids.Shown(id)));
        }

        if (replace)
        {
            return Apart(id, Written);
        }

        lock (creating)
        {
            return Written();
        }

        Refusal? Written()
        {
            using var db = Db();
            using var transaction = db.Database.BeginTransaction();
            if (db.Jobs.Find(id) is { } existing)
            {
                if (!replace)
                {
                    return same(existing) ? null : new(Why.JobThere, "id");
                }

                db.Edits.Where(e => e.JobId == id).ExecuteDelete();
                db.Snapshots.Where(s => s.JobId == id).ExecuteDelete();
                db.Boxes.Where(b => b.JobId == id).ExecuteDelete();
                db.Photos.Where(p => p.JobId == id).ExecuteDelete();
                db.Jobs.Remove(existing);
                db.SaveChanges();
            }

            db.Jobs.Add(
                new JobRow
                {
                    Id = id,
                    Name = present.Name,
                    Version = history.Count,
                    Created = Now(),
                    Changed = history.Count > 0 ? history[^1].At : Now(),
                }
            );
            db.Snapshots.Add(
                new SnapshotRow
                {
                    JobId = id,
                    Version = 0,
                    Bytes = Packing.Pack(start),
                }
            );
            if (history.Count > 0)
            {
                db.Snapshots.Add(
                    new SnapshotRow
                    {
                        JobId = id,
                        Version = history.Count,
                        Bytes = Packing.Pack(present),
                    }
                );
            }

            var job = start;
            foreach (var (line, index) in history.Select((line, index) => (line, index)))
            {
                db.Edits.Add(
                    new EditRow
                    {
                        JobId = id,
                        Version = index + 1,
                        EditId = line.Id,
                        By = line.By,
                        At = line.At,
                        Says = line.Edit.Tell(job),
                        Json = JsonSerializer.Serialize(line.Edit, JobJson.Default.Edit),
                    }
                );
                job = line.Edit.Apply(job);
            }

            db.Photos.AddRange(
                (photos ?? new Dictionary<string, byte[]>()).Select(p => new PhotoRow
                {
                    JobId = id,
                    Sha = p.Key,
                    Bytes = p.Value,
                })
            );
            db.Boxes.AddRange(Projections.All(id, present, new Judged()));
            db.SaveChanges();
            transaction.Commit();
            jobs.TryRemove(id, out _);
            return null;
        }
    }
}
