using System.Collections.Concurrent;
using System.Security.Cryptography;
using JollyBarn.Terms;
using Microsoft.EntityFrameworkCore;

namespace JollyBarn.Store;

/// <content>Pictures: bytes under their hash.</content>
public sealed partial class JobStore
{
    /// <summary>Most bytes of pictures a job may hold.</summary>
    public const long MostOfPictures = 256L * 1024 * 1024;

    /// <summary>How long a picture waits for the edit that says what it belongs to.</summary>
    private static readonly TimeSpan Waits = TimeSpan.FromHours(1);

    private readonly ConcurrentDictionary<(string Job, string Sha), DateTimeOffset> fresh = [];

    /// <summary>Keeps the bytes of a picture under their hash; the same bytes are kept once. Where a job would hold too many, what
    /// nothing in its log names is let go of first.</summary>
    /// <param name="jobId">Id of the job, or of the class, it is kept with.</param>
    /// <returns>Why not; null when it is kept.</returns>
    public Refusal? KeepPhoto(string jobId, string sha, byte[] bytes)
    {
        ArgumentNullException.ThrowIfNull(bytes);
        fresh[(jobId, sha)] = clock.GetUtcNow();
        return file.Write(db =>
        {
            if (db.Photos.Any(p => p.JobId == jobId && p.Sha == sha))
            {
                return null;
            }

            if (Held(db, jobId) + bytes.Length > MostOfPictures)
            {
                Sweep(db, jobId);
                if (Held(db, jobId) + bytes.Length > MostOfPictures)
                {
                    return new Refusal(Why.ManyPictures, null, ("most", MostOfPictures / (1024 * 1024)));
                }
            }

            db.Photos.Add(Photo(jobId, sha, bytes));
            return null;
        });
    }

    /// <summary>True when the bytes of a picture are here.</summary>
    public bool HasPhoto(string jobId, string sha)
    {
        using var db = Db();
        return db.Photos.Any(p => p.JobId == jobId && p.Sha == sha);
    }

    /// <summary>The bytes of a picture, or null when there are none.</summary>
    /// <exception cref="StoreException">They are not what was kept.</exception>
    public byte[]? Photo(string jobId, string sha)
    {
        using var db = Db();
        var bytes = db.Photos.AsNoTracking().Where(p => p.JobId == jobId && p.Sha == sha).Select(p => p.Bytes).FirstOrDefault();
        return bytes is null || Convert.ToHexStringLower(SHA256.HashData(bytes)) == sha ? bytes : throw Damage.Picture(jobId, sha);
    }

    private static long Held(JobDb db, string jobId) => db.Photos.Where(p => p.JobId == jobId).Sum(p => (long)p.Bytes.Length);

    private static PhotoRow Photo(string jobId, string sha, byte[] bytes) =>
        new()
        {
            JobId = jobId,
            Sha = sha,
            Bytes = bytes,
        };

    /// <summary>Lets go of pictures that neither the job nor any step of its log names; those of a class all stay.</summary>
    private void Sweep(JobDb db, string jobId)
    {
        if (!db.Jobs.Any(j => j.Id == jobId))
        {
            return;
        }

        var now = clock.GetUtcNow();
        var named = Held(jobId)?.Now.Job.Photos.Values.Select(p => p.Sha).ToHashSet(StringComparer.Ordinal) ?? [];
        foreach (var sha in db.Photos.Where(p => p.JobId == jobId).Select(p => p.Sha).ToList())
        {
            var waiting = fresh.TryGetValue((jobId, sha), out var since) && now - since < Waits;
            if (!waiting && !named.Contains(sha) && !db.Edits.Any(e => e.JobId == jobId && e.Json.Contains(sha)))
            {
                db.Photos.Where(p => p.JobId == jobId && p.Sha == sha).ExecuteDelete();
                fresh.TryRemove((jobId, sha), out _);
            }
        }
    }
}
