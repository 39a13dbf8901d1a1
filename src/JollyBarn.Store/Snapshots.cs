using System.Text.Json;
using JollyBarn.Wiring;
using Microsoft.EntityFrameworkCore;

namespace JollyBarn.Store;

/// <summary>Saved states of jobs: read back only when their sum holds.</summary>
internal static class Snapshots
{
    /// <summary>How many steps lie between two.</summary>
    public const int Every = 200;

    public static SnapshotRow Of(string jobId, long version, Job job)
    {
        var bytes = Packing.Pack(job);
        return new()
        {
            JobId = jobId,
            Version = version,
            Bytes = bytes,
            Sum = Sums.Of(bytes),
        };
    }

    /// <summary>The nearest at or before a version that can be read, and its version.</summary>
    /// <exception cref="StoreException">None can be read.</exception>
    public static (long Version, Job Job) Nearest(JobDb db, string jobId, long version)
    {
        Exception? why = null;
        foreach (
            var row in db.Snapshots.AsNoTracking().Where(s => s.JobId == jobId && s.Version <= version).OrderByDescending(s => s.Version)
        )
        {
            try
            {
                if (row.Sum.Length == 0 || row.Sum == Sums.Of(row.Bytes))
                {
                    return (row.Version, Packing.Unpack(row.Bytes));
                }
            }
            catch (Exception problem) when (problem is JsonException or InvalidDataException or StoreException)
            {
                // An earlier one and the log lead to the same state.
                why = problem;
            }
        }

        throw Damage.State(jobId, why);
    }
}
