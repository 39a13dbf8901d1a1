using JollyBarn.Connection;
using JollyBarn.Wiring;
using Microsoft.EntityFrameworkCore;

namespace JollyBarn.Store;

/// <content>Rows that feed lists, made behind the edits.</content>
public sealed partial class OpenJob
{
    /// <summary>The state the rows are of; null where they are to be made whole.</summary>
    private Standing? projected;
    private long saved = -1;

    /// <summary>True when the rows are not of the newest state.</summary>
    internal bool IsBehind => projected?.Version != Now.Version;

    /// <summary>Makes the rows of the newest state, and saves the state when many steps lie behind the last one saved.</summary>
    /// <returns>False when there is a newer one already.</returns>
    internal bool Project()
    {
        var now = Volatile.Read(ref standing);
        var rows = Differing(projected, now) is { } changed
            ? [.. changed.Select(id => (id, Row: Row(now, id)))]
            : now.Job.Boxes.Ids.Select(id => (id, Row: Row(now, id))).ToList();
        file.Write(db =>
        {
            if (projected is null)
            {
                db.Boxes.Where(b => b.JobId == Id).ExecuteDelete();
            }

            foreach (var (id, row) in rows)
            {
                Put(db, id, row);
            }

            db.Jobs.Where(j => j.Id == Id)
                .ExecuteUpdate(j => j.SetProperty(r => r.Projected, now.Version).SetProperty(r => r.ProjectedBy, Projections.Way));
            saved = saved < 0 ? db.Snapshots.Where(s => s.JobId == Id).Max(s => s.Version) : saved;
            if (now.Version - saved >= Snapshots.Every)
            {
                db.Snapshots.Add(Snapshots.Of(Id, now.Version, now.Job));
                saved = now.Version;
            }
        });
        projected = now;
        return Now.Version == now.Version;
    }

    private static IEnumerable<Id<Box>>? Differing(Standing? before, Standing now) =>
        before is null || Touched.Everything(before.Job, now.Job) || !ReferenceEquals(before.Job.Sources, now.Job.Sources)
            ? null
            : Touched.Boxes(before.Job, now.Job).Union(Connected.Near(before.Job, now.Job));

    private void Put(JobDb db, Id<Box> id, BoxRow? row)
    {
        var old = projected is null ? null : db.Boxes.Find(Id, id.Text);
        if (row is null)
        {
            if (old is not null)
            {
                db.Boxes.Remove(old);
            }
        }
        else if (old is null)
        {
            db.Boxes.Add(row);
        }
        else
        {
            db.Entry(old).CurrentValues.SetValues(row);
        }
    }

    /// <summary>The row of a box; null for none, and for one in the bin.</summary>
    private BoxRow? Row(Standing at, Id<Box> id) =>
        at.Job.Boxes.Find(id) is { Binned: false } box ? Projections.Row(Id, id, box, at.Job, Judged) : null;
}
