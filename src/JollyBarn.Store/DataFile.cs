using Microsoft.EntityFrameworkCore;

namespace JollyBarn.Store;

/// <summary>The SQLite file as one program uses it: anybody reads, one writes at a time.</summary>
internal sealed class DataFile(string path)
{
    private readonly DbContextOptions<JobDb> options = Durable.Options(path);
    private readonly Lock writing = new();

    public string Path => path;

    /// <summary>A new context, for reading.</summary>
    public JobDb Db() => new(options);

    /// <summary>Does something to rows and saves them in one transaction, on the disk when this returns.</summary>
    public void Write(Action<JobDb> work) =>
        Write(db =>
        {
            work(db);
            return true;
        });

    /// <inheritdoc cref="Write(Action{JobDb})"/>
    public T Write<T>(Func<JobDb, T> work)
    {
        // SQLite takes one writer at a time and lets the others try again and again; here they stand in line.
        lock (writing)
        {
            using var db = Db();
            using var transaction = db.Database.BeginTransaction();
            var made = work(db);
            db.SaveChanges();
            transaction.Commit();
            return made;
        }
    }
}
